//! Houses as JSON, as `sturvek path` reads them and answers where their loads go.
//!
//! Each case is a house ([`case`]), read into what stands in it ([`read`]); each answer ([`answer`]) has what comes down on every line,
//! opening, beam and post, what reaches the ground, and what breaks on the way. A case that cannot be read says so for itself.

pub mod answer;
pub mod case;
pub mod read;

use sturvek_core::path::follow;

use crate::cases::{CasesError, ListOf, cases_in, id_of, read_case};

pub use answer::Answer;
pub use case::Case;

const LIST: ListOf = ListOf { of: "houses", most: 64 * 1024 * 1024 };

/// Reads houses and answers each. One that cannot be read answers for itself, with the fields' names; the others are answered.
///
/// # Errors
/// [`CasesError`] if the bytes are not a list.
pub fn answer_all(bytes: &[u8]) -> Result<Vec<Answer>, CasesError> {
    Ok(cases_in(bytes, LIST)?.iter().map(answer_one).collect())
}

fn answer_one(value: &serde_json::Value) -> Answer {
    let case: Case = match read_case(value) {
        Ok(case) => case,
        Err(fails) => return Answer::fails(id_of(value), vec![fails]),
    };
    match read::structure(&case) {
        Ok(structure) => Answer::of(&case, &structure, &follow(&structure)),
        Err(fails) => Answer::fails(case.id, fails),
    }
}
