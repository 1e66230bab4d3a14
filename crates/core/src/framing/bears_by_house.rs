//! # Whether a wall bears in its house
//!
//! **What it does.** Says of a wall in a house whether anything lands on it there, beside what somebody saw.
//!
//! **Source.** Common practice, no source.

use super::landed::Landed;
use crate::job::Wall;
use crate::loads::bearing_evidence::judge;
use crate::loads::{BearingConclusion, WallCarries};
use crate::say;
use crate::speech::{Joined, Phrase};

/// Whether a wall bears by what lands on it in its house, and whether somebody saw otherwise; `None` for a wall without a place.
pub fn bears_by_house(wall: &Wall, landed: &Landed) -> Option<Phrase> {
    let house = landed.house?;
    let bears = house.brings && wall.carries != WallCarries::Nothing;
    Some(concluded(wall, bears, || say!("bears-by-the-house")))
}

/// Whether a wall bears, and why where it does, beside what somebody saw that says otherwise.
pub fn concluded(wall: &Wall, bears: bool, because: impl FnOnce() -> Phrase) -> Phrase {
    let why = match (&wall.carries, bears) {
        (WallCarries::Nothing, _) => say!("bears-not-a-partition"),
        (_, true) => because(),
        (_, false) => say!("bears-nothing-lands"),
    };
    let seen = match (judge(&wall.evidence).0, bears) {
        (BearingConclusion::Bears, false) => Some(say!("bears-seen-otherwise")),
        (BearingConclusion::CarriesNothing, true) => Some(say!("bears-seen-nothing")),
        _ => None,
    };
    Phrase::several(std::iter::once(why).chain(seen).collect(), Joined::Sentences)
}
