//! Adjustment factors, one file each.

pub mod beam_stability;
pub mod bearing_area;
pub mod column_stability;
pub mod flat_use;
pub mod repetitive_member;
pub mod size;
pub mod volume;
pub mod wet_service;
