//! Tables as SeaORM sees them, one file each.

pub mod carried_item;
pub mod job;
pub mod log_entry;
pub mod opening;
pub mod paired_device;
pub mod point_load;
pub mod stock_item;
pub mod wall;
