//! The jobs: listing, making, and changing them by commands.

use std::collections::{HashMap, HashSet};

use chrono::{DateTime, Utc};
use sea_orm::sea_query::OnConflict;
use sea_orm::{
    AccessMode, ActiveModelTrait, ColumnTrait, ConnectionTrait, DatabaseConnection, DatabaseTransaction, EntityTrait,
    IntoActiveModel, IsolationLevel, Iterable, ModelTrait, PrimaryKeyToColumn, QueryFilter, QueryOrder, QuerySelect,
    Set, TransactionTrait,
};
use sturvek_core::job::{self, Job, bounds, command};
use sturvek_core::speech;
use sturvek_wire::inputs::{CodeTable, Job as WireJob, Settings};
use sturvek_wire::speech::Phrase;
use sturvek_wire::{Command, FieldErrors, Resolve, saved};
use uuid::Uuid;

use crate::entity::{carried_item, job as job_table, log_entry, opening, point_load, stock_item, wall};
use crate::error::StoreError;
use crate::log::LogEntry;
use crate::rows::{FORM, Rows, document, form_of, job_of, rows_of, rows_that_differ};

/// A job as it is kept.
#[derive(Clone, Debug, PartialEq)]
pub struct StoredJob {
    /// Its identity.
    pub id: Uuid,
    /// Its version: one more for every edit.
    pub version: i64,
    /// Its inputs.
    pub job: Job,
    /// When it was last changed.
    pub updated_at: DateTime<Utc>,
    /// What undo would take back.
    pub can_undo: Option<Phrase>,
    /// What redo would do again.
    pub can_redo: Option<Phrase>,
    /// What an edit made it of; `None` where it was only read.
    pub made_of: Option<MadeOf>,
}

/// The job that an edit was made on.
#[derive(Clone, Debug, PartialEq)]
pub struct MadeOf {
    /// When that version was made.
    pub made_at: DateTime<Utc>,
    /// The job as it was.
    pub job: Job,
}

/// A version of a job. Its number alone does not tell it: a database that was put back to an earlier day counts on from there.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Version {
    /// One more for every edit.
    pub number: i64,
    /// When it was made.
    pub made_at: DateTime<Utc>,
}

/// A job as somebody knows it.
#[derive(Clone, Copy, Debug)]
pub struct Known<'a> {
    /// At which version.
    pub version: Version,
    /// The job.
    pub job: &'a Job,
}

/// The jobs in a database.
#[derive(Clone, Debug)]
pub struct Jobs {
    db: DatabaseConnection,
}

impl StoredJob {
    /// Its version, and when that was made.
    pub const fn made(&self) -> Version {
        Version { number: self.version, made_at: self.updated_at }
    }
}

impl Jobs {
    /// The jobs in this database.
    pub const fn new(db: DatabaseConnection) -> Self {
        Self { db }
    }

