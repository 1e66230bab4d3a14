//! One header over one opening, judged: jacks, reactions, every check over every combination.

use super::bridge::{Bridge, CombinedCase};
use super::header::{CheckKind, CheckResult, Comparison, bending, deflection, shear, width};
use super::jacks::{JackPack, jack_pack};
use super::limits::{LARGEST_POINT_LOAD, OutsideLimits, WIDEST_OPENING};
use super::problem::{Conventions, OpeningLoad, OpeningProblem};
use crate::loads::kind::{ByKind, Combination, LIVE_COMBINATIONS, STRENGTH_COMBINATIONS};
use crate::lumber::factors::wet_service::Service;
use crate::lumber::{HeaderBoard, HeaderSpec, design_values};
use crate::measure::{End, Ends};
use crate::working::{Pen, Silent, Unit};

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
    pub checks: Vec<CheckResult>,
    /// Why it does not carry, in sentences; empty if it does.
    pub failures: Vec<String>,
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
        self.failures.is_empty()
    }
}

/// Judges a header.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn evaluate(problem: &OpeningProblem, header: HeaderSpec) -> Result<Evaluation, OutsideLimits> {
    let bridge = settled_bridge(problem, header)?;
    let reactions = bridge.reactions_by_kind();
    let packs = reactions.map(|reactions| jack_pack(&bridge, &reactions));
    let checks = all_checks(&bridge);
    let mut failures: Vec<String> = checks.iter().filter_map(CheckResult::failure).collect();
    failures.extend(End::BOTH.iter().filter_map(|end| pack_failure(*end, packs.at(*end), &bridge)));
    Ok(Evaluation {
        header,
        jacks: bridge.jacks,
        design_span: bridge.design_span_inches(),
        reactions,
        packs,
        checks,
        failures,
    })
}

/// The bridge with its jacks settled. Jacks lengthen the design span and so the reactions; the count only ever grows, so
/// it settles.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn settled_bridge(problem: &OpeningProblem, header: HeaderSpec) -> Result<Bridge<'_>, OutsideLimits> {
    within_limits(problem)?;
    let values = header.board.values().ok_or_else(|| OutsideLimits::NoDesignValues { lumber: header.board.name() })?;
    let engineered = matches!(header.board, HeaderBoard::Engineered { .. });
    if engineered && problem.conventions.service == Service::Wet {
        return Err(OutsideLimits::WetEngineered { lumber: header.board.name() });
    }
    let jack = problem.jack;
    if design_values::sawn(jack.species, jack.grade, jack.depth).is_none() {
        return Err(OutsideLimits::NoDesignValues { lumber: jack.name() });
    }
    let most = problem.conventions.most_jacks;
    let Conventions { least_jacks, fixed_jacks, .. } = problem.conventions;
    let start = |end: End| fixed_jacks.at(end).unwrap_or(*least_jacks.at(end));
    let mut bridge =
        Bridge { problem, header, values, jacks: Ends { left: start(End::Left), right: start(End::Right) } };
    loop {
        let reactions = bridge.reactions_by_kind();
        let needed = |end: End| {
            let so_far = *bridge.jacks.at(end);
            match fixed_jacks.at(end) {
                Some(fixed) => *fixed,
                None => jack_pack(&bridge, reactions.at(end)).needed.unwrap_or(most).min(most).max(so_far),
            }
        };
        let jacks = Ends { left: needed(End::Left), right: needed(End::Right) };
        if jacks == bridge.jacks {
            return Ok(bridge);
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

fn all_checks(bridge: &Bridge<'_>) -> Vec<CheckResult> {
    let present = bridge.problem.kinds_present();
    let under = |combinations: &[Combination], creep: f64| -> Vec<CombinedCase<'_>> {
        let applying = combinations.iter().filter(|combination| combination.applies_to(&present));
        applying.map(|combination| bridge.under(&combination.with_dead_times(creep))).collect()
    };
    let strength = under(&STRENGTH_COMBINATIONS, 1.0);
    let live = under(&LIVE_COMBINATIONS, 1.0);
    let creep = bridge.problem.conventions.creep;
    let lasting = (creep > 1.0).then(|| under(&STRENGTH_COMBINATIONS, creep));
    let mut checks = Vec::with_capacity(6);
    checks.push(governing(CheckKind::Bending, &strength));
    checks.push(governing(CheckKind::Shear, &strength));
    checks.push(governing(CheckKind::LiveDeflection, &live));
    checks.push(governing(CheckKind::TotalDeflection, lasting.as_ref().unwrap_or(&strength)));
    checks.push(width::width_in_wall(bridge.header, bridge.problem.wall_depth));
    if let Some(deepest) = bridge.problem.conventions.deepest {
        checks.push(width::depth_in_room(bridge.header, deepest));
    }
    checks
}

/// Demand and capacity of a strength or deflection check in one case; of another check, nothing.
pub fn compare<P: Pen>(pen: &mut P, kind: CheckKind, case: &CombinedCase<'_>) -> Option<Comparison> {
    let conventions = &case.bridge.problem.conventions;
    match kind {
        CheckKind::Bending => Some(bending::bending(pen, case)),
        CheckKind::Shear => Some(shear::shear(pen, case)),
        CheckKind::LiveDeflection => Some(deflection::deflection(pen, case, conventions.live_deflection_limit)),
        CheckKind::TotalDeflection => Some(deflection::deflection(pen, case, conventions.total_deflection_limit)),
        CheckKind::Width | CheckKind::Depth => None,
    }
}

fn governing(kind: CheckKind, cases: &[CombinedCase<'_>]) -> CheckResult {
    let unit = match kind {
        CheckKind::Bending | CheckKind::Shear => Unit::Psi,
        _ => Unit::Inches,
    };
    // Without any live load there is nothing to bend under it: demand 0 against a capacity of 1.
    let nothing = CheckResult { kind, comparison: Comparison { demand: 0.0, capacity: 1.0 }, unit, combination: "" };
    cases
        .iter()
        .filter_map(|case| {
            let comparison = compare(&mut Silent, kind, case)?;
            Some(CheckResult { kind, comparison, unit, combination: case.combination.name })
        })
        .max_by(|a, b| a.ratio().total_cmp(&b.ratio()))
        .unwrap_or(nothing)
}

fn pack_failure(end: End, pack: &JackPack, bridge: &Bridge<'_>) -> Option<String> {
    let word = end.word();
    let provided = *bridge.jacks.at(end);
    match pack.needed {
        None => Some(format!("{word} end: no number of jacks is enough; they are too slender for the wall's depth")),
        Some(needed) if provided < needed => {
            Some(format!("{word} end: {needed} jacks needed for {:.0} lb, {provided} there", pack.largest_load))
        }
        Some(_) => None,
    }
}
