//! What the API answers with, beyond the wire's own types.

use chrono::{DateTime, Utc};
use serde::{Deserialize, Serialize};
use sturvek_core::framing::WallPlan;
use sturvek_core::framing::say::{Misread, Said, SaidPiece, SaidWall, Wanted};
use sturvek_core::job::place_figures::come_from;
use sturvek_core::job::{self as core, OpeningId, Rules, WallId};
use sturvek_core::measure::Length;
use sturvek_core::plan::JobPlan;
use sturvek_core::say;
use sturvek_store::devices::Device;
use sturvek_store::{LOG_NEARLY_FULL, ListedJob, ListedPage, MOST_LOG_BYTES, Mark, StoredJob};
use sturvek_wire::Command;
use sturvek_wire::choices::{Depth, End, TogetherAim};
use sturvek_wire::inputs::{BackingBoard, CeilingOver, CodeTable, Design, Job, KeptClear, LetDown, Wall};
use sturvek_wire::results::{CandidateView, Ticket, Unresolved, WallSettled, WallView, candidates, ticket, wall_view};
use sturvek_wire::speech::Phrase;
use utoipa::{IntoParams, ToSchema};
use uuid::Uuid;

use crate::on_site::OnSite;
use crate::plans::Planned;
use crate::problem::Problem;

/// A job has a new version, or was put away or brought back.
#[derive(Clone, Copy, Debug, Serialize, ToSchema)]
pub struct JobChanged {
    /// Which.
    pub job: Uuid,
    /// Its version now.
    pub version: i64,
}

/// A job in the list.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct JobSummary {
    /// Its identity.
    pub id: Uuid,
    /// Its name.
    pub name: String,
    /// Where it is built; empty where nobody said it.
    pub address: String,
    /// Its permit; likewise.
    pub permit: String,
    /// Its version.
    pub version: i64,
    /// When it was last changed.
    pub updated_at: DateTime<Utc>,
    /// Its walls, by name.
    pub walls: Vec<String>,
    /// How many openings, and how many of them are not settled; left out where that is not counted yet.
    pub totals: Option<Unresolved>,
}

/// A page of the list of jobs.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct JobPage {
    /// Its jobs.
    pub jobs: Vec<JobSummary>,
    /// Where the next page begins; left out after the last.
    pub next: Option<String>,
}

/// Which jobs are listed.
#[derive(Clone, Debug, Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct ListQuery {
    /// Where the page begins, as the page before says it.
    pub after: Option<String>,
    /// What stands in their names.
    pub named: Option<String>,
    /// Those that were put away, instead of those that were not.
    #[serde(default)]
    pub away: bool,
}

/// Who does it.
#[derive(Clone, Debug, Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct ByQuery {
    /// Their name, for the history.
    pub author: Option<String>,
}

/// A job with everything that was described.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct JobView {
    /// Its identity.
    pub id: Uuid,
    /// Its version; an edit names the one it was made on.
    pub version: i64,
    /// When that version was made.
    pub made_at: DateTime<Utc>,
    /// Its inputs.
    pub job: Job,
    /// What undo would take back.
    pub can_undo: Option<Phrase>,
    /// What redo would do again.
    pub can_redo: Option<Phrase>,
    /// Per wall, in order: how many openings, and how many of them are not settled.
    pub totals: Vec<WallSettled>,
    /// What has to be said about the job as a whole.
    pub notice: Option<Phrase>,
    /// Where its snow and wind come from, where a place was asked for them.
    pub figures_from: Option<Phrase>,
}

/// What an edit made of a job: what differs from the version that it was made on.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct Edited {
    /// Which job.
    pub id: Uuid,
    /// Its version now.
    pub version: i64,
    /// When that version was made.
    pub made_at: DateTime<Utc>,
    /// When the version was made that it was made of: whoever knows another one reads the job again.
    pub made_of: DateTime<Utc>,
    /// Everything but its walls, where any of that changed.
    pub rest: Option<Job>,
    /// Its walls, in order.
    pub walls: Vec<EditedWall>,
    /// What undo would take back.
    pub can_undo: Option<Phrase>,
    /// What redo would do again.
    pub can_redo: Option<Phrase>,
    /// Per wall, in order: how many openings, and how many of them are not settled.
    pub totals: Vec<WallSettled>,
    /// What has to be said about the job as a whole.
    pub notice: Option<Phrase>,
    /// Where its snow and wind come from, where a place was asked for them.
    pub figures_from: Option<Phrase>,
    /// What whoever made the edit looks at, as it is now; left out where it is not there.
    pub looked_at: Option<LookedAt>,
}

