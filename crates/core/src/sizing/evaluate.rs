//! One header over one opening, judged: jacks, reactions, every check over every combination.

use arrayvec::ArrayVec;
use smallvec::SmallVec;

use super::bridge::{Bridge, CombinedCase, LoadPattern};
use super::header::{CheckKind, CheckResult, Comparison, bending, deflection, door_sag, post_bearing, shear, width};
use super::jacks::{JackPack, JackStrength, jack_pack};
use super::limits::{LARGEST_POINT_LOAD, OutsideLimits, WIDEST_OPENING};
use super::problem::{Conventions, OpeningLoad, OpeningProblem};
use crate::loads::kind::{ByKind, Combination, LIVE_COMBINATIONS, STRENGTH_COMBINATIONS};
use crate::lumber::factors::beam_stability::LARGEST_SLENDERNESS_RATIO;
use crate::lumber::factors::wet_service::Service;
use crate::lumber::{Family, HeaderSpec, design_values};
use crate::measure::{End, Ends};
use crate::working::{Pen, Silent};

/// The most checks a header can have.
const MOST_CHECKS: usize = 8;

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
    /// What each pack carries by kind, lb.
    pub reactions: Ends<ByKind<f64>>,
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
    pub fn failures(&self) -> Vec<String> {
        let mut failures: Vec<String> = self.checks.iter().filter_map(CheckResult::failure).collect();
        failures.extend(End::BOTH.into_iter().filter_map(|end| self.pack_failure(end)));
        failures
    }

    fn lacks_jacks(&self, end: End) -> bool {
        self.packs.at(end).needed.is_none_or(|needed| *self.jacks.at(end) < needed)
    }

    fn pack_failure(&self, end: End) -> Option<String> {
        if !self.lacks_jacks(end) {
            return None;
        }
        let (word, provided, pack) = (end.word(), self.jacks.at(end), self.packs.at(end));
        Some(match pack.needed {
            None => format!("{word} end: no number of jacks is enough; they are too slender for the wall's depth"),
            Some(needed) => {
                format!("{word} end: {needed} jacks needed for {:.0} lb, {provided} there", pack.largest_load)
            }
        })
    }
}

/// Judges a header.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn evaluate(problem: &OpeningProblem, header: HeaderSpec) -> Result<Evaluation, OutsideLimits> {
    let (bridge, strength) = settled(problem, header)?;
    let reactions = bridge.reactions_by_kind();
    let packs = reactions.map(|reactions| jack_pack(&bridge, &strength, &reactions));
    let checks = all_checks(&bridge)?;
    let uplift = largest_uplift(&bridge);
    Ok(Evaluation {
        header,
        jacks: bridge.jacks,
        design_span: bridge.design_span_inches(),
        reactions,
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
    settled(problem, header).map(|(bridge, _)| bridge)
}

/// Jacks lengthen the design span and so the reactions; the count only ever grows, so it settles.
fn settled(problem: &OpeningProblem, header: HeaderSpec) -> Result<(Bridge<'_>, JackStrength), OutsideLimits> {
    within_limits(problem)?;
    let values = header.board.values().ok_or_else(|| OutsideLimits::NoDesignValues { lumber: header.board.name() })?;
    let dry_only = matches!(header.board.family(), Family::Composite | Family::UserSheet);
    if dry_only && problem.conventions.service == Service::Wet {
        return Err(OutsideLimits::WetEngineered { lumber: header.board.name() });
    }
    let jack = problem.jack;
    if design_values::sawn(jack.species, jack.grade, jack.size()).is_none() {
        return Err(OutsideLimits::NoDesignValues { lumber: jack.name() });
    }
    let most = problem.conventions.most_jacks;
    let Conventions { least_jacks, fixed_jacks, .. } = problem.conventions;
    let start = |end: End| fixed_jacks.at(end).unwrap_or(*least_jacks.at(end));
    let jacks = Ends { left: start(End::Left), right: start(End::Right) };
    let mut bridge = Bridge { problem, header, values, present: problem.kinds_present(), jacks };
    let strength = JackStrength::of(&bridge);
    loop {
        let reactions = bridge.reactions_by_kind();
        let needed = |end: End| {
            let so_far = *bridge.jacks.at(end);
            match fixed_jacks.at(end) {
                Some(fixed) => *fixed,
                None => jack_pack(&bridge, &strength, reactions.at(end)).needed.unwrap_or(most).min(most).max(so_far),
            }
        };
        let jacks = Ends { left: needed(End::Left), right: needed(End::Right) };
        if jacks == bridge.jacks {
            return Ok((bridge, strength));
        }
        bridge.jacks = jacks;
    }
}

fn within_limits(problem: &OpeningProblem) -> Result<(), OutsideLimits> {
    if WIDEST_OPENING < problem.clear {
        return Err(OutsideLimits::TooWide { clear: problem.clear });
    }
    for load in &problem.loads {
        let OpeningLoad::Point { amount, .. } = load else { continue };
        let amounts = amount.map(|force| force.to_lbf());
        let largest = STRENGTH_COMBINATIONS.iter().map(|combination| combination.total(&amounts)).fold(0.0, f64::max);
        if LARGEST_POINT_LOAD < largest {
            return Err(OutsideLimits::PointLoadTooLarge { pounds: largest });
        }
    }
    Ok(())
}

type Cases<'a> = SmallVec<[CombinedCase<'a>; 6]>;

