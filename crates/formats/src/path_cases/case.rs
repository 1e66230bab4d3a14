//! The form of a case. Lengths are decimal inches, pressures psf, line loads lb/ft, forces lb.

use serde::Deserialize;

use crate::kinds::Kinds;

/// A house.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Case {
    /// Its name.
    pub id: String,
    /// From the bottom.
    pub storeys: Vec<StoreyCase>,
    /// What it stands on.
    pub ground: GroundCase,
}

/// A storey and what lies on top of it.
#[derive(Clone, Debug, Default, Deserialize)]
#[serde(deny_unknown_fields, default)]
pub struct StoreyCase {
    /// Walls.
    pub walls: Vec<WallCase>,
    /// Beams.
    pub beams: Vec<BeamCase>,
    /// Posts.
    pub posts: Vec<PostCase>,
    /// Floors, ceilings, roofs.
    pub fields: Vec<FieldCase>,
    /// Loads at one place.
    pub points: Vec<PointCase>,
}

/// A wall.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct WallCase {
    /// Its name.
    pub id: String,
    /// x or y.
    pub axis: String,
    /// Its center line on the other axis.
    pub offset: f64,
    /// Where it begins.
    pub start: f64,
    /// How long it is.
    pub length: f64,
    /// How high.
    pub height: f64,
    /// How thick.
    pub thickness: f64,
    /// What it weighs per face.
    pub face_psf: f64,
    /// Whether it bears.
    pub bearing: bool,
    /// Its openings.
    #[serde(default)]
    pub openings: Vec<OpeningCase>,
}

/// An opening, from the wall's start.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct OpeningCase {
    /// Its name.
    pub id: String,
    /// Left face.
    pub left: f64,
    /// Right face.
    pub right: f64,
    /// Jacks at the left.
    pub jacks_left: u8,
    /// Jacks at the right.
    pub jacks_right: u8,
}

/// A beam.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct BeamCase {
    /// Its name.
    pub id: String,
    /// x or y.
    pub axis: String,
    /// Its center line on the other axis.
    pub offset: f64,
    /// Where it begins.
    pub start: f64,
    /// How long it is.
    pub length: f64,
    /// How thick.
    pub thickness: f64,
    /// Its own weight.
    pub plf: f64,
    /// simple or continuous.
    pub run: String,
}

/// A post.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct PostCase {
    /// Its name.
    pub id: String,
    /// To the right.
    pub x: f64,
    /// Away from the viewer.
    pub y: f64,
    /// Its own weight.
    pub lb: f64,
}

/// A field.
#[derive(Clone, Debug, Deserialize)]
pub struct FieldCase {
    /// Its name.
    pub id: String,
    /// Left edge.
    pub x0: f64,
    /// Near edge.
    pub y0: f64,
    /// Right edge.
    pub x1: f64,
    /// Far edge.
    pub y1: f64,
    /// Along which its joists run: x or y.
    pub span: String,
    /// clear, simple or continuous.
    pub run: String,
    /// What lies on it.
    #[serde(flatten)]
    pub loads: Kinds,
}

/// A load at one place.
#[derive(Clone, Debug, Deserialize)]
pub struct PointCase {
    /// Its name.
    pub id: String,
    /// To the right.
    pub x: f64,
    /// Away from the viewer.
    pub y: f64,
    /// How much.
    #[serde(flatten)]
    pub loads: Kinds,
}

/// What the house stands on.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct GroundCase {
    /// Whether a slab lies under all of it.
    #[serde(default)]
    pub slab: bool,
    /// Foundation lines.
    #[serde(default)]
    pub lines: Vec<FoundationCase>,
    /// Pads.
    #[serde(default)]
    pub pads: Vec<PadCase>,
}

/// A foundation line.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct FoundationCase {
    /// Its name.
    pub id: String,
    /// x or y.
    pub axis: String,
    /// Its center line on the other axis.
    pub offset: f64,
    /// Where it begins.
    pub start: f64,
    /// How long it is.
    pub length: f64,
    /// How thick.
    pub thickness: f64,
}

/// A pad.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct PadCase {
    /// Its name.
    pub id: String,
    /// To the right.
    pub x: f64,
    /// Away from the viewer.
    pub y: f64,
    /// Its sides.
    pub size: f64,
}
