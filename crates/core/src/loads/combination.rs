//! Combinations of load.
//!
//! Source: ASCE 7-16 2.4 (allowable stress design), from memory. Each combination carries the load duration factor of
//! its shortest load (NDS 2018 2.3.2), so that the one that governs is the largest load over its own factor.

use super::kind::{ByKind, LoadKind};
use super::load_duration::load_duration_factor;
use crate::say;
use crate::speech::Phrase;

/// A combination of load kinds with its factors.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Combination {
    /// As written in the code: `D+0.75L+0.75S`.
    pub name: &'static str,
    /// What part of each kind acts.
    pub factors: ByKind<f64>,
    /// C_D of its shortest load.
    pub duration: f64,
}

/// What part of floor live, roof live, snow, deck live and deck snow acts.
type Parts = [f64; 5];

/// With people on the deck in the place of its snow.
const PEOPLE_ON_DECK: &str = "D+0.75L+0.75S, deck L";
/// The same, what comes and goes only.
const LIVE_PEOPLE_ON_DECK: &str = "0.75L+0.75S, deck L";
/// Wind alone, on the kings.
pub const WIND: &str = "W";

/// A combination as it is said.
pub fn combination_phrase(name: &str) -> Phrase {
    match name {
        PEOPLE_ON_DECK => say!("combination-people-on-deck", name = "D+0.75L+0.75S"),
        LIVE_PEOPLE_ON_DECK => say!("combination-people-on-deck", name = "0.75L+0.75S"),
        WIND => say!("combination-wind"),
        _ => Phrase::verbatim(name),
    }
}

const fn combination(name: &'static str, dead: f64, parts: Parts, shortest: LoadKind) -> Combination {
    let [floor_live, roof_live, snow, deck_live, deck_snow] = parts;
    Combination {
        name,
        factors: ByKind { dead, floor_live, roof_live, snow, deck_live, deck_snow },
        duration: load_duration_factor(shortest),
    }
}

/// The most combinations a set has.
pub const MOST_COMBINATIONS: usize = 7;

/// ASD combinations of vertical loads. A deck has people on it or snow: of live load and snow together one combination takes
/// its people, another its snow.
pub const STRENGTH_COMBINATIONS: [Combination; MOST_COMBINATIONS] = [
    combination("D", 1.0, [0.0; 5], LoadKind::Dead),
    combination("D+L", 1.0, [1.0, 0.0, 0.0, 1.0, 0.0], LoadKind::FloorLive),
    combination("D+Lr", 1.0, [0.0, 1.0, 0.0, 0.0, 0.0], LoadKind::RoofLive),
    combination("D+S", 1.0, [0.0, 0.0, 1.0, 0.0, 1.0], LoadKind::Snow),
    combination("D+0.75L+0.75Lr", 1.0, [0.75, 0.75, 0.0, 0.75, 0.0], LoadKind::RoofLive),
    combination("D+0.75L+0.75S", 1.0, [0.75, 0.0, 0.75, 0.0, 0.75], LoadKind::Snow),
    combination(PEOPLE_ON_DECK, 1.0, [0.75, 0.0, 0.75, 0.75, 0.0], LoadKind::Snow),
];

/// The same without dead load, for live-load deflection.
pub const LIVE_COMBINATIONS: [Combination; MOST_COMBINATIONS - 1] = [
    combination("L", 0.0, [1.0, 0.0, 0.0, 1.0, 0.0], LoadKind::FloorLive),
    combination("Lr", 0.0, [0.0, 1.0, 0.0, 0.0, 0.0], LoadKind::RoofLive),
    combination("S", 0.0, [0.0, 0.0, 1.0, 0.0, 1.0], LoadKind::Snow),
    combination("0.75L+0.75Lr", 0.0, [0.75, 0.75, 0.0, 0.75, 0.0], LoadKind::RoofLive),
    combination("0.75L+0.75S", 0.0, [0.75, 0.0, 0.75, 0.0, 0.75], LoadKind::Snow),
    combination(LIVE_PEOPLE_ON_DECK, 0.0, [0.75, 0.0, 0.75, 0.75, 0.0], LoadKind::Snow),
];

impl Combination {
    /// Whether what it names is present: of live load and of snow, that of a floor or roof or that of a deck is enough. One that
    /// is not adds nothing over a simpler combination.
    pub fn applies_to(&self, present: &ByKind<bool>) -> bool {
        let ByKind { dead, floor_live, roof_live, snow, deck_live, deck_snow } = self.factors;
        let any = |parts: [(f64, bool); 2]| {
            parts.iter().all(|(factor, _)| *factor <= 0.0)
                || parts.iter().any(|(factor, there)| 0.0 < *factor && *there)
        };
        // Without people on a deck the last combination repeats the one before.
        let repeats = 0.0 < deck_live && 0.0 < snow && !present.deck_live;
        (dead <= 0.0 || present.dead)
            && (roof_live <= 0.0 || present.roof_live)
            && any([(floor_live, present.floor_live), (deck_live, present.deck_live)])
            && any([(snow, present.snow), (deck_snow, present.deck_snow)])
            && !repeats
    }

    /// The combined amount.
    pub fn total(&self, amounts: &ByKind<f64>) -> f64 {
        self.factors.dead * amounts.dead
            + self.factors.floor_live * amounts.floor_live
            + self.factors.roof_live * amounts.roof_live
            + self.factors.snow * amounts.snow
            + self.factors.deck_live * amounts.deck_live
            + self.factors.deck_snow * amounts.deck_snow
    }

    /// Scaled by `creep` on the dead part, for long-term deflection.
    pub fn with_dead_times(mut self, creep: f64) -> Self {
        self.factors.dead *= creep;
        self
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn floor_live_and_snow_are_never_summed_in_full() {
        for combination in STRENGTH_COMBINATIONS {
            let both = combination.factors.floor_live > 0.0 && combination.factors.snow > 0.0;
            assert!(!both || combination.factors.floor_live <= 0.75 && combination.factors.snow <= 0.75);
            assert!(combination.factors.snow <= 0.0 || combination.factors.roof_live <= 0.0);
        }
    }

    #[test]
    fn a_deck_has_people_on_it_or_snow() {
        let deck = ByKind { dead: 70.0, deck_live: 280.0, deck_snow: 490.0, ..ByKind::default() };
        let largest = STRENGTH_COMBINATIONS.iter().map(|combination| combination.total(&deck)).fold(0.0, f64::max);
        assert!((largest - 560.0).abs() < 1e-9, "D+S, not D+0.75L+0.75S");
        let present = deck.map(|amount| amount > 0.0);
        let names: Vec<&str> = STRENGTH_COMBINATIONS
            .iter()
            .filter(|combination| combination.applies_to(&present))
            .map(|combination| combination.name)
            .collect();
        assert_eq!(names, ["D", "D+L", "D+S"]);
    }

    #[test]
    fn the_governing_combination_is_the_largest_load_over_its_own_factor() {
        // A heavy parapet: 1055 D + 340 Lr. D alone 1055/0.9 = 1172 beats D+Lr 1395/1.25 = 1116.
        let amounts = ByKind { dead: 1055.0, roof_live: 340.0, ..ByKind::default() };
        let worst = STRENGTH_COMBINATIONS
            .iter()
            .max_by(|a, b| (a.total(&amounts) / a.duration).total_cmp(&(b.total(&amounts) / b.duration)));
        assert_eq!(worst.map(|combination| combination.name), Some("D"));
    }
}
