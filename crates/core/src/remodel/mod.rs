//! Opening a wall of a house that stands.

pub mod beam_in;
pub mod opened_wall;
pub mod order;
