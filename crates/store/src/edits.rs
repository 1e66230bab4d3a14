//! Edits: commands, undo, redo. Rows, version and log entry change together, in one transaction.

use chrono::{DateTime, SubsecRound, Utc};
use sea_orm::{
    ActiveModelTrait, ColumnTrait, ConnectionTrait, DatabaseTransaction, EntityTrait, IntoActiveModel, QueryFilter,
    QuerySelect, Set, TransactionTrait,
};
use sturvek_core::job::{self, Job, command};
use sturvek_wire::{Command, Resolve, saved};
use uuid::Uuid;

use crate::entity::{job as job_table, log_entry};
use crate::error::StoreError;
use crate::gate::{Kept, Passed};
use crate::jobs::{Jobs, Known, MadeOf, StoredJob, Version, finish, job_in, read_job_of, read_rows, settings_columns};
use crate::log::{self, Direction, MOST_LOG_BYTES, next_entry};
use crate::row_values::{FORM, form_of};
use crate::rows::{rows_of, rows_that_differ};
use crate::sync::write_rows;
use crate::told::LogEntry;

/// Who makes an edit, and what they bring.
#[derive(Clone, Copy, Debug)]
pub struct Editor<'a> {
    /// Their name, for the log.
    pub author: &'a str,
    /// Tells a repetition of the same edit: one key is kept once, and answered each time as the first time.
    pub key: Option<Uuid>,
    /// The job as they know it: saves reading it where it is at that version.
    pub known: Option<Known<'a>>,
}

impl<'a> From<&'a str> for Editor<'a> {
    fn from(author: &'a str) -> Self {
        Self { author, key: None, known: None }
    }
}

/// What is done.
enum Wanted {
    Do(Box<job::Command>),
    Step(Direction),
}

enum Action {
    Do,
    Step(Direction, Box<log_entry::Model>),
}

struct Edit<'a> {
    action: Action,
    command: job::Command,
    by: Editor<'a>,
}

/// What an edit that was made on a version comes to.
enum Standing {
    /// The job is at that version.
    Fresh(Box<job_table::Model>),
    /// The edit is kept already: at this version.
    Repeated(i64),
}

impl Jobs {
    /// Applies a command made on version `on`, and keeps it.
    ///
    /// # Errors
    /// [`StoreError::Stale`] if the job has changed since; [`StoreError::Refused`] or [`StoreError::Fields`] if the command
    /// cannot be applied; [`StoreError::Held`] if somebody else holds the job; [`StoreError::LogFull`]. The job is then unchanged.
    pub async fn execute<'a>(
        &self,
        id: Uuid,
        on: i64,
        command: Command,
        by: impl Into<Editor<'a>>,
    ) -> Result<StoredJob, StoreError> {
        let command = command.with_identities().resolve()?;
        command.is_meant().map_err(|error| StoreError::refusal(&command, error.into()))?;
        self.edit(id, on, Wanted::Do(Box::new(command)), by.into()).await
    }

    /// Takes the last command back.
    ///
    /// # Errors
    /// [`StoreError::NothingToUndo`], [`StoreError::Stale`], or whatever the database says.
    pub async fn undo<'a>(&self, id: Uuid, on: i64, by: impl Into<Editor<'a>>) -> Result<StoredJob, StoreError> {
        self.step(id, on, Direction::Undo, by).await
    }

    /// Does the last command that was taken back again.
    ///
    /// # Errors
    /// [`StoreError::NothingToUndo`], [`StoreError::Stale`], or whatever the database says.
    pub async fn redo<'a>(&self, id: Uuid, on: i64, by: impl Into<Editor<'a>>) -> Result<StoredJob, StoreError> {
        self.step(id, on, Direction::Redo, by).await
    }

    /// Takes the last command back, or does it again.
    ///
    /// # Errors
    /// As [`Jobs::undo`].
    pub async fn step<'a>(
        &self,
        id: Uuid,
        on: i64,
        direction: Direction,
        by: impl Into<Editor<'a>>,
    ) -> Result<StoredJob, StoreError> {
        self.edit(id, on, Wanted::Step(direction), by.into()).await
    }

    async fn edit(&self, id: Uuid, on: i64, wanted: Wanted, by: Editor<'_>) -> Result<StoredJob, StoreError> {
        // Whoever knows the job at that version is probably right, and the lock will tell. Who does not is told at once.
        if by.known.is_none_or(|known| known.version.number != on)
            && let Some(version) = self.repeated_or_stale(id, on, by.key).await?
        {
            return self.as_after(id, version).await;
        }
        let (turn, waited) = match self.gates().pass(id, Some(on)).await? {
            Passed::Turn(turn, waited) => (turn, waited),
            Passed::Overtaken(kept) if by.key.is_some() && by.key == kept.key => {
                return self.as_after(id, kept.entry.version).await;
            }
            Passed::Overtaken(Kept { entry, .. }) => {
                return Err(StoreError::Stale { on, current: entry.version, since: vec![entry] });
            }
        };
        if waited && let Some(version) = self.repeated_or_stale(id, on, by.key).await? {
            return self.as_after(id, version).await;
        }
        let transaction = self.database().begin().await?;
        let row = match locked(&transaction, id, on, by.key).await? {
            Standing::Fresh(row) => *row,
            Standing::Repeated(version) => {
                drop((transaction, turn));
                return self.as_after(id, version).await;
            }
        };
        let edit = match wanted {
            Wanted::Do(command) => Edit { action: Action::Do, command: *command, by },
            Wanted::Step(direction) => step(&transaction, id, direction, by).await?,
        };
        let (after, entry) = apply(&transaction, row, edit).await?;
        transaction.commit().await?;
        turn.tell(Kept { entry, key: by.key });
        Ok(after)
    }

    /// The version that the edit made when it came first; `None` if the job is still at the version it was made on.
    async fn repeated_or_stale(&self, id: Uuid, on: i64, key: Option<Uuid>) -> Result<Option<i64>, StoreError> {
        let Version { number, .. } = self.version(id).await?;
        if number == on { Ok(None) } else { repeated(&self.database(), id, (on, number), key).await.map(Some) }
    }

    /// A job as it was answered when a version was made: the job as it is, everything since taken back.
    async fn as_after(&self, id: Uuid, version: i64) -> Result<StoredJob, StoreError> {
        let transaction = self.snapshot().await?;
        let row = job_table::Entity::find_by_id(id).one(&transaction).await?.ok_or(StoreError::NoSuchJob(id))?;
        let log_bytes = row.log_bytes;
        let mut job = read_job_of(&transaction, row).await?;
        for entry in log::back_to(&transaction, id, version).await? {
            job = taken_back(&job, &entry)?;
        }
        let entry = log::entry(&transaction, id, version).await?;
        let before = taken_back(&job, &entry)?;
        let made_at = log::written_at(&transaction, id, version - 1).await?;
        let (can_undo, can_redo) = log::steps_after(&transaction, id, version).await?;
        transaction.commit().await?;
        Ok(StoredJob {
            id,
            version,
            job,
            updated_at: entry.written_at,
            can_undo,
            can_redo,
            made_of: made_at.map(|made_at| MadeOf { made_at, job: before }),
            log_bytes,
        })
    }
}

