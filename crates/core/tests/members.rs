//! Beams and posts of houses, sized with what comes down on them: the arithmetic stands beside each.

mod common;

use common::hand::{Hand, feet, floor};
use sturvek_core::house::{Axis, PartId, RoofFieldFraming};
use sturvek_core::job::command::apply;
use sturvek_core::loads::{Asked, LoadKind, Standing};
use sturvek_core::lumber::{
    Depth, EngineeredClass, Grade, HeaderBoard, HeaderSpec, SawnLumber, SawnSize, Species, Thickness,
};
use sturvek_core::measure::Length;
use sturvek_core::plan::JobPlan;
use sturvek_core::plan::member_choices::member_choices;
use sturvek_core::plan::members::{BeamPlan, Member, PostPlan};
use sturvek_core::sizing::OpeningLoad;
use sturvek_core::sizing::beam::{HeldEdges, SizedBeam, Under};
use sturvek_core::sizing::candidates::Tried;
use sturvek_core::sizing::header::CheckKind;
use sturvek_core::sizing::limits::OutsideLimits;
use sturvek_core::sizing::post::PostSection;
use sturvek_core::statics::Joints;

fn beams(plan: &JobPlan) -> Vec<(PartId, &BeamPlan)> {
    let beam = |(id, member)| if let Member::Beam(beam) = member { Some((id, beam)) } else { None };
    plan.members().filter_map(beam).collect()
}

fn posts(plan: &JobPlan) -> Vec<&PostPlan> {
    let post = |(_, member)| if let Member::Post(post) = member { Some(post) } else { None };
    plan.members().filter_map(post).collect()
}

fn sized(plan: &BeamPlan) -> &SizedBeam {
    plan.outcome.as_ref().expect("within the limits")
}

/// Two walls 24 ft apart and a girder between them on three posts, joists cut over it.
fn over_a_girder(live: f64) -> Hand {
    let mut hand = Hand::with_storeys(1);
    hand.foundation(Axis::X, feet(0), (feet(0), feet(24)));
    hand.foundation(Axis::X, feet(24), (feet(0), feet(24)));
    hand.wall(1, 0, Axis::X, feet(0), (feet(0), feet(24)));
    hand.wall(2, 0, Axis::X, feet(24), (feet(0), feet(24)));
    hand.field(0, (feet(0), feet(0), feet(24), feet(24)), Axis::Y, floor(live));
    hand.beam(0, Axis::X, feet(12), (feet(0), feet(24)), 20.0);
    for x in [0, 12, 24] {
        hand.post(0, feet(x), feet(12));
        hand.pad(feet(x), feet(12), 36);
    }
    hand
}

#[test]
fn a_girder_is_bent_by_what_the_joists_bring() {
    let plan = over_a_girder(20.0).plan();
    let (_, beam) = beams(&plan)[0];
    let girder = sized(beam);
    assert!(beam.spec.held == HeldEdges::Upper && girder.pieces.len() == 2);
    let goes_in = girder.goes_in();
    // 12 ft of floor: D 120 and L 240 lb/ft; its own weight by its section; 12 ft spans.
    let own = goes_in.beam.weight_per_foot_lbf();
    let moment = (360.0 + own) * 144.0 / 8.0 * 12.0;
    let modulus = sturvek_core::lumber::SectionProperties::from(goes_in.beam.section()).modulus;
    let bending = goes_in.checks.iter().find(|check| check.result.kind == CheckKind::Bending).expect("there");
    assert!((bending.result.comparison.demand / (moment / modulus) - 1.0).abs() < 1e-6);
    assert!(goes_in.carries());
    // Every cheaper one fails, and says why.
    for worse in &girder.candidates[..girder.chosen] {
        assert!(!worse.carries() && !worse.failures().is_empty());
    }
    // The middle post: half of both spans, 360 · 12, and the girder.
    let middle = posts(&plan)[1];
    assert!((middle.spec.load[LoadKind::FloorLive].to_lbf() - 240.0 * 12.0).abs() < 1e-6);
    assert!(middle.outcome.as_ref().expect("within the limits").goes_in().carries());
}

