//! The calculation sheet: the same checks, run with ink.

use super::bridge::Bridge;
use super::evaluate::{Evaluation, settled_bridge};
use super::hardest::compare;
use super::header::post::post_working;
use super::header::{CheckKind, CheckResult, Comparison, sideways};
use super::jacks::{JackPack, JackReason, column, eccentric, end_grain, flat_nailer, header_bearing, sole_plate};
use super::limits::OutsideLimits;
use super::problem::OpeningProblem;
use super::sheet_loads::{load_along, pack_loads};
pub use super::sheet_part::SheetPart;
use crate::codes::question::PressedWood;
use crate::codes::{Combination, CombinationIndex, Topic};
use crate::lumber::HeaderSpec;
use crate::measure::End;
use crate::say;
use crate::speech::{Argument, Joined, Phrase, decimal};
use crate::working::{Clause, Ink, Number, Pen, Silent, Unit};

/// Writes out everything behind an evaluation.
///
/// # Errors
/// [`OutsideLimits`] where the method gives no number.
pub fn calculation_sheet(problem: &OpeningProblem, evaluation: &Evaluation) -> Result<Vec<SheetPart>, OutsideLimits> {
    let bridge = settled_bridge(problem, evaluation.header)?;
    let mut parts = vec![span_part(&bridge), combinations_part(&bridge)];
    let bending = evaluation.checks.iter().find(|check| check.kind == CheckKind::Bending);
    if let Some(index) = bending.and_then(|check| check.combination) {
        parts.push(load_along(&bridge, index.combination()));
    }
    for check in &evaluation.checks {
        let Some(index) = check.combination else { continue };
        parts.extend(check_part(&bridge, check, index));
    }
    if !problem.run.posts.is_empty() {
        let mut ink = Ink::default();
        post_working(&mut ink, &bridge);
        parts.push(SheetPart { title: say!("title-posts"), entries: ink.into_entries() });
    }
    if let Some((wind, (combination, _))) = problem.sideways.zip(sideways::hardest(&bridge)) {
        let mut ink = Ink::default();
        sideways::sideways(&mut ink, &bridge, &wind, combination);
        let title = check_under(CheckKind::Sideways, combination.index);
        parts.push(SheetPart { title, entries: ink.into_entries() });
    }
    parts.push(pack_loads(&bridge, evaluation));
    for end in End::BOTH {
        parts.push(jacks_part(&bridge, end, evaluation.packs.at(end)));
    }
    Ok(parts)
}

/// A check in its governing combination; `None` of one that is not made by combinations.
pub(super) fn check_part(bridge: &Bridge<'_>, check: &CheckResult, index: CombinationIndex) -> Option<SheetPart> {
    let conventions = &bridge.problem.conventions;
    let combination = lasting(check.kind, index, conventions.creep);
    let mut ink = Ink::default();
    let comparison = compare(&mut ink, check.kind, &bridge.under_pattern(&combination, check.pattern))?;
    ratio_step(&mut ink, comparison, check.kind.clause(conventions.code));
    Some(SheetPart { title: check_under(check.kind, index), entries: ink.into_entries() })
}

/// How hard it works: demand over capacity.
pub(super) fn ratio_step(ink: &mut Ink, comparison: Comparison, clause: Clause) {
    let ratio = ink.given("⟨symbol-demand⟩", comparison.demand) / ink.given("⟨symbol-capacity⟩", comparison.capacity);
    ink.step("step-how-hard-it-works", "⟨symbol-ratio⟩", Unit::None, clause, ratio);
}

pub(super) fn check_under(check: CheckKind, combination: CombinationIndex) -> Phrase {
    say!("check-under", check = check.phrase(), combination = combination.phrase())
}

/// The combination as the check took it: total sag counts the dead load as often as creep makes it.
fn lasting(kind: CheckKind, index: CombinationIndex, creep: f64) -> Combination {
    let combination = *index.combination();
    if kind == CheckKind::TotalDeflection { combination.with_dead_times(creep) } else { combination }
}

