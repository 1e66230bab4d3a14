//! Outside the limits there is no number, but what is missing and who decides.

use crate::loads::{Asked, CarriedLimit, SnowTrouble};
use crate::measure::{Force, Length, Unit};
use crate::say;
use crate::speech::{Joined, Phrase, decimal, distance};

/// The widest opening that is sized.
pub const WIDEST_OPENING: Length = Length::feet(20);
/// The largest point load, lb.
pub const LARGEST_POINT_LOAD: f64 = 20_000.0;
/// The longest span of a beam that is sized.
pub const LONGEST_SPAN: Length = Length::feet(20);
/// The most supports of a beam in one piece.
pub const MOST_SUPPORTS: usize = 8;
/// The most loads on a header that runs over posts or past its packs.
pub const MOST_LOADS_OVER_SUPPORTS: usize = 64;
/// The widest non-bearing opening under a flat 2x.
pub const WIDEST_FLAT: Length = Length::feet(8);
/// The tallest wall sized without a wind check.
pub const TALLEST_WALL: Length = Length::feet(12);

/// Where the method ends, as it is printed on every sheet.
pub fn where_the_method_ends() -> [Phrase; 5] {
    [
        say!(
            "ends-sizes",
            widest = distance(WIDEST_OPENING),
            tallest = distance(TALLEST_WALL),
            most = Force::lbf(LARGEST_POINT_LOAD),
        ),
        say!("ends-loads"),
        say!("ends-materials"),
        say!("ends-grade"),
        say!("ends-who-decides"),
    ]
}

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

/// Why an opening is not sized. Its phrase says who decides.
#[derive(Clone, Debug, PartialEq)]
pub enum OutsideLimits {
    /// Wider than the method goes.
    TooWide {
        /// Rough opening.
        clear: Length,
    },
    /// More loads on a header over several supports than are followed.
    TooManyLoads {
        /// How many.
        count: usize,
    },
    /// A beam that spans farther than the method goes.
    BeamTooLong {
        /// Its longest span.
        span: Length,
    },
    /// A beam in one piece over more supports than are followed.
    TooManySupports {
        /// How many.
        count: usize,
    },
    /// A beam or a post that its load does not reach the ground by: where it breaks is told beside it.
    NotCarried,
    /// A point load beyond the method.
    PointLoadTooLarge {
        /// Largest combined point load, lb.
        pounds: f64,
    },
    /// A tall wall needs a wind check.
    WallTooTall {
        /// Height of the wall.
        height: Length,
    },
    /// No design values for this lumber.
    NoDesignValues {
        /// What was asked for.
        lumber: String,
    },
    /// No design values for any header in stock.
    AnyHeader,
    /// No design values for what the jacks are cut from.
    NoJackValues {
        /// What was asked for.
        lumber: String,
    },
    /// Engineered lumber is for dry use.
    WetEngineered {
        /// What was asked for.
        lumber: String,
    },
    /// A header whose free top edge makes it too slender.
    TooSlender {
        /// R_B.
        ratio: f64,
    },
    /// Snow that needs more than an even or a blown roof.
    Snow {
        /// Which snow.
        what: Phrase,
    },
    /// More than three storeys.
    TooManyStoreys,
    /// Something that takes the opening out of the ordinary.
    Special {
        /// What.
        special: SpecialCase,
    },
    /// More full-height studs than the table counts.
    KingsNotInTable {
        /// Rough opening.
        clear: Length,
    },
    /// Something has yet to be said.
    NotSaid {
        /// What, the first first.
        asked: Vec<Asked>,
    },
    /// The unit is of no size that its kind comes in.
    NotMeant {
        /// What is said.
        said: Box<Phrase>,
    },
    /// A roof too flat for a ridge board.
    RidgeBoardTooFlat,
    /// Brick or stone on wood.
    Brick,
    /// Wind on a hill.
    OnAHill,
    /// A non-bearing flat header has its own limit.
    TooWideForFlat {
        /// Rough opening.
        clear: Length,
    },
}

/// What is missing and who decides, for what is out of the ordinary.
fn special_phrase(special: SpecialCase) -> Phrase {
    match special {
        SpecialCase::Ordinary | SpecialCase::UnknownGrade => say!("special-ordinary"),
        SpecialCase::Steel => say!("special-steel"),
        SpecialCase::SlopedOrCurved => {
            say!("special-sloped-or-curved")
        }
        SpecialCase::NotchedOrDrilled => {
            say!("special-notched-or-drilled")
        }
        SpecialCase::FireRated => {
            say!("special-fire-rated")
        }
        SpecialCase::PreservativeTreated => {
            say!("special-preservative-treated")
        }
        SpecialCase::BracedWallPanel => {
            say!("special-braced-wall-panel")
        }
    }
}

