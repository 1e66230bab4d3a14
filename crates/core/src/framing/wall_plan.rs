//! A whole wall, planned: every opening, every member, every mark, every finding.

mod blocking;
mod crossings;
mod findings;
mod framer;
mod over_and_under;
mod packs;
mod plate_pieces;

use super::finding::Finding;
use super::layout::stud_positions;
use super::marks::{Mark, marks};
use super::member::{Member, Role};
use super::opening_plan::{OpeningPlan, plan_opening};
use super::opening_problem::down_on;
use super::plates::{Stretch, TopBreaks, anchor_bolts, top_breaks};
use crate::job::wall_frame::along;
use crate::job::{Job, Wall};
use crate::loads::TakeDown;
use crate::measure::{End, Length};
pub(super) use crossings::corner_reach;
use framer::Framer;

/// A planned wall.
#[derive(Clone, Debug, PartialEq)]
pub struct WallPlan {
    /// What comes down on it.
    pub take_down: TakeDown,
    /// Its openings, from left to right.
    pub openings: Vec<OpeningPlan>,
    /// Its members.
    pub members: Vec<Member>,
    /// The marks on its plates, from left to right.
    pub marks: Vec<Mark>,
    /// Anchor bolts in the sole plate, from the wall's left end.
    pub bolts: Vec<Length>,
    /// What is wrong or worth knowing.
    pub findings: Vec<Finding>,
}

/// Plans a wall of a job.
pub fn plan_wall(job: &Job, wall: &Wall) -> WallPlan {
    let take_down = down_on(job, wall);
    let mut openings: Vec<OpeningPlan> =
        wall.openings.iter().map(|opening| plan_opening(job, wall, &take_down, opening)).collect();
    openings.sort_by_key(|plan| (plan.left(), plan.id));
    let layout = stud_positions(&wall.frame);
    let breaks = plate_breaks(wall, &openings, &layout);
    let members = members(wall, &take_down, &openings, &layout, breaks.as_ref());
    let bolts = bolts(wall, &members);
    let planned =
        findings::Planned { job, wall, openings: &openings, members: &members, breaks: breaks.as_ref(), bolts: &bolts };
    WallPlan {
        marks: marks(&members, &wall.frame),
        findings: findings::findings(&planned),
        bolts,
        take_down,
        members,
        openings,
    }
}

/// Where the top plates break: where somebody decided, or else by the stock; `None` where no place keeps every rule.
fn plate_breaks(wall: &Wall, openings: &[OpeningPlan], layout: &[Length]) -> Option<TopBreaks> {
    let options = &wall.frame.framing;
    if let Some(own) = &options.own_breaks {
        return Some(TopBreaks { lower: own.lower.clone(), upper: own.upper.clone() });
    }
    let stud = wall.frame.thickness();
    let packs = packs_of(openings);
    let mut all = TopBreaks::default();
    // Each straight run is cut from boards of its own: a gable's plates end at the peak anyway.
    for line in wall.frame.top_lines() {
        let [(start, _), (end, _)] = line;
        let shifted = |(from, to): &Stretch| (*from - start, *to - start);
        let studs: Vec<Stretch> = layout.iter().map(|x| shifted(&(*x, *x + stud))).collect();
        let packs: Vec<Stretch> = packs.iter().map(shifted).collect();
        let breaks = top_breaks(end - start, level_stock(wall, line), options.breaks_apart, &studs, &packs)?;
        all.lower.extend(breaks.lower.iter().map(|at| *at + start));
        all.upper.extend(breaks.upper.iter().map(|at| *at + start));
    }
    Some(all)
}

/// The stretches of the openings with their packs.
fn packs_of(openings: &[OpeningPlan]) -> Vec<Stretch> {
    openings.iter().map(|plan| (plan.pack_edge(End::Left), plan.pack_edge(End::Right))).collect()
}

/// How far along the wall a board of the plates' stock reaches on a run of the top plates: less on a slope.
fn level_stock(wall: &Wall, line: [(Length, Length); 2]) -> Length {
    let stock = wall.frame.framing.plate_stock;
    let longer = along(line, stock, wall.frame.sawn);
    if longer == stock { stock } else { Length::from_decimal_inches(stock.to_inches().powi(2) / longer.to_inches()) }
}

/// Anchor bolts of a wall on concrete, clear of what stands on the plate; those that stand already, where there are any.
fn bolts(wall: &Wall, members: &[Member]) -> Vec<Length> {
    let options = &wall.frame.framing;
    let Some(spacing) = options.bolts else { return Vec::new() };
    if !options.cast_bolts.is_empty() {
        let mut cast = options.cast_bolts.clone();
        cast.sort_unstable();
        return cast;
    }
    anchor_bolts(&sole_pieces(members), spacing, &standing_on_sole(wall, members))
}

fn stretch(member: &Member) -> Stretch {
    (member.rect.x, member.rect.right())
}

fn sole_pieces(members: &[Member]) -> Vec<Stretch> {
    members.iter().filter(|member| member.role == Role::SolePlate).map(stretch).collect()
}

fn standing_on_sole(wall: &Wall, members: &[Member]) -> Vec<Stretch> {
    let standing = |member: &&Member| member.role.stands() && member.rect.y == wall.frame.thickness();
    members.iter().filter(standing).map(stretch).collect()
}

fn members(
    wall: &Wall,
    down: &TakeDown,
    openings: &[OpeningPlan],
    layout: &[Length],
    breaks: Option<&TopBreaks>,
) -> Vec<Member> {
    let mut framer = Framer::new(wall);
    framer.plates(openings, layout, breaks);
    for plan in openings {
        framer.packs(plan);
        framer.header_posts(plan);
        framer.bridging(plan);
        framer.sill(plan);
        framer.in_bay(plan);
    }
    for plan in openings {
        framer.cripples(plan, layout);
    }
    framer.corners(openings);
    framer.channels(openings);
    framer.point_load_studs(down, openings);
    framer.layout_studs(openings, layout);
    framer.ladder_blocks(openings);
    framer.rows_of_blocking(openings);
    framer.members
}

#[cfg(test)]
mod tests;
