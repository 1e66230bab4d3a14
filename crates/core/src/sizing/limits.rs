//! Outside the limits there is no number, but what is missing and who decides.

use thiserror::Error;

use crate::loads::Asked;
use crate::measure::{Length, LengthStyle};

/// The widest opening that is sized.
pub const WIDEST_OPENING: Length = Length::feet(20);
/// The largest point load, lb.
pub const LARGEST_POINT_LOAD: f64 = 20_000.0;
/// The tallest wall sized without a wind check.
pub const TALLEST_WALL: Length = Length::feet(12);

/// Where the method ends, as it is printed on every sheet.
pub const WHERE_THE_METHOD_ENDS: [&str; 5] = [
    "No number is given for openings over 20 ft, more than three storeys, walls over 12 ft without a wind check, point loads \
     over 20,000 lb.",
    "Nor for drifting snow, ice, unbalanced snow on hips and valleys, brick on wood, rafters on a ridge board under 3 in 12, hills, \
     earthquake or wind bracing and its panels.",
    "Nor for steel, sloped or curved beams, notched or drilled headers, fire ratings, fire-retardant or preservative \
     treatment.",
    "Lumber of unknown grade is assumed to be No.2 Spruce-Pine-Fir where the user says so.",
    "This is a planning aid. Local code, the approved drawings and a licensed engineer or the building official decide.",
];

/// What takes an opening out of the ordinary, and with one exception out of the tool's limits.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum SpecialCase {
    /// Nothing.
    #[default]
    Ordinary,
    /// A steel beam or a flitch plate.
    Steel,
    /// A sloped or curved beam.
    SlopedOrCurved,
    /// A header that is notched or drilled.
    NotchedOrDrilled,
    /// A wall with a fire rating, or fire-retardant-treated lumber.
    FireRated,
    /// Incised or preservative-treated lumber.
    PreservativeTreated,
    /// The wall braces the building against wind or earthquake here.
    BracedWallPanel,
    /// Lumber in an existing wall, its grade unknown: No.2 is assumed and said.
    UnknownGrade,
}

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
    /// No design values for what the jacks are cut from.
    #[error(
        "No design values are on hand for the jacks, {lumber}: Stud grade ends at 2x6. Use another grade for the studs."
    )]
    NoJackValues {
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
    /// A header whose free top edge makes it too slender.
    #[error(
        "A header hung with its top edge free has a slenderness of {ratio:.0} here; 50 is the limit. Hang it tight to the plates, brace it, or ask an engineer."
    )]
    TooSlender {
        /// R_B.
        ratio: f64,
    },
    /// Snow that needs more than an even or a blown roof.
    #[error("{what} is outside what is calculated here. The building official or a licensed engineer gives the load.")]
    Snow {
        /// Which snow.
        what: &'static str,
    },
    /// More than three storeys.
    #[error(
        "More than two floors over this wall make more than three storeys. A licensed engineer designs such walls."
    )]
    TooManyStoreys,
    /// Something that takes the opening out of the ordinary.
    #[error("{}", special_words(*special))]
    Special {
        /// What.
        special: SpecialCase,
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
    /// Something has yet to be said.
    #[error("{}", asked_words(asked))]
    NotSaid {
        /// What, the first first.
        asked: Vec<Asked>,
    },
    /// The unit is of no size that its kind comes in.
    #[error("{said} That is no size for it: say it again, with its unit.")]
    NotMeant {
        /// What is said.
        said: String,
    },
    /// A roof too flat for a ridge board.
    #[error(
        "Rafters on a ridge board under 3 in 12 do not hold one another up: a ridge beam carries there. Say so, or a licensed \
         engineer decides."
    )]
    RidgeBoardTooFlat,
    /// Brick or stone on wood.
    #[error(
        "Brick or stone on a wood wall is not calculated here: steel or masonry carries it. A licensed engineer decides."
    )]
    Brick,
    /// Wind on a hill.
    #[error("On a hill or ridge wind is stronger than is calculated here. A licensed engineer gives the pressure.")]
    OnAHill,
    /// A non-bearing flat header has its own limit.
    #[error("A flat 2x over a non-bearing opening goes to 8 ft; this one is {}. Use a header or ask.", written(clear))]
    TooWideForFlat {
        /// Rough opening.
        clear: Length,
    },
}

fn asked_words(asked: &[Asked]) -> String {
    let sentences: Vec<&str> = asked.iter().map(|asked| asked.sentence()).collect();
    sentences.join(" ")
}

/// What is missing and who decides, for what is out of the ordinary.
const fn special_words(special: SpecialCase) -> &'static str {
    match special {
        SpecialCase::Ordinary | SpecialCase::UnknownGrade => "Nothing is out of the ordinary here.",
        SpecialCase::Steel => "Steel and flitch plates are not calculated here. A licensed engineer sizes the beam.",
        SpecialCase::SlopedOrCurved => {
            "Sloped and curved beams are not calculated here. A licensed engineer sizes the beam."
        }
        SpecialCase::NotchedOrDrilled => {
            "A notched or drilled header has no number here: show the place and size of the cut to an engineer."
        }
        SpecialCase::FireRated => {
            "Fire ratings and fire-retardant treatment change the strength: the treater's report and an engineer decide."
        }
        SpecialCase::PreservativeTreated => {
            "Incised or preservative-treated lumber is weaker by what its report says: that report and an engineer decide."
        }
        SpecialCase::BracedWallPanel => {
            "This wall braces the building: the bracing plan decides its panels, straps and hold-downs."
        }
    }
}

impl OutsideLimits {
    /// Its short name, kept for good; of what has yet to be said, one for each thing.
    pub fn codes(&self) -> Vec<&'static str> {
        let code = match self {
            Self::NotSaid { asked } => return asked.iter().map(|asked| asked.code()).collect(),
            Self::TooWide { .. } => "too-wide",
            Self::PointLoadTooLarge { .. } => "point-load-too-large",
            Self::WallTooTall { .. } => "wall-too-tall",
            Self::NoDesignValues { .. } => "no-design-values",
            Self::NoJackValues { .. } => "no-jack-values",
            Self::WetEngineered { .. } => "wet-engineered",
            Self::TooSlender { .. } => "too-slender",
            Self::Snow { .. } => "snow-beyond-the-method",
            Self::TooManyStoreys => "too-many-storeys",
            Self::Special { .. } => "out-of-the-ordinary",
            Self::KingsNotInTable { .. } => "kings-not-in-table",
            Self::NotMeant { .. } => "say-size",
            Self::RidgeBoardTooFlat => "ridge-board-too-flat",
            Self::Brick => "brick-on-wood",
            Self::OnAHill => "on-a-hill",
            Self::TooWideForFlat { .. } => "too-wide-for-flat",
        };
        vec![code]
    }

    /// Whether another header may be within the limits: then this one is left out of a search, which goes on.
    pub const fn is_of_the_header(&self) -> bool {
        matches!(self, Self::NoDesignValues { .. } | Self::WetEngineered { .. } | Self::TooSlender { .. })
    }
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
