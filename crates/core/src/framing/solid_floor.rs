//! # Solid floors under what presses
//!
//! **What it does.** Where a pack or a post of the storey above presses on a wall through a floor, the floor must be solid there: squash blocks or
//! blocking as wide as what presses, as high as the joists. They go with the wall below, whose plates they stand on.
//!
//! **Source.** IRC 2021 R502.7 and R602.6 ask for a load path to the foundation, from memory; as wide as the pack: common practice, no source.
//!
//! **Assumptions and limits.** Where nobody said how deep the joists are, blocks are named by how wide they are and stand as high as the joists; so are
//! those under a post. On a wall whose top climbs none are drawn.
//!
//! **Worked example.** Two jacks of a window above, 1 1/2 in. each, joists 9 1/4 in. deep: two blocks cut to 9 1/4 in., 3 in. wide together.

use crate::measure::Length;
use crate::say;
use crate::speech::{Phrase, distance};

/// Where a floor over a wall must be solid.
#[derive(Clone, Debug, PartialEq)]
pub struct SolidFloor {
    /// The middle of it, from the wall's left end.
    pub at: Length,
    /// How wide along the wall; `None` where it is as wide as a post that is not sized yet.
    pub wide: Option<Length>,
    /// How deep the joists are there, where somebody said so.
    pub joists: Option<Length>,
    /// What presses there.
    pub under: Phrase,
}

impl SolidFloor {
    /// What is to be built, in a sentence.
    pub fn phrase(&self) -> Phrase {
        let (at, under) = (distance(self.at), self.under.clone());
        match (self.wide, self.joists) {
            (Some(wide), Some(cut)) => say!("solid-floor-cut", at, wide, cut, under),
            (None, Some(cut)) => say!("solid-floor-as-wide-cut", at, cut, under),
            (Some(wide), None) => say!("solid-floor", at, wide, under),
            (None, None) => say!("solid-floor-as-wide", at, under),
        }
    }
}
