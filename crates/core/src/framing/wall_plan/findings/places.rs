//! Where openings stand: past the wall's end, in a corner, in a crossing wall, in each other, in a bay, in a short return.

use super::super::super::corner::corner_reach;
use super::super::super::member::{Member, Role};
use super::super::super::opening_plan::{FULL_BRACING_PANEL, OpeningOutcome, OpeningPlan};
use super::super::framer::is_taken;
use super::planned::Planned;
use crate::finding::{Finding, Rule};
use crate::job::command::{Command, Placement};
use crate::job::{Backing, OpeningKind, Wall, WallEnd};
use crate::measure::{End, Length};
use crate::say;
use crate::speech::distance;

/// The opening with its pack reaches past the wall's end.
pub(super) static PAST_THE_END: Rule = Rule::trouble("past-the-end").stopping_the_load();
/// Two openings' packs share wood.
pub(super) static PACKS_OVERLAP: Rule = Rule::trouble("packs-overlap").stopping_the_load();
/// A crossing wall meets this one in the opening or its pack.
pub(super) static PARTITION_IN_THE_WAY: Rule = Rule::trouble("partition-in-the-way");
/// The channel of a crossing wall has no place: a corner or another crossing wall stands there.
pub(super) static CHANNEL_LOST: Rule = Rule::trouble("channel-lost");
/// The pack stands in the studs of a corner.
pub(super) static PACK_IN_CORNER: Rule = Rule::trouble("pack-in-corner").stopping_the_load();
/// The wall beside a big door is short, and has to brace the front.
pub(super) static SHORT_RETURN: Rule = Rule::caution("short-return");
/// An opening between two studs leaves a gap too narrow for a filler beside it.
pub(super) static GAP_IN_BAY: Rule = Rule::note("gap-in-bay");

pub(super) fn findings(wall: &Wall, plan: &OpeningPlan, next: Option<&OpeningPlan>) -> Vec<Finding> {
    let mut findings = past_the_ends(wall, plan);
    if let Some(next) = next {
        let by = plan.pack_edge(End::Right) - next.pack_edge(End::Left);
        if Length::ZERO < by {
            let found = PACKS_OVERLAP.at(plan.id, say!("finding-packs-overlap", by)).and(next.id);
            let found = found.way_by(say!("way-move-this", by), moved_by(plan, -by));
            let found = found.way_by(say!("way-move-the-next", by), moved_by(next, by));
            findings.push(found.way(say!("way-one-header-for-both")));
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
    let finding = |(end, by): (End, Length)| {
        let found = PAST_THE_END.at(plan.id, say!("finding-past-the-end", end, by));
        let found = found.way_by(say!("way-move-from-the-end", by), moved_by(plan, inward(end, by)));
        (Length::ZERO < by).then(|| found.way(say!("way-narrower-opening")))
    };
    past.into_iter().filter_map(finding).collect()
}

/// The edit that moves an opening along the wall, to the right where positive.
fn moved_by(plan: &OpeningPlan, by: Length) -> Command {
    Command::MoveOpening { opening: plan.id, to: Placement::Center(plan.design.center + by) }
}

/// Away from an end of the wall.
fn inward(end: End, by: Length) -> Length {
    if end == End::Left { by } else { -by }
}

/// Crossing walls whose channel would be lost, or which meet this wall where there is nothing but the opening.
fn crossing_walls(wall: &Wall, plan: &OpeningPlan) -> Vec<Finding> {
    let frame = &wall.frame;
    let (left, right) = (plan.pack_edge(End::Left), plan.pack_edge(End::Right));
    let in_the_way = |partition: &crate::job::Partition| {
        let (from, to) = frame.channel_of(partition);
        if right <= from || to <= left {
            return None;
        }
        let by = (to - left).min(right - from);
        let aside = if to - left <= right - from { by } else { -by };
        let found = PARTITION_IN_THE_WAY
            .at(plan.id, say!("finding-partition-in-the-way", at = distance(partition.at), by))
            .along(partition.at);
        let found = found.way_by(say!("way-move-clear-of-the-wall", by), moved_by(plan, aside));
        Some(found.way(say!("way-move-the-crossing-wall")))
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
        let (at, width) = (partition.at, to - from);
        let mut frame = frame.clone();
        for same in frame.framing.partitions.iter_mut().filter(|other| other.at == at) {
            same.backing = Backing::LadderBlocks;
        }
        let ladder = Command::ChangeWall { wall: planned.wall.id, frame };
        let found = CHANNEL_LOST.on_the_wall(say!("finding-channel-lost", at = distance(at), width)).along(at);
        found.way(say!("way-move-the-crossing-wall")).way_by(say!("way-ladder-blocks"), ladder)
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
        found.then(|| {
            let found = PACK_IN_CORNER.at(plan.id, say!("finding-pack-in-corner", end, by));
            let found = found.way_by(say!("way-move-from-the-end", by), moved_by(plan, inward(end, by)));
            found.way(say!("way-fewer-corner-studs"))
        })
    };
    gaps.into_iter().filter_map(in_corner).collect()
}

fn short_returns(wall: &Wall, plan: &OpeningPlan) -> Vec<Finding> {
    if plan.design.kind != OpeningKind::OverheadDoor {
        return Vec::new();
    }
    let short = |(end, length): (End, Length)| {
        let found = Length::ZERO <= length && length < FULL_BRACING_PANEL;
        found.then(|| {
            let found = SHORT_RETURN.at(plan.id, say!("finding-short-return", end, length));
            found.way(say!("way-header-over-the-return")).way(say!("way-move-from-the-corner"))
        })
    };
    [(End::Left, plan.left()), (End::Right, wall.frame.length - plan.right())].into_iter().filter_map(short).collect()
}

/// A gap beside an opening in a bay that is too narrow for a filler.
fn gaps_in_bay(plan: &OpeningPlan) -> Vec<Finding> {
    let OpeningOutcome::InBay(bay) = plan.outcome else { return Vec::new() };
    let gap = |(end, gap): (End, Length)| {
        let found = Length::ZERO < gap && gap < plan.stud;
        found.then(|| {
            let found = GAP_IN_BAY.at(plan.id, say!("finding-gap-in-bay", end, gap)).way(say!("way-fur-the-gap"));
            let aside = if end == End::Left { -gap } else { gap };
            found.way_by(say!("way-against-the-stud", end), moved_by(plan, aside))
        })
    };
    [(End::Left, plan.left() - bay.left), (End::Right, bay.right - plan.right())].into_iter().filter_map(gap).collect()
}
