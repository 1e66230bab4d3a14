//! # Stud bays
//!
//! **What it does.** Finds the bay between two studs of the layout in which an opening stands with nothing cut: such an opening
//! needs no header, jacks or kings, only a flat head and a sill between the two studs.
//!
//! **Source.** Common practice, no source: a header carries what cut studs carried.
//!
//! **Assumptions and limits.** Both studs stay where they are: no wider opening's pack takes their place, and no point load
//! stands over the opening.
//!
//! **Worked example.** Studs at 16 in.: the bay is 14 1/2 wide, from 16 3/4 to 31 1/4. A rough opening of 14 1/2 with its
//! center at 24 fits exactly.

use super::corner::corner_reach;
use super::landed::Landed;
use super::layout::stud_positions;
use crate::job::rough_opening::rough_opening;
use crate::job::{Backing, HeaderChoice, Opening, OpeningDesign, Rules, RunDesign, Wall};
use crate::measure::{End, Ends, Length};

/// The bay between two studs, by their inner faces.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct StudBay {
    /// Right face of the left stud.
    pub left: Length,
    /// Left face of the right stud.
    pub right: Length,
}

/// How far a wider opening's pack is taken to reach, in studs.
const WIDEST_PACK: i64 = 4;

/// The bay in which an opening of this wall needs no header; `None` where something is cut.
pub fn stud_bay(rules: &Rules<'_>, wall: &Wall, landed: &Landed, opening: &Opening) -> Option<StudBay> {
    let bay = bay_by_itself(rules, wall, landed, opening)?;
    // An opening whose studs a neighbor's pack takes has a pack itself, which may take the next one's.
    let mut in_bays: Vec<(&Opening, StudBay)> =
        wall.openings.iter().filter_map(|each| Some((each, bay_by_itself(rules, wall, landed, each)?))).collect();
    loop {
        let before = in_bays.len();
        let cutting: Vec<&Opening> =
            wall.openings.iter().filter(|each| !in_bays.iter().any(|(other, _)| other.id == each.id)).collect();
        in_bays.retain(|(_, bay)| !cutting.iter().any(|other| pack_reaches(rules, wall, other, *bay)));
        if in_bays.len() == before {
            break;
        }
    }
    in_bays.iter().any(|(each, _)| each.id == opening.id).then_some(bay)
}

/// The bay of an opening as if it were alone in the wall.
fn bay_by_itself(rules: &Rules<'_>, wall: &Wall, landed: &Landed, opening: &Opening) -> Option<StudBay> {
    let as_usual = opening.design.header == HeaderChoice::BySchool
        && opening.design.run == RunDesign::default()
        && opening.jacks == Ends::default()
        && opening.kings == Ends::default();
    let bay = bay_around(rules, wall, &opening.design).filter(|_| as_usual)?;
    studs_stay(wall, landed, bay).then_some(bay)
}

/// Whether the pack of an opening may take the place of a bay's studs.
fn pack_reaches(rules: &Rules<'_>, wall: &Wall, opening: &Opening, bay: StudBay) -> bool {
    let stud = wall.frame.thickness();
    let half = rough_opening(&opening.design, &rules.settings.rough).width.half() + stud * WIDEST_PACK;
    let center = opening.design.center;
    center - half < bay.right + stud && bay.left - stud < center + half
}

/// Whether no corner, no crossing wall's channel and no point load takes the place of the bay's studs.
fn studs_stay(wall: &Wall, landed: &Landed, bay: StudBay) -> bool {
    let frame = &wall.frame;
    let stud = frame.thickness();
    let (from, to) = (bay.left - stud, bay.right + stud);
    let channel = |partition: &crate::job::Partition| {
        let (left, right) = frame.channel_of(partition);
        partition.backing == Backing::Channel && from < right && left < to
    };
    let corner = |end: End| {
        let reach = corner_reach(*frame.framing.ends.at(end), stud);
        match end {
            // The end stud itself is one of the layout's.
            End::Left => stud < reach && from < reach,
            End::Right => stud < reach && frame.length - reach < to,
        }
    };
    let loads = landed.points.iter().any(|(at, _)| from - stud < *at && *at < to + stud);
    !frame.framing.partitions.iter().any(channel) && !End::BOTH.into_iter().any(corner) && !loads
}

