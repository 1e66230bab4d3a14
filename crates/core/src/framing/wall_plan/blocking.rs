//! Rows of blocking between the uprights of a wall.

use super::super::member::{Member, Rect, Role};
use super::super::opening_plan::OpeningPlan;
use super::framer::Framer;
use crate::measure::Length;

impl Framer<'_> {
    /// A block between every two neighbors that reach the row's height, but for openings, what lies over and under them, and pipes.
    pub(super) fn rows_of_blocking(&mut self, openings: &[OpeningPlan]) {
        let height = self.frame().thickness();
        for middle in &self.frame().framing.blocking {
            let y = *middle - height.half();
            for (left, right) in gaps(&self.members, y, y + height) {
                let rect = Rect { x: left, y, width: right - left, height };
                let in_opening = openings.iter().any(|plan| rect.overlaps(&hole(plan)));
                if !in_opening && self.has_room(&rect) {
                    self.lay(Role::Blocking, None, rect);
                }
            }
        }
    }
}

pub(super) fn hole(plan: &OpeningPlan) -> Rect {
    Rect { x: plan.left(), y: plan.bottom, width: plan.rough.width, height: plan.rough.height }
}

/// The gaps between neighboring uprights that stand all the way from one height to another.
pub(super) fn gaps(members: &[Member], from: Length, to: Length) -> Vec<(Length, Length)> {
    let stands = |member: &&Member| {
        let top = member.rect.top() - member.climb.top.abs();
        member.role.stands() && member.rect.y <= from && to <= top
    };
    let mut uprights: Vec<(Length, Length)> =
        members.iter().filter(stands).map(|member| (member.rect.x, member.rect.right())).collect();
    uprights.sort_unstable();
    uprights.windows(2).map(|pair| (pair[0].1, pair[1].0)).filter(|(left, right)| left < right).collect()
}