/// A wall after an edit.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct EditedWall {
    /// Which wall.
    pub id: Uuid,
    /// What it is now; left out where it is what it was.
    pub wall: Option<Wall>,
}

/// What somebody looks at: a wall, and an opening in it.
#[derive(Clone, Copy, Debug, Deserialize, ToSchema)]
pub struct Look {
    /// The wall.
    pub wall: Uuid,
    /// The opening.
    pub opening: Option<Uuid>,
}

/// What somebody looks at, planned.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LookedAt {
    /// The wall.
    pub wall: WallView,
    /// The opening's ticket.
    pub ticket: Option<Ticket>,
    /// Every header that was tried over the opening.
    pub candidates: Option<Vec<CandidateView>>,
}

/// A new job.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct NewJob {
    /// Its name.
    pub name: String,
    /// Who begins it.
    pub author: Option<String>,
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
    /// Tells a repetition: an edit sent again with its key, as after an answer that was lost, is kept once and answered as the first time.
    pub key: Option<Uuid>,
    /// What they look at: it comes with the answer.
    pub looking_at: Option<Look>,
}

/// A step back or forth.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct StepRequest {
    /// The version it was made on.
    pub on_version: i64,
    /// Who does it.
    pub author: Option<String>,
    /// Tells a repetition: an edit sent again with its key, as after an answer that was lost, is kept once and answered as the first time.
    pub key: Option<Uuid>,
    /// What they look at: it comes with the answer.
    pub looking_at: Option<Look>,
}

/// A command to try without keeping it.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct PreviewRequest {
    /// What to try.
    pub command: Command,
    /// The opening that is looked at.
    pub opening: Option<Uuid>,
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

/// What is to be done to several openings.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct TogetherRequest {
    /// Which; the first leads.
    pub openings: Vec<Uuid>,
    /// What.
    pub aim: TogetherAim,
    /// Whether whoever asks measures in millimeters: what is moved then stands on one.
    #[serde(default)]
    pub in_millimeters: bool,
}

/// The edit that does it, or why none does.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct TogetherView {
    /// The edit.
    pub command: Option<Command>,
    /// Why there is none.
    pub problem: Option<Phrase>,
}

/// What was understood of them.
#[derive(Clone, Debug, Default, Serialize, ToSchema)]
pub struct SayView {
    /// The same said back; absent if it was not understood.
    pub understood: Option<Phrase>,
    /// The openings that would be added, if any were said.
    pub designs: Vec<Design>,
    /// What was said of the wall itself.
    pub wall: Option<SaidWallView>,
    /// Its plates let down, where that was said.
    pub let_down: Option<LetDown>,
    /// A board that something is fastened to, where that was said.
    pub board: Option<BackingBoard>,
    /// A stretch that studs keep clear of, where that was said.
    pub kept_clear: Option<KeptClear>,
    /// What its top plate is held by, where that was said.
    pub ceiling: Option<CeilingOver>,
    /// At which end a corner of three pieces was said.
    pub corner: Option<End>,
    /// What was not understood.
    pub problem: Option<Phrase>,
    /// Where that stands in the words.
    pub at: Option<SaidAt>,
    /// What could stand there.
    pub takes: Option<Phrase>,
}

/// What was understood of a house.
#[derive(Clone, Debug, Default, Serialize, ToSchema)]
pub struct SayHouseView {
    /// The same said back; absent if it was not understood.
    pub understood: Option<Phrase>,
    /// The edits that make it.
    pub commands: Vec<Command>,
    /// What was not understood, or cannot be done.
    pub problem: Option<Phrase>,
}

/// A stretch of what was said, counted in characters.
#[derive(Clone, Copy, Debug, Serialize, ToSchema)]
pub struct SaidAt {
    /// Its first character.
    pub from: usize,
    /// After its last.
    pub to: usize,
}

