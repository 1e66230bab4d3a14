//! # Down one storey
//!
//! **What it does.** What stands on a wall's bottom goes to the line below that runs under it in line; a post, and whatever stands at one
//! place, to the line, the post or the pad that it stands on. What finds nothing is a break. Floors allow for partitions: a wall that
//! brings nothing but itself may stand on one, and is left out.
//!
//! **Source.** Elementary statics: what lands within half a line's thickness is carried by its center line. Within 3 in. of a post: common
//! practice, no source.
//!
//! **Limits.** A floor passes nothing on. A wall's load along its length lands in line only.
//!
//! **Worked example.** An upper 2x6 wall 1 in. off a lower one of 5 1/2 in.: it lands, moved by 1 in.; 4 in. off a 2x4 wall it breaks.

use super::loaded::{Break, Carrier, Footing, Grounded, LoadPath, OnTop, Press, Source, Stretch, Why};
use super::structure::{GroundStructure, StandingWall, StoreyStructure, Structure};
use super::support::{bearing_lines, stretches_between};
use crate::house::plan::{Axis, Line, ONE_SUPPORT, Rectangle, SAME_PLACE, Spot};
use crate::loads::ByCase;
use crate::measure::Length;

/// What a storey stands on.
#[derive(Clone, Copy)]
pub(super) enum Below<'a> {
    Storey(&'a StoreyStructure, usize),
    Ground(&'a GroundStructure),
}

impl<'a> Below<'a> {
    /// What the storey of this number stands on.
    pub fn of(structure: &'a Structure, storey: usize) -> Self {
        match storey.checked_sub(1) {
            Some(below) => Self::Storey(&structure.storeys[below], below),
            None => Self::Ground(&structure.ground),
        }
    }

    /// Lines that may carry, in the order in which one is taken before another.
    fn lines(self) -> Vec<(On, &'a Line)> {
        match self {
            Self::Storey(storey, _) => {
                bearing_lines(storey).map(|(carrier, line)| (On::Carrier(carrier), line)).collect()
            }
            Self::Ground(ground) => {
                let lines = ground.lines.iter().enumerate();
                lines.map(|(place, line)| (On::Footing(Footing::Line(place)), line)).collect()
            }
        }
    }

    /// Floors on which a partition may stand.
    fn floors(self) -> Vec<Rectangle> {
        match self {
            Self::Storey(storey, _) => {
                storey.fields.iter().filter(|field| field.is_floor()).map(|field| field.over).collect()
            }
            Self::Ground(_) => Vec::new(),
        }
    }
}

/// What something stands on.
#[derive(Clone, Copy, PartialEq)]
enum On {
    Carrier(Carrier),
    Footing(Footing),
}

/// Brings what stands on a wall's bottom, and the wall itself, to what is below.
pub(super) fn wall_comes_down(
    wall: &StandingWall,
    mut bottom: OnTop,
    from: Source,
    below: Below<'_>,
    path: &mut LoadPath,
) {
    let line = &wall.line;
    let brings_something = !bottom.is_empty();
    let own = Stretch {
        low: line.start,
        high: line.end(),
        plf: ByCase::dead(wall.weight().to_plf()),
        more: ByCase::NOTHING,
        from,
        came_down: line.offset,
    };
    bottom.stretches.push(own);
    let floors = if brings_something { Vec::new() } else { below.floors() };
    let under = in_line(line, &below.lines(), &floors);
    for (low, high, plf) in bottom.pieces(line) {
        for place in &under {
            let (low, high) = (low.max(place.low), high.min(place.high));
            if low < high {
                stretch_lands(line, &Stretch { low, high, plf, ..own }, place.on, below, path);
            }
        }
    }
    for press in bottom.presses {
        lands(press.came_down, Some(line.axis), &press, below, path);
    }
}

/// A stretch of a wall's length and what runs under it.
struct Under {
    low: Length,
    high: Length,
    on: Option<On>,
}

/// What runs under a wall in line, piece by piece over its whole length; stretches on nothing but a floor are left out.
fn in_line(wall: &Line, lines: &[(On, &Line)], floors: &[Rectangle]) -> Vec<Under> {
    let in_line: Vec<&(On, &Line)> =
        lines.iter().filter(|(_, line)| line.axis == wall.axis && line.is_under(wall.offset)).collect();
    let floors = floors.iter().filter(|floor| {
        let (low, high) = floor.along(wall.axis.across());
        crate::house::plan::between(low, wall.offset, high)
    });
    let floors: Vec<(Length, Length)> = floors.map(|floor| floor.along(wall.axis)).collect();
    let ends = in_line.iter().flat_map(|(_, line)| [line.start, line.end()]);
    let edges = ends.chain(floors.iter().flat_map(|(low, high)| [*low, *high]));
    let mut found: Vec<Under> = Vec::new();
    for (low, high) in stretches_between(wall.start, wall.end(), edges) {
        let under = in_line.iter().filter(|(_, line)| line.runs_under(low, high)).map(|(on, line)| (*on, *line));
        let on = nearest(wall.offset, under);
        let on_floor = || floors.iter().any(|floor| floor.0 - SAME_PLACE <= low && high <= floor.1 + SAME_PLACE);
        match found.last_mut() {
            _ if on.is_none() && on_floor() => {}
            Some(last) if last.on == on && last.high == low => last.high = high,
            _ => found.push(Under { low, high, on }),
        }
    }
    found
}

/// The nearest center line; the first of those that are as near.
fn nearest<'a>(across: Length, lines: impl Iterator<Item = (On, &'a Line)>) -> Option<On> {
    let mut best: Option<(Length, On)> = None;
    for (on, line) in lines {
        let away = (across - line.offset).abs();
        if best.is_none_or(|(least, _)| away + SAME_PLACE < least) {
            best = Some((away, on));
        }
    }
    best.map(|(_, on)| on)
}

