//! Lists of things that have an identity: adding, changing, moving and taking out, each with what it takes to go back.

use super::edit::{CommandError, Listing};
use crate::job::{Job, Opening, PointLoad, Wall};

/// Something in a list of a job.
pub(super) trait Listed {
    /// What it is called where one is missing.
    const WHAT: Listing;
    /// Its identity.
    fn identity(&self) -> u128;
}

impl Listed for Wall {
    const WHAT: Listing = Listing::Wall;
    fn identity(&self) -> u128 {
        self.id.0
    }
}

impl Listed for Opening {
    const WHAT: Listing = Listing::Opening;
    fn identity(&self) -> u128 {
        self.id.0
    }
}

impl Listed for PointLoad {
    const WHAT: Listing = Listing::PointLoad;
    fn identity(&self) -> u128 {
        self.id.0
    }
}

/// Something in a list of a wall.
pub(super) trait OnWall: Listed + Sized {
    /// The list.
    fn list(wall: &mut Wall) -> &mut Vec<Self>;
}

impl OnWall for Opening {
    fn list(wall: &mut Wall) -> &mut Vec<Self> {
        &mut wall.openings
    }
}

impl OnWall for PointLoad {
    fn list(wall: &mut Wall) -> &mut Vec<Self> {
        &mut wall.point_loads
    }
}

/// The wall that an item is on.
pub(super) fn wall_with<T: OnWall>(job: &mut Job, id: u128) -> Result<&mut Wall, CommandError> {
    let holds = |wall: &mut Wall| T::list(wall).iter().any(|each| each.identity() == id);
    let at = job.walls.iter_mut().position(holds).ok_or(CommandError::NotFound(T::WHAT))?;
    Ok(&mut job.walls[at])
}

/// Refuses what is there already.
pub(super) fn absent(is_absent: bool, what: Listing) -> Result<(), CommandError> {
    if is_absent { Ok(()) } else { Err(CommandError::AlreadyThere(what)) }
}

/// Adds an item at a place, or at the end where there are fewer.
pub(super) fn add<T>(list: &mut Vec<T>, at: usize, item: T) {
    list.insert(at.min(list.len()), item);
}

/// The place of an item.
pub(super) fn place<T: Listed>(list: &[T], id: u128) -> Result<usize, CommandError> {
    list.iter().position(|each| each.identity() == id).ok_or(CommandError::NotFound(T::WHAT))
}

/// Takes an item out; with the place it had.
pub(super) fn take_out<T: Listed>(list: &mut Vec<T>, id: u128) -> Result<(usize, T), CommandError> {
    let at = place(list, id)?;
    Ok((at, list.remove(at)))
}

/// Moves an item to another place; the place it had.
pub(super) fn move_to<T: Listed>(list: &mut Vec<T>, id: u128, to: usize) -> Result<usize, CommandError> {
    if list.len() <= to {
        return Err(CommandError::NoSuchPlace { places: list.len() });
    }
    let (from, item) = take_out(list, id)?;
    add(list, to, item);
    Ok(from)
}

/// An item that is changed in place.
pub(super) fn found<T: Listed>(list: &mut [T], id: u128) -> Result<&mut T, CommandError> {
    let at = place(list, id)?;
    Ok(&mut list[at])
}
