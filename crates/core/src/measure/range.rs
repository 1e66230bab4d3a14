//! What a value may be, from the least to the most.

use super::{Length, Unit};

/// What a value may be.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Range {
    /// A length.
    Length {
        /// The least.
        least: Length,
        /// The most.
        most: Length,
    },
    /// A number.
    Number {
        /// The least.
        least: f64,
        /// The most.
        most: f64,
        /// Of what.
        unit: Unit,
    },
    /// So many.
    Count {
        /// The least.
        least: usize,
        /// The most.
        most: usize,
    },
    /// One line of text.
    Text {
        /// The most characters.
        most: usize,
    },
    /// What the rest of the job decides.
    Follows,
}

impl Range {
    /// A length between two numbers of inches.
    pub const fn inches(least: i64, most: i64) -> Self {
        Self::Length { least: Length::inches(least), most: Length::inches(most) }
    }

    /// A number.
    pub const fn number(least: f64, most: f64, unit: Unit) -> Self {
        Self::Number { least, most, unit }
    }

    /// So many.
    pub const fn count(least: usize, most: usize) -> Self {
        Self::Count { least, most }
    }
}
