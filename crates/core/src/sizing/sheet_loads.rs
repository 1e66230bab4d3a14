//! The loads on the calculation sheet: from what comes down on every foot of the header, and its own weight, to the load that
//! the checks are made with; and from the reactions of every kind to what each pack carries.

use super::bridge::Bridge;
use super::evaluate::Evaluation;
use super::placed::Placed;
use super::problem::OpeningLoad;
use super::sheet_part::SheetPart;
use crate::codes::{Combination, Topic};
use crate::loads::{ByKind, LoadKind};
use crate::measure::{End, Force, Length};
use crate::say;
use crate::speech::{Joined, Phrase, distance};
use crate::working::{Clause, Ink, Number, Pen, Unit, Written};

/// The load along the header in the combination that bends it hardest, lb/in.; where not all of it is even, what else there is.
pub fn load_along(bridge: &Bridge<'_>, combination: &Combination) -> SheetPart {
    let mut ink = Ink::default();
    let even = bridge.placed().filter_map(|placed| match placed {
        Placed::Even { amounts, throughout: true, .. } => Some(amounts),
        _ => None,
    });
    let even = even.fold(ByKind::default(), |sum, amounts| sum + amounts);
    let mut sum = combined(&mut ink, combination, &even.map(|pounds_per_inch| 12.0 * pounds_per_inch));
    if bridge.problem.conventions.self_weight {
        let area = ink.given("A", bridge.section.area);
        let density = ink.given("ρ", bridge.header.board.density_pcf());
        let own = area * density / Number::constant(144.0);
        let own = ink.step("step-own-weight-of-the-header", "w_own", Unit::PoundsPerFoot, Clause::STATICS, own);
        let factor = combination.factors[LoadKind::Dead];
        let own = if is_whole(factor) { own } else { Written::constant(factor) * own };
        sum = Some(sum.map_or(own.clone(), |sum| sum + own));
    }
    if let Some(sum) = sum {
        let foot = Number::constant(12.0);
        let clause = bridge.problem.conventions.code.clause(Topic::Combinations);
        ink.step("step-load-along-the-header", "w", Unit::PoundsPerInch, clause, sum / foot);
    }
    for load in bridge.problem.loads.iter().filter(|load| !is_beside(load, bridge)) {
        if let Some(remark) = not_throughout(load) {
            ink.note(|| remark);
        }
    }
    SheetPart { title: say!("title-load-along", combination = combination.index.phrase()), entries: ink.into_entries() }
}

/// What each pack carries in the combination that loads it most, lb.
pub fn pack_loads(bridge: &Bridge<'_>, evaluation: &Evaluation) -> SheetPart {
    let mut ink = Ink::default();
    let code = bridge.problem.conventions.code;
    for end in End::BOTH {
        let amounts = evaluation.reactions.at(end).map(Force::to_lbf);
        let total = |combination: &&Combination| combination.total(&amounts);
        let applying = bridge.strength_combinations().map(|(_, combination)| combination);
        let Some(most) = applying.max_by(|a, b| total(a).total_cmp(&total(b))) else { continue };
        if total(&most) <= 0.0 {
            ink.note(|| say!("note-pack-is-not-loaded", end));
            continue;
        }
        if let Some(sum) = combined(&mut ink, most, &amounts) {
            let (what, symbol) = match end {
                End::Left => ("step-load-on-the-left-pack", "P_left"),
                End::Right => ("step-load-on-the-right-pack", "P_right"),
            };
            ink.step(what, symbol, Unit::Pounds, code.clause(Topic::Combinations), sum);
        }
    }
    SheetPart { title: say!("title-pack-loads"), entries: ink.into_entries() }
}

