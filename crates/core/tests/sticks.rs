//! What holds of every plan of sticks, whatever is asked.

use std::collections::BTreeMap;

use proptest::prelude::*;
use sturvek_core::cutting::sticks::{
    Effort, NoPlan, Saw, SectionWanted, StickPlan, StickStock, Wanted, plan_sections, plan_sticks,
};
use sturvek_core::measure::{Cents, Length};

/// Lengths in sixteenths.
fn sixteenths(count: i64) -> Length {
    Length::inches_and(0, count, 16)
}

fn wanted() -> impl Strategy<Value = Vec<Wanted>> {
    let piece = (8i64..16 * 200, 1u32..5).prop_map(|(length, count)| Wanted { length: sixteenths(length), count });
    prop::collection::vec(piece, 0..12)
}

fn stock() -> impl Strategy<Value = Vec<StickStock>> {
    let stick = (5i64..20, 0i64..60, prop::option::weighted(0.3, 0u32..9)).prop_map(|(feet, more, available)| {
        StickStock { length: Length::feet(feet), price: Cents(50 * feet + more), available }
    });
    prop::collection::vec(stick, 0..7)
}

fn kerf() -> impl Strategy<Value = Length> {
    prop_oneof![
        Just(Length::ZERO),
        Just(Length::inches_and(0, 1, 8)),
        Just(Length::millimeters(3)),
        Just(Length::inches_and(0, 5, 32)),
    ]
}

/// Every piece once, no stick over its length with the kerfs, no more sticks than there are, the money as the sticks cost.
fn holds(plan: &StickPlan, wanted: &[Wanted], stock: &[StickStock], saw: Saw) {
    let mut left: BTreeMap<Length, i64> = BTreeMap::new();
    for piece in wanted {
        *left.entry(piece.length).or_default() += i64::from(piece.count);
    }
    let mut taken = vec![0; stock.len()];
    let mut cost = Cents::ZERO;
    let mut cut = Length::ZERO;
    let mut bought = Length::ZERO;
    for stick in &plan.sticks {
        let from = stock[stick.stock];
        let kerfs: Length = stick.cuts.iter().skip(1).map(|_| saw.kerf).sum();
        let pieces: Length = stick.cuts.iter().copied().sum();
        assert!(pieces + kerfs <= from.length + saw.tolerance, "{stick:?} on {from:?}");
        assert!(0 < stick.count && !stick.cuts.is_empty());
        taken[stick.stock] += stick.count;
        cost += from.price * stick.count;
        for _ in 0..stick.count {
            cut += pieces;
            bought += from.length;
            for length in &stick.cuts {
                *left.entry(*length).or_default() -= 1;
            }
        }
    }
    assert!(left.values().all(|count| *count == 0), "{left:?}");
    assert!(stock.iter().zip(&taken).all(|(stick, taken)| stick.available.is_none_or(|there| *taken <= there)));
    assert_eq!(plan.cost, cost);
    assert_eq!(plan.waste(stock), bought - cut);
    assert!(plan.bound <= plan.cost);
    assert!(plan.first_fit.is_none_or(|simple| plan.cost <= simple));
    assert!(plan.one_stick_each.is_none_or(|each| plan.cost <= each));
}

const EFFORT: Effort = Effort(400_000);

proptest! {
    #![proptest_config(ProptestConfig { cases: 200, ..ProptestConfig::default() })]

    #[test]
    fn every_piece_is_cut_once_and_no_stick_is_too_short(wanted in wanted(), stock in stock(), kerf in kerf()) {
        let saw = Saw { kerf, ..Saw::default() };
        match plan_sticks(&wanted, &stock, saw, EFFORT) {
            Ok(plan) => holds(&plan, &wanted, &stock, saw),
            Err(NoPlan::TooLong { piece, longest }) => prop_assert!(longest.is_none_or(|longest| longest < piece)),
            Err(NoPlan::NotEnough { .. }) => prop_assert!(stock.iter().any(|stick| stick.available.is_some())),
        }
    }

    #[test]
    fn the_order_of_what_is_asked_changes_nothing(wanted in wanted(), stock in stock(), kerf in kerf()) {
        let saw = Saw { kerf, ..Saw::default() };
        let (mut turned, mut stock_turned) = (wanted.clone(), stock.clone());
        turned.reverse();
        stock_turned.reverse();
        let money = |plan: Result<StickPlan, NoPlan>| plan.map(|plan| (plan.cost, plan.bound, plan.first_fit));
        prop_assert_eq!(
            money(plan_sticks(&wanted, &stock, saw, EFFORT)),
            money(plan_sticks(&turned, &stock_turned, saw, EFFORT))
        );
    }

    #[test]
    fn more_to_choose_from_never_costs_more(wanted in wanted(), stock in stock(), more in stock()) {
        let saw = Saw::default();
        let both: Vec<StickStock> = stock.iter().chain(&more).copied().collect();
        let fewer = plan_sticks(&wanted, &stock, saw, EFFORT);
        let plan = plan_sticks(&wanted, &both, saw, EFFORT);
        if let (Ok(fewer), Ok(plan)) = (fewer, plan) {
            prop_assert!(plan.bound <= fewer.cost);
            if plan.is_optimal() && fewer.is_optimal() {
                prop_assert!(plan.cost <= fewer.cost);
            }
        }
    }

    #[test]
    fn what_is_proven_is_what_trying_everything_finds(
        lengths in prop::collection::vec(16i64..16 * 120, 1..6), stock in stock(), kerf in kerf()
    ) {
        let saw = Saw { kerf, ..Saw::default() };
        let wanted: Vec<Wanted> = lengths.iter().map(|length| Wanted { length: sixteenths(*length), count: 1 }).collect();
        let least = everything_tried(&wanted, &stock, saw);
        match plan_sticks(&wanted, &stock, saw, EFFORT) {
            Ok(plan) => {
                prop_assert_eq!(Some(plan.cost), least);
                prop_assert!(plan.is_optimal());
            }
            Err(_) => prop_assert_eq!(least, None),
        }
    }
}

