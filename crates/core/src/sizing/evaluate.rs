//! One header over one opening, judged: jacks, reactions, every check over every combination.

use super::bridge::Bridge;
use super::header::{CheckKind, CheckResult, Comparison, bending, deflection, shear, width};
use super::jacks::{JackPack, jack_pack};
use super::limits::{LARGEST_POINT_LOAD, OutsideLimits, WIDEST_OPENING};
use super::problem::{Conventions, OpeningLoad, OpeningProblem};
use crate::loads::kind::{ByKind, Combination, LIVE_COMBINATIONS, STRENGTH_COMBINATIONS};
use crate::lumber::{HeaderSpec, design_values};
use crate::measure::{End, Ends};
use crate::working::{Silent, Unit};

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
    let packs = Ends { left: jack_pack(&bridge, End::Left), right: jack_pack(&bridge, End::Right) };
    let checks = all_checks(&bridge);
    let mut failures: Vec<String> = checks.iter().filter_map(CheckResult::failure).collect();
    failures.extend(End::BOTH.iter().filter_map(|end| pack_failure(*end, packs.at(*end), &bridge)));
    Ok(Evaluation {
        header,
        jacks: bridge.jacks,
        design_span: bridge.design_span_inches(),
        reactions: bridge.reactions_by_kind(),
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
        let needed = |end: End| {
            let so_far = *bridge.jacks.at(end);
            match fixed_jacks.at(end) {
                Some(fixed) => *fixed,
                None => jack_pack(&bridge, end).needed.unwrap_or(most).min(most).max(so_far),
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
    let conventions = &bridge.problem.conventions;
    let present = bridge.problem.kinds_present();
    let strength = || STRENGTH_COMBINATIONS.into_iter().filter(move |combination| combination.applies_to(&present));
    let live = LIVE_COMBINATIONS.into_iter().filter(|combination| combination.applies_to(&present));
    let creep = conventions.creep;
    let mut checks = Vec::with_capacity(6);
    checks.push(governing(CheckKind::Bending, bridge, strength()));
    checks.push(governing(CheckKind::Shear, bridge, strength()));
    checks.push(governing(CheckKind::LiveDeflection, bridge, live));
    checks.push(governing(CheckKind::TotalDeflection, bridge, strength().map(|c| c.with_dead_times(creep))));
    checks.push(width::width_in_wall(bridge.header, bridge.problem.wall_depth));
    if let Some(deepest) = conventions.deepest {
        checks.push(width::depth_in_room(bridge.header, deepest));
    }
    checks
}

/// Demand and capacity of a strength or deflection check in one combination.
pub fn compare<P: crate::working::Pen>(
    pen: &mut P,
    kind: CheckKind,
    bridge: &Bridge<'_>,
    combination: &Combination,
) -> Comparison {
    let case = bridge.under(combination);
    let conventions = &bridge.problem.conventions;
    match kind {
        CheckKind::Bending => bending::bending(pen, &case),
        CheckKind::Shear => shear::shear(pen, &case),
        CheckKind::LiveDeflection => deflection::deflection(pen, &case, conventions.live_deflection_limit),
        CheckKind::TotalDeflection => deflection::deflection(pen, &case, conventions.total_deflection_limit),
        CheckKind::Width => width::width_in_wall(bridge.header, bridge.problem.wall_depth).comparison,
        CheckKind::Depth => {
            let deepest = conventions.deepest.unwrap_or(bridge.header.board.depth());
            width::depth_in_room(bridge.header, deepest).comparison
        }
    }
}

fn governing(kind: CheckKind, bridge: &Bridge<'_>, combinations: impl Iterator<Item = Combination>) -> CheckResult {
    let unit = match kind {
        CheckKind::Bending | CheckKind::Shear => Unit::Psi,
        _ => Unit::Inches,
    };
    // Without any live load there is nothing to bend under it: demand 0 against a capacity of 1.
    let nothing = CheckResult { kind, comparison: Comparison { demand: 0.0, capacity: 1.0 }, unit, combination: "" };
    combinations
        .map(|combination| {
            let comparison = compare(&mut Silent, kind, bridge, &combination);
            CheckResult { kind, comparison, unit, combination: combination.name }
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
