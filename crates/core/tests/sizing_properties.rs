//! What has to hold for every opening: shorter, deeper, stronger or less load never turns a pass into a fail; mirrored loads
//! give mirrored ends; what is outside its limits stays without a number.

mod common;

use common::{judged, opening, sawn};
use proptest::prelude::*;
use sturvek_core::loads::{ByKind, LoadKind};
use sturvek_core::lumber::{Depth, Grade, HeaderSpec, Species};
use sturvek_core::measure::{Force, Length, LineLoad};
use sturvek_core::sizing::existing::capability;
use sturvek_core::sizing::reach::reach;
use sturvek_core::sizing::{HeaderRun, OpeningLoad, OpeningProblem, Post, evaluate};

const SPECIES: [Species; 4] = Species::ALL;

fn any_load(clear: i64) -> impl Strategy<Value = OpeningLoad> {
    let kinds = (0.0..500.0_f64, 0.0..400.0_f64, 0.0..300.0_f64, 0.0..500.0_f64).prop_map(
        |(dead, floor_live, roof_live, snow)| {
            ByKind::of([
                (LoadKind::Dead, dead),
                (LoadKind::FloorLive, floor_live),
                (LoadKind::RoofLive, roof_live),
                (LoadKind::Snow, snow),
            ])
        },
    );
    let inside = (1..clear, 1..clear).prop_map(|(a, b)| (a.min(b), a.max(b) + 1));
    prop_oneof![
        kinds.clone().prop_map(|amount| OpeningLoad::Line { amount: amount.map(LineLoad::plf), extent: None }),
        (kinds.clone(), kinds.clone(), inside).prop_map(|(start, end, (from, to))| OpeningLoad::Sloped {
            at_start: start.map(LineLoad::plf),
            at_end: end.map(LineLoad::plf),
            extent: (Length::inches(from), Length::inches(to)),
        }),
        (kinds, 1..clear).prop_map(|(amount, at)| OpeningLoad::Point {
            amount: amount.map(|pounds| Force::lbf(4.0 * pounds)),
            at: Length::inches(at),
        }),
    ]
}

fn any_problem() -> impl Strategy<Value = OpeningProblem> {
    (24_i64..180)
        .prop_flat_map(|clear| (Just(clear), prop::collection::vec(any_load(clear), 1..4)))
        .prop_map(|(clear, loads)| opening(clear, loads))
}

fn mirrored(problem: &OpeningProblem) -> OpeningProblem {
    let mirror = |load: &OpeningLoad| match load {
        OpeningLoad::Line { amount, extent } => OpeningLoad::Line {
            amount: *amount,
            extent: extent.map(|(from, to)| (problem.clear - to, problem.clear - from)),
        },
        OpeningLoad::Sloped { at_start, at_end, extent: (from, to) } => OpeningLoad::Sloped {
            at_start: *at_end,
            at_end: *at_start,
            extent: (problem.clear - *to, problem.clear - *from),
        },
        OpeningLoad::Point { amount, at } => OpeningLoad::Point { amount: *amount, at: problem.clear - *at },
    };
    let post = |post: &Post| Post { at: problem.clear - post.at, ..*post };
    let run = HeaderRun {
        posts: problem.run.posts.iter().rev().map(post).collect(),
        past: sturvek_core::measure::Ends { left: problem.run.past.right, right: problem.run.past.left },
    };
    OpeningProblem { loads: problem.loads.iter().map(mirror).collect(), run, ..problem.clone() }
}

fn lighter(problem: &OpeningProblem, factor: f64) -> OpeningProblem {
    let scale = |load: &OpeningLoad| match load {
        OpeningLoad::Line { amount, extent } => {
            OpeningLoad::Line { amount: amount.map(|line| line * factor), extent: *extent }
        }
        OpeningLoad::Sloped { at_start, at_end, extent } => OpeningLoad::Sloped {
            at_start: at_start.map(|line| line * factor),
            at_end: at_end.map(|line| line * factor),
            extent: *extent,
        },
        OpeningLoad::Point { amount, at } => OpeningLoad::Point { amount: amount.map(|force| force * factor), at: *at },
    };
    OpeningProblem { loads: problem.loads.iter().map(scale).collect(), ..problem.clone() }
}

fn carries(problem: &OpeningProblem, header: HeaderSpec) -> bool {
    judged(problem, header).carries()
}

fn header(species: usize, grade: Grade, depth: usize) -> HeaderSpec {
    sawn(SPECIES[species], grade, Depth::ALL[depth], 2)
}

fn close(a: f64, b: f64) -> bool {
    (a - b).abs() <= 1e-6 * a.abs().max(1.0)
}

