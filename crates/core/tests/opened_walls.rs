//! Walls of a house that are opened: what temporary walls take by hand, what cannot stand, what is an engineer's.

mod common;

use common::hand::{Hand, feet, floor};
use common::said;
use sturvek_core::house::{Axis, FieldOf, FloorField, RoofFieldFraming};
use sturvek_core::job::WallId;
use sturvek_core::loads::LoadKind;
use sturvek_core::lumber::{Depth, Grade, Species};
use sturvek_core::measure::Length;
use sturvek_core::remodel::opened_wall::{NotOpened, Opened, ShoredStorey, opened};
use sturvek_core::remodel::opening::Opening;
use sturvek_core::shoring::header_over_studs::TemporaryHeader;
use sturvek_core::shoring::joists_meanwhile::Joists;
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
    Opening { lower: lower.map(Length::inches), upper: upper.map(Length::inches), ..Opening::USUAL }
}

fn open(hand: &Hand, wall: u128, asked: &Opening) -> Result<Opened, NotOpened> {
    opened(&hand.plan(), WallId(wall), asked)
}

fn plf(opened: &Opened, wall: usize, kind: LoadKind) -> f64 {
    opened.here.walls[wall].takes[kind].to_plf()
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
    assert_eq!(both.sides.as_ref().map(|sides| &*sides.id), Some("shore-both-needed"), "they are lapped over it");
    assert!(both.here.studs.expect("they stand").expect("a column").carries());
    // Nobody up there but who works: half of it.
    let cleared = Opening { floors_cleared: true, ..asked(Some(30), Some(30)) };
    let cleared = open(&house(Joints::AtEverySupport), 2, &cleared).expect("a number");
    assert!((plf(&cleared, 0, LoadKind::FloorLive) - 303.158 / 2.0).abs() < 1e-3);
}

#[test]
fn on_one_side_only_the_other_joists_fall() {
    let one = open(&house(Joints::AtEverySupport), 2, &asked(Some(30), None)).expect("an answer");
    assert!(one.here.studs.is_none() && one.here.fields[0].takes.is_err());
    assert!(said(&one.findings[0]).contains("24'-0\""), "{}", said(&one.findings[0]));
}

#[test]
fn where_joists_run_through_one_side_stands_and_spans_farther() {
    let both = open(&house(Joints::None), 2, &asked(Some(30), Some(36))).expect("a number");
    let sides = said(&both.sides.expect("told"));
    assert!(sides.contains("One temporary wall would do, at 9'-6\""), "{sides}");
    assert!(sides.contains("14'-6\" then, where it is 12'-0\" now"), "{sides}");
    let one = open(&house(Joints::None), 2, &asked(None, Some(30))).expect("a number");
    assert!(one.sides.is_none());
    assert!(one.here.fields[0].takes.is_ok());
    assert_eq!(one.here.fields[0].takes.as_ref().expect("stands").spans, [(Some(feet(12)), Length::inches(174))]);
    assert_eq!(one.findings.iter().map(|finding| &*finding.id).collect::<Vec<_>>(), ["shore-longer-span"]);
}

/// Two storeys alike, walls of 97 1/8 in. at 12 psf: 97.1 lb/ft. By hand, 30 in. off on both sides: each floor brings 75.8 lb/ft dead and 303.2 live, as
/// above; the upper wall stands on the ends of the lower joists, half of it on each: 97.1 / 2 · 12 / 9.5 = 61.3 lb/ft. So 75.8 above, and below
/// 75.8 + 75.8 + 61.3 = 212.9 dead, 606.3 live.
#[test]
fn a_wall_above_is_shored_first_and_stands_on_the_joists() {
    let hand = Hand::two_storeys_alike();
    let lower = open(&hand, 2, &asked(Some(30), Some(30))).expect("a number");
    let weight = 12.0 * 97.125 / 12.0;
    let [upstairs] = &lower.above[..] else { panic!("one storey above: {lower:?}") };
    assert!((upstairs.walls[0].takes[LoadKind::Dead].to_plf() - 75.789).abs() < 1e-3);
    for wall in [0, 1] {
        let dead = 2.0 * 75.789 + weight / 2.0 * 12.0 / 9.5;
        assert!((plf(&lower, wall, LoadKind::Dead) - dead).abs() < 2e-3, "{:?}", lower.here.walls);
        assert!((plf(&lower, wall, LoadKind::FloorLive) - 606.316).abs() < 1e-3);
    }
    assert!(lower.findings.is_empty(), "{:?}", lower.findings);
    assert_eq!(lower.storeys().map(|storey| storey.storey).collect::<Vec<_>>(), [1, 0]);
    assert!(lower.below.is_empty() && lower.ground.len() == 2, "{:?}", lower.ground);
    // 212.9 + 606.3 = 819 lb/ft on 1500 psf: 6.6 in.
    assert!(said(&lower.ground[0]).contains("0'-7\" wide"), "{}", said(&lower.ground[0]));
}