    /// Whether the database answers.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn ping(&self) -> Result<(), StoreError> {
        Ok(self.db.ping().await?)
    }

    /// Whether any job was ever kept here, put away ones counted.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn ever_held_a_job(&self) -> Result<bool, StoreError> {
        Ok(job_table::Entity::find().one(&self.db).await?.is_some())
    }

    pub(crate) const fn database(&self) -> &DatabaseConnection {
        &self.db
    }

    /// A job's version, and when that was made.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], or whatever the database says.
    pub async fn version(&self, id: Uuid) -> Result<Version, StoreError> {
        let version: Option<(i64, DateTime<Utc>)> = job_table::Entity::find_by_id(id)
            .filter(job_table::Column::DeletedAt.is_null())
            .select_only()
            .columns([job_table::Column::Version, job_table::Column::UpdatedAt])
            .into_tuple()
            .one(&self.db)
            .await?;
        let (number, made_at) = version.ok_or(StoreError::NoSuchJob(id))?;
        Ok(Version { number, made_at })
    }

    /// One job.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], or whatever the database says.
    pub async fn get(&self, id: Uuid) -> Result<StoredJob, StoreError> {
        let transaction = self.snapshot().await?;
        let row = job_table::Entity::find_by_id(id)
            .filter(job_table::Column::DeletedAt.is_null())
            .one(&transaction)
            .await?
            .ok_or(StoreError::NoSuchJob(id))?;
        let job = stored(&transaction, row).await?;
        transaction.commit().await?;
        Ok(job)
    }

    /// Keeps a new job.
    ///
    /// # Errors
    /// [`StoreError::Refused`] if a value in it is not allowed, or whatever the database says.
    pub async fn create(&self, job: &Job) -> Result<Uuid, StoreError> {
        bounds::job(job).map_err(FieldErrors::from)?;
        let id = Uuid::new_v4();
        let transaction = self.db.begin().await?;
        insert_job_row(&transaction, id, job).await?;
        write_rows(&transaction, Rows::default(), rows_of(id, job)?).await?;
        transaction.commit().await?;
        Ok(id)
    }

    /// Keeps a copy of a job under a new name; every wall, opening and load gets a new identity.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], or whatever the database says.
    pub async fn duplicate(&self, id: Uuid) -> Result<Uuid, StoreError> {
        let mut copy = WireJob::from(&self.get(id).await?.job).with_new_identities();
        copy.name = copy_name(&copy.name);
        self.create(&copy.resolve()?).await
    }

    /// Puts a job away. [`Jobs::restore`] brings it back.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], or whatever the database says.
    pub async fn delete(&self, id: Uuid) -> Result<(), StoreError> {
        self.set_deleted(id, Some(Utc::now())).await
    }

    /// Brings a deleted job back.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], or whatever the database says.
    pub async fn restore(&self, id: Uuid) -> Result<(), StoreError> {
        self.set_deleted(id, None).await
    }

    async fn set_deleted(&self, id: Uuid, deleted_at: Option<DateTime<Utc>>) -> Result<(), StoreError> {
        let change = job_table::ActiveModel { deleted_at: Set(deleted_at), ..Default::default() };
        let result =
            job_table::Entity::update_many().set(change).filter(job_table::Column::Id.eq(id)).exec(&self.db).await?;
        if result.rows_affected == 0 { Err(StoreError::NoSuchJob(id)) } else { Ok(()) }
    }

    /// Applies a command made on version `on`, and keeps it. Whoever knows the job at that version saves reading it.
    ///
    /// # Errors
    /// [`StoreError::Stale`] if the job has changed since; [`StoreError::Refused`] or [`StoreError::Field`] if the command
    /// cannot be applied; the job is then unchanged.
    pub async fn execute(
        &self,
        id: Uuid,
        on: i64,
        command: Command,
        author: &str,
        known: Option<Known<'_>>,
    ) -> Result<StoredJob, StoreError> {
        let command = command.with_identities().resolve()?;
        command.is_meant().map_err(|error| StoreError::refusal(&command, error.into()))?;
        let transaction = self.db.begin().await?;
        let row = locked(&transaction, id, on).await?;
        let edit = Edit { action: Action::Do, command, author, known };
        let after = apply(&transaction, row, edit).await?;
        transaction.commit().await?;
        Ok(after)
    }

    /// Takes the last command back.
    ///
    /// # Errors
    /// [`StoreError::NothingToUndo`], [`StoreError::Stale`], or whatever the database says.
    pub async fn undo(
        &self,
        id: Uuid,
        on: i64,
        author: &str,
        known: Option<Known<'_>>,
    ) -> Result<StoredJob, StoreError> {
        self.step(id, on, author, known, Direction::Undo).await
    }

    /// Does the last command that was taken back again.
    ///
    /// # Errors
    /// [`StoreError::NothingToUndo`], [`StoreError::Stale`], or whatever the database says.
    pub async fn redo(
        &self,
        id: Uuid,
        on: i64,
        author: &str,
        known: Option<Known<'_>>,
    ) -> Result<StoredJob, StoreError> {
        self.step(id, on, author, known, Direction::Redo).await
    }

    async fn step(
        &self,
        id: Uuid,
        on: i64,
        author: &str,
        known: Option<Known<'_>>,
        direction: Direction,
    ) -> Result<StoredJob, StoreError> {
        let transaction = self.db.begin().await?;
        let row = locked(&transaction, id, on).await?;
        let entry = next_entry(&transaction, id, direction).await?;
        let entry = entry.ok_or(direction.nothing_left())?;
        let (kept, state) = match direction {
            Direction::Undo => (&entry.inverse, "undone"),
            Direction::Redo => (&entry.command, "done"),
        };
        let command: Command = saved::read(form_of(entry.form)?, kept.clone())?;
        // Boards that were kept before they had identities are given them here.
        let command = command.with_identities().resolve()?;
        let edit = Edit { action: Action::Step(direction, &entry), command, author, known };
        let mut change: log_entry::ActiveModel = entry.clone().into_active_model();
        change.state = Set(Some(state.to_owned()));
        change.update(&transaction).await?;
        let after = apply(&transaction, row, edit).await?;
        transaction.commit().await?;
        Ok(after)
    }

    /// A job's history, newest first.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn history(&self, id: Uuid, most: u64) -> Result<Vec<LogEntry>, StoreError> {
        let entries = log_entry::Entity::find()
            .filter(log_entry::Column::JobId.eq(id))
            .order_by_desc(log_entry::Column::Version)
            .limit(most)
            .all(&self.db)
            .await?;
        entries.into_iter().map(entry_of).collect()
    }

    /// One consistent picture of several tables.
    async fn snapshot(&self) -> Result<DatabaseTransaction, StoreError> {
        let level = Some(IsolationLevel::RepeatableRead);
        Ok(self.db.begin_with_config(level, Some(AccessMode::ReadOnly)).await?)
    }
}

