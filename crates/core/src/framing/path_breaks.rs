//! # A wall whose load goes no further
//!
//! **What it does.** Says on a wall that what it or a pack of it brings finds nothing under it in its house.
//!
//! **Source.** IRC 2021 R301.1 asks for a complete load path to the foundation, from memory.

use crate::finding::{Finding, Rule};
use crate::job::OpeningId;
use crate::measure::Force;
use crate::say;
use crate::speech::Phrase;

/// What the wall brings stops there.
pub static PATH_BREAKS: Rule = Rule::trouble("path-breaks");

/// A finding of it: at the opening whose packs bring it, else on the wall; so much in all, and why it stops.
pub fn path_breaks(opening: Option<OpeningId>, force: Force, why: Phrase) -> Finding {
    let phrase = say!("finding-path-breaks", force, why);
    let found = match opening {
        Some(opening) => PATH_BREAKS.at(opening, phrase),
        None => PATH_BREAKS.on_the_wall(phrase),
    };
    found.way(say!("way-look-at-the-house"))
}
