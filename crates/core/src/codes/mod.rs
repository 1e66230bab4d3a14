//! Design codes: what wood may carry, and which loads act together. A code answers questions that are given as plain
//! arguments, so that a header, a floor beam and a post ask alike, and another code is another folder.

pub mod asd;
pub mod combination;
pub mod design_code;
pub mod dispatch;
pub mod question;

pub use combination::{Combination, MOST_COMBINATIONS};
pub use design_code::{CombinationIndex, CombinationSet, DesignCode, Topic};
pub use question::{Comparison, DesignValues, PlateEnd, RepetitiveRule, Service};
