//! Cut plans as JSON, as `sturvek cut` reads what is wanted and answers which sticks to buy and how to cut them.
//!
//! Each case has pieces and stock ([`case`]), read into what is planned section by section ([`read`]); each answer ([`answer`]) has every
//! stick with its cuts, what they cost, and what no plan can cost less than. A case that cannot be read or planned says so for itself.

pub mod answer;
pub mod case;
pub mod read;

use std::num::NonZeroUsize;
use std::sync::atomic::{AtomicUsize, Ordering};

use sturvek_core::cutting::sticks::{Effort, NoPlan, SectionWanted, plan_sections};
use sturvek_core::measure::Length;

use crate::cases::{CasesError, ListOf, cases_in, id_of, read_case};

pub use answer::{Answer, StickAnswer};
pub use case::Case;

const LIST: ListOf = ListOf { of: "cut plans", most: 64 * 1024 * 1024 };

/// Plans every case, several at once where there are cores for it. One that cannot be read answers for itself, with the fields'
/// names; the others are answered.
///
/// # Errors
/// [`CasesError`] if the bytes are not a list.
pub fn answer_all(bytes: &[u8]) -> Result<Vec<Answer>, CasesError> {
    let cases = cases_in(bytes, LIST)?;
    let next = AtomicUsize::new(0);
    let workers = std::thread::available_parallelism().map_or(1, NonZeroUsize::get).min(cases.len().max(1));
    let mut answers: Vec<(usize, Answer)> = std::thread::scope(|scope| {
        let work = || {
            let mut mine = Vec::new();
            loop {
                let place = next.fetch_add(1, Ordering::Relaxed);
                let Some(case) = cases.get(place) else { return mine };
                mine.push((place, answer_one(case)));
            }
        };
        let working: Vec<_> = (0..workers).map(|_| scope.spawn(work)).collect();
        let joined = |worker: std::thread::ScopedJoinHandle<'_, Vec<_>>| {
            worker.join().unwrap_or_else(|panic| std::panic::resume_unwind(panic))
        };
        working.into_iter().flat_map(joined).collect()
    });
    answers.sort_by_key(|(place, _)| *place);
    Ok(answers.into_iter().map(|(_, answer)| answer).collect())
}

fn answer_one(value: &serde_json::Value) -> Answer {
    let case: Case = match read_case(value) {
        Ok(case) => case,
        Err(fails) => return Answer::fails(id_of(value), vec![fails]),
    };
    let asked = match read::asked(&case) {
        Ok(asked) => asked,
        Err(fails) => return Answer::fails(case.id, fails),
    };
    let sections: Vec<SectionWanted<'_>> =
        asked.sections.iter().map(|(_, case)| SectionWanted { wanted: &case.wanted, stock: &case.stock }).collect();
    let plans = plan_sections(&sections, asked.saw, Effort::default());
    let mut answer = Answer::fails(case.id, Vec::new());
    let inches = |length: Length| asked.written.get(&length).copied().unwrap_or(length.to_inches());
    let (mut cost, mut bound, mut waste) = (0, 0, Length::ZERO);
    for ((section, case), plan) in asked.sections.iter().zip(plans) {
        let plan = match plan {
            Ok(plan) => plan,
            Err(none) => {
                answer.fails.push(why_not(section, none, &inches));
                continue;
            }
        };
        cost += plan.cost.0;
        bound += plan.bound.0;
        waste += plan.waste(&case.stock);
        for stick in plan.sticks {
            let stock = case.stock[stick.stock];
            let one = StickAnswer {
                section: section.clone(),
                length_in: inches(stock.length),
                price_cents: stock.price.0,
                cuts_in: stick.cuts.iter().map(|cut| inches(*cut)).collect(),
            };
            answer.sticks.extend(std::iter::repeat_n(one, stick.count as usize));
        }
    }
    if !answer.fails.is_empty() {
        answer.sticks.clear();
        return answer;
    }
    Answer {
        cost_cents: Some(cost),
        bound_cents: Some(bound),
        waste_in: Some(waste.to_inches()),
        optimal: cost == bound,
        ..answer
    }
}

fn why_not(section: &str, none: NoPlan, inches: &impl Fn(Length) -> f64) -> String {
    match none {
        NoPlan::TooLong { piece, longest: Some(longest) } => {
            format!("A piece of {section} is {} in. long; the longest stick is {} in.", inches(piece), inches(longest))
        }
        NoPlan::TooLong { longest: None, .. } => format!("There is no stick of {section}."),
        NoPlan::NotEnough { pieces, proven: true } => {
            format!("There are not sticks enough of {section} for its {pieces} pieces.")
        }
        NoPlan::NotEnough { pieces, proven: false } => {
            format!("No plan was found for the {pieces} pieces of {section} with the sticks there are.")
        }
    }
}
