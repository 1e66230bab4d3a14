//! Files of cases as JSON: a list, each case read by itself, so that one that cannot be read spoils no other.

use serde::de::DeserializeOwned;
use serde_json::Value;
use thiserror::Error;

use crate::bare_words::without_bare_words;

/// What a file is a list of, in words, and how large it is at the most.
#[derive(Clone, Copy, Debug)]
pub(crate) struct ListOf {
    /// In words: `houses`.
    pub of: &'static str,
    /// Bytes.
    pub most: usize,
}

/// Why a file of cases cannot be read.
#[derive(Debug, Error)]
pub enum CasesError {
    /// It is no JSON list.
    #[error("The file is not a list of {of}: {error}")]
    NotCases {
        /// What it should be a list of.
        of: &'static str,
        /// What is wrong with it.
        error: serde_json::Error,
    },
    /// It is larger than any list of cases should be.
    #[error("The file has {bytes} bytes; a list of {of} has at most {most}.")]
    TooLarge {
        /// What it should be a list of.
        of: &'static str,
        /// Its size.
        bytes: usize,
        /// The largest that is read.
        most: usize,
    },
}

/// The cases of a file, each as it stands there.
pub(crate) fn cases_in(bytes: &[u8], ListOf { of, most }: ListOf) -> Result<Vec<Value>, CasesError> {
    if most < bytes.len() {
        return Err(CasesError::TooLarge { of, bytes: bytes.len(), most });
    }
    serde_json::from_slice(&without_bare_words(bytes)).map_err(|error| CasesError::NotCases { of, error })
}

/// What a case is called, where it says so at all.
pub(crate) fn id_of(case: &Value) -> String {
    case.get("id").and_then(Value::as_str).unwrap_or_default().to_owned()
}

/// A case, or a sentence that names the field that cannot be read.
pub(crate) fn read_case<T: DeserializeOwned>(case: &Value) -> Result<T, String> {
    serde_path_to_error::deserialize(case).map_err(|error| {
        let message: String = error.inner().to_string().chars().take(200).collect();
        match error.path().to_string().as_str() {
            // Where the case as such is wrong, there is no field to name.
            "." => format!("{message}."),
            place => format!("{place}: {message}."),
        }
    })
}

/// Answers every case of a file. One that cannot be read answers for itself, with the field's name; the others are answered.
pub(crate) fn answer_each<C: DeserializeOwned, A>(
    bytes: &[u8],
    list: ListOf,
    answer: impl Fn(&C) -> A,
    fails: impl Fn(String, Vec<String>) -> A,
) -> Result<Vec<A>, CasesError> {
    let one = |value: &Value| match read_case(value) {
        Ok(case) => answer(&case),
        Err(why) => fails(id_of(value), vec![why]),
    };
    Ok(cases_in(bytes, list)?.iter().map(one).collect())
}
