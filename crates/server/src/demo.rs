//! The demo job, and what a new job starts with.

use sturvek_core::job::{Job, Wall, WallFrame, WallId};
use sturvek_core::loads::{BearingEvidence, WallCarries};
use sturvek_store::{Jobs, StoreError};
use sturvek_wire::inputs::{Job as WireJob, Resolve};
use uuid::Uuid;

/// An invented house: names, sizes and prices stand for no real ones.
const DEMO: &str = include_str!("../demo/heron_slip.json");

/// The demo job.
///
/// # Errors
/// Never, unless the demo file is damaged.
pub fn demo_job() -> Result<Job, StoreError> {
    let job: WireJob =
        serde_json::from_str(DEMO).map_err(|error| StoreError::UnknownValue(format!("the demo job: {error}")))?;
    Ok(job.with_new_identities().resolve()?)
}

/// A new job: the demo's stock, the usual settings, one wall of the usual kind that nothing is said about yet.
///
/// # Errors
/// Never, unless the demo file is damaged.
pub fn new_job(name: &str) -> Result<Job, StoreError> {
    let mut job = Job::empty(name, demo_job()?.stock);
    job.walls.push(Wall {
        id: WallId(Uuid::new_v4().as_u128()),
        frame: WallFrame::usual("First wall"),
        evidence: BearingEvidence::default(),
        carries: WallCarries::Framing(Vec::new()),
        openings: Vec::new(),
        point_loads: Vec::new(),
    });
    Ok(job)
}

/// Keeps the demo job if the database has never held a job.
///
/// # Errors
/// Whatever the store says.
pub async fn load_once(jobs: &Jobs) -> Result<bool, StoreError> {
    if jobs.ever_held_a_job().await? {
        return Ok(false);
    }
    jobs.create(&demo_job()?).await?;
    Ok(true)
}
