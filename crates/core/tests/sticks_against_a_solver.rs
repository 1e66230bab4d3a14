//! Cut plans against HiGHS over an arc-flow model, from PyPI: the same least cost, and no bound over it.

#[path = "solvers/cut_plans.rs"]
mod cut_plans;

use rand::rngs::SmallRng;
use rand::{RngExt, SeedableRng};
use sturvek_core::cutting::sticks::{Effort, Saw, StickStock, Wanted, plan_sticks};
use sturvek_core::measure::{Cents, Length};

/// A section such as a small wall has: studs, jacks, sills, blocks, a few lengths of its own.
fn section(seed: u64) -> (Vec<Wanted>, Vec<StickStock>) {
    let mut chance = SmallRng::seed_from_u64(seed);
    let usual = [1482, 1300, 648, 232, 220, 608];
    let wanted = (0..7)
        .map(|_| {
            let of_its_own = chance.random_range(96..3000);
            let sixteenths =
                if chance.random_bool(0.5) { usual[chance.random_range(0..usual.len())] } else { of_its_own };
            Wanted { length: Length::inches_and(0, sixteenths, 16), count: chance.random_range(1..6) }
        })
        .collect();
    let stock = [8, 10, 12, 14, 16, 20]
        .map(|feet| StickStock {
            length: Length::feet(feet),
            price: Cents(feet * 48 + chance.random_range(0..40)),
            available: chance.random_bool(0.15).then(|| chance.random_range(0..6)).filter(|_| feet < 20),
        })
        .to_vec();
    (wanted, stock)
}

#[test]
fn the_least_cost_is_the_one_that_another_solver_proves() {
    let sections: Vec<_> = (0..25).map(section).collect();
    let saw = Saw::default();
    let theirs = cut_plans::solved_by_another(&sections, saw, 60);
    let mut proven = 0;
    for (seed, ((wanted, stock), their)) in sections.iter().zip(&theirs).enumerate() {
        assert_eq!(their["proven"], true, "section {seed} is small enough to be proven");
        let least = their["cost"].as_i64().expect("a plan");
        let plan = plan_sticks(wanted, stock, saw, Effort::default()).expect("20 ft sticks are always there");
        assert_eq!(plan.cost.0, least, "section {seed}");
        assert!(plan.bound.0 <= least, "section {seed}");
        proven += usize::from(plan.is_optimal());
    }
    assert!(20 <= proven, "most are proven: {proven} of {}", sections.len());
}
