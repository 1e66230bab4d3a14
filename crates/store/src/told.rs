//! A job's log as it is told.

use chrono::{DateTime, Utc};
use sturvek_wire::speech::Phrase;

/// One entry of a job's history.
#[derive(Clone, Debug, PartialEq)]
pub struct LogEntry {
    /// The version it made.
    pub version: i64,
    /// `do`, `undo` or `redo`; `create`, `copy`, `delete` or `restore`.
    pub action: String,
    /// What it did.
    pub summary: Phrase,
    /// Who did it.
    pub author: String,
    /// When.
    pub written_at: DateTime<Utc>,
}
