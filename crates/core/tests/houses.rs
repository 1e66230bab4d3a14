//! Houses with their arithmetic beside them: what lands on each wall and header, and what is sized for it. Worked by hand from the method
//! of the load path; sizes of boards are not the point here.

mod common;

use std::collections::BTreeSet;

use common::hand::{Hand, feet, floor};
use sturvek_core::framing::OpeningOutcome;
use sturvek_core::framing::bears_by_house::bears_by_house;
use sturvek_core::framing::member::Role;
use sturvek_core::framing::pieces::pieces_of_wall;
use sturvek_core::house::{
    Axis, CeilingField, EngineersMark, FieldOf, FloorField, PartId, Place, RoofFieldFraming, Spot,
};
use sturvek_core::job::command::apply;
use sturvek_core::job::{Command, WallId, WhatIf};
use sturvek_core::loads::{ByKind, FloorUse, Framing, LoadCase, LoadKind, RoofOnWall, SnowLies, WallCarries};
use sturvek_core::lumber::HeaderSpec;
use sturvek_core::measure::{End, Length, LineLoad, Pressure};
use sturvek_core::path::Why;
use sturvek_core::plan::JobPlan;
use sturvek_core::plan::stations::{StationIs, StationKind, Stations, stations};
use sturvek_core::plan::ways_out::WayOfBreak;
use sturvek_core::statics::Joints;

/// What stands on a wall's top at a place, lb/ft.
fn on(plan: &JobPlan, wall: u128, at: Length) -> ByKind<f64> {
    let (_, planned) = plan.wall(WallId(wall)).expect("it is there");
    planned.ground.landed.down.at(at).map(LineLoad::to_plf)
}

fn near(got: f64, wanted: f64) {
    assert!((got - wanted).abs() < 0.01, "{got}, wanted {wanted}");
}

/// D, L, Lr, S.
fn carries(plan: &JobPlan, wall: u128, at: Length, wanted: [f64; 4]) {
    let got = on(plan, wall, at);
    let kinds = [LoadKind::Dead, LoadKind::FloorLive, LoadKind::RoofLive, LoadKind::Snow];
    for (kind, wanted) in kinds.into_iter().zip(wanted) {
        assert!((got[kind] - wanted).abs() < 0.01, "{kind:?} on {wall}: {}, wanted {wanted}", got[kind]);
    }
}

/// 24 ft deep and 32 ft long, trusses with 2 ft overhangs: 15 psf D with the ceiling's 5 inside, 20 psf Lr, 28 psf S of 40 on the ground.
fn under_trusses(hand: &mut Hand) {
    hand.wall(1, 0, Axis::X, feet(0), (feet(0), feet(32)));
    hand.wall(2, 0, Axis::X, feet(24), (feet(0), feet(32)));
    hand.wall(3, 0, Axis::X, feet(12), (feet(0), feet(32)));
    hand.roof(0, (feet(0), feet(-2), feet(32), feet(26)), Axis::Y, RoofFieldFraming::Trusses);
    hand.slab();
}

#[test]
fn under_trusses_only_the_outside_walls_carry() {
    let mut hand = Hand::with_storeys(1);
    under_trusses(&mut hand);
    let window = hand.window(1, feet(10), 60);
    let plan = hand.plan();
    // D 10 · 14 + 5 · 12 = 200; Lr 20 · 14; S 28 · 14.
    carries(&plan, 1, feet(10), [200.0, 0.0, 280.0, 392.0]);
    carries(&plan, 2, feet(10), [200.0, 0.0, 280.0, 392.0]);
    carries(&plan, 3, feet(10), [0.0; 4]);
    // The same wall described by itself gets the same header and jacks.
    let mut alone = plan.job().clone();
    let wall = alone.walls.iter_mut().find(|wall| wall.id == WallId(1)).expect("it is there");
    wall.place = None;
    let roof = RoofOnWall::usual(feet(24));
    let item = sturvek_core::loads::Carried { framing: Framing::Roof(roof), extent: None, on_tail: false };
    wall.carries = WallCarries::Framing(vec![item]);
    let alone = JobPlan::of(alone);
    let opening = |plan: &JobPlan| {
        let (_, _, opening) = plan.opening(window).expect("planned");
        (opening.header(), opening.jacks, opening.verdict)
    };
    assert_eq!(opening(&plan), opening(&alone));
    assert!(opening(&plan).0.is_some());
}

