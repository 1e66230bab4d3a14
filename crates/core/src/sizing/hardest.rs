//! The hardest case of each check that every combination is tried for: bending, shear and deflection.
//!
//! All ways for loads to be combined and to stand are tried where nothing better is known. Under an even load, and over several supports, it is
//! known beforehand which cases cannot be the hardest, and they are not worked out.

use std::rc::Rc;

use arrayvec::ArrayVec;
use smallvec::SmallVec;

use super::bridge::{Bridge, CombinedCase};
use super::header::{CheckKind, CheckResult, Comparison, bending, deflection, door_sag, shear};
use super::load_pattern::LoadPattern;
use super::over_supports::{Case, Tried};
use crate::codes::{Combination, CombinationSet, MOST_COMBINATIONS};
use crate::working::{Pen, Silent};

/// The checks that every combination is tried for, in this order.
const BY_COMBINATION: [CheckKind; 5] =
    [CheckKind::Bending, CheckKind::Shear, CheckKind::LiveDeflection, CheckKind::TotalDeflection, CheckKind::DoorSag];

/// What comes nearer to the hardest than this is worked out as well, so that rounding never decides which governs.
const NEARLY: f64 = 1.0 - 1e-9;

type Combinations = ArrayVec<Combination, MOST_COMBINATIONS>;

/// How hard each of many cases works a header.
type Works = SmallVec<[f64; 64]>;

/// The hardest case of bending, shear, deflection under what comes and goes, deflection under all, and sag over a door.
pub fn hardest_by_combination(bridge: &Bridge<'_>) -> [CheckResult; 5] {
    let tried = tried(bridge);
    hardest_under_even_load(bridge, &tried)
        .or_else(|| hardest_over_supports(bridge, &tried))
        .unwrap_or_else(|| hardest_of_all(bridge, &tried))
}

/// The combinations that apply to what the header carries.
fn tried(bridge: &Bridge<'_>) -> Tried<Combinations> {
    let strength: Combinations = bridge.strength_combinations().map(|(_, combination)| *combination).collect();
    let creep = bridge.problem.conventions.creep.max(1.0);
    let lasting = strength.iter().map(|combination| combination.with_dead_times(creep)).collect();
    let live = bridge.problem.conventions.code.combinations(CombinationSet::Live).iter();
    let live = live.filter(|combination| combination.applies_to(&bridge.present)).copied().collect();
    Tried { strength, lasting, live }
}

/// The hardest case of each check, of all combinations and all ways for the loads to stand.
fn hardest_of_all(bridge: &Bridge<'_>, tried: &Tried<Combinations>) -> [CheckResult; 5] {
    let [mut bending, mut shear, mut live, mut total, mut door] = BY_COMBINATION.map(CheckResult::of_nothing);
    for (combination, lasting) in tried.strength.iter().zip(&tried.lasting) {
        for pattern in bridge.patterns() {
            let case = bridge.tried(combination, pattern);
            consider(&mut bending, &case);
            consider(&mut shear, &case);
            if lasting == combination {
                consider(&mut total, &case);
            } else {
                consider(&mut total, &bridge.tried(lasting, pattern));
            }
        }
    }
    for combination in &tried.live {
        for pattern in bridge.patterns() {
            let case = bridge.tried(combination, pattern);
            consider(&mut live, &case);
            consider(&mut door, &case);
        }
    }
    [bending, shear, live, total, door]
}

/// The hardest case of each check under an even load; `None` of another. Moment, shear and sag grow with the load, so of all combinations
/// only the heaviest can govern, for strength by its own duration: the others are not worked out.
fn hardest_under_even_load(bridge: &Bridge<'_>, tried: &Tried<Combinations>) -> Option<[CheckResult; 5]> {
    let load = bridge.even_load()?;
    let length = bridge.design_span_inches();
    let depth = if bridge.problem.conventions.shear_at_depth { bridge.section.depth } else { 0.0 };
    let points = |combination: &Combination| bridge.spaced_under(combination);
    let moment = |combination: &Combination| {
        let more = points(combination).map_or(0.0, |(load, effect)| load * effect.moment);
        (combination.total(&load) * length * length / 8.0 + more) / combination.duration
    };
    let shear = |combination: &Combination| {
        let more = points(combination).map_or(0.0, |(load, effect)| load * effect.shear);
        (combination.total(&load) * (length / 2.0 - depth).max(0.0) + more) / combination.duration
    };
    let weight = |combination: &Combination| combination.total(&load);
    // Where an edge is free strength is not in step with duration: there every combination is tried.
    let rolls = bending::slenderness(bridge).is_some();
    let of = |kind: CheckKind, combinations: &Combinations, work: &dyn Fn(&Combination) -> f64| {
        let works: Works = combinations.iter().map(work).collect();
        hardest(kind, &works, |most| works[most], |place| bridge.tried(&combinations[place], LoadPattern::ALL))
    };
    Some([
        of(CheckKind::Bending, &tried.strength, &|combination| if rolls { 0.0 } else { moment(combination) }),
        of(CheckKind::Shear, &tried.strength, &shear),
        of(CheckKind::LiveDeflection, &tried.live, &weight),
        of(CheckKind::TotalDeflection, &tried.lasting, &weight),
        of(CheckKind::DoorSag, &tried.live, &weight),
    ])
}

