//! What can go wrong in the store.

use sea_orm::DbErr;
use sturvek_core::job::{Command, CommandError};
use sturvek_wire::saved::SavedError;
use sturvek_wire::{FieldErrors, places};
use thiserror::Error;
use uuid::Uuid;

use crate::log::LogEntry;

/// Why the store could not do what was asked.
#[derive(Debug, Error)]
pub enum StoreError {
    /// There is no such job.
    #[error("no such job")]
    NoSuchJob(Uuid),
    /// The job has changed since the version the command was made on.
    #[error("changed since version {on}: at version {current} now")]
    Stale {
        /// The version the command was made on.
        on: i64,
        /// The version now.
        current: i64,
        /// What changed since.
        since: Vec<LogEntry>,
    },
    /// There is nothing to take back.
    #[error("nothing to undo")]
    NothingToUndo,
    /// There is nothing to do again.
    #[error("nothing to redo")]
    NothingToRedo,
    /// What the command names is not there, or is there already.
    #[error(transparent)]
    Refused(CommandError),
    /// Fields cannot be read or hold what is not allowed.
    #[error(transparent)]
    Fields(#[from] FieldErrors),
    /// A row holds something this version does not know.
    #[error("a value this version does not know: {0}")]
    UnknownValue(String),
    /// What was kept cannot be read.
    #[error("what is kept cannot be read: {0}")]
    Saved(#[from] SavedError),
    /// The database failed.
    #[error("the database failed: {0}")]
    Database(#[from] DbErr),
}

impl StoreError {
    /// Why a command was refused: at its fields, where they brought what is not allowed.
    pub fn refusal(command: &Command, error: CommandError) -> Self {
        match error {
            CommandError::Refused(refused) => places::in_command(command, &refused).into(),
            error @ CommandError::NoSuchPlace { .. } => {
                let field = if matches!(command, Command::MoveWall { .. }) { "/to" } else { "" };
                FieldErrors::one(field, error.phrase()).into()
            }
            error => Self::Refused(error),
        }
    }

    /// The same, its fields standing further in.
    #[must_use]
    pub fn under(self, place: &str) -> Self {
        match self {
            Self::Fields(errors) => errors.under(place).into(),
            error => error,
        }
    }
}
