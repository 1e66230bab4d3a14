//! # The word
//!
//! **What it does.** Says of a planned opening whether it carries, in one word and a sentence: from everything on the load's way
//! down that is checked, header, jacks, plate, posts, kings, and from what is wrong in the framing.
//!
//! **Source.** Common practice, no source, for *barely*: from 90 % on an unmeasured span or a wet board takes what is left.
//!
//! **Assumptions and limits.** *Only the table allows it* is said where the code's table governs and takes a header whose own
//! strength or sag fails by calculation, while all else holds.

use std::fmt;

use super::finding::Finding;
use super::king_count::{KingsAsked, KingsBy};
use super::opening_plan::{OpeningOutcome, OpeningPlan, SizedHeader};
use crate::lumber::{Grade, SawnSize, Species, design_values};
use crate::measure::{End, LengthStyle};
use crate::sizing::evaluate::Evaluation;
use crate::sizing::header::CheckKind;
use crate::sizing::jacks::{JackCount, JackReason};
use crate::sizing::problem::OpeningProblem;
use crate::sizing::schools::School;
use crate::sizing::verdict::{BARELY_FROM, Verdict};

/// What works under load.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Worked {
    /// The header, in one of its checks.
    Header(CheckKind),
    /// The jacks of an end.
    Jacks(JackReason, End),
    /// The kings of an end, in what their check calls it.
    Kings(&'static str, End),
}

impl fmt::Display for Worked {
    fn fmt(&self, formatter: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            Self::Header(check) => formatter.write_str(check.name()),
            Self::Jacks(reason, end) => write!(formatter, "{} of the jacks, {} end", reason.name(), end.word()),
            Self::Kings(what, end) => write!(formatter, "{what}, {} end", end.word()),
        }
    }
}

/// Something that works under load, and how hard.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Work {
    /// What.
    pub what: Worked,
    /// Demand over capacity.
    pub ratio: f64,
    /// The combination that governs it, where combinations play a part.
    pub combination: &'static str,
}

/// Everything of an opening that works, the hardest first.
pub fn works(plan: &OpeningPlan) -> Vec<Work> {
    let mut works: Vec<Work> = Vec::new();
    if let OpeningOutcome::Header(sized) = &plan.outcome {
        works.extend(header_works(&sized.evaluation));
        for end in End::BOTH {
            let reasons = sized.evaluation.packs.at(end).reasons.iter().filter(|count| count.ratio > 0.0);
            works.extend(reasons.map(|count| jack_work(count, end)));
        }
    }
    match plan.outcome {
        OpeningOutcome::Header(_) | OpeningOutcome::Flat => {
            for end in End::BOTH {
                let hardest = plan.kings.at(end).hardest();
                works.extend(hardest.map(|(what, ratio)| Work {
                    what: Worked::Kings(what, end),
                    ratio,
                    combination: "wind",
                }));
            }
        }
        OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => {}
    }
    works.sort_by(|a, b| b.ratio.total_cmp(&a.ratio));
    works
}

fn header_works(evaluation: &Evaluation) -> impl Iterator<Item = Work> {
    let strength = evaluation.checks.iter().filter(|check| !matches!(check.kind, CheckKind::Width | CheckKind::Depth));
    strength.map(|check| Work {
        what: Worked::Header(check.kind),
        ratio: check.ratio(),
        combination: check.combination,
    })
}

fn jack_work(count: &JackCount, end: End) -> Work {
    Work { what: Worked::Jacks(count.reason, end), ratio: count.ratio, combination: count.combination }
}

/// The verdict and its sentence, with what was found about the opening's framing.
pub fn judge(plan: &OpeningPlan, findings: &[Finding]) -> (Verdict, String) {
    match &plan.outcome {
        OpeningOutcome::Outside(limit) => (Verdict::AskAnEngineer, limit.to_string()),
        OpeningOutcome::InBay(_) | OpeningOutcome::Flat | OpeningOutcome::Header(_) => {
            let stops: Vec<String> =
                findings.iter().filter(|found| found.stops(plan.id)).map(Finding::sentence).collect();
            let (verdict, sentence) = by_strength(plan);
            if stops.is_empty() {
                return (verdict, sentence);
            }
            let also = if verdict == Verdict::DoesNotCarry { sentence } else { String::new() };
            (Verdict::DoesNotCarry, [stops.join(" "), also].join(" ").trim().to_owned())
        }
    }
}

fn by_strength(plan: &OpeningPlan) -> (Verdict, String) {
    let works = works(plan);
    let hardest = works.first();
    let barely = hardest.is_some_and(|work| BARELY_FROM <= work.ratio);
    let carries = if barely { Verdict::CarriesBarely } else { Verdict::Carries };
    let kings = kings_that_fail(plan);
    match &plan.outcome {
        OpeningOutcome::InBay(_) => (
            Verdict::Carries,
            "It stands between two studs of the layout: nothing is cut, so no header, jacks or kings are needed."
                .into(),
        ),
        OpeningOutcome::Flat => {
            let flat = "The wall carries nothing here: a flat 2x is enough, a header would be waste.";
            match kings {
                Some(kings) => (Verdict::DoesNotCarry, kings),
                None => (carries, format!("{flat}{}", hardest.map_or_else(String::new, said))),
            }
        }
        OpeningOutcome::Header(sized) => {
            let evaluation = &sized.evaluation;
            let name = evaluation.header.name();
            let clear = sized.problem.clear.written(LengthStyle::FeetInches);
            if let Some(kings) = kings {
                let also =
                    if evaluation.carries() { String::new() } else { format!(" {}", fails(sized, &name, &clear)) };
                return (Verdict::DoesNotCarry, format!("{kings}{also}"));
            }
            if sized.only_the_table_allows_it() {
                return (Verdict::OnlyTheTable, by_the_table(sized, &name, &clear));
            }
            if !evaluation.carries() {
                return (Verdict::DoesNotCarry, fails(sized, &name, &clear));
            }
            (carries, format!("{name} over {clear}.{}", hardest.map_or_else(String::new, said)))
        }
        // Answered before it comes here.
        OpeningOutcome::Outside(limit) => (Verdict::AskAnEngineer, limit.to_string()),
    }
}

