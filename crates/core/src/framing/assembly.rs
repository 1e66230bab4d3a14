//! # Order of assembly
//!
//! **What it does.** The order in which an opening's pieces go together on the deck, so that every nail can still be driven.
//!
//! **Source.** Common practice, no source: the header is nailed through the first king into its ends before a second king is added,
//! or the nailer cannot reach; the door's sole plate is cut out when the wall stands; a stretcher 6 in. up holds a doorway while its wall is carried.

use super::member::{Member, Role};
use super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::stack::StackPart;
use super::wall_plan::cut_out_later::under_what_stands;
use crate::measure::{End, Ends, Length};
use crate::say;
use crate::speech::{Joined, Phrase};

/// How far up a stretcher is nailed across a doorway while its wall is carried.
const STRETCHER_UP: Length = Length::inches(6);

/// The steps of an opening, first to last, each a sentence.
pub fn assembly(plan: &OpeningPlan, members: &[Member]) -> Vec<Phrase> {
    let mine: Vec<&Member> = members.iter().filter(|member| member.opening == Some(plan.id)).collect();
    let has = |role: Role| mine.iter().any(|member| member.role == role);
    let mut steps = Vec::new();
    // Without a number there is nothing to build yet.
    if matches!(plan.outcome, OpeningOutcome::Outside(_)) {
        return steps;
    }
    if let Some(header) = plan.header().filter(|header| 1 < header.plies) {
        let length = plan.header_length();
        steps.push(say!("assembly-build-header", pieces = header.plies, length));
    }
    if matches!(plan.outcome, OpeningOutcome::InBay(_)) {
        steps.push(say!("assembly-in-bay"));
    } else {
        steps.extend(packs(plan, &mine, has(Role::Header)));
    }
    if has(Role::HeaderPost) {
        steps.push(say!("assembly-posts"));
    }
    if has(Role::CrippleAbove) || has(Role::HeadPacking) {
        steps.push(say!("assembly-packing"));
    }
    if has(Role::Sill) && has(Role::CrippleBelow) {
        steps.push(say!("assembly-sill"));
    }
    steps.extend(cut_later(plan));
    steps.push(say!("assembly-diagonals"));
    if has(Role::SolePlateCutLast) {
        steps.push(say!("assembly-stretcher", up = STRETCHER_UP));
        steps.push(say!("assembly-cut-the-plate"));
    }
    steps
}

/// What is cut later, and in which order: below the sill, over the head, then sill and head piece go in.
fn cut_later(plan: &OpeningPlan) -> Vec<Phrase> {
    let Some(under) = under_what_stands(plan) else { return Vec::new() };
    let mut steps = vec![say!("assembly-studs-run-through", under)];
    if let Some(sill) = plan.stack.part(StackPart::Sill) {
        steps.push(say!("assembly-later-cut-below", at = sill.from));
    }
    let packed = plan.stack.part(StackPart::HeadPiece);
    match packed {
        Some(piece) => steps.push(say!("assembly-later-cut-above", at = piece.from + piece.height)),
        None => steps.push(say!("assembly-later-take-out", under)),
    }
    steps.push(say!("assembly-later-close"));
    steps
}

fn packs(plan: &OpeningPlan, mine: &[&Member], header: bool) -> Vec<Phrase> {
    let kings = Ends { left: plan.kings_framed(End::Left), right: plan.kings_framed(End::Right) };
    let over = || if header { say!("role-header") } else { say!("role-flat-head") };
    let mut steps = vec![say!("assembly-first-kings")];
    let jacks = plan.jacks;
    if 0 < jacks.left.max(jacks.right) {
        let cuts = End::BOTH.into_iter().filter_map(|end| Some((end, jacks_cut(plan, mine, end)?)));
        let cuts: Vec<(End, (usize, Length))> = cuts.collect();
        let jacks = match cuts.as_slice() {
            [(_, left), (_, right)] if left == right && jacks.left == jacks.right => {
                say!("some-at-each-end", count = left.0, length = left.1)
            }
            _ => {
                let at = |(end, (count, length)): &(End, (usize, Length))| {
                    say!("some-at-an-end", count = *count, length, end = *end)
                };
                Phrase::several(cuts.iter().map(at).collect(), Joined::Commas)
            }
        };
        steps.push(say!("assembly-jacks", jacks = jacks));
    }
    steps.push(say!("assembly-set-the-header", over = over()));
    if 1 < kings.left.max(kings.right) {
        let ends = End::BOTH.into_iter().filter(|end| 1 < *kings.at(*end));
        let more = ends.map(|end| say!("kings-at-an-end", count = kings.at(end) - 1, end)).collect();
        let more = Phrase::several(more, Joined::Commas);
        steps.push(say!("assembly-other-kings", more = more, over = over()));
    }
    steps
}

/// How many jacks of an end there are and how long the longest is cut.
fn jacks_cut(plan: &OpeningPlan, mine: &[&Member], end: End) -> Option<(usize, Length)> {
    let of_end = |member: &&&Member| member.role == Role::Jack && plan.is_at(end, member.rect.x);
    let cuts: Vec<Length> = mine.iter().filter(of_end).map(|member| member.cut).collect();
    let longest = cuts.iter().max()?;
    Some((cuts.len(), *longest))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::fixture::partition_with;
    use crate::framing::plan_wall_as_said;
    use crate::job::{CountOverride, Opening, OpeningDesign, OpeningId, OpeningKind, Size};

    fn steps(kings: Ends<u8>) -> Vec<Phrase> {
        let size = Size { width: Length::inches(36), height: Length::inches(80) };
        let usual = OpeningDesign::usual(OpeningKind::Door, size);
        let mut opening = Opening::new(OpeningId(1), OpeningDesign { center: Length::feet(6), ..usual });
        opening.kings = kings.map(|count| Some(CountOverride { count, reason: "as drawn".into() }));
        let job = partition_with(vec![opening]);
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        assembly(&plan.openings[0], &plan.members)
    }

    #[test]
    fn the_second_king_comes_after_the_header_is_nailed_and_the_plate_is_cut_last() {
        let steps = steps(Ends { left: 1, right: 2 });
        let place = |words: &str| steps.iter().position(|step| step.to_string().contains(words));
        let nailed = place("assembly-set-the-header").expect("the head is nailed");
        let second = place("assembly-other-kings (more: kings-at-an-end (count: 1, end: right)")
            .expect("two kings at the right");
        assert!(nailed < second, "{steps:?}");
        assert_eq!(place("assembly-cut-the-plate"), Some(steps.len() - 1));
        assert_eq!(place("assembly-stretcher (up: 6\")"), Some(steps.len() - 2), "{steps:?}");
        // Jacks of a 82 1/2 head: 81.
        assert!(place("some-at-each-end (count: 1, length: 81\")").is_some(), "{steps:?}");
    }

    #[test]
    fn with_one_king_a_side_there_is_nothing_to_wait_with() {
        assert!(!steps(Ends::both(1)).iter().any(|step| step.id == "assembly-other-kings"));
    }
}
