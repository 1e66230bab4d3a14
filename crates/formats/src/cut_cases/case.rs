//! The form of a case. Lengths are decimal inches, prices whole cents.

use serde::Deserialize;

/// What is wanted, and what it can be cut from.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct Case {
    /// Its name.
    pub id: String,
    /// Width of a cut.
    pub kerf_in: f64,
    /// What is wanted.
    pub pieces: Vec<PieceCase>,
    /// What can be had.
    pub stock: Vec<StockCase>,
}

/// Pieces of one length.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct PieceCase {
    /// Size, species and grade.
    pub section: String,
    /// How long.
    pub length_in: f64,
    /// How many.
    pub count: u64,
    /// What they are for.
    #[serde(default)]
    pub label: String,
}

/// Sticks of one length.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct StockCase {
    /// Size, species and grade.
    pub section: String,
    /// How long.
    pub length_in: f64,
    /// What one costs.
    pub price_cents: u64,
    /// How many there are; without limit where nothing is said.
    #[serde(default)]
    pub available: Option<u64>,
}
