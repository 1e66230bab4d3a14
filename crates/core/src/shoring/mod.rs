//! Opening an existing wall: what stands while the old wall is gone and the new beam does not carry yet.

pub mod moment_between;
pub mod temporary_wall;
