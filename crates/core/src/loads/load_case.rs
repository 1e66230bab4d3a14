//! # Cases of load that come down a house apart
//!
//! **What it does.** Kinds of load are kept apart to the ground, and snow once more: it lies evenly, or the wind has blown it to one
//! side of the ridges. Each of these is in balance by itself, so each is followed by itself, and a member takes the worst of them.
//!
//! **Source.** Kinds: ASCE 7-16 2.4; the wind blows the snow of a gable across its ridge, 7.6.1. From memory.

use super::kind::{ByKind, LoadKind};

/// How the snow lies.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum SnowLies {
    /// Evenly.
    Evenly,
    /// Blown toward the left: roofs with a ridge across the wind carry more on that side, the others as if it lay evenly.
    BlownLeft,
    /// Blown toward the right.
    BlownRight,
    /// Blown toward the viewer.
    BlownNear,
    /// Blown away from the viewer.
    BlownFar,
}

impl SnowLies {
    /// Every way.
    pub const ALL: [Self; 5] = [Self::Evenly, Self::BlownLeft, Self::BlownRight, Self::BlownNear, Self::BlownFar];
}

/// A case that comes down by itself.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum LoadCase {
    /// D.
    Dead,
    /// L on floors.
    FloorLive,
    /// Lr.
    RoofLive,
    /// L on a deck under the open sky.
    DeckLive,
    /// S on a deck under the open sky.
    DeckSnow,
    /// S on roofs.
    Snow(SnowLies),
}

impl LoadCase {
    /// How many there are.
    pub const COUNT: usize = 5 + SnowLies::ALL.len();

    /// Every case, in the order they are kept in.
    pub const ALL: [Self; Self::COUNT] = [
        Self::Dead,
        Self::FloorLive,
        Self::RoofLive,
        Self::DeckLive,
        Self::DeckSnow,
        Self::Snow(SnowLies::Evenly),
        Self::Snow(SnowLies::BlownLeft),
        Self::Snow(SnowLies::BlownRight),
        Self::Snow(SnowLies::BlownNear),
        Self::Snow(SnowLies::BlownFar),
    ];

    /// Its symbol in the working.
    pub const fn symbol(self) -> &'static str {
        match self {
            Self::Dead => "D",
            Self::FloorLive | Self::DeckLive => "L",
            Self::RoofLive => "Lr",
            Self::DeckSnow | Self::Snow(SnowLies::Evenly) => "S",
            Self::Snow(SnowLies::BlownLeft) => "⟨symbol-snow-blown-left⟩",
            Self::Snow(SnowLies::BlownRight) => "⟨symbol-snow-blown-right⟩",
            Self::Snow(SnowLies::BlownNear) => "⟨symbol-snow-blown-near⟩",
            Self::Snow(SnowLies::BlownFar) => "⟨symbol-snow-blown-far⟩",
        }
    }

    const fn place(self) -> usize {
        match self {
            Self::Dead => 0,
            Self::FloorLive => 1,
            Self::RoofLive => 2,
            Self::DeckLive => 3,
            Self::DeckSnow => 4,
            Self::Snow(lies) => 5 + lies as usize,
        }
    }

    /// The cases that make up a load kind where the snow lies in a certain way.
    const fn of(kind: LoadKind, lies: SnowLies) -> Self {
        match kind {
            LoadKind::Dead => Self::Dead,
            LoadKind::FloorLive => Self::FloorLive,
            LoadKind::RoofLive => Self::RoofLive,
            LoadKind::DeckLive => Self::DeckLive,
            LoadKind::DeckSnow => Self::DeckSnow,
            LoadKind::Snow => Self::Snow(lies),
        }
    }
}

/// One number for each case: pounds, pounds per foot or pounds per square foot, as its owner says.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct ByCase([f64; LoadCase::COUNT]);

impl ByCase {
    /// None of any.
    pub const NOTHING: Self = Self([0.0; LoadCase::COUNT]);

