//! # Order of assembly
//!
//! **What it does.** The order in which an opening's pieces go together on the deck, so that every nail can still be driven.
//!
//! **Source.** Common practice, no source: the header is nailed through the first king into its ends before a second king is added,
//! or the nailer cannot reach; the door's sole plate is cut out when the wall stands.

use super::member::{Member, Role};
use super::opening_plan::{OpeningOutcome, OpeningPlan};
use crate::measure::{End, Ends, Length, LengthStyle};

/// The steps of an opening, first to last, each a sentence.
pub fn assembly(plan: &OpeningPlan, members: &[Member]) -> Vec<String> {
    let mine: Vec<&Member> = members.iter().filter(|member| member.opening == Some(plan.id)).collect();
    let has = |role: Role| mine.iter().any(|member| member.role == role);
    let mut steps = Vec::new();
    // Without a number there is nothing to build yet.
    if matches!(plan.outcome, OpeningOutcome::Outside(_)) {
        return steps;
    }
    if let Some(header) = plan.header().filter(|header| 1 < header.plies) {
        let length = written(plan.header_length());
        steps.push(format!("Build the header up: {} pieces of {length}, crowns up, ends flush.", header.plies));
    }
    if matches!(plan.outcome, OpeningOutcome::InBay(_)) {
        steps.push("Leave both studs of the bay where they are; nail head and sill between them.".into());
    } else {
        steps.extend(packs(plan, &mine, has(Role::Header)));
    }
    if has(Role::HeaderPost) {
        steps.push("Set the posts under the header, plumb under the load.".into());
    }
    if has(Role::CrippleAbove) || has(Role::HeadPacking) {
        steps.push("Nail in what packs the head: head piece and cripples, on their marks.".into());
    }
    if has(Role::Sill) && has(Role::CrippleBelow) {
        steps
            .push("Nail the cripples under the sill to the sole plate, then the sill on them and to the jacks.".into());
    }
    steps.push("Measure both diagonals of the opening: they have to be alike before the wall is sheathed.".into());
    if has(Role::SolePlateCutLast) {
        steps.push(
            "When the wall stands, is plumb and nailed off, cut the sole plate out of the doorway: last of all.".into(),
        );
    }
    steps
}

fn packs(plan: &OpeningPlan, mine: &[&Member], header: bool) -> Vec<String> {
    let kings = Ends { left: plan.kings_framed(End::Left), right: plan.kings_framed(End::Right) };
    let over = if header { "header" } else { "flat head" };
    let mut steps = vec!["Nail the first king of each end to sole plate and top plate, on its K.".to_owned()];
    let jacks = plan.jacks;
    if 0 < jacks.left.max(jacks.right) {
        let lengths: Vec<String> = End::BOTH.into_iter().filter_map(|end| jack_words(plan, mine, end)).collect();
        let words = if lengths.len() == 2 && jacks.left == jacks.right && lengths[0] == lengths[1] {
            format!("{} at each end", lengths[0])
        } else {
            let of = |(end, words): (End, &String)| format!("{words} at the {} end", end.word());
            let ends = End::BOTH.into_iter().filter(|end| 0 < *jacks.at(*end));
            ends.zip(&lengths).map(of).collect::<Vec<_>>().join(", ")
        };
        steps.push(format!("Nail the jacks to the kings: {words}."));
    }
    steps.push(format!(
        "Set the {over} on the jacks, tight to the kings, and nail through the first king into both its ends."
    ));
    if 1 < kings.left.max(kings.right) {
        let ends = End::BOTH.into_iter().filter(|end| 1 < *kings.at(*end));
        let words: Vec<String> = ends.map(|end| format!("{} at the {} end", kings.at(end) - 1, end.word())).collect();
        let more = words.join(", ");
        steps.push(format!(
            "Only now add the other kings: {more}. Before, they keep the nailer from the {over}'s ends."
        ));
    }
    steps
}

fn jack_words(plan: &OpeningPlan, mine: &[&Member], end: End) -> Option<String> {
    let of_end =
        |member: &&&Member| member.role == Role::Jack && (end == End::Left) == (member.rect.x < plan.design.center);
    let cuts: Vec<Length> = mine.iter().filter(of_end).map(|member| member.cut).collect();
    let longest = cuts.iter().max()?;
    Some(format!("{} of {}", cuts.len(), written(*longest)))
}

fn written(length: Length) -> String {
    length.written(LengthStyle::Inches)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::fixture::partition_with;
    use crate::framing::plan_wall;
    use crate::job::{CountOverride, Opening, OpeningDesign, OpeningId, OpeningKind, Size};

    fn steps(kings: Ends<u8>) -> Vec<String> {
        let size = Size { width: Length::inches(36), height: Length::inches(80) };
        let usual = OpeningDesign::usual(OpeningKind::Door, size);
        let mut opening = Opening::new(OpeningId(1), OpeningDesign { center: Length::feet(6), ..usual });
        opening.kings = kings.map(|count| Some(CountOverride { count, reason: "as drawn".into() }));
        let job = partition_with(vec![opening]);
        let plan = plan_wall(&job.rules(), &job.walls[0]);
        assembly(&plan.openings[0], &plan.members)
    }

    #[test]
    fn the_second_king_comes_after_the_header_is_nailed_and_the_plate_is_cut_last() {
        let steps = steps(Ends { left: 1, right: 2 });
        let place = |words: &str| steps.iter().position(|step| step.contains(words));
        let nailed = place("into both its ends").expect("the head is nailed");
        let second = place("Only now add the other kings: 1 at the right end").expect("two kings at the right");
        assert!(nailed < second, "{steps:?}");
        assert_eq!(place("last of all"), Some(steps.len() - 1));
        // Jacks of a 82 1/2 head: 81.
        assert!(place("1 of 81\" at each end").is_some(), "{steps:?}");
    }

    #[test]
    fn with_one_king_a_side_there_is_nothing_to_wait_with() {
        assert!(!steps(Ends::both(1)).iter().any(|step| step.contains("other kings")));
    }
}
