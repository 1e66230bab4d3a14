//! Combinations of allowable stress design.
//!
//! Source: ASCE 7-16 2.4, from memory. Each combination carries the load duration factor of its shortest load (NDS 2018 2.3.2), so
//! that the one that governs is the largest load over its own factor.

use super::load_duration::{WIND_DURATION_FACTOR, load_duration_factor};
use crate::codes::combination::{Combination, MOST_COMBINATIONS};
use crate::codes::design_code::{CombinationIndex, CombinationSet, DesignCode};
use crate::loads::{ByKind, LoadKind};
use crate::say;
use crate::speech::Phrase;

/// What part of floor live, roof live, snow, deck live and deck snow acts.
type Parts = [f64; 5];

/// With people on the deck in the place of its snow.
const PEOPLE_ON_DECK: &str = "D+0.75L+0.75S, deck L";
/// The same, what comes and goes only.
const LIVE_PEOPLE_ON_DECK: &str = "0.75L+0.75S, deck L";

/// The part of strength-level wind pressure that acts by itself.
pub const WIND_PART: f64 = 0.6;

/// A combination as it is said.
pub fn phrase(combination: &Combination) -> Phrase {
    match combination.name {
        PEOPLE_ON_DECK => say!("combination-people-on-deck", name = "D+0.75L+0.75S"),
        LIVE_PEOPLE_ON_DECK => say!("combination-people-on-deck", name = "0.75L+0.75S"),
        name if combination.index.set == CombinationSet::WindAlone => {
            debug_assert_eq!(name, WIND_ALONE[0].name);
            say!("combination-wind")
        }
        name => Phrase::verbatim(name),
    }
}

const fn combination(place: u8, name: &'static str, dead: f64, parts: Parts, shortest: LoadKind) -> Combination {
    let [floor_live, roof_live, snow, deck_live, deck_snow] = parts;
    let set = if dead > 0.0 { CombinationSet::Strength } else { CombinationSet::Live };
    Combination {
        index: index(set, place),
        name,
        factors: ByKind::each([dead, floor_live, roof_live, snow, deck_live, deck_snow]),
        duration: load_duration_factor(shortest),
        wind: 0.0,
    }
}

const fn index(set: CombinationSet, place: u8) -> CombinationIndex {
    CombinationIndex { code: DesignCode::AllowableStress, set, place }
}

/// Of vertical loads. A deck has people on it or snow: of live load and snow together one combination takes its people, another its
/// snow.
pub const STRENGTH: [Combination; MOST_COMBINATIONS] = [
    combination(0, "D", 1.0, [0.0; 5], LoadKind::Dead),
    combination(1, "D+L", 1.0, [1.0, 0.0, 0.0, 1.0, 0.0], LoadKind::FloorLive),
    combination(2, "D+Lr", 1.0, [0.0, 1.0, 0.0, 0.0, 0.0], LoadKind::RoofLive),
    combination(3, "D+S", 1.0, [0.0, 0.0, 1.0, 0.0, 1.0], LoadKind::Snow),
    combination(4, "D+0.75L+0.75Lr", 1.0, [0.75, 0.75, 0.0, 0.75, 0.0], LoadKind::RoofLive),
    combination(5, "D+0.75L+0.75S", 1.0, [0.75, 0.0, 0.75, 0.0, 0.75], LoadKind::Snow),
    combination(6, PEOPLE_ON_DECK, 1.0, [0.75, 0.0, 0.75, 0.75, 0.0], LoadKind::Snow),
];

/// The same without dead load, for live-load deflection.
pub const LIVE: [Combination; 6] = [
    combination(0, "L", 0.0, [1.0, 0.0, 0.0, 1.0, 0.0], LoadKind::FloorLive),
    combination(1, "Lr", 0.0, [0.0, 1.0, 0.0, 0.0, 0.0], LoadKind::RoofLive),
    combination(2, "S", 0.0, [0.0, 0.0, 1.0, 0.0, 1.0], LoadKind::Snow),
    combination(3, "0.75L+0.75Lr", 0.0, [0.75, 0.75, 0.0, 0.75, 0.0], LoadKind::RoofLive),
    combination(4, "0.75L+0.75S", 0.0, [0.75, 0.0, 0.75, 0.0, 0.75], LoadKind::Snow),
    combination(5, LIVE_PEOPLE_ON_DECK, 0.0, [0.75, 0.0, 0.75, 0.75, 0.0], LoadKind::Snow),
];

