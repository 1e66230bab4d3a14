//! Where an opening wants to stand: places worth stopping at while it is dragged along the tape.

use super::layout::stud_positions_from;
use super::opening_plan::OpeningPlan;
use crate::job::{TWO_BY, Wall};
use crate::measure::{End, Length};

/// Why a place is worth stopping at.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum SnapKind {
    /// In the middle of the wall.
    WallCenter,
    /// Midway between its neighbors' packs, or a neighbor and the wall's end.
    EqualGaps,
    /// The left king stands on a layout stud, which saves that stud.
    LeftKingOnLayout,
    /// The right king stands on a layout stud.
    RightKingOnLayout,
}

/// A place worth stopping at.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Snap {
    /// Where the opening's center would be.
    pub center: Length,
    /// Why.
    pub kind: SnapKind,
}

/// The places for one opening among the plans of its wall, from left to right.
pub fn snaps(plan: &OpeningPlan, others: &[OpeningPlan], wall: &Wall) -> Vec<Snap> {
    let length = wall.frame.length;
    let to_left = plan.design.center - plan.pack_edge(End::Left);
    let to_right = plan.pack_edge(End::Right) - plan.design.center;
    let mut snaps = vec![Snap { center: length.half(), kind: SnapKind::WallCenter }];
    let others = || others.iter().filter(|other| other.id != plan.id);
    let left_of = others().map(|other| other.pack_edge(End::Right)).filter(|edge| *edge <= plan.design.center).max();
    let right_of = others().map(|other| other.pack_edge(End::Left)).filter(|edge| plan.design.center <= *edge).min();
    let (from, to) = (left_of.unwrap_or(Length::ZERO), right_of.unwrap_or(length));
    snaps.push(Snap { center: from + (to - from - to_left - to_right).half() + to_left, kind: SnapKind::EqualGaps });
    for stud in stud_positions_from(wall.frame.framing.layout_from, length, wall.frame.spacing) {
        snaps.push(Snap { center: stud + to_left, kind: SnapKind::LeftKingOnLayout });
        snaps.push(Snap { center: stud + TWO_BY - to_right, kind: SnapKind::RightKingOnLayout });
    }
    snaps.retain(|snap| to_left <= snap.center && snap.center + to_right <= length);
    snaps.sort_by_key(|snap| (snap.center, snap.kind));
    snaps
}