/// A job before an entry of its log.
fn taken_back(job: &Job, entry: &log_entry::Model) -> Result<Job, StoreError> {
    let Some(inverse) = kept_command(entry, entry.inverse.as_ref())? else { return Ok(job.clone()) };
    Ok(command::apply(job, &inverse).map_err(|error| StoreError::refusal(&inverse, error))?.job)
}

/// A command as the log keeps it; none in an entry that is no edit.
fn kept_command(
    entry: &log_entry::Model,
    kept: Option<&serde_json::Value>,
) -> Result<Option<job::Command>, StoreError> {
    let Some(kept) = kept else { return Ok(None) };
    let command: Command = saved::read(form_of(entry.form)?, kept.clone())?;
    // Boards that were kept before they had identities are given them here.
    Ok(Some(command.with_identities().resolve()?))
}

/// The version that an edit with this key made.
///
/// # Errors
/// [`StoreError::Stale`] if there is none.
async fn repeated(
    db: &impl ConnectionTrait,
    id: Uuid,
    (on, current): (i64, i64),
    key: Option<Uuid>,
) -> Result<i64, StoreError> {
    let kept = match key {
        Some(key) => log::version_of(db, id, key).await?,
        None => None,
    };
    match kept {
        Some(version) => Ok(version),
        None => Err(StoreError::Stale { on, current, since: log::since(db, id, on).await? }),
    }
}

/// The job's row, locked until the transaction ends, if it is still at the version the edit was made on.
async fn locked(
    transaction: &DatabaseTransaction,
    id: Uuid,
    on: i64,
    key: Option<Uuid>,
) -> Result<Standing, StoreError> {
    let row = job_table::Entity::find_by_id(id)
        .filter(job_table::Column::DeletedAt.is_null())
        .lock_exclusive()
        .one(transaction)
        .await?
        .ok_or(StoreError::NoSuchJob(id))?;
    if row.version == on {
        return Ok(Standing::Fresh(Box::new(row)));
    }
    repeated(transaction, id, (on, row.version), key).await.map(Standing::Repeated)
}