fn stretch_lands(wall: &Line, stretch: &Stretch, on: Option<On>, below: Below<'_>, path: &mut LoadPath) {
    let ends = (wall.spot(stretch.low), wall.spot(stretch.high));
    let grounded = |on| Grounded { on, at: ends, amount: stretch.plf, from: stretch.from };
    match (on, below) {
        (Some(On::Carrier(carrier)), Below::Storey(_, storey)) => {
            if let Some(top) = path.storeys[storey].top(carrier) {
                top.stretches.push(*stretch);
            }
        }
        (Some(On::Footing(footing)), _) => path.ground_lines.push(grounded(footing)),
        (None, Below::Ground(ground)) if ground.slab => path.ground_lines.push(grounded(Footing::Slab)),
        _ => path.breaks.push(Break {
            from: stretch.from,
            at: (ends.0, Some(ends.1)),
            amount: stretch.plf,
            why: Why::NoLineUnder,
        }),
    }
}

/// Brings a load at one place to what is below it. A wall's own axis comes first.
pub(super) fn lands(spot: Spot, own_axis: Option<Axis>, press: &Press, below: Below<'_>, path: &mut LoadPath) {
    if press.pounds.is_nothing() {
        return;
    }
    let lines = below.lines();
    let under = |line: &Line| line.reaches(spot.along(line.axis)) && line.is_under(spot.along(line.axis.across()));
    let away = |line: &Line| (spot.along(line.axis.across()) - line.offset).abs();
    let mut best: Option<(bool, Length, On, &Line)> = None;
    for (on, line) in lines.into_iter().filter(|(_, line)| under(line)) {
        let own = own_axis == Some(line.axis);
        let nearer = |(best_own, least): (bool, Length)| {
            if own == best_own { away(line) + SAME_PLACE < least } else { own }
        };
        if best.is_none_or(|(best_own, least, ..)| nearer((best_own, least))) {
            best = Some((own, away(line), on, line));
        }
    }
    let press = Press { came_down: spot, ..*press };
    let grounded = |on| Grounded { on, at: spot, amount: press.pounds, from: press.from };
    match (best, below) {
        (Some((_, _, On::Carrier(carrier), line)), Below::Storey(_, storey)) => {
            let press = Press { at: spot.along(line.axis), ..press };
            if let Some(top) = path.storeys[storey].top(carrier) {
                top.presses.push(press);
            }
        }
        (Some((_, _, On::Footing(footing), _)), _) => path.ground_points.push(grounded(footing)),
        (_, Below::Storey(storey, place)) => match post_near(storey, spot) {
            Some(post) => path.storeys[place].posts[post].presses.push(press),
            None => path.breaks.push(nothing_under(spot, &press)),
        },
        (_, Below::Ground(ground)) => {
            let pad = nearest_pad(ground, spot).map(Footing::Pad);
            match pad.or_else(|| ground.slab.then_some(Footing::Slab)) {
                Some(footing) => path.ground_points.push(grounded(footing)),
                None => path.breaks.push(nothing_under(spot, &press)),
            }
        }
    }
}

