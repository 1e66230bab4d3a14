//! Boards that something is fastened to: none of it between studs, or where a door swings.

use super::super::super::opening_plan::OpeningPlan;
use super::super::backing_boards::is_held;
use super::planned::Planned;
use crate::finding::{Finding, Rule};
use crate::job::command::Command;
use crate::job::{BackingBoard, OpeningKind};
use crate::measure::Length;
use crate::say;
use crate::speech::distance;

/// A board has no bay to stand in.
pub(super) static BOARD_LOST: Rule = Rule::caution("board-lost");
/// A board lies where the leaf of a door opens against the wall.
pub(super) static BOARD_BEHIND_DOOR: Rule = Rule::note("board-behind-door");

pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let frame = &planned.wall.frame;
    let mut findings = Vec::new();
    for (place, board) in frame.framing.boards.iter().enumerate() {
        let y = board.height - frame.sawn.depth(board.board).half();
        let (from, to) = (distance(board.from), distance(board.to));
        if !is_held(planned.members, board.from, board.to, y) {
            let phrase = say!("finding-board-lost", name = &board.name, from, to, height = board.height);
            findings.push(BOARD_LOST.on_the_wall(phrase).along(board.from).way(say!("way-move-the-board")));
            continue;
        }
        findings.extend(behind_doors(planned, place, board));
    }
    findings
}

/// Within the width of a leaf beside a door that swings: which side it hangs on nobody said.
fn behind_doors(planned: &Planned<'_>, place: usize, board: &BackingBoard) -> Option<Finding> {
    let swings = |kind: OpeningKind| matches!(kind, OpeningKind::Door | OpeningKind::PairOfDoors);
    let leaf = |plan: &OpeningPlan| {
        let leaves = if plan.design.kind == OpeningKind::PairOfDoors { 2 } else { 1 };
        plan.design.unit.width / leaves
    };
    let doors = planned.openings.iter().filter(|plan| swings(plan.design.kind));
    doors.into_iter().find_map(|plan| {
        let wide = leaf(plan);
        let beside = [(plan.left() - wide, plan.left()), (plan.right(), plan.right() + wide)];
        let (from, to) = beside.into_iter().find(|(from, to)| board.from < *to && *from < board.to)?;
        let phrase =
            say!("finding-board-behind-door", name = &board.name, letter = plan.letter.to_string(), leaf = wide);
        let found = BOARD_BEHIND_DOOR.on_the_wall(phrase).along(board.from);
        // What is left of it beyond the leaf.
        let rest = if board.from < from { (board.from, from) } else { (to, board.to) };
        Some(if rest.0 < rest.1 {
            found.way_by(say!("way-shorten-the-board"), shortened(planned, place, rest))
        } else {
            found
        })
    })
}

fn shortened(planned: &Planned<'_>, place: usize, (from, to): (Length, Length)) -> Command {
    let mut frame = planned.wall.frame.clone();
    if let Some(board) = frame.framing.boards.get_mut(place) {
        (board.from, board.to) = (from, to);
    }
    Command::ChangeWall { wall: planned.wall.id, frame }
}
