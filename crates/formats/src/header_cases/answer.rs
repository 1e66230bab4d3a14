//! The form of an answer.

use serde::Serialize;

/// The answer to one case.
#[derive(Clone, Debug, Default, Serialize)]
pub struct Answer {
    /// The case.
    pub id: String,
    /// Whether a header carries.
    pub ok: bool,
    /// Why not, in sentences.
    pub fails: Vec<String>,
    /// What is worth knowing besides.
    #[serde(skip_serializing_if = "Vec::is_empty")]
    pub notes: Vec<String>,
    /// The header.
    pub header: Option<String>,
    /// Its section.
    pub section: Option<Section>,
    /// Its span.
    pub span: Option<Span>,
    /// Demand over capacity.
    pub ratios: Option<Ratios>,
    /// Governing combinations.
    pub governing: Option<Governing>,
    /// Largest load on each pack, lb.
    pub reactions: Option<Sides<f64>>,
    /// Jacks at each end.
    pub jacks: Option<Sides<u8>>,
    /// How many jacks each reason asks for; absent where none is enough.
    pub jack_reasons: Option<Sides<JackReasons>>,
    /// Kings at each end.
    pub kings: Option<u8>,
}

/// A section, in.
#[derive(Clone, Copy, Debug, Serialize)]
pub struct Section {
    /// Plies.
    pub plies: u8,
    /// Width.
    pub b: f64,
    /// Depth.
    pub d: f64,
}

/// A span, in.
#[derive(Clone, Copy, Debug, Serialize)]
pub struct Span {
    /// Design span.
    pub design: f64,
}

/// Demand over capacity.
#[derive(Clone, Copy, Debug, Serialize)]
pub struct Ratios {
    /// Bending.
    pub bending: f64,
    /// Shear.
    pub shear: f64,
    /// Live-load deflection.
    pub live_deflection: f64,
    /// Total deflection.
    pub total_deflection: f64,
}

/// Governing combinations.
#[derive(Clone, Copy, Debug, Serialize)]
pub struct Governing {
    /// Of bending.
    pub bending: &'static str,
    /// Of shear.
    pub shear: &'static str,
}

/// One value at each end.
#[derive(Clone, Copy, Debug, Serialize)]
pub struct Sides<T> {
    /// Left.
    pub left: T,
    /// Right.
    pub right: T,
}

/// Jacks by reason.
#[derive(Clone, Copy, Debug, Serialize)]
pub struct JackReasons {
    /// Header bearing.
    pub bearing: Option<u8>,
    /// Sole plate bearing.
    pub plate: Option<u8>,
    /// Column.
    pub column: Option<u8>,
}
