//! One header over one opening, judged: jacks, reactions, every check over every combination.

use std::rc::Rc;

use arrayvec::ArrayVec;
use smallvec::SmallVec;

use super::bridge::{Bridge, CombinedCase, KnownSpans};
use super::header::{CheckKind, CheckResult, Comparison, bending, deflection, door_sag, post, shear, sideways, width};
use super::jacks::{JackPack, JackStrength, KnownJacks, jack_pack};
use super::limits::{LARGEST_POINT_LOAD, MOST_LOADS_OVER_SUPPORTS, OutsideLimits, WIDEST_OPENING};
use super::load_pattern::LoadPattern;
use super::over_supports::{Case, Stand, Tried};
use super::problem::{Conventions, OpeningLoad, OpeningProblem};
use crate::codes::{Combination, CombinationSet, MOST_COMBINATIONS, Service};
use crate::loads::ByKind;
use crate::lumber::{Family, HeaderSpec};
use crate::measure::Force;
use crate::measure::{End, Ends};
use crate::say;
use crate::speech::Phrase;
use crate::working::{Pen, Silent};

/// The most checks a header can have.
const MOST_CHECKS: usize = 11;

/// Everything found out about one header over one opening.
#[derive(Clone, Debug, PartialEq)]
pub struct Evaluation {
    /// The header.
    pub header: HeaderSpec,
    /// Jacks the calculation settled on, at most as many as allowed.
    pub jacks: Ends<u8>,
    /// Design span, in.
    pub design_span: f64,
    /// The reasons for the jacks.
    pub packs: Ends<JackPack>,
    /// What each pack carries by kind.
    pub reactions: Ends<ByKind<Force>>,
    /// Every check.
    pub checks: ArrayVec<CheckResult, MOST_CHECKS>,
    /// The most that a support is lifted with in any combination, lb; zero where none is.
    pub uplift: f64,
}

impl Evaluation {
    /// One check's outcome.
    ///
    /// # Panics
    /// Never for the strength and deflection checks, which every evaluation has.
    pub fn check(&self, kind: CheckKind) -> CheckResult {
        *self.checks.iter().find(|check| check.kind == kind).expect("every evaluation has every strength check")
    }

    /// The check that works hardest.
    pub fn hardest(&self) -> Option<&CheckResult> {
        self.checks
            .iter()
            .filter(|check| !matches!(check.kind, CheckKind::Width | CheckKind::Depth) || !check.passes())
            .max_by(|a, b| a.ratio().total_cmp(&b.ratio()))
    }

    /// The largest ratio of demand to capacity.
    pub fn largest_ratio(&self) -> f64 {
        self.hardest().map_or(0.0, CheckResult::ratio)
    }

    /// Whether everything is met.
    pub fn carries(&self) -> bool {
        self.checks.iter().all(CheckResult::passes) && End::BOTH.into_iter().all(|end| !self.lacks_jacks(end))
    }

    /// Why it does not carry, in sentences; empty if it does.
    pub fn failures(&self) -> Vec<Phrase> {
        let mut failures: Vec<Phrase> = self.checks.iter().filter_map(CheckResult::failure).collect();
        failures.extend(End::BOTH.into_iter().filter_map(|end| self.pack_failure(end)));
        failures
    }

    fn lacks_jacks(&self, end: End) -> bool {
        self.packs.at(end).needed.is_none_or(|needed| *self.jacks.at(end) < needed)
    }

    fn pack_failure(&self, end: End) -> Option<Phrase> {
        if !self.lacks_jacks(end) {
            return None;
        }
        let (there, pack) = (*self.jacks.at(end), self.packs.at(end));
        Some(match pack.needed {
            None => say!("failure-no-jacks-enough", end),
            Some(needed) => say!("failure-jacks", end, needed, force = Force::lbf(pack.largest_load), there),
        })
    }
}

/// Judges a header.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn evaluate(problem: &OpeningProblem, header: HeaderSpec) -> Result<Evaluation, OutsideLimits> {
    evaluate_among(problem, header, &mut Known::default())
}