#[test]
fn lapped_ceiling_joists_make_the_middle_wall_carry() {
    let mut hand = Hand::with_storeys(1);
    under_trusses(&mut hand);
    let door = hand.window(3, feet(16), 48);
    let plan = hand.plan();
    let (_, _, opening) = plan.opening(door).expect("planned");
    assert!(matches!(opening.outcome, OpeningOutcome::Flat), "nothing stands on it");
    hand.job.house.fields.clear();
    hand.roof(0, (feet(0), feet(-2), feet(32), feet(26)), Axis::Y, RoofFieldFraming::RaftersOnBoard);
    let ceiling = CeilingField { lapped: true, dead: Pressure::psf(5.0), attic_live: Pressure::psf(10.0) };
    hand.field(0, (feet(0), feet(0), feet(32), feet(24)), Axis::Y, FieldOf::Ceiling(ceiling));
    let plan = hand.plan();
    // The ceiling: 5 and 10 psf over 12 ft of each span's half; the roof as before without it.
    carries(&plan, 3, feet(10), [60.0, 120.0, 0.0, 0.0]);
    carries(&plan, 1, feet(10), [140.0 + 30.0, 60.0, 280.0, 392.0]);
    let (_, _, opening) = plan.opening(door).expect("planned");
    assert!(matches!(opening.outcome, OpeningOutcome::Header(_)), "now it needs one");
}

/// Two storeys; an upper window of 4 ft stands half over a lower door of 6 ft.
#[test]
fn an_opening_over_another_loads_its_header() {
    let mut hand = Hand::with_storeys(2);
    hand.wall(1, 1, Axis::X, feet(0), (feet(0), feet(32)));
    hand.wall(2, 1, Axis::X, feet(24), (feet(0), feet(32)));
    hand.wall(3, 0, Axis::X, feet(0), (feet(0), feet(32)));
    hand.wall(4, 0, Axis::X, feet(24), (feet(0), feet(32)));
    hand.roof(1, (feet(0), feet(-2), feet(32), feet(26)), Axis::Y, RoofFieldFraming::Trusses);
    let floor = floor(40.0);
    hand.field(0, (feet(0), feet(0), feet(32), feet(24)), Axis::Y, floor);
    hand.slab();
    let upper = hand.window(1, feet(12), 48);
    let lower = hand.window(3, feet(14), 72);
    let plan = hand.plan();
    assert!(plan.house().expect("a house").path.breaks.is_empty());
    let (_, _, upper) = plan.opening(upper).expect("planned");
    let (_, lower_wall, lower) = plan.opening(lower).expect("planned");
    // Beside the upper window: roof 200 D, its wall 12 psf over its height, the floor 10 · 12.
    let wall = 12.0 * Length::inches_and(97, 1, 8).to_feet();
    carries(&plan, 3, feet(4), [200.0 + wall + 120.0, 480.0, 280.0, 392.0]);
    carries(&plan, 3, feet(12), [wall + 120.0, 480.0, 0.0, 0.0]);
    // Its right pack presses the lower header: 392 plf over half of its span from bearing to bearing.
    let jacks = Length::inches_and(0, 3, 4) * i64::from(upper.jacks.right + upper.jacks.left);
    let span = (upper.rough.width + jacks).to_feet();
    let at = upper.right() + Length::inches_and(0, 3, 4) * i64::from(upper.jacks.right);
    let press = lower_wall.ground.landed.points.iter().find(|(place, _)| *place == at).expect("it lands there");
    near(press.1[LoadKind::Snow].to_lbf(), 392.0 * span / 2.0);
    assert!(lower.left() < at && at < lower.right());
    // Under both of its packs the floor is solid, as wide as its jacks.
    let solid: Vec<_> = lower_wall.ground.landed.solid.iter().map(|solid| (solid.at, solid.wide)).collect();
    let wide = |jacks: u8| Some(Length::inches_and(1, 1, 2) * i64::from(jacks));
    let left = upper.left() - Length::inches_and(0, 3, 4) * i64::from(upper.jacks.left);
    assert_eq!(solid, [(left, wide(upper.jacks.left)), (at, wide(upper.jacks.right))]);
    let (below, _) = plan.wall(WallId(3)).expect("it is there");
    let said = bears_by_house(below, &lower_wall.ground.landed).expect("it stands in a house").to_string();
    assert!(said.contains("bears-by-the-house"), "{said}");
    // Without the window above the lower header is no larger and has no more jacks.
    let mut without = plan.job().clone();
    without.walls[0].openings.clear();
    let without = JobPlan::of(without);
    let (_, _, even) = without.opening(lower.id).expect("planned");
    let deep = |opening: &sturvek_core::framing::OpeningPlan| opening.header().map(|header| header.board.depth());
    assert!(deep(even) <= deep(lower) && even.jacks.right <= lower.jacks.right);
}