fn all_checks(bridge: &Bridge<'_>) -> Result<ArrayVec<CheckResult, MOST_CHECKS>, OutsideLimits> {
    let conventions = &bridge.problem.conventions;
    if let Some(ratio) = bending::slenderness(bridge)
        && LARGEST_SLENDERNESS_RATIO < ratio
    {
        return Err(OutsideLimits::TooSlender { ratio });
    }
    let under = |combinations: &[Combination], creep: f64| -> Cases<'_> {
        let applying = combinations.iter().filter(|combination| combination.applies_to(&bridge.present));
        applying
            .flat_map(|combination| {
                let combination = combination.with_dead_times(creep);
                bridge.patterns().map(move |pattern| bridge.under_pattern(&combination, pattern))
            })
            .collect()
    };
    let strength = under(&STRENGTH_COMBINATIONS, 1.0);
    let live = under(&LIVE_COMBINATIONS, 1.0);
    let lasting = (conventions.creep > 1.0).then(|| under(&STRENGTH_COMBINATIONS, conventions.creep));
    let mut checks = ArrayVec::new();
    checks.push(governing(CheckKind::Bending, &strength));
    checks.push(governing(CheckKind::Shear, &strength));
    checks.push(governing(CheckKind::LiveDeflection, &live));
    checks.push(governing(CheckKind::TotalDeflection, lasting.as_ref().unwrap_or(&strength)));
    if conventions.most_sag_over_door.is_some() {
        checks.push(governing(CheckKind::DoorSag, &live));
    }
    checks.extend(post_bearing::post_bearing(bridge));
    checks.push(width::width_in_wall(bridge.header, bridge.problem.wall_depth));
    if let Some(deepest) = conventions.deepest {
        checks.push(width::depth_in_room(bridge.header, deepest));
    }
    Ok(checks)
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
        CheckKind::PostBearing | CheckKind::Width | CheckKind::Depth => None,
    }
}

fn governing(kind: CheckKind, cases: &[CombinedCase<'_>]) -> CheckResult {
    // Without any live load there is nothing to bend under it: demand 0 against a capacity of 1.
    let mut worst = CheckResult {
        kind,
        comparison: Comparison { demand: 0.0, capacity: 1.0 },
        combination: "",
        pattern: LoadPattern::ALL,
    };
    for case in cases {
        let Some(comparison) = compare(&mut Silent, kind, case) else { continue };
        if worst.combination.is_empty() || worst.ratio() < comparison.ratio() {
            worst = CheckResult { kind, comparison, combination: case.combination.name, pattern: case.pattern };
        }
    }
    worst
}

/// The most any support is lifted with: dead load holds down, loads that come and go stand where they lift the most.
fn largest_uplift(bridge: &Bridge<'_>) -> f64 {
    if bridge.is_simple() {
        return 0.0;
    }
    let supports = bridge.supports();
    let lifting = supports.iter().flat_map(|at| {
        let by_kind = bridge.support_by_kind(*at, f64::min);
        STRENGTH_COMBINATIONS.iter().map(move |combination| -combination.total(&by_kind))
    });
    lifting.fold(0.0, f64::max)
}
