//! # Solid floors under what presses
//!
//! **What it does.** Where a pack or a post of the storey above presses on a wall through a floor, the floor must be solid there: squash blocks or
//! blocking as wide as what presses, as high as the joists. They go with the wall below, whose plates they stand on.
//!
//! **Source.** IRC 2021 R502.7 and R602.6 ask for a load path to the foundation, from memory; as wide as the pack: common practice, no source.
//!
//! **Assumptions and limits.** How deep the joists are nobody said: blocks are named by how wide they are and stand as high as the joists.
//!
//! **Worked example.** Two jacks of a window above, 1 1/2 in. each: blocks 3 in. wide.

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
    /// What presses there.
    pub under: Phrase,
}

impl SolidFloor {
    /// What is to be built, in a sentence.
    pub fn phrase(&self) -> Phrase {
        let (at, under) = (distance(self.at), self.under.clone());
        match self.wide {
            Some(wide) => say!("solid-floor", at, wide, under),
            None => say!("solid-floor-as-wide", at, under),
        }
    }
}
