//! That the pieces of a job are its members.

use std::collections::{BTreeMap, BTreeSet};

use sturvek_core::cutting::pieces::{HeldBack, JobPieces, Of, PieceId};
use sturvek_core::framing::member::Role;
use sturvek_core::job::OpeningId;
use sturvek_core::measure::Length;
use sturvek_core::plan::JobPlan;

/// Every member of a decided opening and of the wall around it is a piece, once for each ply; nothing else is.
pub fn members_are_pieces(plan: &JobPlan, all: &JobPieces) {
    let held: BTreeSet<OpeningId> = all
        .held_back
        .iter()
        .filter_map(|held| match held {
            HeldBack::Opening { opening, .. } => Some(*opening),
            HeldBack::Part { .. } => None,
        })
        .collect();
    for (wall, planned) in plan.walls() {
        let mut counted: BTreeMap<usize, u8> = BTreeMap::new();
        for piece in &all.pieces {
            if matches!(piece.id.of, Of::Opening(of, _) | Of::Bay(of, _) if of == wall.id) {
                for member in &piece.members {
                    *counted.entry(*member).or_default() += 1;
                }
                let length: Length = piece.members.iter().map(|place| planned.members[*place].cut).sum();
                assert_eq!(piece.length, length);
            }
        }
        for (place, member) in planned.members.iter().enumerate() {
            let out = member.role != Role::SolePlateCutLast && member.opening.is_some_and(|of| held.contains(&of));
            let times = counted.get(&place).copied().unwrap_or(0);
            assert_eq!(times, if out { 0 } else { member.plies.max(1) }, "{member:?}");
        }
    }
    let names: BTreeSet<PieceId> = all.pieces.iter().map(|piece| piece.id).collect();
    assert_eq!(names.len(), all.pieces.len());
}