/// The least cost, by putting every piece on every open stick and on every new one.
fn everything_tried(wanted: &[Wanted], stock: &[StickStock], saw: Saw) -> Option<Cents> {
    fn go(
        rest: &[Wanted],
        open: &mut Vec<(usize, Length)>,
        left: &mut Vec<u32>,
        cost: Cents,
        best: &mut Option<Cents>,
        (stock, saw): (&[StickStock], Saw),
    ) {
        if best.is_some_and(|best| best <= cost) {
            return;
        }
        let Some((piece, rest)) = rest.split_first() else {
            *best = Some(cost);
            return;
        };
        let takes = piece.length + saw.kerf;
        for place in 0..open.len() {
            if takes <= open[place].1 {
                open[place].1 -= takes;
                go(rest, open, left, cost, best, (stock, saw));
                open[place].1 += takes;
            }
        }
        for (number, stick) in stock.iter().enumerate() {
            let room = stick.length + saw.kerf + saw.tolerance;
            if 0 < left[number] && takes <= room {
                left[number] -= 1;
                open.push((number, room - takes));
                go(rest, open, left, cost + stick.price, best, (stock, saw));
                open.pop();
                left[number] += 1;
            }
        }
    }
    let mut left: Vec<u32> = stock.iter().map(|stick| stick.available.unwrap_or(9)).collect();
    let mut best = None;
    go(wanted, &mut Vec::new(), &mut left, Cents::ZERO, &mut best, (stock, saw));
    best
}

#[test]
fn sections_are_planned_each_by_itself() {
    let studs = [Wanted { length: Length::inches(90), count: 7 }];
    let sills = [Wanted { length: Length::inches(40), count: 4 }];
    let stock = [StickStock { length: Length::feet(8), price: Cents(398), available: None }];
    let short = [StickStock { length: Length::feet(3), price: Cents(100), available: None }];
    let ask = |wanted, stock| SectionWanted { wanted, stock };
    let plans =
        plan_sections(&[ask(&studs[..], &stock[..]), ask(&sills, &short), ask(&sills, &stock)], Saw::default(), EFFORT);
    let cost = |place: usize| plans[place].as_ref().map(|plan| plan.cost);
    assert_eq!(cost(0), Ok(Cents(7 * 398)));
    assert_eq!(cost(1), Err(&NoPlan::TooLong { piece: Length::inches(40), longest: Some(Length::feet(3)) }));
    assert_eq!(cost(2), Ok(Cents(2 * 398)));
}

#[test]
fn too_few_sticks_are_proven_too_few() {
    let wanted = [Wanted { length: Length::inches(60), count: 9 }];
    let stock = [StickStock { length: Length::feet(8), price: Cents(398), available: Some(8) }];
    let none = plan_sticks(&wanted, &stock, Saw::default(), EFFORT);
    assert_eq!(none, Err(NoPlan::NotEnough { pieces: 9, proven: true }));
}

#[test]
fn a_kerf_between_two_pieces_is_counted_and_the_last_one_is_not() {
    let stock = [StickStock { length: Length::feet(8), price: Cents(398), available: None }];
    let sticks = |length| {
        let plan = plan_sticks(&[Wanted { length, count: 2 }], &stock, Saw::default(), EFFORT).expect("fits");
        plan.sticks.iter().map(|stick| stick.count).sum::<u32>()
    };
    assert_eq!(sticks(Length::inches_and(47, 15, 16)), 1);
    assert_eq!(sticks(Length::inches(48)), 2);
}

/// The kerf that is not rounded up: three pieces and two kerfs of 3 mm fill the stick to the nanometer.
#[test]
fn a_kerf_in_millimeters_is_exact() {
    let length = Length::millimeters(798);
    let stick = length + length + length + Length::millimeters(6);
    let stock = [StickStock { length: stick, price: Cents(1), available: None }];
    let saw = Saw { kerf: Length::millimeters(3), tolerance: Length::ZERO };
    let plan = plan_sticks(&[Wanted { length, count: 3 }], &stock, saw, EFFORT).expect("fits");
    assert_eq!((plan.sticks.len(), plan.waste(&stock)), (1, Length::millimeters(6)));
}

/// The dearest sticks that are read, far too few of them: what is missing is worth more and more, and stays a number.
#[test]
fn dear_sticks_that_are_too_few_are_counted_without_running_over() {
    let wanted: Vec<Wanted> = (0..40).map(|each| Wanted { length: Length::inches(1 + each), count: 480 }).collect();
    let stock = [StickStock { length: Length::inches(1200), price: Cents(10_000_000), available: Some(3) }];
    let none = plan_sticks(&wanted, &stock, Saw::default(), Effort(3_000_000));
    assert!(matches!(none, Err(NoPlan::NotEnough { pieces: 19_200, .. })), "{none:?}");
}