#[derive(Clone, Copy)]
enum Direction {
    Undo,
    Redo,
}

impl Direction {
    const fn word(self) -> &'static str {
        match self {
            Self::Undo => "undo",
            Self::Redo => "redo",
        }
    }

    const fn nothing_left(self) -> StoreError {
        match self {
            Self::Undo => StoreError::NothingToUndo,
            Self::Redo => StoreError::NothingToRedo,
        }
    }
}

enum Action<'a> {
    Do,
    Step(Direction, &'a log_entry::Model),
}

struct Edit<'a> {
    action: Action<'a>,
    command: job::Command,
    author: &'a str,
    /// The job it is made on, if that is known.
    known: Option<Known<'a>>,
}

/// What a change of direction would act on: the newest command still done, or the oldest one undone.
async fn next_entry(
    db: &impl ConnectionTrait,
    id: Uuid,
    direction: Direction,
) -> Result<Option<log_entry::Model>, StoreError> {
    let entries = log_entry::Entity::find().filter(log_entry::Column::JobId.eq(id));
    let entries = match direction {
        Direction::Undo => {
            entries.filter(log_entry::Column::State.eq("done")).order_by_desc(log_entry::Column::Version)
        }
        Direction::Redo => {
            entries.filter(log_entry::Column::State.eq("undone")).order_by_asc(log_entry::Column::Version)
        }
    };
    Ok(entries.one(db).await?)
}

/// The job's row, locked until the transaction ends, if it is still at the version the edit was made on.
async fn locked(transaction: &DatabaseTransaction, id: Uuid, on: i64) -> Result<job_table::Model, StoreError> {
    let row = job_table::Entity::find_by_id(id)
        .filter(job_table::Column::DeletedAt.is_null())
        .lock_exclusive()
        .one(transaction)
        .await?
        .ok_or(StoreError::NoSuchJob(id))?;
    if row.version == on {
        return Ok(row);
    }
    let since = log_entry::Entity::find()
        .filter(log_entry::Column::JobId.eq(id))
        .filter(log_entry::Column::Version.gt(on))
        .order_by_asc(log_entry::Column::Version)
        .limit(50)
        .all(transaction)
        .await?;
    let since = since.into_iter().map(entry_of).collect::<Result<_, _>>()?;
    Err(StoreError::Stale { on, current: row.version, since })
}