fn span_part(bridge: &Bridge<'_>) -> SheetPart {
    let mut ink = Ink::default();
    if bridge.is_simple() {
        let clear = bridge.problem.clear.to_inches();
        let extra = bridge.design_span_inches() - clear;
        let span = ink.given("⟨symbol-clear-opening⟩", clear) + ink.given("⟨symbol-half-of-each-jack-pack⟩", extra);
        ink.step(
            "step-design-span",
            "L",
            Unit::Inches,
            bridge.problem.conventions.code.clause(Topic::DesignSpan),
            span,
        );
    } else {
        ink.note(|| {
            let supports = bridge.supports();
            let at = supports.iter().map(|at| say!("an-amount", amount = decimal(*at, Unit::Inches, 2)));
            say!("note-runs-over-supports", supports = Argument::Phrases(at.collect(), Joined::Commas))
        });
        let longest = ink.given("⟨symbol-the-longest-span⟩", bridge.design_span_inches());
        ink.step(
            "step-design-span",
            "L",
            Unit::Inches,
            bridge.problem.conventions.code.clause(Topic::DesignSpan),
            longest,
        );
    }
    let header = bridge.header;
    section_steps(&mut ink, header);
    SheetPart { title: say!("title-span", header = header.name()), entries: ink.into_entries() }
}

/// What a header's section is.
pub(super) fn section_steps(ink: &mut Ink, header: HeaderSpec) {
    let width = ink.given("⟨symbol-plies⟩", f64::from(header.plies))
        * ink.given("⟨symbol-ply⟩", header.board.ply_width().to_inches());
    let width = ink.step("step-width", "b", Unit::Inches, Clause::STATICS, width);
    let depth = ink.given("d", header.board.depth().to_inches());
    ink.step("step-area", "A", Unit::SquareInches, Clause::STATICS, width.clone() * depth.clone());
    let modulus = width.clone() * depth.clone().power(2.0) / Number::constant(6.0);
    ink.step("step-section-modulus", "S", Unit::CubicInches, Clause::STATICS, modulus);
    let inertia = width * depth.power(3.0) / Number::constant(12.0);
    ink.step("step-moment-of-inertia", "I", Unit::InchesFourth, Clause::STATICS, inertia);
}

/// The total on the header in every combination, so that it is seen which one governs and why.
fn combinations_part(bridge: &Bridge<'_>) -> SheetPart {
    let mut ink = Ink::default();
    let present = bridge.problem.kinds_present();
    let code = bridge.problem.conventions.code;
    for combination in code.strength().iter().filter(|combination| combination.applies_to(&present)) {
        let case = bridge.under(combination);
        let total = ink.given("⟨symbol-total-on-the-header⟩", case.loads.iter().map(|load| load.resultant()).sum());
        let per_duration = total / ink.given(code.duration_symbol(), combination.duration);
        ink.step(
            "step-load-over-its-duration-factor",
            combination.name,
            Unit::Pounds,
            code.clause(Topic::Combinations),
            per_duration,
        );
    }
    SheetPart { title: say!("title-combinations"), entries: ink.into_entries() }
}

fn jacks_part(bridge: &Bridge<'_>, end: End, pack: &JackPack) -> SheetPart {
    let mut ink = Ink::default();
    let code = bridge.problem.conventions.code;
    for count in &pack.reasons {
        let combination = count.combination.map(CombinationIndex::combination);
        let each = match (count.reason, combination) {
            (JackReason::HeaderBearing, _) => Some(header_bearing::one_jack_carries(&mut ink, bridge)),
            (JackReason::SolePlate, _) => {
                Some(sole_plate::one_jack_carries(&mut ink, bridge, end, count.count.unwrap_or(1)))
            }
            (JackReason::Column, Some(combination)) => column::one_jack_carries(&mut ink, bridge, combination),
            (JackReason::EndGrain, Some(combination)) => end_grain::one_jack_carries(&mut ink, bridge, combination),
            (JackReason::FlatNailer, _) => flat_nailer::one_jack_carries(&mut ink, bridge),
            (JackReason::Eccentric, Some(combination)) => {
                off_middle(&mut ink, bridge, combination, count.load, *bridge.jacks.at(end));
                continue;
            }
            (
                JackReason::Column
                | JackReason::EndGrain
                | JackReason::Eccentric
                | JackReason::CodeTable
                | JackReason::ShopRule,
                _,
            ) => None,
        };
        match each {
            Some(each) => {
                let load = ink.given("⟨symbol-pack-load⟩", count.load);
                ink.step("step-jacks-to-be-rounded-up", "n", Unit::None, count.reason.clause(code), load / each);
            }
            None => ink.note(|| say!("note-no-jacks-enough", reason = count.reason.phrase())),
        }
    }
    SheetPart { title: say!("title-jacks", end), entries: ink.into_entries() }
}

