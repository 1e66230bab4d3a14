//! Walls of a house that are opened: what temporary walls take by hand, what cannot stand, what is an engineer's.

mod common;

use common::hand::{Hand, feet, floor};
use common::said;
use sturvek_core::house::{Axis, FieldOf, FloorField, RoofFieldFraming};
use sturvek_core::job::WallId;
use sturvek_core::loads::LoadKind;
use sturvek_core::measure::Length;
use sturvek_core::remodel::opened_wall::{NotOpened, Opened, Opening, opened};
use sturvek_core::statics::Joints;

/// 24 by 24 ft, walls along x at 0, 12 and 24 ft, joists across them; the middle wall is the second.
fn house(joints: Joints) -> Hand {
    let mut hand = Hand::with_storeys(1);
    for (id, offset) in [(1, 0), (2, 12), (3, 24)] {
        hand.foundation(Axis::X, feet(offset), (feet(0), feet(24)));
        hand.wall(id, 0, Axis::X, feet(offset), (feet(0), feet(24)));
    }
    let FieldOf::Floor(of) = floor(40.0) else { panic!("a floor") };
    let floor = FieldOf::Floor(FloorField { joints, ..of });
    hand.field(0, (feet(0), feet(0), feet(24), feet(24)), Axis::Y, floor);
    hand
}

fn asked(lower: Option<i64>, upper: Option<i64>) -> Opening {
    Opening {
        lower: lower.map(Length::inches),
        upper: upper.map(Length::inches),
        plies: 1,
        rows: 1,
        floors_cleared: false,
        no_snow: false,
    }
}

fn open(hand: &Hand, wall: u128, asked: &Opening) -> Result<Opened, NotOpened> {
    opened(&hand.plan(), WallId(wall), asked)
}

fn plf(opened: &Opened, wall: usize, kind: LoadKind) -> f64 {
    opened.on_temporary[wall][kind].to_plf()
}

/// By hand: 480 lb of live load a foot on each side of 12 ft, its middle 6 ft from the outer wall, the temporary wall 9.5: 480 · 6 / 9.5 = 303.
#[test]
fn temporary_walls_on_both_sides_of_lapped_joists() {
    let both = open(&house(Joints::AtEverySupport), 2, &asked(Some(30), Some(30))).expect("a number");
    for wall in [0, 1] {
        assert!((plf(&both, wall, LoadKind::FloorLive) - 303.158).abs() < 1e-3, "{both:?}");
        assert!((plf(&both, wall, LoadKind::Dead) - 75.789).abs() < 1e-3);
    }
    assert!(both.findings.is_empty(), "{:?}", both.findings);
    assert!(both.studs.expect("they stand").expect("a column").carries());
    // Nobody up there but who works: half of it.
    let cleared = Opening { floors_cleared: true, ..asked(Some(30), Some(30)) };
    let cleared = open(&house(Joints::AtEverySupport), 2, &cleared).expect("a number");
    assert!((plf(&cleared, 0, LoadKind::FloorLive) - 303.158 / 2.0).abs() < 1e-3);
}

#[test]
fn on_one_side_only_the_other_joists_fall() {
    let one = open(&house(Joints::AtEverySupport), 2, &asked(Some(30), None)).expect("an answer");
    assert!(one.studs.is_none() && one.fields[0].takes.is_err());
    assert!(said(&one.findings[0]).contains("24'-0\""), "{}", said(&one.findings[0]));
}

#[test]
fn where_joists_run_through_one_side_stands_and_spans_farther() {
    let one = open(&house(Joints::None), 2, &asked(None, Some(30))).expect("a number");
    assert!(one.fields[0].takes.is_ok());
    assert_eq!(one.fields[0].takes.as_ref().expect("stands").spans, [(Some(feet(12)), Length::inches(174))]);
    assert_eq!(one.findings.iter().map(|finding| &*finding.id).collect::<Vec<_>>(), ["shore-longer-span"]);
}

