//! Header problems as JSON, as `sturvek size` reads and answers them.
//!
//! Each case is an opening with everything in force ([`case`]); each answer ([`answer`]) has the header's ratios, the
//! reactions, the jacks with their reasons, and the kings. A case that is outside what is built says so; it never guesses.

pub mod answer;
pub mod case;
pub mod solve;

use thiserror::Error;

use crate::bare_words::without_bare_words;

pub use answer::Answer;
pub use case::Case;

/// Why a file of cases cannot be read.
#[derive(Debug, Error)]
pub enum CasesError {
    /// It is not JSON of the wanted form.
    #[error("The file is not a list of header cases: {0}")]
    NotCases(#[from] serde_json::Error),
    /// It is larger than any list of cases should be.
    #[error("The file has {bytes} bytes; a list of header cases has at most {LARGEST_FILE}.")]
    TooLarge {
        /// Its size.
        bytes: usize,
    },
}

/// The largest file that is read, bytes.
pub const LARGEST_FILE: usize = 16 * 1024 * 1024;

/// Reads cases and answers each. A case that cannot be read answers for itself, with the field's name; the others are answered.
///
/// # Errors
/// [`CasesError`] if the bytes are not a list.
pub fn answer_all(bytes: &[u8]) -> Result<Vec<Answer>, CasesError> {
    if LARGEST_FILE < bytes.len() {
        return Err(CasesError::TooLarge { bytes: bytes.len() });
    }
    let cases: Vec<serde_json::Value> = serde_json::from_slice(&without_bare_words(bytes))?;
    Ok(cases.into_iter().map(answer_one).collect())
}

fn answer_one(value: serde_json::Value) -> Answer {
    let id = value.get("id").and_then(serde_json::Value::as_str).unwrap_or_default().to_owned();
    match serde_path_to_error::deserialize::<_, Case>(value) {
        Ok(case) => solve::answer(&case),
        Err(error) => {
            let place = error.path().to_string();
            let message: String = error.inner().to_string().chars().take(200).collect();
            Answer { id, fails: vec![format!("{place}: {message}")], ..Answer::default() }
        }
    }
}
