//! A job's history, as it is answered.

use chrono::{DateTime, Utc};
use serde::{Deserialize, Serialize};
use sturvek_store::LogEntry;
use sturvek_wire::speech::Phrase;
use utoipa::ToSchema;

/// An entry of a job's history.
#[derive(Clone, Debug, Serialize, Deserialize, ToSchema)]
pub struct HistoryEntry {
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

impl From<LogEntry> for HistoryEntry {
    fn from(entry: LogEntry) -> Self {
        let LogEntry { version, action, summary, author, written_at } = entry;
        Self { version, action, summary, author, written_at }
    }
}
