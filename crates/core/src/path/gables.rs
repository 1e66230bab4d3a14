//! # Gables on the walls under them
//!
//! **What it does.** At each end of its ridge a roof is closed by a triangle of wall, or by a truss that is sheathed. What it weighs comes down on the wall
//! that stands along it there, the more the nearer to the ridge.
//!
//! **Source.** Elementary statics; what a gable weighs per face, and that it stands on the wall under it: common practice, no source.
//!
//! **Assumptions and limits.** The triangle goes from outside wall to outside wall with the roof's slope and its peak half way; for the way down it is cut into
//! steps of 2 ft at most, each as heavy as its middle; headers right under it are sized for the slopes themselves. It stands on the bearing walls in line
//! nearest to the roof's end, at most 3 ft in from it. What hangs past those walls, and a gable without a wall, is left to the roof. Roofs that fall one way have
//! none.
//!
//! **Worked example.** A roof of 6 in 12 over 24 ft, 12 psf: 72 lb/ft under the peak, 12 · 6 · 24 / 2 = 864 lb on the wall.

use super::loaded::{LoadPath, OnTop, Part, Source, Stretch};
use super::structure::{Gable, StoreyStructure};
use crate::house::Line;
use crate::house::plan::SAME_PLACE;
use crate::loads::ByCase;
use crate::measure::{Length, Pressure};

/// How far in from a roof's end the wall under its gable may stand: a rake's overhang.
const WIDEST_RAKE: Length = Length::feet(3);
/// A step of the triangle at most.
const STEP: Length = Length::feet(2);

/// Brings the gables of a storey's roofs down on its walls.
pub(super) fn gables_come_down(storey: &StoreyStructure, place: usize, path: &mut LoadPath) {
    for gable in storey.gables.iter().filter(|gable| gable.face != Pressure::ZERO) {
        for end in gable.ends {
            let under = |distance: Length| distance <= WIDEST_RAKE;
            let along = |wall: usize| storey.walls[wall].line.axis == gable.span && storey.walls[wall].bears;
            let away = |wall: usize| (storey.walls[wall].line.offset - end).abs();
            let near = (0..storey.walls.len()).filter(|wall| along(*wall) && under(away(*wall)));
            let Some(nearest) = near.clone().min_by_key(|wall| away(*wall)) else { continue };
            let offset = storey.walls[nearest].line.offset;
            for wall in near.filter(|wall| (storey.walls[*wall].line.offset - offset).abs() <= SAME_PLACE) {
                let from = Source { storey: place, part: Part::Gable(gable.field) };
                stands_on(gable, &storey.walls[wall].line, from, &mut path.storeys[place].walls[wall].top);
            }
        }
    }
}

fn stands_on(gable: &Gable, line: &Line, from: Source, top: &mut OnTop) {
    for slope in slopes_on(gable, line) {
        let steps = (slope.high - slope.low).nanometers() / STEP.nanometers() + 1;
        let place = |step: i64| slope.low + (slope.high - slope.low) * step / steps;
        for step in 0..steps {
            let (low, high) = (place(step), place(step + 1));
            let plf = ByCase::dead(slope.at((low + high).half()));
            top.stretches.push(Stretch { low, high, plf, more: ByCase::NOTHING, from, came_down: line.offset });
        }
    }
}

/// One side of a gable over a wall: lb/ft that grow or fall evenly.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Slope {
    /// Where it begins along the wall's axis.
    pub low: Length,
    /// Where it ends.
    pub high: Length,
    /// lb/ft where it begins.
    pub at_low: f64,
    /// lb/ft where it ends.
    pub at_high: f64,
}

impl Slope {
    fn at(&self, place: Length) -> f64 {
        let part = (place - self.low).to_inches() / (self.high - self.low).to_inches();
        self.at_low + (self.at_high - self.at_low) * part
    }
}

