//! Blocks between ceiling joists that run along a wall, for its top plate.
//!
//! **Source.** Common practice, no source: flat, flush with the joists' undersides, at both ends and at most so far apart as is said.

use super::super::member::{Member, Rect, Role, Stock};
use super::framer::Framer;
use crate::job::CeilingOver;
use crate::measure::Length;

impl Framer<'_> {
    /// Flat blocks on the upper plates, seen from their ends, as long as the joists stand apart; none over plates that are let down, or that climb.
    pub(super) fn ceiling_blocks(&mut self) {
        let frame = self.frame();
        let CeilingOver::JoistsAlong { clear, every } = frame.framing.ceiling else { return };
        let (wide, thick) = (frame.depth(), frame.thickness());
        let room = frame.length - wide;
        if frame.rake().is_some() || room < Length::ZERO {
            return;
        }
        let spaces = (room.nanometers() + every.nanometers() - 1) / every.nanometers();
        for block in 0..=spaces {
            let x = if spaces == 0 { Length::ZERO } else { room * block / spaces };
            let rect = Rect { x, y: frame.height(), width: wide, height: thick };
            let let_down = frame.framing.let_downs.iter().any(|each| each.from < rect.right() && x < each.to);
            if !let_down && !self.is_filled(&rect) {
                let stock = Stock::of_studs(frame);
                self.members.push(Member { cut: clear, ..Member::new(Role::CeilingBlock, None, rect, stock) });
            }
        }
    }
}
