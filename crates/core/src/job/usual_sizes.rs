//! # How large things usually are
//!
//! **What it does.** Tells what was meant by a number without a unit: a bare `16` is 16 in. of window and 16 ft of overhead door.
//! It is read as inches or as feet where only one of the two makes sense; where both do, it is asked.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** `16x7` overhead: 16 in. by 7 in. is no door, 16 ft by 7 ft is one. `12x12` window: either.

use thiserror::Error;

use super::OpeningKind;
use crate::measure::{Length, LengthStyle};
use crate::say;
use crate::speech::{Phrase, distance};

/// From the least to the most that something usually measures.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct UsualRange {
    /// The least.
    pub least: Length,
    /// The most.
    pub most: Length,
}

const fn range(least_inches: i64, most_feet: i64) -> UsualRange {
    UsualRange { least: Length::inches(least_inches), most: Length::feet(most_feet) }
}

/// A wall, along its plates.
pub const WALL_LENGTH: UsualRange = range(48, 200);
/// A wall, over its plates.
pub const WALL_HEIGHT: UsualRange = range(48, 20);
/// A wall above.
pub const WALL_ABOVE_HEIGHT: UsualRange = range(12, 20);
/// A span of joists or of a ridge beam.
pub const SPAN: UsualRange = range(36, 40);
/// A building across its ridge, or the run of a porch's rafters.
pub const BUILDING_WIDTH: UsualRange = range(48, 80);
/// An overhang.
pub const OVERHANG: UsualRange = range(0, 6);
/// Mean roof height.
pub const ROOF_HEIGHT: UsualRange = range(96, 60);
/// A board that plates are cut from.
pub const PLATE_STOCK: UsualRange = range(96, 40);
/// A beam that is said by its length.
pub const BEAM: UsualRange = range(24, 40);

impl UsualRange {
    /// Whether a length is within it.
    pub fn contains(self, length: Length) -> bool {
        self.least <= length && length <= self.most
    }

    /// In words: `3'-0" to 40'-0"`.
    pub fn phrase(self) -> Phrase {
        say!("range", least = distance(self.least), most = distance(self.most))
    }
}

/// How wide and how high units of a kind are.
pub const fn of_kind(kind: OpeningKind) -> (UsualRange, UsualRange) {
    match kind {
        OpeningKind::Window => (range(8, 20), range(8, 12)),
        OpeningKind::Door => (range(14, 8), range(24, 12)),
        OpeningKind::PairOfDoors => (range(24, 20), range(24, 12)),
        OpeningKind::SlidingDoor => (range(36, 24), range(48, 12)),
        OpeningKind::OverheadDoor => (range(48, 30), range(48, 16)),
        OpeningKind::PocketDoor => (range(14, 6), range(48, 12)),
        OpeningKind::CasedOpening => (range(12, 40), range(24, 16)),
    }
}

/// A number without a unit that could be either.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
#[error("{inches} inches or {feet}?")]
pub struct WhichUnit {
    /// As inches.
    pub inches: String,
    /// As feet.
    pub feet: String,
}

impl WhichUnit {
    /// The question.
    pub fn phrase(&self) -> Phrase {
        say!("which-unit", inches = &self.inches, feet = &self.feet)
    }
}

/// The length that a text means which is nothing but a number, of something that measures so much; `None` for any other text.
///
/// # Errors
/// [`WhichUnit`] where both inches and feet make sense.
pub fn read_bare(text: &str, range: UsualRange) -> Option<Result<Length, WhichUnit>> {
    Some(meant(bare_number(text)?, range))
}

/// The length that a number without a unit means, of something that measures so much. What makes no sense either way is left as inches,
/// to be held against its range.
///
/// # Errors
/// [`WhichUnit`] where both make sense.
pub fn meant(number: f64, range: UsualRange) -> Result<Length, WhichUnit> {
    let (inches, feet) = (Length::from_decimal_inches(number), Length::from_decimal_inches(number * 12.0));
    match (range.contains(inches), range.contains(feet)) {
        (true, true) => Err(WhichUnit { inches: number.to_string(), feet: in_feet(feet) }),
        (false, true) => Ok(feet),
        (true | false, false) => Ok(inches),
    }
}

/// Feet and inches as they are said, without signs: `12-0`.
pub fn in_feet(length: Length) -> String {
    length.written(LengthStyle::FeetInches).replace(['"', '\''], "")
}

/// The number a text is, if it is nothing but a number.
pub fn bare_number(text: &str) -> Option<f64> {
    let text = text.trim();
    let plain =
        !text.is_empty() && text.len() < 12 && text.chars().all(|letter| letter.is_ascii_digit() || letter == '.');
    text.parse().ok().filter(|number: &f64| plain && 0.0 < *number)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn only_what_makes_sense_is_read() {
        let (wide, _) = of_kind(OpeningKind::OverheadDoor);
        assert_eq!(read_bare("16", wide), Some(Ok(Length::feet(16))));
        assert_eq!(read_bare("144", SPAN), Some(Ok(Length::feet(12))));
        assert_eq!(read_bare("24", WALL_LENGTH), Some(Ok(Length::feet(24))));
        assert_eq!(read_bare("900", wide), Some(Ok(Length::inches(900))), "out of its range as both");
        let asked = read_bare("96", WALL_LENGTH).expect("a number").expect_err("both make sense");
        assert_eq!(asked.to_string(), "96 inches or 96-0?");
        assert_eq!(read_bare("2-0", SPAN), None);
        assert_eq!((bare_number(" 24 "), bare_number("24\""), bare_number("2-0")), (Some(24.0), None, None));
    }
}