/// The step back or forth that a job's log holds next.
async fn step<'a>(
    transaction: &DatabaseTransaction,
    id: Uuid,
    direction: Direction,
    by: Editor<'a>,
) -> Result<Edit<'a>, StoreError> {
    let entry = next_entry(transaction, id, direction).await?;
    let entry = entry.ok_or(direction.nothing_left())?;
    let (kept, state) = match direction {
        Direction::Undo => (&entry.inverse, "undone"),
        Direction::Redo => (&entry.command, "done"),
    };
    let command = kept_command(&entry, kept.as_ref())?.ok_or(direction.nothing_left())?;
    let mut change: log_entry::ActiveModel = entry.clone().into_active_model();
    change.state = Set(Some(state.to_owned()));
    change.update(transaction).await?;
    Ok(Edit { action: Action::Step(direction, Box::new(entry)), command, by })
}

/// Applies an edit to a locked job: rows, version and log entry together.
async fn apply(
    transaction: &DatabaseTransaction,
    row: job_table::Model,
    edit: Edit<'_>,
) -> Result<(StoredJob, LogEntry), StoreError> {
    let id = row.id;
    let version = row.version + 1;
    let kept = Version { number: row.version, made_at: row.updated_at };
    let known = edit.by.known.filter(|known| known.version == kept && row.form == FORM);
    let (kept_rows, before) = match known {
        Some(known) => (None, known.job.clone()),
        None => {
            let rows = read_rows(transaction, id).await?;
            (Some(rows.clone()), job_in(row.clone(), rows).await?)
        }
    };
    let applied = command::apply(&before, &edit.command).map_err(|error| StoreError::refusal(&edit.command, error))?;
    let (rows, rows_now) = match kept_rows {
        // Held against the rows as they are kept: documents of an older form are written anew.
        Some(rows) => (rows, rows_of(id, &applied.job)?),
        None => rows_that_differ(id, &before, &applied.job)?,
    };
    write_rows(transaction, rows, rows_now).await?;
    let mut change = settings_columns(&applied.job)?;
    let now = Utc::now().trunc_subsecs(6);
    let entry = entry(id, version, &edit, (&before, &applied), now)?;
    let log_bytes = row.log_bytes + bytes_of(&entry);
    if MOST_LOG_BYTES < log_bytes {
        return Err(StoreError::LogFull);
    }
    change.log_bytes = Set(log_bytes);
    change.id = sea_orm::ActiveValue::Unchanged(id);
    change.version = Set(version);
    change.updated_at = Set(now);
    let row = change.update(transaction).await?;
    if matches!(edit.action, Action::Do) {
        supersede_undone(transaction, id).await?;
    }
    let told = log::told_of(&entry)?;
    log_entry::Entity::insert(entry).exec_without_returning(transaction).await?;
    let made_of = MadeOf { made_at: kept.made_at, job: before };
    Ok((StoredJob { made_of: Some(made_of), ..finish(transaction, row, applied.job).await? }, told))
}

/// A new edit ends the life of whatever was undone: it can no longer be done again.
async fn supersede_undone(transaction: &DatabaseTransaction, id: Uuid) -> Result<(), StoreError> {
    let change = log_entry::ActiveModel { state: Set(Some("superseded".into())), ..Default::default() };
    log_entry::Entity::update_many()
        .set(change)
        .filter(log_entry::Column::JobId.eq(id))
        .filter(log_entry::Column::State.eq("undone"))
        .exec(transaction)
        .await?;
    Ok(())
}

/// The log's entry of an edit.
fn entry(
    id: Uuid,
    version: i64,
    edit: &Edit<'_>,
    (before, after): (&Job, &command::Applied),
    now: DateTime<Utc>,
) -> Result<log_entry::ActiveModel, StoreError> {
    let json = |command: &job::Command| {
        serde_json::to_value(Command::from(command)).map_err(|error| StoreError::UnknownValue(error.to_string()))
    };
    let (action, state, of_version, summary) = match &edit.action {
        Action::Do => {
            let summary = command::summary(&edit.command, before, &after.job);
            ("do", Some("done".to_owned()), None, log::kept(&summary)?)
        }
        Action::Step(direction, entry) => (direction.word(), None, Some(entry.version), entry.summary.clone()),
    };
    Ok(log_entry::ActiveModel {
        job_id: Set(id),
        version: Set(version),
        action: Set(action.to_owned()),
        state: Set(state),
        of_version: Set(of_version),
        command: Set(Some(json(&edit.command)?)),
        inverse: Set(Some(json(&after.inverse)?)),
        form: Set(FORM),
        summary: Set(summary),
        author: Set(edit.by.author.to_owned()),
        written_at: Set(now),
        key: Set(edit.by.key),
        ..Default::default()
    })
}

/// The room that an entry's command and inverse take, bytes.
fn bytes_of(entry: &log_entry::ActiveModel) -> i64 {
    let bytes = |kept: &Option<Option<serde_json::Value>>| {
        kept.iter().flatten().map(|command| command.to_string().len()).sum::<usize>()
    };
    let all = bytes(&entry.command.clone().take()) + bytes(&entry.inverse.clone().take());
    i64::try_from(all).unwrap_or(i64::MAX)
}