#[test]
fn more_on_the_floor_takes_a_larger_girder_and_larger_posts() {
    let area = |live: f64| {
        let plan = over_a_girder(live).plan();
        let girder = sized(beams(&plan)[0].1).goes_in().beam.section().area_square_inches();
        (girder, posts(&plan)[1].outcome.as_ref().expect("within the limits").goes_in().post.area())
    };
    let all: Vec<(f64, f64)> = [10.0, 30.0, 60.0].map(area).to_vec();
    assert!(all.windows(2).all(|pair| pair[0].0 <= pair[1].0 && pair[0].1 <= pair[1].1), "{all:?}");
    assert!(all[0] < all[2]);
}

#[test]
fn a_girder_in_one_piece_presses_its_middle_post_with_patterns_too() {
    let mut hand = over_a_girder(20.0);
    hand.job.house.beams[0].joints = Joints::None;
    let plan = hand.plan();
    let girder = sized(beams(&plan)[0].1);
    assert_eq!(girder.pieces.len(), 1);
    // 10/8 of 240 · 12 with both spans loaded; an end 7/16 with the other span empty.
    let live = |place: usize| girder.on_supports[place].by_kind[LoadKind::FloorLive].to_lbf();
    assert!((live(1) - 1.25 * 240.0 * 12.0).abs() < 1e-6 && (live(0) - 0.4375 * 240.0 * 12.0).abs() < 1e-6);
    assert!((posts(&plan)[0].spec.load[LoadKind::FloorLive].to_lbf() - live(0)).abs() < 1e-6);
}

#[test]
fn a_ridge_beam_waits_for_the_snow_to_be_said() {
    let mut hand = Hand::with_storeys(1);
    hand.wall(1, 0, Axis::X, feet(0), (feet(0), feet(16)));
    hand.wall(2, 0, Axis::X, feet(24), (feet(0), feet(16)));
    hand.roof(0, (feet(0), feet(-2), feet(16), feet(26)), Axis::Y, RoofFieldFraming::RaftersOnBeam);
    hand.beam(0, Axis::X, feet(12), (feet(0), feet(16)), 0.0);
    hand.post(0, feet(0), feet(12));
    hand.post(0, feet(16), feet(12));
    hand.slab();
    let plan = hand.plan();
    let ridge = sized(beams(&plan)[0].1);
    // 14 − 14²/24 ft of each side: 28 psf of S over half of 16 ft.
    let snow = 2.0 * (14.0 - 14.0 * 14.0 / 24.0) * 28.0 * 8.0;
    assert!((ridge.on_supports[0].by_kind[LoadKind::Snow].to_lbf() - snow).abs() < 0.01);
    hand.job.settings.said.snow = Standing::NotSaid;
    let unsaid = OutsideLimits::NotSaid { asked: vec![Asked::Snow] };
    let plan = hand.plan();
    assert_eq!(beams(&plan)[0].1.outcome, Err(unsaid.clone()));
    assert_eq!(posts(&plan)[0].outcome, Err(unsaid));
}

#[test]
fn a_beam_that_ends_on_another_hangs_there_and_on_a_wall_it_is_pressed() {
    let mut hand = over_a_girder(20.0);
    // From the wall at 0 to the girder at 12 ft, across it.
    hand.beam(0, Axis::Y, feet(6), (feet(0), feet(12)), 5.0);
    let plan = hand.plan();
    let (_, flush) = beams(&plan)[1];
    assert!(matches!(flush.spec.supports[0].under, Under::Wall { .. }));
    assert_eq!(flush.spec.supports[1].under, Under::Hanger);
    assert!(flush.spec.held == HeldEdges::None, "nothing lies on it");
    let bears = |check: &&sturvek_core::sizing::beam::BeamCheck| check.result.kind == CheckKind::BeamBearing;
    assert!(sized(flush).goes_in().checks.iter().any(|check| bears(&check)));
}

#[test]
fn what_an_edit_leaves_alone_keeps_its_member() {
    let mut hand = over_a_girder(20.0);
    let before = hand.plan();
    hand.window(1, feet(6), 36);
    let after = before.again(hand.job.clone());
    let kept = |plan: &JobPlan| std::sync::Arc::as_ptr(&plan.house().expect("a house").members.beams[0][0]);
    assert_eq!(kept(&before), kept(&after));
    assert_eq!(after, JobPlan::of(hand.job.clone()));
    let beam = &mut hand.job.house.beams[0];
    beam.line.length = feet(24) - Length::inches(1);
    assert_ne!(kept(&before), kept(&before.again(hand.job.clone())));
}

