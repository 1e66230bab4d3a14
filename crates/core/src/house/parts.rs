//! The parts of a house, each with its identity, and the list of them all.

use super::field::Field;
use super::part_id::PartId;
use super::plan::{Axis, Line, Spot};
use crate::lumber::HeaderSpec;
use crate::measure::{Force, Length, LineLoad, Pressure};
use crate::sizing::post::PostSection;
use crate::statics::Joints;

/// A storey.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Level {
    /// Its identity.
    pub id: PartId,
    /// What it is called.
    pub name: String,
    /// How high its walls usually are, over the plates.
    pub height: Length,
}

/// Where a wall stands; how long and how thick it is, its frame says.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Place {
    /// On which storey.
    pub level: PartId,
    /// Along which axis it runs.
    pub axis: Axis,
    /// Its center line on the other axis.
    pub offset: Length,
    /// Where it begins along its axis.
    pub start: Length,
    /// Whether its left end is the one farther along its axis: left and right are named from the other side.
    pub turned: bool,
}

/// A beam of a storey, under what lies on top of that storey.
#[derive(Clone, Debug, PartialEq)]
pub struct Beam {
    /// Its identity.
    pub id: PartId,
    /// Of which storey.
    pub level: PartId,
    /// What it is called.
    pub name: String,
    /// Where it runs, and how thick it is.
    pub line: Line,
    /// What it weighs.
    pub weight: LineLoad,
    /// Whether it is cut at its supports or runs over them.
    pub joints: Joints,
    /// What goes in where somebody chose it; else the job's aim does.
    pub chosen: Option<HeaderSpec>,
}

/// A post of a storey.
#[derive(Clone, Debug, PartialEq)]
pub struct Post {
    /// Its identity.
    pub id: PartId,
    /// Of which storey.
    pub level: PartId,
    /// What it is called.
    pub name: String,
    /// Where.
    pub at: Spot,
    /// What it weighs.
    pub weight: Force,
    /// What goes in where somebody chose it; else the least wood that carries.
    pub chosen: Option<PostSection>,
}

/// A foundation wall or a footing along a line.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Foundation {
    /// Its identity.
    pub id: PartId,
    /// What it is called.
    pub name: String,
    /// Where it runs, and how wide it is.
    pub line: Line,
}

/// A pad of concrete.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Pad {
    /// Its identity.
    pub id: PartId,
    /// What it is called.
    pub name: String,
    /// Its center.
    pub at: Spot,
    /// Its sides.
    pub size: Length,
}

/// An engineer's mark on a place where the load goes no further by what is said of the house: he answers for it.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct EngineersMark {
    /// Its identity.
    pub id: PartId,
    /// Of the storey whose load stops there.
    pub level: PartId,
    /// Who answers for it.
    pub name: String,
    /// Why it is right, or what is to be built there.
    pub reason: String,
    /// Where.
    pub at: Spot,
}

/// What holds for the ground as a whole.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Ground {
    /// Whether a slab lies under all of the lowest storey.
    pub slab: bool,
    /// What the soil is presumed to bear.
    pub soil: Pressure,
    /// A point that brings more than this to a slab wants it thicker there.
    pub thick_slab_over: Force,
}

/// What soil is presumed to bear where nobody looked. Source: IRC 2021 Table R401.4.1, from memory.
const PRESUMED_SOIL: Pressure = Pressure::psf(1500.0);
/// Common practice, no source.
const THICK_SLAB_OVER: Force = Force::lbf(3000.0);

impl Default for Ground {
    fn default() -> Self {
        Self { slab: false, soil: PRESUMED_SOIL, thick_slab_over: THICK_SLAB_OVER }
    }
}

/// Everything of a house but its walls, which the job has.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct House {
    /// Its storeys, from the bottom.
    pub levels: Vec<Level>,
    /// What lies on top of them.
    pub fields: Vec<Field>,
    /// Beams.
    pub beams: Vec<Beam>,
    /// Posts.
    pub posts: Vec<Post>,
    /// Foundation walls and footings along lines.
    pub foundations: Vec<Foundation>,
    /// Pads.
    pub pads: Vec<Pad>,
    /// What engineers answer for.
    pub marks: Vec<EngineersMark>,
    /// What holds for the ground as a whole.
    pub ground: Ground,
}

/// One part of a house.
#[derive(Clone, Debug, PartialEq)]
pub enum HousePart {
    /// A storey.
    Level(Level),
    /// A floor, a ceiling or a roof.
    Field(Field),
    /// A beam.
    Beam(Beam),
    /// A post.
    Post(Post),
    /// A foundation along a line.
    Foundation(Foundation),
    /// A pad.
    Pad(Pad),
    /// What an engineer answers for.
    Mark(EngineersMark),
}

impl HousePart {
    /// Its identity.
    pub const fn id(&self) -> PartId {
        match self {
            Self::Level(part) => part.id,
            Self::Field(part) => part.id,
            Self::Beam(part) => part.id,
            Self::Post(part) => part.id,
            Self::Foundation(part) => part.id,
            Self::Pad(part) => part.id,
            Self::Mark(part) => part.id,
        }
    }

    /// What it is called.
    pub fn name(&self) -> &str {
        match self {
            Self::Level(part) => &part.name,
            Self::Field(part) => &part.name,
            Self::Beam(part) => &part.name,
            Self::Post(part) => &part.name,
            Self::Foundation(part) => &part.name,
            Self::Pad(part) => &part.name,
            Self::Mark(part) => &part.name,
        }
    }
}

impl House {
    /// Whether nothing is said of it.
    pub fn is_empty(&self) -> bool {
        self.ids().next().is_none() && self.ground == Ground::default()
    }

    /// A storey by its identity.
    pub fn level(&self, id: PartId) -> Option<&Level> {
        self.levels.iter().find(|level| level.id == id)
    }

    /// The identities of all its parts.
    pub fn ids(&self) -> impl Iterator<Item = PartId> {
        let levels = self.levels.iter().map(|part| part.id);
        let on_levels = self.fields.iter().map(|part| part.id).chain(self.beams.iter().map(|part| part.id));
        let below = self.posts.iter().map(|part| part.id).chain(self.foundations.iter().map(|part| part.id));
        let in_ground = self.pads.iter().map(|part| part.id).chain(self.marks.iter().map(|part| part.id));
        levels.chain(on_levels).chain(below).chain(in_ground)
    }

    /// A part by its identity.
    pub fn part(&self, id: PartId) -> Option<HousePart> {
        fn one<T: Clone>(list: &[T], id: PartId, of: fn(&T) -> PartId, part: fn(T) -> HousePart) -> Option<HousePart> {
            list.iter().find(|each| of(each) == id).cloned().map(part)
        }
        one(&self.levels, id, |each| each.id, HousePart::Level)
            .or_else(|| one(&self.fields, id, |each| each.id, HousePart::Field))
            .or_else(|| one(&self.beams, id, |each| each.id, HousePart::Beam))
            .or_else(|| one(&self.posts, id, |each| each.id, HousePart::Post))
            .or_else(|| one(&self.foundations, id, |each| each.id, HousePart::Foundation))
            .or_else(|| one(&self.pads, id, |each| each.id, HousePart::Pad))
            .or_else(|| one(&self.marks, id, |each| each.id, HousePart::Mark))
    }

    /// Which storey from the bottom an identity names.
    pub fn storey(&self, level: PartId) -> Option<usize> {
        self.levels.iter().position(|each| each.id == level)
    }
}
