//! Anchor bolts in a wall's sole plate, and what stands on it.

use super::super::member::{Member, Role};
use super::super::plates::{Stretch, anchor_bolts};
use crate::job::Wall;
use crate::measure::Length;

/// Anchor bolts of a wall on concrete, clear of what stands on the plate; those that stand already, where there are any.
pub(super) fn bolts(wall: &Wall, members: &[Member]) -> Vec<Length> {
    let options = &wall.frame.framing;
    let Some(spacing) = options.bolts else { return Vec::new() };
    if !options.cast_bolts.is_empty() {
        let mut cast = options.cast_bolts.clone();
        cast.sort_unstable();
        return cast;
    }
    anchor_bolts(&sole_members(members), spacing, &standing_on_sole(wall, members))
}

pub(super) fn stretch(member: &Member) -> Stretch {
    (member.rect.x, member.rect.right())
}

pub(super) fn sole_members(members: &[Member]) -> Vec<Stretch> {
    members.iter().filter(|member| member.role == Role::SolePlate).map(stretch).collect()
}

pub(super) fn standing_on_sole(wall: &Wall, members: &[Member]) -> Vec<Stretch> {
    let standing = |member: &&Member| member.role.stands() && member.rect.y == wall.frame.thickness();
    members.iter().filter(standing).map(stretch).collect()
}