/// By hand: upstairs 75.8 and 303.2 as above. Below nothing goes, and joists of 12 ft turn about the temporary wall 2.5 ft off the middle one, off
/// that: 12 · 6 / 9.5 = 7.58 ft once more. So 151.6 dead and 606.3 live.
#[test]
fn temporary_walls_go_down_through_the_storey_below() {
    let hand = Hand::two_storeys_alike();
    let upper = open(&hand, 12, &asked(Some(30), Some(30))).expect("a number");
    assert!(upper.findings.is_empty(), "{:?}", upper.findings);
    let [downstairs] = &upper.below[..] else { panic!("one storey below") };
    let takes = downstairs.walls[0].takes;
    assert!((takes[LoadKind::Dead].to_plf() - 2.0 * 75.789).abs() < 2e-3, "{takes:?}");
    assert!((takes[LoadKind::FloorLive].to_plf() - 606.316).abs() < 2e-3, "{takes:?}");
    assert!(hardest(downstairs) > hardest(&upper.here), "it takes both floors");
    // A slab under the house: nothing but it.
    let mut on_slab = Hand::two_storeys_alike();
    on_slab.slab();
    let on_slab = open(&on_slab, 12, &asked(Some(30), Some(30))).expect("a number");
    assert_eq!(on_slab.ground.iter().map(|each| &*each.id).collect::<Vec<_>>(), ["shore-on-the-slab"; 2]);
}

fn hardest(storey: &ShoredStorey) -> f64 {
    storey.works().expect("a column").column.0
}

/// The upper wall stands on the joists: gone, it brings nothing to them any more. Another one that does stays somebody else's.
#[test]
fn a_wall_that_stands_on_joists_is_opened() {
    let mut hand = Hand::two_storeys_alike();
    let upper = hand.job.walls.iter_mut().find(|wall| wall.id == WallId(12)).and_then(|wall| wall.place.as_mut());
    upper.expect("it has a place").offset = feet(14);
    let middle = open(&hand, 12, &asked(Some(30), Some(30))).expect("a number");
    assert!(
        middle.findings.is_empty() && middle.carries(),
        "{:?}",
        middle.storeys().map(|s| (s.studs, s.walls.clone())).collect::<Vec<_>>()
    );
    assert_eq!(middle.below.len(), 1);
    hand.wall(15, 1, Axis::X, feet(8), (feet(0), feet(24)));
    let beside = open(&hand, 12, &asked(Some(30), Some(30))).expect("a number");
    let [found] = &beside.findings[..] else { panic!("one finding: {:?}", beside.findings) };
    assert!(said(found).starts_with("On storey 0: Something above stands on these joists"), "{}", said(found));
    assert!(!beside.carries() && beside.below[0].walls.is_empty(), "{:?}", beside.below);
}

/// A wall that stands right under a temporary wall takes it; a beam there is somebody else's.
#[test]
fn what_runs_right_under_a_temporary_wall_takes_it() {
    let mut hand = Hand::two_storeys_alike();
    hand.foundation(Axis::X, Length::inches(114), (feet(0), feet(24)));
    hand.wall(5, 0, Axis::X, Length::inches(114), (feet(0), feet(24)));
    let upper = open(&hand, 12, &asked(Some(30), Some(30))).expect("a number");
    let told: Vec<&str> = upper.ground.iter().map(|each| &*each.id).collect();
    assert_eq!(told, ["shore-down-in-a-wall", "shore-on-a-plank"]);
    assert_eq!(upper.below[0].walls.len(), 1, "only the other one goes on");
    let mut hand = Hand::two_storeys_alike();
    hand.beam(0, Axis::X, Length::inches(114), (feet(0), feet(24)), 10.0);
    let upper = open(&hand, 12, &asked(Some(30), Some(30))).expect("an answer");
    assert!(upper.findings.iter().any(|each| said(each).contains("A beam runs right under")), "{:?}", upper.findings);
    assert!(!upper.carries(), "what a beam takes has no number here");
}