/// A ridge beam on posts over the gable walls; one post stands over a door.
#[test]
fn a_post_under_the_ridge_stands_over_a_header() {
    let mut hand = Hand::with_storeys(2);
    hand.wall(1, 1, Axis::X, feet(0), (feet(0), feet(20)));
    hand.wall(2, 1, Axis::X, feet(24), (feet(0), feet(20)));
    hand.wall(3, 0, Axis::X, feet(0), (feet(0), feet(20)));
    hand.wall(4, 0, Axis::X, feet(24), (feet(0), feet(20)));
    hand.wall(5, 0, Axis::Y, feet(0), (feet(0), feet(24)));
    hand.wall(6, 0, Axis::Y, feet(20), (feet(0), feet(24)));
    hand.roof(1, (feet(0), feet(-2), feet(20), feet(26)), Axis::Y, RoofFieldFraming::RaftersOnBeam);
    hand.beam(1, Axis::X, feet(12), (feet(0), feet(20)), 0.0);
    hand.post(1, feet(0), feet(12));
    hand.post(1, feet(20), feet(12));
    hand.slab();
    let door = hand.window(5, feet(12), 36);
    let plan = hand.plan();
    let house = plan.house().expect("a house");
    assert!(house.path.breaks.is_empty(), "{:?}", house.path.breaks);
    // Each side: 12 ft of run with 2 ft of overhang: the ridge takes 14 − 14²/24 = 5.8333 ft of it, both sides 11.6667;
    // over 20 ft half of it on each post: 10 psf D, 20 psf Lr, 28 psf S.
    let ridge = 2.0 * (14.0 - 14.0 * 14.0 / 24.0) * 10.0;
    let (_, gable, _) = plan.opening(door).expect("planned");
    let (at, press) = gable.ground.landed.points[0];
    assert_eq!(at, feet(12));
    near(press[LoadKind::Dead].to_lbf(), 10.0 * ridge);
    near(press[LoadKind::RoofLive].to_lbf(), 20.0 * ridge);
    near(press[LoadKind::Snow].to_lbf(), 28.0 * ridge);
}

/// A girder in one piece on three posts under joists, with pads.
#[test]
fn a_girder_on_three_posts() {
    let mut hand = Hand::with_storeys(2);
    hand.foundation(Axis::X, feet(0), (feet(0), feet(24)));
    hand.foundation(Axis::X, feet(24), (feet(0), feet(24)));
    hand.wall(1, 0, Axis::X, feet(0), (feet(0), feet(24)));
    hand.wall(2, 0, Axis::X, feet(24), (feet(0), feet(24)));
    let floor = floor(40.0);
    hand.field(0, (feet(0), feet(0), feet(24), feet(24)), Axis::Y, floor);
    hand.girder(0, Axis::X, feet(12), (feet(0), feet(24)), 20.0);
    for x in [0, 12, 24] {
        hand.post(0, feet(x), feet(12));
        hand.pad(feet(x), feet(12), 30);
    }
    let plan = hand.plan();
    let house = plan.house().expect("a house");
    assert!(house.path.breaks.is_empty(), "{:?}", house.path.breaks);
    let posts: Vec<f64> = house.path.storeys[0].posts.iter().map(|post| post.bottom.get(LoadCase::FloorLive)).collect();
    // 480 lb/ft over two spans of 12 ft: 3/8, 10/8, 3/8 of 5760 lb.
    near(posts[0], 0.375 * 5760.0);
    near(posts[1], 1.25 * 5760.0);
    near(posts[2], 0.375 * 5760.0);
    // Without the middle pad the middle post breaks.
    hand.job.house.pads.remove(1);
    let plan = hand.plan();
    let breaks = &plan.house().expect("a house").path.breaks;
    assert_eq!(breaks.iter().map(|each| each.why).collect::<Vec<_>>(), [Why::NothingUnder]);
}

/// A porch roof from the house wall to a beam on two posts, 8 ft deep with 1 ft of overhang.
#[test]
fn a_porch_leans_on_the_wall_and_on_its_beam() {
    let mut hand = Hand::with_storeys(1);
    hand.wall(1, 0, Axis::X, feet(0), (feet(0), feet(20)));
    hand.roof(0, (feet(0), feet(-9), feet(20), feet(0)), Axis::Y, RoofFieldFraming::OneWay);
    hand.beam(0, Axis::X, feet(-8), (feet(0), feet(20)), 0.0);
    hand.post(0, feet(1), feet(-8));
    hand.post(0, feet(19), feet(-8));
    hand.slab();
    let plan = hand.plan();
    // About the wall: 9²/(2 · 8) = 5.0625 ft on the beam, the rest of 9 on the wall.
    carries(&plan, 1, feet(10), [39.375, 0.0, 78.75, 28.0 * 3.9375]);
    let house = plan.house().expect("a house");
    let post = house.path.storeys[0].posts[0].bottom;
    near(post.get(LoadCase::Dead), 50.625 * 10.0);
    near(post.get(LoadCase::Snow(SnowLies::Evenly)), 28.0 * 5.0625 * 10.0);
}