/// Applies an edit to a locked job: rows, version and log entry together.
async fn apply(
    transaction: &DatabaseTransaction,
    row: job_table::Model,
    edit: Edit<'_>,
) -> Result<StoredJob, StoreError> {
    let id = row.id;
    let version = row.version + 1;
    let kept = Version { number: row.version, made_at: row.updated_at };
    let known = edit.known.filter(|known| known.version == kept && row.form == FORM);
    let (kept_rows, before) = match known {
        Some(known) => (None, known.job.clone()),
        None => {
            let rows = read_rows(transaction, id).await?;
            (Some(rows.clone()), job_of(&row, rows)?)
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
    change.id = sea_orm::ActiveValue::Unchanged(id);
    change.version = Set(version);
    change.updated_at = Set(Utc::now());
    let row = change.update(transaction).await?;
    if matches!(edit.action, Action::Do) {
        supersede_undone(transaction, id).await?;
    }
    log(transaction, id, version, &edit, (&before, &applied)).await?;
    let made_of = MadeOf { made_at: kept.made_at, job: before };
    Ok(StoredJob { made_of: Some(made_of), ..finish(transaction, row, applied.job).await? })
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

async fn log(
    transaction: &DatabaseTransaction,
    id: Uuid,
    version: i64,
    edit: &Edit<'_>,
    (before, after): (&Job, &command::Applied),
) -> Result<(), StoreError> {
    let json = |command: &job::Command| {
        serde_json::to_value(Command::from(command)).map_err(|error| StoreError::UnknownValue(error.to_string()))
    };
    let (action, state, of_version, summary) = match edit.action {
        Action::Do => {
            let summary = command::summary(&edit.command, before, &after.job);
            ("do", Some("done".to_owned()), None, kept(&summary)?)
        }
        Action::Step(direction, entry) => (direction.word(), None, Some(entry.version), entry.summary.clone()),
    };
    let entry = log_entry::ActiveModel {
        job_id: Set(id),
        version: Set(version),
        action: Set(action.to_owned()),
        state: Set(state),
        of_version: Set(of_version),
        command: Set(json(&edit.command)?),
        inverse: Set(json(&after.inverse)?),
        form: Set(FORM),
        summary: Set(summary),
        author: Set(edit.author.to_owned()),
        written_at: Set(Utc::now()),
        ..Default::default()
    };
    log_entry::Entity::insert(entry).exec_without_returning(transaction).await?;
    Ok(())
}

/// What an edit did as the history keeps it: a message with its figures.
fn kept(summary: &speech::Phrase) -> Result<serde_json::Value, StoreError> {
    serde_json::to_value(Phrase::from(summary)).map_err(|error| StoreError::UnknownValue(error.to_string()))
}

/// What an edit did, from how it is kept.
fn told(summary: serde_json::Value) -> Result<Phrase, StoreError> {
    serde_json::from_value(summary).map_err(|error| StoreError::UnknownValue(error.to_string()))
}

fn entry_of(row: log_entry::Model) -> Result<LogEntry, StoreError> {
    let log_entry::Model { version, action, summary, author, written_at, .. } = row;
    Ok(LogEntry { version, action, summary: told(summary)?, author, written_at })
}

async fn stored(db: &impl ConnectionTrait, row: job_table::Model) -> Result<StoredJob, StoreError> {
    let job = job_of(&row, read_rows(db, row.id).await?)?;
    finish(db, row, job).await
}

async fn finish(db: &impl ConnectionTrait, row: job_table::Model, job: Job) -> Result<StoredJob, StoreError> {
    let summary = |entry: Option<log_entry::Model>| entry.map(|entry| told(entry.summary)).transpose();
    Ok(StoredJob {
        id: row.id,
        version: row.version,
        job,
        updated_at: row.updated_at,
        can_undo: summary(next_entry(db, row.id, Direction::Undo).await?)?,
        can_redo: summary(next_entry(db, row.id, Direction::Redo).await?)?,
        made_of: None,
    })
}

async fn read_rows(db: &impl ConnectionTrait, id: Uuid) -> Result<Rows, StoreError> {
    Ok(Rows {
        stock: stock_item::Entity::find().filter(stock_item::Column::JobId.eq(id)).all(db).await?,
        carried: carried_item::Entity::find().filter(carried_item::Column::JobId.eq(id)).all(db).await?,
        openings: opening::Entity::find().filter(opening::Column::JobId.eq(id)).all(db).await?,
        point_loads: point_load::Entity::find().filter(point_load::Column::JobId.eq(id)).all(db).await?,
        walls: wall::Entity::find().filter(wall::Column::JobId.eq(id)).all(db).await?,
    })
}

/// Writes what differs between two sets of rows; parents before children.
async fn write_rows(transaction: &DatabaseTransaction, before: Rows, after: Rows) -> Result<(), StoreError> {
    sync::<stock_item::Entity>(transaction, before.stock, after.stock).await?;
    sync::<wall::Entity>(transaction, before.walls, after.walls).await?;
    sync::<carried_item::Entity>(transaction, before.carried, after.carried).await?;
    sync::<opening::Entity>(transaction, before.openings, after.openings).await?;
    sync::<point_load::Entity>(transaction, before.point_loads, after.point_loads).await
}

/// Deletes the rows that are gone, and inserts or updates those that are new or changed.
async fn sync<E>(
    transaction: &DatabaseTransaction,
    before: Vec<E::Model>,
    after: Vec<E::Model>,
) -> Result<(), StoreError>
where
    E: EntityTrait,
    E::Model: PartialEq + IntoActiveModel<E::ActiveModel> + Sync,
    E::ActiveModel: Send,
{
    let keys: Vec<E::Column> = E::PrimaryKey::iter().map(PrimaryKeyToColumn::into_column).collect();
    // Values are not hashed; what they look like is.
    let key = |row: &E::Model| format!("{:?}", keys.iter().map(|column| row.get(*column)).collect::<Vec<_>>());
    let staying: HashSet<String> = after.iter().map(key).collect();
    for row in before.iter().filter(|row| !staying.contains(&key(row))) {
        let filter = keys.iter().fold(E::delete_many(), |delete, column| delete.filter(column.eq(row.get(*column))));
        filter.exec(transaction).await?;
    }
    let kept: HashMap<String, &E::Model> = before.iter().map(|row| (key(row), row)).collect();
    let changed = after.into_iter().filter(|row| kept.get(&key(row)).is_none_or(|kept| *kept != row));
    let changed: Vec<E::ActiveModel> = changed.map(|row| row.into_active_model().reset_all()).collect();
    let others = E::Column::iter().filter(|column| !keys.iter().any(|key| same_column(key, column)));
    let conflict = OnConflict::columns(keys.clone()).update_columns(others).to_owned();
    let mut changed = changed.into_iter();
    loop {
        let some: Vec<E::ActiveModel> = changed.by_ref().take(ROWS_AT_ONCE).collect();
        if some.is_empty() {
            return Ok(());
        }
        E::insert_many(some).on_conflict(conflict.clone()).exec_without_returning(transaction).await?;
    }
}

/// So many rows go in one statement: the database counts its values, all columns of all rows together, to 65 535.
const ROWS_AT_ONCE: usize = 1_000;

fn same_column<C: ColumnTrait>(a: &C, b: &C) -> bool {
    a.as_str() == b.as_str()
}

fn settings_columns(job: &Job) -> Result<job_table::ActiveModel, StoreError> {
    Ok(job_table::ActiveModel {
        name: Set(job.name.clone()),
        settings: Set(document(&Settings::from(&job.settings))?),
        code_table: Set(job.code_table.as_ref().map(|table| document(&CodeTable::from(table))).transpose()?),
        form: Set(FORM),
        ..Default::default()
    })
}

async fn insert_job_row(transaction: &DatabaseTransaction, id: Uuid, job: &Job) -> Result<(), StoreError> {
    let now = Utc::now();
    let row = job_table::ActiveModel {
        id: Set(id),
        version: Set(0),
        created_at: Set(now),
        updated_at: Set(now),
        deleted_at: Set(None),
        ..settings_columns(job)?
    };
    job_table::Entity::insert(row).exec_without_returning(transaction).await?;
    Ok(())
}

/// The name of a copy, kept within the longest name.
fn copy_name(name: &str) -> String {
    const ENDING: &str = ", copy";
    let kept: String = name.chars().take(bounds::LONGEST_NAME - ENDING.len()).collect();
    kept + ENDING
}