#[test]
fn what_comes_from_above_is_an_engineers_and_what_runs_along_is_said() {
    let hand = Hand::two_storeys_alike();
    let below = open(&hand, 2, &asked(Some(30), Some(30))).expect("an answer");
    assert!(below.studs.is_none() && below.on_temporary.is_empty());
    assert!(below.findings.iter().any(|finding| finding.id == "shore-comes-from-above"), "{:?}", below.findings);
    let above = open(&hand, 12, &asked(Some(30), Some(30))).expect("a number");
    assert!(above.findings.is_empty(), "{:?}", above.findings);
    // A wall that the joists run along.
    let mut along = house(Joints::AtEverySupport);
    along.wall(9, 0, Axis::Y, feet(6), (feet(0), feet(12)));
    assert_eq!(open(&along, 9, &asked(Some(30), Some(30))), Err(NotOpened::NothingCrosses));
    let mut loose = house(Joints::AtEverySupport);
    loose.job.walls[1].place = None;
    assert_eq!(open(&loose, 2, &asked(Some(30), None)), Err(NotOpened::InNoHouse));
}

#[test]
fn a_roof_on_it_has_no_number_here() {
    let mut hand = Hand::with_storeys(1);
    for (id, offset) in [(1, 0), (2, 24)] {
        hand.foundation(Axis::X, feet(offset), (feet(0), feet(24)));
        hand.wall(id, 0, Axis::X, feet(offset), (feet(0), feet(24)));
    }
    hand.roof(0, (feet(0), feet(-2), feet(24), feet(26)), Axis::Y, RoofFieldFraming::RaftersOnBoard);
    match open(&hand, 1, &asked(None, Some(30))) {
        Ok(opened) => assert!(!opened.findings.is_empty() && opened.studs.is_none(), "{opened:?}"),
        Err(none) => assert_eq!(none, NotOpened::NothingCrosses),
    }
}

#[test]
fn a_temporary_wall_does_not_stand_against_a_wall_that_stays() {
    let mut hand = house(Joints::AtEverySupport);
    hand.wall(4, 0, Axis::X, Length::inches(144 + 30), (feet(0), feet(24)));
    let near = open(&hand, 2, &asked(Some(30), Some(31))).expect("an answer");
    assert!(near.findings.iter().any(|finding| finding.id == "shore-too-near"), "{:?}", near.findings);
    assert!(near.studs.is_none() && near.fields.is_empty());
}

#[test]
fn a_wall_above_that_stands_on_the_joists_is_in_no_figure_and_said() {
    let mut hand = house(Joints::AtEverySupport);
    let upper = Hand::with_storeys(2).job.house.levels;
    hand.job.house.levels = upper;
    hand.wall(20, 1, Axis::X, feet(15), (feet(0), feet(24)));
    hand.wall(21, 1, Axis::X, feet(24), (feet(0), feet(24)));
    let middle = open(&hand, 2, &asked(Some(30), Some(30))).expect("a number");
    let found: Vec<&str> = middle.findings.iter().map(|finding| &*finding.id).collect();
    assert_eq!(found, ["shore-stands-on-joists"]);
    // Outside of what is worked out there is no number at all.
    assert!(middle.studs.is_none() && middle.on_temporary.is_empty());
}

/// What stands across, along the joists, stands on them as well.
#[test]
fn a_wall_above_that_runs_with_the_joists_is_said_too() {
    let mut hand = house(Joints::AtEverySupport);
    hand.job.house.levels = Hand::with_storeys(2).job.house.levels;
    // From one end of the house past the other, so that neither of its ends is on the floor.
    hand.wall(20, 1, Axis::Y, feet(9), (feet(-2), feet(26)));
    let middle = open(&hand, 2, &asked(Some(30), Some(30))).expect("an answer");
    assert!(middle.findings.iter().any(|finding| finding.id == "shore-stands-on-joists"), "{:?}", middle.findings);
    assert!(middle.studs.is_none());
}

#[test]
fn a_temporary_wall_outside_of_the_house_does_nothing_and_is_said_to() {
    let outer = open(&house(Joints::AtEverySupport), 1, &asked(Some(30), Some(30))).expect("a number");
    assert_eq!(outer.findings.iter().map(|finding| &*finding.id).collect::<Vec<_>>(), ["shore-under-nothing"]);
    let inside = open(&house(Joints::AtEverySupport), 1, &asked(None, Some(30))).expect("a number");
    assert!(inside.findings.is_empty() && inside.studs.is_some(), "{:?}", inside.findings);
}
