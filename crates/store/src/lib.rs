//! Jobs kept in PostgreSQL.
//!
//! Only inputs are stored. An edit is a command: its log entry and the rows it changes are written in one transaction, so
//! what was acknowledged is there after any crash. This crate knows no HTTP.

pub mod backup;
pub mod changes;
mod connect;
mod current;
mod device_events;
pub mod devices;
pub mod edits;
pub mod entity;
mod error;
mod gate;
mod history;
mod house_rows;
pub mod jobs;
mod list;
mod log;
mod migration;
pub mod order_marks;
pub mod orders;
pub mod own_prices;
mod row_values;
mod rows;
mod standby;
mod sync;
pub mod ticks;
mod told;
mod watch;

pub use connect::{CONNECTIONS, connect, connect_with};
pub use current::Standing;
pub use edits::Editor;
pub use error::StoreError;
pub use jobs::{Jobs, Known, MadeOf, Origin, StoredJob, Version};
pub use list::{ListedJob, ListedPage, Listing, Mark};
pub use log::{Direction, LOG_NEARLY_FULL, MOST_LOG_BYTES};
pub use migration::migrate;
pub use standby::Commits;
pub use told::LogEntry;
pub use watch::OpenError;
