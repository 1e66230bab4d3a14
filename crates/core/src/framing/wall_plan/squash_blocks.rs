//! Squash blocks on a wall's top plates, through the floor that lies on it.

use super::super::member::{Rect, Role};
use super::super::solid_floor::SolidFloor;
use super::framer::{Framer, Top};
use crate::measure::Length;

impl Framer<'_> {
    /// As many blocks as what presses is wide, as long as the joists are deep, where they stand beside one another.
    pub(super) fn squash_blocks(&mut self, solid: &[SolidFloor]) {
        let (frame, thickness) = (self.frame(), self.frame().thickness());
        for floor in solid {
            let (Some(wide), Some(joists)) = (floor.wide, floor.joists) else { continue };
            let start = (floor.at - wide.half()).max(Length::ZERO).min(frame.length - wide);
            let blocks = wide.nanometers() / thickness.nanometers();
            let tops = frame.top_lines();
            let level = tops.iter().all(|[(_, left), (_, right)]| (*left, *right) == (frame.height(), frame.height()));
            for x in (0..blocks).map(|block| start + thickness * block).filter(|_| level) {
                let (y, height) = (frame.height(), joists);
                if !self.is_filled(&Rect { x, y, width: thickness, height }) {
                    self.stand(Role::SquashBlock, None, (x, thickness), (y, Top::At(y + height)));
                }
            }
        }
    }
}