/// Joists along the wall, boards 5 ft from leg to leg and 4 ft apart, under 10 and 40 psf: 40 and 160 lb/ft on a board, 100 and 400 lb on a leg beside half of
/// the board's weight. As a load along the wall 25 and 100 lb/ft. M = 200 · 5² / 8 = 625 lb·ft on two 2x8, S = 26.28: 285 psi of what SPF No. 2 has.
#[test]
fn where_joists_run_along_boards_go_across() {
    let mut hand = house(Joints::AtEverySupport);
    hand.wall(9, 0, Axis::Y, feet(6), (feet(0), feet(12)));
    let none = open(&hand, 9, &asked(Some(30), Some(30))).expect("an answer");
    assert_eq!(none.findings.iter().map(|each| &*each.id).collect::<Vec<_>>(), ["shore-needs-boards"]);
    assert!(none.here.walls.is_empty() && !none.carries());
    let header = Some(TemporaryHeader { depth: Depth::Eight, apart: feet(4) });
    let boards = open(&hand, 9, &Opening { header, ..asked(Some(30), Some(30)) }).expect("a number");
    let on_a_leg = boards.here.walls[0].takes;
    assert!((on_a_leg[LoadKind::FloorLive].to_plf() * 4.0 - 400.0).abs() < 1e-6, "{on_a_leg:?}");
    let dead = on_a_leg[LoadKind::Dead].to_plf() * 4.0;
    let own = 2.0 * 1.5 * 7.25 / 144.0 * 35.0 * 2.5;
    assert!((dead - 100.0 - own).abs() < 0.5, "{dead}");
    let ratio = boards.here.header.as_ref().expect("boards").ratio();
    assert!(0.1 < ratio && ratio < 0.6 && boards.carries(), "{ratio}");
    // On one side only nothing holds the other end.
    let one = open(&hand, 9, &Opening { header, ..asked(Some(30), None) }).expect("an answer");
    assert!(one.here.walls.is_empty(), "{one:?}");
    // With a wall on its joists, or on top of it, it is an engineer's.
    hand.job.house.levels = Hand::with_storeys(2).job.house.levels;
    hand.wall(21, 1, Axis::X, feet(15), (feet(0), feet(24)));
    let beside = open(&hand, 9, &Opening { header, ..asked(Some(30), Some(30)) }).expect("an answer");
    assert_eq!(beside.findings.iter().map(|each| &*each.id).collect::<Vec<_>>(), ["shore-stands-on-joists"]);
    assert!(beside.here.walls.is_empty() && !beside.carries());
    hand.job.walls.retain(|wall| wall.id != WallId(21));
    hand.wall(20, 1, Axis::Y, feet(6), (feet(0), feet(12)));
    let under = open(&hand, 9, &Opening { header, ..asked(Some(30), Some(30)) }).expect("an answer");
    assert!(under.here.walls.is_empty() && !under.carries(), "{under:?}");
}

/// 379 lb/ft on two 2x8 over studs 4 ft apart: M = 379 · 4² / 8 = 758 lb·ft; S = 26.28: 346 psi. On one 2x4, 3 by 1 1/2 in.: 4 · 379 / 4.5 = 337 psi of
/// SPF's 425, as both ends are cut there: it crushes before it bends.
#[test]
fn a_header_over_studs_farther_apart() {
    let header = Some(TemporaryHeader { depth: Depth::Eight, apart: feet(4) });
    let with =
        open(&house(Joints::AtEverySupport), 2, &Opening { header, ..asked(Some(30), Some(30)) }).expect("a number");
    let works = with.here.header.as_ref().expect("there").ratio();
    let own = 2.0 * 1.5 * 7.25 / 144.0 * 35.0;
    let by_hand = 4.0 * (75.789 + 303.158 + own) / 4.5 / 425.0;
    assert!((works - by_hand).abs() < 5e-3, "{works} {by_hand}");
    // The studs take three times as much as 16 in. apart.
    let plate_only = open(&house(Joints::AtEverySupport), 2, &asked(Some(30), Some(30))).expect("a number");
    let (far, near) = (with.here.works().expect("a column").plate, plate_only.here.works().expect("a column").plate);
    assert!((far / near - 3.0).abs() < 1e-9, "{far} {near}");
}

