//! A job's log: what was done to it, by whom and when.

use chrono::{DateTime, Utc};
use sea_orm::{
    ColumnTrait, ConnectionTrait, EntityTrait, FromQueryResult, QueryFilter, QueryOrder, QuerySelect, Select, Set,
};
use sturvek_core::speech;
use sturvek_wire::speech::Phrase;
use uuid::Uuid;

use crate::entity::log_entry;
use crate::error::StoreError;
use crate::row_values::FORM;
use crate::told::LogEntry;

/// The most that a job's log may take, bytes: some thirty times the largest edit.
pub const MOST_LOG_BYTES: i64 = 64 * 1024 * 1024;
/// From here on it is said that the log will be full.
pub const LOG_NEARLY_FULL: i64 = MOST_LOG_BYTES / 10 * 9;

/// The columns that are told; commands and their inverses may be large and are not read for it.
#[derive(FromQueryResult)]
struct Told {
    version: i64,
    action: String,
    summary: serde_json::Value,
    author: String,
    written_at: DateTime<Utc>,
}

/// A step back or forth.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Direction {
    /// Back.
    Undo,
    /// Forth.
    Redo,
}

impl Direction {
    /// How the log calls it.
    pub const fn word(self) -> &'static str {
        match self {
            Self::Undo => "undo",
            Self::Redo => "redo",
        }
    }

    /// That there is none left.
    pub const fn nothing_left(self) -> StoreError {
        match self {
            Self::Undo => StoreError::NothingToUndo,
            Self::Redo => StoreError::NothingToRedo,
        }
    }
}

/// How many entries of what changed since are told.
const MOST_SINCE: u64 = 50;

/// What was done after a version, oldest first.
pub async fn since(db: &impl ConnectionTrait, id: Uuid, version: i64) -> Result<Vec<LogEntry>, StoreError> {
    let entries = of_job(id).filter(log_entry::Column::Version.gt(version));
    told(entries.order_by_asc(log_entry::Column::Version).limit(MOST_SINCE), db).await
}

/// A job's entries.
pub fn of_job(id: Uuid) -> Select<log_entry::Entity> {
    log_entry::Entity::find().filter(log_entry::Column::JobId.eq(id))
}

/// Entries as they are told.
pub async fn told(entries: Select<log_entry::Entity>, db: &impl ConnectionTrait) -> Result<Vec<LogEntry>, StoreError> {
    use log_entry::Column as C;
    let columns = [C::Version, C::Action, C::Summary, C::Author, C::WrittenAt];
    let rows = entries.select_only().columns(columns).into_model::<Told>().all(db).await?;
    rows.into_iter().map(LogEntry::try_from).collect()
}

impl TryFrom<Told> for LogEntry {
    type Error = StoreError;

    fn try_from(row: Told) -> Result<Self, StoreError> {
        let Told { version, action, summary, author, written_at } = row;
        Ok(Self { version, action, summary: phrase(summary)?, author, written_at })
    }
}

/// An entry that is about to be kept, as it is told.
pub fn told_of(entry: &log_entry::ActiveModel) -> Result<LogEntry, StoreError> {
    Ok(LogEntry {
        version: *entry.version.as_ref(),
        action: entry.action.as_ref().clone(),
        summary: phrase(entry.summary.as_ref().clone())?,
        author: entry.author.as_ref().clone(),
        written_at: *entry.written_at.as_ref(),
    })
}

/// What a change of direction would act on: the newest command still done, or the oldest one undone.
fn next(id: Uuid, direction: Direction) -> Select<log_entry::Entity> {
    use log_entry::Column as C;
    match direction {
        Direction::Undo => of_job(id).filter(C::State.eq("done")).order_by_desc(C::Version),
        Direction::Redo => of_job(id).filter(C::State.eq("undone")).order_by_asc(C::Version),
    }
}

/// The entry that a change of direction would act on.
pub async fn next_entry(
    db: &impl ConnectionTrait,
    id: Uuid,
    direction: Direction,
) -> Result<Option<log_entry::Model>, StoreError> {
    Ok(next(id, direction).one(db).await?)
}

/// What a change of direction would do, in words.
pub async fn next_summary(
    db: &impl ConnectionTrait,
    id: Uuid,
    direction: Direction,
) -> Result<Option<Phrase>, StoreError> {
    let summary = next(id, direction).select_only().column(log_entry::Column::Summary);
    summary.into_tuple().one(db).await?.map(phrase).transpose()
}

