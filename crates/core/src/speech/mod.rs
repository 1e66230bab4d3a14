//! What is said of a wall: messages that keep their figures. The words are in the catalogs, which stand outside the core.

mod length_error;
pub mod phrase;
pub mod range;

pub use phrase::{Argument, Joined, Phrase, decimal, distance, percent};
pub use range::number;
