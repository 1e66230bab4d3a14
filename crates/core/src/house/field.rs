//! Floors, ceilings and roofs of a house: rectangles on top of a storey, with the way their joists run and what lies on them.

use super::part_id::PartId;
use super::plan::{Axis, Rectangle};
use crate::loads::{DeadLoadOn, FloorUse, RoofWarmth, SnowTrouble};
use crate::measure::{Length, Pressure};
use crate::statics::Joints;

/// A floor, a ceiling or a roof.
#[derive(Clone, Debug, PartialEq)]
pub struct Field {
    /// Its identity.
    pub id: PartId,
    /// On top of which storey.
    pub level: PartId,
    /// What it is called.
    pub name: String,
    /// Where; a roof from eave to eave.
    pub over: Rectangle,
    /// Along which its joists, rafters or trusses run.
    pub span: Axis,
    /// What it is.
    pub of: FieldOf,
}

/// What a field is.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum FieldOf {
    /// A floor or deck.
    Floor(FloorField),
    /// A ceiling under a roof of rafters, with the attic on it.
    Ceiling(CeilingField),
    /// A roof.
    Roof(RoofField),
}

/// A floor or deck. Pressures on the level.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct FloorField {
    /// What it is for.
    pub use_: FloorUse,
    /// Whether its joists are cut or lapped at their supports, or run over them.
    pub joints: Joints,
    /// Dead load.
    pub dead: Pressure,
    /// Live load.
    pub live: Pressure,
    /// Whether a deck has a roof over it.
    pub roofed: bool,
    /// How deep its joists are, where somebody said so.
    pub joist_depth: Option<Length>,
}

/// A ceiling under a roof of rafters.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct CeilingField {
    /// Whether its joists lap on what stands between the outside walls; else they run through from one to the other.
    pub lapped: bool,
    /// Dead load.
    pub dead: Pressure,
    /// Live load: people and storage in the attic.
    pub attic_live: Pressure,
}

/// How a roof is framed.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum RoofFieldFraming {
    /// Trusses from outside wall to outside wall, with their ceiling.
    Trusses,
    /// Rafters that lean on one another at a ridge board.
    RaftersOnBoard,
    /// Rafters on a ridge beam, which a line of the house is.
    RaftersOnBeam,
    /// Rafters that fall one way, from a ledger or a higher wall.
    OneWay,
}

/// A roof. Pressures on the level unless it says otherwise.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct RoofField {
    /// How it is framed.
    pub framing: RoofFieldFraming,
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Distance between its trusses or rafters.
    pub bay: Length,
    /// How far it hangs over at each eave, level: of one that falls one way only at its low end.
    pub overhang: Length,
    /// Roof dead load.
    pub dead: Pressure,
    /// Whether that is on the level or on the slope.
    pub dead_on: DeadLoadOn,
    /// How warm it is.
    pub warmth: RoofWarmth,
    /// Ceiling dead load of trusses.
    pub ceiling_dead: Pressure,
    /// Attic live load in trusses.
    pub attic_live: Pressure,
    /// What else the snow does.
    pub snow_trouble: SnowTrouble,
    /// What its gables weigh per face, where they stand on the walls under its ends.
    pub gable_weight: Pressure,
}
