//! # Steps of the top plates
//!
//! **What it does.** Where the top plates are let down under a duct or a beam, a stud stands at either side of each step: the one outside as long as the wall's,
//! under the ends of the upper plates, which the ends of the lower ones butt and are nailed to; the other under the lower plates. Where it stands alone,
//! a flat block ties the end of the upper plates to the next stud.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** A flat plate of 41 in. let down over an opening of 38 in.: 38 + 2 · 1 1/2, between doubled studs.

use super::super::member::{Member, PlatesMarked, Rect, Role};
use super::super::opening_plan::OpeningPlan;
use super::framer::{Framer, Top};
use crate::measure::Length;

/// A neighbor nearer than this is nailed to as it is.
const SHORTEST_BLOCK: Length = Length::inches(3);

impl Framer<'_> {
    /// The studs at both sides of each step. A king that stands there serves.
    pub(super) fn step_studs(&mut self, openings: &[OpeningPlan]) {
        let stud = self.frame().thickness();
        for (at, _) in self.frame().steps() {
            for x in [at - stud, at] {
                if self.is_clear(x, stud, openings) {
                    self.upright(Role::StepStud, None, x, stud, Top::Plates);
                }
            }
        }
    }

    /// The blocks under the ends of the upper plates, from the step's stud to its neighbor.
    pub(super) fn plate_end_blocks(&mut self) {
        let frame = self.frame();
        let (stud, under) = (frame.thickness(), frame.height() - frame.thickness() * 2);
        for (at, lower_to_the_right) in frame.steps() {
            let x = if lower_to_the_right { at - stud } else { at };
            let is_tall = |member: &&Member| {
                member.meets.is_some_and(PlatesMarked::top) && member.rect.y == stud && member.rect.top() == under
            };
            let stands = |member: &&Member| member.role == Role::StepStud && member.rect.x == x;
            if !self.members.iter().any(|member| stands(&member)) {
                continue;
            }
            let tall = self.members.iter().filter(is_tall);
            let next = if lower_to_the_right {
                tall.map(|member| member.rect.right()).filter(|right| *right <= x).max().map(|right| (right, x))
            } else {
                tall.map(|member| member.rect.x).filter(|left| x + stud <= *left).min().map(|left| (x + stud, left))
            };
            let Some((from, to)) = next.filter(|(from, to)| SHORTEST_BLOCK <= *to - *from) else { continue };
            let rect = Rect { x: from, y: under - stud, width: to - from, height: stud };
            let crossed = frame.steps().iter().any(|(step, _)| from < *step && *step < to);
            if !crossed && self.has_room(&rect) {
                self.lay(Role::PlateEndBlock, None, rect);
            }
        }
    }
}