/// What was found out under other headers over the same opening.
#[derive(Debug, Default)]
pub struct Known {
    jacks: KnownJacks,
    spans: KnownSpans,
    /// Whether the opening itself was found to be within the limits.
    within_limits: bool,
}

/// Judges one header of many over the same opening.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn evaluate_among(
    problem: &OpeningProblem,
    header: HeaderSpec,
    known: &mut Known,
) -> Result<Evaluation, OutsideLimits> {
    let Settled { bridge, reactions, packs } = settled(problem, header, known)?;
    let checks = all_checks(&bridge)?;
    let uplift = largest_uplift(&bridge);
    Ok(Evaluation {
        header,
        jacks: bridge.jacks,
        design_span: bridge.design_span_inches(),
        reactions: reactions.map(|by_kind| by_kind.map(Force::lbf)),
        packs,
        checks,
        uplift,
    })
}

/// The bridge with its jacks settled.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn settled_bridge(problem: &OpeningProblem, header: HeaderSpec) -> Result<Bridge<'_>, OutsideLimits> {
    settled(problem, header, &mut Known::default()).map(|settled| settled.bridge)
}

struct Settled<'a> {
    bridge: Bridge<'a>,
    reactions: Ends<ByKind<f64>>,
    packs: Ends<JackPack>,
}

/// Jacks lengthen the design span and so the reactions; the count only ever grows, so it settles.
fn settled<'a>(
    problem: &'a OpeningProblem,
    header: HeaderSpec,
    known: &mut Known,
) -> Result<Settled<'a>, OutsideLimits> {
    if !known.within_limits {
        within_limits(problem)?;
        known.within_limits = true;
    }
    let values = problem.conventions.code.values(header.board);
    let values = values.ok_or_else(|| OutsideLimits::NoDesignValues { lumber: header.board.name() })?;
    let dry_only = matches!(header.board.family(), Family::Composite | Family::UserSheet);
    if dry_only && problem.conventions.service == Service::Wet {
        return Err(OutsideLimits::WetEngineered { lumber: header.board.name() });
    }
    let most = problem.conventions.most_jacks;
    let Conventions { least_jacks, fixed_jacks, .. } = problem.conventions;
    let start = |end: End| fixed_jacks.at(end).unwrap_or(*least_jacks.at(end));
    let jacks = Ends { left: start(End::Left), right: start(End::Right) };
    let mut bridge = Bridge::new(problem, header, values, jacks, &mut known.spans);
    let strength = JackStrength::of(&bridge, &mut known.jacks);
    loop {
        let reactions = bridge.reactions_by_kind();
        let left = jack_pack(&bridge, &strength, End::Left, &reactions.left);
        // Evenly loaded, both ends are alike.
        let alike = reactions.left == reactions.right
            && problem.plate.left == problem.plate.right
            && bridge.jacks.left == bridge.jacks.right;
        let right = if alike { left.clone() } else { jack_pack(&bridge, &strength, End::Right, &reactions.right) };
        let packs = Ends { left, right };
        let needed = |end: End| {
            let so_far = *bridge.jacks.at(end);
            fixed_jacks.at(end).unwrap_or_else(|| packs.at(end).needed.unwrap_or(most).min(most).max(so_far))
        };
        let jacks = Ends { left: needed(End::Left), right: needed(End::Right) };
        if jacks == bridge.jacks {
            return Ok(Settled { bridge, reactions, packs });
        }
        bridge = bridge.on_jacks(jacks, &mut known.spans);
    }
}

