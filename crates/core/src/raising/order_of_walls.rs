//! # The order of walls
//!
//! **What it does.** Puts the walls of a storey in the order in which they are raised, each with its reason: the long ones at the rim first, while the deck
//! is free; then what slips between them, its second top plate over theirs; then the rest. Somebody may put them otherwise; the reasons follow, and a
//! wall that would close over ends that stand already is told.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** 36 by 24 ft, long walls front and back running through: front and back first; then both sides, each between front and back.

use crate::house::plan::Line;
use crate::job::WallId;
use crate::measure::Length;
use crate::plan::{JobPlan, Storey};
use crate::say;
use crate::speech::Phrase;

/// An end that comes so near stands against a face.
const NEAR: Length = Length::inches(1);

/// A wall of a storey, seen from above.
#[derive(Clone, Debug, PartialEq)]
pub struct WallHere {
    /// Which.
    pub id: WallId,
    /// Its name.
    pub name: String,
    /// Where it stands.
    pub line: Line,
}

/// A wall whose turn it is, and why.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Turn {
    /// By its place among the walls.
    pub wall: usize,
    /// Walls that stand already and that its ends stand against.
    pub between: Vec<usize>,
    /// Walls that stand already and whose ends it closes over.
    pub closes_over: Vec<usize>,
}

/// A storey with its walls in their order.
#[derive(Clone, Debug, PartialEq)]
pub struct StoreyInOrder {
    /// Its name.
    pub name: String,
    /// Its walls.
    pub walls: Vec<WallHere>,
    /// Their turns.
    pub turns: Vec<Turn>,
}

/// The storeys of a planned house from the lowest up, each with its walls in their order; none where nothing is said of a house.
pub fn storeys_in_order(plan: &JobPlan) -> Vec<StoreyInOrder> {
    let put = &plan.job().settings.raising_order;
    let storey = |storey: Storey<'_>| {
        let here = storey.walls().map(|each| WallHere {
            id: each.wall.id,
            name: each.wall.frame.name.clone(),
            line: each.standing.line,
        });
        let walls: Vec<WallHere> = here.collect();
        let turns = in_order(&walls, put);
        StoreyInOrder { name: storey.name().to_owned(), walls, turns }
    };
    plan.storeys().map(storey).collect()
}

/// The walls of a storey in their order: those that somebody put first as they were put, the others as is usual.
pub fn in_order(walls: &[WallHere], put: &[WallId]) -> Vec<Turn> {
    let mut order = usual(walls);
    order.sort_by_key(|place| put.iter().position(|id| *id == walls[*place].id).unwrap_or(usize::MAX));
    let turn = |(turn, &wall): (usize, &usize)| {
        let standing = |against: &dyn Fn(usize) -> bool| -> Vec<usize> {
            order[..turn].iter().copied().filter(|other| against(*other)).collect()
        };
        Turn {
            wall,
            between: standing(&|other| ends_against(&walls[wall].line, &walls[other].line)),
            closes_over: standing(&|other| ends_against(&walls[other].line, &walls[wall].line)),
        }
    };
    order.iter().enumerate().map(turn).collect()
}

/// Along the longest wall's way first those at the rim, the longest first; then those across, then the rest.
fn usual(walls: &[WallHere]) -> Vec<usize> {
    let longest = walls.iter().map(|wall| wall.line).max_by_key(|line| line.length);
    let along = |line: &Line| longest.is_some_and(|longest| longest.axis == line.axis);
    let offsets = walls.iter().filter(|wall| along(&wall.line)).map(|wall| wall.line.offset);
    let rim = (offsets.clone().min(), offsets.max());
    let group = |line: &Line| match (along(line), Some(line.offset) == rim.0 || Some(line.offset) == rim.1) {
        (true, true) => 0,
        (false, _) => 1,
        (true, false) => 2,
    };
    let mut order: Vec<usize> = (0..walls.len()).collect();
    order.sort_by_key(|place| {
        let line = &walls[*place].line;
        (group(line), std::cmp::Reverse(line.length), *place)
    });
    order
}

/// Whether an end of a wall stands against the face of another one.
fn ends_against(one: &Line, other: &Line) -> bool {
    let across = one.axis != other.axis;
    let half = other.thickness.half();
    let meets = |end: Length| (end - other.offset).abs() <= half + NEAR;
    let within = other.start - NEAR <= one.offset && one.offset <= other.end() + NEAR;
    // What runs past the other's face does not end there.
    let past = |end: Length, outward: Length| (outward - end).abs() < half;
    let ends = [(one.start, other.offset - half), (one.end(), other.offset + half)];
    across && within && ends.iter().any(|(end, outer)| meets(*end) && !past(*end, *outer))
}

/// Why it is this wall's turn, in sentences.
pub fn why(turn: &Turn, walls: &[WallHere]) -> Vec<Phrase> {
    let names =
        |places: &[usize]| Phrase::each_once(places.iter().map(|place| Phrase::verbatim(walls[*place].name.as_str())));
    let first = match turn.between.len() {
        0 => say!("turn-while-free"),
        1 => say!("turn-against", walls = names(&turn.between)),
        _ => say!("turn-between", walls = names(&turn.between)),
    };
    let closes = (!turn.closes_over.is_empty()).then(|| say!("turn-closes-over", walls = names(&turn.closes_over)));
    std::iter::once(first).chain(closes).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::Axis;

    fn wall(id: u128, name: &str, axis: Axis, offset: i64, (start, end): (i64, i64)) -> WallHere {
        let line = Line {
            axis,
            offset: Length::inches(offset),
            start: Length::inches(start),
            length: Length::inches(end - start),
            thickness: Length::inches(4),
        };
        WallHere { id: WallId(id), name: name.into(), line }
    }

    /// Outer faces 36 by 24 ft; front and back run through.
    fn house() -> [WallHere; 5] {
        [
            wall(1, "left", Axis::Y, 2, (4, 284)),
            wall(2, "middle", Axis::X, 144, (4, 428)),
            wall(3, "front", Axis::X, 2, (0, 432)),
            wall(4, "right", Axis::Y, 430, (4, 284)),
            wall(5, "back", Axis::X, 286, (0, 432)),
        ]
    }

    fn told(put: &[u128]) -> Vec<(String, Vec<String>, usize)> {
        let walls = house();
        let put: Vec<WallId> = put.iter().copied().map(WallId).collect();
        let name = |place: &usize| walls[*place].name.clone();
        let tell = |turn: &Turn| (name(&turn.wall), turn.between.iter().map(name).collect(), turn.closes_over.len());
        in_order(&walls, &put).iter().map(tell).collect()
    }

    #[test]
    fn worked_example() {
        let between = |names: &[&str]| names.iter().map(|name| (*name).to_owned()).collect::<Vec<_>>();
        assert_eq!(
            told(&[]),
            [
                ("front".into(), vec![], 0),
                ("back".into(), vec![], 0),
                ("left".into(), between(&["front", "back"]), 0),
                ("right".into(), between(&["front", "back"]), 0),
                ("middle".into(), between(&["left", "right"]), 0),
            ]
        );
    }

    #[test]
    fn what_somebody_puts_first_goes_first_and_what_closes_over_ends_is_told() {
        let put = told(&[1, 3]);
        assert_eq!((put[0].0.as_str(), put[1].0.as_str(), put[1].2), ("left", "front", 1));
        assert_eq!(put.len(), 5, "each once");
        assert_eq!(why(&in_order(&house(), &[WallId(1), WallId(3)])[1], &house()).len(), 2);
    }
}