/// Joists that run through, a temporary wall on one side only: 14'-6" where they spanned 12. 2x10 carry that, 2x6 do not; without a word they are looked at.
#[test]
fn joists_are_checked_where_somebody_said_what_they_are() {
    let one = asked(None, Some(30));
    let of = |depth| {
        let (species, grade) = (Species::SprucePineFir, Grade::Number2);
        Opening { joists: Some(Joists { species, grade, depth, spacing: Length::inches(16) }), ..one }
    };
    let hand = house(Joints::None);
    assert_eq!(open(&hand, 2, &one).expect("a number").findings.len(), 1);
    let ratio = |opened: &Opened| opened.here.fields[0].joists.as_ref().expect("a number").ratio();
    let deep = open(&hand, 2, &of(Depth::Ten)).expect("a number");
    assert!(deep.findings.is_empty() && deep.carries() && ratio(&deep) < 1.0, "{}", ratio(&deep));
    let shallow = open(&hand, 2, &of(Depth::Six)).expect("a number");
    assert!(1.0 < ratio(&shallow) && !shallow.carries(), "{}", ratio(&shallow));
    // A wall above that stands on the ends of lapped ones takes of what bends their spans.
    let storeys = Hand::two_storeys_alike();
    let both = Opening { lower: Some(Length::inches(30)), ..of(Depth::Ten) };
    let under = open(&storeys, 2, &both).expect("a number");
    let over = open(&storeys, 12, &both).expect("a number");
    assert!(ratio(&under) < ratio(&over) && ratio(&over) < 0.5, "{} {}", ratio(&over), ratio(&under));
}

#[test]
fn what_comes_from_above_beside_a_wall_is_an_engineers() {
    let mut hand = Hand::two_storeys_alike();
    hand.job.walls.retain(|wall| wall.id != WallId(12));
    hand.post(1, feet(2), feet(12));
    hand.post(1, feet(22), feet(12));
    hand.beam(1, Axis::X, feet(12), (feet(0), feet(24)), 10.0);
    let below = open(&hand, 2, &asked(Some(30), Some(30))).expect("an answer");
    assert!(below.here.studs.is_none() && below.here.walls.is_empty());
    assert!(below.findings.iter().any(|finding| finding.id == "shore-comes-from-above"), "{:?}", below.findings);
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
        Ok(opened) => assert!(!opened.findings.is_empty() && opened.here.studs.is_none(), "{opened:?}"),
        Err(none) => assert_eq!(none, NotOpened::NothingCrosses),
    }
}

#[test]
fn a_temporary_wall_does_not_stand_against_a_wall_that_stays() {
    let mut hand = house(Joints::AtEverySupport);
    hand.wall(4, 0, Axis::X, Length::inches(144 + 30), (feet(0), feet(24)));
    let near = open(&hand, 2, &asked(Some(30), Some(31))).expect("an answer");
    assert!(near.findings.iter().any(|finding| finding.id == "shore-too-near"), "{:?}", near.findings);
    assert!(near.here.studs.is_none() && near.here.fields.is_empty());
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
    assert!(middle.here.studs.is_none() && middle.here.walls.is_empty());
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
    assert!(middle.here.studs.is_none());
}

#[test]
fn a_temporary_wall_outside_of_the_house_does_nothing_and_is_said_to() {
    let outer = open(&house(Joints::AtEverySupport), 1, &asked(Some(30), Some(30))).expect("a number");
    assert_eq!(outer.findings.iter().map(|finding| &*finding.id).collect::<Vec<_>>(), ["shore-under-nothing"]);
    let inside = open(&house(Joints::AtEverySupport), 1, &asked(None, Some(30))).expect("a number");
    assert!(inside.findings.is_empty() && inside.here.studs.is_some(), "{:?}", inside.findings);
}
