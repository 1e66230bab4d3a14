//! What can go wrong in the store.

use sea_orm::DbErr;
use sturvek_core::job::CommandError;
use sturvek_wire::FieldError;
use sturvek_wire::saved::SavedError;
use thiserror::Error;
use uuid::Uuid;

use crate::log::LogEntry;

/// Why the store could not do what was asked.
#[derive(Debug, Error)]
pub enum StoreError {
    /// There is no such job.
    #[error("There is no such job.")]
    NoSuchJob(Uuid),
    /// The job has changed since the version the command was made on.
    #[error("The job has changed since version {on}; it is at version {current} now.")]
    Stale {
        /// The version the command was made on.
        on: i64,
        /// The version now.
        current: i64,
        /// What changed since.
        since: Vec<LogEntry>,
    },
    /// There is nothing to take back or to do again.
    #[error("There is nothing to {0}.")]
    NothingTo(&'static str),
    /// The command is refused.
    #[error(transparent)]
    Refused(#[from] CommandError),
    /// A field cannot be read.
    #[error(transparent)]
    Field(#[from] FieldError),
    /// A row holds something this version does not know.
    #[error("The database holds a value this version does not know: {0}")]
    UnknownValue(String),
    /// What was kept cannot be read.
    #[error("What the database holds cannot be read: {0}")]
    Saved(#[from] SavedError),
    /// The database failed.
    #[error("The database failed: {0}")]
    Database(#[from] DbErr),
}
