//! # Along a beam
//!
//! **What it does.** Shares out what stands on a beam, and its own weight, among the posts, walls and beams that carry it. With fewer than
//! two supports it carries nothing: it is a break, and what stands on it stops there.
//!
//! **Source.** Elementary statics ([`crate::statics::shares`]).
//!
//! **Worked example.** A girder of 20 ft in one piece over posts at both ends and at its middle under 600 lb/ft: 2250, 7500 and 2250 lb.

use super::loaded::{Break, Carrier, LoadPath, OnTop, Part, Press, Reaction, Source, Why};
use super::structure::{StandingBeam, StoreyStructure};
use super::support::{Support, carriers};
use crate::house::plan::Line;
use crate::loads::ByCase;
use crate::statics::{OneLoad, shares};
use crate::working::{Number, Pen};

/// Brings what stands on every beam of a storey to its posts, walls and beams.
pub(super) fn beams_come_down<P: Pen>(pen: &mut P, storey: &StoreyStructure, place: usize, path: &mut LoadPath) {
    let all = carriers(storey);
    for beam in from_the_top(&all) {
        let (supports, ring) = &all[beam];
        let top = path.storeys[place].beams[beam].top.clone();
        let from = Source { storey: place, part: Part::Beam(beam) };
        if supports.len() < 2 {
            let why = Why::BeamNeedsTwo { only: supports.first().map(|(_, carrier)| *carrier), ring: *ring };
            path.breaks.extend(broken(&storey.beams[beam], &top, from, why));
            continue;
        }
        let pounds = on_each(pen, &storey.beams[beam], &top, supports);
        for ((along, carrier), pounds) in supports.iter().zip(pounds) {
            let came_down = storey.beams[beam].line.spot(*along);
            let loaded = &mut path.storeys[place];
            let press = |at| Press { at, pounds, from, came_down };
            let on = |line: &Line| press(came_down.along(line.axis));
            match *carrier {
                Carrier::Post(post) => loaded.posts[post].presses.push(press(*along)),
                Carrier::Wall(wall) => loaded.walls[wall].top.presses.push(on(&storey.walls[wall].line)),
                Carrier::Beam(under) => loaded.beams[under].top.presses.push(on(&storey.beams[under].line)),
            }
            loaded.beams[beam].reactions.push(Reaction { on: *carrier, at: came_down, pounds });
        }
    }
}

/// The beams, each before those that carry it.
fn from_the_top(all: &[(Vec<Support>, bool)]) -> Vec<usize> {
    let carries = |beam: usize| {
        all[beam].0.iter().filter_map(|(_, carrier)| match carrier {
            Carrier::Beam(under) => Some(*under),
            _ => None,
        })
    };
    let mut waiting_for = vec![0_usize; all.len()];
    (0..all.len()).flat_map(carries).for_each(|under| waiting_for[under] += 1);
    let mut order: Vec<usize> = (0..all.len()).filter(|beam| waiting_for[*beam] == 0).collect();
    let mut next = 0;
    while let Some(beam) = order.get(next).copied() {
        for under in carries(beam) {
            waiting_for[under] -= 1;
            if waiting_for[under] == 0 {
                order.push(under);
            }
        }
        next += 1;
    }
    order
}

fn on_each<P: Pen>(pen: &mut P, beam: &StandingBeam, top: &OnTop, supports: &[Support]) -> Vec<ByCase> {
    let places: Vec<f64> = supports.iter().map(|(at, _)| at.to_feet()).collect();
    let mut sums = vec![ByCase::NOTHING; supports.len()];
    let mut stands = |one: OneLoad, amount: &ByCase| {
        for (sum, share) in sums.iter_mut().zip(shares(pen, &places, beam.joints, one)) {
            sum.add(share.value(), amount);
        }
    };
    for (low, high, plf) in along(beam, top) {
        stands(OneLoad::Along(low, high), &plf);
    }
    for (at, pounds) in top.places() {
        stands(OneLoad::At(at.to_feet()), &pounds);
    }
    sums
}

/// What presses along a beam, in feet, its own weight with it.
fn along<'a>(beam: &'a StandingBeam, top: &'a OnTop) -> impl Iterator<Item = (f64, f64, ByCase)> + 'a {
    let own = (beam.line.start.to_feet(), beam.line.end().to_feet(), ByCase::dead(beam.weight.to_plf()));
    let stands = top.pieces(&beam.line).into_iter().map(|(low, high, plf)| (low.to_feet(), high.to_feet(), plf));
    std::iter::once(own).chain(stands)
}

/// A beam that is not carried breaks as what stands on it, and as itself.
fn broken(beam: &StandingBeam, top: &OnTop, from: Source, why: Why) -> Vec<Break> {
    let line = &beam.line;
    let mut with_own = top.clone();
    let own = ByCase::dead(beam.weight.to_plf());
    with_own.stretches.push(super::loaded::Stretch {
        low: line.start,
        high: line.end(),
        plf: own,
        more: ByCase::NOTHING,
        from,
        came_down: line.offset,
    });
    let along = with_own.pieces(line).into_iter().map(|(low, high, amount)| Break {
        from,
        at: (line.spot(low), Some(line.spot(high))),
        amount,
        why,
    });
    let places = top.places().into_iter().map(|(at, amount)| Break { from, at: (line.spot(at), None), amount, why });
    along.chain(places).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::plan::{Axis, Spot};
    use crate::loads::LoadCase;
    use crate::measure::{Force, Length, LineLoad};
    use crate::path::{StandingPost, Structure, follow};
    use crate::statics::Joints;

    #[test]
    fn worked_example() {
        let line = Line {
            axis: Axis::X,
            offset: Length::ZERO,
            start: Length::ZERO,
            length: Length::feet(20),
            thickness: Length::inches(5),
        };
        let post = |feet| StandingPost { at: Spot { x: Length::feet(feet), y: Length::ZERO }, weight: Force::ZERO };
        let storey = StoreyStructure {
            beams: vec![StandingBeam { line, weight: LineLoad::plf(600.0), joints: Joints::None }],
            posts: [0, 10, 20].map(post).to_vec(),
            ..StoreyStructure::default()
        };
        let path = follow(&Structure { storeys: vec![storey], ..Structure::default() });
        let got: Vec<f64> = path.storeys[0].posts.iter().map(|post| post.bottom.get(LoadCase::Dead)).collect();
        assert!([2250.0, 7500.0, 2250.0].iter().zip(&got).all(|(want, got)| (want - got).abs() < 1e-9), "{got:?}");
        assert_eq!(path.breaks.len(), 3, "there is no ground under the posts");
    }
}
