//! # Along a wall
//!
//! **What it does.** Over an opening the header takes the loads along the wall from one center of bearing to the other, and what stands at
//! one place between the faces; both ends press their packs there. Everything else goes straight down, and the wall's own weight with it.
//!
//! **Source.** Elementary statics; a header bears on its jacks' centers: common practice, no source.
//!
//! A header's weight, where it is known, is a line of its own from bearing to bearing.
//!
//! **Limits.** The wall's own weight joins at its bottom and does not go through its headers. What stands at a face, or over a pack, goes
//! straight down.
//!
//! **Worked example.** 200 lb/ft over an opening of 72 in. with two jacks at each end: 200 · 75 / 12 / 2 = 625 lb on each pack.

use super::loaded::{LoadedWall, OnTop, Part, Press, Source, Stretch};
use super::structure::StandingWall;
use crate::house::plan::SAME_PLACE;
use crate::loads::ByCase;
use crate::measure::{End, Ends, Length};

/// Takes what stands on a wall's top through it: what stands on its bottom then, without its own weight.
pub(super) fn through(wall: &StandingWall, loaded: &mut LoadedWall, storey: usize, place: usize) -> OnTop {
    let mut bottom = OnTop::default();
    let line = &wall.line;
    let mut beside = loaded.top.stretches.clone();
    let mut presses = loaded.top.presses.clone();
    loaded.openings.clear();
    for (index, opening) in wall.openings.iter().enumerate() {
        let (low, high) = opening.bearings();
        let (low, high) = (line.start + low, line.start + high);
        let faces = (line.start + opening.left, line.start + opening.right);
        let mut ends: Ends<ByCase> = Ends::default();
        let weight = ByCase::dead(opening.header.to_plf()).times((high - low).to_feet());
        take(&mut ends, (low, high), (low + high).to_feet() / 2.0, &weight);
        let mut kept = Vec::with_capacity(beside.len() + 1);
        for stretch in beside {
            let (from, to) = (stretch.low.max(low), stretch.high.min(high));
            if to <= from {
                kept.push(stretch);
                continue;
            }
            take(&mut ends, (low, high), (from + to).to_feet() / 2.0, &stretch.plf.times((to - from).to_feet()));
            kept.extend((stretch.low < from).then_some(Stretch { high: from, ..stretch }));
            kept.extend((to < stretch.high).then_some(Stretch { low: to, ..stretch }));
        }
        beside = kept;
        presses.retain(|press| {
            let inside = faces.0 + SAME_PLACE < press.at && press.at < faces.1 - SAME_PLACE;
            if inside {
                take(&mut ends, (low, high), press.at.to_feet(), &press.pounds);
            }
            !inside
        });
        for (end, at, pounds) in [(End::Left, low, ends.left), (End::Right, high, ends.right)] {
            let from = Source { storey, part: Part::Opening(place, index, end) };
            bottom.presses.push(Press { at, pounds, from, came_down: line.spot(at) });
        }
        loaded.openings.push(ends);
    }
    let from = Source { storey, part: Part::Wall(place) };
    let own = |stretch: Stretch| Stretch { from, came_down: line.offset, ..stretch };
    bottom.stretches.extend(beside.into_iter().map(own));
    bottom.presses.extend(presses.into_iter().map(|press| Press { from, came_down: line.spot(press.at), ..press }));
    bottom.presses.retain(|press| !press.pounds.is_nothing());
    bottom.stretches.retain(|stretch| !stretch.plf.is_nothing());
    bottom
}

/// Shares a load with its center at a place, ft, between the two ends of a header.
fn take(ends: &mut Ends<ByCase>, (low, high): (Length, Length), center: f64, pounds: &ByCase) {
    let right = (center - low.to_feet()) / (high - low).to_feet();
    ends.left.add(1.0 - right, pounds);
    ends.right.add(right, pounds);
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::plan::Axis;
    use crate::loads::LoadCase;
    use crate::measure::LineLoad;
    use crate::path::WallOpening;
    use crate::path::testing::wall_across;

    #[test]
    fn worked_example() {
        let mut wall = wall_across(Axis::X, Length::ZERO);
        let jacks = Ends { left: 2, right: 2 };
        wall.openings.push(WallOpening {
            left: Length::inches(60),
            right: Length::inches(132),
            jacks,
            header: LineLoad::ZERO,
        });
        let from = Source { storey: 0, part: Part::Field(0) };
        let (low, high) = (wall.line.start, wall.line.end());
        let mut loaded = LoadedWall::default();
        loaded.top.stretches.push(Stretch {
            low,
            high,
            plf: ByCase::dead(200.0),
            more: ByCase::NOTHING,
            from,
            came_down: Length::ZERO,
        });
        let bottom = through(&wall, &mut loaded, 0, 0);
        let ends = loaded.openings[0];
        assert!((ends.left.get(LoadCase::Dead) - 625.0).abs() < 1e-9);
        assert!((ends.right.get(LoadCase::Dead) - 625.0).abs() < 1e-9);
        let beside: Vec<(Length, Length)> = bottom.stretches.iter().map(|each| (each.low, each.high)).collect();
        assert_eq!(beside, [(low, Length::inches_and(58, 1, 2)), (Length::inches_and(133, 1, 2), high)]);
    }
}
