//! Opening a wall of a house that stands.

pub mod beam_in;
mod header_boards;
pub mod on_storey;
pub mod opened_wall;
pub mod opening;
pub mod order;
