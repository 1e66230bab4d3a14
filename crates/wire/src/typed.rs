//! Lengths as they come in.

use serde::{Deserialize, Serialize};
use sturvek_core::job::usual_sizes::{self, UsualRange};
use sturvek_core::measure::{Length, LengthError};
use sturvek_core::say;
use sturvek_core::speech::{Phrase, distance};
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

impl From<Length> for TypedLength {
    fn from(length: Length) -> Self {
        Self::Nanometers(length.nanometers())
    }
}

impl TypedLength {
    /// The length of something that measures so much: text that is nothing but a number is inches or feet, whichever makes sense.
    ///
    /// # Errors
    /// A sentence where both make sense, or as [`TypedLength::read`].
    pub fn read_meant(&self, range: UsualRange) -> Result<Length, Phrase> {
        match self {
            Self::Text(text) => usual_sizes::read_bare(text, range)
                .map_or_else(|| self.read(), |read| read.map_err(|which| which.phrase())),
            Self::Nanometers(_) => self.read(),
        }
    }

    /// A place in plan: a length that may lie on the other side of where plans begin, and then has a minus before it.
    ///
    /// # Errors
    /// As [`TypedLength::read`].
    pub fn read_place(&self) -> Result<Length, Phrase> {
        let beyond = |text: &str| text.trim_start().strip_prefix(['-', '\u{2212}']).map(str::to_owned);
        match self {
            Self::Text(text) => match beyond(text) {
                Some(rest) => Self::Text(rest).read().map(|length| -length),
                None => self.read(),
            },
            Self::Nanometers(_) => self.read(),
        }
    }

    /// The length.
    ///
    /// # Errors
    /// A sentence if the text is not a length or the number is beyond any building.
    pub fn read(&self) -> Result<Length, Phrase> {
        const FARTHEST: i64 = Length::feet(1_000).nanometers();
        match self {
            Self::Nanometers(nanometers) if nanometers.unsigned_abs() <= FARTHEST.unsigned_abs() => {
                Ok(Length::from_nanometers(*nanometers))
            }
            Self::Nanometers(_) => Err(say!("length-beyond", most = distance(Length::from_nanometers(FARTHEST)))),
            Self::Text(text) => text.parse().map_err(|error: LengthError| error.phrase()),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_number_without_a_unit_is_what_makes_sense_or_is_asked() {
        let read = |text: &str| TypedLength::Text(text.into()).read_meant(usual_sizes::SPAN);
        assert_eq!(read("24"), Ok(Length::feet(24)));
        assert_eq!(read("144"), Ok(Length::feet(12)));
        assert_eq!(read("24\""), Ok(Length::inches(24)));
        assert!(read("38").is_err_and(|error| error.to_string() == "which-unit (inches: 38, feet: 38-0)"));
        assert_eq!(read("0"), Ok(Length::ZERO));
    }

    #[test]
    fn a_place_may_lie_before_where_plans_begin() {
        let read = |text: &str| TypedLength::Text(text.into()).read_place();
        assert_eq!(read("-8-0"), Ok(-Length::feet(8)));
        assert_eq!(read("2'-6\""), Ok(Length::inches(30)));
        assert!(read("--2-0").is_err() && read("-").is_err() && TypedLength::Text("-8-0".into()).read().is_err());
    }

    #[test]
    fn text_and_numbers_are_both_read() {
        let read = |json: &str| serde_json::from_str::<TypedLength>(json).expect(json).read();
        assert_eq!(read("\"7-6\""), Ok(Length::inches(90)));
        assert_eq!(read("2286000000"), Ok(Length::inches(90)));
        assert!(read("\"7-1/2\"").is_err());
        assert!(read("9223372036854775807").is_err());
    }
}
