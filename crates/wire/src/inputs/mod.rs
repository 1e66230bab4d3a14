//! A job's inputs on the wire.

mod carries;
mod opening;
mod settings;
mod stock;
mod wall;
mod whole_job;

pub use carries::*;
pub use opening::*;
pub use settings::*;
pub use stock::*;
pub use wall::*;
pub use whole_job::Job;