/// What was said of a wall; what was not said stays as it is.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SaidWallView {
    /// Its length.
    pub length: Option<i64>,
    /// Its height over all plates.
    pub height: Option<i64>,
    /// The depth of its studs.
    pub stud_depth: Option<Depth>,
    /// Their spacing.
    pub spacing: Option<i64>,
}

/// A job file, to be read.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct JobFileText {
    /// What stands in it.
    pub text: String,
    /// Who loads it.
    pub author: Option<String>,
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
    /// The rows that are wrong, in a sentence each; the first hundred, and how many more there are.
    pub bad_rows: Vec<Phrase>,
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
        let understood = Some((&said.understood).into());
        let view = match &said.what {
            Wanted::Openings(designs) => Self { designs: designs.iter().map(Into::into).collect(), ..Self::default() },
            Wanted::Wall(wall) => Self { wall: Some(wall.into()), ..Self::default() },
            Wanted::Piece(SaidPiece::LetDown(each)) => Self { let_down: Some(each.into()), ..Self::default() },
            Wanted::Piece(SaidPiece::KeptClear(each)) => Self { kept_clear: Some(each.into()), ..Self::default() },
            Wanted::Piece(SaidPiece::Ceiling(over)) => Self { ceiling: Some(over.into()), ..Self::default() },
            Wanted::Piece(SaidPiece::Corner(end)) => Self { corner: Some((*end).into()), ..Self::default() },
            Wanted::Piece(SaidPiece::Board(board)) => Self { board: Some(board.into()), ..Self::default() },
        };
        Self { understood, ..view }
    }

    /// What was not understood.
    pub fn not(misread: &Misread) -> Self {
        let Misread { what, at, takes } = misread;
        Self {
            problem: Some(what.phrase().into()),
            at: Some(SaidAt { from: at.from, to: at.to }),
            takes: takes.map(|takes| takes.phrase().into()),
            ..Self::default()
        }
    }
}

impl From<&SaidWall> for SaidWallView {
    fn from(wall: &SaidWall) -> Self {
        let SaidWall { length, height, stud, spacing } = *wall;
        Self {
            length: length.map(Length::nanometers),
            height: height.map(Length::nanometers),
            stud_depth: stud.map(Into::into),
            spacing: spacing.map(Length::nanometers),
        }
    }
}

impl JobView {
    /// A job.
    pub fn of(stored: &StoredJob, planned: &Planned) -> Self {
        Self {
            id: stored.id,
            version: stored.version,
            made_at: stored.updated_at,
            job: (&stored.job).into(),
            can_undo: stored.can_undo.clone(),
            can_redo: stored.can_redo.clone(),
            totals: totals(planned),
            notice: notice(stored.log_bytes),
            figures_from: come_from(&stored.job.settings).map(Into::into),
        }
    }
}

/// Says that the log will be full, before it is.
fn notice(log_bytes: i64) -> Option<Phrase> {
    let full =
        || say!("log-is-nearly-full", percent = usize::try_from(log_bytes * 100 / MOST_LOG_BYTES).unwrap_or(100));
    (LOG_NEARLY_FULL <= log_bytes).then(|| full().into())
}

impl From<ListedPage> for JobPage {
    fn from(page: ListedPage) -> Self {
        let mark = |mark: Mark| format!("{}.{}", mark.updated_at.timestamp_micros(), mark.id);
        Self { jobs: page.jobs.into_iter().map(Into::into).collect(), next: page.next.map(mark) }
    }
}

fn totals(planned: &Planned) -> Vec<WallSettled> {
    planned.plan.walls().map(|(_, plan)| plan.into()).collect()
}

