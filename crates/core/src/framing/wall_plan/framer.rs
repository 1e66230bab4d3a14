//! Puts members into a wall: what lies flat and what stands, up to a height or up to the plates, which may climb.

use std::sync::Arc;

use super::super::member::PlatesMarked;
use super::super::member::{Bevel, Climb, Member, Rect, Role};
use super::super::opening_plan::OpeningPlan;
use crate::job::{OpeningId, Wall, WallFrame};
use crate::measure::{End, Length};

/// Frames one wall.
pub(super) struct Framer<'a> {
    pub(super) wall: &'a Wall,
    pub(super) members: Vec<Member>,
    /// What studs and plates are cut from: written once, not for every member.
    stud_stock: Arc<str>,
}

/// Where an upright ends.
#[derive(Clone, Copy, PartialEq, Eq)]
pub(super) enum Top {
    /// At this height.
    At(Length),
    /// Under the top plates.
    Plates,
}

impl<'a> Framer<'a> {
    pub(super) fn new(wall: &'a Wall) -> Self {
        Self { wall, members: Vec::new(), stud_stock: wall.frame.stud_stock().into() }
    }

    pub(super) const fn frame(&self) -> &'a WallFrame {
        &self.wall.frame
    }

    /// A square piece of the wall's own stock.
    pub(super) fn lay(&mut self, role: Role, opening: Option<OpeningId>, rect: Rect) {
        self.members.push(Member::new(role, opening, rect, self.stud_stock.clone()));
    }

    /// An upright of one stud's thickness; nothing if it has no height.
    pub(super) fn upright(&mut self, role: Role, opening: Option<OpeningId>, x: Length, from: Length, to: Top) {
        self.stand(role, opening, (x, self.frame().thickness()), (from, to));
    }

    /// An upright of any width; nothing if it has no height.
    pub(super) fn stand(
        &mut self,
        role: Role,
        opening: Option<OpeningId>,
        (x, width): (Length, Length),
        (from, to): (Length, Top),
    ) {
        let frame = self.frame();
        let (left, right) = match to {
            Top::At(height) => (height, height),
            Top::Plates => {
                let (left, right) = (frame.under_plates_at(x), frame.under_plates_at(x + width));
                let lowest = frame.lowest_under_plates(x, x + width);
                // Under a peak it is cut square, where the lower side ends; so is everything under plates that do not climb.
                let square = frame.rake().is_none() || frame.peak_between(x, x + width);
                if square { (lowest, lowest) } else { (left, right) }
            }
        };
        if left.min(right) <= from {
            return;
        }
        let rect = Rect { x, y: from, width, height: left.max(right) - from };
        let climb = Climb { bottom: Length::ZERO, top: right - left };
        let bevel = (climb.top != Length::ZERO).then(|| Bevel { drop: climb.top.abs(), over: width });
        let meets = PlatesMarked::of(from == frame.thickness(), to == Top::Plates);
        self.members.push(Member { climb, bevel, meets, ..Member::new(role, opening, rect, self.stud_stock.clone()) });
    }

    /// Whether full-height uprights can stand on this stretch: no opening or pack and no other member is there.
    pub(super) fn is_clear(&self, x: Length, width: Length, openings: &[OpeningPlan]) -> bool {
        let frame = self.frame();
        let right = x + width;
        let bottom = frame.thickness();
        let rect = Rect { x, y: bottom, width, height: frame.lowest_under_plates(x, right) - bottom };
        Length::ZERO <= x && right <= frame.length && !is_taken(x, right, openings) && !self.is_filled(&rect)
    }

    /// Whether a member is in this place under the plates. Climbing plates have large boxes and are never in it.
    pub(super) fn is_filled(&self, rect: &Rect) -> bool {
        self.members.iter().any(|member| member.rect.overlaps(rect) && !member.role.is_top_plate())
    }

    /// Studs of the blank wall that no opening, pack or point load has taken the place of.
    pub(super) fn layout_studs(&mut self, openings: &[OpeningPlan], layout: &[Length]) {
        let frame = self.frame();
        let (thickness, bottom) = (frame.thickness(), frame.thickness());
        for x in layout {
            let height = frame.lowest_under_plates(*x, *x + thickness) - bottom;
            let rect = Rect { x: *x, y: bottom, width: thickness, height };
            let taken =
                |member: &Member| (member.role.stands() || member.role == Role::Header) && member.rect.overlaps(&rect);
            if !is_taken(*x, rect.right(), openings) && !self.members.iter().any(taken) {
                self.upright(Role::Stud, None, *x, bottom, Top::Plates);
            }
        }
        self.close_gaps(openings);
    }

    /// Where packs, corners and channels took the place of the layout's studs on both sides, a gap can be left that is wider than
    /// the layout: a stud goes in its middle.
    fn close_gaps(&mut self, openings: &[OpeningPlan]) {
        let (thickness, spacing) = (self.frame().thickness(), self.frame().spacing);
        let full = |member: &&Member| member.meets == Some(PlatesMarked::Both);
        let mut standing: Vec<(Length, Length)> =
            self.members.iter().filter(full).map(|member| (member.rect.x, member.rect.right())).collect();
        standing.sort_unstable();
        for pair in standing.windows(2) {
            let ((_, from), (to, _)) = (pair[0], pair[1]);
            let x = (from + to - thickness).half();
            if spacing < to - from && self.is_clear(x, thickness, openings) {
                self.upright(Role::Stud, None, x, thickness, Top::Plates);
            }
        }
    }
}

/// Whether an opening or one of its packs takes any of this stretch.
pub(super) fn is_taken(from: Length, to: Length, openings: &[OpeningPlan]) -> bool {
    openings.iter().any(|plan| from < plan.pack_edge(End::Right) && plan.pack_edge(End::Left) < to)
}
