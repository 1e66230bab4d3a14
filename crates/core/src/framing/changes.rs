//! # Changes since it was framed
//!
//! **What it does.** Holds the wall as it is against the same wall with one opening as it was when somebody framed it: the header,
//! the pieces to take out and to put in, the marks to strike and to make.
//!
//! **Source.** Common practice, no source: units are exchanged after framing, and nobody knows what to pull.
//!
//! **Assumptions and limits.** Everything else of the job is as it is now. The sole plate runs through until the wall stands and is
//! cut at the jacks then, so that no piece of it is exchanged.

use super::marks::Mark;
use super::member::Role;
use super::opening_plan::OpeningPlan;
use super::pieces::{Piece, pieces_of_wall};
use super::wall_plan::{WallPlan, plan_wall};
use crate::job::{FramedAs, Opening, Rules, Wall};
use crate::lumber::HeaderSpec;
use crate::measure::Length;

/// What changed since an opening was framed.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Changes {
    /// The header then and now, with their lengths, where it is another one.
    pub header: Option<[Option<(HeaderSpec, Length)>; 2]>,
    /// Pieces that come out.
    pub out: Vec<Piece>,
    /// Pieces that go in.
    pub new: Vec<Piece>,
    /// Marks to strike.
    pub struck: Vec<Mark>,
    /// Marks to make.
    pub made: Vec<Mark>,
}

impl Changes {
    /// Whether nothing changed.
    pub fn is_empty(&self) -> bool {
        *self == Self::default()
    }
}

/// What changed about an opening of a planned wall since it was framed; `None` where it is not marked as framed.
pub fn changes(rules: &Rules<'_>, wall: &Wall, now: &WallPlan, opening: &Opening) -> Option<Changes> {
    opening.framed_as.as_ref()?;
    let Some(before) = plan_as_framed(rules, wall, now, opening) else { return Some(Changes::default()) };
    let header = |plan: &WallPlan| {
        let of_opening = |plan: &&OpeningPlan| plan.id == opening.id;
        let plan = plan.openings.iter().find(of_opening)?;
        Some((plan.header()?, plan.header_length()))
    };
    let headers = [header(&before), header(now)];
    Some(Changes {
        header: (headers[0] != headers[1]).then_some(headers),
        out: more(&exchanged(&before), &exchanged(now)),
        new: more(&exchanged(now), &exchanged(&before)),
        struck: only_in(&before.marks, &now.marks),
        made: only_in(&now.marks, &before.marks),
    })
}

/// A planned wall as it was with one opening as somebody framed it; `None` where that opening is not marked as framed, or did not change.
pub fn plan_as_framed(rules: &Rules<'_>, wall: &Wall, now: &WallPlan, opening: &Opening) -> Option<WallPlan> {
    let framed = opening.framed_as.as_ref()?;
    let same = (&framed.design, &framed.jacks, &framed.kings) == (&opening.design, &opening.jacks, &opening.kings);
    (!same).then(|| plan_wall(rules, &as_framed(wall, opening, framed), &now.ground.landed))
}

fn as_framed(wall: &Wall, opening: &Opening, framed: &FramedAs) -> Wall {
    let mut before = wall.clone();
    for each in before.openings.iter_mut().filter(|each| each.id == opening.id) {
        each.design = framed.design;
        each.jacks = framed.jacks.clone();
        each.kings = framed.kings.clone();
    }
    before
}

/// The pieces of a wall that may have to be exchanged.
fn exchanged(plan: &WallPlan) -> Vec<Piece> {
    let mut pieces = pieces_of_wall(&plan.members);
    pieces.retain(|piece| !matches!(piece.role, Role::SolePlate | Role::SolePlateCutLast));
    pieces
}

/// The pieces of which there are more in the first list, with how many more.
fn more(these: &[Piece], those: &[Piece]) -> Vec<Piece> {
    let surplus = |piece: &Piece| {
        let same = |other: &&Piece| {
            (other.role, other.length, other.bevel, &other.stock)
                == (piece.role, piece.length, piece.bevel, &piece.stock)
        };
        let there = those.iter().find(same).map_or(0, |other| other.count);
        (there < piece.count).then(|| Piece { count: piece.count - there, ..piece.clone() })
    };
    these.iter().filter_map(surplus).collect()
}

/// Marks are the same where the same thing is written at the same place.
fn only_in(these: &[Mark], those: &[Mark]) -> Vec<Mark> {
    let same = |one: &Mark, other: &Mark| {
        (one.at, one.width, one.on, one.kind) == (other.at, other.width, other.on, other.kind)
    };
    these.iter().filter(|mark| !those.iter().any(|other| same(mark, other))).cloned().collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::fixture::partition_with;
    use crate::framing::plan_wall_as_said;
    use crate::job::{OpeningDesign, OpeningId, OpeningKind, Size};

    fn window(width: i64) -> OpeningDesign {
        let size = Size { width: Length::inches(width), height: Length::inches(48) };
        let usual = OpeningDesign::usual(OpeningKind::Window, size);
        OpeningDesign { center: Length::feet(6), sill: Length::inches(34), ..usual }
    }

    fn changed(from: OpeningDesign, to: OpeningDesign) -> Changes {
        let mut opening = Opening::new(OpeningId(1), to);
        let (jacks, kings) = (opening.jacks.clone(), opening.kings.clone());
        opening.framed_as = Some(FramedAs { design: from, jacks, kings });
        let job = partition_with(vec![opening.clone()]);
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        changes(&job.rules(), &job.walls[0], &plan, &opening).expect("it is framed")
    }

    #[test]
    fn what_is_as_framed_has_no_changes() {
        assert!(changed(window(36), window(36)).is_empty());
    }

    #[test]
    fn a_wider_unit_exchanges_sill_and_head_and_moves_the_pack() {
        let changes = changed(window(36), window(38));
        let lengths = |pieces: &[Piece], role| -> Vec<f64> {
            pieces.iter().filter(|piece| piece.role == role).map(|piece| piece.length.to_inches()).collect()
        };
        // Rough openings 36 1/2 and 38 1/2.
        assert_eq!(lengths(&changes.out, Role::Sill), [36.5]);
        assert_eq!(lengths(&changes.new, Role::Sill), [38.5]);
        // Kings and jacks stay what they are, an inch farther out: only their marks move.
        assert!(lengths(&changes.out, Role::King).is_empty());
        let letters = |marks: &[Mark]| marks.iter().filter(|mark| mark.kind.letter() == 'K').count();
        assert_eq!((letters(&changes.struck), letters(&changes.made)), (2, 2));
    }

    #[test]
    fn what_was_never_framed_has_nothing_to_hold_against() {
        let opening = Opening::new(OpeningId(1), window(36));
        let job = partition_with(vec![opening.clone()]);
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        assert_eq!(changes(&job.rules(), &job.walls[0], &plan, &opening), None);
    }
}