/// The version that the edit with a key made.
pub async fn version_of(db: &impl ConnectionTrait, id: Uuid, key: Uuid) -> Result<Option<i64>, StoreError> {
    let entry = of_job(id).filter(log_entry::Column::Key.eq(key)).select_only().column(log_entry::Column::Version);
    Ok(entry.into_tuple().one(db).await?)
}

/// The entry that made a version.
pub async fn entry(db: &impl ConnectionTrait, id: Uuid, version: i64) -> Result<log_entry::Model, StoreError> {
    let entry = of_job(id).filter(log_entry::Column::Version.eq(version)).one(db).await?;
    entry.ok_or_else(|| StoreError::UnknownValue(format!("version {version}, of which the log knows nothing")))
}

/// When a version was made; `None` of a job that was begun before that stood in the log.
pub async fn written_at(
    db: &impl ConnectionTrait,
    id: Uuid,
    version: i64,
) -> Result<Option<DateTime<Utc>>, StoreError> {
    let entry = of_job(id).filter(log_entry::Column::Version.eq(version));
    Ok(entry.select_only().column(log_entry::Column::WrittenAt).into_tuple().one(db).await?)
}

/// The entries after a version, newest first.
pub async fn back_to(db: &impl ConnectionTrait, id: Uuid, version: i64) -> Result<Vec<log_entry::Model>, StoreError> {
    let entries = of_job(id).filter(log_entry::Column::Version.gt(version));
    Ok(entries.order_by_desc(log_entry::Column::Version).all(db).await?)
}

#[derive(FromQueryResult)]
struct Step {
    version: i64,
    action: String,
    of_version: Option<i64>,
}

/// What could be undone and done again when a version was made.
pub async fn steps_after(
    db: &impl ConnectionTrait,
    id: Uuid,
    version: i64,
) -> Result<(Option<Phrase>, Option<Phrase>), StoreError> {
    use log_entry::Column as C;
    let steps = of_job(id).filter(C::Version.lte(version)).order_by_asc(C::Version);
    let steps = steps.select_only().columns([C::Version, C::Action, C::OfVersion]).into_model::<Step>().all(db).await?;
    // Back and forth along one line: the newest that is done comes before the oldest that is undone.
    let (mut done, mut undone) = (Vec::new(), Vec::new());
    for step in steps {
        match (step.action.as_str(), step.of_version) {
            ("do", _) => {
                undone.clear();
                done.push(step.version);
            }
            ("undo", Some(of)) => {
                done.retain(|version| *version != of);
                undone.push(of);
            }
            ("redo", Some(of)) => {
                undone.retain(|version| *version != of);
                done.push(of);
            }
            _ => {}
        }
    }
    Ok((summary_of(db, id, done.last()).await?, summary_of(db, id, undone.last()).await?))
}

async fn summary_of(db: &impl ConnectionTrait, id: Uuid, version: Option<&i64>) -> Result<Option<Phrase>, StoreError> {
    let Some(version) = version else { return Ok(None) };
    let entry = of_job(id).filter(log_entry::Column::Version.eq(*version));
    let summary = entry.select_only().column(log_entry::Column::Summary).into_tuple().one(db).await?;
    summary.map(phrase).transpose()
}

/// Notes what happened to a job beside its edits: that it was begun, put away, brought back.
pub async fn note(
    db: &impl ConnectionTrait,
    id: Uuid,
    version: i64,
    (action, said): (&str, speech::Phrase),
    author: &str,
    now: DateTime<Utc>,
) -> Result<(), StoreError> {
    let entry = log_entry::ActiveModel {
        job_id: Set(id),
        version: Set(version),
        action: Set(action.to_owned()),
        form: Set(FORM),
        summary: Set(kept(&said)?),
        author: Set(author.to_owned()),
        written_at: Set(now),
        ..Default::default()
    };
    log_entry::Entity::insert(entry).exec_without_returning(db).await?;
    Ok(())
}

/// What an edit did as the log keeps it: a message with its figures.
pub fn kept(summary: &speech::Phrase) -> Result<serde_json::Value, StoreError> {
    serde_json::to_value(Phrase::from(summary)).map_err(|error| StoreError::UnknownValue(error.to_string()))
}

/// What an edit did, from how it is kept.
pub fn phrase(summary: serde_json::Value) -> Result<Phrase, StoreError> {
    serde_json::from_value(summary).map_err(|error| StoreError::UnknownValue(error.to_string()))
}
