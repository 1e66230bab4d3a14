//! Kinds of load, kept apart to the end, and their combinations.
//!
//! Source: ASCE 7-16 2.4 (allowable stress design), from memory. Each combination carries the load duration factor of
//! its shortest load (NDS 2018 2.3.2), so that the one that governs is the largest load over its own factor.

use crate::lumber::factors::load_duration::load_duration_factor;

/// Kind of a vertical load.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum LoadKind {
    /// D: what the building itself weighs.
    Dead,
    /// L: people and furniture on floors.
    FloorLive,
    /// Lr: people on the roof.
    RoofLive,
    /// S: snow.
    Snow,
}

impl LoadKind {
    /// Every kind, in the order of the codes.
    pub const ALL: [Self; 4] = [Self::Dead, Self::FloorLive, Self::RoofLive, Self::Snow];

    /// The codes' symbol.
    pub const fn symbol(self) -> &'static str {
        match self {
            Self::Dead => "D",
            Self::FloorLive => "L",
            Self::RoofLive => "Lr",
            Self::Snow => "S",
        }
    }

    /// The name in words.
    pub const fn name(self) -> &'static str {
        match self {
            Self::Dead => "dead",
            Self::FloorLive => "floor live",
            Self::RoofLive => "roof live",
            Self::Snow => "snow",
        }
    }
}

/// One amount for each kind of load.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct ByKind<T> {
    /// D.
    pub dead: T,
    /// L.
    pub floor_live: T,
    /// Lr.
    pub roof_live: T,
    /// S.
    pub snow: T,
}

impl<T: Copy> ByKind<T> {
    /// The amount of one kind.
    pub const fn get(&self, kind: LoadKind) -> T {
        match kind {
            LoadKind::Dead => self.dead,
            LoadKind::FloorLive => self.floor_live,
            LoadKind::RoofLive => self.roof_live,
            LoadKind::Snow => self.snow,
        }
    }

    /// The amount of one kind, to change it.
    pub const fn get_mut(&mut self, kind: LoadKind) -> &mut T {
        match kind {
            LoadKind::Dead => &mut self.dead,
            LoadKind::FloorLive => &mut self.floor_live,
            LoadKind::RoofLive => &mut self.roof_live,
            LoadKind::Snow => &mut self.snow,
        }
    }

    /// Every amount, changed alike.
    pub fn map<U>(&self, change: impl Fn(T) -> U) -> ByKind<U> {
        ByKind {
            dead: change(self.dead),
            floor_live: change(self.floor_live),
            roof_live: change(self.roof_live),
            snow: change(self.snow),
        }
    }
}

impl<T: std::ops::Add<Output = T>> std::ops::Add for ByKind<T> {
    type Output = Self;
    fn add(self, other: Self) -> Self {
        Self {
            dead: self.dead + other.dead,
            floor_live: self.floor_live + other.floor_live,
            roof_live: self.roof_live + other.roof_live,
            snow: self.snow + other.snow,
        }
    }
}

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

const fn combination(
    name: &'static str,
    dead: f64,
    floor_live: f64,
    roof_live: f64,
    snow: f64,
    shortest: LoadKind,
) -> Combination {
    Combination {
        name,
        factors: ByKind { dead, floor_live, roof_live, snow },
        duration: load_duration_factor(shortest),
    }
}

/// ASD combinations of vertical loads.
pub const STRENGTH_COMBINATIONS: [Combination; 6] = [
    combination("D", 1.0, 0.0, 0.0, 0.0, LoadKind::Dead),
    combination("D+L", 1.0, 1.0, 0.0, 0.0, LoadKind::FloorLive),
    combination("D+Lr", 1.0, 0.0, 1.0, 0.0, LoadKind::RoofLive),
    combination("D+S", 1.0, 0.0, 0.0, 1.0, LoadKind::Snow),
    combination("D+0.75L+0.75Lr", 1.0, 0.75, 0.75, 0.0, LoadKind::RoofLive),
    combination("D+0.75L+0.75S", 1.0, 0.75, 0.0, 0.75, LoadKind::Snow),
];

/// The same without dead load, for live-load deflection.
pub const LIVE_COMBINATIONS: [Combination; 5] = [
    combination("L", 0.0, 1.0, 0.0, 0.0, LoadKind::FloorLive),
    combination("Lr", 0.0, 0.0, 1.0, 0.0, LoadKind::RoofLive),
    combination("S", 0.0, 0.0, 0.0, 1.0, LoadKind::Snow),
    combination("0.75L+0.75Lr", 0.0, 0.75, 0.75, 0.0, LoadKind::RoofLive),
    combination("0.75L+0.75S", 0.0, 0.75, 0.0, 0.75, LoadKind::Snow),
];

impl Combination {
    /// Whether every kind it names is present. One that is not adds nothing over a simpler combination.
    pub fn applies_to(&self, present: &ByKind<bool>) -> bool {
        let fits = |factor: f64, present: bool| factor <= 0.0 || present;
        fits(self.factors.dead, present.dead)
            && fits(self.factors.floor_live, present.floor_live)
            && fits(self.factors.roof_live, present.roof_live)
            && fits(self.factors.snow, present.snow)
    }

    /// The combined amount.
    pub fn total(&self, amounts: &ByKind<f64>) -> f64 {
        self.factors.dead * amounts.dead
            + self.factors.floor_live * amounts.floor_live
            + self.factors.roof_live * amounts.roof_live
            + self.factors.snow * amounts.snow
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
    fn the_governing_combination_is_the_largest_load_over_its_own_factor() {
        // A heavy parapet: 1055 D + 340 Lr. D alone 1055/0.9 = 1172 beats D+Lr 1395/1.25 = 1116.
        let amounts = ByKind { dead: 1055.0, roof_live: 340.0, ..ByKind::default() };
        let worst = STRENGTH_COMBINATIONS
            .iter()
            .max_by(|a, b| (a.total(&amounts) / a.duration).total_cmp(&(b.total(&amounts) / b.duration)));
        assert_eq!(worst.map(|combination| combination.name), Some("D"));
    }
}