fn nothing_under(spot: Spot, press: &Press) -> Break {
    Break { from: press.from, at: (spot, None), amount: press.pounds, why: Why::NothingUnder }
}

/// The nearest post within 3 in., from center to center.
fn post_near(storey: &StoreyStructure, spot: Spot) -> Option<usize> {
    let reach = (ONE_SUPPORT + SAME_PLACE).to_inches();
    nearest_of(storey.posts.iter().map(|post| post.at), spot).filter(|(_, away)| *away <= reach).map(|(place, _)| place)
}

/// Of the pads that something stands on, the one whose center is nearest.
fn nearest_pad(ground: &GroundStructure, spot: Spot) -> Option<usize> {
    let under: Vec<usize> = (0..ground.pads.len()).filter(|pad| ground.pads[*pad].is_under(spot)).collect();
    nearest_of(under.iter().map(|pad| ground.pads[*pad].at), spot).map(|(place, _)| under[place])
}

/// The nearest of some spots and how far it is, in.; the first of those that are as near.
fn nearest_of(spots: impl Iterator<Item = Spot>, to: Spot) -> Option<(usize, f64)> {
    let mut best: Option<(usize, f64)> = None;
    for (place, spot) in spots.enumerate() {
        let away = (spot.x - to.x).to_inches().hypot((spot.y - to.y).to_inches());
        if best.is_none_or(|(_, least)| away + SAME_PLACE.to_inches() < least) {
            best = Some((place, away));
        }
    }
    best
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::loads::LoadCase;
    use crate::path::testing::{storey_under, wall_across};
    use crate::path::{LoadPath, follow};

    fn upper_wall_at(inches: i64, lower_thickness: Length) -> LoadPath {
        let mut lower = wall_across(Axis::X, Length::ZERO);
        lower.line.thickness = lower_thickness;
        let mut house = storey_under(vec![lower], vec![]);
        let upper = wall_across(Axis::X, Length::inches(inches));
        house.storeys.push(StoreyStructure { walls: vec![upper], ..StoreyStructure::default() });
        house.ground.slab = true;
        follow(&house)
    }

    #[test]
    fn worked_example() {
        let lands = upper_wall_at(1, Length::inches_and(5, 1, 2));
        assert!(lands.breaks.is_empty());
        let stretch = lands.storeys[0].walls[0].top.stretches[0];
        assert_eq!(stretch.came_down, Length::inches(1));
        assert!((stretch.plf.get(LoadCase::Dead) - 80.0).abs() < 1e-9, "its own 10 psf over 8 ft");
        let beside = upper_wall_at(4, Length::inches_and(3, 1, 2));
        assert_eq!(beside.breaks.iter().map(|each| each.why).collect::<Vec<_>>(), [Why::NoLineUnder]);
    }
}
