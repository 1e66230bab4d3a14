//! Whether the beams of a wall that is opened get in, on the wire.

use serde::Serialize;
use sturvek_core::framing::WallPlan;
use sturvek_core::job::Wall;
use sturvek_core::remodel::beam_in::{WayIn, comes_in, words};
use utoipa::ToSchema;

use crate::speech::Phrase;

/// Whether the beams of a wall get in.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct BeamsInView {
    /// Each beam of what is not framed yet.
    pub beams: Vec<BeamInView>,
}

/// Whether a beam gets in.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct BeamInView {
    /// Over which opening.
    pub letter: String,
    /// What it is.
    pub header: String,
    /// How long, nanometers.
    pub length: i64,
    /// Whether it comes in and lies along the wall.
    pub gets_in: bool,
    /// How, in sentences.
    pub words: Vec<Phrase>,
}

impl BeamsInView {
    /// Of a planned wall, by a way.
    pub fn of(wall: &Wall, plan: &WallPlan, way: &WayIn) -> Self {
        let is_framed = |opening| wall.openings.iter().any(|each| each.id == opening && each.framed_as.is_some());
        let new = plan.openings.iter().filter(|opening| !is_framed(opening.id));
        let beam = |opening: &sturvek_core::framing::OpeningPlan| {
            let header = opening.header()?;
            let (length, thickness) = (opening.header_length(), header.board.ply_width());
            Some(BeamInView {
                letter: opening.letter.to_string(),
                header: header.name(),
                length: length.nanometers(),
                gets_in: comes_in(way, length, thickness) && length <= wall.frame.length,
                words: words(way, (length, thickness), wall.frame.length).into_iter().map(Into::into).collect(),
            })
        };
        Self { beams: new.filter_map(beam).collect() }
    }
}