fn within_limits(problem: &OpeningProblem) -> Result<(), OutsideLimits> {
    if WIDEST_OPENING < problem.clear {
        return Err(OutsideLimits::TooWide { clear: problem.clear });
    }
    if !problem.run.is_simple() && MOST_LOADS_OVER_SUPPORTS < problem.loads.len() {
        return Err(OutsideLimits::TooManyLoads { count: problem.loads.len() });
    }
    let code = problem.conventions.code;
    if code.stud_values(problem.jack).is_none() {
        return Err(OutsideLimits::NoJackValues { lumber: problem.jack.name() });
    }
    for load in &problem.loads {
        let OpeningLoad::Point { amount, .. } = load else { continue };
        let largest = code.largest(&amount.map(|force| force.to_lbf()));
        if LARGEST_POINT_LOAD < largest {
            return Err(OutsideLimits::PointLoadTooLarge { pounds: largest });
        }
    }
    Ok(())
}

fn all_checks(bridge: &Bridge<'_>) -> Result<ArrayVec<CheckResult, MOST_CHECKS>, OutsideLimits> {
    let conventions = &bridge.problem.conventions;
    if let Some(ratio) = bending::slenderness(bridge)
        && conventions.code.most_slender_beam() < ratio
    {
        return Err(OutsideLimits::TooSlender { ratio });
    }
    let hardest = hardest_under_even_load(bridge).or_else(|| hardest_over_supports(bridge));
    let [bending, shear, live, total, door] = hardest.unwrap_or_else(|| hardest_of_all(bridge));
    let mut checks: ArrayVec<CheckResult, MOST_CHECKS> = [bending, shear, live, total].into_iter().collect();
    checks.extend(conventions.most_sag_over_door.map(|_| door));
    checks.extend(post::post_checks(bridge));
    checks.extend(sideways_check(bridge));
    checks.push(width::width_in_wall(bridge.header, bridge.problem.wall_depth));
    checks.extend(conventions.deepest.map(|deepest| width::depth_in_room(bridge.header, deepest)));
    Ok(checks)
}

/// The checks that every combination is tried for, in this order.
const BY_COMBINATION: [CheckKind; 5] =
    [CheckKind::Bending, CheckKind::Shear, CheckKind::LiveDeflection, CheckKind::TotalDeflection, CheckKind::DoorSag];

/// The hardest case of each check, of all combinations and all ways for the loads to stand.
fn hardest_of_all(bridge: &Bridge<'_>) -> [CheckResult; 5] {
    let creep = bridge.problem.conventions.creep;
    let [mut bending, mut shear, mut live, mut total, mut door] = BY_COMBINATION.map(CheckResult::of_nothing);
    for (_, combination) in bridge.strength_combinations() {
        for pattern in bridge.patterns() {
            let case = bridge.tried(combination, pattern);
            consider(&mut bending, &case);
            consider(&mut shear, &case);
            if creep > 1.0 {
                let lasting = combination.with_dead_times(creep);
                consider(&mut total, &bridge.tried(&lasting, pattern));
            } else {
                consider(&mut total, &case);
            }
        }
    }
    let live_set = bridge.problem.conventions.code.combinations(CombinationSet::Live);
    for combination in live_set.iter().filter(|combination| combination.applies_to(&bridge.present)) {
        for pattern in bridge.patterns() {
            let case = bridge.tried(combination, pattern);
            consider(&mut live, &case);
            consider(&mut door, &case);
        }
    }
    [bending, shear, live, total, door]
}

/// What comes nearer to the heaviest than this is worked out as well, so that rounding never decides which governs.
const NEARLY: f64 = 1.0 - 1e-9;

type Combinations = ArrayVec<Combination, MOST_COMBINATIONS>;

