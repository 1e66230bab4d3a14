//! Breaks of the top plates that somebody decided on are held to the same rules as those that are placed.

use super::super::super::plates::{Stretch, TopBreaks};
use super::super::plate_breaks::{level_stock, packs_of};
use super::planned::Planned;
use crate::finding::{Finding, Rule};
use crate::job::command::Command;
use crate::measure::Length;
use crate::say;
use crate::speech::distance;

/// A top plate breaks over an opening or its pack.
pub(super) static BREAK_OVER_OPENING: Rule = Rule::trouble("break-over-opening");
/// A break in one top plate is too near one in the other.
pub(super) static BREAKS_TOO_NEAR: Rule = Rule::caution("breaks-too-near");
/// Between two breaks a plate is longer than the board it is cut from.
pub(super) static BOARD_TOO_SHORT: Rule = Rule::trouble("board-too-short");
/// No place for a break keeps every rule.
pub(super) static BREAKS_MISSING: Rule = Rule::caution("breaks-missing");

pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let frame = &planned.wall.frame;
    let Some(breaks) = planned.breaks else {
        let (wall, stock) = (distance(frame.length), distance(frame.framing.plate_stock));
        let found =
            BREAKS_MISSING.on_the_wall(say!("finding-breaks-missing", wall, stock)).way(say!("way-longer-board"));
        return vec![found.way(say!("way-breaks-closer")).way(say!("way-decide-the-breaks"))];
    };
    let mut findings = over_openings(planned, breaks);
    let wanted = frame.framing.breaks_apart;
    for at in &breaks.lower {
        let nearest = breaks.upper.iter().map(|upper| (*upper - *at).abs()).min();
        if let Some(apart) = nearest.filter(|apart| *apart < wanted) {
            let (place, apart, wanted) = (distance(*at), distance(apart), distance(wanted));
            let phrase = say!("finding-breaks-too-near", at = place, apart, wanted);
            let found = BREAKS_TOO_NEAR.on_the_wall(phrase).along(*at).way(say!("way-move-a-break"));
            findings.push(found.way_by(say!("way-breaks-placed"), placed(planned)));
        }
    }
    for line in frame.top_lines() {
        let run = (line[0].0, line[1].0);
        let stock = level_stock(planned.wall, line);
        findings.extend([&breaks.lower, &breaks.upper].into_iter().flat_map(|breaks| boards(breaks, run, stock)));
    }
    findings
}

/// The edit that lets the breaks be placed.
fn placed(planned: &Planned<'_>) -> Command {
    let mut frame = planned.wall.frame.clone();
    frame.framing.own_breaks = None;
    Command::ChangeWall { wall: planned.wall.id, frame }
}

fn over_openings(planned: &Planned<'_>, breaks: &TopBreaks) -> Vec<Finding> {
    let packs = packs_of(planned.openings);
    let over = |at: &Length| {
        let index = packs.iter().position(|(from, to)| from < at && at < to)?;
        let phrase = say!("finding-break-over-opening", at = distance(*at));
        let found = BREAK_OVER_OPENING.at(planned.openings[index].id, phrase).along(*at);
        Some(found.way(say!("way-break-over-a-stud")).way_by(say!("way-breaks-placed"), placed(planned)))
    };
    breaks.lower.iter().chain(&breaks.upper).filter_map(over).collect()
}

/// Pieces of a run of plates that are longer than their board.
fn boards(breaks: &[Length], (start, end): Stretch, stock: Length) -> Vec<Finding> {
    let mut from = start;
    let mut findings = Vec::new();
    let inside = breaks.iter().filter(|at| start < **at && **at < end);
    for to in inside.chain([&end]) {
        if stock < *to - from {
            let (length, stock) = (distance(*to - from), distance(stock));
            let found =
                BOARD_TOO_SHORT.on_the_wall(say!("finding-board-too-short", at = distance(from), length, stock));
            findings.push(found.along(from).way(say!("way-add-a-break")).way(say!("way-longer-board")));
        }
        from = *to;
    }
    findings
}