/// An upper floor that runs 2 ft past the wall below, with a wall and the roof on its end.
#[test]
fn a_cantilevered_storey_breaks_where_nothing_is_under_its_wall() {
    let mut hand = Hand::with_storeys(2);
    hand.wall(1, 1, Axis::X, feet(-2), (feet(0), feet(20)));
    hand.wall(2, 1, Axis::X, feet(24), (feet(0), feet(20)));
    hand.wall(3, 0, Axis::X, feet(0), (feet(0), feet(20)));
    hand.wall(4, 0, Axis::X, feet(24), (feet(0), feet(20)));
    hand.roof(1, (feet(0), feet(-4), feet(20), feet(26)), Axis::Y, RoofFieldFraming::Trusses);
    hand.slab();
    let plan = hand.plan();
    let breaks = &plan.house().expect("a house").path.breaks;
    assert_eq!(breaks.len(), 1);
    assert_eq!(breaks[0].why, Why::NoLineUnder);
    near(breaks[0].amount.get(LoadCase::Snow(SnowLies::Evenly)), 28.0 * 15.0);
    // A beam under the end, on two posts, carries it.
    hand.beam(0, Axis::X, feet(-2), (feet(0), feet(20)), 0.0);
    hand.post(0, feet(0), feet(-2));
    hand.post(0, feet(20), feet(-2));
    assert!(hand.plan().house().expect("a house").path.breaks.is_empty());
}

/// A room over a garage: the wall above and the floor on one side come down on the overhead door's header.
#[test]
fn a_garage_under_a_room() {
    let mut hand = Hand::with_storeys(2);
    hand.wall(1, 1, Axis::X, feet(0), (feet(0), feet(22)));
    hand.wall(2, 1, Axis::X, feet(20), (feet(0), feet(22)));
    hand.wall(3, 0, Axis::X, feet(0), (feet(0), feet(22)));
    hand.wall(4, 0, Axis::X, feet(20), (feet(0), feet(22)));
    hand.roof(1, (feet(0), feet(-2), feet(22), feet(22)), Axis::Y, RoofFieldFraming::Trusses);
    let floor = floor(30.0);
    hand.field(0, (feet(0), feet(0), feet(22), feet(20)), Axis::Y, floor);
    hand.slab();
    let door = hand.window(3, feet(11), 192);
    let plan = hand.plan();
    let wall = 12.0 * Length::inches_and(97, 1, 8).to_feet();
    // Roof 10 · 12 + 5 · 10 = 170; floor 10 · 10 and 30 · 10; S 28 · 12.
    carries(&plan, 3, feet(11), [170.0 + wall + 100.0, 300.0, 240.0, 336.0]);
    let house = plan.house().expect("a house");
    let (_, _, opening) = plan.opening(door).expect("planned");
    let ends = house.path.storeys[0].walls[0].openings[0];
    // Its packs: from bearing to bearing, half each.
    let span = (opening.rough.width + Length::inches_and(0, 3, 4) * i64::from(opening.jacks.left.max(1) * 2)).to_feet();
    let header = opening.header().map_or(0.0, |header| header.weight_per_foot_lbf());
    near(ends.at(End::Left).get(LoadCase::Dead), (170.0 + wall + 100.0 + header) * span / 2.0);
}

/// A wall named from the other side has its openings from its other end.
#[test]
fn a_turned_wall_is_the_same_wall() {
    let mut hand = Hand::with_storeys(2);
    hand.wall(1, 1, Axis::X, feet(0), (feet(0), feet(32)));
    hand.wall(2, 1, Axis::X, feet(24), (feet(0), feet(32)));
    hand.wall(3, 0, Axis::X, feet(0), (feet(0), feet(32)));
    hand.wall(4, 0, Axis::X, feet(24), (feet(0), feet(32)));
    hand.roof(1, (feet(0), feet(-2), feet(32), feet(26)), Axis::Y, RoofFieldFraming::Trusses);
    hand.slab();
    hand.window(1, feet(8), 48);
    let straight = hand.plan();
    let turned = |hand: &mut Hand, wall: usize| {
        if let Some(place) = &mut hand.job.walls[wall].place {
            place.turned = true;
        }
    };
    turned(&mut hand, 2);
    let lower = hand.plan();
    let places = |plan: &JobPlan| -> Vec<Length> {
        plan.wall(WallId(3)).expect("it is there").1.ground.landed.points.iter().map(|(at, _)| *at).collect()
    };
    let mut mirrored: Vec<Length> = places(&straight).into_iter().map(|at| feet(32) - at).collect();
    mirrored.sort_unstable();
    let mut got = places(&lower);
    got.sort_unstable();
    assert_eq!(got, mirrored);
    assert_eq!(got.len(), 2);
}

