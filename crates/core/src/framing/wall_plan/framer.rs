//! Puts members into a wall: what lies flat and what stands, up to a height or up to the plates, which may climb.

use super::super::member::PlatesMarked;
use super::super::member::{Bevel, Climb, Member, Rect, Role, Stock};
use super::super::opening_plan::OpeningPlan;
use super::super::panel_joints::Joint;
use crate::job::{ClearFor, KeptClear, OpeningId, Wall, WallFrame};
use crate::measure::{End, Length};

/// Frames one wall.
pub(super) struct Framer<'a> {
    pub(super) wall: &'a Wall,
    pub(super) members: Vec<Member>,
    /// What studs and plates are cut from: written once, not for every member.
    stud_stock: Stock,
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
        Self { wall, members: Vec::new(), stud_stock: Stock::of_studs(&wall.frame) }
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
                let (left, right) = (frame.under_plates_from(x), frame.under_plates_at(x + width));
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
        Length::ZERO <= x
            && right <= frame.length
            && !is_taken(x, right, openings)
            && !self.is_filled(&rect)
            && self.kept_clear_of(x, right).is_none()
    }

    /// Whether a member is in this place under the plates. Climbing plates have large boxes and are never in it.
    pub(super) fn is_filled(&self, rect: &Rect) -> bool {
        self.members.iter().any(|member| member.rect.overlaps(rect) && !member.role.is_top_plate())
    }

    /// Studs of the blank wall that no opening, pack or point load has taken the place of.
    pub(super) fn layout_studs(&mut self, openings: &[OpeningPlan], layout: &[Length]) {
        let frame = self.frame();
        let (thickness, bottom) = (frame.thickness(), frame.thickness());
        let mut in_the_way = Vec::new();
        for x in layout {
            let height = frame.lowest_under_plates(*x, *x + thickness) - bottom;
            let rect = Rect { x: *x, y: bottom, width: thickness, height };
            let taken =
                |member: &Member| (member.role.stands() || member.role == Role::Header) && member.rect.overlaps(&rect);
            if is_taken(*x, rect.right(), openings) || self.members.iter().any(taken) {
                continue;
            }
            match self.kept_clear_of(*x, rect.right()) {
                None => self.upright(Role::Stud, None, *x, bottom, Top::Plates),
                Some(edges) => in_the_way.push((edges, *x)),
            }
        }
        for (edges, wanted) in in_the_way {
            self.beside(edges, wanted, openings);
        }
        self.close_gaps(openings);
    }

    /// The studs that joints of panels add.
    pub(super) fn end_studs(&mut self, joints: &[Joint]) {
        let bottom = self.frame().thickness();
        for (_, stud) in joints.iter().filter_map(|joint| joint.added.as_ref()) {
            self.upright(Role::Stud, None, stud.rect.x, bottom, Top::Plates);
        }
    }

    /// Whether a stud of the layout can run up to a height: nothing stands there, and nothing goes through.
    pub(super) fn is_clear_under(&self, x: Length, under: Length) -> bool {
        let (width, y) = (self.frame().thickness(), self.frame().thickness());
        let rect = Rect { x, y, width, height: under - y };
        y < under && !self.is_filled(&rect) && self.kept_clear_of(x, x + width).is_none()
    }

    /// Whether a block has room between two studs: no pipe goes through, and the plates between them are not let down to it.
    pub(super) fn has_room(&self, block: &Rect) -> bool {
        let under = self.frame().lowest_under_plates(block.x, block.right());
        block.top() <= under && !self.is_filled(block) && !self.is_piped(block.x, block.right())
    }

    /// Whether a pipe goes through this stretch: no block stands in it.
    fn is_piped(&self, from: Length, to: Length) -> bool {
        let pipes = self.frame().framing.kept_clear.iter().filter(|each| each.for_ == ClearFor::Pipe);
        pipes.map(KeptClear::edges).any(|(left, right)| left < to && from < right)
    }

    /// The stretch that studs keep clear of and this one would stand in.
    fn kept_clear_of(&self, from: Length, to: Length) -> Option<(Length, Length)> {
        self.frame().clear_stretches().into_iter().find(|(left, right)| *left < to && from < *right)
    }

    /// A stud of the layout that would stand in a pipe stands beside it, on the nearer side; on the other, too, where the gap would be wider than the
    /// layout.
    fn beside(&mut self, (left, right): (Length, Length), wanted: Length, openings: &[OpeningPlan]) {
        let (stud, bottom) = (self.frame().thickness(), self.frame().thickness());
        let to_the_left = wanted + stud.half() <= (left + right).half();
        let sides = if to_the_left { [left - stud, right] } else { [right, left - stud] };
        let mut placed = false;
        for x in sides {
            let wide = || self.frame().spacing < self.gap_around((left + right).half());
            if (!placed || wide()) && self.is_clear(x, stud, openings) {
                self.upright(Role::Stud, None, x, bottom, Top::Plates);
                placed = true;
            }
        }
    }

    /// How wide the gap between the full studs on either side of a place is.
    fn gap_around(&self, at: Length) -> Length {
        let full = |member: &&Member| member.meets == Some(PlatesMarked::Both);
        let standing = || self.members.iter().filter(full);
        let before = standing().map(|member| member.rect.right()).filter(|right| *right <= at).max();
        let after = standing().map(|member| member.rect.x).filter(|left| at <= *left).min();
        after.unwrap_or(self.frame().length) - before.unwrap_or(Length::ZERO)
    }

    /// Where packs, corners and channels took the place of the layout's studs on both sides, a gap can be left that is wider than
    /// the layout: a stud goes in its middle, or beside what is kept clear there.
    fn close_gaps(&mut self, openings: &[OpeningPlan]) {
        while let Some(x) = self.missing_stud(openings) {
            self.upright(Role::Stud, None, x, self.frame().thickness(), Top::Plates);
        }
    }

    /// Where the next stud closes a gap: of the places that are clear the one that leaves the narrowest.
    fn missing_stud(&self, openings: &[OpeningPlan]) -> Option<Length> {
        let (stud, spacing) = (self.frame().thickness(), self.frame().spacing);
        let full = |member: &&Member| member.meets == Some(PlatesMarked::Both);
        let mut standing: Vec<(Length, Length)> =
            self.members.iter().filter(full).map(|member| (member.rect.x, member.rect.right())).collect();
        standing.sort_unstable();
        let gaps = standing.windows(2).map(|pair| (pair[0].1, pair[1].0)).filter(|(from, to)| spacing < *to - *from);
        gaps.into_iter().find_map(|(from, to)| {
            let middle = (from + to - stud).half();
            let beside = self.kept_clear_of(middle, middle + stud).map(|(left, right)| [left - stud, right]);
            let places = std::iter::once(middle).chain(beside.into_iter().flatten());
            let clear = places.filter(|x| from <= *x && *x + stud <= to && self.is_clear(*x, stud, openings));
            clear.min_by_key(|x| (*x - from).max(to - *x - stud))
        })
    }
}

/// Whether an opening or one of its packs takes any of this stretch.
pub(super) fn is_taken(from: Length, to: Length, openings: &[OpeningPlan]) -> bool {
    openings.iter().any(|plan| from < plan.pack_edge(End::Right) && plan.pack_edge(End::Left) < to)
}
