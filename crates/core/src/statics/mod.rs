//! Statics of beams, exact: a simple span in closed form, and a beam over any number of supports.
//!
//! Lengths are decimal inches from the left end, forces pounds, moments pound-inches. Deflection is given as E·I·y
//! (lb·in.³), so that a section can be tried without solving again.

pub mod continuous_beam;
pub mod load;
mod piece;
pub mod shares;
pub mod simple_span;
pub mod swept_beam;
pub mod swept_span;
#[cfg(test)]
mod testing;

pub use continuous_beam::{BeamError, ContinuousBeam, Held, RigidSupports};
pub use load::{BeamLoad, Extreme};
pub use shares::{Joints, OneLoad, shares};
pub use simple_span::SimpleSpan;
