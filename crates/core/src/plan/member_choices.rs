//! # What may go in as a beam or a post
//!
//! **What it does.** Lists what was tried as a beam or a post of the house, each with the edit that chooses it by hand, and the edit that gives the choice
//! back to the job.
//!
//! **Source.** Common practice, no source.

use super::JobPlan;
use super::members::Member;
use crate::house::{HousePart, PartId};
use crate::job::Command;
use crate::sizing::candidates::Tried;
use crate::speech::Phrase;

/// Something that may go in.
#[derive(Clone, Debug, PartialEq)]
pub struct MemberChoice {
    /// What it is.
    pub what: Phrase,
    /// How hard it works.
    pub works: f64,
    /// Whether it carries.
    pub carries: bool,
    /// Whether it goes in.
    pub goes_in: bool,
    /// The edit that chooses it.
    pub command: Command,
}

/// What may go in as a beam or a post.
#[derive(Clone, Debug, PartialEq)]
pub struct MemberChoices {
    /// What was tried, in the order in which it was; none where there is no number.
    pub tried: Vec<MemberChoice>,
    /// The edit that gives the choice back to the job; `None` where nobody chose.
    pub back: Option<Command>,
}

/// What may go in as a beam or a post; `None` where the job has no such part.
pub fn member_choices(plan: &JobPlan, part: PartId) -> Option<MemberChoices> {
    let (member, there) = (plan.member(part)?, plan.job().house.part(part)?);
    let change = |part: HousePart| Command::ChangePart { part: Box::new(part) };
    Some(match (member, there) {
        (Member::Beam(planned), HousePart::Beam(beam)) => {
            let with = |chosen| change(HousePart::Beam(crate::house::Beam { chosen, ..beam.clone() }));
            let sized = planned.outcome.iter();
            let tried =
                sized.flat_map(|sized| sized.candidates.iter().enumerate().map(move |each| (sized.chosen, each)));
            MemberChoices {
                tried: tried
                    .map(|(goes_in, (place, each))| MemberChoice {
                        what: Phrase::verbatim(each.beam.name()),
                        works: each.largest_ratio(),
                        carries: each.carries(),
                        goes_in: place == goes_in,
                        command: with(Some(each.beam)),
                    })
                    .collect(),
                back: beam.chosen.map(|_| with(None)),
            }
        }
        (Member::Post(planned), HousePart::Post(post)) => {
            let with = |chosen| change(HousePart::Post(crate::house::Post { chosen, ..post.clone() }));
            let sized = planned.outcome.iter();
            let tried =
                sized.flat_map(|sized| sized.candidates.iter().enumerate().map(move |each| (sized.chosen, each)));
            MemberChoices {
                tried: tried
                    .map(|(goes_in, (place, each))| MemberChoice {
                        what: each.post.phrase(),
                        works: each.largest_ratio(),
                        carries: each.carries(),
                        goes_in: place == goes_in,
                        command: with(Some(each.post)),
                    })
                    .collect(),
                back: post.chosen.map(|_| with(None)),
            }
        }
        _ => return None,
    })
}
