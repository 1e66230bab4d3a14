//! # What may go in as a beam or a post
//!
//! **What it does.** Lists what was tried as a beam or a post of the house, each with the edit that chooses it by hand, and the edit that gives the choice
//! back to the job.
//!
//! **Source.** Common practice, no source.

use super::JobPlan;
use super::members::Member;
use crate::house::{Beam, HousePart, PartId, Post};
use crate::job::Command;
use crate::sizing::beam::TriedBeam;
use crate::sizing::candidates::Tried;
use crate::sizing::post::TriedPost;
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
    Some(match (plan.member(part)?, plan.job().house.part(part)?) {
        (Member::Beam(planned), HousePart::Beam(beam)) => {
            let tried = planned.outcome.iter().flat_map(|sized| {
                let one = |each: &TriedBeam| {
                    (Phrase::verbatim(each.beam.name()), each.beam, each.largest_ratio(), each.carries())
                };
                sized.candidates.iter().map(one).zip(goes_in(sized.chosen))
            });
            let with = |chosen| HousePart::Beam(Beam { chosen, ..beam.clone() });
            choices(tried, with, beam.chosen.is_some())
        }
        (Member::Post(planned), HousePart::Post(post)) => {
            let tried = planned.outcome.iter().flat_map(|sized| {
                let one = |each: &TriedPost| (each.post.phrase(), each.post, each.largest_ratio(), each.carries());
                sized.candidates.iter().map(one).zip(goes_in(sized.chosen))
            });
            let with = |chosen| HousePart::Post(Post { chosen, ..post.clone() });
            choices(tried, with, post.chosen.is_some())
        }
        _ => return None,
    })
}

/// Whether each of those that were tried goes in.
fn goes_in(chosen: usize) -> impl Iterator<Item = bool> {
    (0..).map(move |place: usize| place == chosen)
}

/// What was tried: its name, what it is, how hard it works, whether it carries and whether it goes in; each with the edit that chooses it.
fn choices<T>(
    tried: impl Iterator<Item = ((Phrase, T, f64, bool), bool)>,
    with: impl Fn(Option<T>) -> HousePart,
    is_chosen: bool,
) -> MemberChoices {
    let change = |chosen| Command::ChangePart { part: Box::new(with(chosen)) };
    let choice = |((what, of, works, carries), goes_in)| MemberChoice {
        what,
        works,
        carries,
        goes_in,
        command: change(Some(of)),
    };
    MemberChoices { tried: tried.map(choice).collect(), back: is_chosen.then(|| change(None)) }
}