/// The hardest case of each check over several supports; `None` where the loads are not shared. What is most in a case is known beforehand, but for
/// the header's own weight: only cases that may be the hardest are worked out.
fn hardest_over_supports(bridge: &Bridge<'_>, tried: &Tried<Combinations>) -> Option<[CheckResult; 5]> {
    let (over, own) = bridge.over_supports()?;
    let Tried { strength, lasting, live } = over.cases(tried, &bridge.patterns());
    let depth = bridge.problem.conventions.shear_at_depth.then_some(bridge.section.depth);
    let case = |cases: &[Rc<Case>], place: usize| bridge.over(&cases[place]);

    let strengths: SmallVec<[[f64; 2]; 64]> = strengths_by_duration(bridge, strength);
    let bent = |moments: [f64; 2], [sagging, hogging]: [f64; 2]| (moments[0] / sagging).max(moments[1] / hogging);
    let bent_at_most: Works =
        strength.iter().zip(&strengths).map(|(case, strengths)| bent(case.moments_at_most(own), *strengths)).collect();
    let bent_most = |place: usize| {
        let moments = case(strength, place).largest_by_sign();
        moments.map_or(f64::NAN, |moments| bent(moments, strengths[place]))
    };
    let sheared: Works =
        strength.iter().map(|case| over.largest_shear(case, depth, own) / case.combination.duration).collect();
    let sag = |kind: CheckKind, cases: &[Rc<Case>]| {
        let at_most: Works = cases.iter().map(|case| case.sags_at_most(own)[0]).collect();
        let part_of_limit = |place: usize| {
            let spans = case(cases, place).sags_of_spans().unwrap_or_default();
            spans.iter().map(|(sag, counted)| sag / counted).fold(0.0, f64::max)
        };
        hardest(kind, &at_most, part_of_limit, |place| case(cases, place))
    };
    Some([
        hardest(CheckKind::Bending, &bent_at_most, bent_most, |place| case(strength, place)),
        hardest(CheckKind::Shear, &sheared, |most| sheared[most], |place| case(strength, place)),
        sag(CheckKind::LiveDeflection, live),
        sag(CheckKind::TotalDeflection, lasting),
        hardest_over_a_door(bridge, live, own),
    ])
}

/// The hardest case of the sag over a door; of nothing where no door asks for it.
fn hardest_over_a_door(bridge: &Bridge<'_>, live: &[Rc<Case>], own: f64) -> CheckResult {
    let sag = |place: usize| compare(&mut Silent, CheckKind::DoorSag, &bridge.over(&live[place])).map(|sag| sag.demand);
    let (Some(first), Some(_)) = (live.first(), bridge.problem.conventions.most_sag_over_door) else {
        return CheckResult::of_nothing(CheckKind::DoorSag);
    };
    let stiffness = deflection::stiffness_of(&bridge.over(first));
    let at_most: Works = live.iter().map(|case| case.sags_at_most(own)[1] / stiffness).collect();
    hardest(CheckKind::DoorSag, &at_most, |most| sag(most).unwrap_or(f64::NAN), |place| bridge.over(&live[place]))
}

/// What a header bears in each case, sagging and hogging. It follows from the duration, of which there are few.
fn strengths_by_duration(bridge: &Bridge<'_>, cases: &[Rc<Case>]) -> SmallVec<[[f64; 2]; 64]> {
    let mut known: ArrayVec<(f64, [f64; 2]), MOST_COMBINATIONS> = ArrayVec::new();
    let of_case = |case: &Rc<Case>| {
        let duration = case.combination.duration;
        if let Some((_, strengths)) = known.iter().find(|(known, _)| known.to_bits() == duration.to_bits()) {
            return *strengths;
        }
        let strengths = bending::strengths(&bridge.over(case));
        known.push((duration, strengths));
        strengths
    };
    cases.iter().map(of_case).collect()
}

