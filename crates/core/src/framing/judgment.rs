//! # The word
//!
//! **What it does.** Says of a planned opening whether it carries, in one word and a sentence: from everything on the load's way
//! down that is checked, header, jacks, plate, posts, kings, and from what is wrong in the framing.
//!
//! **Source.** Common practice, no source, for *barely*: from 90 % on an unmeasured span or a wet board takes what is left.
//!
//! **Assumptions and limits.** *Only the table allows it* is said where the code's table governs and takes a header whose own
//! strength or sag fails by calculation, while all else holds.

use super::king_count::{KingCheck, KingsAsked, KingsBy};
use super::opening_plan::{OpeningOutcome, OpeningPlan, SizedHeader};
use crate::codes::CombinationIndex;
use crate::finding::Finding;
use crate::lumber::{Grade, SawnSize, Species};
use crate::measure::{End, Length};
use crate::say;
use crate::sizing::evaluate::Evaluation;
use crate::sizing::header::CheckKind;
use crate::sizing::jacks::{JackCount, JackReason};
use crate::sizing::problem::OpeningProblem;
use crate::sizing::schools::School;
use crate::sizing::verdict::{BARELY_FROM, Verdict};
use crate::speech::{Argument, Joined, Phrase, distance, percent};

/// What works under load.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Worked {
    /// The header, in one of its checks.
    Header(CheckKind),
    /// The jacks of an end.
    Jacks(JackReason, End),
    /// The kings of an end, in what their check calls it.
    Kings(KingCheck, End),
}

