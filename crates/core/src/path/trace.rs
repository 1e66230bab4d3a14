//! # From station to station
//!
//! **What it does.** Draws the way of every load as flows: from a field to the walls and headers under it, from a header's ends to what
//! stands below them, and so on to the ground or to where it breaks.
//!
//! **Source.** Elementary statics, as [`super::follow`] found it.
//!
//! **Limits.** A wall is one station beside its openings: what stands at one place of it and what comes evenly are told apart by where
//! they flow on.
//!
//! **Worked example.** Trusses, a wall with a window, a slab: the roof flows to the wall and to the window's header, both flow to the slab.

use super::loaded::{Carrier, Footing, LoadPath, OnTop, Part, Source};
use super::structure::{StandingWall, Structure};
use crate::house::Spot;
use crate::house::plan::SAME_PLACE;
use crate::loads::ByCase;
use crate::measure::Length;

/// Where load is met on its way. Parts are known by storey and place.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Station {
    /// A floor, a ceiling or a roof.
    Field(usize, usize),
    /// A load at one place.
    Point(usize, usize),
    /// A wall beside its openings.
    Wall(usize, usize),
    /// An opening's header and its packs.
    Opening(usize, usize, usize),
    /// A beam.
    Beam(usize, usize),
    /// A post.
    Post(usize, usize),
    /// A foundation line.
    Foundation(usize),
    /// A pad.
    Pad(usize),
    /// The slab.
    Slab,
    /// Where it breaks, by its place in the list of breaks.
    Break(usize),
}

/// What one station brings to another.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Flow {
    /// From where.
    pub from: Station,
    /// To where.
    pub to: Station,
    /// At a spot, or along a line from the first to the second.
    pub at: (Spot, Option<Spot>),
    /// How much in all, lb.
    pub pounds: ByCase,
}

/// Every flow of a house, from the top.
pub fn flows(structure: &Structure, path: &LoadPath) -> Vec<Flow> {
    let mut flows = Vec::new();
    for (place, (storey, loaded)) in structure.storeys.iter().zip(&path.storeys).enumerate().rev() {
        for (index, (wall, loaded)) in storey.walls.iter().zip(&loaded.walls).enumerate() {
            onto_wall(&mut flows, (place, index), wall, &loaded.top);
        }
        for (index, (beam, loaded)) in storey.beams.iter().zip(&loaded.beams).enumerate() {
            let to = Station::Beam(place, index);
            for each in &loaded.top.stretches {
                let (low, high) = (beam.line.spot(each.low), beam.line.spot(each.high));
                let pounds = each.plf.times((each.high - each.low).to_feet());
                flows.push(Flow { from: station(each.from), to, at: (low, Some(high)), pounds });
            }
            for each in &loaded.top.presses {
                let at = (beam.line.spot(each.at), None);
                flows.push(Flow { from: station(each.from), to, at, pounds: each.pounds });
            }
        }
        for (index, (post, loaded)) in storey.posts.iter().zip(&loaded.posts).enumerate() {
            for each in &loaded.presses {
                let to = Station::Post(place, index);
                flows.push(Flow { from: station(each.from), to, at: (post.at, None), pounds: each.pounds });
            }
        }
    }
    for each in &path.ground_lines {
        let pounds = each.amount.times(feet_between(each.at.0, each.at.1));
        let at = (each.at.0, Some(each.at.1));
        flows.push(Flow { from: station(each.from), to: footing(each.on), at, pounds });
    }
    for each in &path.ground_points {
        flows.push(Flow { from: station(each.from), to: footing(each.on), at: (each.at, None), pounds: each.amount });
    }
    for (index, each) in path.breaks.iter().enumerate() {
        let feet = each.at.1.map_or(1.0, |end| feet_between(each.at.0, end));
        let (from, to) = (station(each.from), Station::Break(index));
        flows.push(Flow { from, to, at: each.at, pounds: each.amount.times(feet) });
    }
    flows.retain(|flow| !flow.pounds.is_nothing());
    flows
}