/// Vertical loads with wind.
pub const WITH_WIND: [Combination; 3] = [
    with_wind(0, "D+0.6W", 0.0, 0.0, 0.0, 1.0),
    with_wind(1, "D+0.75L+0.75S+0.45W", 0.75, 0.0, 0.75, 0.75),
    with_wind(2, "D+0.75L+0.75Lr+0.45W", 0.75, 0.75, 0.0, 0.75),
];

const fn with_wind(
    place: u8,
    name: &'static str,
    floor_live: f64,
    roof_live: f64,
    snow: f64,
    part: f64,
) -> Combination {
    Combination {
        index: index(CombinationSet::WithWind, place),
        name,
        factors: ByKind::each([1.0, floor_live, roof_live, snow, 0.0, snow]),
        duration: WIND_DURATION_FACTOR,
        wind: WIND_PART * part,
    }
}

/// Wind by itself, on kings.
pub const WIND_ALONE: [Combination; 1] = [Combination {
    index: index(CombinationSet::WindAlone, 0),
    name: "W",
    factors: ByKind::each([0.0, 0.0, 0.0, 0.0, 0.0, 0.0]),
    duration: WIND_DURATION_FACTOR,
    wind: WIND_PART,
}];

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn floor_live_and_snow_are_never_summed_in_full() {
        for combination in STRENGTH {
            let both = combination.factors[LoadKind::FloorLive] > 0.0 && combination.factors[LoadKind::Snow] > 0.0;
            assert!(
                !both
                    || combination.factors[LoadKind::FloorLive] <= 0.75 && combination.factors[LoadKind::Snow] <= 0.75
            );
            assert!(combination.factors[LoadKind::Snow] <= 0.0 || combination.factors[LoadKind::RoofLive] <= 0.0);
        }
    }

    #[test]
    fn a_deck_has_people_on_it_or_snow() {
        let deck = ByKind::of([(LoadKind::Dead, 70.0), (LoadKind::DeckLive, 280.0), (LoadKind::DeckSnow, 490.0)]);
        let largest = STRENGTH.iter().map(|combination| combination.total(&deck)).fold(0.0, f64::max);
        assert!((largest - 560.0).abs() < 1e-9, "D+S, not D+0.75L+0.75S");
        let present = deck.map(|amount| amount > 0.0);
        let names: Vec<&str> = STRENGTH
            .iter()
            .filter(|combination| combination.applies_to(&present))
            .map(|combination| combination.name)
            .collect();
        assert_eq!(names, ["D", "D+L", "D+S"]);
    }

    #[test]
    fn the_governing_combination_is_the_largest_load_over_its_own_factor() {
        // A heavy parapet: 1055 D + 340 Lr. D alone 1055/0.9 = 1172 beats D+Lr 1395/1.25 = 1116.
        let amounts = ByKind::of([(LoadKind::Dead, 1055.0), (LoadKind::RoofLive, 340.0)]);
        let worst = STRENGTH
            .iter()
            .max_by(|a, b| (a.total(&amounts) / a.duration).total_cmp(&(b.total(&amounts) / b.duration)));
        assert_eq!(worst.map(|combination| combination.name), Some("D"));
    }

    #[test]
    fn every_combination_knows_its_place() {
        for set in [&STRENGTH[..], &LIVE, &WITH_WIND, &WIND_ALONE] {
            assert!(set.len() <= MOST_COMBINATIONS);
            for (place, combination) in set.iter().enumerate() {
                assert_eq!(usize::from(combination.index.place), place);
                assert_eq!(combination.index.set, set[0].index.set);
            }
        }
    }
}
