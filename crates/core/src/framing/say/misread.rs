//! What of a call-out was not understood, where it stands, and what would be understood there.

use thiserror::Error;

use super::tokens::Span;
use crate::job::usual_sizes::WhichUnit;
use crate::measure::{Length, LengthError};
use crate::say;
use crate::speech::{Phrase, distance};

/// What was not understood, where in the text, and what would be understood there.
#[derive(Clone, Debug, PartialEq, Error)]
#[error("{what}")]
pub struct Misread {
    /// What was not understood.
    #[source]
    pub what: SayError,
    /// Where.
    pub at: Span,
    /// What could stand there.
    pub takes: Option<Takes>,
}

/// What could stand at a place of a call-out.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Takes {
    /// A size.
    Size,
    /// The height of a size.
    HeightOfSize,
    /// What the opening is, or where it stands.
    KindOrPlace,
    /// Where it stands.
    Place,
    /// A length along the wall.
    Length,
    /// A height.
    Height,
    /// What a length is measured from.
    End,
    /// The second of two places.
    And,
    /// Another opening.
    Another,
    /// What the wall has: a length, a height, studs.
    OfTheWall,
}

impl Takes {
    /// A sentence for who said it.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Size => say!("takes-size"),
            Self::HeightOfSize => say!("takes-height-of-size"),
            Self::KindOrPlace => say!("takes-kind-or-place"),
            Self::Place => say!("takes-place"),
            Self::Length => say!("takes-length"),
            Self::Height => say!("takes-height"),
            Self::End => say!("takes-end"),
            Self::And => say!("takes-and"),
            Self::Another => say!("takes-another"),
            Self::OfTheWall => say!("takes-of-the-wall"),
        }
    }
}

/// Why it was not understood.
#[derive(Clone, Debug, PartialEq, Error)]
pub enum SayError {
    /// There is nothing to read yet.
    #[error("nothing said")]
    Empty,
    /// More than is read.
    #[error("too long")]
    TooLong {
        /// How many letters are.
        most: usize,
    },
    /// It ends before it is said.
    #[error("unfinished")]
    Unfinished,
    /// No size was found.
    #[error("no size")]
    NoSize,
    /// A width without a height, of something that has no usual one.
    #[error("no height")]
    NoHeight,
    /// A length in it could not be read.
    #[error("{0}")]
    Length(#[from] LengthError),
    /// A word that means nothing here.
    #[error("not understood: {0}")]
    Word(String),
    /// A number without a unit that could be either.
    #[error(transparent)]
    WhichUnit(#[from] WhichUnit),
    /// No size that such a thing comes in.
    #[error("{0}")]
    NoSuchSize(Phrase),
    /// It stands in two places.
    #[error("two places")]
    TwoPlaces,
    /// Several openings in one place.
    #[error("several in one place")]
    SeveralInOnePlace,
    /// A let-down that is not said whole.
    #[error("not a let-down")]
    LetDown,
    /// A pipe or a bay that is not said whole.
    #[error("not a pipe")]
    KeptClear,
    /// A ceiling that is not said whole.
    #[error("not a ceiling")]
    Ceiling,
    /// A corner that is not said whole.
    #[error("not a corner")]
    Corner,
    /// A board that is not said whole.
    #[error("not a board")]
    Board,
    /// More openings than are said at once.
    #[error("too many")]
    TooMany {
        /// As many as are.
        most: usize,
    },
    /// No wall meets this one, or not so many.
    #[error("no such crossing wall")]
    NoSuchPartition {
        /// How many do.
        there: usize,
    },
    /// They have no room between two places.
    #[error("no room")]
    NoRoom {
        /// What they take.
        takes: Length,
        /// What there is.
        room: Length,
    },
    /// The head would stand under the sill.
    #[error("head under sill")]
    HeadTooLow {
        /// The least height of the head.
        least: Length,
    },
    /// The place is off the wall.
    #[error("off the wall")]
    OffTheWall {
        /// Where the center would be.
        center: Length,
        /// How long the wall is.
        wall: Length,
    },
}

impl SayError {
    /// A sentence for who said it.
    pub fn phrase(&self) -> Phrase {
        match self {
            Self::Empty => say!("say-empty"),
            Self::TooLong { most } => say!("say-too-long", most = *most),
            Self::Unfinished => say!("say-unfinished"),
            Self::NoSize => say!("say-no-size"),
            Self::NoHeight => say!("say-no-height"),
            Self::Length(error) => error.phrase(),
            Self::Word(word) => say!("say-word", word),
            Self::WhichUnit(which) => which.phrase(),
            Self::NoSuchSize(phrase) => phrase.clone(),
            Self::TwoPlaces => say!("say-two-places"),
            Self::SeveralInOnePlace => say!("say-several-in-one-place"),
            Self::LetDown => say!("say-let-down"),
            Self::Board => say!("say-board"),
            Self::KeptClear => say!("say-kept-clear"),
            Self::Ceiling => say!("say-ceiling"),
            Self::Corner => say!("say-corner"),
            Self::TooMany { most } => say!("say-too-many", most = *most),
            Self::NoSuchPartition { there } => say!("say-no-such-partition", there = *there),
            Self::NoRoom { takes, room } => say!("say-no-room", takes = distance(takes), room = distance(room)),
            Self::HeadTooLow { least } => say!("say-head-too-low", least),
            Self::OffTheWall { center, wall } => {
                say!("say-off-the-wall", center = distance(center), wall = distance(wall))
            }
        }
    }
}
