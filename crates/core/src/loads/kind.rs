//! Kinds of load, kept apart to the end.

use crate::say;
use crate::speech::Phrase;

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
    /// L on a deck; never together with [`ByKind::deck_snow`].
    pub deck_live: T,
    /// S on a deck.
    pub deck_snow: T,
}

impl<T: Copy> ByKind<T> {
    /// The amount of one kind.
    pub const fn get(&self, kind: LoadKind) -> T {
        match kind {
            LoadKind::Dead => self.dead,
            LoadKind::FloorLive => self.floor_live,
            LoadKind::RoofLive => self.roof_live,
            LoadKind::Snow => self.snow,
            LoadKind::DeckLive => self.deck_live,
            LoadKind::DeckSnow => self.deck_snow,
        }
    }

    /// The amount of one kind, to change it.
    pub const fn get_mut(&mut self, kind: LoadKind) -> &mut T {
        match kind {
            LoadKind::Dead => &mut self.dead,
            LoadKind::FloorLive => &mut self.floor_live,
            LoadKind::RoofLive => &mut self.roof_live,
            LoadKind::Snow => &mut self.snow,
            LoadKind::DeckLive => &mut self.deck_live,
            LoadKind::DeckSnow => &mut self.deck_snow,
        }
    }

    /// Every amount, changed alike.
    pub fn map<U>(&self, change: impl Fn(T) -> U) -> ByKind<U> {
        ByKind {
            dead: change(self.dead),
            floor_live: change(self.floor_live),
            roof_live: change(self.roof_live),
            snow: change(self.snow),
            deck_live: change(self.deck_live),
            deck_snow: change(self.deck_snow),
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
            deck_live: self.deck_live + other.deck_live,
            deck_snow: self.deck_snow + other.deck_snow,
        }
    }
}