proptest! {
    #[test]
    fn less_load_never_turns_a_pass_into_a_fail(
        problem in any_problem(), species in 0_usize..4, depth in 0_usize..5, factor in 0.0..1.0_f64,
    ) {
        let header = header(species, Grade::Number2, depth);
        prop_assert!(!carries(&problem, header) || carries(&lighter(&problem, factor), header));
    }

    #[test]
    fn a_deeper_header_never_turns_a_pass_into_a_fail(
        problem in any_problem(), species in 0_usize..4, depth in 0_usize..4,
    ) {
        // Southern Pine's strength falls with depth, its carrying never does.
        let header = |depth| header(species, Grade::Number2, depth);
        prop_assert!(!carries(&problem, header(depth)) || carries(&problem, header(depth + 1)));
    }

    #[test]
    fn a_better_grade_never_turns_a_pass_into_a_fail(
        problem in any_problem(), species in 0_usize..4, depth in 0_usize..5,
    ) {
        let grades = [Grade::Number2, Grade::Number1, Grade::SelectStructural];
        let carrying = grades.map(|grade| carries(&problem, header(species, grade, depth)));
        prop_assert!(carrying.is_sorted(), "{carrying:?}");
    }

    #[test]
    fn a_shorter_opening_never_turns_a_pass_into_a_fail(
        clear in 30_i64..180, less in 1_i64..24, dead in 0.0..600.0_f64, snow in 0.0..900.0_f64, depth in 0_usize..5,
    ) {
        let over = |clear| opening(clear, vec![common::line(dead, 0.0, 0.0, snow)]);
        let header = header(2, Grade::Number2, depth);
        prop_assert!(!carries(&over(clear), header) || carries(&over(clear - less), header));
    }

    #[test]
    fn mirrored_loads_give_mirrored_ends(
        problem in any_problem(), species in 0_usize..4, depth in 0_usize..5, post in prop::option::of(8_i64..16),
        past in prop::option::of(12_i64..40),
    ) {
        let mut problem = problem;
        if let Some(post) = post {
            problem.run.posts.push(Post { at: Length::inches(post), studs: 2 });
        }
        problem.run.past.left = past.map(Length::inches);
        let header = header(species, Grade::Number2, depth);
        let (here, there) = (judged(&problem, header), judged(&mirrored(&problem), header));
        prop_assert_eq!((here.jacks.left, here.jacks.right), (there.jacks.right, there.jacks.left));
        prop_assert!(close(here.packs.left.largest_load, there.packs.right.largest_load));
        prop_assert!(close(here.uplift, there.uplift), "{} {}", here.uplift, there.uplift);
        for (a, b) in here.checks.iter().zip(&there.checks) {
            prop_assert!(close(a.ratio(), b.ratio()), "{a:?} {b:?}");
        }
    }

    #[test]
    fn a_post_in_the_middle_never_makes_the_sag_worse(problem in any_problem(), depth in 0_usize..5) {
        use sturvek_core::sizing::header::CheckKind::LiveDeflection;
        let header = header(0, Grade::Number2, depth);
        let sag = |problem: &OpeningProblem| judged(problem, header).check(LiveDeflection).comparison.demand;
        let mut propped = problem.clone();
        propped.run.posts.push(Post { at: problem.clear.half(), studs: 2 });
        prop_assert!(sag(&propped) <= sag(&problem) + 1e-9);
    }

    #[test]
    fn what_a_header_is_said_to_carry_it_carries(problem in any_problem(), depth in 1_usize..5) {
        let header = header(0, Grade::Number2, depth);
        let found = capability(&problem, header).expect("within limits");
        prop_assert_eq!(found.now.carries(), found.times_the_load >= 1.0);
        let fixed = |mut problem: OpeningProblem| {
            problem.conventions.fixed_jacks = found.now.jacks.map(Some);
            problem
        };
        if found.times_the_load > 0.001 {
            prop_assert!(carries(&fixed(lighter(&problem, 0.999 * found.times_the_load)), header));
        }
    }

    #[test]
    fn a_header_carries_up_to_its_reach_and_not_past_it(
        dead in 20.0..400.0_f64, snow in 20.0..700.0_f64, depth in 0_usize..5,
    ) {
        let problem = opening(48, vec![common::line(dead, 0.0, 0.0, snow)]);
        let header = header(2, Grade::Number2, depth);
        let Some(farthest) = reach(&problem, header).farthest else { return Ok(()) };
        let over = |clear: Length| evaluate(&OpeningProblem { clear, ..problem.clone() }, header);
        prop_assert!(over(farthest).is_ok_and(|evaluation| evaluation.carries()));
        let past = over(farthest + Length::inches_and(0, 1, 8));
        prop_assert!(farthest >= Length::inches(240 - 3) || past.is_ok_and(|evaluation| !evaluation.carries()));
    }
}
