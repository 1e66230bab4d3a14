//! What to cut for an opening: each piece once, with how many and how long.

use super::member::{Member, Role};
use crate::job::OpeningId;
use crate::measure::Length;

/// A line of the cut list.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Piece {
    /// What it is for.
    pub role: Role,
    /// How many.
    pub count: u32,
    /// Cut length.
    pub length: Length,
    /// What it is cut from.
    pub stock: String,
}

/// The pieces of one opening, counted from its members, in cutting order: by role, longest first.
pub fn pieces_of(opening: OpeningId, members: &[Member]) -> Vec<Piece> {
    let mut pieces: Vec<Piece> = Vec::new();
    for member in members.iter().filter(|member| member.opening == Some(opening)) {
        if member.role == Role::SolePlateCutLast {
            continue;
        }
        let same =
            |piece: &&mut Piece| (piece.role, piece.length) == (member.role, member.cut) && piece.stock == member.stock;
        match pieces.iter_mut().find(same) {
            Some(piece) => piece.count += u32::from(member.plies),
            None => pieces.push(Piece {
                role: member.role,
                count: u32::from(member.plies),
                length: member.cut,
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