fn bay_around(rules: &Rules<'_>, wall: &Wall, design: &OpeningDesign) -> Option<StudBay> {
    let half = rough_opening(design, &rules.settings.rough).width.half();
    let (from, to) = (design.center - half, design.center + half);
    // Most openings are wider than any bay.
    if wall.frame.spacing < to - from {
        return None;
    }
    let studs = stud_positions(&wall.frame);
    studs.windows(2).find_map(|pair| {
        let bay = StudBay { left: pair[0] + wall.frame.thickness(), right: pair[1] };
        (bay.left <= from && to <= bay.right).then_some(bay)
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::fixture::partition_with;
    use crate::framing::{OpeningOutcome, Role, WallPlan, plan_wall_as_said};
    use crate::job::{OpeningId, OpeningKind, Size};

    fn planned(openings: &[(i64, Length)]) -> WallPlan {
        let opening = |(index, (width, center)): (usize, &(i64, Length))| {
            let rough = Size { width: Length::inches_and(*width, 1, 2), height: Length::inches(30) };
            let design = OpeningDesign {
                center: *center,
                sill: Length::inches(40),
                ..OpeningDesign::usual(
                    OpeningKind::Window,
                    Size { width: Length::inches(*width), height: rough.height },
                )
            };
            Opening::new(OpeningId(index as u128), OpeningDesign { rough: Some(rough), ..design })
        };
        let job = partition_with(openings.iter().enumerate().map(opening).collect());
        plan_wall_as_said(&job.rules(), &job.walls[0])
    }

    #[test]
    fn a_narrow_window_between_two_studs_cuts_nothing() {
        let plan = planned(&[(14, Length::inches(24))]);
        assert!(matches!(plan.openings[0].outcome, OpeningOutcome::InBay(_)));
        let count = |role: Role| plan.members.iter().filter(|member| member.role == role).count();
        assert_eq!((count(Role::King), count(Role::Jack), count(Role::CrippleAbove)), (0, 0, 0));
        assert_eq!((count(Role::FlatHead), count(Role::Sill)), (1, 1));
        // Every stud of a 12 ft wall at 16 in. is still there: 0, 15 1/4 … 127 1/4, 142 1/2.
        assert_eq!(count(Role::Stud), 10);
    }

    #[test]
    fn a_neighbor_that_a_crossing_wall_turns_out_of_its_bay_takes_a_stud_of_the_next() {
        // Studs at 24 in.: both windows stand in bays, but the channel at 22 ft takes a stud of the first, whose pack then takes the stud
        // between them.
        let opening = |index: u128, feet: i64| {
            let size = Size { width: Length::inches(20), height: Length::inches(40) };
            let design =
                OpeningDesign { center: Length::feet(feet), ..OpeningDesign::usual(OpeningKind::Window, size) };
            Opening::new(OpeningId(index), design)
        };
        let mut job = partition_with(vec![opening(0, 23), opening(1, 25)]);
        let frame = &mut job.walls[0].frame;
        (frame.length, frame.spacing) = (Length::feet(27), Length::inches(24));
        let in_bay = |job: &crate::job::Job| {
            let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
            plan.openings.iter().map(|plan| matches!(plan.outcome, OpeningOutcome::InBay(_))).collect::<Vec<_>>()
        };
        assert_eq!(in_bay(&job), [true, true]);
        let crossing = crate::job::Partition::channel(Length::feet(22), crate::lumber::Depth::Four);
        job.walls[0].frame.framing.partitions = vec![crossing];
        assert_eq!(in_bay(&job), [false, false]);
    }

    #[test]
    fn an_inch_to_the_side_it_cuts_a_stud() {
        let plan = planned(&[(14, Length::inches(25))]);
        assert_eq!(plan.openings[0].outcome, OpeningOutcome::Flat);
    }

    #[test]
    fn a_wider_neighbors_pack_takes_the_stud_away() {
        let plan = planned(&[(14, Length::inches(24)), (36, Length::inches(54))]);
        assert_eq!(plan.openings[0].outcome, OpeningOutcome::Flat);
    }

    #[test]
    fn a_narrower_opening_gets_a_filler_where_there_is_room_for_one() {
        // 10 1/2 wide with its left face on the stud: 16 3/4 to 27 1/4; 4 in. are left to the next stud.
        let plan = planned(&[(10, Length::inches(22))]);
        let fillers: Vec<Length> =
            plan.members.iter().filter(|member| member.role == Role::BayFiller).map(|member| member.rect.x).collect();
        assert_eq!(fillers, [Length::inches_and(27, 1, 4)]);
    }
}