/// The hardest case of one check among those that may work the header as hard as the one does that may work it hardest. `at_most` says how much each
/// may, `work` how much one does.
fn hardest<'a>(
    kind: CheckKind,
    at_most: &[f64],
    work: impl FnOnce(usize) -> f64,
    case: impl Fn(usize) -> CombinedCase<'a>,
) -> CheckResult {
    let mut worst = CheckResult::of_nothing(kind);
    let most = at_most.iter().enumerate().max_by(|a, b| a.1.total_cmp(b.1));
    let Some((most, _)) = most else { return worst };
    let least = work(most) * NEARLY;
    for (place, at_most) in at_most.iter().enumerate() {
        if least <= *at_most || at_most.is_nan() || least.is_nan() {
            consider(&mut worst, &case(place));
        }
    }
    worst
}

/// Keeps the harder of what was found so far and this case.
fn consider(worst: &mut CheckResult, case: &CombinedCase<'_>) {
    if worst.combination.is_some() && deflection::surely_below(worst, case) {
        return;
    }
    let Some(comparison) = compare(&mut Silent, worst.kind, case) else { return };
    // What is not a number is worse than any.
    if worst.combination.is_none() || worst.ratio() < comparison.ratio() || comparison.ratio().is_nan() {
        *worst = CheckResult {
            kind: worst.kind,
            comparison,
            combination: Some(case.combination.index),
            pattern: case.pattern,
        };
    }
}

