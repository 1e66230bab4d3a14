//! What the tests of this folder share.

use crate::job::{Job, Opening, Wall, WallFrame, WallId};
use crate::loads::{BearingEvidence, WallCarries};

/// A job of one usual wall, 12 ft long, that carries nothing, with these openings.
pub fn partition_with(openings: Vec<Opening>) -> Job {
    let mut job = Job::empty("invented", vec![]);
    job.walls.push(Wall {
        id: WallId(1),
        frame: WallFrame::usual("north"),
        evidence: BearingEvidence::default(),
        carries: WallCarries::Nothing,
        openings,
        point_loads: vec![],
    });
    job
}
