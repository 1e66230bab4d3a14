//! A wall: its frame, the evidence of bearing, its point loads.

use serde::{Deserialize, Serialize};
use sturvek_core::job::{self, PointLoadId, WallId};
use sturvek_core::loads::{self, ByKind};
use sturvek_core::measure::{Ends, Force};
use sturvek_core::sizing::JackLumber;
use utoipa::ToSchema;
use uuid::Uuid;

use super::{Carries, Opening, Resolve, identity, maybe};
use crate::choices::{Depth, End, Grade, Seen, Species, WallEnd};
use crate::typed::{FieldError, TypedLength};

/// A wall.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Wall {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// Its frame.
    pub frame: WallFrame,
    /// What was looked at to find out whether it bears.
    #[serde(default)]
    pub evidence: Evidence,
    /// What comes down on it.
    pub carries: Carries,
    /// Its openings.
    pub openings: Vec<Opening>,
    /// Point loads on its top plate.
    pub point_loads: Vec<PointLoad>,
}

/// A wall's frame.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct WallFrame {
    /// Its name.
    pub name: String,
    /// Length along the plates.
    pub length: TypedLength,
    /// Height over all plates.
    pub height: TypedLength,
    /// Species of the studs.
    pub stud_species: Species,
    /// Grade of the studs.
    pub stud_grade: Grade,
    /// Nominal depth of the studs.
    pub stud_depth: Depth,
    /// Stud layout, center to center.
    pub spacing: TypedLength,
    /// Species of the plates.
    pub plate_species: Species,
    /// How its plates, ends and crossing walls are framed.
    #[serde(default)]
    pub framing: FramingOptions,
}

/// How a wall's plates, ends and crossing walls are framed. What is left out is as usual.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(default)]
pub struct FramingOptions {
    /// From which end the stud layout is pulled.
    pub layout_from: End,
    /// How the left end is built.
    pub left_end: WallEnd,
    /// How the right end is built.
    pub right_end: WallEnd,
    /// Crossing walls.
    pub partitions: Vec<Partition>,
    /// The longest board that plates are cut from.
    pub plate_stock: TypedLength,
    /// How far a break in one top plate stays from a break in the other.
    pub breaks_apart: TypedLength,
    /// Anchor bolts of a wall on concrete, at most so far apart; left out on a wood floor.
    pub bolts: Option<TypedLength>,
}

impl Default for FramingOptions {
    fn default() -> Self {
        Self::from(&job::FramingOptions::default())
    }
}

/// A wall that meets this one from the inside.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Partition {
    /// Its center, from this wall's left end.
    pub partition_at: TypedLength,
    /// Nominal depth of its studs.
    pub partition_depth: Depth,
}

/// What was looked at to find out whether a wall bears.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Evidence {
    /// Floor or ceiling joists end or lap on it.
    pub joists_land: Seen,
    /// Rafters, trusses or a ridge post land on it.
    pub roof_lands: Seen,
    /// A wall, post or beam above stands on it.
    pub stands_above: Seen,
    /// A girder, wall or footing runs below it.
    pub support_below: Seen,
}

impl Default for Evidence {
    fn default() -> Self {
        Self::from(&loads::BearingEvidence::default())
    }
}

/// A point load on the top plate, lb.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct PointLoad {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// What brings it.
    pub name: String,
    /// Its center, from the wall's left end.
    pub at: TypedLength,
    /// Dead.
    pub dead: f64,
    /// Floor live.
    pub floor_live: f64,
    /// Roof live.
    pub roof_live: f64,
    /// Snow.
    pub snow: f64,
}

impl Resolve for WallFrame {
    type Core = job::WallFrame;
    fn resolve(&self) -> Result<job::WallFrame, FieldError> {
        Ok(job::WallFrame {
            name: self.name.trim().to_owned(),
            length: self.length.read("length")?,
            height: self.height.read("height")?,
            stud: JackLumber {
                species: self.stud_species.into(),
                grade: self.stud_grade.into(),
                depth: self.stud_depth.into(),
            },
            spacing: self.spacing.read("spacing")?,
            plate_species: self.plate_species.into(),
            framing: self.framing.resolve()?,
        })
    }
}