/// Demand and capacity of a strength or deflection check in one case; of another check, nothing.
pub fn compare<P: Pen>(pen: &mut P, kind: CheckKind, case: &CombinedCase<'_>) -> Option<Comparison> {
    let conventions = &case.bridge.problem.conventions;
    match kind {
        CheckKind::Bending => Some(bending::bending(pen, case)),
        CheckKind::Shear => Some(shear::shear(pen, case)),
        CheckKind::LiveDeflection => Some(deflection::deflection(pen, case, conventions.live_deflection_limit)),
        CheckKind::TotalDeflection => Some(deflection::deflection(pen, case, conventions.total_deflection_limit)),
        CheckKind::DoorSag => conventions.most_sag_over_door.map(|most| door_sag::door_sag(pen, case, most)),
        CheckKind::PostBearing
        | CheckKind::BeamBearing
        | CheckKind::PostColumn
        | CheckKind::PostPlate
        | CheckKind::Sideways
        | CheckKind::Width
        | CheckKind::Depth => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::loads::{ByKind, LoadKind};
    use crate::lumber::{Depth, Grade, HeaderBoard, HeaderSpec, SawnSize, Species};
    use crate::measure::{Ends, Force, Length, LineLoad};
    use crate::sizing::evaluate::settled_bridge;
    use crate::sizing::over_supports::Stand;
    use crate::sizing::problem::{OpeningLoad, Post, SpacedFraming, TopEdge, TopEdgeWidth};
    use crate::sizing::testing::roof_window;
    use proptest::prelude::*;

    fn alike(a: f64, b: f64) -> bool {
        (a - b).abs() <= 1e-7 * a.abs().max(b.abs()).max(1e-6)
    }

    proptest! {
        #![proptest_config(ProptestConfig::with_cases(200))]

        /// Over several supports what is shared and what is left out changes nothing: every check, reaction and uplift is as every case by itself has it.
        #[test]
        fn over_supports_it_is_judged_as_every_case_by_itself_judges_it(
            dead in 0.0..600.0_f64, floor in 0.0..600.0_f64, snow in 0.0..900.0_f64, part in (0_i64..90, 91_i64..190),
            points in prop::collection::vec((-20_i64..200, 0.0..3000.0_f64, 0.0..3000.0_f64), 0..6),
            posts in prop::collection::btree_set(1_i64..5, 0..3), past in (prop::option::of(4_i64..60), prop::option::of(4_i64..60)),
            plies in 1_u8..4, at_depth: bool, creep in 1.0..2.0_f64, free: bool, door: bool,
        ) {
            let line = |dead: f64, live: f64, snow: f64| {
                ByKind::of([(LoadKind::Dead, dead), (LoadKind::FloorLive, live), (LoadKind::Snow, snow)]).map(LineLoad::plf)
            };
            let mut problem = roof_window();
            problem.clear = Length::inches(180);
            let extent = (Length::inches(part.0), Length::inches(part.1));
            problem.loads = vec![
                OpeningLoad::Line { amount: line(dead, floor, 0.0), extent: None },
                OpeningLoad::Line { amount: line(dead / 2.0, 0.0, snow), extent: Some(extent) },
                OpeningLoad::Sloped { at_start: line(0.0, floor, snow), at_end: line(dead, 0.0, snow / 3.0), extent },
            ];
            problem.loads.extend(points.iter().map(|(at, dead, snow)| OpeningLoad::Point {
                amount: ByKind::of([(LoadKind::Dead, *dead), (LoadKind::Snow, *snow)]).map(Force::lbf),
                at: Length::inches(*at),
            }));
            problem.run.posts = posts.iter().map(|place| Post { at: Length::inches(place * 36), studs: 2 }).collect();
            problem.run.past = Ends { left: past.0.map(Length::inches), right: past.1.map(Length::inches) };
            problem.conventions.shear_at_depth = at_depth;
            problem.conventions.creep = creep;
            problem.conventions.most_sag_over_door = door.then_some(Length::inches_and(0, 3, 8));
            if free {
                problem.conventions.top_edge = TopEdge::Free(TopEdgeWidth::AllPlies);
            }
            let board = HeaderBoard::Sawn { species: Species::SprucePineFir, grade: Grade::Number2, size: SawnSize::two_by(Depth::Ten) };
            let bridge = settled_bridge(&problem, HeaderSpec { board, plies }).expect("within limits");
            if bridge.is_simple() {
                return Ok(());
            }
            let alone = bridge.clone().alone();
            let tried = tried(&bridge);
            let (shared, each) = (hardest_over_supports(&bridge, &tried).expect("shared"), hardest_of_all(&alone, &tried));
            for (shared, each) in shared.iter().zip(&each) {
                prop_assert_eq!(shared.combination.is_some(), each.combination.is_some());
                prop_assert!(alike(shared.ratio(), each.ratio()), "{:?}: {} {}", shared.kind, shared.ratio(), each.ratio());
            }
            for support in bridge.supports() {
                for stand in [Stand::Pressing, Stand::Lifting] {
                    let (shared, each) = (bridge.support_by_kind(support, stand), alone.support_by_kind(support, stand));
                    for kind in LoadKind::ALL {
                        let whole = alone.support_by_kind(support, Stand::Pressing).get(kind).abs() + 1.0;
                        prop_assert!((shared.get(kind) - each.get(kind)).abs() < 1e-7 * whole, "{support} {kind:?}");
                    }
                }
            }
        }
    }

    proptest! {
        /// The combinations that are left out under an even load never govern: to the last digit, with points and without.
        #[test]
        fn an_even_load_is_judged_as_every_combination_judges_it(
            dead in 0.0..600.0_f64, floor in 0.0..600.0_f64, roof in 0.0..400.0_f64, snow in 0.0..900.0_f64,
            clear in 20_i64..150, plies in 1_u8..4, at_depth: bool, creep in 1.0..2.0_f64, apart in prop::option::of(12_i64..30),
        ) {
            let amount = ByKind::of([(LoadKind::Dead, dead), (LoadKind::FloorLive, floor), (LoadKind::RoofLive, roof), (LoadKind::Snow, snow)]).map(LineLoad::plf);
            let mut problem = roof_window();
            problem.clear = Length::inches(clear);
            problem.loads = vec![OpeningLoad::Line { amount, extent: None }];
            problem.conventions.shear_at_depth = at_depth;
            problem.conventions.creep = creep;
            problem.conventions.most_sag_over_door = Some(Length::inches_and(0, 3, 8));
            problem.spaced = apart.map(|apart| SpacedFraming {
                amount: ByKind::of([(LoadKind::Dead, amount[LoadKind::Dead]), (LoadKind::Snow, amount[LoadKind::Snow])]),
                apart: Length::inches(apart),
                spread: Length::ZERO,
                kings_take: Length::ZERO,
            });
            let size = SawnSize::two_by(Depth::Ten);
            let board = HeaderBoard::Sawn { species: Species::SprucePineFir, grade: Grade::Number2, size };
            let bridge = settled_bridge(&problem, HeaderSpec { board, plies }).expect("within limits");
            let tried = tried(&bridge);
            prop_assert_eq!(hardest_under_even_load(&bridge, &tried), Some(hardest_of_all(&bridge, &tried)));
        }
    }
}