#[test]
fn what_somebody_chose_goes_in_whether_it_carries_or_not() {
    let mut hand = over_a_girder(40.0);
    let plan = hand.plan();
    let (girder, _) = beams(&plan)[0];
    let choices = member_choices(&plan, girder).expect("a beam");
    assert!(choices.back.is_none() && choices.tried.iter().filter(|each| each.goes_in).count() == 1);
    let weak = choices.tried.iter().find(|each| !each.carries).expect("some do not carry");
    hand.job = apply(&hand.job, &weak.command).expect("made").job;
    let plan = hand.plan();
    let (_, beam) = beams(&plan)[0];
    assert!(!sized(beam).goes_in().carries());
    let (_, member) = plan.members().next().expect("the girder");
    assert!(member.answer().to_string().contains("member-chosen-fails"), "{}", member.answer());
    // Its middle post still stands under what the girder brings.
    assert!(posts(&plan)[1].outcome.as_ref().expect("within the limits").goes_in().carries());
    let back = member_choices(&plan, girder).expect("a beam").back.expect("somebody chose");
    hand.job = apply(&hand.job, &back).expect("made").job;
    assert!(sized(beams(&hand.plan())[0].1).goes_in().carries());
}

#[test]
fn a_beam_that_is_not_in_stock_can_be_chosen_and_is_worked_out() {
    let mut hand = over_a_girder(20.0);
    let board = HeaderBoard::Engineered {
        class: EngineeredClass::Psl20E,
        ply_width: Length::inches_and(5, 1, 4),
        depth: Length::inches_and(11, 7, 8),
    };
    let chosen = HeaderSpec { board, plies: 1 };
    hand.job.house.beams[0].chosen = Some(chosen);
    let plan = hand.plan();
    let girder = sized(beams(&plan)[0].1);
    assert!(girder.goes_in().beam == chosen && girder.goes_in().carries());
    let six_by_six = PostSection::Solid(SawnLumber {
        species: Species::DouglasFirLarch,
        grade: Grade::Number1,
        size: SawnSize { thickness: Thickness::Six, depth: Depth::Six },
    });
    hand.job.house.posts[1].chosen = Some(six_by_six);
    let plan = hand.plan();
    let middle = posts(&plan)[1].outcome.as_ref().expect("within the limits");
    assert!(middle.goes_in().post == six_by_six && middle.goes_in().carries());
    let part = hand.job.house.posts[1].id;
    assert!(member_choices(&plan, part).expect("a post").back.is_some());
    assert!(member_choices(&plan, PartId(77)).is_none());
}

#[test]
fn what_hangs_on_a_beam_presses_it_with_only_one_of_its_spans_loaded() {
    let mut hand = Hand::with_storeys(1);
    hand.slab();
    for (wall, axis, offset) in [(1, Axis::X, 0), (2, Axis::Y, 0), (3, Axis::Y, 12)] {
        hand.wall(wall, 0, axis, feet(offset), (feet(0), feet(12)));
    }
    // Joists from the side walls to a beam in one piece between them: on the front wall, on a post half way, in a hanger at the carrier's side.
    hand.field(0, (feet(0), feet(0), feet(12), feet(12)), Axis::X, floor(40.0));
    hand.beam(0, Axis::X, feet(12), (feet(0), feet(12)), 10.0);
    hand.girder(0, Axis::Y, feet(6), (feet(0), feet(12)), 10.0);
    hand.post(0, feet(6), feet(6));
    let plan = hand.plan();
    assert_eq!(plan.house().expect("a house").path.breaks, []);
    let (_, carrier) = beams(&plan)[0];
    let points: Vec<f64> = carrier
        .spec
        .loads
        .iter()
        .filter_map(|load| match load {
            OpeningLoad::Point { amount, .. } => Some(amount[LoadKind::FloorLive].to_lbf()),
            _ => None,
        })
        .collect();
    // 6 ft of floor on the beam, 240 lb/ft: 7/16 of a span of 6 ft, where all loaded would bring 3/8.
    let [point] = points[..] else { panic!("{points:?}") };
    assert!((point - 7.0 / 16.0 * 240.0 * 6.0).abs() < 2.0, "{point}");
}
