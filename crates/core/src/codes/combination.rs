//! Combinations of load.

use super::design_code::CombinationIndex;
use crate::loads::{ByKind, LoadKind};

/// The most combinations that a set of any code has.
pub const MOST_COMBINATIONS: usize = 7;

/// A combination of load kinds with its factors.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Combination {
    /// Which one it is.
    pub index: CombinationIndex,
    /// As written in the code: `D+0.75L+0.75S`.
    pub name: &'static str,
    /// What part of each kind acts.
    pub factors: ByKind<f64>,
    /// The factor of its shortest load on the strength of wood.
    pub duration: f64,
    /// What part of the given wind pressure acts with it.
    pub wind: f64,
}

impl Combination {
    /// Whether what it names is present: of live load and of snow, that of a floor or roof or that of a deck is enough. One that
    /// is not adds nothing over a simpler combination.
    pub fn applies_to(&self, present: &ByKind<bool>) -> bool {
        let acts = |kind: LoadKind| 0.0 < self.factors[kind];
        let any = |kinds: [LoadKind; 2]| {
            let mut acting = kinds.into_iter().filter(|kind| acts(*kind)).peekable();
            acting.peek().is_none() || acting.any(|kind| present[kind])
        };
        // Without people on a deck the combination that has them repeats another.
        let repeats = acts(LoadKind::DeckLive) && acts(LoadKind::Snow) && !present[LoadKind::DeckLive];
        (!acts(LoadKind::Dead) || present[LoadKind::Dead])
            && (!acts(LoadKind::RoofLive) || present[LoadKind::RoofLive])
            && any([LoadKind::FloorLive, LoadKind::DeckLive])
            && any([LoadKind::Snow, LoadKind::DeckSnow])
            && !repeats
    }

    /// The combined amount.
    pub fn total(&self, amounts: &ByKind<f64>) -> f64 {
        amounts.weighed_by(&self.factors)
    }

    /// Scaled by `creep` on the dead part, for long-term deflection.
    pub fn with_dead_times(mut self, creep: f64) -> Self {
        self.factors[LoadKind::Dead] *= creep;
        self
    }
}
