//! The form of a case. Places and lengths are decimal inches, loads lb/ft², Fc⊥ psi.

use serde::Deserialize;

/// A section along the joists, with a wall that goes and temporary walls.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Case {
    /// Its name.
    pub id: String,
    /// The joists: lapped ones are several.
    pub pieces: Vec<PieceCase>,
    /// What they lie on before anything is done.
    pub supports: Vec<f64>,
    /// Which support goes.
    pub remove: f64,
    /// Where temporary walls stand.
    pub temporary: Vec<f64>,
    /// Dead load.
    #[serde(rename = "D")]
    pub dead: f64,
    /// Live load of the floor.
    #[serde(rename = "L")]
    pub live: f64,
    /// Live load of the roof.
    #[serde(rename = "Lr")]
    pub roof_live: f64,
    /// Snow.
    #[serde(rename = "S")]
    pub snow: f64,
    /// The studs of the temporary walls.
    pub stud: StudCase,
    /// Fc⊥ of their plates.
    #[serde(rename = "plate_Fcp")]
    pub plate: f64,
}

/// A joist.
#[derive(Clone, Copy, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct PieceCase {
    /// Where it begins.
    pub from: f64,
    /// Where it ends.
    pub to: f64,
}

/// The studs of temporary walls.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct StudCase {
    /// Species group.
    pub species: String,
    /// Grade.
    pub grade: String,
    /// Nominal size.
    pub nominal: String,
    /// How far apart they stand.
    pub spacing_in: f64,
    /// How many are nailed to one another.
    pub plies: u64,
    /// How long they are.
    pub length_in: f64,
    /// Rows of blocking between them.
    #[serde(default)]
    pub rows: u64,
}
