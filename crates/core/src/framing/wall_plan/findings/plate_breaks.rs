//! Breaks of the top plates that somebody decided on are held to the same rules as those that are placed.

use super::super::super::finding::Finding;
use super::super::super::plates::{Stretch, TopBreaks};
use super::super::plate_breaks::{level_stock, packs_of};
use super::planned::Planned;
use crate::measure::Length;

pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let frame = &planned.wall.frame;
    let Some(breaks) = planned.breaks else {
        return vec![Finding::BreaksMissing { wall: frame.length, stock: frame.framing.plate_stock }];
    };
    let mut findings = over_openings(planned, breaks);
    let wanted = frame.framing.breaks_apart;
    for at in &breaks.lower {
        let nearest = breaks.upper.iter().map(|upper| (*upper - *at).abs()).min();
        if let Some(apart) = nearest.filter(|apart| *apart < wanted) {
            findings.push(Finding::BreaksTooNear { at: *at, apart, wanted });
        }
    }
    for line in frame.top_lines() {
        let run = (line[0].0, line[1].0);
        let stock = level_stock(planned.wall, line);
        findings.extend([&breaks.lower, &breaks.upper].into_iter().flat_map(|breaks| boards(breaks, run, stock)));
    }
    findings
}

fn over_openings(planned: &Planned<'_>, breaks: &TopBreaks) -> Vec<Finding> {
    let packs = packs_of(planned.openings);
    let over = |at: &Length| {
        let index = packs.iter().position(|(from, to)| from < at && at < to)?;
        Some(Finding::BreakOverOpening { opening: planned.openings[index].id, at: *at })
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
            findings.push(Finding::BoardTooShort { at: from, length: *to - from, stock });
        }
        from = *to;
    }
    findings
}
