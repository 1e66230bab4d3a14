//! What the tests of this folder share.

use crate::job::{Job, Opening, SiteSaid, Wall, WallFrame, WallId};
use crate::loads::{BearingEvidence, WallCarries};

/// A job of one usual wall, 12 ft long, that carries nothing, with these openings.
pub fn partition_with(openings: Vec<Opening>) -> Job {
    let mut job = Job::empty("invented", vec![]);
    job.settings.said = SiteSaid::SAID;
    job.walls.push(Wall {
        id: WallId(1),
        frame: WallFrame::usual("north"),
        evidence: BearingEvidence::default(),
        carries: WallCarries::Nothing,
        openings,
        letters_given: 0,
        point_loads: vec![],
        place: None,
    });
    job
}
