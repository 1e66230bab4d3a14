//! Tables as SeaORM sees them, one file each.

pub mod floor_on_wall;
pub mod job;
pub mod log_entry;
pub mod opening;
pub mod point_load;
pub mod roof_on_wall;
pub mod stock_item;
pub mod wall;
