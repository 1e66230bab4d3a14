//! What somebody said, what was assumed before anybody was asked, and what has yet to be said.
//!
//! A figure that an opening uses is never filled in silently: it is said, or the opening has no number until it is.

use crate::say;
use crate::speech::Phrase;

/// Where a figure stands.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Standing {
    /// Nobody said it.
    #[default]
    NotSaid,
    /// It was filled in before anybody was asked, and is to be confirmed once.
    AssumedBefore,
    /// Somebody said it.
    Said,
}

/// An answer to a question of the rules that is asked once.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Answer {
    /// Nobody answered: taken as no, and said to be.
    #[default]
    NotSaid,
    /// No.
    No,
    /// Yes.
    Yes,
}

/// Something that an opening needs and that nobody said.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Asked {
    /// What the wall carries at all.
    Loads,
    /// Snow of the place.
    Snow,
    /// Ground snow, for a deck, where the job gives the roof's own.
    GroundSnow,
    /// Wind speed and exposure of the place.
    Wind,
    /// Whether anything stands on the tail of a floor that runs past the wall.
    Tail,
    /// What stands on that tail.
    OnTail,
    /// The floor that something is said to stand on the tail of.
    TailOfWhat,
    /// The wall between a floor and the roof over it.
    WallBetween,
    /// The openings of a wall above.
    OpeningsAbove,
}

impl Asked {
    /// Its short name, kept for good.
    pub const fn code(self) -> &'static str {
        match self {
            Self::Loads => "say-loads",
            Self::Snow => "say-snow",
            Self::GroundSnow => "say-ground-snow",
            Self::Wind => "say-wind",
            Self::Tail => "say-tail",
            Self::OnTail => "say-on-tail",
            Self::TailOfWhat => "say-tail-of-what",
            Self::WallBetween => "say-wall-between",
            Self::OpeningsAbove => "say-openings-above",
        }
    }

    /// What is asked, as the verdict says it.
    pub fn words(self) -> Phrase {
        match self {
            Self::Loads => say!("asked-loads"),
            Self::Snow => say!("asked-snow"),
            Self::GroundSnow => say!("asked-ground-snow"),
            Self::Wind => say!("asked-wind"),
            Self::Tail => say!("asked-tail"),
            Self::OnTail => say!("asked-on-tail"),
            Self::TailOfWhat => say!("asked-tail-of-what"),
            Self::WallBetween => say!("asked-wall-between"),
            Self::OpeningsAbove => say!("asked-openings-above"),
        }
    }

    /// The same with its reason, in a sentence.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Loads => {
                say!("asked-loads-why")
            }
            Self::Snow => say!("asked-snow-why"),
            Self::GroundSnow => say!("asked-ground-snow-why"),
            Self::Wind => say!("asked-wind-why"),
            Self::Tail => say!("asked-tail-why"),
            Self::OnTail => say!("asked-on-tail-why"),
            Self::TailOfWhat => say!("asked-tail-of-what-why"),
            Self::WallBetween => {
                say!("asked-wall-between-why")
            }
            Self::OpeningsAbove => say!("asked-openings-above-why"),
        }
    }
}
