//! Kings at one end: full-height studs beside the opening. In this tool a jack is never counted as a king.

pub mod code_table;
pub mod wind;

pub use code_table::{KingTable, kings_by_code};
pub use wind::{KingWind, king_ratios, kings_by_wind};
