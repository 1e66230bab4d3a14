//! A job's history, as it is told.

use chrono::{DateTime, Utc};

use crate::entity::log_entry;

/// One entry of a job's history.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct LogEntry {
    /// The version it made.
    pub version: i64,
    /// `do`, `undo` or `redo`.
    pub action: String,
    /// What it did.
    pub summary: String,
    /// Who did it.
    pub author: String,
    /// When.
    pub written_at: DateTime<Utc>,
}

impl From<log_entry::Model> for LogEntry {
    fn from(row: log_entry::Model) -> Self {
        let log_entry::Model { version, action, summary, author, written_at, .. } = row;
        Self { version, action, summary, author, written_at }
    }
}
