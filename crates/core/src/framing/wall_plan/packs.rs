//! Jacks and kings at the ends of an opening, posts under its header, studs under point loads.

use super::super::member::{Rect, Role};
use super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::super::opening_problem::points_on;
use super::framer::{Framer, Top};
use crate::loads::TakeDown;
use crate::measure::{End, Length};

impl Framer<'_> {
    pub(super) fn packs(&mut self, plan: &OpeningPlan) {
        let stud = self.frame().thickness();
        let seat = Top::At(self.seat(plan));
        for end in End::BOTH {
            // Under a header that runs on past its pack, the kings stand under it too.
            let king_top = if plan.design.run.past.at(end).is_some() { seat } else { Top::Plates };
            let mut place = |index: u8, role, to| {
                let out = stud * i64::from(index);
                let x = match end {
                    End::Left => plan.left() - out - stud,
                    End::Right => plan.right() + out,
                };
                self.upright(role, Some(plan.id), x, stud, to);
            };
            let jacks = *plan.jacks.at(end);
            for index in 0..jacks {
                place(index, Role::Jack, seat);
            }
            for index in jacks..jacks + plan.kings.at(end).framed() {
                place(index, Role::King, king_top);
            }
        }
    }

    /// Where the header sits, no higher than the plates over the opening.
    fn seat(&self, plan: &OpeningPlan) -> Length {
        plan.stack.header_seat().min(self.frame().lowest_under_plates(plan.left(), plan.right()))
    }

    /// Studs under a header besides its packs: posts in the opening, and under its far end on a return.
    pub(super) fn header_posts(&mut self, plan: &OpeningPlan) {
        let OpeningOutcome::Header(sized) = &plan.outcome else { return };
        let stud = self.frame().thickness();
        let seat = Top::At(self.seat(plan));
        for post in &sized.problem.run.posts {
            let first = plan.left() + post.at - stud.half() * i64::from(post.studs);
            for index in 0..post.studs {
                self.upright(Role::HeaderPost, Some(plan.id), first + stud * i64::from(index), stud, seat);
            }
        }
    }

    /// Two studs under a point load that neither a header nor a pack takes.
    pub(super) fn point_load_studs(&mut self, down: &TakeDown, openings: &[OpeningPlan]) {
        let frame = self.frame();
        let stud = frame.thickness();
        let last = frame.length - stud;
        for (at, _) in points_on(self.wall, down) {
            let taken = |plan: &OpeningPlan| plan.pack_edge(End::Left) <= at && at <= plan.pack_edge(End::Right);
            if openings.iter().any(taken) {
                continue;
            }
            for x in [at - stud, at] {
                let x = x.max(Length::ZERO).min(last);
                let rect = Rect { x, y: stud, width: stud, height: frame.lowest_under_plates(x, x + stud) - stud };
                if !self.members.iter().any(|member| member.role.stands() && member.rect.overlaps(&rect)) {
                    self.upright(Role::PointLoadStud, None, x, stud, Top::Plates);
                }
            }
        }
    }
}
