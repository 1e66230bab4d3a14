//! The demo job, and what a new job starts with.

use sturvek_core::job::{Job, StockId, StockItem, Wall, WallId};
use sturvek_core::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, SawnSize, Species, Thickness};
use sturvek_core::measure::Length;
use sturvek_core::sizing::candidates::StockBoard;
use sturvek_store::{Jobs, Origin, StoreError};
use sturvek_wire::Resolve;
use sturvek_wire::inputs::Job as WireJob;
use uuid::Uuid;

/// An invented house: names, sizes and prices stand for no real ones.
const DEMO: &str = include_str!("../demo/heron_slip.json");

/// An invented house of two storeys with a porch, whose upper middle wall stands beside the lower one: its load breaks there.
const DEMO_HOUSE: &str = include_str!("../demo/gorse_end.json");

/// The demo job.
///
/// # Errors
/// Never, unless the demo file is damaged.
pub fn demo_job() -> Result<Job, StoreError> {
    read(DEMO)
}

/// The demo of a house.
///
/// # Errors
/// Never, unless the demo file is damaged.
pub fn demo_house() -> Result<Job, StoreError> {
    read(DEMO_HOUSE)
}

fn read(demo: &str) -> Result<Job, StoreError> {
    let job: WireJob =
        serde_json::from_str(demo).map_err(|error| StoreError::UnknownValue(format!("the demo job: {error}")))?;
    Ok(job.with_new_identities().resolve()?)
}

/// What any yard has: boards of which nobody said a price.
fn ordinary_stock() -> Vec<StockItem> {
    let sawn = [Depth::Six, Depth::Eight, Depth::Ten, Depth::Twelve].map(|depth| HeaderBoard::Sawn {
        species: Species::SprucePineFir,
        grade: Grade::Number2,
        size: SawnSize { thickness: Thickness::Two, depth },
    });
    let engineered = [(9, 1, 4), (11, 7, 8), (14, 0, 1)].map(|(inches, over, under)| HeaderBoard::Engineered {
        class: EngineeredClass::Lvl20E,
        ply_width: Length::inches_and(1, 3, 4),
        depth: Length::inches_and(inches, over, under),
    });
    sawn.into_iter()
        .chain(engineered)
        .map(|board| StockItem {
            id: StockId(Uuid::new_v4().as_u128()),
            board: StockBoard { board, price_per_foot: None },
        })
        .collect()
}

/// A new job: ordinary stock without prices, the usual rules, one wall of the usual kind; nothing is said about it yet, nor about
/// snow and wind.
pub fn new_job(name: &str) -> Job {
    let mut job = Job::empty(name, ordinary_stock());
    job.walls.push(Wall::new(WallId(Uuid::new_v4().as_u128()), "First wall"));
    job
}

/// Keeps the demo jobs if the database has never held a job.
///
/// # Errors
/// Whatever the store says.
pub async fn load_once(jobs: &Jobs) -> Result<bool, StoreError> {
    if jobs.ever_held_a_job().await? {
        return Ok(false);
    }
    jobs.create(&demo_house()?, Origin::Begun, "demo").await?;
    jobs.create(&demo_job()?, Origin::Begun, "demo").await?;
    Ok(true)
}