/// Every way out that is offered takes its break away, and can be taken back.
#[test]
fn a_way_out_takes_its_break_away() {
    let without = |change: fn(&mut Hand)| {
        let mut hand = Hand::with_storeys(2);
        hand.wall(1, 1, Axis::X, feet(-2), (feet(0), feet(20)));
        hand.wall(2, 1, Axis::X, feet(24), (feet(0), feet(20)));
        hand.wall(3, 0, Axis::X, feet(0), (feet(0), feet(20)));
        hand.wall(4, 0, Axis::X, feet(24), (feet(0), feet(20)));
        hand.roof(1, (feet(0), feet(-4), feet(20), feet(26)), Axis::Y, RoofFieldFraming::Trusses);
        hand.foundation(Axis::X, feet(0), (feet(0), feet(20)));
        hand.foundation(Axis::X, feet(24), (feet(0), feet(20)));
        change(&mut hand);
        hand
    };
    // A wall on a cantilever; a foundation too short; a beam with one post; a post on bare ground.
    let houses = [
        without(|_| {}),
        without(|hand| hand.job.house.foundations[1].line.length = feet(12)),
        without(|hand| {
            hand.beam(0, Axis::X, feet(12), (feet(2), feet(14)), 10.0);
            hand.post(0, feet(3), feet(12));
            hand.pad(feet(3), feet(12), 24);
        }),
        without(|hand| hand.post(0, feet(9), feet(9))),
    ];
    for (number, hand) in houses.into_iter().enumerate() {
        let mut job = hand.job;
        if number != 0 {
            // Only the break that is meant.
            job.walls.retain(|wall| wall.id != WallId(1));
            job.house.fields.clear();
        }
        if let Some(post) = job.house.posts.last_mut() {
            post.weight = sturvek_core::measure::Force::lbf(40.0);
        }
        // Whichever way out is taken first, the house stands in the end.
        for which in 0..4 {
            let stands = mended(number, job.clone(), which);
            assert!(stands || 0 < which, "house {number} had a break");
        }
    }
}

/// Takes ways out until nothing breaks, of each break the one in a place if it has so many; whether any was taken.
fn mended(number: usize, mut job: sturvek_core::job::Job, which: usize) -> bool {
    use sturvek_core::job::Command;
    use sturvek_core::job::command::apply;

    let mut next = 9_000 + 1_000 * u128::try_from(which).expect("few");
    for taken in 0..8 {
        let plan = JobPlan::of(job.clone());
        let told = stations(&plan, &mut || {
            next += 1;
            next
        });
        let Some(broken) = told.stations.iter().find(|station| station.kind == StationKind::Break) else {
            return 0 < taken;
        };
        let Some(way) = broken.ways.get(which).or(broken.ways.first()) else { panic!("house {number}: no way out") };
        let applied = apply(&job, &Command::Together { commands: way.commands.clone() }).expect("it can be taken");
        assert_eq!(apply(&applied.job, &applied.inverse).expect("taken back").job, job);
        job = applied.job;
    }
    panic!("house {number}: every way out leads to another break")
}

/// The stations of a house, whatever is added by a way out having an identity of its own.
fn told(plan: &JobPlan) -> Stations {
    let mut next = 70_000;
    stations(plan, &mut || {
        next += 1;
        next
    })
}

/// A middle wall above that stands beside the one below it, and a door in it.
fn beside_the_wall_below() -> Hand {
    let mut hand = Hand::with_storeys(2);
    for level in 0..2 {
        for (place, at) in [(0, 0), (1, 24)] {
            hand.wall(10 * level + 1 + place, level, Axis::X, feet(at), (feet(0), feet(18)));
        }
    }
    hand.wall(3, 0, Axis::Y, feet(0), (feet(0), feet(24)));
    hand.wall(4, 0, Axis::Y, feet(18), (feet(0), feet(24)));
    hand.wall(5, 0, Axis::X, feet(12), (feet(0), feet(18)));
    hand.wall(15, 1, Axis::X, feet(14), (feet(0), feet(18)));
    hand.roof(1, (feet(0), feet(-2), feet(18), feet(26)), Axis::Y, RoofFieldFraming::RaftersOnBoard);
    let ceiling = CeilingField { lapped: true, dead: Pressure::psf(5.0), attic_live: Pressure::psf(10.0) };
    hand.field(1, (feet(0), feet(0), feet(18), feet(24)), Axis::Y, FieldOf::Ceiling(ceiling));
    hand.field(0, (feet(0), feet(0), feet(18), feet(24)), Axis::Y, floor(30.0));
    hand.slab();
    hand.window(15, feet(9), 36);
    hand
}

#[test]
fn a_wall_beside_the_one_below_breaks_once_and_has_three_ways_out() {
    let hand = beside_the_wall_below();
    let told = told(&hand.plan());
    let breaks: Vec<_> = told.stations.iter().filter(|station| station.kind == StationKind::Break).collect();
    let [broken] = breaks[..] else { panic!("{breaks:?}") };
    let ways: Vec<String> = broken.ways.iter().map(|way| way.phrase.to_string()).collect();
    assert!(ways[0].starts_with("way-wall-over (by: 2'-0\", name: wall 5"), "{ways:?}");
    assert!(ways[1].starts_with("way-beam-between (span: 18'-0"), "{ways:?}");
    assert!(ways[2].starts_with("way-beam-under (posts: 3"), "{ways:?}");
    for which in 0..3 {
        assert!(mended(0, hand.job.clone(), which), "way {which}");
    }
}

