//! Beams of the house: what each has to do, what goes in, and the sheet of it.

pub mod bearing;
pub mod sheet;
pub mod size;
pub mod spec;

pub use size::{BeamCheck, BeamStock, OnSupport, SizedBeam, TriedBeam, size_beam};
pub use spec::{BeamPiece, BeamSpec, BeamSupport, HeldEdges, Under};