/// The hardest case of each check under an even load; `None` of another. Moment, shear and sag grow with the load, so of all combinations
/// only the heaviest can govern, for strength by its own duration: the others are not worked out.
fn hardest_under_even_load(bridge: &Bridge<'_>) -> Option<[CheckResult; 5]> {
    let load = bridge.even_load()?;
    let strength: Combinations = bridge.strength_combinations().map(|(_, combination)| *combination).collect();
    let applies = |combination: &&Combination| combination.applies_to(&bridge.present);
    let live = bridge.problem.conventions.code.combinations(CombinationSet::Live);
    let live: Combinations = live.iter().filter(applies).copied().collect();
    let creep = bridge.problem.conventions.creep;
    let lasting: Combinations = if creep > 1.0 {
        strength.iter().map(|combination| combination.with_dead_times(creep)).collect()
    } else {
        strength.clone()
    };
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
    Some([
        hardest(bridge, CheckKind::Bending, &strength, |combination| if rolls { 0.0 } else { moment(combination) }),
        hardest(bridge, CheckKind::Shear, &strength, shear),
        hardest(bridge, CheckKind::LiveDeflection, &live, weight),
        hardest(bridge, CheckKind::TotalDeflection, &lasting, weight),
        hardest(bridge, CheckKind::DoorSag, &live, weight),
    ])
}

/// The hardest case of each check over several supports; `None` where the loads are not shared. What is most in a case is known beforehand, but for
/// the header's own weight: only cases that may be the hardest are worked out.
fn hardest_over_supports(bridge: &Bridge<'_>) -> Option<[CheckResult; 5]> {
    let (over, own) = bridge.over_supports()?;
    let Tried { strength, lasting, live } = over.cases(|| tried_over_supports(bridge), &bridge.patterns());
    let depth = bridge.problem.conventions.shear_at_depth.then_some(bridge.section.depth);
    let sheared = |case: &Case| over.largest_shear(case, depth, own) / case.combination.duration;
    // What it bears follows from the duration, of which there are few.
    let mut known: ArrayVec<(f64, [f64; 2]), MOST_COMBINATIONS> = ArrayVec::new();
    let mut strengths = |case: &Rc<Case>| {
        let duration = case.combination.duration;
        if let Some((_, strengths)) = known.iter().find(|(known, _)| known.to_bits() == duration.to_bits()) {
            return *strengths;
        }
        let strengths = bending::strengths(&bridge.over(case));
        known.push((duration, strengths));
        strengths
    };
    let harder = |moments: [f64; 2], strengths: [f64; 2]| (moments[0] / strengths[0]).max(moments[1] / strengths[1]);
    let bent_at_most: SmallVec<[f64; 64]> =
        strength.iter().map(|case| harder(case.moments_at_most(own), strengths(case))).collect();
    let sheared_by: SmallVec<[f64; 64]> = strength.iter().map(|case| sheared(case)).collect();
    let sag_at_most = |cases: &[Rc<Case>], which: usize| -> SmallVec<[f64; 64]> {
        cases.iter().map(|case| case.sags_at_most(own)[which]).collect()
    };
    let part_of_limit = |case: &Rc<Case>| {
        let spans = bridge.over(case).sags_of_spans().unwrap_or_default();
        spans.iter().map(|(sag, counted)| sag / counted).fold(0.0, f64::max)
    };
    let bent = |case: &Rc<Case>| {
        let case = bridge.over(case);
        case.largest_by_sign().map_or(f64::NAN, |moments| harder(moments, bending::strengths(&case)))
    };
    let door =
        |case: &Rc<Case>| compare(&mut Silent, CheckKind::DoorSag, &bridge.over(case)).map_or(0.0, |sag| sag.demand);
    let stiffness = |case: &Rc<Case>| deflection::stiffness_of(&bridge.over(case));
    let door_at_most: SmallVec<[f64; 64]> = match live.first() {
        Some(case) if bridge.problem.conventions.most_sag_over_door.is_some() => {
            let stiffness = stiffness(case);
            sag_at_most(live, 1).into_iter().map(|sag| sag / stiffness).collect()
        }
        _ => SmallVec::new(),
    };
    Some([
        hardest_case(bridge, CheckKind::Bending, strength, &bent_at_most, bent),
        hardest_case(bridge, CheckKind::Shear, strength, &sheared_by, |case| sheared(case)),
        hardest_case(bridge, CheckKind::LiveDeflection, live, &sag_at_most(live, 0), part_of_limit),
        hardest_case(bridge, CheckKind::TotalDeflection, lasting, &sag_at_most(lasting, 0), part_of_limit),
        hardest_case(bridge, CheckKind::DoorSag, live, &door_at_most, door),
    ])
}