#[test]
fn a_break_is_told_on_the_wall_and_at_the_opening_that_bring_it() {
    let mut hand = beside_the_wall_below();
    let breaks = |plan: &JobPlan| {
        let (_, wall) = plan.wall(WallId(15)).expect("it is there");
        wall.findings.iter().filter(|found| found.rule.code == "path-breaks").cloned().collect::<Vec<_>>()
    };
    let plan = hand.plan();
    let found = breaks(&plan);
    assert_eq!(found.iter().map(|found| found.place.opening.is_some()).collect::<Vec<_>>(), [false, true], "{found:?}");
    assert!(plan.walls().all(
        |(wall, plan)| wall.id == WallId(15) || plan.findings.iter().all(|found| found.rule.code != "path-breaks")
    ));
    let (_, wall, opening) = plan.opening(found[1].place.opening.expect("an opening")).expect("planned");
    assert!(wall.is_unresolved(opening), "a pack that lands on nothing is not settled");
    // It goes with the break, though the wall itself is planned as before, and stays away where an engineer answers for it.
    let over = Command::PlaceWall { wall: WallId(15), place: Some(at_twelve(&hand)) };
    let mended = plan.again(apply(&hand.job, &over).expect("made").job);
    assert_eq!(breaks(&mended), []);
    assert_eq!(mended, JobPlan::of(mended.job().clone()));
    assert_eq!(breaks(&mended.again(hand.job.clone())), found);
    hand.job.house.marks.push(EngineersMark {
        id: PartId(500),
        level: PartId(1),
        name: "Ines Okpara".into(),
        reason: "steel beam below".into(),
        at: Spot { x: feet(4), y: feet(14) },
    });
    assert_eq!(breaks(&hand.plan()), []);
}

/// The place of the wall above over the one below.
fn at_twelve(hand: &Hand) -> Place {
    let wall = hand.job.walls.iter().find(|wall| wall.id == WallId(15)).expect("it is there");
    Place { offset: feet(12), ..wall.place.expect("placed") }
}

#[test]
fn a_pack_over_a_joist_bay_is_moved_over_the_wall_across() {
    let mut hand = Hand::with_storeys(2);
    hand.wall(1, 0, Axis::X, feet(0), (feet(0), feet(24)));
    hand.wall(2, 0, Axis::X, feet(12), (feet(0), feet(24)));
    hand.wall(3, 0, Axis::X, feet(24), (feet(0), feet(24)));
    // Across the walls below, with a point over its window and nothing else on it.
    hand.wall(11, 1, Axis::Y, feet(12), (feet(0), feet(24)));
    hand.slab();
    let window = hand.window(11, feet(10), 36);
    // It stands on a floor; a beam ends on it over the window.
    hand.field(0, (feet(0), feet(0), feet(24), feet(24)), Axis::Y, floor(30.0));
    hand.beam(1, Axis::X, feet(10), (feet(2), feet(12)), 60.0);
    hand.post(1, feet(2), feet(10));
    let plan = hand.plan();
    let (_, _, planned) = plan.opening(window).expect("planned");
    let told = told(&plan);
    let over = |way: &&WayOfBreak| way.phrase.to_string().starts_with("way-opening-over");
    let way = told.stations.iter().flat_map(|station| &station.ways).find(over).expect("the wall across is near");
    let Command::ChangeOpening { design, .. } = &way.commands[0] else { panic!("{way:?}") };
    // The right pack's middle goes to 12 ft: half of the opening and half of a jack before it.
    let right = planned.right() + Length::inches_and(0, 3, 4);
    assert_eq!(design.center - planned.design.center, feet(12) - right);
}

#[test]
fn what_an_engineer_answers_for_stays_to_be_seen_and_goes_with_what_moves() {
    let mut hand = beside_the_wall_below();
    let mark = EngineersMark {
        id: PartId(500),
        level: PartId(1),
        name: "Ines Okpara".into(),
        reason: "steel beam below, sheet S2".into(),
        at: Spot { x: feet(4), y: feet(14) },
    };
    hand.job.house.marks.push(mark);
    let broken = |hand: &Hand| {
        let told = told(&hand.plan());
        told.stations.into_iter().find(|station| station.kind == StationKind::Break).expect("it breaks all the same")
    };
    let taken_over = broken(&hand);
    assert_eq!(taken_over.mark, Some(PartId(500)));
    assert!(taken_over.ways.is_empty() && taken_over.note.expect("said").to_string().contains("sheet S2"));
    let wall = hand.job.walls.iter_mut().find(|wall| wall.id == WallId(15)).expect("it is there");
    wall.place.as_mut().expect("placed").offset = feet(15);
    assert_eq!(broken(&hand).mark, None, "it was for that place");
}

