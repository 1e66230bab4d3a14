//! One section and grade: what is wanted of it, what it can be cut from, and the ways a stick has been filled so far.

use std::collections::BTreeMap;

use super::knapsack::{Fill, Kind};

/// Worth of a length: this many to a cent.
pub(super) const TO_A_CENT: i64 = 1 << 20;

/// Wanted lengths and stock of one section, by length. Every wanted length fits on some stick.
#[derive(Clone, Debug)]
pub(super) struct Section {
    /// What a piece of each length takes up, with the kerf of one cut.
    pub takes: Vec<i64>,
    /// How many of each length are wanted.
    pub wanted: Vec<u32>,
    /// The room of a stick: its length with the kerf that its last piece does not need.
    pub rooms: Vec<i64>,
    /// What a stick costs, cents.
    pub prices: Vec<i64>,
    /// How many there are; never more than there are pieces.
    pub available: Vec<u32>,
}

/// A way to fill a stick.
#[derive(Clone, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub(super) struct Pattern {
    /// Which stick, by its place in the stock.
    pub stick: u16,
    /// What is cut from it.
    pub fill: Fill,
}

/// Every way that was found so far, each once.
#[derive(Clone, Debug, Default)]
pub(super) struct Pool {
    pub patterns: Vec<Pattern>,
    numbers: BTreeMap<Pattern, usize>,
    /// What each length is worth at the root, with how much less than its stick's price a fill may be worth there.
    pub worth: Option<(Vec<i64>, i64)>,
}

impl Pool {
    /// Whether a way can be part of a plan cheaper than the best so far: one that is worth too much less at the root than its stick
    /// costs takes the whole gap with it.
    pub fn may_help(&self, section: &Section, pattern: &Pattern) -> bool {
        self.worth.as_ref().is_none_or(|(worth, gap)| {
            let filled: i64 =
                pattern.fill.iter().map(|(kind, count)| worth[usize::from(*kind)] * i64::from(*count)).sum();
            section.prices[usize::from(pattern.stick)] * TO_A_CENT - filled <= *gap
        })
    }

    /// Its number; it is put in if it is new.
    pub fn number(&mut self, pattern: Pattern) -> usize {
        if let Some(&number) = self.numbers.get(&pattern) {
            return number;
        }
        let number = self.patterns.len();
        self.numbers.insert(pattern.clone(), number);
        self.patterns.push(pattern);
        number
    }
}

impl Section {
    /// The wanted lengths with what one of each is worth.
    pub fn kinds(&self, wanted: &[u32], worth: &[i64]) -> Vec<Kind> {
        let each = self.takes.iter().zip(wanted).zip(worth);
        each.map(|((&takes, &most), &worth)| Kind { takes, most, worth }).collect()
    }

    /// Every length alone on every stick that it fits on: where the relaxation begins.
    pub fn alone(&self) -> impl Iterator<Item = Pattern> + '_ {
        self.takes.iter().enumerate().flat_map(move |(kind, takes)| {
            let fits = move |stick: &usize| *takes <= self.rooms[*stick];
            let sticks = (0..self.rooms.len()).filter(fits);
            sticks.map(move |stick| Pattern { stick: stick as u16, fill: vec![(kind as u16, 1)] })
        })
    }

    /// What some sticks of each length cost.
    pub fn cost(&self, sticks: &[u32]) -> i64 {
        self.prices.iter().zip(sticks).map(|(price, count)| price * i64::from(*count)).sum()
    }
}
