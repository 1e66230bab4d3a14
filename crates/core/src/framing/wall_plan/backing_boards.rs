//! Boards and blocks between the studs that something is fastened to, flat to the wall's face.

use super::super::member::{Member, Rect, Role, Stock};
use super::super::opening_plan::OpeningPlan;
use super::blocking::{gaps, hole};
use super::framer::Framer;
use crate::measure::Length;

impl Framer<'_> {
    /// A block in every bay that the stretch reaches into, from stud to stud, but for openings, what lies over and under them, and pipes.
    pub(super) fn backing_boards(&mut self, openings: &[OpeningPlan]) {
        for board in &self.frame().framing.boards {
            let height = self.frame().sawn.depth(board.board);
            let y = board.height - height.half();
            let stock = Stock::as_wide_as(self.frame(), board.board);
            for (left, right) in gaps(&self.members, y, y + height) {
                let rect = Rect { x: left, y, width: right - left, height };
                let reaches = board.from < right && left < board.to;
                let in_opening = openings.iter().any(|plan| rect.overlaps(&hole(plan)));
                if reaches && !in_opening && self.has_room(&rect) {
                    self.members.push(Member::new(Role::BackingBlock, None, rect, stock.clone()));
                }
            }
        }
    }
}

/// Whether a block of it stands in a wall.
pub(super) fn is_held(members: &[Member], from: Length, to: Length, y: Length) -> bool {
    let of_it = |member: &&Member| {
        member.role == Role::BackingBlock && member.rect.y == y && from < member.rect.right() && member.rect.x < to
    };
    members.iter().any(|member| of_it(&member))
}
