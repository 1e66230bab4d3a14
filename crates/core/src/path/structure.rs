//! What stands in a house, as far as load goes through it: plain data, every length exact.
//!
//! Parts are known by their place in their list. Storeys are counted from the bottom.

use crate::house::plan::{Axis, Line, Rectangle, SAME_PLACE, Spot};
use crate::loads::{ByCase, LoadCase};
use crate::measure::{Ends, Force, Length, LineLoad, Pressure};
use crate::statics::Joints;

/// A wall.
#[derive(Clone, Debug, PartialEq)]
pub struct StandingWall {
    /// Where.
    pub line: Line,
    /// Source the sole plate's underside to the top.
    pub height: Length,
    /// What it weighs per face.
    pub face: Pressure,
    /// Whether it bears. One that does not carries nothing.
    pub bears: bool,
    /// Its openings, from the wall's start.
    pub openings: Vec<WallOpening>,
}

impl StandingWall {
    /// What it weighs, lb/ft.
    pub fn weight(&self) -> LineLoad {
        LineLoad::plf(self.face.to_psf() * self.height.to_feet())
    }
}

/// An opening, places from the wall's start.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct WallOpening {
    /// Its left face.
    pub left: Length,
    /// Its right face.
    pub right: Length,
    /// Jacks at each side.
    pub jacks: Ends<u8>,
    /// What its header weighs, where that is known.
    pub header: LineLoad,
}

impl WallOpening {
    /// The centers of bearing of its header: half the jacks out from each face.
    pub fn bearings(&self) -> (Length, Length) {
        let half = |jacks: u8| HALF_A_JACK * i64::from(jacks);
        (self.left - half(self.jacks.left), self.right + half(self.jacks.right))
    }

    /// The outer faces of its jacks.
    pub fn pack_ends(&self) -> (Length, Length) {
        let whole = |jacks: u8| HALF_A_JACK * (2 * i64::from(jacks));
        (self.left - whole(self.jacks.left), self.right + whole(self.jacks.right))
    }
}

/// Half of a jack's thickness.
const HALF_A_JACK: Length = Length::inches_and(0, 3, 4);

/// A beam.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct StandingBeam {
    /// Where.
    pub line: Line,
    /// Its own weight.
    pub weight: LineLoad,
    /// Whether it is cut at its supports or runs over them.
    pub joints: Joints,
}

/// A post.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct StandingPost {
    /// Where.
    pub at: Spot,
    /// Its own weight.
    pub weight: Force,
}

/// How a field's joists, rafters or trusses go over what supports them.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum FieldRun {
    /// Over all in between: the two outermost carry, as under trusses.
    Clear,
    /// Cut or lapped at every support.
    Simple,
    /// In one piece over all of them.
    Continuous,
}

/// A floor, a ceiling or a roof on top of a storey.
#[derive(Clone, Debug, PartialEq)]
pub struct Field {
    /// Where.
    pub over: Rectangle,
    /// Along which its joists run.
    pub span: Axis,
    /// How they go over their supports.
    pub run: FieldRun,
    /// What lies on it.
    pub loads: Vec<OnField>,
}

/// A pressure on part of a field, in pounds per square foot of plan.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct OnField {
    /// Source where to where along the joists; `None` is all of it.
    pub part: Option<(Length, Length)>,
    /// How much, psf.
    pub psf: ByCase,
}

impl Field {
    /// The places along the joists from which to which each load lies.
    pub fn part(&self, load: &OnField) -> (Length, Length) {
        load.part.unwrap_or_else(|| self.over.along(self.span))
    }

    /// Whether people walk on it.
    pub fn is_floor(&self) -> bool {
        let live =
            |load: &OnField| [LoadCase::FloorLive, LoadCase::DeckLive].into_iter().any(|case| 0.0 < load.psf.get(case));
        self.loads.iter().any(live)
    }
}

/// A load at one place, on whatever stands there.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct PointAbove {
    /// Where.
    pub at: Spot,
    /// How much, lb.
    pub pounds: ByCase,
}

/// A storey with what lies on top of it.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct StoreyStructure {
    /// Its walls.
    pub walls: Vec<StandingWall>,
    /// Its beams.
    pub beams: Vec<StandingBeam>,
    /// Its posts.
    pub posts: Vec<StandingPost>,
    /// What lies on top of it.
    pub fields: Vec<Field>,
    /// What stands at one place on top of it.
    pub points: Vec<PointAbove>,
    /// Gables of its roofs.
    pub gables: Vec<Gable>,
}

/// The triangles at the two ends of a roof's ridge.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Gable {
    /// The roof, by its place among the storey's fields.
    pub field: usize,
    /// Along which its rafters or trusses run.
    pub span: Axis,
    /// Where the roof ends, across them.
    pub ends: [Length; 2],
    /// From which outside wall to which, along them.
    pub feet: (Length, Length),
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// What it weighs per face.
    pub face: Pressure,
}

/// A pad of concrete.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Pad {
    /// Its center.
    pub at: Spot,
    /// Its sides.
    pub size: Length,
}

impl Pad {
    /// Whether a spot stands on it, its rim counted.
    pub fn is_under(&self, spot: Spot) -> bool {
        let on = |axis| (spot.along(axis) - self.at.along(axis)).abs() * 2 <= self.size + SAME_PLACE * 2;
        on(Axis::X) && on(Axis::Y)
    }
}

/// What the lowest storey stands on.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct GroundStructure {
    /// Whether a slab lies under all of it.
    pub slab: bool,
    /// Foundation walls.
    pub lines: Vec<Line>,
    /// Pads.
    pub pads: Vec<Pad>,
}

/// A house.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Structure {
    /// Its storeys, from the bottom.
    pub storeys: Vec<StoreyStructure>,
    /// What it stands on.
    pub ground: GroundStructure,
}
