//! One number for each kind of load, by the codes' symbols.

use serde::{Deserialize, Serialize};
use sturvek_core::loads::{ByKind, LoadKind};

/// By kind of load.
#[derive(Clone, Copy, Debug, Default, PartialEq, Serialize, Deserialize)]
pub struct Kinds {
    /// Dead.
    #[serde(rename = "D")]
    pub dead: f64,
    /// Live load of floors and decks.
    #[serde(rename = "L")]
    pub live: f64,
    /// Roof live.
    #[serde(rename = "Lr")]
    pub roof_live: f64,
    /// Snow on roofs and decks, at allowable stress level.
    #[serde(rename = "S")]
    pub snow: f64,
}

impl From<&ByKind<f64>> for Kinds {
    fn from(by_kind: &ByKind<f64>) -> Self {
        Self {
            dead: by_kind[LoadKind::Dead],
            live: by_kind[LoadKind::FloorLive] + by_kind[LoadKind::DeckLive],
            roof_live: by_kind[LoadKind::RoofLive],
            snow: by_kind[LoadKind::Snow] + by_kind[LoadKind::DeckSnow],
        }
    }
}
