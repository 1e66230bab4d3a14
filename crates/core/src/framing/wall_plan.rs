//! A whole wall, planned: every opening, every member, every mark, every finding.

mod backing_boards;
mod blocking;
mod ceiling_blocks;
mod crossings;
pub mod cut_out_later;
pub mod findings;
mod framer;
mod over_and_under;
mod packs;
mod plate_breaks;
mod plate_pieces;
mod sole_bolts;
mod squash_blocks;
mod steps;

use super::field_studs::{FieldLoad, field_loads};
use super::judgment::judge;
use super::landed::Landed;
use super::layout::stud_positions;
use super::marks::{Mark, marks};
use super::member::Member;
use super::opening_plan::{Ground, OpeningOutcome, OpeningPlan};
use super::opening_problem::sole_pieces;
use super::panel_joints::{Joint, panel_ends};
use super::plan_opening::plan_opening;
use super::plates::TopBreaks;
use crate::finding::{Finding, Severity};
use crate::job::{OpeningId, Rules, Wall};
use crate::measure::Length;
use crate::sizing::candidates::Candidate;
use crate::sizing::verdict::Verdict;
use framer::Framer;
use plate_breaks::plate_breaks;
use sole_bolts::bolts;

/// A planned wall.
#[derive(Clone, Debug, PartialEq)]
pub struct WallPlan {
    /// What comes down on it, and its sole plate.
    pub ground: Ground,
    /// Loads that no opening takes, and the studs under them.
    pub field_loads: Vec<FieldLoad>,
    /// Its openings, from left to right.
    pub openings: Vec<OpeningPlan>,
    /// Its members.
    pub members: Vec<Member>,
    /// The marks on its plates, from left to right.
    pub marks: Vec<Mark>,
    /// Anchor bolts in the sole plate, from the wall's left end.
    pub bolts: Vec<Length>,
    /// Where panels end in which it is framed, from left to right.
    pub panel_ends: Vec<Length>,
    /// What is wrong or worth knowing.
    pub findings: Vec<Finding>,
}

/// Plans a wall of which nothing is known but what is said of itself.
pub fn plan_wall_as_said(rules: &Rules<'_>, wall: &Wall) -> WallPlan {
    plan_wall(rules, wall, &Landed::as_said(rules, wall))
}

/// Plans a wall from the rules, from itself, and from what lands on it.
pub fn plan_wall(rules: &Rules<'_>, wall: &Wall, landed: &Landed) -> WallPlan {
    let ground = Ground::of(rules, wall, landed);
    let mut openings: Vec<OpeningPlan> =
        wall.openings.iter().map(|opening| plan_opening(rules, wall, &ground, opening)).collect();
    openings.sort_by_key(|plan| (plan.left(), plan.id));
    let layout = stud_positions(&wall.frame);
    let field_loads = field_loads(wall, &ground, &openings);
    let framed = |joints: &[Joint]| {
        let breaks = plate_breaks(wall, &openings, &layout, &ends_of(joints));
        let members = members(wall, &ground, &field_loads, &openings, &layout, (breaks.as_ref(), joints));
        (breaks, members)
    };
    let (mut breaks, mut members) = framed(&[]);
    let joints = panel_ends(&wall.frame, &openings, &members);
    if !joints.is_empty() {
        (breaks, members) = framed(&joints);
    }
    let bolts = bolts(wall, &members);
    let findings = findings::findings(&findings::Planned {
        rules,
        wall,
        ground: &ground,
        field_loads: &field_loads,
        openings: &openings,
        members: &members,
        breaks: breaks.as_ref(),
        bolts: &bolts,
    });
    for plan in &mut openings {
        (plan.verdict, plan.sentence) = judge(plan, &findings);
    }
    let panel_ends = ends_of(&joints);
    WallPlan {
        marks: marks(&members, &wall.frame),
        panel_ends,
        findings,
        bolts,
        field_loads,
        ground,
        members,
        openings,
    }
}

/// Plans one opening of a wall alone, with every header that was tried; `None` if it is not in the wall. What follows for it from the rest of
/// the wall, its verdict by the framing around it, is in the wall's plan.
pub fn plan_one(rules: &Rules<'_>, wall: &Wall, landed: &Landed, opening: OpeningId) -> Option<OpeningPlan> {
    let opening = wall.openings.iter().find(|each| each.id == opening)?;
    Some(plan_opening(rules, wall, &Ground::of(rules, wall, landed), opening))
}

impl Ground {
    fn of(rules: &Rules<'_>, wall: &Wall, landed: &Landed) -> Self {
        Self { code: rules.code(), landed: landed.clone(), sole: sole_pieces(rules, wall) }
    }
}

impl WallPlan {
    /// The plan without the headers that were tried and did not go in.
    #[must_use]
    pub fn without_candidates(mut self) -> Self {
        for opening in &mut self.openings {
            if let OpeningOutcome::Header(sized) = &mut opening.outcome {
                sized.candidates = Vec::new();
            }
        }
        self
    }

    /// Whether somebody has to decide something about an opening: it does not carry, or has no number, or there is trouble in its framing.
    pub fn is_unresolved(&self, opening: &OpeningPlan) -> bool {
        match opening.verdict {
            Verdict::OnlyTheTable | Verdict::DoesNotCarry | Verdict::AskAnEngineer => true,
            Verdict::Carries | Verdict::CarriesBarely => self
                .findings
                .iter()
                .any(|found| found.place.opening == Some(opening.id) && found.rule.severity == Severity::Trouble),
        }
    }

    /// About how much memory it takes, bytes.
    pub fn bytes(&self) -> usize {
        /// What an opening has beside itself: its sized header, reasons, sentences.
        const WITH_AN_OPENING: usize = 6 * 1024;
        let candidates = |opening: &OpeningPlan| match &opening.outcome {
            OpeningOutcome::Header(sized) => sized.candidates.capacity() * size_of::<Candidate>(),
            OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => 0,
        };
        let openings: usize = self.openings.iter().map(|opening| WITH_AN_OPENING + candidates(opening)).sum();
        size_of::<Self>()
            + openings
            + self.openings.capacity() * size_of::<OpeningPlan>()
            + self.members.capacity() * size_of::<Member>()
            + self.marks.capacity() * size_of::<Mark>()
            + self.findings.capacity() * size_of::<Finding>()
    }
}

fn ends_of(joints: &[Joint]) -> Vec<Length> {
    joints.iter().map(|joint| joint.at).collect()
}

fn members(
    wall: &Wall,
    ground: &Ground,
    field_loads: &[FieldLoad],
    openings: &[OpeningPlan],
    layout: &[Length],
    (breaks, joints): (Option<&TopBreaks>, &[Joint]),
) -> Vec<Member> {
    let mut framer = Framer::new(wall);
    framer.plates(openings, layout, breaks, &ends_of(joints));
    for plan in openings {
        framer.packs(plan);
        framer.header_posts(plan);
        framer.bridging(plan);
        framer.sill(plan);
        framer.in_bay(plan);
    }
    for plan in openings {
        framer.cripples(plan, layout);
        framer.temporary_studs(plan, layout);
    }
    framer.corners(openings);
    framer.step_studs(openings);
    framer.channels(openings);
    framer.point_load_studs(field_loads, openings);
    framer.layout_studs(openings, layout);
    framer.end_studs(joints);
    framer.ladder_blocks(openings);
    framer.plate_end_blocks();
    framer.ceiling_blocks();
    framer.corner_blocks();
    framer.backing_boards(openings);
    framer.rows_of_blocking(openings);
    framer.squash_blocks(&ground.landed.solid);
    framer.members
}

#[cfg(test)]
mod tests;
