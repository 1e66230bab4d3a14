//! Header problems as JSON, as `sturvek size` reads and answers them.
//!
//! Each case is an opening with everything in force ([`case`]); each answer ([`answer`]) has the header's ratios, the
//! reactions, the jacks with their reasons, and the kings. A case that is outside what is built says so; it never guesses.

pub mod answer;
pub mod case;
pub mod solve;

use crate::cases::{CasesError, ListOf, answer_each};

pub use answer::Answer;
pub use case::Case;

const LIST: ListOf = ListOf { of: "header cases", most: 16 * 1024 * 1024 };

/// Reads cases and answers each. A case that cannot be read answers for itself, with the field's name; the others are answered.
///
/// # Errors
/// [`CasesError`] if the bytes are not a list.
pub fn answer_all(bytes: &[u8]) -> Result<Vec<Answer>, CasesError> {
    answer_each(bytes, LIST, solve::answer, |id, fails| Answer { id, fails, ..Answer::default() })
}
