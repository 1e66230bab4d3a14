//! Where openings stand: past the wall's end, in a corner, in a crossing wall, in each other, in a bay, in a short return.

use super::super::super::corner::corner_reach;
use super::super::super::finding::Finding;
use super::super::super::member::{Member, Role};
use super::super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::super::framer::is_taken;
use super::planned::Planned;
use crate::job::{Backing, OpeningKind, Wall, WallEnd};
use crate::measure::{End, Length};

/// A wall shorter than this beside an overhead door is a narrow one for bracing: 4 ft (IRC 2021 R602.10, from memory).
const FULL_BRACING_PANEL: Length = Length::feet(4);

pub(super) fn findings(wall: &Wall, plan: &OpeningPlan, next: Option<&OpeningPlan>) -> Vec<Finding> {
    let mut findings = past_the_ends(wall, plan);
    if let Some(next) = next {
        let by = plan.pack_edge(End::Right) - next.pack_edge(End::Left);
        if Length::ZERO < by {
            findings.push(Finding::PacksOverlap { opening: plan.id, next: next.id, by });
        }
    }
    findings.extend(crossing_walls(wall, plan));
    findings.extend(corners(wall, plan));
    findings.extend(short_returns(wall, plan));
    findings.extend(gaps_in_bay(plan));
    findings
}

fn past_the_ends(wall: &Wall, plan: &OpeningPlan) -> Vec<Finding> {
    let past = [(End::Left, -plan.pack_edge(End::Left)), (End::Right, plan.pack_edge(End::Right) - wall.frame.length)];
    let finding = |(end, by)| (Length::ZERO < by).then_some(Finding::PastTheEnd { opening: plan.id, end, by });
    past.into_iter().filter_map(finding).collect()
}

/// Crossing walls whose channel would be lost, or which meet this wall where there is nothing but the opening.
fn crossing_walls(wall: &Wall, plan: &OpeningPlan) -> Vec<Finding> {
    let frame = &wall.frame;
    let (left, right) = (plan.pack_edge(End::Left), plan.pack_edge(End::Right));
    let in_the_way = |partition: &crate::job::Partition| {
        let (from, to) = frame.channel_of(partition);
        let by = (to - left).min(right - from);
        (from < right && left < to).then_some(Finding::PartitionInTheWay { opening: plan.id, at: partition.at, by })
    };
    frame.framing.partitions.iter().filter_map(in_the_way).collect()
}

/// Channels that were lost to a corner or to each other; those lost to an opening are found with it.
pub(super) fn lost_channels(planned: &Planned<'_>) -> Vec<Finding> {
    let frame = &planned.wall.frame;
    let lost = |partition: &&crate::job::Partition| {
        let (left, _) = frame.faces_of(partition);
        let stands = |member: &Member| member.role == Role::PartitionBacker && member.rect.x == left;
        let (from, to) = frame.channel_of(partition);
        let in_a_pack = is_taken(from, to, planned.openings);
        partition.backing == Backing::Channel && !in_a_pack && !planned.members.iter().any(stands)
    };
    let channel = |partition: &crate::job::Partition| {
        let (from, to) = frame.channel_of(partition);
        Finding::ChannelLost { at: partition.at, width: to - from }
    };
    frame.framing.partitions.iter().filter(lost).map(channel).collect()
}

fn corners(wall: &Wall, plan: &OpeningPlan) -> Vec<Finding> {
    let gaps = [(End::Left, plan.pack_edge(End::Left)), (End::Right, wall.frame.length - plan.pack_edge(End::Right))];
    let in_corner = |(end, gap): (End, Length)| {
        let corner = *wall.frame.framing.ends.at(end);
        let by = corner_reach(corner, wall.frame.thickness()) - gap;
        // At a plain end the outermost king may be the end stud.
        let free = if corner == WallEnd::Plain { Length::ZERO < gap } else { Length::ZERO <= gap };
        let found = free && Length::ZERO < by;
        found.then_some(Finding::PackInCorner { opening: plan.id, end, by })
    };
    gaps.into_iter().filter_map(in_corner).collect()
}

fn short_returns(wall: &Wall, plan: &OpeningPlan) -> Vec<Finding> {
    if plan.design.kind != OpeningKind::OverheadDoor {
        return Vec::new();
    }
    let short = |(end, length)| {
        let found = Length::ZERO <= length && length < FULL_BRACING_PANEL;
        found.then_some(Finding::ShortReturn { opening: plan.id, end, length })
    };
    [(End::Left, plan.left()), (End::Right, wall.frame.length - plan.right())].into_iter().filter_map(short).collect()
}

/// A gap beside an opening in a bay that is too narrow for a filler.
fn gaps_in_bay(plan: &OpeningPlan) -> Vec<Finding> {
    let OpeningOutcome::InBay(bay) = plan.outcome else { return Vec::new() };
    let gap = |(end, gap)| {
        let found = Length::ZERO < gap && gap < plan.stud;
        found.then_some(Finding::GapInBay { opening: plan.id, end, gap })
    };
    [(End::Left, plan.left() - bay.left), (End::Right, bay.right - plan.right())].into_iter().filter_map(gap).collect()
}
