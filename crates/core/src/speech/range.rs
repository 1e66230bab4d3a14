//! What a value may be, in words.

use super::{Argument, Phrase, decimal, distance};
use crate::measure::{Length, Range, Unit};
use crate::say;

impl Range {
    /// In words: `4'-0" to 20'-0"`.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Length { most, least } => say!("range", least = self.length(least), most = self.length(most)),
            Self::Number { least, most, unit } => {
                say!("range", least = number(least, Unit::None), most = number(most, unit))
            }
            Self::Count { least: 0, most } => say!("range-at-most", most),
            Self::Count { least, most } => say!("range", least, most),
            Self::Text { most } => say!("range-text", most),
            Self::Follows => say!("range-follows"),
        }
    }

    /// A length as it is said of this range: what is all under a foot, in inches.
    pub fn length(self, length: Length) -> Argument {
        match self {
            Self::Length { most, .. } if most < Length::feet(1) => length.into(),
            _ => distance(length),
        }
    }
}

/// A number with its unit, to as many decimals as it has, at most six.
pub fn number(value: f64, unit: Unit) -> Argument {
    let written = format!("{value:.6}");
    let decimals = written.trim_end_matches('0').rsplit_once('.').map_or(0, |(_, decimals)| decimals.len());
    decimal(value, unit, decimals as u8)
}
