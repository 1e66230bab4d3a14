//! The lengths and sizes of a call-out, with what may be meant by a number that has no unit.

use super::misread::SayError;
use super::words::{Meaning, unit_sign};
use crate::job::usual_sizes::{self, UsualRange};
use crate::measure::{Length, LengthError, LengthStyle};
use crate::say;
use crate::speech::distance;

/// A length as it was said: read, or a number without a unit that may be inches or feet.
#[derive(Clone, Copy, Debug, PartialEq)]
pub(super) struct SaidLength {
    said: Said,
    /// Whether feet and inches were told apart in it.
    in_feet: bool,
}

#[derive(Clone, Copy, Debug, PartialEq)]
enum Said {
    Read(Length),
    Bare(f64),
}

impl SaidLength {
    pub fn read(text: &str, style: LengthStyle) -> Result<Self, LengthError> {
        let bare = usual_sizes::bare_number(text);
        let in_feet = text.contains(['-', '–', '\'', '′', '’']);
        let said = match bare {
            Some(_) if style == LengthStyle::Millimeters => Said::Read(format!("{text} mm").parse()?),
            Some(number) => Said::Bare(number),
            None => Said::Read(text.parse()?),
        };
        Ok(Self { said, in_feet })
    }

    /// `3/0`, `6/8`: feet and inches.
    pub fn slashed(text: &str) -> Option<Self> {
        let (feet, inches) = text.split_once('/')?;
        let (feet, inches): (i64, i64) = (feet.parse().ok()?, inches.parse().ok()?);
        let fits = (1..=40).contains(&feet) && (0..12).contains(&inches);
        fits.then(|| Self { said: Said::Read(Length::feet_inches(feet, inches)), in_feet: true })
    }

    fn of(length: Length) -> Self {
        Self { said: Said::Read(length), in_feet: true }
    }

    /// The same number with a unit that was said once for both.
    pub fn in_unit(self, unit: Meaning) -> Self {
        let Said::Bare(number) = self.said else { return self };
        let read = format!("{number}{}", unit_sign(unit)).parse();
        read.map_or(self, |length| Self { said: Said::Read(length), ..self })
    }

    pub const fn is_in_feet(self) -> bool {
        self.in_feet
    }

    pub fn inches(self) -> Length {
        match self.said {
            Said::Read(length) => length,
            Said::Bare(number) => Length::from_decimal_inches(number),
        }
    }

    fn feet(self) -> Length {
        match self.said {
            Said::Read(length) => length,
            Said::Bare(number) => Length::from_decimal_inches(number * 12.0),
        }
    }

    const fn is_bare(self) -> bool {
        matches!(self.said, Said::Bare(_))
    }

    /// The length of something that measures so much: a number without a unit is inches or feet, whichever makes sense.
    pub fn meant(self, range: UsualRange) -> Result<Length, SayError> {
        let length = match self.said {
            Said::Read(length) => length,
            Said::Bare(number) => usual_sizes::meant(number, range)?,
        };
        if range.contains(length) {
            Ok(length)
        } else {
            Err(SayError::NoSuchSize(say!("say-out-of-reach", given = distance(length), range = range.phrase())))
        }
    }
}

/// A width and a height as they were said.
#[derive(Clone, Copy, Debug, PartialEq)]
pub(super) struct SaidSize {
    pub wide: SaidLength,
    pub high: SaidLength,
    /// `30x68` read as feet and inches: a door 6-8 or 7-0 high.
    pub packed: Option<(Length, Length)>,
}

impl SaidSize {
    pub const fn new(wide: SaidLength, high: SaidLength, packed: Option<(Length, Length)>) -> Self {
        Self { wide, high, packed }
    }

    pub fn is_bare(&self) -> bool {
        self.wide.is_bare() || self.high.is_bare()
    }

    pub fn in_inches(&self) -> (Length, Length) {
        (self.wide.inches(), self.high.inches())
    }

    pub fn in_feet(&self) -> (Length, Length) {
        (self.wide.feet(), self.high.feet())
    }

    /// `3068`, `16070`.
    pub fn packed(text: &str) -> Option<Self> {
        let of = |feet, inches| SaidLength::of(Length::feet_inches(feet, inches));
        match digits(text)?.as_slice() {
            [wide, inches, high, more] => Some(Self::new(of(*wide, *inches), of(*high, *more), None)),
            [tens, wide, inches, high, more] => Some(Self::new(of(10 * tens + wide, *inches), of(*high, *more), None)),
            _ => None,
        }
    }

    /// `30x68`: each side feet and inches, where the height is one that doors come in and no inch is.
    pub fn packed_in_two(wide: &str, high: &str) -> Option<(Length, Length)> {
        let side = |text: &str| match digits(text)?.as_slice() {
            [feet, inches] => Some(Length::feet_inches(*feet, *inches)),
            [tens, feet, inches] => Some(Length::feet_inches(10 * tens + feet, *inches)),
            _ => None,
        };
        matches!(high, "68" | "70").then(|| Some((side(wide)?, side(high)?))).flatten()
    }
}

/// The digits of a text that is nothing else.
fn digits(text: &str) -> Option<Vec<i64>> {
    text.chars().map(|digit| digit.to_digit(10).map(i64::from)).collect()
}
