//! Tables as SeaORM sees them, one file each.

pub mod beam;
pub mod carried_item;
pub mod cut_tick;
pub mod engineers_mark;
pub mod field;
pub mod foundation;
pub mod house_post;
pub mod job;
pub mod level;
pub mod log_entry;
pub mod opening;
pub mod order_mark;
pub mod own_price;
pub mod pad;
pub mod paired_device;
pub mod point_load;
pub mod stock_item;
pub mod wall;
pub mod yard_order;
