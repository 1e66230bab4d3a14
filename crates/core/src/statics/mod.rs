//! Statics of a simply supported beam, in closed form.
//!
//! Lengths are decimal inches from the left support, forces pounds, moments pound-inches. Deflection is given as E·I·y
//! (lb·in.³), so that a section can be tried without solving again.

pub mod simple_span;

pub use simple_span::{BeamLoad, Extreme, SimpleSpan};