impl From<&job::WallFrame> for WallFrame {
    fn from(frame: &job::WallFrame) -> Self {
        Self {
            name: frame.name.clone(),
            length: frame.length.into(),
            height: frame.height.into(),
            stud_species: frame.stud.species.into(),
            stud_grade: frame.stud.grade.into(),
            stud_depth: frame.stud.depth.into(),
            spacing: frame.spacing.into(),
            plate_species: frame.plate_species.into(),
            framing: (&frame.framing).into(),
        }
    }
}

impl Resolve for FramingOptions {
    type Core = job::FramingOptions;
    fn resolve(&self) -> Result<job::FramingOptions, FieldError> {
        let partition = |partition: &Partition| {
            Ok(job::Partition {
                at: partition.partition_at.read("partition_at")?,
                depth: partition.partition_depth.into(),
            })
        };
        Ok(job::FramingOptions {
            layout_from: self.layout_from.into(),
            ends: Ends { left: self.left_end.into(), right: self.right_end.into() },
            partitions: self.partitions.iter().map(partition).collect::<Result<_, FieldError>>()?,
            plate_stock: self.plate_stock.read("plate_stock")?,
            breaks_apart: self.breaks_apart.read("breaks_apart")?,
            bolts: maybe("bolts", self.bolts.as_ref())?,
        })
    }
}

impl From<&job::FramingOptions> for FramingOptions {
    fn from(options: &job::FramingOptions) -> Self {
        let partition = |partition: &job::Partition| Partition {
            partition_at: partition.at.into(),
            partition_depth: partition.depth.into(),
        };
        Self {
            layout_from: options.layout_from.into(),
            left_end: options.ends.left.into(),
            right_end: options.ends.right.into(),
            partitions: options.partitions.iter().map(partition).collect(),
            plate_stock: options.plate_stock.into(),
            breaks_apart: options.breaks_apart.into(),
            bolts: options.bolts.map(Into::into),
        }
    }
}

impl Resolve for Evidence {
    type Core = loads::BearingEvidence;
    fn resolve(&self) -> Result<loads::BearingEvidence, FieldError> {
        Ok(loads::BearingEvidence {
            joists_land: self.joists_land.into(),
            roof_lands: self.roof_lands.into(),
            stands_above: self.stands_above.into(),
            support_below: self.support_below.into(),
        })
    }
}

impl From<&loads::BearingEvidence> for Evidence {
    fn from(evidence: &loads::BearingEvidence) -> Self {
        Self {
            joists_land: evidence.joists_land.into(),
            roof_lands: evidence.roof_lands.into(),
            stands_above: evidence.stands_above.into(),
            support_below: evidence.support_below.into(),
        }
    }
}

impl Resolve for PointLoad {
    type Core = job::PointLoad;
    fn resolve(&self) -> Result<job::PointLoad, FieldError> {
        let amount =
            ByKind { dead: self.dead, floor_live: self.floor_live, roof_live: self.roof_live, snow: self.snow };
        Ok(job::PointLoad {
            id: PointLoadId(identity(self.id)?),
            name: self.name.trim().to_owned(),
            at: self.at.read("at")?,
            amount: amount.map(Force::lbf),
        })
    }
}

impl From<&job::PointLoad> for PointLoad {
    fn from(load: &job::PointLoad) -> Self {
        let ByKind { dead, floor_live, roof_live, snow } = load.amount.map(|force| force.to_lbf());
        Self {
            id: Some(Uuid::from_u128(load.id.0)),
            name: load.name.clone(),
            at: load.at.into(),
            dead,
            floor_live,
            roof_live,
            snow,
        }
    }
}

impl Resolve for Wall {
    type Core = job::Wall;
    fn resolve(&self) -> Result<job::Wall, FieldError> {
        Ok(job::Wall {
            id: WallId(identity(self.id)?),
            frame: self.frame.resolve()?,
            evidence: self.evidence.resolve()?,
            carries: self.carries.resolve()?,
            openings: self.openings.iter().map(Resolve::resolve).collect::<Result<_, _>>()?,
            point_loads: self.point_loads.iter().map(Resolve::resolve).collect::<Result<_, _>>()?,
        })
    }
}

impl From<&job::Wall> for Wall {
    fn from(wall: &job::Wall) -> Self {
        Self {
            id: Some(Uuid::from_u128(wall.id.0)),
            frame: (&wall.frame).into(),
            evidence: (&wall.evidence).into(),
            carries: (&wall.carries).into(),
            openings: wall.openings.iter().map(Into::into).collect(),
            point_loads: wall.point_loads.iter().map(Into::into).collect(),
        }
    }
}
