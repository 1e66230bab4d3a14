//! # Cut lists
//!
//! **What it does.** Puts the pieces of a wall, a storey or a house together as they are cut: by what they are cut from, equal lengths
//! and bevels together, the longest first. Each line is one setting of the saw's stop.
//!
//! **Source.** Common practice, no source: equal lengths stand together and are cut longest first.

use std::cmp::Reverse;
use std::collections::BTreeMap;

use super::pieces::{CutPiece, Section};
use crate::framing::member::{Bevel, Minded, Stock};
use crate::measure::Length;

/// Pieces that are cut at one setting of the stop.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Setting {
    /// What they are cut to.
    pub length: Length,
    /// How their ends are cut where they are not square.
    pub bevel: Option<Bevel>,
    /// What has to be minded with them.
    pub minded: Minded,
    /// The pieces, by their places in what was given.
    pub pieces: Vec<usize>,
}

/// Everything that is cut from one section and grade.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct SectionList {
    /// From what.
    pub section: Section,
    /// What a foot of it is.
    pub stock: Stock,
    /// Its settings, the longest first.
    pub settings: Vec<Setting>,
}

/// The cut list of some pieces.
pub fn cut_list<'a>(pieces: impl IntoIterator<Item = (usize, &'a CutPiece)>) -> Vec<SectionList> {
    type Key = (Reverse<Length>, Option<Bevel>, bool);
    let mut sections: BTreeMap<Section, (Stock, BTreeMap<Key, Setting>)> = BTreeMap::new();
    for (place, piece) in pieces {
        let minded = piece.stock.minded;
        let key = (Reverse(piece.length), piece.bevel, minded == Minded::TopUp);
        let empty = || Setting { length: piece.length, bevel: piece.bevel, minded, pieces: Vec::new() };
        let of_it = sections.entry(piece.section()).or_insert_with(|| (piece.stock.clone(), BTreeMap::new()));
        of_it.1.entry(key).or_insert_with(empty).pieces.push(place);
    }
    let list = |(section, (stock, settings)): (Section, (Stock, BTreeMap<Key, Setting>))| SectionList {
        section,
        stock,
        settings: settings.into_values().collect(),
    };
    sections.into_iter().map(list).collect()
}
