//! Where a wall's top plates break.

use super::super::opening_plan::OpeningPlan;
use super::super::plates::{Stretch, TopBreaks, panel_breaks, top_breaks};
use crate::job::Wall;
use crate::job::wall_frame::along;
use crate::measure::{End, Length};

/// Where the top plates break: where somebody decided, or else by the stock; `None` where no place keeps every rule.
pub(super) fn plate_breaks(
    wall: &Wall,
    openings: &[OpeningPlan],
    layout: &[Length],
    panel_ends: &[Length],
) -> Option<TopBreaks> {
    let options = &wall.frame.framing;
    if let Some(own) = &options.own_breaks {
        // The lower plate ends with its panel, whatever else was decided.
        let mut lower = [&own.lower[..], panel_ends].concat();
        lower.sort_unstable();
        lower.dedup();
        return Some(TopBreaks { lower, upper: own.upper.clone() });
    }
    let stud = wall.frame.thickness();
    let packs = packs_of(openings);
    let mut all = TopBreaks::default();
    // Each straight run is cut from boards of its own: a gable's plates end at the peak anyway.
    for line in wall.frame.top_lines() {
        let [(start, _), (end, _)] = line;
        let shifted = |(from, to): &Stretch| (*from - start, *to - start);
        let studs: Vec<Stretch> = layout.iter().map(|x| shifted(&(*x, *x + stud))).collect();
        let packs: Vec<Stretch> = packs.iter().map(shifted).collect();
        let ends: Vec<Length> =
            panel_ends.iter().filter(|at| start < **at && **at < end).map(|at| *at - start).collect();
        let stock = level_stock(wall, line);
        let breaks = if ends.is_empty() {
            top_breaks(end - start, stock, options.breaks_apart, &studs, &packs)?
        } else {
            panel_breaks(end - start, stock, options.breaks_apart, &studs, (&packs, &ends))
        };
        all.lower.extend(breaks.lower.iter().map(|at| *at + start));
        all.upper.extend(breaks.upper.iter().map(|at| *at + start));
    }
    Some(all)
}

/// The stretches of the openings with their packs.
pub(super) fn packs_of(openings: &[OpeningPlan]) -> Vec<Stretch> {
    openings.iter().map(|plan| (plan.pack_edge(End::Left), plan.pack_edge(End::Right))).collect()
}

/// How far along the wall a board of the plates' stock reaches on a run of the top plates: less on a slope.
pub(super) fn level_stock(wall: &Wall, line: [(Length, Length); 2]) -> Length {
    let stock = wall.frame.framing.plate_stock;
    let longer = along(line, stock, wall.frame.sawn);
    if longer == stock { stock } else { Length::from_decimal_inches(stock.to_inches().powi(2) / longer.to_inches()) }
}
