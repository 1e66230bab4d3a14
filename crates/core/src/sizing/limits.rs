//! Outside the limits there is no number, but what is missing and who decides.

use thiserror::Error;

use crate::measure::{Length, LengthStyle};

/// The widest opening that is sized.
pub const WIDEST_OPENING: Length = Length::feet(20);
/// The largest point load, lb.
pub const LARGEST_POINT_LOAD: f64 = 20_000.0;
/// The tallest wall sized without a wind check.
pub const TALLEST_WALL: Length = Length::feet(12);

/// Why an opening is not sized. The `Display` sentence says who decides.
#[derive(Clone, Debug, PartialEq, Error)]
pub enum OutsideLimits {
    /// Wider than the method goes.
    #[error("The opening is {} wide. Over {} a licensed engineer sizes the beam.", written(clear), written(&WIDEST_OPENING))]
    TooWide {
        /// Rough opening.
        clear: Length,
    },
    /// A point load beyond the method.
    #[error("A point load of {pounds:.0} lb is more than 20,000 lb. A licensed engineer decides.")]
    PointLoadTooLarge {
        /// Largest combined point load, lb.
        pounds: f64,
    },
    /// A tall wall needs a wind check.
    #[error("The wall is {} high. Over {} the studs need a wind check: ask an engineer.", written(height), written(&TALLEST_WALL))]
    WallTooTall {
        /// Height of the wall.
        height: Length,
    },
    /// No design values for this lumber.
    #[error("No design values are on hand for {lumber}. Use another grade, or the sheet that came with the lumber.")]
    NoDesignValues {
        /// What was asked for.
        lumber: String,
    },
    /// Engineered lumber is for dry use.
    #[error(
        "{lumber} is for dry service only; in wet service it is not permitted. Use sawn lumber or ask an engineer."
    )]
    WetEngineered {
        /// What was asked for.
        lumber: String,
    },
    /// More full-height studs than the table counts.
    #[error(
        "The code's table of king studs ends below an opening of {}. The approved drawings or an engineer decide.",
        written(clear)
    )]
    KingsNotInTable {
        /// Rough opening.
        clear: Length,
    },
    /// There is no load, so there is nothing to size.
    #[error("Nothing is said yet about what this wall carries. Fill in its loads, or mark it as carrying nothing.")]
    NothingKnown,
    /// A non-bearing flat header has its own limit.
    #[error("A flat 2x over a non-bearing opening goes to 8 ft; this one is {}. Use a header or ask.", written(clear))]
    TooWideForFlat {
        /// Rough opening.
        clear: Length,
    },
}

fn written(length: &Length) -> String {
    length.written(LengthStyle::FeetInches)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_limit_says_what_and_who() {
        let limit = OutsideLimits::TooWide { clear: Length::feet(21) };
        assert_eq!(limit.to_string(), "The opening is 21'-0\" wide. Over 20'-0\" a licensed engineer sizes the beam.");
    }
}