fn said(work: &Work) -> String {
    let combination = if work.combination.is_empty() { String::new() } else { format!(" ({})", work.combination) };
    format!(" {} works hardest, at {:.0} %{combination}.", capitalized(&work.what.to_string()), 100.0 * work.ratio)
}

/// Why the kings do not hold, in a sentence; `None` where they do.
fn kings_that_fail(plan: &OpeningPlan) -> Option<String> {
    let failing = End::BOTH.into_iter().find(|end| !plan.kings.at(*end).hold())?;
    let kings = plan.kings.at(failing);
    let framed = kings.framed().unwrap_or(0);
    let end = failing.word();
    Some(match kings.needed() {
        KingsAsked::NoneHolds { tried } if kings.decided.is_none() => {
            let (what, ratio) = kings.hardest().unwrap_or(("kings", f64::INFINITY));
            format!("No number of kings up to {tried} holds the wind: {what} at {:.0} %.", 100.0 * ratio)
        }
        KingsAsked::Count(needed) => {
            format!("{framed} kings at the {end} end, {needed} needed{}.", asked_by(plan, failing))
        }
        KingsAsked::NoneHolds { .. } | KingsAsked::NoNumber => {
            let (what, ratio) = kings.hardest().unwrap_or(("kings", f64::INFINITY));
            format!("{framed} kings at the {end} end: {what} at {:.0} %.", 100.0 * ratio)
        }
    })
}

fn asked_by(plan: &OpeningPlan, end: End) -> &'static str {
    let kings = plan.kings.at(end);
    let by_wind = kings.reasons.iter().any(|reason| reason.by == KingsBy::Wind && reason.asks == kings.needed());
    if by_wind { " in this wind" } else { " by the code's table" }
}

fn by_the_table(sized: &SizedHeader, name: &str, clear: &str) -> String {
    let span = sized.code_span.map_or_else(String::new, |span| span.written(LengthStyle::FeetInches));
    let why = sized.evaluation.failures().join("; ");
    format!("{name} over {clear}. The code's table takes it to {span}; by calculation: {why}.")
}

/// Why it does not carry. A count that somebody decided is blamed where that is why; else what would help is offered.
fn fails(sized: &SizedHeader, name: &str, clear: &str) -> String {
    let evaluation = &sized.evaluation;
    let why = evaluation.failures().join("; ");
    let header_fails = evaluation.checks.iter().any(|check| !check.passes());
    let decided = End::BOTH.into_iter().any(|end| sized.problem.conventions.fixed_jacks.at(end).is_some());
    let start = match (sized.chosen, sized.school, header_fails) {
        (_, _, false) if decided => "With the jacks that somebody decided: ",
        (false, School::Calculation, true) => "Nothing in stock carries; nearest is ",
        (false, School::Calculation, false) => "Not for want of a header: ",
        (false, School::ShopRule, _) => "By the shop's rule ",
        _ => "",
    };
    let help = what_would_help(sized).map_or_else(String::new, |help| format!(" {help}"));
    format!("{start}{name} over {clear}: {why}.{help}")
}

/// What would help where jacks are what is missing.
fn what_would_help(sized: &SizedHeader) -> Option<String> {
    let evaluation = &sized.evaluation;
    let short = End::BOTH.into_iter().find(|end| {
        let pack = evaluation.packs.at(*end);
        pack.needed.is_none_or(|needed| *evaluation.jacks.at(*end) < needed)
    })?;
    let pack = evaluation.packs.at(short);
    let hardest = pack.reasons.iter().max_by(|a, b| a.ratio.total_cmp(&b.ratio))?;
    let more = pack.needed.map(|needed| {
        let more = needed - *evaluation.jacks.at(short);
        format!("{more} jack{} more at the {} end", if more == 1 { "" } else { "s" }, short.word())
    });
    let other = match hardest.reason {
        JackReason::SolePlate => harder_plate(&sized.problem),
        JackReason::HeaderBearing => Some("a wider header".into()),
        JackReason::Eccentric => Some("the header in the middle of the wall, or filled to both faces".into()),
        JackReason::Column | JackReason::EndGrain => Some("studs of another grade or depth".into()),
        JackReason::FlatNailer => Some("no flat nailer".into()),
        JackReason::CodeTable | JackReason::ShopRule => None,
    };
    let ways: Vec<String> = [more, other].into_iter().flatten().collect();
    (!ways.is_empty()).then(|| format!("{} would help.", capitalized(&ways.join(", or "))))
}

/// A plate of the species that bears the most, where that is more than the one that is there.
fn harder_plate(problem: &OpeningProblem) -> Option<String> {
    let size = SawnSize::two_by(problem.jack.depth);
    let bearing =
        |species: Species| design_values::sawn(species, Grade::Number2, size).map(|values| values.bearing.to_psi());
    let all = Species::ALL.into_iter().filter_map(|species| Some((species, bearing(species)?)));
    let (species, psi) = all.max_by(|a, b| a.1.total_cmp(&b.1))?;
    (problem.plate_bearing.to_psi() < psi).then(|| format!("a plate of {}, {psi:.0} psi", species.name()))
}

pub(super) fn capitalized(word: &str) -> String {
    let mut characters = word.chars();
    characters.next().map_or(String::new(), |first| first.to_uppercase().chain(characters).collect())
}
