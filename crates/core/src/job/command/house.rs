//! Edits of the house: where walls stand, its parts, the ground.

use std::mem::replace;

use super::edit::{Command, CommandError, Listing};
use super::list::{Listed, absent, add as insert, found, take_out};
use crate::house::{Beam, EngineersMark, Field, Foundation, Ground, House, HousePart, Level, Pad, PartId, Place, Post};
use crate::job::{Job, WallId};

type Undone = Result<Command, CommandError>;

/// A part of a house in the list of its kind.
trait InHouse: Listed + Clone {
    fn list(house: &mut House) -> &mut Vec<Self>;
    fn part(self) -> HousePart;
}

macro_rules! in_house {
    ($($kind:ident of $part:ident = $list:ident),+) => {
        $(
            impl Listed for $kind {
                const WHAT: Listing = Listing::Part;
                fn identity(&self) -> u128 {
                    self.id.0
                }
            }

            impl InHouse for $kind {
                fn list(house: &mut House) -> &mut Vec<Self> {
                    &mut house.$list
                }
                fn part(self) -> HousePart {
                    HousePart::$part(self)
                }
            }
        )+
    };
}
in_house!(
    Level of Level = levels,
    Field of Field = fields,
    Beam of Beam = beams,
    Post of Post = posts,
    Foundation of Foundation = foundations,
    Pad of Pad = pads,
    EngineersMark of Mark = marks
);

pub(super) fn place_wall(job: &mut Job, wall: WallId, place: Option<Place>) -> Undone {
    let target = found(&mut job.walls, wall.0)?;
    Ok(Command::PlaceWall { wall, place: replace(&mut target.place, place) })
}

pub(super) fn add(job: &mut Job, part: &HousePart, at: usize) -> Undone {
    absent(job.house.part(part.id()).is_none(), Listing::Part)?;
    match part {
        HousePart::Level(part) => insert(&mut job.house.levels, at, part.clone()),
        HousePart::Field(part) => insert(&mut job.house.fields, at, part.clone()),
        HousePart::Beam(part) => insert(&mut job.house.beams, at, part.clone()),
        HousePart::Post(part) => insert(&mut job.house.posts, at, part.clone()),
        HousePart::Foundation(part) => insert(&mut job.house.foundations, at, part.clone()),
        HousePart::Pad(part) => insert(&mut job.house.pads, at, part.clone()),
        HousePart::Mark(part) => insert(&mut job.house.marks, at, part.clone()),
    }
    Ok(Command::RemovePart { part: part.id() })
}

pub(super) fn change(job: &mut Job, part: &HousePart) -> Undone {
    fn one<T: InHouse>(house: &mut House, part: &T) -> Result<HousePart, CommandError> {
        let target = found(T::list(house), part.identity())?;
        Ok(replace(target, part.clone()).part())
    }
    let house = &mut job.house;
    let before = match part {
        HousePart::Level(part) => one(house, part),
        HousePart::Field(part) => one(house, part),
        HousePart::Beam(part) => one(house, part),
        HousePart::Post(part) => one(house, part),
        HousePart::Foundation(part) => one(house, part),
        HousePart::Pad(part) => one(house, part),
        HousePart::Mark(part) => one(house, part),
    };
    Ok(Command::ChangePart { part: Box::new(before?) })
}

pub(super) fn remove(job: &mut Job, id: PartId) -> Undone {
    fn one<T: InHouse>(house: &mut House, id: PartId) -> Result<(usize, HousePart), CommandError> {
        let (at, part) = take_out(T::list(house), id.0)?;
        Ok((at, part.part()))
    }
    let house = &mut job.house;
    let (at, part) = match house.part(id).ok_or(CommandError::NotFound(Listing::Part))? {
        HousePart::Level(_) => one::<Level>(house, id),
        HousePart::Field(_) => one::<Field>(house, id),
        HousePart::Beam(_) => one::<Beam>(house, id),
        HousePart::Post(_) => one::<Post>(house, id),
        HousePart::Foundation(_) => one::<Foundation>(house, id),
        HousePart::Pad(_) => one::<Pad>(house, id),
        HousePart::Mark(_) => one::<EngineersMark>(house, id),
    }?;
    Ok(Command::AddPart { part: Box::new(part), at })
}

pub(super) fn ground(job: &mut Job, ground: Ground) -> Command {
    Command::ChangeGround { ground: replace(&mut job.house.ground, ground) }
}
