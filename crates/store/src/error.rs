//! What can go wrong in the store.

use sea_orm::{DbErr, RuntimeErr, SqlxError};
use sturvek_core::job::{Command, CommandError};
use sturvek_wire::saved::SavedError;
use sturvek_wire::{FieldErrors, places};
use thiserror::Error;
use uuid::Uuid;

use crate::told::LogEntry;

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
    /// Somebody else holds the job, for longer than anybody waits.
    #[error("somebody else holds the job")]
    Held,
    /// The log of the job has no room left.
    #[error("the log of the job is full")]
    LogFull,
    /// No more can be ordered in one job.
    #[error("too many orders in one job")]
    TooManyOrders,
    /// A key was used for another order already.
    #[error("the key is another order's")]
    OtherOrder,
    /// No more can be ticked off in one job.
    #[error("too many ticks in one job")]
    TooManyTicks,
    /// No more can be said of the orders in which the walls of one job are opened.
    #[error("too many marks on the orders of one job")]
    TooManyMarks,
    /// No more devices can be paired.
    #[error("too many devices are paired")]
    TooManyDevices,
    /// The database gave up what took it too long.
    #[error("the database gave up: {0}")]
    TookTooLong(DbErr),
    /// The database is not there.
    #[error("the database does not answer: {0}")]
    Lost(DbErr),
    /// The database says nothing.
    #[error("the database says nothing")]
    Silent,
    /// The database refused what it was asked: a fault of this program.
    #[error("the database failed: {0}")]
    Database(DbErr),
}

/// What PostgreSQL says when a lock was waited for too long, when a statement took too long, and when it is going down or coming up.
const LOCK_NOT_AVAILABLE: &str = "55P03";
const QUERY_CANCELED: &str = "57014";
const NOT_THERE: [&str; 6] = ["57P01", "57P02", "57P03", "57P05", "25006", "53300"];

impl From<DbErr> for StoreError {
    fn from(error: DbErr) -> Self {
        let (DbErr::Exec(RuntimeErr::SqlxError(said))
        | DbErr::Query(RuntimeErr::SqlxError(said))
        | DbErr::Conn(RuntimeErr::SqlxError(said))) = &error
        else {
            let lost = matches!(error, DbErr::Conn(_) | DbErr::ConnectionAcquire(_));
            return if lost { Self::Lost(error) } else { Self::Database(error) };
        };
        let Some(code) = said.as_database_error().and_then(|said| said.code().map(|code| code.into_owned())) else {
            // What the database did not say itself: it is not there, or what it sent could not be read.
            let unreadable =
                matches!(&**said, SqlxError::Decode(_) | SqlxError::ColumnDecode { .. } | SqlxError::RowNotFound);
            return if unreadable { Self::Database(error) } else { Self::Lost(error) };
        };
        match code.as_str() {
            LOCK_NOT_AVAILABLE => Self::Held,
            QUERY_CANCELED => Self::TookTooLong(error),
            code if NOT_THERE.contains(&code) => Self::Lost(error),
            _ => Self::Database(error),
        }
    }
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
