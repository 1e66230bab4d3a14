//! Where an opening wants to stand: places worth stopping at while it is dragged along the tape, each with the studs of the
//! layout that it saves.

use super::layout::stud_positions;
use super::opening_plan::OpeningPlan;
use crate::job::Wall;
use crate::measure::{End, Length};

/// Why a place is worth stopping at.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum SnapKind {
    /// In the middle of the wall.
    WallCenter,
    /// As near to the middle of the wall, seen from outside, as the walls inside allow.
    CenterClearOfWalls,
    /// Midway between its neighbors' packs, or a neighbor and the wall's end.
    EqualGaps,
    /// Between two studs of the layout, so that nothing is cut.
    StudBay,
    /// The left king stands on a layout stud, which saves that stud.
    LeftKingOnLayout,
    /// The right king stands on a layout stud.
    RightKingOnLayout,
}

/// A place worth stopping at.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Snap {
    /// Where the opening's center would be.
    pub center: Length,
    /// Why.
    pub kind: SnapKind,
    /// How many full studs fewer the wall takes than with the opening where it is; negative for more.
    pub studs_saved: i32,
}

/// The places for one opening among the plans of its wall, from left to right.
pub fn snaps(plan: &OpeningPlan, others: &[OpeningPlan], wall: &Wall) -> Vec<Snap> {
    let length = wall.frame.length;
    let stud = wall.frame.thickness();
    let reach = Reach {
        left: plan.design.center - plan.pack_edge(End::Left),
        right: plan.pack_edge(End::Right) - plan.design.center,
    };
    let layout = stud_positions(&wall.frame);
    let covered = |center: Length| {
        let within = |x: &&Length| **x < center + reach.right && center - reach.left < **x + stud;
        i32::try_from(layout.iter().filter(within).count()).unwrap_or(i32::MAX)
    };
    let now = covered(plan.design.center);
    let mut places =
        vec![(length.half(), SnapKind::WallCenter), (equal_gaps(plan, others, reach, length), SnapKind::EqualGaps)];
    places.extend(clear_of_walls(wall, reach).map(|center| (center, SnapKind::CenterClearOfWalls)));
    for x in &layout {
        places.push((*x + reach.left, SnapKind::LeftKingOnLayout));
        places.push((*x + stud - reach.right, SnapKind::RightKingOnLayout));
    }
    places.retain(|(center, _)| reach.left <= *center && *center + reach.right <= length);
    let half = plan.rough.width.half();
    let bays = layout.windows(2).map(|pair| (pair[0] + stud, pair[1]));
    let fitting = bays.filter(|(from, to)| half * 2 <= *to - *from);
    places.extend(fitting.map(|(from, to)| ((from + to).half(), SnapKind::StudBay)));
    let snap = |(center, kind): (Length, SnapKind)| Snap { center, kind, studs_saved: covered(center) - now };
    let mut snaps: Vec<Snap> = places.into_iter().map(snap).collect();
    snaps.sort_by_key(|snap| (snap.center, snap.kind));
    snaps
}

/// How far an opening reaches from its center with its packs.
#[derive(Clone, Copy)]
struct Reach {
    left: Length,
    right: Length,
}

fn equal_gaps(plan: &OpeningPlan, others: &[OpeningPlan], reach: Reach, length: Length) -> Length {
    let others = || others.iter().filter(|other| other.id != plan.id);
    let left_of = others().map(|other| other.pack_edge(End::Right)).filter(|edge| *edge <= plan.design.center).max();
    let right_of = others().map(|other| other.pack_edge(End::Left)).filter(|edge| plan.design.center <= *edge).min();
    let (from, to) = (left_of.unwrap_or(Length::ZERO), right_of.unwrap_or(length));
    from + (to - from - reach.left - reach.right).half() + reach.left
}

