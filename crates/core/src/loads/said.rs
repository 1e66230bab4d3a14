//! What somebody said, what was assumed before anybody was asked, and what has yet to be said.
//!
//! A figure that an opening uses is never filled in silently: it is said, or the opening has no number until it is.

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
    pub const fn words(self) -> &'static str {
        match self {
            Self::Loads => "Say what it carries",
            Self::Snow => "Say the snow",
            Self::GroundSnow => "Say the ground snow",
            Self::Wind => "Say the wind",
            Self::Tail => "Say what stands on the tail",
            Self::OnTail => "Say which stands on the tail",
            Self::TailOfWhat => "Say which floor has the tail",
            Self::WallBetween => "Say the wall between",
            Self::OpeningsAbove => "Say the openings above",
        }
    }

    /// The same with its reason, in a sentence.
    pub const fn sentence(self) -> &'static str {
        match self {
            Self::Loads => {
                "Nothing is said yet about what this wall carries. Fill in its loads, or mark it as carrying nothing."
            }
            Self::Snow => "A roof or deck lands here and nobody said the snow of the place.",
            Self::GroundSnow => "A deck under the open sky carries ground snow; the job gives the roof's own only.",
            Self::Wind => "The wall stands in the wind and nobody said wind speed and exposure.",
            Self::Tail => "A floor runs past this wall: nobody said whether a wall or roof stands on its tail.",
            Self::OnTail => "Something stands on the floor's tail: say which of what the wall carries.",
            Self::TailOfWhat => "Something is said to stand on a tail, and no floor here runs past the wall.",
            Self::WallBetween => {
                "A floor and a roof land here and no wall between them: add it, or say that the roof lands on this wall."
            }
            Self::OpeningsAbove => "Nobody said whether the wall above has openings, whose packs press at one place.",
        }
    }
}
