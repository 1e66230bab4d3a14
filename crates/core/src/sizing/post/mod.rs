//! Posts of the house: what each has to do, what goes in, and the sheet of it.

pub mod column;
pub mod sheet;
pub mod size;
pub mod spec;
#[cfg(test)]
mod testing;

pub use size::{SizedPost, TriedPost, size_post};
pub use spec::{BeamOnPost, PostSection, PostSpec};
