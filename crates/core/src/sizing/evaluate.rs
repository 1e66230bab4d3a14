//! One header over one opening, judged: jacks, reactions, every check over every combination.

use arrayvec::ArrayVec;

use super::bridge::{Bridge, KnownSpans};
use super::hardest::hardest_by_combination;
use super::header::{CheckKind, CheckResult, bending, post, sideways, width};
use super::jacks::{JackPack, JackStrength, KnownJacks, jack_pack};
use super::limits::{LARGEST_POINT_LOAD, MOST_LOADS_OVER_SUPPORTS, OutsideLimits, WIDEST_OPENING};
use super::load_pattern::LoadPattern;
use super::over_supports::Stand;
use super::problem::{Conventions, OpeningLoad, OpeningProblem};
use crate::codes::Service;
use crate::loads::ByKind;
use crate::lumber::{Family, HeaderSpec};
use crate::measure::Force;
use crate::measure::{End, Ends};
use crate::say;
use crate::speech::Phrase;

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
    let [bending, shear, live, total, door] = hardest_by_combination(bridge);
    let mut checks: ArrayVec<CheckResult, MOST_CHECKS> = [bending, shear, live, total].into_iter().collect();
    checks.extend(conventions.most_sag_over_door.map(|_| door));
    checks.extend(post::post_checks(bridge));
    checks.extend(sideways_check(bridge));
    checks.push(width::width_in_wall(bridge.header, bridge.problem.wall_depth));
    checks.extend(conventions.deepest.map(|deepest| width::depth_in_room(bridge.header, deepest)));
    Ok(checks)
}

/// Wind bending a hung header sideways, where it does.
fn sideways_check(bridge: &Bridge<'_>) -> Option<CheckResult> {
    let (combination, comparison) = sideways::hardest(bridge)?;
    let combination = Some(combination.index);
    Some(CheckResult { kind: CheckKind::Sideways, comparison, combination, pattern: LoadPattern::ALL })
}

/// The most any support is lifted with: dead load holds down, loads that come and go stand where they lift the most.
pub(super) fn largest_uplift(bridge: &Bridge<'_>) -> f64 {
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
