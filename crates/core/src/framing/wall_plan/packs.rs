//! Jacks and kings at the ends of an opening, posts under its header, studs under point loads.

use super::super::field_studs::FieldLoad;
use super::super::member::PlatesMarked;
use super::super::member::{Rect, Role};
use super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::framer::{Framer, Top};
use crate::measure::{End, Length};

impl Framer<'_> {
    pub(super) fn packs(&mut self, plan: &OpeningPlan) {
        let stud = self.frame().thickness();
        let seat = Top::At(self.seat(plan));
        for end in End::BOTH {
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
            for index in jacks..jacks + plan.kings_framed(end) {
                // Under a header that runs on past its pack, the kings stand under it too, as far as it goes.
                let outside = stud * (i64::from(index) + 1);
                let under_it = plan.design.run.past.at(end).is_some_and(|past| outside <= past.length);
                place(index, Role::King, if under_it { seat } else { Top::Plates });
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

    /// Studs under the loads that neither a header nor a pack takes: as many as carry each, beside one another under it, moved
    /// aside as far as packs and the wall's ends ask.
    pub(super) fn point_load_studs(&mut self, loads: &[FieldLoad], openings: &[OpeningPlan]) {
        let frame = self.frame();
        let stud = frame.thickness();
        for load in loads {
            let wanted = stud * i64::from(load.studs());
            let (low, high) = room_around(load.at, openings, frame.length);
            let start = (load.at - wanted.half()).min(high - wanted).max(low);
            let mut x = start;
            let mut placed = 0;
            while placed < load.studs() && x + stud <= high {
                let rect = Rect { x, y: stud, width: stud, height: frame.lowest_under_plates(x, x + stud) - stud };
                let there = self.members.iter().find(|member| member.role.stands() && member.rect.overlaps(&rect));
                match there.map(|member| (member.rect.right(), member.meets)) {
                    // A stud that stands there already serves, if it goes from plate to plate.
                    Some((right, meets)) => {
                        placed += u8::from(meets == Some(PlatesMarked::Both));
                        x = right;
                    }
                    None => {
                        self.upright(Role::PointLoadStud, None, x, stud, Top::Plates);
                        placed += 1;
                        x += stud;
                    }
                }
            }
        }
    }
}

/// The stretch around a place that no opening or pack takes.
fn room_around(at: Length, openings: &[OpeningPlan], wall: Length) -> (Length, Length) {
    let left = openings.iter().map(|plan| plan.pack_edge(End::Right)).filter(|edge| *edge <= at).max();
    let right = openings.iter().map(|plan| plan.pack_edge(End::Left)).filter(|edge| at <= *edge).min();
    (left.unwrap_or(Length::ZERO).max(Length::ZERO), right.unwrap_or(wall).min(wall))
}