#[test]
fn the_working_of_a_share_ends_in_what_the_wall_was_told() {
    use sturvek_core::plan::house_working::house_working;
    use sturvek_core::working::Entry;

    let mut hand = Hand::with_storeys(1);
    under_trusses(&mut hand);
    let window = hand.window(1, feet(10), 60);
    let parts = house_working(&hand.plan(), window);
    let brought: Vec<(&str, f64)> = parts
        .iter()
        .flat_map(|part| &part.entries)
        .filter_map(|entry| match entry {
            Entry::Step(step) if step.what == "step-what-it-brings-here" => Some((step.symbol.as_str(), step.value)),
            _ => None,
        })
        .collect();
    let sum = |symbol: &str| brought.iter().filter(|(each, _)| *each == symbol).map(|(_, value)| value).sum::<f64>();
    // As in the first house: D 10 · 14 + 5 · 12, Lr 20 · 14, S 28 · 14.
    near(sum("D"), 200.0);
    near(sum("Lr"), 280.0);
    near(sum("S"), 392.0);
    assert!(house_working(&hand.plan(), sturvek_core::job::OpeningId(1)).is_empty());
}

#[test]
fn people_stand_where_they_press_a_wall_the_most() {
    let mut hand = Hand::with_storeys(1);
    for (id, at) in [(1, 0), (2, 12), (3, 24)] {
        hand.wall(id, 0, Axis::X, feet(at), (feet(0), feet(20)));
    }
    let in_one_piece = FloorField {
        joist_depth: None,
        use_: FloorUse::Living,
        joints: Joints::None,
        dead: Pressure::psf(10.0),
        live: Pressure::psf(40.0),
        roofed: false,
    };
    hand.field(0, (feet(0), feet(0), feet(20), feet(24)), Axis::Y, FieldOf::Floor(in_one_piece));
    hand.slab();
    let plan = hand.plan();
    // An outside wall: 7/16 of 40 · 12 with the other span empty, 3/8 on the path; the middle one 10/8 either way. D lies everywhere.
    carries(&plan, 1, feet(10), [0.375 * 120.0, 0.4375 * 480.0, 0.0, 0.0]);
    carries(&plan, 2, feet(10), [1.25 * 120.0, 1.25 * 480.0, 0.0, 0.0]);
    let top = &plan.house().expect("a house").path.storeys[0].walls[0].top;
    near(top.stretches[0].plf.get(LoadCase::FloorLive), 0.375 * 480.0);
}

#[test]
fn nobody_on_a_tail_relieves_the_wall_at_the_far_end() {
    let mut hand = Hand::with_storeys(1);
    hand.wall(1, 0, Axis::X, feet(0), (feet(0), feet(20)));
    hand.wall(2, 0, Axis::X, feet(12), (feet(0), feet(20)));
    hand.field(0, (feet(0), feet(0), feet(20), feet(16)), Axis::Y, floor(40.0));
    hand.slab();
    // The far wall: 40 · 6 without the tail of 4 ft, whose 40 · 4 · 2 / 12 would lift it; D with the tail.
    carries(&hand.plan(), 1, feet(10), [60.0 - 10.0 * 8.0 / 12.0, 240.0, 0.0, 0.0]);
}

/// The same, closed by walls at both ends; its gables weigh so much per face.
fn with_gables(psf: f64) -> Hand {
    let mut hand = Hand::with_storeys(1);
    under_trusses(&mut hand);
    hand.wall(4, 0, Axis::Y, Length::inches(3), (feet(0), feet(24)));
    hand.wall(5, 0, Axis::Y, feet(32) - Length::inches(3), (feet(0), feet(24)));
    let FieldOf::Roof(roof) = &mut hand.job.house.fields[0].of else { panic!("a roof") };
    roof.gable_weight = Pressure::psf(psf);
    hand
}

#[test]
fn gables_stand_on_the_walls_at_the_ends_of_the_ridge() {
    let mut hand = with_gables(12.0);
    let window = hand.window(4, feet(12), 48);
    let plan = hand.plan();
    // 6 in 12: 12 psf · 2 ft at 4 ft in, · 6 ft under the peak.
    carries(&plan, 4, feet(4), [24.0, 0.0, 0.0, 0.0]);
    carries(&plan, 4, feet(12), [72.0, 0.0, 0.0, 0.0]);
    carries(&plan, 5, feet(20), [24.0, 0.0, 0.0, 0.0]);
    // The trusses' own walls take nothing of it.
    carries(&plan, 1, feet(10), [200.0, 0.0, 280.0, 392.0]);
    let (_, _, opening) = plan.opening(window).expect("planned");
    assert!(matches!(&opening.outcome, OpeningOutcome::Header(_)), "it bears now: {:?}", opening.sentence);
    // All of it reaches the slab: 12 · 6 · 24 / 2 on each wall, and what walls and trusses weigh.
    let house = plan.house().expect("a house");
    let whole: f64 = house.path.storeys[0]
        .walls
        .iter()
        .enumerate()
        .filter(|(place, _)| [3, 4].contains(place))
        .flat_map(|(_, wall)| &wall.top.stretches)
        .map(|each| each.plf.get(LoadCase::Dead) * (each.high - each.low).to_feet())
        .sum();
    near(whole, 2.0 * 864.0);
    assert_eq!(house.path.breaks, []);
    // Without weight the wall is as it was.
    assert!(!plan_of_weightless().wall(WallId(4)).expect("there").1.ground.landed.house.expect("in a house").brings);
}

