//! Edits of openings: adding, taking out and moving them, their design and header, decided counts, the mark of framing.

use std::mem::replace;

use super::edit::{Command, CommandError, Listing, Placement};
use super::list::{absent, add as insert, found, take_out, wall_with};
use crate::job::rough_opening::rough_opening;
use crate::job::{CountOverride, FramedAs, HeaderChoice, Job, Opening, OpeningDesign, OpeningId, StudRole, WallId};
use crate::measure::End;

type Undone = Result<Command, CommandError>;

fn opening_mut(job: &mut Job, opening: OpeningId) -> Result<&mut Opening, CommandError> {
    found(&mut wall_with::<Opening>(job, opening.0)?.openings, opening.0)
}

pub(super) fn add(job: &mut Job, wall: WallId, opening: &Opening, at: usize) -> Undone {
    absent(job.opening(opening.id).is_none(), Listing::Opening)?;
    let target = found(&mut job.walls, wall.0)?;
    let taken = opening.letter.is_some() && target.openings.iter().any(|each| each.letter == opening.letter);
    absent(!taken, Listing::Letter)?;
    let letters_given = target.letters_given;
    insert(&mut target.openings, at, opening.clone());
    target.give_letters();
    Ok(Command::RemoveOpening { opening: opening.id, letters_given: Some(letters_given) })
}

pub(super) fn remove(job: &mut Job, opening: OpeningId, letters_given: Option<u16>) -> Undone {
    let wall = wall_with::<Opening>(job, opening.0)?;
    if let Some(before) = letters_given {
        wall.letters_given = before;
    }
    let (at, opening) = take_out(&mut wall.openings, opening.0)?;
    Ok(Command::AddOpening { wall: wall.id, opening: Box::new(opening), at })
}

pub(super) fn place(job: &mut Job, opening: OpeningId, to: Placement) -> Undone {
    let rules = job.settings.rough;
    let wall = wall_with::<Opening>(job, opening.0)?;
    let length = wall.frame.length;
    let target = found(&mut wall.openings, opening.0)?;
    let center = to.center(rough_opening(&target.design, &rules).width, length);
    let before = replace(&mut target.design.center, center);
    Ok(Command::MoveOpening { opening, to: Placement::Center(before) })
}

pub(super) fn design(job: &mut Job, opening: OpeningId, design: OpeningDesign) -> Undone {
    let target = opening_mut(job, opening)?;
    Ok(Command::ChangeOpening { opening, design: replace(&mut target.design, design) })
}

pub(super) fn header(job: &mut Job, opening: OpeningId, header: HeaderChoice) -> Undone {
    let target = opening_mut(job, opening)?;
    Ok(Command::ChooseHeader { opening, header: replace(&mut target.design.header, header) })
}

pub(super) fn count(
    job: &mut Job,
    opening: OpeningId,
    role: StudRole,
    end: End,
    decided: Option<&CountOverride>,
) -> Undone {
    let target = opening_mut(job, opening)?;
    let counts = match role {
        StudRole::Jack => &mut target.jacks,
        StudRole::King => &mut target.kings,
    };
    let before = replace(counts.at_mut(end), decided.cloned());
    Ok(Command::OverrideCount { opening, role, end, decided: before })
}

pub(super) fn framed(job: &mut Job, opening: OpeningId, framed: Option<&FramedAs>) -> Undone {
    let target = opening_mut(job, opening)?;
    let before = replace(&mut target.framed_as, framed.cloned());
    Ok(Command::MarkFramed { opening, framed: before.map(Box::new) })
}