fn onto_wall(flows: &mut Vec<Flow>, (storey, place): (usize, usize), wall: &StandingWall, top: &OnTop) {
    let line = &wall.line;
    for each in &top.stretches {
        let mut along = |to: Station, low: Length, high: Length| {
            if low < high {
                let pounds = each.plf.times((high - low).to_feet());
                flows.push(Flow { from: station(each.from), to, at: (line.spot(low), Some(line.spot(high))), pounds });
            }
        };
        let mut from = each.low;
        let mut headers: Vec<(usize, Length, Length)> = wall
            .openings
            .iter()
            .enumerate()
            .map(|(index, opening)| {
                let (low, high) = opening.bearings();
                (index, line.start + low, line.start + high)
            })
            .collect();
        headers.sort_by_key(|(_, low, _)| *low);
        for (index, low, high) in headers {
            let (low, high) = (low.max(from), high.min(each.high));
            if low < high {
                along(Station::Wall(storey, place), from, low);
                along(Station::Opening(storey, place, index), low, high);
                from = high;
            }
        }
        along(Station::Wall(storey, place), from, each.high);
    }
    for each in &top.presses {
        let over = wall.openings.iter().position(|opening| {
            let (left, right) = (line.start + opening.left, line.start + opening.right);
            left + SAME_PLACE < each.at && each.at < right - SAME_PLACE
        });
        let to = over.map_or(Station::Wall(storey, place), |index| Station::Opening(storey, place, index));
        flows.push(Flow { from: station(each.from), to, at: (line.spot(each.at), None), pounds: each.pounds });
    }
}

/// The station that a source is.
pub const fn station(of: Source) -> Station {
    match of.part {
        Part::Field(place) | Part::Gable(place) => Station::Field(of.storey, place),
        Part::Point(place) => Station::Point(of.storey, place),
        Part::Wall(place) => Station::Wall(of.storey, place),
        Part::Opening(wall, opening, _) => Station::Opening(of.storey, wall, opening),
        Part::Beam(place) => Station::Beam(of.storey, place),
        Part::Post(place) => Station::Post(of.storey, place),
    }
}

/// The station that carries a beam.
pub const fn carrier(storey: usize, on: Carrier) -> Station {
    match on {
        Carrier::Post(place) => Station::Post(storey, place),
        Carrier::Wall(place) => Station::Wall(storey, place),
        Carrier::Beam(place) => Station::Beam(storey, place),
    }
}

const fn footing(on: Footing) -> Station {
    match on {
        Footing::Line(place) => Station::Foundation(place),
        Footing::Pad(place) => Station::Pad(place),
        Footing::Slab => Station::Slab,
    }
}

fn feet_between(low: Spot, high: Spot) -> f64 {
    (high.x - low.x + high.y - low.y).to_feet()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::Axis;
    use crate::loads::LoadCase;
    use crate::measure::{Ends, LineLoad};
    use crate::path::testing::{field, storey_under, wall_across};
    use crate::path::{FieldRun, WallOpening, follow};

    #[test]
    fn worked_example() {
        let mut walls = [0, 24].map(|feet| wall_across(Axis::X, Length::feet(feet))).to_vec();
        let (left, right) = (Length::inches(60), Length::inches(132));
        walls[0].openings.push(WallOpening { left, right, jacks: Ends::both(2), header: LineLoad::ZERO });
        let mut house = storey_under(walls, vec![field(FieldRun::Clear, Axis::Y, (-2, 26), 15.0)]);
        house.ground.slab = true;
        let flows = flows(&house, &follow(&house));
        let (roof, window) = (Station::Field(0, 0), Station::Opening(0, 0, 0));
        let brings = |from: Station, to: Station| -> f64 {
            let some = flows.iter().filter(|flow| (flow.from, flow.to) == (from, to));
            some.map(|flow| flow.pounds.get(LoadCase::Dead)).sum()
        };
        // 210 lb/ft over 75 in. of header, the rest of 16 ft on the wall.
        assert!((brings(roof, window) - 210.0 * 6.25).abs() < 1e-9);
        assert!((brings(roof, Station::Wall(0, 0)) - 210.0 * 9.75).abs() < 1e-9);
        assert!((brings(window, Station::Slab) - 210.0 * 6.25).abs() < 1e-9);
        assert!((brings(Station::Wall(0, 0), Station::Slab) - 210.0 * 9.75 - 80.0 * 16.0).abs() < 1e-9, "and itself");
    }
}
