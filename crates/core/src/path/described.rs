//! # What stands in the house that a job describes
//!
//! **What it does.** Turns a job's house and the walls that have a place in it into what the load path knows: lines, fields with loads,
//! posts, the ground; and keeps by which identity each part goes.
//!
//! **Source.** Common practice, no source: a wall that carries nothing is a partition and bears nothing; a wall weighs what its faces weigh
//! over its height, of a rake the mean one.
//!
//! **Assumptions and limits.** An opening enters with one jack at each side until its header is sized. A header that runs past its pack, or
//! over posts, is followed as one from pack to pack.

use super::roofs::{followed, gable_of};
use super::structure::{
    GroundStructure, Pad, StandingBeam, StandingPost, StandingWall, StoreyStructure, Structure, WallOpening,
};
use crate::framing::landed::WALL_WEIGHT;
use crate::house::{Line, PartId, Place};
use crate::job::{Job, OpeningId, Wall, WallId};
use crate::loads::{SiteLoads, SnowBasis, Standing, WallCarries};
use crate::measure::{Length, Pressure};

/// By which identity the parts of a structure go.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct Named {
    /// Storey by storey, from the bottom.
    pub storeys: Vec<NamedStorey>,
    /// Foundation lines.
    pub foundations: Vec<PartId>,
    /// Pads.
    pub pads: Vec<PartId>,
}

/// By which identity the parts of a storey go.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct NamedStorey {
    /// The storey.
    pub level: PartId,
    /// Walls, and their places in the job.
    pub walls: Vec<NamedWall>,
    /// Beams.
    pub beams: Vec<PartId>,
    /// Posts.
    pub posts: Vec<PartId>,
    /// Fields; both sides of a ridge beam are one.
    pub fields: Vec<PartId>,
}

/// By which identity a wall goes.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct NamedWall {
    /// The wall.
    pub id: WallId,
    /// Its place in the job's list.
    pub in_job: usize,
    /// Its openings, in the order of the structure's.
    pub openings: Vec<OpeningId>,
}

/// The loads of the place; of snow that nobody said, none.
pub fn site_of(job: &Job) -> SiteLoads {
    let mut site = job.settings.site;
    if job.settings.said.snow == Standing::NotSaid {
        site.snow.basis = SnowBasis::Ground(Pressure::ZERO);
    }
    site
}

/// What stands in the house that a job describes, and by which identities; its walls without their openings yet.
pub fn described(job: &Job) -> (Structure, Named) {
    let site = site_of(job);
    let mut structure = Structure { storeys: Vec::new(), ground: ground(job) };
    let mut named = Named {
        storeys: Vec::new(),
        foundations: job.house.foundations.iter().map(|part| part.id).collect(),
        pads: job.house.pads.iter().map(|part| part.id).collect(),
    };
    for level in &job.house.levels {
        let (storey, of) = storey(job, level.id, &site);
        structure.storeys.push(storey);
        named.storeys.push(of);
    }
    (structure, named)
}

fn storey(job: &Job, level: PartId, site: &SiteLoads) -> (StoreyStructure, NamedStorey) {
    let house = &job.house;
    let mut storey = StoreyStructure::default();
    let mut named = NamedStorey { level, walls: Vec::new(), beams: Vec::new(), posts: Vec::new(), fields: Vec::new() };
    for (in_job, wall) in job.walls.iter().enumerate() {
        let Some(place) = wall.place.filter(|place| place.level == level) else { continue };
        storey.walls.push(standing(wall, &place));
        named.walls.push(NamedWall { id: wall.id, in_job, openings: Vec::new() });
    }
    for beam in house.beams.iter().filter(|beam| beam.level == level) {
        storey.beams.push(StandingBeam { line: beam.line, weight: beam.weight, joints: beam.joints });
        named.beams.push(beam.id);
    }
    for post in house.posts.iter().filter(|post| post.level == level) {
        storey.posts.push(StandingPost { at: post.at, weight: post.weight });
        named.posts.push(post.id);
    }
    for field in house.fields.iter().filter(|field| field.level == level) {
        storey.gables.extend(gable_of(field, storey.fields.len()));
        for part in followed(field, site) {
            storey.fields.push(part);
            named.fields.push(field.id);
        }
    }
    (storey, named)
}

fn ground(job: &Job) -> GroundStructure {
    let house = &job.house;
    GroundStructure {
        slab: house.ground.slab,
        lines: house.foundations.iter().map(|part| part.line).collect(),
        pads: house.pads.iter().map(|pad| Pad { at: pad.at, size: pad.size }).collect(),
    }
}

/// A wall's line in plan.
pub fn line_of(wall: &Wall, place: &Place) -> Line {
    Line {
        axis: place.axis,
        offset: place.offset,
        start: place.start,
        length: wall.frame.length,
        thickness: wall.frame.depth(),
    }
}

fn standing(wall: &Wall, place: &Place) -> StandingWall {
    StandingWall {
        line: line_of(wall, place),
        height: mean_height(wall),
        face: WALL_WEIGHT,
        bears: wall.carries != WallCarries::Nothing,
        openings: Vec::new(),
    }
}

/// The height of a wall over its plates; of a rake the mean over its length.
fn mean_height(wall: &Wall) -> Length {
    let tops = wall.frame.top_lines();
    let area: f64 =
        tops.iter().map(|[(x0, y0), (x1, y1)]| (*x1 - *x0).to_inches() * (*y0 + *y1).to_inches() / 2.0).sum();
    let wide: f64 = tops.iter().map(|[(x0, _), (x1, _)]| (*x1 - *x0).to_inches()).sum();
    if 0.0 < wide { Length::from_decimal_inches(area / wide) } else { wall.frame.height() }
}

/// An opening as it stands in the wall's own direction: from the other end where the wall is turned.
pub fn along_axis(wall: &Wall, place: &Place, opening: WallOpening) -> WallOpening {
    if !place.turned {
        return opening;
    }
    WallOpening {
        left: wall.frame.length - opening.right,
        right: wall.frame.length - opening.left,
        jacks: crate::measure::Ends { left: opening.jacks.right, right: opening.jacks.left },
        header: opening.header,
    }
}

/// A place along a wall from its left end, of a place along its axis.
pub fn from_left_end(wall: &Wall, place: &Place, along: Length) -> Length {
    let from_start = along - place.start;
    if place.turned { wall.frame.length - from_start } else { from_start }
}