    /// The same kinds however the snow lies.
    pub fn even(kinds: &ByKind<f64>) -> Self {
        let mut all = Self::NOTHING;
        for kind in LoadKind::ALL {
            for lies in SnowLies::ALL {
                all.0[LoadCase::of(kind, lies).place()] = kinds[kind];
            }
        }
        all
    }

    /// Dead load only.
    pub const fn dead(amount: f64) -> Self {
        let mut all = [0.0; LoadCase::COUNT];
        all[LoadCase::Dead.place()] = amount;
        Self(all)
    }

    /// What there is of one case.
    pub const fn get(&self, case: LoadCase) -> f64 {
        self.0[case.place()]
    }

    /// The same with another amount of one case.
    #[must_use]
    pub const fn with(mut self, case: LoadCase, amount: f64) -> Self {
        self.0[case.place()] = amount;
        self
    }

    /// By kind, with the snow lying in one way.
    pub fn with_snow(&self, lies: SnowLies) -> ByKind<f64> {
        ByKind::each(LoadKind::ALL.map(|kind| self.get(LoadCase::of(kind, lies))))
    }

    /// By kind, with the most snow that any way of lying brings.
    pub fn most(&self) -> ByKind<f64> {
        let mut most = self.with_snow(SnowLies::Evenly);
        let snow = SnowLies::ALL.map(|lies| self.get(LoadCase::Snow(lies)));
        most[LoadKind::Snow] = snow.into_iter().fold(f64::NEG_INFINITY, f64::max);
        most
    }

    /// What comes and goes lifts nothing off a member: it is not there when the rest is. What the building weighs does.
    #[must_use]
    pub fn without_lift(&self) -> Self {
        LoadCase::ALL.into_iter().fold(*self, |all, case| match case {
            LoadCase::Dead => all,
            case => all.with(case, all.get(case).max(0.0)),
        })
    }

    /// So many times as much.
    #[must_use]
    pub fn times(&self, factor: f64) -> Self {
        Self(self.0.map(|amount| amount * factor))
    }

    /// Whether there is none of any case, but for what arithmetic leaves over.
    pub fn is_nothing(&self) -> bool {
        self.0.iter().all(|amount| amount.abs() < LEFT_OVER)
    }

    /// Adds so many times another.
    pub fn add(&mut self, times: f64, other: &Self) {
        self.0.iter_mut().zip(other.0).for_each(|(sum, more)| *sum += times * more);
    }
}

/// What arithmetic leaves over of nothing: far under what anybody applies.
const LEFT_OVER: f64 = 1e-9;

impl std::ops::Add for ByCase {
    type Output = Self;
    fn add(mut self, other: Self) -> Self {
        Self::add(&mut self, 1.0, &other);
        self
    }
}

impl std::iter::Sum for ByCase {
    fn sum<I: Iterator<Item = Self>>(all: I) -> Self {
        all.fold(Self::NOTHING, |sum, next| sum + next)
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_case_has_a_place_of_its_own() {
        for (place, case) in LoadCase::ALL.into_iter().enumerate() {
            assert_eq!(case.place(), place, "{case:?}");
        }
    }

    #[test]
    fn a_member_takes_the_worst_way_the_snow_lies() {
        let even = ByCase::even(&ByKind::of([(LoadKind::Dead, 10.0), (LoadKind::Snow, 300.0)]));
        let blown = even.with(LoadCase::Snow(SnowLies::BlownLeft), 340.0);
        assert!((blown.most()[LoadKind::Snow] - 340.0).abs() < 1e-12);
        assert!((blown.with_snow(SnowLies::BlownRight)[LoadKind::Snow] - 300.0).abs() < 1e-12);
        assert!((blown.times(2.0).get(LoadCase::Dead) - 20.0).abs() < 1e-12);
        assert!(ByCase::NOTHING.is_nothing() && !blown.is_nothing());
    }
}