impl Edited {
    /// What an edit made of a job, and what somebody looks at in it.
    pub fn of(stored: &StoredJob, planned: &Planned, look: Option<Look>) -> Self {
        let before = stored.made_of.as_ref();
        let walls = stored.job.walls.iter().map(|wall| EditedWall {
            id: Uuid::from_u128(wall.id.0),
            wall: (before.and_then(|before| before.job.wall(wall.id)) != Some(wall)).then(|| wall.into()),
        });
        let core::Job { name, particulars, settings, stock, code_table, house, .. } = &stored.job;
        let is_headed_alike =
            |job: &core::Job| job.name == *name && job.particulars == *particulars && job.house == *house;
        let same =
            before.is_some_and(|before| is_headed_alike(&before.job) && before.job.rules() == stored.job.rules());
        let rest = || core::Job {
            name: name.clone(),
            particulars: particulars.clone(),
            settings: settings.clone(),
            stock: stock.clone(),
            code_table: code_table.clone(),
            walls: Vec::new(),
            house: house.clone(),
        };
        Self {
            id: stored.id,
            version: stored.version,
            made_at: stored.updated_at,
            made_of: before.map_or(stored.updated_at, |before| before.made_at),
            rest: (!same).then(|| (&rest()).into()),
            walls: walls.collect(),
            can_undo: stored.can_undo.clone(),
            can_redo: stored.can_redo.clone(),
            totals: totals(planned),
            notice: notice(stored.log_bytes),
            figures_from: come_from(&stored.job.settings).map(Into::into),
            looked_at: look.and_then(|look| LookedAt::of(&planned.plan, look)),
        }
    }
}

impl LookedAt {
    /// `None` if the wall is not there any more.
    fn of(plan: &JobPlan, look: Look) -> Option<Self> {
        let (wall, planned) = plan.wall(WallId(look.wall.as_u128()))?;
        let tried = look.opening.and_then(|opening| plan.opening_alone(OpeningId(opening.as_u128())));
        let looked = Self::at(&plan.job().rules(), wall, planned, look.opening);
        Some(Self { candidates: tried.as_ref().map(candidates), ..looked })
    }

    /// A wall and one opening's ticket, without the headers that were tried.
    pub fn at(rules: &Rules<'_>, wall: &core::Wall, plan: &WallPlan, opening: Option<Uuid>) -> Self {
        let opening = opening.and_then(|id| plan.openings.iter().find(|each| each.id.0 == id.as_u128()));
        Self {
            wall: wall_view(wall, plan),
            ticket: opening.map(|opening| ticket(opening, plan, rules, wall)),
            candidates: None,
        }
    }
}

impl From<ListedJob> for JobSummary {
    fn from(listed: ListedJob) -> Self {
        let ListedJob { id, name, address, permit, version, updated_at, walls, settled } = listed;
        Self { id, name, address, permit, version, updated_at, walls, totals: settled.map(Into::into) }
    }
}

/// How devices reach this machine, where it serves them.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OnSiteView {
    /// Where, and by which code they are paired; left out where it serves itself only.
    pub site: Option<SiteView>,
}

/// Where devices reach this machine.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SiteView {
    /// Its addresses, the likeliest first; none while it is on no network.
    pub at: Vec<String>,
    /// The code that the next device is paired by.
    pub code: String,
    /// The SHA-256 of its certificate, in pairs.
    pub fingerprint: String,
    /// Address and code as a picture to scan, in SVG; left out while it is on no network.
    pub picture: Option<String>,
}

impl SiteView {
    /// This machine as devices reach it now.
    ///
    /// # Errors
    /// 500 if no picture can be made.
    pub fn of(site: &OnSite) -> Result<Self, Problem> {
        let picture = site.picture().map_err(|error| Problem::internal(&error))?;
        Ok(Self { at: site.at(), code: site.code.shown(), fingerprint: site.fingerprint().to_owned(), picture })
    }
}

/// A device that asks to be paired.
#[derive(Clone, Debug, Deserialize, ToSchema)]
pub struct Pairing {
    /// The code that the machine shows.
    pub code: String,
    /// What its owner calls it.
    pub name: String,
}

/// A paired device.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct DeviceView {
    /// Its identity.
    pub id: Uuid,
    /// What its owner calls it.
    pub name: String,
    /// When it was paired.
    pub paired_at: DateTime<Utc>,
    /// When it was used last, to the minute.
    pub last_used_at: DateTime<Utc>,
}

impl From<Device> for DeviceView {
    fn from(device: Device) -> Self {
        let Device { id, name, paired_at, last_used_at } = device;
        Self { id, name, paired_at, last_used_at }
    }
}
