//! Jobs kept in PostgreSQL.
//!
//! Only inputs are stored. An edit is a command: its log entry and the rows it changes are written in one transaction, so
//! what was acknowledged is there after any crash. This crate knows no HTTP.

pub mod entity;
mod error;
pub mod jobs;
mod list;
pub mod log;
mod migration;
mod rows;

pub use error::StoreError;
pub use jobs::{Jobs, Known, MadeOf, StoredJob, Version};
pub use list::ListedJob;
pub use log::LogEntry;
pub use migration::migrate;

use sea_orm::{ConnectOptions, Database, DatabaseConnection};
use std::time::Duration;

/// Connects to a database.
///
/// # Errors
/// Whatever the database says.
pub async fn connect(address: &str) -> Result<DatabaseConnection, StoreError> {
    let mut options = ConnectOptions::new(address);
    options.max_connections(16).acquire_timeout(Duration::from_secs(12)).sqlx_logging(false);
    Ok(Database::connect(options).await?)
}
