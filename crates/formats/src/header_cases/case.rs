//! The form of a case. Lengths are decimal inches, line loads lb/ft, forces lb, stresses psi.

use std::collections::BTreeMap;

use serde::Deserialize;

/// One header problem.
#[derive(Clone, Debug, Deserialize)]
pub struct Case {
    /// Its name.
    pub id: String,
    /// Whether a header is given or to be found.
    pub mode: Mode,
    /// What a carpenter would know.
    pub input: Input,
    /// In mode `size`: headers to try, in order.
    #[serde(default)]
    pub candidates: Vec<HeaderInput>,
}

/// Whether a header is given or to be found.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Deserialize)]
#[serde(rename_all = "lowercase")]
pub enum Mode {
    /// The header is given.
    Fixed,
    /// The first candidate that passes is wanted.
    Size,
}

/// What a carpenter would know.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Input {
    /// Rough opening between jacks.
    pub clear_in: f64,
    /// Stud depth.
    pub wall_depth_in: f64,
    /// Jack length.
    pub jack_height_in: f64,
    /// Loads, from the left face of the opening.
    pub loads: Vec<LoadInput>,
    /// Species, grade and size of the jacks.
    pub jack: (String, String, String),
    /// Fc⊥ of the sole plate.
    #[serde(rename = "plate_Fcp")]
    pub plate_bearing: f64,
    /// Conventions that differ from the defaults.
    #[serde(default)]
    pub options: Options,
    /// The header, in mode `fixed`.
    pub header: Option<HeaderInput>,
    /// Wind on the kings.
    pub wind: Option<WindInput>,
}

/// Wind on the kings.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct WindInput {
    /// Length of a king.
    pub height_in: f64,
    /// Stud spacing.
    pub spacing_in: f64,
    /// Strength-level pressure, lb/ft².
    #[serde(rename = "p_ult_psf")]
    pub pressure: f64,
    /// Species, grade and size of the kings.
    pub stud: (String, String, String),
    /// Deflection limit: height over this; none where it is null or left out.
    #[serde(default)]
    pub limit: Option<f64>,
}

/// A load: spread or at a point.
#[derive(Clone, Debug, Deserialize)]
#[serde(untagged, deny_unknown_fields)]
pub enum LoadInput {
    /// Along the wall, or from `a` to `b`.
    Line {
        /// lb/ft by kind.
        w: BTreeMap<String, f64>,
        /// Start.
        a: Option<f64>,
        /// End.
        b: Option<f64>,
    },
    /// At `x`.
    Point {
        /// lb by kind.
        #[serde(rename = "P")]
        p: BTreeMap<String, f64>,
        /// Place.
        x: f64,
    },
}

/// A header.
#[derive(Clone, Debug, Deserialize)]
#[serde(untagged, deny_unknown_fields)]
pub enum HeaderInput {
    /// Sawn: species, grade, size.
    Lumber {
        /// Species, grade, size.
        lumber: (String, String, String),
        /// Plies.
        plies: u8,
    },
    /// Engineered, by stress class.
    Engineered {
        /// Class.
        engineered: String,
        /// Width of a ply, or of the whole.
        b: f64,
        /// Depth.
        d: f64,
        /// Plies.
        plies: u8,
    },
}

/// Conventions; what is left out takes the default.
#[derive(Clone, Debug, Default, Deserialize)]
#[serde(default, deny_unknown_fields)]
pub struct Options {
    /// Whether the top edge is held.
    pub braced: Option<bool>,
    /// Unbraced length, if not the span.
    pub lu_in: Option<f64>,
    /// `full` or `ply`.
    pub cl_width: Option<String>,
    /// Wet service.
    pub wet: Option<bool>,
    /// `nds` or `prescriptive`.
    pub cr_rule: Option<String>,
    /// Shear at d.
    pub shear_at_d: Option<bool>,
    /// Live-load deflection limit.
    pub live_limit: Option<f64>,
    /// Total deflection limit.
    pub total_limit: Option<f64>,
    /// Creep factor.
    #[serde(rename = "Kcr")]
    pub creep: Option<f64>,
    /// Part of the snow that is at allowable-stress level.
    pub snow_asd: Option<f64>,
    /// Whether the header's own weight counts.
    pub self_weight: Option<bool>,
    /// The most jacks.
    pub max_jacks: Option<u8>,
    /// The most kings.
    pub max_kings: Option<u8>,
    /// The deepest header.
    pub max_depth: Option<f64>,
    /// Whether the sole plate runs on.
    pub plate_continuous: Option<bool>,
    /// `cc` or `clear`.
    pub span_rule: Option<String>,
    /// Jacks that are given.
    pub fixed_jacks: Option<FixedJacks>,
}

/// Jacks that are given: the same at both ends, or each.
#[derive(Clone, Copy, Debug, Deserialize)]
#[serde(untagged)]
pub enum FixedJacks {
    /// The same at both ends.
    Both(u8),
    /// Left and right.
    Each(u8, u8),
}
