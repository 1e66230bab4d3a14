//! # Joints of panels
//!
//! **What it does.** Says where a wall can be cut into panels that are raised one after the other: at the face of a full-height stud outside openings, packs,
//! headers and channels, with a stud on the other side of the joint. Where somebody decided where panels end, finds the joint that is nearest to each.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** Studs at 16 in.: a panel that is to end at 100 in. ends at 97 1/2, at the right face of the stud at 96; a stud is added beyond.

use crate::framing::member::{Member, PlatesMarked, Rect, Role, Stock};
use crate::framing::opening_plan::OpeningPlan;
use crate::job::WallFrame;
use crate::measure::{End, Length};

/// From one joint to the next, at least, and from the wall's ends.
pub const LEAST_PANEL: Length = Length::feet(2);

/// A place where a wall can be cut into panels.
#[derive(Clone, Debug, PartialEq)]
pub struct Joint {
    /// Where.
    pub at: Length,
    /// A stud that is added: on which side of the joint it stands, and it.
    pub added: Option<(End, Member)>,
}

/// The joints at which a wall is framed in panels, from left to right: of each place where somebody put the end of one the nearest joint that leaves no
/// panel too short; what finds none is left out.
pub fn panel_ends(frame: &WallFrame, openings: &[OpeningPlan], members: &[Member]) -> Vec<Joint> {
    let mut found: Vec<Joint> = Vec::new();
    if frame.framing.panel_ends.is_empty() {
        return found;
    }
    let joints = joints(frame, openings, members);
    for wanted in &frame.framing.panel_ends {
        let taken = |at: Length| {
            let near = |other: Length| (other - at).abs() < LEAST_PANEL;
            near(Length::ZERO) || near(frame.length) || found.iter().any(|joint| near(joint.at))
        };
        let free = joints.iter().filter(|joint| !taken(joint.at));
        found.extend(free.min_by_key(|joint| (joint.at - *wanted).abs()).cloned());
    }
    found.sort_by_key(|joint| joint.at);
    found
}

/// Where a wall can be cut, from left to right: at the faces of its full-height studs outside openings, packs, headers and channels.
pub fn joints(frame: &WallFrame, openings: &[OpeningPlan], members: &[Member]) -> Vec<Joint> {
    let kept_whole = kept_whole(frame, openings);
    let stands = |member: &&Member| member.meets == Some(PlatesMarked::Both);
    let thick = frame.thickness();
    let mut joints: Vec<Joint> = Vec::new();
    for stud in members.iter().filter(stands).filter(|member| member.role == Role::Stud) {
        for (face, side) in [(stud.rect.x, End::Left), (stud.rect.right(), End::Right)] {
            let in_the_wall = Length::ZERO < face && face < frame.length;
            if !in_the_wall || kept_whole.iter().any(|(from, to)| *from < face && face < *to) {
                continue;
            }
            let beyond = if side == End::Left { (face - thick, face) } else { (face, face + thick) };
            let touches = |member: &Member| {
                let edge = if side == End::Left { member.rect.right() } else { member.rect.x };
                edge == face
            };
            let added = if members.iter().filter(stands).any(touches) {
                None
            } else if is_clear(frame, members, &kept_whole, beyond) {
                Some((side, end_stud(frame, beyond)))
            } else {
                continue;
            };
            joints.push(Joint { at: face, added });
        }
    }
    joints.sort_by_key(|joint| (joint.at, joint.added.is_some()));
    joints.dedup_by_key(|joint| joint.at);
    joints
}

/// Stretches that are not cut: openings with their packs and headers, and channels of crossing walls.
fn kept_whole(frame: &WallFrame, openings: &[OpeningPlan]) -> Vec<(Length, Length)> {
    let openings = openings.iter().map(|opening| {
        let header = (opening.header_left(), opening.header_left() + opening.header_length());
        let has_header = opening.header().is_some();
        let (left, right) = (opening.pack_edge(End::Left), opening.pack_edge(End::Right));
        if has_header { (left.min(header.0), right.max(header.1)) } else { (left, right) }
    });
    let channels = frame.framing.partitions.iter().map(|partition| frame.channel_of(partition));
    openings.chain(channels).collect()
}

fn is_clear(
    frame: &WallFrame,
    members: &[Member],
    kept_whole: &[(Length, Length)],
    (from, to): (Length, Length),
) -> bool {
    let apart = |left: Length, right: Length| right <= from || to <= left;
    let stands = |member: &&Member| member.role.stands();
    Length::ZERO <= from
        && to <= frame.length
        && kept_whole.iter().all(|(left, right)| apart(*left, *right))
        && members.iter().filter(stands).all(|member| apart(member.rect.x, member.rect.right()))
}

/// The stud at the end of a panel.
fn end_stud(frame: &WallFrame, (from, to): (Length, Length)) -> Member {
    let bottom = frame.thickness();
    let height = frame.lowest_under_plates(from, to) - bottom;
    Member::new(Role::Stud, None, Rect { x: from, y: bottom, width: to - from, height }, Stock::of_studs(frame))
}