impl OutsideLimits {
    /// Its short name, kept for good; of what has yet to be said, one for each thing.
    pub fn codes(&self) -> Vec<&'static str> {
        let code = match self {
            Self::NotSaid { asked } => return asked.iter().map(|asked| asked.code()).collect(),
            Self::TooWide { .. } => "too-wide",
            Self::BeamTooLong { .. } => "beam-too-long",
            Self::TooManySupports { .. } => "too-many-supports",
            Self::NotCarried => "not-carried",
            Self::PointLoadTooLarge { .. } => "point-load-too-large",
            Self::TooManyLoads { .. } => "too-many-loads",
            Self::WallTooTall { .. } => "wall-too-tall",
            Self::NoDesignValues { .. } | Self::AnyHeader => "no-design-values",
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

    /// What is missing and who decides, in a sentence.
    pub fn phrase(&self) -> Phrase {
        match self {
            Self::TooWide { clear } => {
                say!("limit-too-wide", clear = distance(clear), widest = distance(WIDEST_OPENING))
            }
            Self::BeamTooLong { span } => {
                say!("limit-beam-too-long", span = distance(*span), longest = distance(LONGEST_SPAN))
            }
            Self::TooManySupports { count } => {
                say!("limit-too-many-supports", count = *count, most = MOST_SUPPORTS)
            }
            Self::NotCarried => say!("limit-not-carried"),
            Self::PointLoadTooLarge { pounds } => {
                let most = Force::lbf(LARGEST_POINT_LOAD);
                say!("limit-point-load-too-large", force = Force::lbf(*pounds), most)
            }
            Self::TooManyLoads { count } => {
                say!("limit-too-many-loads", count = *count, most = MOST_LOADS_OVER_SUPPORTS)
            }
            Self::WallTooTall { height } => {
                say!("limit-wall-too-tall", height = distance(height), tallest = distance(TALLEST_WALL))
            }
            Self::NoDesignValues { lumber } => say!("limit-no-design-values", lumber),
            Self::AnyHeader => say!("limit-any-header"),
            Self::NoJackValues { lumber } => say!("limit-no-jack-values", lumber),
            Self::WetEngineered { lumber } => say!("limit-wet-engineered", lumber),
            Self::TooSlender { ratio } => say!("limit-too-slender", ratio = decimal(*ratio, Unit::None, 0)),
            Self::Snow { what } => say!("limit-snow", what),
            Self::TooManyStoreys => say!("limit-too-many-storeys"),
            Self::Special { special } => special_phrase(*special),
            Self::KingsNotInTable { clear } => say!("limit-kings-not-in-table", clear = distance(clear)),
            Self::NotSaid { asked } => {
                Phrase::several(asked.iter().map(|asked| asked.phrase()).collect(), Joined::Sentences)
            }
            Self::NotMeant { said } => say!("limit-not-meant", said = said.as_ref().clone()),
            Self::RidgeBoardTooFlat => say!("limit-ridge-board-too-flat"),
            Self::Brick => say!("limit-brick"),
            Self::OnAHill => say!("limit-on-a-hill"),
            Self::TooWideForFlat { clear } => {
                say!("limit-too-wide-for-flat", clear = distance(clear), most = distance(WIDEST_FLAT))
            }
        }
    }

    /// Whether another header may be within the limits: then this one is left out of a search, which goes on.
    pub const fn is_of_the_header(&self) -> bool {
        matches!(self, Self::NoDesignValues { .. } | Self::WetEngineered { .. } | Self::TooSlender { .. })
    }
}

impl From<CarriedLimit> for OutsideLimits {
    fn from(limit: CarriedLimit) -> Self {
        match limit {
            CarriedLimit::Snow(SnowTrouble::Ice) => Self::Snow { what: say!("snow-ice") },
            CarriedLimit::Snow(SnowTrouble::UnbalancedHipOrValley) => Self::Snow { what: say!("snow-unbalanced") },
            CarriedLimit::Snow(_) => Self::Snow { what: say!("snow-drift") },
            CarriedLimit::TooManyStoreys => Self::TooManyStoreys,
            CarriedLimit::RidgeBoardTooFlat => Self::RidgeBoardTooFlat,
            CarriedLimit::Brick => Self::Brick,
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_limit_says_what_and_who() {
        let limit = OutsideLimits::TooWide { clear: Length::feet(21) };
        assert_eq!(limit.phrase().to_string(), "limit-too-wide (clear: 21'-0\", widest: 20'-0\")");
    }
}
