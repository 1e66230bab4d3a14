//! Openings that are cut out once their sills and units are known: until then studs of the layout run through them.

use super::super::member::Role;
use super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::super::stack::StackPart;
use super::framer::{Framer, Top};
use crate::measure::Length;

impl Framer<'_> {
    /// The studs of the layout between the jacks, from the sole plate to what is framed from the start over the opening.
    pub(super) fn temporary_studs(&mut self, plan: &OpeningPlan, layout: &[Length]) {
        let Some(under) = under_what_stands(plan) else { return };
        let stud = plan.stud;
        let between = |x: &&Length| plan.left() + stud <= **x && **x + stud * 2 <= plan.right();
        for x in layout.iter().filter(between) {
            if self.is_clear_under(*x, under) {
                self.upright(Role::TemporaryStud, Some(plan.id), *x, stud, Top::At(under));
            }
        }
    }
}

/// The underside of the header or the flat head of an opening that is cut out later; nothing of one that has none.
pub fn under_what_stands(plan: &OpeningPlan) -> Option<Length> {
    if !plan.design.cut_out_later || matches!(plan.outcome, OpeningOutcome::Outside(_) | OpeningOutcome::InBay(_)) {
        return None;
    }
    let stands = [StackPart::Header, StackPart::FlatHead, StackPart::Nailer];
    plan.stack.lines.iter().filter(|line| stands.contains(&line.what)).map(|line| line.from).min()
}