/// `D + 0.75 · L + 0.75 · S`, of the kinds that are there; `None` where none is.
fn combined(ink: &mut Ink, combination: &Combination, amounts: &ByKind<f64>) -> Option<Written> {
    let there = LoadKind::ALL.into_iter().filter(|kind| 0.0 < (combination.factors[*kind] * amounts[*kind]).abs());
    let terms = there.map(|kind| {
        let (amount, factor) = (ink.given(kind.symbol(), amounts[kind]), combination.factors[kind]);
        if is_whole(factor) { amount } else { Written::constant(factor) * amount }
    });
    terms.reduce(|sum, term| sum + term)
}

fn is_whole(factor: f64) -> bool {
    (factor - 1.0).abs() < f64::EPSILON
}

/// Whether a load along the wall lies beside a header that ends on its packs: it presses their studs, not the header.
fn is_beside(load: &OpeningLoad, bridge: &Bridge<'_>) -> bool {
    let OpeningLoad::Sloped { extent: (from, to), .. } = load else { return false };
    let past = &bridge.problem.run.past;
    past.left.is_none() && *to <= Length::ZERO || past.right.is_none() && bridge.problem.clear <= *from
}

/// What is not the same all along the header, in words.
fn not_throughout(load: &OpeningLoad) -> Option<Phrase> {
    match load {
        OpeningLoad::Line { extent: None, .. } => None,
        OpeningLoad::Line { amount, extent: Some((from, to)) } => {
            Some(say!("note-load-from-to", loads = several(amount.said()), from = distance(from), to = distance(to)))
        }
        OpeningLoad::Sloped { at_start, at_end, extent: (from, to) } if at_start == at_end => Some(say!(
            "note-load-from-to",
            loads = several(at_start.said()),
            from = distance(*from),
            to = distance(*to)
        )),
        OpeningLoad::Sloped { at_start, at_end, extent: (from, to) } => Some(say!(
            "note-load-growing",
            start = several(at_start.said()),
            end = several(at_end.said()),
            from = distance(from),
            to = distance(to),
        )),
        OpeningLoad::Point { amount, at } => {
            Some(say!("note-load-at", loads = several(amount.said()), at = distance(at)))
        }
    }
}

fn several(said: Vec<Phrase>) -> Phrase {
    Phrase::several(said, Joined::Commas)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::sizing::evaluate::settled_bridge;
    use crate::sizing::header::CheckKind;
    use crate::sizing::testing::{evaluated, roof_window};
    use crate::working::{Entry, Step};

    fn steps(part: SheetPart) -> Vec<Step> {
        let step = |entry| if let Entry::Step(step) = entry { Some(step) } else { None };
        part.entries.into_iter().filter_map(step).collect()
    }

    #[test]
    fn the_load_along_the_header_is_the_one_that_the_checks_are_made_with() {
        let problem = roof_window();
        let evaluation = evaluated(&problem);
        let bridge = settled_bridge(&problem, evaluation.header).expect("within limits");
        let bending = evaluation.check(CheckKind::Bending);
        let combination = bending.combination.expect("governed by one").combination();
        let steps = steps(load_along(&bridge, combination));
        let along = steps.last().expect("a load");
        assert_eq!((along.symbol.as_str(), along.unit), ("w", Unit::PoundsPerInch));
        let used = bridge.under(combination).only_uniform.expect("all of it is even");
        assert!((along.value - used).abs() < 1e-9, "{} {used}", along.value);
    }

    #[test]
    fn a_pack_carries_what_is_written_under_its_jacks() {
        let problem = roof_window();
        let evaluation = evaluated(&problem);
        let bridge = settled_bridge(&problem, evaluation.header).expect("within limits");
        let steps = steps(pack_loads(&bridge, &evaluation));
        let loads: Vec<f64> = steps.iter().map(|step| step.value).collect();
        let wanted = [evaluation.packs.left.largest_load, evaluation.packs.right.largest_load];
        assert_eq!(loads.len(), 2);
        for (load, wanted) in loads.iter().zip(wanted) {
            assert!((load - wanted).abs() < 1e-6, "{loads:?} {wanted:?}");
        }
    }
}