impl Worked {
    /// What it is called.
    pub fn phrase(&self) -> Phrase {
        match self {
            Self::Header(check) => check.phrase(),
            Self::Jacks(reason, end) => say!("works-jacks", reason = reason.phrase(), end = *end),
            Self::Kings(check, end) => say!("works-kings", check = check.phrase(), end = *end),
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
    pub combination: Option<CombinationIndex>,
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
                    combination: Some(CombinationIndex::wind_alone(plan.code)),
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
pub fn judge(plan: &OpeningPlan, findings: &[Finding]) -> (Verdict, Phrase) {
    match &plan.outcome {
        OpeningOutcome::Outside(limit) => (Verdict::AskAnEngineer, limit.phrase()),
        OpeningOutcome::InBay(_) | OpeningOutcome::Flat | OpeningOutcome::Header(_) => {
            let mut stops: Vec<Phrase> =
                findings.iter().filter(|found| found.stops(plan.id)).map(|found| found.phrase.clone()).collect();
            let (verdict, sentence) = by_strength(plan);
            if stops.is_empty() {
                return (verdict, sentence);
            }
            if verdict == Verdict::DoesNotCarry {
                stops.push(sentence);
            }
            (Verdict::DoesNotCarry, Phrase::several(stops, Joined::Sentences))
        }
    }
}

fn by_strength(plan: &OpeningPlan) -> (Verdict, Phrase) {
    let works = works(plan);
    let hardest = works.first();
    let barely = hardest.is_some_and(|work| BARELY_FROM <= work.ratio);
    let carries = if barely { Verdict::CarriesBarely } else { Verdict::Carries };
    let kings = kings_that_fail(plan);
    let sentences = |first: Phrase, then: Option<Phrase>| {
        Phrase::several([Some(first), then].into_iter().flatten().collect(), Joined::Sentences)
    };
    match &plan.outcome {
        OpeningOutcome::InBay(_) => (Verdict::Carries, say!("verdict-in-bay")),
        OpeningOutcome::Flat => match kings {
            Some(kings) => (Verdict::DoesNotCarry, kings),
            None => (carries, sentences(say!("verdict-flat"), hardest.map(said))),
        },
        OpeningOutcome::Header(sized) => {
            let evaluation = &sized.evaluation;
            if let Some(kings) = kings {
                let also = (!evaluation.carries()).then(|| fails(sized));
                return (Verdict::DoesNotCarry, sentences(kings, also));
            }
            if sized.only_the_table_allows_it() {
                return (Verdict::OnlyTheTable, by_the_table(sized));
            }
            if !evaluation.carries() {
                return (Verdict::DoesNotCarry, fails(sized));
            }
            (carries, sentences(over(sized, "verdict-header"), hardest.map(said)))
        }
        // Answered before it comes here.
        OpeningOutcome::Outside(limit) => (Verdict::AskAnEngineer, limit.phrase()),
    }
}

/// The header and what it goes over, as a message of this id.
fn over(sized: &SizedHeader, id: &'static str) -> Phrase {
    Phrase::plain(id).with("header", sized.evaluation.header.name()).with("clear", distance(sized.problem.clear))
}

fn said(work: &Work) -> Phrase {
    let (what, at) = (work.what.phrase(), percent(work.ratio));
    match work.combination {
        None => say!("verdict-hardest", what, at),
        Some(combination) => say!("verdict-hardest-under", what, at, combination = combination.phrase()),
    }
}

/// Why the kings do not hold, in a sentence; `None` where they do.
fn kings_that_fail(plan: &OpeningPlan) -> Option<Phrase> {
    let end = End::BOTH.into_iter().find(|end| !plan.kings.at(*end).hold())?;
    let kings = plan.kings.at(end);
    let framed = kings.framed().unwrap_or(0);
    let (check, ratio) = kings.hardest().unwrap_or((KingCheck::Together, f64::INFINITY));
    let (what, at) = (check.phrase(), percent(ratio));
    Some(match kings.needed() {
        KingsAsked::NoneHolds { tried } if kings.decided.is_none() => say!("kings-none-holds", tried, what, at),
        KingsAsked::Count(needed) if asked_by_wind(plan, end) => say!("kings-needed-in-wind", framed, end, needed),
        KingsAsked::Count(needed) => say!("kings-needed-by-table", framed, end, needed),
        KingsAsked::NoneHolds { .. } | KingsAsked::NoNumber => say!("kings-fail", framed, end, what, at),
    })
}

fn asked_by_wind(plan: &OpeningPlan, end: End) -> bool {
    let kings = plan.kings.at(end);
    kings.reasons.iter().any(|reason| reason.by == KingsBy::Wind && reason.asks == kings.needed())
}

fn by_the_table(sized: &SizedHeader) -> Phrase {
    let span = sized.code_span.unwrap_or(Length::ZERO);
    over(sized, "verdict-by-the-table").with("span", distance(span)).with("why", why(sized))
}

fn why(sized: &SizedHeader) -> Argument {
    Argument::Phrases(sized.evaluation.failures(), Joined::Semicolons)
}

/// Why it does not carry. A count that somebody decided is blamed where that is why; else what would help is offered.
fn fails(sized: &SizedHeader) -> Phrase {
    let evaluation = &sized.evaluation;
    let header_fails = evaluation.checks.iter().any(|check| !check.passes());
    let decided = End::BOTH.into_iter().any(|end| sized.problem.conventions.fixed_jacks.at(end).is_some());
    let id = match (sized.chosen, sized.school, header_fails) {
        (_, _, false) if decided => "fails-by-decided-jacks",
        (false, School::Calculation, true) => "fails-nearest",
        (false, School::Calculation, false) => "fails-not-for-want-of-a-header",
        (false, School::ShopRule, _) => "fails-by-shop-rule",
        _ => "fails",
    };
    let fails = over(sized, id).with("why", why(sized));
    Phrase::several([Some(fails), what_would_help(sized)].into_iter().flatten().collect(), Joined::Sentences)
}

/// What would help where jacks are what is missing.
fn what_would_help(sized: &SizedHeader) -> Option<Phrase> {
    let evaluation = &sized.evaluation;
    let end = End::BOTH.into_iter().find(|end| {
        let pack = evaluation.packs.at(*end);
        pack.needed.is_none_or(|needed| *evaluation.jacks.at(*end) < needed)
    })?;
    let pack = evaluation.packs.at(end);
    let hardest = pack.reasons.iter().max_by(|a, b| a.ratio.total_cmp(&b.ratio))?;
    let more = pack.needed.map(|needed| say!("help-more-jacks", more = needed - *evaluation.jacks.at(end), end));
    let other = match hardest.reason {
        JackReason::SolePlate => harder_plate(&sized.problem),
        JackReason::HeaderBearing => Some(say!("help-wider-header")),
        JackReason::Eccentric => Some(say!("help-header-centered-or-filled")),
        JackReason::Column | JackReason::EndGrain => Some(say!("help-other-studs")),
        JackReason::FlatNailer => Some(say!("help-no-flat-nailer")),
        JackReason::CodeTable | JackReason::ShopRule => None,
    };
    let ways: Vec<Phrase> = [more, other].into_iter().flatten().collect();
    (!ways.is_empty()).then(|| say!("would-help", ways = Argument::Phrases(ways, Joined::Commas)))
}

/// A plate of the species that bears the most, where that is more than the one that is there.
fn harder_plate(problem: &OpeningProblem) -> Option<Phrase> {
    let size = SawnSize::two_by(problem.jack.depth);
    let code = problem.conventions.code;
    let bearing = |species: Species| code.sawn_values(species, Grade::Number2, size).map(|values| values.bearing);
    let all = Species::ALL.into_iter().filter_map(|species| Some((species, bearing(species)?)));
    let (species, bears) = all.max_by(|a, b| a.1.to_psi().total_cmp(&b.1.to_psi()))?;
    let harder = problem.plate_bearing.to_psi() < bears.to_psi();
    harder.then(|| say!("help-harder-plate", species = species.name(), bears))
}
