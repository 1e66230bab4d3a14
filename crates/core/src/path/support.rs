//! # What supports what
//!
//! **What it does.** Finds the lines under a strip of a field and what carries a beam, and takes supports that stand within 3 in. of each
//! other as one: a post before a wall before a beam, then the first in the list.
//!
//! **Source.** Common practice, no source: joists bear where a line runs across them; a beam bears on posts under it, on walls that it
//! ends on or crosses, on beams that it ends on.
//!
//! **Limits.** A support counts only where it runs under the whole width of a strip.
//!
//! **Worked example.** A beam from 0 to 20 ft over walls across it at 0 and 12 ft and a post at 12 ft 2 in.: it stands on the wall at 0 and
//! on the post.

use super::loaded::Carrier;
use super::structure::{Field, StandingBeam, StoreyStructure};
use crate::house::plan::{Line, ONE_SUPPORT, SAME_PLACE, between};
use crate::measure::Length;

/// A support, and where along what it carries.
pub type Support = (Length, Carrier);

/// A strip of a field over whose width the same lines run.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Strip {
    /// Where it begins, across the joists.
    pub low: Length,
    /// Where it ends.
    pub high: Length,
    /// Its supports, in the order of their places along the joists.
    pub supports: Vec<Support>,
}

/// The strips of a field.
pub fn strips(storey: &StoreyStructure, field: &Field) -> Vec<Strip> {
    let (low, high) = field.over.along(field.span);
    let across = field.span.across();
    let lies_in = |line: &Line| line.axis == across && between(low, line.offset, high);
    let lines: Vec<(Carrier, &Line)> = bearing_lines(storey).filter(|(_, line)| lies_in(line)).collect();
    let ends = lines.iter().flat_map(|(_, line)| [line.start, line.end()]);
    let (first, last) = field.over.along(across);
    stretches_between(first, last, ends)
        .map(|(low, high)| {
            let under = lines.iter().filter(|(_, line)| line.runs_under(low, high));
            Strip { low, high, supports: one_each(under.map(|(carrier, line)| (line.offset, *carrier)).collect()) }
        })
        .collect()
}

/// What carries each beam of a storey. Beams that would carry each other in a ring do not; a beam of which that is so is named.
pub fn carriers(storey: &StoreyStructure) -> Vec<(Vec<Support>, bool)> {
    let mut all: Vec<(Vec<Support>, bool)> =
        (0..storey.beams.len()).map(|beam| (one_each(all_carriers(storey, beam)), false)).collect();
    let reached: Vec<Vec<bool>> = (0..all.len()).map(|beam| carried_by_in_the_end(&all, beam)).collect();
    for beam in 0..all.len() {
        let (supports, ring) = &mut all[beam];
        let before = supports.len();
        supports.retain(|(_, carrier)| !matches!(carrier, Carrier::Beam(under) if reached[*under][beam]));
        *ring = supports.len() < before;
    }
    all
}

/// Which beams a beam stands on, directly or by way of others.
fn carried_by_in_the_end(all: &[(Vec<Support>, bool)], beam: usize) -> Vec<bool> {
    let mut reached = vec![false; all.len()];
    let mut next = vec![beam];
    while let Some(beam) = next.pop() {
        for (_, carrier) in &all[beam].0 {
            if let Carrier::Beam(under) = carrier
                && !std::mem::replace(&mut reached[*under], true)
            {
                next.push(*under);
            }
        }
    }
    reached
}

/// Walls that bear, then beams: in the order in which one is taken before another.
pub fn bearing_lines(storey: &StoreyStructure) -> impl Iterator<Item = (Carrier, &Line)> {
    let walls = storey.walls.iter().enumerate().filter(|(_, wall)| wall.bears);
    let walls = walls.map(|(place, wall)| (Carrier::Wall(place), &wall.line));
    walls.chain(storey.beams.iter().enumerate().map(|(place, beam)| (Carrier::Beam(place), &beam.line)))
}