fn plan_of_weightless() -> JobPlan {
    with_gables(0.0).plan()
}

/// A floor between two storeys, walls 24 ft apart over one another, a window above.
fn under_a_window(joists: Option<Length>) -> Hand {
    let mut hand = Hand::with_storeys(2);
    for storey in 0..2_u8 {
        for (wall, y) in [(1, 0), (2, 24)] {
            hand.wall(u128::from(storey) * 10 + wall, u128::from(storey), Axis::X, feet(y), (feet(0), feet(32)));
        }
    }
    let FieldOf::Floor(rooms) = floor(40.0) else { panic!("a floor") };
    let rooms = FieldOf::Floor(FloorField { joist_depth: joists, ..rooms });
    hand.field(0, (feet(0), feet(0), feet(32), feet(24)), Axis::Y, rooms);
    hand.roof(1, (feet(0), feet(-2), feet(32), feet(26)), Axis::Y, RoofFieldFraming::Trusses);
    hand.window(11, feet(10), 60);
    hand.slab();
    hand
}

#[test]
fn squash_blocks_stand_under_every_pack_above() {
    let deep = Length::inches_and(9, 1, 4);
    let plan = under_a_window(Some(deep)).plan();
    let (wall, below) = plan.wall(WallId(1)).expect("it is there");
    let (_, above) = plan.wall(WallId(11)).expect("it is there");
    let jacks = above.openings[0].jacks;
    let blocks: Vec<_> = below.members.iter().filter(|member| member.role == Role::SquashBlock).collect();
    assert_eq!(blocks.len(), usize::from(jacks.left + jacks.right), "one for each jack above");
    for block in &blocks {
        assert_eq!(
            (block.rect.y, block.cut),
            (wall.frame.height(), deep),
            "on the plates, as long as the joists are deep"
        );
        assert!(below.members.iter().all(|other| std::ptr::eq(*block, other) || !block.overlaps(other)));
    }
    // The jacks above stand on them: the same places, both walls beginning at one corner.
    let of_jacks = above.members.iter().filter(|member| member.role == Role::Jack).map(|member| member.rect.x);
    let places: BTreeSet<Length> = blocks.iter().map(|block| block.rect.x).collect();
    assert_eq!(places, of_jacks.collect());
    let listed = pieces_of_wall(&below.members);
    let piece = listed.iter().find(|piece| piece.role == Role::SquashBlock).expect("on the list");
    assert_eq!((piece.count, piece.length), (u32::try_from(blocks.len()).expect("few"), deep));
    // Nobody said how deep: named, not drawn.
    let unsaid = under_a_window(None).plan();
    let (_, below) = unsaid.wall(WallId(1)).expect("it is there");
    assert_eq!(below.ground.landed.solid.len(), 2);
    assert!(!below.members.iter().any(|member| member.role == Role::SquashBlock));
}

#[test]
fn the_layout_of_a_wall_is_told_where_its_studs_stand_in_plan() {
    let mut hand = under_a_window(None);
    let told_of = |plan: &JobPlan, wall: u128| {
        let told = told(plan);
        let station = told.stations.into_iter().find(|station| station.is == StationIs::Wall(WallId(wall)));
        station.and_then(|station| station.layout).expect("a wall has a layout")
    };
    // 16 in. on center from the left end, whose stud is centered at 3/4 in.: the others at multiples of 16.
    let sixteen = Length::inches(16);
    let (from, every) = told_of(&hand.plan(), 1);
    assert_eq!((from.nanometers() % sixteen.nanometers(), every), (0, sixteen));
    // Turned about, they count from the other end.
    let wall = hand.job.walls.iter_mut().find(|wall| wall.id == WallId(1)).expect("it is there");
    wall.place = wall.place.map(|place| Place { turned: true, ..place });
    wall.frame.length = feet(31);
    let (from, _) = told_of(&hand.plan(), 1);
    assert_eq!((feet(31) - from).nanometers() % sixteen.nanometers(), 0);
}

#[test]
fn in_a_wider_house_more_comes_down_on_a_header() {
    let mut hand = Hand::with_storeys(1);
    under_trusses(&mut hand);
    let window = hand.window(1, feet(10), 60);
    let plan = hand.plan();
    let wider = WhatIf::percent(100, 150).applied_to(plan.job(), window);
    // 24 ft and 2 ft of overhang at both sides, half as much again: D 10 · 21 + 5 · 19 (the ceiling reaches to the overhang of 2 ft).
    carries(&JobPlan::of(wider.clone()), 1, feet(10), [305.0, 0.0, 420.0, 588.0]);
    assert_eq!(wider.walls[0].frame.length, plan.job().walls[0].frame.length, "along the wall it is as it was");
    let more = plan.opening_after(&wider, window).expect("planned");
    let (_, _, now) = plan.opening(window).expect("planned");
    let area = |header: Option<HeaderSpec>| header.map_or(0.0, |header| header.section().area_square_inches());
    assert!(area(now.header()) <= area(more.header()));
}
