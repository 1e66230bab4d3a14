//! A job's inputs on the wire.

mod carries;
mod house;
mod opening;
mod particulars;
mod settings;
mod stock;
mod wall;
mod whole_job;

pub use carries::*;
pub use house::*;
pub use opening::*;
pub use particulars::Particulars;
pub use settings::*;
pub use stock::*;
pub use wall::*;
pub use whole_job::Job;