/// The jacks that are there, pressed off their middle.
fn off_middle(ink: &mut Ink, bridge: &Bridge<'_>, combination: &Combination, load: f64, jacks: u8) {
    let Some(off) = eccentric::eccentricity(bridge) else { return };
    let code = bridge.problem.conventions.code;
    let depth = bridge.problem.wall_depth.to_inches();
    let area = bridge.stud_thickness() * depth;
    let length = bridge.problem.jack_length.under(bridge.header.board.depth()).to_inches();
    let column = column::one_jack_carries(&mut Silent, bridge, combination).map_or(0.0, |carries| carries / area);
    let wood = PressedWood { column, ..eccentric::wood(bridge, length, depth) };
    let stress = load / (f64::from(jacks.max(1)) * area);
    let jacks_there = ink.given("⟨symbol-jacks⟩", f64::from(jacks));
    let area = ink.given("t·d", area);
    let stress_there = ink.given("⟨symbol-pack-load⟩", load) / (jacks_there * area);
    ink.step("step-axial-stress", "fc", Unit::Psi, code.clause(Topic::Eccentric), stress_there);
    code.pressed_off_middle(ink, stress, &wood, combination.duration, (off, depth));
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::codes::DesignCode;
    use crate::sizing::testing::{evaluated, roof_window};
    use crate::working::Entry;

    #[test]
    fn the_sheet_shows_the_governing_check_with_its_numbers() {
        let problem = roof_window();
        let evaluation = evaluated(&problem);
        let sheet = calculation_sheet(&problem, &evaluation).expect("within limits");
        let bending = sheet
            .iter()
            .find(|part| part.title == check_under(CheckKind::Bending, DesignCode::default().strength()[3].index))
            .expect("bending part");
        let steps: Vec<(&str, &str)> = bending
            .entries
            .iter()
            .filter_map(|entry| match entry {
                Entry::Step(step) => Some((step.symbol.as_str(), step.figures.as_str())),
                Entry::Note(_) => None,
            })
            .collect();
        assert_eq!(steps[0], ("M", "48.3342 · 37.5^2 / 8"));
        assert_eq!(steps[1], ("fb", "8496.25 / 15.125"));
        assert_eq!(steps[2], ("Fb'", "875 · 1.15 · 1.3 · 1"));
    }

    #[test]
    fn the_sheet_ends_in_the_same_ratios_as_the_checks() {
        let problem = roof_window();
        let evaluation = evaluated(&problem);
        let sheet = calculation_sheet(&problem, &evaluation).expect("within limits");
        let ratios: Vec<f64> = sheet
            .iter()
            .flat_map(|part| &part.entries)
            .filter_map(|entry| match entry {
                Entry::Step(step) if step.symbol == "⟨symbol-ratio⟩" => Some(step.value),
                _ => None,
            })
            .collect();
        let wanted: Vec<f64> = evaluation.checks.iter().take(4).map(|check| check.ratio()).collect();
        assert_eq!(ratios.len(), 4);
        for (got, wanted) in ratios.iter().zip(wanted) {
            assert!((got - wanted).abs() < 1e-12);
        }
    }
}