/// The sides of a gable over a wall that stands along it.
pub fn slopes_on(gable: &Gable, line: &Line) -> Vec<Slope> {
    let (low, high) = gable.feet;
    let peak = low + (high - low).half();
    let height = |place: Length| (place - low).min(high - place).to_feet() * gable.rise_in_twelve / 12.0;
    let clipped = |(from, to): (Length, Length)| {
        let (from, to) = (from.max(line.start), to.min(line.end()));
        let plf = |place| gable.face.to_psf() * height(place);
        (from < to).then(|| Slope { low: from, high: to, at_low: plf(from), at_high: plf(to) })
    };
    [(low, peak), (peak, high)].into_iter().filter_map(clipped).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::Axis;
    use crate::loads::LoadCase;
    use crate::path::follow;
    use crate::path::testing::{storey_under, wall_across};

    /// A roof over 24 ft from y = 0 to y = 24 ft, its ends at x = 0 and x = 16 ft.
    fn gable() -> Gable {
        Gable {
            field: 0,
            span: Axis::Y,
            ends: [Length::ZERO, Length::feet(16)],
            feet: (Length::ZERO, Length::feet(24)),
            rise_in_twelve: 6.0,
            face: Pressure::psf(12.0),
        }
    }

    #[test]
    fn over_a_wall_it_is_two_slopes() {
        let [up, down] = slopes_on(&gable(), &wall_along(Length::ZERO).line)[..] else { panic!("two") };
        assert_eq!((up.low, up.high, down.high), (Length::ZERO, Length::feet(12), Length::feet(24)));
        assert!(up.at_low.abs() < 1e-9 && (up.at_high - 72.0).abs() < 1e-9 && down.at_high.abs() < 1e-9);
    }

    fn wall_along(x: Length) -> crate::path::StandingWall {
        let mut wall = wall_across(Axis::Y, x);
        wall.line.length = Length::feet(24);
        wall
    }

    fn under(walls: Vec<crate::path::StandingWall>) -> LoadPath {
        let mut house = storey_under(walls, vec![]);
        house.storeys[0].gables.push(gable());
        follow(&house)
    }

    fn pounds(path: &LoadPath, wall: usize) -> f64 {
        let top = &path.storeys[0].walls[wall].top;
        top.stretches.iter().map(|each| each.plf.get(LoadCase::Dead) * (each.high - each.low).to_feet()).sum()
    }

    #[test]
    fn worked_example() {
        let path = under(vec![wall_along(Length::inches(3)), wall_along(Length::feet(15))]);
        assert!((pounds(&path, 0) - 864.0).abs() < 1e-9 && (pounds(&path, 1) - 864.0).abs() < 1e-9);
        let top = &path.storeys[0].walls[0].top;
        let most = top.stretches.iter().map(|each| each.plf.get(LoadCase::Dead)).fold(0.0, f64::max);
        assert!(66.0 < most && most < 72.0, "{most}");
        // A mirrored triangle: as much on either half.
        let half: f64 = top
            .stretches
            .iter()
            .filter(|each| each.high <= Length::feet(12))
            .map(|each| each.plf.get(LoadCase::Dead) * (each.high - each.low).to_feet())
            .sum();
        assert!((half - 432.0).abs() < 1e-5, "{half}");
    }

    #[test]
    fn it_stands_on_the_outermost_wall_along_it_and_on_no_partition() {
        let mut partition = wall_along(Length::inches(1));
        partition.bears = false;
        let walls = vec![
            partition,
            wall_along(Length::feet(2)),
            wall_along(Length::feet(8)),
            wall_across(Axis::X, Length::ZERO),
        ];
        let path = under(walls);
        assert_eq!([0, 2, 3].map(|wall| path.storeys[0].walls[wall].top.stretches.len()), [0, 0, 0]);
        assert!((pounds(&path, 1) - 864.0).abs() < 1e-9);
    }

    #[test]
    fn a_wall_that_ends_short_takes_what_stands_on_it() {
        let mut short = wall_along(Length::ZERO);
        short.line.length = Length::feet(12);
        let path = under(vec![short]);
        assert!((pounds(&path, 0) - 432.0).abs() < 1e-5);
    }
}