fn all_carriers(storey: &StoreyStructure, of: usize) -> Vec<Support> {
    let StandingBeam { line: beam, .. } = &storey.beams[of];
    let axis = beam.axis;
    let mut found = Vec::new();
    for (place, post) in storey.posts.iter().enumerate() {
        let along = post.at.along(axis);
        if beam.is_under(post.at.along(axis.across())) && beam.reaches(along) {
            found.push((along, Carrier::Post(place)));
        }
    }
    for (carrier, line) in bearing_lines(storey) {
        if carrier == Carrier::Beam(of) {
            continue;
        }
        let ends = [beam.start, beam.end()];
        if line.axis == axis {
            let in_line = matches!(carrier, Carrier::Wall(_)) && line.is_under(beam.offset);
            found.extend(in_line.then(|| ends_in_line(beam, line)).into_iter().flatten().map(|at| (at, carrier)));
        } else if line.reaches(beam.offset) {
            let ends_on = ends.into_iter().any(|end| line.is_under(end));
            let crosses = matches!(carrier, Carrier::Wall(_)) && between(beam.start, line.offset, beam.end());
            found.extend((ends_on || crosses).then_some((line.offset, carrier)));
        }
    }
    found
}

/// Where a beam whose ends stand on a wall in line with it bears: where the wall ends under it, else at its own end.
fn ends_in_line(beam: &Line, wall: &Line) -> impl Iterator<Item = Length> {
    let ends_under = |place: Length| beam.start + SAME_PLACE < place && place < beam.end() - SAME_PLACE;
    let bears =
        |end: Length, wall_end: Length| wall.reaches(end).then(|| if ends_under(wall_end) { wall_end } else { end });
    [bears(beam.start, wall.end()), bears(beam.end(), wall.start)].into_iter().flatten()
}

/// Of supports within 3 in. of each other, the first by rank: a post, a wall, a beam, each in the order of its list. In the order of their places.
fn one_each(mut all: Vec<Support>) -> Vec<Support> {
    all.sort_by_key(|(_, carrier)| *carrier);
    let mut kept: Vec<Support> = Vec::with_capacity(all.len());
    for support in all {
        if kept.iter().all(|other| ONE_SUPPORT + SAME_PLACE < (other.0 - support.0).abs()) {
            kept.push(support);
        }
    }
    kept.sort_unstable();
    kept
}

/// The stretches into which places cut a length; places that are one cut once.
pub fn stretches_between(
    low: Length,
    high: Length,
    cuts: impl Iterator<Item = Length>,
) -> impl Iterator<Item = (Length, Length)> {
    let mut edges: Vec<Length> = cuts.filter(|cut| low + SAME_PLACE < *cut && *cut < high - SAME_PLACE).collect();
    edges.sort_unstable();
    let mut kept = vec![low];
    for edge in edges {
        if kept.last().is_none_or(|last| *last + SAME_PLACE < edge) {
            kept.push(edge);
        }
    }
    kept.push(high);
    let pairs: Vec<(Length, Length)> =
        kept.windows(2).map(|pair| (pair[0], pair[1])).filter(|(low, high)| low < high).collect();
    pairs.into_iter()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::plan::{Axis, Spot};
    use crate::measure::{Force, LineLoad};
    use crate::path::StandingPost;
    use crate::path::testing::wall_across;
    use crate::statics::Joints;

    #[test]
    fn worked_example() {
        let line = Line {
            axis: Axis::X,
            offset: Length::feet(2),
            start: Length::ZERO,
            length: Length::feet(20),
            thickness: Length::inches(5),
        };
        let storey = StoreyStructure {
            walls: [0, 12].map(|feet| wall_across(Axis::Y, Length::feet(feet))).to_vec(),
            beams: vec![StandingBeam { line, weight: LineLoad::ZERO, joints: Joints::None }],
            posts: vec![StandingPost {
                at: Spot { x: Length::feet_inches(12, 2), y: Length::feet(2) },
                weight: Force::ZERO,
            }],
            ..StoreyStructure::default()
        };
        let supports = [(Length::ZERO, Carrier::Wall(0)), (Length::feet_inches(12, 2), Carrier::Post(0))];
        assert_eq!(carriers(&storey), [(supports.to_vec(), false)]);
    }

    #[test]
    fn places_that_are_one_cut_once_and_nothing_is_lost() {
        let cuts = [10, 11, 999, 1000].map(Length::from_nanometers).into_iter().chain([Length::inches(5)]);
        let got: Vec<_> = stretches_between(Length::ZERO, Length::inches(10), cuts).collect();
        assert_eq!(got, [(Length::ZERO, Length::inches(5)), (Length::inches(5), Length::inches(10))]);
    }
}
