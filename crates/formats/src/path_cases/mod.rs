//! Houses as JSON, as `sturvek path` reads them and answers where their loads go.
//!
//! Each case is a house ([`case`]), read into what stands in it ([`read`]); each answer ([`answer`]) has what comes down on every line,
//! opening, beam and post, what reaches the ground, and what breaks on the way. A case that cannot be read says so for itself.

pub mod answer;
pub mod case;
pub mod read;

use sturvek_core::path::follow;

use crate::cases::{CasesError, ListOf, answer_each};

pub use answer::Answer;
pub use case::Case;

const LIST: ListOf = ListOf { of: "houses", most: 64 * 1024 * 1024 };

/// Reads houses and answers each. One that cannot be read answers for itself, with the fields' names; the others are answered.
///
/// # Errors
/// [`CasesError`] if the bytes are not a list.
pub fn answer_all(bytes: &[u8]) -> Result<Vec<Answer>, CasesError> {
    answer_each(bytes, LIST, answer_one, Answer::fails)
}

fn answer_one(case: &Case) -> Answer {
    match read::structure(case) {
        Ok(structure) => Answer::of(case, &structure, &follow(&structure)),
        Err(fails) => Answer::fails(case.id.clone(), fails),
    }
}
