//! What stands in a house, as far as load goes through it: plain data, every length exact.
//!
//! In plan x runs to the right and y away from the viewer; everything runs along one of them. Parts are known by their place in their
//! list. Storeys are counted from the bottom.

use crate::loads::{ByCase, LoadCase};
use crate::measure::{Ends, Force, Length, LineLoad, Pressure};
use crate::statics::Joints;

/// Places this near each other are one place.
pub const SAME_PLACE: Length = Length::from_nanometers(25_400);
/// Supports this near each other are one, and a point this near a post stands on it.
pub const ONE_SUPPORT: Length = Length::inches(3);

/// Along which axis something runs.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Axis {
    /// To the right.
    X,
    /// Away from the viewer.
    Y,
}

impl Axis {
    /// The other one.
    #[must_use]
    pub const fn across(self) -> Self {
        match self {
            Self::X => Self::Y,
            Self::Y => Self::X,
        }
    }
}

/// A place in plan.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord)]
pub struct Spot {
    /// To the right.
    pub x: Length,
    /// Away from the viewer.
    pub y: Length,
}

impl Spot {
    /// At a place along an axis and a place across it.
    pub const fn on(axis: Axis, along: Length, across: Length) -> Self {
        match axis {
            Axis::X => Self { x: along, y: across },
            Axis::Y => Self { x: across, y: along },
        }
    }

    /// How far along an axis.
    pub const fn along(self, axis: Axis) -> Length {
        match axis {
            Axis::X => self.x,
            Axis::Y => self.y,
        }
    }
}

/// A wall, a beam or a foundation seen from above.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Line {
    /// Along which it runs.
    pub axis: Axis,
    /// Its center line on the other axis.
    pub offset: Length,
    /// Where it begins.
    pub start: Length,
    /// How long it is.
    pub length: Length,
    /// How thick.
    pub thickness: Length,
}

impl Line {
    /// Where it ends.
    pub fn end(&self) -> Length {
        self.start + self.length
    }

    /// Its spot at a place along its axis.
    pub const fn spot(&self, along: Length) -> Spot {
        Spot::on(self.axis, along, self.offset)
    }

    /// Whether a place along its axis lies on it, ends counted.
    pub fn reaches(&self, along: Length) -> bool {
        between(self.start, along, self.end())
    }

    /// Whether it runs under a whole stretch along its axis.
    pub fn runs_under(&self, from: Length, to: Length) -> bool {
        self.start - SAME_PLACE <= from && to <= self.end() + SAME_PLACE
    }

    /// Whether something at a place across it stands on its thickness.
    pub fn is_under(&self, across: Length) -> bool {
        // Twice the distance, so that half a thickness needs no rounding.
        (across - self.offset).abs() * 2 <= self.thickness + SAME_PLACE * 2
    }
}

/// A rectangle in plan.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Rectangle {
    /// The corner at the lower left.
    pub near: Spot,
    /// The corner at the upper right.
    pub far: Spot,
}

impl Rectangle {
    /// Source where to where along an axis.
    pub const fn along(&self, axis: Axis) -> (Length, Length) {
        (self.near.along(axis), self.far.along(axis))
    }
}

/// Whether a place lies between two others, both counted.
pub fn between(low: Length, place: Length, high: Length) -> bool {
    low - SAME_PLACE <= place && place <= high + SAME_PLACE
}

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
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct WallOpening {
    /// Its left face.
    pub left: Length,
    /// Its right face.
    pub right: Length,
    /// Jacks at each side.
    pub jacks: Ends<u8>,
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
