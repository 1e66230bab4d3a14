//! What lies over and under an opening: header, nailer, packing, flat head, sill, cripples, and the pieces between two studs of
//! the layout where nothing is cut.

use super::super::member::{Bevel, Member, Minded, Rect, Role, Stock};
use super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::super::stack::SHORTEST_CRIPPLE;
use super::super::stack::{StackLine, StackPart};
use super::framer::{Framer, Top};
use crate::job::SillStyle;
use crate::measure::Length;

impl Framer<'_> {
    /// The layers of the stack over the opening that lie flat: header, nailer, packing.
    pub(super) fn bridging(&mut self, plan: &OpeningPlan) {
        if matches!(plan.outcome, OpeningOutcome::InBay(_)) {
            return;
        }
        let stud = plan.stud;
        let over_jacks = plan.left() - stud * i64::from(plan.jacks.left);
        let on_jacks = plan.rough.width + stud * i64::from(plan.jacks.left + plan.jacks.right);
        for line in &plan.stack.lines {
            let (role, x, width) = match line.what {
                StackPart::Header => (Role::Header, plan.header_left(), plan.header_length()),
                StackPart::FlatHead => (Role::FlatHead, over_jacks, on_jacks),
                StackPart::Nailer => (Role::Nailer, over_jacks, on_jacks),
                // What packs the head down comes with the cutting out.
                StackPart::HeadPiece | StackPart::PackingStrip if plan.design.cut_out_later => continue,
                StackPart::HeadPiece => (Role::HeadPacking, plan.left(), plan.rough.width),
                StackPart::PackingStrip if strip_is_under_head_piece(plan, line) => {
                    (Role::HeadPacking, plan.left(), plan.rough.width)
                }
                _ => continue,
            };
            if line.height <= Length::ZERO {
                continue;
            }
            let (stock, plies) = match (role, plan.header()) {
                (Role::Header, Some(header)) => {
                    let minded = if header.board.way_up().is_some() { Minded::TopUp } else { Minded::Nothing };
                    (Stock { minded, ..header.board.into() }, header.plies)
                }
                _ => (Stock::of_studs(self.frame()), 1),
            };
            let rect = Rect { x, y: line.from, width, height: line.height };
            self.members.push(Member { plies, ..Member::new(role, Some(plan.id), rect, stock) });
        }
    }

    pub(super) fn sill(&mut self, plan: &OpeningPlan) {
        let (x, width) = match plan.outcome {
            // Without a number nothing of it is drawn but its hole; one that is cut out later has no sill yet.
            OpeningOutcome::Outside(_) => return,
            _ if plan.design.cut_out_later => return,
            OpeningOutcome::InBay(bay) => (bay.left, bay.right - bay.left),
            _ => (plan.left(), plan.rough.width),
        };
        let Some(line) = plan.stack.part(StackPart::Sill) else { return };
        let pieces = match plan.design.sill_style {
            SillStyle::Double if plan.stud < line.height => vec![line.height - plan.stud, plan.stud],
            _ => vec![line.height],
        };
        let mut y = line.from;
        for height in pieces {
            self.lay(Role::Sill, Some(plan.id), Rect { x, y, width, height });
            y += height;
        }
    }

    pub(super) fn cripples(&mut self, plan: &OpeningPlan, layout: &[Length]) {
        if matches!(plan.outcome, OpeningOutcome::Outside(_)) {
            return;
        }
        let bridged = (plan.header_left(), plan.header_left() + plan.header_length());
        let opening = (plan.left(), plan.right());
        for line in &plan.stack.lines {
            let (role, (from, to), top) = match line.what {
                StackPart::CrippleBelow | StackPart::PackingCripple if plan.design.cut_out_later => continue,
                StackPart::CrippleBelow => (Role::CrippleBelow, opening, Top::At(line.from + line.height)),
                StackPart::PackingCripple => (Role::CrippleAbove, opening, Top::At(line.from + line.height)),
                StackPart::CrippleAbove => (Role::CrippleAbove, bridged, Top::Plates),
                _ => continue,
            };
            let shortest = match top {
                Top::At(_) => line.height,
                Top::Plates => self.frame().lowest_under_plates(from, to) - line.from,
            };
            if shortest < SHORTEST_CRIPPLE {
                continue;
            }
            let first = self.members.len();
            for x in cripple_positions((from, to), layout, (plan.stud, self.frame().spacing)) {
                self.upright(role, Some(plan.id), x, line.from, top);
            }
            if let (Role::CrippleBelow, SillStyle::Sloped(drop)) = (role, plan.design.sill_style) {
                let bevel = Bevel { drop, over: self.frame().depth() };
                self.members[first..].iter_mut().for_each(|cripple| cripple.bevel = Some(bevel));
            }
        }
    }

    /// Head and fillers of an opening between two studs of the layout.
    pub(super) fn in_bay(&mut self, plan: &OpeningPlan) {
        let OpeningOutcome::InBay(bay) = plan.outcome else { return };
        if plan.design.cut_out_later {
            return;
        }
        let id = Some(plan.id);
        if let Some(line) = plan.stack.part(StackPart::FlatHead) {
            let rect = Rect { x: bay.left, y: line.from, width: bay.right - bay.left, height: line.height };
            self.lay(Role::FlatHead, id, rect);
        }
        let bottom = plan.bottom.max(plan.stud);
        let head = plan.stack.head();
        if plan.stud <= plan.left() - bay.left {
            self.fill(plan, plan.left() - plan.stud, bottom, head);
        }
        if plan.stud <= bay.right - plan.right() {
            self.fill(plan, plan.right(), bottom, head);
        }
    }

    fn fill(&mut self, plan: &OpeningPlan, x: Length, from: Length, to: Length) {
        self.upright(Role::BayFiller, Some(plan.id), x, from, Top::At(to));
    }
}

/// A strip lies between the jacks: they run past it to the header.
fn strip_is_under_head_piece(plan: &OpeningPlan, line: &StackLine) -> bool {
    plan.stack.head() <= line.from
}

/// Cripples between two faces: one at each, and the layout's in between that do not touch those. Where the layout's touch one
/// and the other, so that the gap grows wider than the layout, one stands in the middle of it.
fn cripple_positions(
    (from, to): (Length, Length),
    layout: &[Length],
    (stud, spacing): (Length, Length),
) -> Vec<Length> {
    if to - from < stud * 2 {
        return vec![from];
    }
    let (first, last) = (from, to - stud);
    let mut positions = vec![first];
    let inner = layout.iter().copied().filter(|x| first + stud <= *x && *x + stud <= last);
    for next in inner.chain([last]) {
        let previous = positions[positions.len() - 1];
        if spacing < next - previous - stud {
            positions.push((previous + next).half());
        }
        positions.push(next);
    }
    positions
}
