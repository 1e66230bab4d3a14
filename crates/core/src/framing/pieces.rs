//! What to cut for an opening: each piece once, with how many and how long.

use super::member::{Bevel, Member, Role, Stock};
use crate::job::OpeningId;
use crate::measure::Length;

/// A line of the cut list.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Piece {
    /// What it is for.
    pub role: Role,
    /// How many.
    pub count: u32,
    /// Cut length, at its longest.
    pub length: Length,
    /// How its end is cut where it is not square.
    pub bevel: Option<Bevel>,
    /// What it is cut from.
    pub stock: Stock,
}

/// The pieces of one opening, counted from its members, in cutting order: by role, longest first. What is cut out last is no
/// piece.
pub fn pieces_of(opening: OpeningId, members: &[Member]) -> Vec<Piece> {
    let mine = |member: &&Member| member.opening == Some(opening) && member.role != Role::SolePlateCutLast;
    counted(members.iter().filter(mine))
}

/// The pieces of a whole wall.
pub fn pieces_of_wall(members: &[Member]) -> Vec<Piece> {
    counted(members.iter())
}

fn counted<'a>(members: impl Iterator<Item = &'a Member>) -> Vec<Piece> {
    let mut pieces: Vec<Piece> = Vec::new();
    for member in members {
        let same = |piece: &&mut Piece| {
            (piece.role, piece.length, piece.bevel) == (member.role, member.cut, member.bevel)
                && piece.stock == member.stock
        };
        match pieces.iter_mut().find(same) {
            Some(piece) => piece.count += u32::from(member.plies),
            None => pieces.push(Piece {
                role: member.role,
                count: u32::from(member.plies),
                length: member.cut,
                bevel: member.bevel,
                stock: member.stock.clone(),
            }),
        }
    }
    pieces.sort_by_key(|piece| (cutting_order(piece.role), std::cmp::Reverse(piece.length)));
    pieces
}

const fn cutting_order(role: Role) -> u8 {
    match role {
        Role::Header | Role::FlatHead => 0,
        Role::Nailer | Role::HeadPacking => 1,
        Role::King => 2,
        Role::Jack => 3,
        Role::Sill => 4,
        _ => 5,
    }
}
