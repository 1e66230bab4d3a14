//! What the API answers with, beyond the wire's own types.

use chrono::{DateTime, Utc};
use serde::{Deserialize, Serialize};
use sturvek_core::framing::say::{Said, Wanted};
use sturvek_core::framing::{WallPlan, plan_wall};
use sturvek_store::{LogEntry, StoredJob};
use sturvek_wire::Command;
use sturvek_wire::inputs::{CodeTable, Design, Job};
use sturvek_wire::results::{SheetPart, Unresolved};
use utoipa::{IntoParams, ToSchema};
use uuid::Uuid;

/// A job in the list.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct JobSummary {
    /// Its identity.
    pub id: Uuid,
    /// Its name.
    pub name: String,
    /// Its version.
    pub version: i64,
    /// When it was last changed.
    pub updated_at: DateTime<Utc>,
    /// Its walls, by name.
    pub walls: Vec<String>,
    /// How many openings, and how many of them are not settled.
    pub totals: Unresolved,
}

/// A job with everything that was described.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct JobView {
    /// Its identity.
    pub id: Uuid,
    /// Its version; an edit names the one it was made on.
    pub version: i64,
    /// Its inputs.
    pub job: Job,
    /// What undo would take back.
    pub can_undo: Option<String>,
    /// What redo would do again.
    pub can_redo: Option<String>,
    /// Per wall, in order: how many openings, and how many of them are not settled.
    pub totals: Vec<Unresolved>,
}

/// An entry of a job's history.
#[derive(Clone, Debug, Serialize, Deserialize, ToSchema)]
pub struct HistoryEntry {
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

/// A new job.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct NewJob {
    /// Its name.
    pub name: String,
}

/// An edit.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct Edit {
    /// The version it was made on.
    pub on_version: i64,
    /// What to do.
    pub command: Command,
    /// Who does it.
    pub author: Option<String>,
}

/// A step back or forth.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct StepRequest {
    /// The version it was made on.
    pub on_version: i64,
    /// Who does it.
    pub author: Option<String>,
}

/// A command to try without keeping it.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct PreviewRequest {
    /// What to try.
    pub command: Command,
}

/// How an opening is called out.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct SayRequest {
    /// The words.
    pub text: String,
    /// Whether bare numbers are millimeters, and the answer is given in them.
    #[serde(default)]
    pub in_millimeters: bool,
}

/// What was understood of them.
#[derive(Clone, Debug, Default, Serialize, ToSchema)]
pub struct SayView {
    /// The same said back; absent if it was not understood.
    pub understood: Option<String>,
    /// The opening that would be added, if one was said.
    pub design: Option<Design>,
    /// The length that the wall would have, if that was said.
    pub wall_length: Option<i64>,
    /// What was not understood.
    pub problem: Option<String>,
}

/// The calculation sheet of an opening.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SheetView {
    /// The job's name.
    pub job: String,
    /// The wall's name.
    pub wall: String,
    /// The opening: its letter on the wall and what it is.
    pub opening: String,
    /// The verdict's words.
    pub verdict: String,
    /// The verdict with its reason.
    pub sentence: String,
    /// The version of the job it was worked out on.
    pub version: i64,
    /// When that version was made.
    pub version_of: DateTime<Utc>,
    /// Its parts.
    pub parts: Vec<SheetPart>,
}

/// A job file, to be read.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct JobFileText {
    /// What stands in it.
    pub text: String,
}

/// A jurisdiction's table as text, to be read.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct CodeTableText {
    /// What the user calls it.
    pub name: String,
    /// The file, as CSV.
    pub csv: String,
}

/// What was read of it.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct CodeTableRead {
    /// The table; absent where a row is wrong.
    pub table: Option<CodeTable>,
    /// Every row that is wrong, in a sentence each.
    pub bad_rows: Vec<String>,
}

/// What if there were more, in parts of a hundred; 100 is as it is.
#[derive(Clone, Copy, Debug, Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct WhatIfQuery {
    /// Snow.
    pub snow: Option<u16>,
    /// Width of the building and spans of its joists.
    pub building: Option<u16>,
}

/// The server's health.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct Health {
    /// Whether the database answers.
    pub database: bool,
}

impl SayView {
    /// What was understood.
    pub fn of(said: &Said) -> Self {
        let (design, wall_length) = match &said.what {
            Wanted::Opening(design) => (Some((&**design).into()), None),
            Wanted::WallLength(length) => (None, Some(length.nanometers())),
        };
        Self { understood: Some(said.understood.clone()), design, wall_length, problem: None }
    }
}

impl From<LogEntry> for HistoryEntry {
    fn from(entry: LogEntry) -> Self {
        let LogEntry { version, action, summary, author, written_at } = entry;
        Self { version, action, summary, author, written_at }
    }
}

impl From<StoredJob> for JobView {
    fn from(stored: StoredJob) -> Self {
        let plans = plans(&stored);
        Self {
            id: stored.id,
            version: stored.version,
            job: (&stored.job).into(),
            can_undo: stored.can_undo,
            can_redo: stored.can_redo,
            totals: plans.iter().map(|plan| Unresolved::count([plan])).collect(),
        }
    }
}

impl From<StoredJob> for JobSummary {
    fn from(stored: StoredJob) -> Self {
        Self {
            id: stored.id,
            name: stored.job.name.clone(),
            version: stored.version,
            updated_at: stored.updated_at,
            walls: stored.job.walls.iter().map(|wall| wall.frame.name.clone()).collect(),
            totals: Unresolved::count(&plans(&stored)),
        }
    }
}

fn plans(stored: &StoredJob) -> Vec<WallPlan> {
    stored.job.walls.iter().map(|wall| plan_wall(&stored.job, wall)).collect()
}