/// The center nearest to the wall's middle at which the packs clear every crossing wall; `None` where none crosses.
fn clear_of_walls(wall: &Wall, reach: Reach) -> Option<Length> {
    let frame = &wall.frame;
    let barred = |partition: &crate::job::Partition| {
        let (from, to) = frame.channel_of(partition);
        (from - reach.right, to + reach.left)
    };
    let barred: Vec<(Length, Length)> = frame.framing.partitions.iter().map(barred).collect();
    let middle = frame.length.half();
    let free = |center: &Length| !barred.iter().any(|(from, to)| *from < *center && *center < *to);
    let edges = barred.iter().flat_map(|(from, to)| [*from, *to]).chain([middle]);
    let nearest = edges.filter(free).min_by_key(|center| (*center - middle).abs());
    nearest.filter(|_| !barred.is_empty())
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::margins::margins;
    use crate::framing::plan_wall_as_said;
    use crate::job::{
        Job, Opening, OpeningDesign, OpeningId, OpeningKind, Partition, SiteSaid, Size, WallFrame, WallId,
    };
    use crate::loads::{BearingEvidence, WallCarries};
    use crate::lumber::Depth;

    fn job(width: i64, center: i64, partitions: Vec<Partition>) -> Job {
        let unit = Size { width: Length::inches(width) - Length::inches(2), height: Length::inches(80) };
        let design = OpeningDesign { center: Length::inches(center), ..OpeningDesign::usual(OpeningKind::Door, unit) };
        let mut frame = WallFrame { length: Length::feet(20), ..WallFrame::usual("north") };
        frame.framing.partitions = partitions;
        let mut job = Job::empty("invented", vec![]);
        job.settings.said = SiteSaid::SAID;
        job.walls.push(Wall {
            id: WallId(1),
            frame,
            evidence: BearingEvidence::default(),
            carries: WallCarries::Nothing,
            openings: vec![Opening::new(OpeningId(1), design)],
            letters_given: 0,
            point_loads: vec![],
            place: None,
        });
        job
    }

    fn found(job: &Job, kind: SnapKind) -> Vec<Snap> {
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        let all = snaps(&plan.openings[0], &plan.openings, &job.walls[0]);
        all.into_iter().filter(|snap| snap.kind == kind).collect()
    }

    #[test]
    fn a_king_on_the_layout_saves_a_stud() {
        // 38 wide with a jack and a king each side: 44. Its center at 60 covers 38 to 82 and, of studs at 15 1/4 + 16 n, those
        // at 47 1/4, 63 1/4 and 79 1/4. With the left king on 31 1/4 it covers 31 1/4 to 75 1/4: three; from 63 1/4 to
        // 107 1/4: three.
        let job = job(38, 60, vec![]);
        let left = found(&job, SnapKind::LeftKingOnLayout);
        let first = left.iter().find(|snap| snap.center == Length::inches_and(53, 1, 4)).expect("left king at 31 1/4");
        assert_eq!(first.studs_saved, 0);
        // At 65 it covers 43 to 87 and the same three; at 55, 33 to 77, only two: a place that saves one is better.
        let worse = self::job(38, 55, vec![]);
        let better = found(&worse, SnapKind::LeftKingOnLayout);
        assert!(better.iter().any(|snap| snap.studs_saved == 1), "{better:?}");
    }

    #[test]
    fn centered_as_far_as_the_walls_inside_allow() {
        // The wall's middle is at 120, where a 2x4 wall crosses: its channel takes 116 3/4 to 123 1/4, and the opening with
        // its packs 22 to each side: 94 3/4 and 145 1/4 clear it, the nearer of the two alike far, the left one first.
        let job = job(38, 60, vec![Partition::channel(Length::inches(120), Depth::Four)]);
        let centers: Vec<Length> = found(&job, SnapKind::CenterClearOfWalls).iter().map(|snap| snap.center).collect();
        assert_eq!(centers, [Length::inches_and(94, 3, 4)]);
    }

    #[test]
    fn margins_outside_and_inside() {
        let job = job(38, 60, vec![Partition::channel(Length::inches(120), Depth::Four)]);
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        let margins = margins(&plan.openings[0], &job.walls[0].frame);
        // 60 − 19 = 41 to the left end; 240 − 79 = 161 to the right, but 118 1/4 − 79 = 39 1/4 to the wall inside.
        assert_eq!((margins.outside.left, margins.outside.right), (Length::inches(41), Length::inches(161)));
        assert_eq!((margins.inside.left, margins.inside.right), (Length::inches(41), Length::inches_and(39, 1, 4)));
    }
}
