//! # Joists along the wall
//!
//! **What it does.** Where joists run along a wall that is opened, no plate beside it holds more than one of them: boards go across under them, through the
//! wall under its plates, from a leg on one side to a leg on the other. Says what a leg takes, as a load along the wall, and how hard a board works.
//!
//! **Source.** Elementary statics; the checks of a header ([`crate::shoring::header_over_studs`]). Boards across with legs: common practice, no source.
//!
//! **Assumptions and limits.** All joists between the legs lie on the boards, and nothing helps them from beyond: a board takes the whole floor between its
//! legs and halfway to the next one. What stands on the wall from above has no number.
//!
//! **Worked example.** 12 and 40 psf, legs 30 in. off on both sides, boards 4 ft apart: 208 lb/ft on a board of 5 ft, 520 lb on each leg beside half its weight.

use super::on_storey::{Shoring, TemporaryWall, loads};
use super::opening::Opening;
use crate::loads::{ByKind, LoadKind};
use crate::lumber::JackLumber;
use crate::measure::{Force, Length, LineLoad};
use crate::path::structure::{Field, FieldRun};
use crate::say;
use crate::shoring::header_over_studs::{HeaderOverStuds, MeetsAStud};
use crate::sizing::limits::OutsideLimits;
use crate::sizing::problem::Conventions;
use crate::speech::{Phrase, distance};

/// Boards across under the joists.
pub(super) struct HeaderBoards {
    /// What the legs take, as if they were walls.
    pub walls: Vec<TemporaryWall>,
    /// One board.
    pub board: Result<HeaderOverStuds, OutsideLimits>,
}

/// Whether joists run along a wall over it.
fn runs_along(shoring: &Shoring<'_>, field: &Field) -> bool {
    let line = shoring.line;
    let (low, high) = field.over.along(line.axis.across());
    let (from, to) = field.over.along(line.axis);
    field.span == line.axis
        && field.run != FieldRun::Clear
        && (low..=high).contains(&line.offset)
        && line.start < to
        && from < line.end()
}

/// Boards across under the joists that run along a wall; nothing where none do.
///
/// # Errors
/// What they need, or why there is no number, in a sentence.
pub(super) fn header_boards(
    shoring: &Shoring<'_>,
    legs: JackLumber,
    conventions: Conventions,
) -> Option<Result<HeaderBoards, Phrase>> {
    let over: Vec<&Field> = shoring.storey.structure.fields.iter().filter(|field| runs_along(shoring, field)).collect();
    if over.is_empty() {
        return None;
    }
    if over.iter().any(|field| field.loads.iter().any(|load| load.part.is_some())) {
        return Some(Err(say!("shore-roof-lies-on-it")));
    }
    if let Some(at) = over.iter().find_map(|field| shoring.stands_on_joists(field).first().copied()) {
        return Some(Err(say!("shore-stands-on-joists", at = distance(at))));
    }
    let Opening { lower: Some(lower), upper: Some(upper), header: Some(header), plies, .. } = *shoring.asked else {
        return Some(Err(say!("shore-needs-boards")));
    };
    let mut psf = ByKind::<f64>::default();
    for field in over {
        let on_it = loads(field, shoring.asked);
        for kind in LoadKind::ALL {
            psf[kind] += on_it[kind];
        }
    }
    let apart = header.apart.to_feet();
    let span = (lower + upper, MeetsAStud::OneEnd);
    let board = header.under((legs, plies), span, psf.map(|psf| LineLoad::plf(psf * apart)), conventions);
    let leg: ByKind<Force> = board.as_ref().map_or_else(|_| ByKind::default(), HeaderOverStuds::on_a_leg);
    let along = leg.map(|pounds| LineLoad::plf(pounds.to_lbf() / apart));
    let wall = |at: Length| TemporaryWall { at, takes: along };
    Some(Ok(HeaderBoards { walls: shoring.walls.iter().map(|each| wall(each.at)).collect(), board }))
}
