//! Lengths as they come in, and the error that names a field.

use serde::{Deserialize, Serialize};
use sturvek_core::job::OutOfBounds;
use sturvek_core::job::usual_sizes::{self, UsualRange};
use sturvek_core::measure::Length;
use thiserror::Error;
use utoipa::ToSchema;

/// A length: whole nanometers, or text as somebody typed it (`7'-6 1/2"`, `2286 mm`). Always sent out as nanometers.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(untagged)]
pub enum TypedLength {
    /// Whole nanometers.
    Nanometers(i64),
    /// As typed.
    Text(String),
}

/// What is wrong with which field.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
#[error("{message}")]
pub struct FieldError {
    /// The field's name on the wire.
    pub field: String,
    /// A sentence that says what is allowed.
    pub message: String,
}

impl FieldError {
    /// An error about a field.
    pub fn new(field: &str, message: impl ToString) -> Self {
        Self { field: field.to_owned(), message: message.to_string() }
    }
}

impl From<OutOfBounds> for FieldError {
    fn from(error: OutOfBounds) -> Self {
        Self::new(error.field, &error)
    }
}

impl From<Length> for TypedLength {
    fn from(length: Length) -> Self {
        Self::Nanometers(length.nanometers())
    }
}

impl TypedLength {
    /// The length of something that measures so much: text that is nothing but a number is inches or feet, whichever makes sense.
    ///
    /// # Errors
    /// [`FieldError`] where both make sense, or as [`TypedLength::read`].
    pub fn read_meant(&self, field: &str, range: UsualRange) -> Result<Length, FieldError> {
        match self {
            Self::Text(text) => usual_sizes::read_bare(text, range)
                .map_or_else(|| self.read(field), |read| read.map_err(|which| FieldError::new(field, which))),
            Self::Nanometers(_) => self.read(field),
        }
    }

    /// The length, or what is wrong with the field.
    ///
    /// # Errors
    /// [`FieldError`] if the text is not a length or the number is beyond any building.
    pub fn read(&self, field: &str) -> Result<Length, FieldError> {
        const FARTHEST: i64 = Length::feet(1_000).nanometers();
        match self {
            Self::Nanometers(nanometers) if nanometers.unsigned_abs() <= FARTHEST.unsigned_abs() => {
                Ok(Length::from_nanometers(*nanometers))
            }
            Self::Nanometers(_) => Err(FieldError::new(field, "That length is beyond 1,000 feet.")),
            Self::Text(text) => text.parse().map_err(|error| FieldError::new(field, error)),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_number_without_a_unit_is_what_makes_sense_or_is_asked() {
        let read = |text: &str| TypedLength::Text(text.into()).read_meant("span_one_side", usual_sizes::SPAN);
        assert_eq!(read("24"), Ok(Length::feet(24)));
        assert_eq!(read("144"), Ok(Length::feet(12)));
        assert_eq!(read("24\""), Ok(Length::inches(24)));
        assert!(read("38").is_err_and(|error| error.message.contains("38 inches? 38-0?")));
        assert_eq!(read("0"), Ok(Length::ZERO));
    }

    #[test]
    fn text_and_numbers_are_both_read() {
        let read = |json: &str| serde_json::from_str::<TypedLength>(json).expect(json).read("center");
        assert_eq!(read("\"7-6\""), Ok(Length::inches(90)));
        assert_eq!(read("2286000000"), Ok(Length::inches(90)));
        assert_eq!(read("\"7-1/2\"").map_err(|error| error.field), Err("center".into()));
        assert!(read("9223372036854775807").is_err());
    }
}
