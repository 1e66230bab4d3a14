//! Adjustment factors, one file each.

pub mod beam_stability;
pub mod bearing_area;
pub mod column_stability;
pub mod load_duration;
pub mod repetitive_member;
pub mod size;
pub mod volume;
pub mod wet_service;
