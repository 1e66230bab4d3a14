//! # Corners
//!
//! **What it does.** Which studs a wall's end has besides its end stud, and how far they reach into the wall.
//!
//! **Source.** Common practice, no source: a corner of three studs in a row, or of two with room for insulation between; the three-piece corner has flat
//! blocks between its two, 24 in. apart, that the next wall's end stud is nailed to.
//!
//! **Worked example.** Three studs of 1 1/2 in.: 4 1/2 in. of the wall's end are the corner's.

use crate::job::WallEnd;
use crate::measure::Length;

/// A corner's studs besides the end stud itself, by how many studs they stand off the wall's end.
pub const fn corner_studs(end: WallEnd) -> &'static [i64] {
    match end {
        WallEnd::Plain => &[],
        WallEnd::ThreeStudCorner => &[1, 2],
        WallEnd::TwoStudCorner | WallEnd::ThreePieceCorner => &[2],
    }
}

/// How far a corner's studs reach into the wall.
pub fn corner_reach(end: WallEnd, stud: Length) -> Length {
    corner_studs(end).last().map_or(stud, |offset| stud * (*offset + 1))
}