/// The combinations that each check is tried for over several supports.
fn tried_over_supports(bridge: &Bridge<'_>) -> Tried<Vec<Combination>> {
    let strength: Vec<Combination> = bridge.strength_combinations().map(|(_, combination)| *combination).collect();
    let creep = bridge.problem.conventions.creep;
    let lasting = strength.iter().map(|combination| combination.with_dead_times(creep.max(1.0))).collect();
    let live = bridge.problem.conventions.code.combinations(CombinationSet::Live).iter();
    let live = live.filter(|combination| combination.applies_to(&bridge.present)).copied().collect();
    Tried { strength, lasting, live }
}

/// The hardest case of one check among those that work the header no less than the one that may work it most does; `at_most` says how much
/// each may, `work` how much one does.
fn hardest_case(
    bridge: &Bridge<'_>,
    kind: CheckKind,
    cases: &[Rc<Case>],
    at_most: &[f64],
    work: impl Fn(&Rc<Case>) -> f64,
) -> CheckResult {
    let mut worst = CheckResult::of_nothing(kind);
    let most = cases.iter().zip(at_most).max_by(|a, b| a.1.total_cmp(b.1));
    let Some((most, _)) = most else { return worst };
    let least = work(most) * NEARLY;
    for (case, at_most) in cases.iter().zip(at_most) {
        if least <= *at_most || at_most.is_nan() || least.is_nan() {
            consider(&mut worst, &bridge.over(case));
        }
    }
    worst
}

/// The hardest case of one check among the combinations that work the header nearly as much as the one that works it most.
fn hardest(
    bridge: &Bridge<'_>,
    kind: CheckKind,
    combinations: &Combinations,
    work: impl Fn(&Combination) -> f64,
) -> CheckResult {
    let works: ArrayVec<f64, MOST_COMBINATIONS> = combinations.iter().map(work).collect();
    let most = works.iter().copied().fold(0.0, f64::max);
    let mut worst = CheckResult::of_nothing(kind);
    for (combination, work) in combinations.iter().zip(works) {
        if most * NEARLY <= work || work.is_nan() {
            consider(&mut worst, &bridge.tried(combination, LoadPattern::ALL));
        }
    }
    worst
}

/// Wind bending a hung header sideways, where it does.
fn sideways_check(bridge: &Bridge<'_>) -> Option<CheckResult> {
    let (combination, comparison) = sideways::hardest(bridge)?;
    let combination = Some(combination.index);
    Some(CheckResult { kind: CheckKind::Sideways, comparison, combination, pattern: LoadPattern::ALL })
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
        | CheckKind::PostColumn
        | CheckKind::PostPlate
        | CheckKind::Sideways
        | CheckKind::Width
        | CheckKind::Depth => None,
    }
}

/// The most any support is lifted with: dead load holds down, loads that come and go stand where they lift the most.
fn largest_uplift(bridge: &Bridge<'_>) -> f64 {
    if bridge.is_simple() {
        return 0.0;
    }
    let supports = bridge.supports();
    let strength = bridge.problem.conventions.code.strength();
    let lifting = supports.iter().flat_map(|at| {
        let by_kind = bridge.support_by_kind(*at, Stand::Lifting);
        strength.iter().map(move |combination| -combination.total(&by_kind))
    });
    lifting.fold(0.0, f64::max)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::loads::LoadKind;
    use crate::lumber::{Depth, Grade, HeaderBoard, SawnSize, Species};
    use crate::measure::{Length, LineLoad};
    use crate::sizing::problem::{Post, SpacedFraming, TopEdge, TopEdgeWidth};
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
            let (shared, each) = (hardest_over_supports(&bridge).expect("shared"), hardest_of_all(&alone));
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
            prop_assert_eq!(hardest_under_even_load(&bridge), Some(hardest_of_all(&bridge)));
        }
    }
}
