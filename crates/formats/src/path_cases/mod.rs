//! Houses as JSON, as `sturvek path` reads them and answers where their loads go.
//!
//! Each case is a house ([`case`]), read into what stands in it ([`read`]); each answer ([`answer`]) has what comes down on every line,
//! opening, beam and post, what reaches the ground, and what breaks on the way. A case that cannot be read says so for itself.

pub mod answer;
pub mod case;
pub mod read;

use sturvek_core::path::follow;
use thiserror::Error;

use crate::bare_words::without_bare_words;

pub use answer::Answer;
pub use case::Case;

/// Why a file of cases cannot be read.
#[derive(Debug, Error)]
pub enum PathCasesError {
    /// It is not JSON of the wanted form.
    #[error("The file is not a list of houses: {0}")]
    NotCases(#[from] serde_json::Error),
    /// It is larger than any list of cases should be.
    #[error("The file has {bytes} bytes; a list of houses has at most {LARGEST_FILE}.")]
    TooLarge {
        /// Its size.
        bytes: usize,
    },
}

/// The largest file that is read, bytes.
pub const LARGEST_FILE: usize = 64 * 1024 * 1024;

/// Reads houses and answers each. One that cannot be read answers for itself, with the fields' names; the others are answered.
///
/// # Errors
/// [`PathCasesError`] if the bytes are not a list.
pub fn answer_all(bytes: &[u8]) -> Result<Vec<Answer>, PathCasesError> {
    if LARGEST_FILE < bytes.len() {
        return Err(PathCasesError::TooLarge { bytes: bytes.len() });
    }
    let cases: Vec<serde_json::Value> = serde_json::from_slice(&without_bare_words(bytes))?;
    Ok(cases.into_iter().map(answer_one).collect())
}

fn answer_one(value: serde_json::Value) -> Answer {
    let id = value.get("id").and_then(serde_json::Value::as_str).unwrap_or_default().to_owned();
    let case: Case = match serde_path_to_error::deserialize(value) {
        Ok(case) => case,
        Err(error) => {
            let place = error.path().to_string();
            let message: String = error.inner().to_string().chars().take(200).collect();
            return Answer::fails(id, vec![format!("{place}: {message}.")]);
        }
    };
    match read::structure(&case) {
        Ok(structure) => Answer::of(&case, &structure, &follow(&structure)),
        Err(fails) => Answer::fails(id, fails),
    }
}
