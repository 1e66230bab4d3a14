//! What a value may be, from the least to the most, and in words.

use super::{Length, LengthStyle};

/// What a number is a number of.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Unit {
    /// Nothing: a factor, a limit, a rise in twelve.
    Plain,
    /// lb/ft².
    Psf,
    /// lb/ft.
    Plf,
    /// lb.
    Pounds,
    /// psi.
    Psi,
    /// lb/ft³.
    Pcf,
    /// mph.
    MilesPerHour,
    /// Cents.
    Cents,
}

impl Unit {
    /// After a number.
    pub const fn after(self) -> &'static str {
        match self {
            Self::Plain | Self::Cents => "",
            Self::Psf => " psf",
            Self::Plf => " plf",
            Self::Pounds => " lb",
            Self::Psi => " psi",
            Self::Pcf => " lb/ft³",
            Self::MilesPerHour => " mph",
        }
    }
}

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

    /// In words: `4'-0" to 20'-0"`.
    pub fn words(self) -> String {
        match self {
            Self::Length { least, most } => {
                let style = if most < Length::feet(1) { LengthStyle::Inches } else { LengthStyle::FeetInches };
                format!("{} to {}", least.written(style), most.written(style))
            }
            Self::Number { least, most, unit } => format!("{least} to {most}{}", unit.after()),
            Self::Count { least: 0, most } => format!("at most {most}"),
            Self::Count { least, most } => format!("{least} to {most}"),
            Self::Text { most } => format!("1 to {most} characters on one line"),
            Self::Follows => "what the rest of the job allows".into(),
        }
    }
}
