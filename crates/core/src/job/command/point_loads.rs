//! Edits of point loads.

use std::mem::replace;

use super::edit::{Command, CommandError, Listing};
use super::list::{absent, add as insert, found, take_out, wall_with};
use crate::job::{Job, PointLoad, PointLoadId, WallId};

type Undone = Result<Command, CommandError>;

pub(super) fn add(job: &mut Job, wall: WallId, load: &PointLoad, at: usize) -> Undone {
    absent(wall_with::<PointLoad>(job, load.id.0).is_err(), Listing::PointLoad)?;
    insert(&mut found(&mut job.walls, wall.0)?.point_loads, at, load.clone());
    Ok(Command::RemovePointLoad { load: load.id })
}

pub(super) fn change(job: &mut Job, load: &PointLoad) -> Undone {
    let target = found(&mut wall_with::<PointLoad>(job, load.id.0)?.point_loads, load.id.0)?;
    Ok(Command::ChangePointLoad { load: replace(target, load.clone()) })
}

pub(super) fn remove(job: &mut Job, load: PointLoadId) -> Undone {
    let wall = wall_with::<PointLoad>(job, load.0)?;
    let (at, load) = take_out(&mut wall.point_loads, load.0)?;
    Ok(Command::AddPointLoad { wall: wall.id, load, at })
}
