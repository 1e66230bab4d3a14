//! Edits of walls: adding, taking out, turning and moving them, their frame, what they carry, what was looked at.

use std::mem::replace;

use super::edit::{Command, CommandError, Listing};
use super::list::{absent, add as insert, found, move_to, take_out};
use crate::job::mirror::mirror as turned;
use crate::job::{Job, Wall, WallFrame, WallId};
use crate::loads::{BearingEvidence, WallCarries};

type Undone = Result<Command, CommandError>;

pub(super) fn add(job: &mut Job, wall: &Wall, at: usize) -> Undone {
    absent(job.wall(wall.id).is_none(), Listing::Wall)?;
    let mut added = wall.clone();
    added.give_letters();
    insert(&mut job.walls, at, added);
    Ok(Command::RemoveWall { wall: wall.id })
}

pub(super) fn remove(job: &mut Job, wall: WallId) -> Undone {
    let (at, wall) = take_out(&mut job.walls, wall.0)?;
    Ok(Command::AddWall { wall: Box::new(wall), at })
}

pub(super) fn mirror(job: &mut Job, wall: WallId) -> Undone {
    let rules = job.settings.rough;
    turned(found(&mut job.walls, wall.0)?, &rules);
    Ok(Command::MirrorWall { wall })
}

pub(super) fn shift(job: &mut Job, wall: WallId, to: usize) -> Undone {
    Ok(Command::MoveWall { wall, to: move_to(&mut job.walls, wall.0, to)? })
}

pub(super) fn frame(job: &mut Job, wall: WallId, frame: &WallFrame) -> Undone {
    let target = found(&mut job.walls, wall.0)?;
    Ok(Command::ChangeWall { wall, frame: replace(&mut target.frame, frame.clone()) })
}

pub(super) fn carries(job: &mut Job, wall: WallId, carries: &WallCarries) -> Undone {
    let target = found(&mut job.walls, wall.0)?;
    Ok(Command::ChangeCarries { wall, carries: replace(&mut target.carries, carries.clone()) })
}

pub(super) fn evidence(job: &mut Job, wall: WallId, evidence: BearingEvidence) -> Undone {
    let target = found(&mut job.walls, wall.0)?;
    Ok(Command::ChangeEvidence { wall, evidence: replace(&mut target.evidence, evidence) })
}
