//! # Cut this next
//!
//! **What it does.** Says which piece is cut from which stick: stick by stick as the plan has them, each piece of the cut list once. Equal
//! lengths go out in the list's order, so that what one wall gets is cut one after the other.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** Four pieces of 88 in. and two of 40 in. from sticks of 12 ft: the first two sticks each give one of either, the first
//! the list's first of both; the third and the fourth stick give the rest.

use std::collections::{BTreeMap, VecDeque};

use super::lists::SectionList;
use super::sticks::StickPlan;
use crate::measure::Length;

/// Of each of a plan's lines of sticks, of each stick that is cut so, the pieces by their places in what was listed, as its cuts lie.
/// A plan of this list has no length more often than the list.
pub fn pieces_on_sticks(list: &SectionList, plan: &StickPlan) -> Vec<Vec<Vec<usize>>> {
    let mut waiting: BTreeMap<Length, VecDeque<usize>> = BTreeMap::new();
    for setting in &list.settings {
        waiting.entry(setting.length).or_default().extend(&setting.pieces);
    }
    let mut next = |length: &Length| waiting.get_mut(length).and_then(VecDeque::pop_front);
    plan.sticks
        .iter()
        .map(|line| (0..line.count).map(|_| line.cuts.iter().filter_map(&mut next).collect()).collect())
        .collect()
}
