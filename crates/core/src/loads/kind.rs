//! Kinds of load, kept apart to the end.

use crate::say;
use crate::speech::{Argument, Phrase};

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
    /// L on a deck under the open sky: nobody stands there while the snow lies on it.
    DeckLive,
    /// S on a deck under the open sky.
    DeckSnow,
}

impl LoadKind {
    /// Every kind, in the order of the codes.
    pub const ALL: [Self; 6] =
        [Self::Dead, Self::FloorLive, Self::RoofLive, Self::Snow, Self::DeckLive, Self::DeckSnow];

    /// The kinds that a load at one place is given in.
    pub const TYPED: [Self; 4] = [Self::Dead, Self::FloorLive, Self::RoofLive, Self::Snow];

    /// The codes' symbol.
    pub const fn symbol(self) -> &'static str {
        match self {
            Self::Dead => "D",
            Self::FloorLive | Self::DeckLive => "L",
            Self::RoofLive => "Lr",
            Self::Snow | Self::DeckSnow => "S",
        }
    }

    /// The name in words.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Dead => say!("kind-dead"),
            Self::FloorLive => say!("kind-floor-live"),
            Self::RoofLive => say!("kind-roof-live"),
            Self::Snow => say!("kind-snow"),
            Self::DeckLive => say!("kind-deck-live"),
            Self::DeckSnow => say!("kind-deck-snow"),
        }
    }
}

/// One amount for each kind of load. What lies on a deck, people or snow, is never there together.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct ByKind<T>([T; LoadKind::ALL.len()]);

impl<T: Copy> ByKind<T> {
    /// Of every kind, in the order of [`LoadKind::ALL`].
    pub const fn each(amounts: [T; LoadKind::ALL.len()]) -> Self {
        Self(amounts)
    }

    /// The amount of one kind.
    pub const fn get(&self, kind: LoadKind) -> T {
        self.0[kind as usize]
    }

    /// The amount of one kind, to change it.
    pub const fn get_mut(&mut self, kind: LoadKind) -> &mut T {
        &mut self.0[kind as usize]
    }

    /// Every amount, changed alike.
    pub fn map<U>(&self, change: impl Fn(T) -> U) -> ByKind<U> {
        ByKind(self.0.map(change))
    }
}

impl<T: Copy + Default> ByKind<T> {
    /// Of these kinds, and none of the others.
    pub fn of<const KINDS: usize>(amounts: [(LoadKind, T); KINDS]) -> Self {
        let mut by_kind = Self::default();
        for (kind, amount) in amounts {
            by_kind[kind] = amount;
        }
        by_kind
    }
}

impl ByKind<f64> {
    /// Every amount times its factor, summed in the order of the kinds.
    pub fn weighed_by(&self, factors: &Self) -> f64 {
        let [mut sum, ref rest @ ..] = self.0;
        sum *= factors.0[0];
        for (amount, factor) in rest.iter().zip(&factors.0[1..]) {
            sum += factor * amount;
        }
        sum
    }
}

impl<T: Copy + Default + PartialEq + Into<Argument>> ByKind<T> {
    /// What there is of each kind, with the codes' symbol: `195 lb/ft D, 503 lb/ft S`.
    pub fn said(&self) -> Vec<Phrase> {
        let there = LoadKind::ALL.into_iter().filter(|kind| self[*kind] != T::default());
        there.map(|kind| say!("amount-of-kind", amount = self[kind], kind = kind.symbol())).collect()
    }
}

impl<T> std::ops::Index<LoadKind> for ByKind<T> {
    type Output = T;
    fn index(&self, kind: LoadKind) -> &T {
        &self.0[kind as usize]
    }
}

impl<T> std::ops::IndexMut<LoadKind> for ByKind<T> {
    fn index_mut(&mut self, kind: LoadKind) -> &mut T {
        &mut self.0[kind as usize]
    }
}

impl<T: Copy + std::ops::Add<Output = T>> std::ops::Add for ByKind<T> {
    type Output = Self;
    fn add(mut self, other: Self) -> Self {
        for (sum, more) in self.0.iter_mut().zip(other.0) {
            *sum = *sum + more;
        }
        self
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_kind_has_its_own_place() {
        let amounts = ByKind::each([1, 2, 3, 4, 5, 6]);
        let read: Vec<i32> = LoadKind::ALL.into_iter().map(|kind| amounts[kind]).collect();
        assert_eq!(read, [1, 2, 3, 4, 5, 6]);
        let sum = amounts + ByKind::of([(LoadKind::Snow, 10)]);
        assert_eq!((sum.get(LoadKind::Snow), sum.get(LoadKind::DeckSnow)), (14, 6));
    }
}
