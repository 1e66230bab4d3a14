//! What is said of a text that is no length.

use super::Phrase;
use crate::measure::LengthError;
use crate::say;

impl LengthError {
    /// A sentence for the person who typed it.
    pub fn phrase(&self) -> Phrase {
        match self {
            Self::Empty => say!("length-empty"),
            Self::NotALength(text) => say!("length-not-a-length", text),
            Self::Ambiguous { text, one, other } => say!("length-ambiguous", text, one, other),
            Self::InchesOverTwelve(text) => say!("length-inches-over-twelve", text),
            Self::NotOnTheTape(text) => say!("length-not-on-the-tape", text),
            Self::TooLong(text) => say!("length-too-long", text),
            Self::Negative(text) => say!("length-negative", text),
        }
    }
}
