//! What a call-out wants.

use crate::job::{BackingBoard, CeilingOver, KeptClear, LetDown, OpeningDesign};
use crate::lumber::Depth;
use crate::measure::{End, Length};
use crate::speech::Phrase;

/// What was understood.
#[derive(Clone, Debug, PartialEq)]
pub struct Said {
    /// What would be done.
    pub what: Wanted,
    /// The same said back in a sentence.
    pub understood: Phrase,
}

/// What is wanted by what was said.
#[derive(Clone, Debug, PartialEq)]
pub enum Wanted {
    /// Openings more, from the first that was said to the last.
    Openings(Vec<OpeningDesign>),
    /// The wall that long, that high, of such studs.
    Wall(SaidWall),
    /// A piece of its framing more.
    Piece(SaidPiece),
}

/// A piece of the wall's framing that was said.
#[derive(Clone, Debug, PartialEq, Eq)]
pub enum SaidPiece {
    /// Its plates let down.
    LetDown(LetDown),
    /// A board that something is fastened to.
    Board(BackingBoard),
    /// A stretch that studs keep clear of.
    KeptClear(KeptClear),
    /// What its top plate is held by.
    Ceiling(CeilingOver),
    /// A corner of three pieces at an end.
    Corner(End),
}

/// What was said of the wall itself; what was not said stays as it is.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct SaidWall {
    /// Its length.
    pub length: Option<Length>,
    /// Its height over all plates.
    pub height: Option<Length>,
    /// The depth of its studs.
    pub stud: Option<Depth>,
    /// Their spacing.
    pub spacing: Option<Length>,
}
