//! Sizing an opening: which header carries it, and how many jacks and kings each end needs.
//!
//! [`problem`] says what is to be carried and by which conventions. [`header`] checks one header; [`jacks`] and
//! [`kings`] count the studs; [`candidates`] tries a whole stock; [`verdict`] says it in one word.

pub mod beam;
pub mod bridge;
pub mod candidates;
pub mod count;
pub mod evaluate;
pub mod existing;
mod hardest;
pub mod header;
pub mod jacks;
pub mod kings;
pub mod landing;
pub mod limits;
mod load_pattern;
mod many_loads;
mod over_supports;
mod placed;
pub mod post;
pub mod problem;
pub mod reach;
pub mod schools;
pub mod sheet;
mod sheet_loads;
mod sheet_part;
#[cfg(test)]
pub(crate) mod testing;
pub mod verdict;

pub use bridge::{Bridge, CombinedCase};
pub use evaluate::{Evaluation, evaluate};
pub use limits::OutsideLimits;
pub use problem::{
    Conventions, HeaderFace, HeaderRun, JackLength, JackSeat, OpeningLoad, OpeningProblem, PackPlate, Post,
    SidewaysWind, SpacedFraming, SpanRule, TopEdge, TopEdgeWidth,
};
pub use verdict::Verdict;
