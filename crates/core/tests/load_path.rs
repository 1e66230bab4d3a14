//! Loads that have to arrive and members that have to hold, in whole walls. Openings worked independently, from memory of NDS
//! 2018, ASCE 7-16 and IRC 2021, the arithmetic beside each figure; agreement within 0.5 %.

mod common;

use common::{carrying, in_a_town, job_of, planned, roof, spf};
use sturvek_core::framing::below::below_packs;
use sturvek_core::framing::member::Minded;
use sturvek_core::framing::opening_plan::SizedHeader;
use sturvek_core::framing::{OpeningOutcome, Role, WallPlan, plan_wall_as_said};
use sturvek_core::job::{
    CountOverride, HeaderChoice, Job, KingWindBasis, Opening, OpeningDesign, OpeningId, OpeningKind, PointLoad,
    PointLoadId, Size, WallFace, WallHeight,
};
use sturvek_core::loads::{
    ByKind, Carried, FloorFraming, FloorOnWall, FloorUse, Framing, LoadKind, OpeningsAbove, RoofFraming, RoofOnWall,
    SnowBasis, Tail, WallAbove, WallCarries,
};
use sturvek_core::lumber::{Depth, EngineeredClass, HeaderBoard, HeaderSpec};
use sturvek_core::measure::{End, Ends, Force, Length, Pressure};
use sturvek_core::sizing::evaluate::Evaluation;
use sturvek_core::sizing::header::CheckKind;
use sturvek_core::sizing::kings::KingTable;
use sturvek_core::sizing::problem::Post;
use sturvek_core::sizing::verdict::Verdict;

#[track_caller]
fn near(got: f64, wanted: f64) {
    assert!((got - wanted).abs() <= 0.005 * wanted.abs(), "got {got}, wanted {wanted}");
}

fn inches(whole: i64, numerator: i64, denominator: i64) -> Length {
    Length::inches_and(whole, numerator, denominator)
}

fn snow(job: &mut Job, ground: f64) {
    job.settings.site.snow.basis = SnowBasis::Ground(Pressure::psf(ground));
}

fn rough(job: &mut Job, width: Length, height: Length) {
    job.walls[0].openings[0].design.rough = Some(Size { width, height });
}

fn choose(job: &mut Job, header: HeaderSpec) {
    job.walls[0].openings[0].design.header = HeaderChoice::Chosen(header);
}

fn engineered(class: EngineeredClass, ply_width: Length, depth: Length, plies: u8) -> HeaderSpec {
    HeaderSpec { board: HeaderBoard::Engineered { class, ply_width, depth }, plies }
}

fn sized(job: &Job) -> SizedHeader {
    match planned(job).outcome {
        OpeningOutcome::Header(sized) => *sized,
        other => panic!("no header: {other:?}"),
    }
}

fn evaluated(job: &Job) -> Evaluation {
    sized(job).evaluation
}

fn ratio(job: &Job, kind: CheckKind) -> f64 {
    evaluated(job).check(kind).ratio()
}

/// What comes down at the middle of the wall, lb/ft.
fn comes_down(job: &Job) -> ByKind<f64> {
    plan_wall_as_said(&job.rules(), &job.walls[0]).ground.landed.down.at(Length::feet(12)).map(|load| load.to_plf())
}

/// The same with rafters so close together that they are an even load.
fn evenly(job: &Job) -> Job {
    let mut job = job.clone();
    let WallCarries::Framing(items) = &mut job.walls[0].carries else { panic!("it carries something") };
    for item in items {
        if let Framing::Roof(roof) = &mut item.framing {
            roof.bay = Length::inches(1);
        }
    }
    job
}

/// Window 8-0 in a 2x4 wall under rafters from a ridge beam: building 24, overhang 2, 6 in 12, roof dead 15, no ceiling, ground
/// snow 50.
fn under_a_ridge_beam() -> Job {
    let ridge = RoofOnWall {
        framing: RoofFraming::RaftersOnRidgeBeam,
        roof_dead: Pressure::psf(15.0),
        ceiling_dead: Pressure::ZERO,
        ..roof()
    };
    let mut job = job_of(OpeningKind::Window, Length::feet(8), carrying(&[Framing::Roof(ridge)]));
    rough(&mut job, inches(96, 1, 2), Length::inches(48));
    snow(&mut job, 50.0);
    job
}

/// Share of the wall (12 + 2)² / (2 · 12) = 8.167 ft. Eave to ridge is 14 ft, at most 20, and the rafters are simply supported: all
/// ground snow lies on the lee side (ASCE 7-16 7.6.1). D 15 · 8.167 = 122.5, Lr 20 · 8.167 = 163.3, S 50 · 8.167 = 408.3.
/// 2-2x10 at 99.5 in.: M = 537.5 plf · L² / 8 = 55,439 lb-in, fb 1,296 against 1,107: 1.171. Evenly spread, shear at d is 0.632;
/// rafters 24 in. apart stand at 9.25, 33.25, 57.25 and 81.25 at their worst: 24 · 217 / 99.5 = 52.3 against 40.5, so 0.815.
#[test]
fn rafters_on_a_ridge_beam_bring_their_overhang_and_blown_snow() {
    let mut job = under_a_ridge_beam();
    let load = comes_down(&job);
    near(load[LoadKind::Dead], 122.5);
    near(load[LoadKind::RoofLive], 163.3);
    near(load[LoadKind::Snow], 408.3);
    choose(&mut job, spf(Depth::Ten));
    near(evaluated(&job).design_span, 99.5);
    near(ratio(&job, CheckKind::Bending), 1.171);
    near(ratio(&job, CheckKind::Shear), 0.815);
    near(ratio(&evenly(&job), CheckKind::Shear), 0.632);
    near(ratio(&job, CheckKind::LiveDeflection), 0.567);
    near(ratio(&job, CheckKind::TotalDeflection), 0.558);
    near(evaluated(&job).packs.left.largest_load, 2229.0);
    assert_eq!(planned(&job).verdict, Verdict::DoesNotCarry);
    choose(&mut job, spf(Depth::Twelve));
    near(ratio(&job, CheckKind::Bending), 0.873);
    near(ratio(&evenly(&job), CheckKind::Shear), 0.495);
    assert_eq!(planned(&job).verdict, Verdict::Carries);
}

/// A cased opening with a post in its middle, under trusses over 36 ft and ground snow 50: D 10 · 20 + 5 · 18 = 290, S 700.
fn with_a_post(width: Length, header: HeaderSpec, studs: u8) -> Job {
    let trusses = RoofOnWall { building_width: Length::feet(36), ..roof() };
    let mut job = job_of(OpeningKind::CasedOpening, width, carrying(&[Framing::Roof(trusses)]));
    snow(&mut job, 50.0);
    job.settings.wind = in_a_town();
    job.walls[0].frame.length = Length::feet(30);
    rough(&mut job, width, Length::inches(81));
    // Tight to the plates over a head at 81.
    job.walls[0].frame.height = WallHeight::OverPlates(Length::inches(84) + header.board.depth());
    let design = &mut job.walls[0].openings[0].design;
    design.center = Length::feet(15);
    design.run.posts[0] = Some(Post { at: width.half(), studs });
    choose(&mut job, header);
    job
}

/// 19-10 wide, 3 1/2 x 12 glulam 24F-1.8E, four studs at 119. Two spans of 120.5, D + S 1,000.5 plf with its own 10.5: over the
/// post M = w L² / 8 = 151,328 lb-in, fb 1,802; upside down the glulam has 1,450 · 1.15 = 1,667, with C_L 0.976 of the free lower
/// edge 1,627: 1.106. Post R = 1.25 w L = 12,558 lb on 6 x 3.5 = 21 sq. in.: 598 of 650 = 0.920; the four nailed studs, le 81,
/// weak way le/d = 81/6, K_f 0.6: 9,775 lb: 1.285.
#[test]
fn an_unbalanced_glulam_hogs_over_its_post_and_the_post_is_a_column() {
    let glulam = engineered(EngineeredClass::Glulam24F18E, inches(3, 1, 2), Length::inches(12), 1);
    let job = with_a_post(Length::inches(238), glulam, 4);
    let load = comes_down(&job);
    near(load[LoadKind::Dead], 290.0);
    near(load[LoadKind::Snow], 700.0);
    let bending = ratio(&job, CheckKind::Bending);
    assert!((1.08..1.115).contains(&bending), "{bending}");
    let bearing = ratio(&job, CheckKind::PostBearing);
    assert!((bearing - 0.920).abs() < 0.02, "{bearing}");
    let column = ratio(&job, CheckKind::PostColumn);
    assert!((column - 1.285).abs() < 0.025, "{column}");
    assert_eq!(planned(&job).verdict, Verdict::DoesNotCarry);
    // Which side is up has to be said to whoever cuts and sets it.
    let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
    let header = plan.members.iter().find(|member| member.role == Role::Header).expect("a header");
    assert_eq!(header.stock.minded, Minded::TopUp);
    // What the post brings is handed on like what the packs bring: 12,558 lb on its four studs.
    let below = below_packs(&plan.openings[0]);
    let post = below.iter().find(|below| below.what.id == "below-post").expect("it stands on something");
    assert!(post.studs == 4 && (post.largest.to_lbf() - 12_558.0).abs() < 0.02 * 12_558.0, "{post:?}");
}

/// A post 30 in. from the left face of a wide opening: the header sags beyond it and lifts its short end off the left jacks.
#[test]
fn what_is_lifted_presses_on_nothing() {
    let lvl = engineered(EngineeredClass::Lvl20E, inches(3, 1, 2), inches(11, 7, 8), 1);
    let mut job = with_a_post(Length::inches(192), lvl, 4);
    job.walls[0].openings[0].design.run.posts[0] = Some(Post { at: Length::inches(30), studs: 4 });
    let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
    let below: Vec<String> =
        below_packs(&plan.openings[0]).into_iter().map(|below| common::said(&below.what)).collect();
    assert_eq!(below, ["right jacks", "post"]);
    assert!(plan.findings.iter().any(|found| found.rule.code == "uplift"), "{:?}", plan.findings);
}

/// 12-2 wide, 3 1/2 x 11 7/8 LVL, two studs: R = 1.25 · 1,000 plf · 74.5 in. = 7,777 lb against 2,641 the weak way: 2.95.
#[test]
fn a_post_of_two_studs_in_a_wide_cased_opening_does_not_carry() {
    let lvl = engineered(EngineeredClass::Lvl20E, inches(3, 1, 2), inches(11, 7, 8), 1);
    let job = with_a_post(Length::inches(146), lvl, 2);
    let column = evaluated(&job).check(CheckKind::PostColumn);
    near(column.comparison.capacity, 2641.0);
    assert!((column.comparison.demand - 7777.0).abs() < 0.02 * 7777.0, "{column:?}");
    let plan = planned(&job);
    assert_eq!(plan.verdict, Verdict::DoesNotCarry);
    assert!(common::said(&plan.sentence).contains("post"), "{}", plan.sentence);
}

/// An outside wall that carries nothing, 10 ft 1 1/8 over its plates, studs 116 5/8, 16 in. apart; window 95 1/2; 115 mph, B, roof
/// at 25 ft. p 27.2 psf on a tributary of 55.75 in., 0.6 W: 75.8 plf. One king bends at 2.95, two 1.48, three 0.86 but sag at 1.14;
/// four sag at 0.85.
#[test]
fn an_outside_wall_that_carries_nothing_still_has_wind_on_its_kings() {
    let mut job = job_of(OpeningKind::Window, Length::inches(95), WallCarries::Nothing);
    job.settings.wind = in_a_town();
    job.walls[0].frame.height = WallHeight::OverPlates(inches(121, 1, 8));
    rough(&mut job, inches(95, 1, 2), Length::inches(60));
    // Its head within 24 in. of the plates.
    job.walls[0].openings[0].design.sill = Length::inches(40);
    let plan = planned(&job);
    assert_eq!(plan.kings.clone().map(|kings| kings.framed()), Ends::both(Some(4)));
    let works = plan.kings.left.works.expect("wind is calculated");
    assert!((works[0] - 0.64).abs() < 0.01 && (works[2] - 0.85).abs() < 0.01, "{works:?}");
    assert_eq!(plan.verdict, Verdict::Carries);
    let one = CountOverride { count: 1, reason: "as always".into() };
    job.walls[0].openings[0].kings = Ends::both(Some(one));
    let plan = planned(&job);
    let works = plan.kings.left.works.expect("wind is calculated");
    assert!((works[0] - 2.95).abs() < 0.03 && (works[2] - 3.41).abs() < 0.03, "{works:?}");
    assert_eq!(plan.verdict, Verdict::DoesNotCarry);
    assert!(common::said(&plan.sentence).contains("4 needed in this wind"), "{}", plan.sentence);
}

fn deck(span: i64) -> FloorOnWall {
    FloorOnWall { use_: FloorUse::Deck, ..FloorOnWall::usual(Length::feet(span)) }
}

/// Sliding door 8-0 in a 2x4 wall, deck joists 14 ft from one side, ground snow 70: D 70, L 280, S 490, L and S not together.
/// 2-2x10 at 99.5 in.: M 58,447 lb-in, fb 1,366 of 1,107: 1.234; 2-2x12: 0.920.
#[test]
fn a_deck_carries_the_greater_of_people_and_snow() {
    let mut job = job_of(OpeningKind::SlidingDoor, Length::feet(8), carrying(&[Framing::Floor(deck(14))]));
    rough(&mut job, inches(96, 1, 2), inches(80, 1, 2));
    snow(&mut job, 70.0);
    let load = comes_down(&job);
    near(load[LoadKind::Dead], 70.0);
    near(load[LoadKind::DeckLive], 280.0);
    near(load[LoadKind::DeckSnow], 490.0);
    let two = CountOverride { count: 2, reason: "as drawn".into() };
    job.walls[0].openings[0].jacks = Ends::both(Some(two));
    choose(&mut job, spf(Depth::Ten));
    near(evaluated(&job).design_span, 99.5);
    near(ratio(&job, CheckKind::Bending), 1.234);
    near(ratio(&job, CheckKind::Shear), 0.666);
    near(ratio(&job, CheckKind::LiveDeflection), 0.681);
    near(evaluated(&job).packs.left.largest_load, 2350.0);
    choose(&mut job, spf(Depth::Twelve));
    near(ratio(&job, CheckKind::Bending), 0.920);
    // Under a roof no snow lies on it.
    let roofed = FloorOnWall { roofed: true, ..deck(14) };
    job.walls[0].carries = carrying(&[Framing::Floor(roofed)]);
    assert!(comes_down(&job)[LoadKind::DeckSnow] <= 0.0);
}

/// Joists 12 ft and a tail of 2 ft past a 2x6 wall, a wall 8 ft high at 12 psf and trusses over 28 ft on the tail's end, ground snow
/// 30: everything on the end counts (12 + 2)/12 = 1.167 times. D (10 · 16 + 5 · 14 + 96) · 1.167 + 10 · 14²/24 = 462; S 344.3 ·
/// 1.167 = 402; L 40 · 14²/24 = 327.
#[test]
fn a_tail_carries_what_stands_on_its_end() {
    let floor = FloorOnWall {
        framing: FloorFraming::CantileveredPastThisWall,
        span_other_side: Length::feet(2),
        tail: Tail::Loaded,
        ..FloorOnWall::usual(Length::feet(12))
    };
    let wall =
        WallAbove { height: Length::feet(8), dead: Pressure::psf(12.0), openings: OpeningsAbove::None, brick: false };
    let trusses = RoofOnWall { building_width: Length::feet(28), ..roof() };
    let on = |framing, on_tail| Carried { framing, extent: None, on_tail };
    let carries = WallCarries::Framing(vec![
        on(Framing::Floor(floor), false),
        on(Framing::WallAbove(wall), true),
        on(Framing::Roof(trusses), true),
    ]);
    let mut job = job_of(OpeningKind::Window, Length::feet(6), carries);
    snow(&mut job, 30.0);
    let load = comes_down(&job);
    near(load[LoadKind::Dead], 462.0);
    near(load[LoadKind::Snow], 401.7);
    near(load[LoadKind::FloorLive], 326.7);
    // The far end: lifted by 2/12 of what stands on the tail's end and by L on the tail, 40 · 2²/24, held by 0.6 D of the floor.
    let lifted = plan_wall_as_said(&job.rules(), &job.walls[0]).findings;
    assert!(lifted.iter().any(|found| found.rule.code == "far-end-lifted"), "{lifted:?}");
}

/// Overhead door 16-0 centered at 15 ft in a 2x6 wall 10-1 1/8 high, trusses over 24 ft, no snow, six kings by the code's table of
/// 2015, two jacks, 3-1 3/4 x 14 LVL. A girder of D 8,000 + Lr 9,000 stands 8 in. outside the left face, inside the 8 studs = 12 in.
/// of the pack: 4,074 from the header + 17,000 = 21,074 lb.
fn beside_a_garage_door() -> Job {
    let mut job = job_of(OpeningKind::OverheadDoor, Length::inches(192), carrying(&[Framing::Roof(roof())]));
    snow(&mut job, 0.0);
    job.settings.king_table = KingTable::Irc2015;
    let wall = &mut job.walls[0];
    wall.frame.length = Length::feet(30);
    wall.frame.stud.depth = Depth::Six;
    wall.frame.height = WallHeight::OverPlates(inches(121, 1, 8));
    wall.openings[0].design.center = Length::feet(15);
    let two = CountOverride { count: 2, reason: "as drawn".into() };
    wall.openings[0].jacks = Ends::both(Some(two));
    rough(&mut job, Length::inches(192), Length::inches(84));
    choose(&mut job, engineered(EngineeredClass::Lvl20E, inches(1, 3, 4), Length::inches(14), 3));
    job
}

fn girder(at: Length, amount: ByKind<f64>) -> PointLoad {
    PointLoad { id: PointLoadId(7), name: "girder".into(), at, amount: amount.map(Force::lbf) }
}

#[test]
fn a_girder_inside_the_pack_stands_on_the_pack() {
    let mut job = beside_a_garage_door();
    assert_eq!(planned(&job).kings.left.framed(), Some(6));
    let face = Length::feet(15) - Length::inches(96);
    let amount = ByKind::of([(LoadKind::Dead, 8000.0), (LoadKind::RoofLive, 9000.0)]);
    near(evaluated(&job).packs.left.largest_load, 4074.0);
    job.walls[0].point_loads.push(girder(face - Length::inches(8), amount));
    let plan = planned(&job);
    let packs = evaluated(&job).packs;
    near(packs.left.largest_load, 21_074.0);
    near(packs.right.largest_load, 4074.0);
    assert_eq!(plan.verdict, Verdict::DoesNotCarry);
    // 1.5 · 5.5 · 425 = 3,506 lb a stud on a plate that is cut for the door: 21,074 / 3,506 = 6.01, seven.
    assert_eq!(packs.left.needed, Some(7));
}

/// D 4,000 + S 4,000 in the field of a 2x4 wall of 92 5/8 studs: two bear 5,020 lb on the plate; as a column 4,538 where sheathing
/// or blocking holds them, else 2,124.
#[test]
fn studs_under_a_load_in_the_field_are_as_many_as_carry_it() {
    let mut job = job_of(OpeningKind::Window, Length::feet(3), carrying(&[Framing::Roof(roof())]));
    let at = Length::feet(4);
    let amount = ByKind::of([(LoadKind::Dead, 4000.0), (LoadKind::Snow, 4000.0)]);
    job.walls[0].point_loads.push(girder(at, amount));
    let studs = |job: &Job| {
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        let count = plan.members.iter().filter(|member| member.role == Role::PointLoadStud).count();
        (plan.field_loads[0].needed, count)
    };
    // Three bear 1.5 · 3 · 3.5 · 425 · (4.5 + 0.375)/4.5 = 7,252; four carry.
    assert_eq!(studs(&job), (Some(4), 4));
    // Half of it: two held sideways carry 4,538, two that nothing holds 2,124, so three.
    let half = ByKind::of([(LoadKind::Dead, 2000.0), (LoadKind::Snow, 2000.0)]);
    job.walls[0].point_loads = vec![girder(at, half)];
    assert_eq!(studs(&job), (Some(2), 2));
    job.walls[0].frame.face = WallFace::Inside;
    assert_eq!(studs(&job), (Some(3), 3));
    job.walls[0].frame.framing.blocking = vec![Length::inches(48)];
    assert_eq!(studs(&job), (Some(2), 2));
}

/// Pounds of floor live load that arrive: on the packs of every opening, and on studs in the field.
fn arrives(plan: &WallPlan) -> f64 {
    let packs = plan.openings.iter().filter_map(|opening| match &opening.outcome {
        OpeningOutcome::Header(sized) => Some(sized.evaluation.reactions.left + sized.evaluation.reactions.right),
        OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => None,
    });
    let field = plan.field_loads.iter().map(|load| load.amount[LoadKind::FloorLive].to_lbf());
    packs.map(|reaction| reaction[LoadKind::FloorLive].to_lbf()).sum::<f64>() + field.sum::<f64>()
}

/// A load of 1,000 lb, the only one of its kind, is walked along the wall a sixteenth at a time.
#[track_caller]
fn walk(job: &mut Job, from: Length, to: Length) {
    let amount = ByKind::of([(LoadKind::FloorLive, 1000.0)]);
    let sixteenth = inches(0, 1, 16);
    let mut at = from;
    while at <= to {
        job.walls[0].point_loads = vec![girder(at, amount)];
        let arrived = arrives(&plan_wall_as_said(&job.rules(), &job.walls[0]));
        assert!((arrived - 1000.0).abs() < 1e-6, "at {at:?}: {arrived} of 1000 lb arrive");
        at += sixteenth;
    }
}

#[test]
fn a_load_walked_along_a_wall_arrives_once_everywhere() {
    let mut job = job_of(OpeningKind::Window, Length::feet(3), carrying(&[Framing::Roof(roof())]));
    job.stock.truncate(1);
    job.walls[0].frame.length = Length::feet(12);
    let mut second = job.walls[0].openings[0].design;
    job.walls[0].openings[0].design.center = Length::feet(3);
    second.center = Length::feet(9);
    job.walls[0].openings.push(Opening::new(OpeningId(2), second));
    walk(&mut job, Length::ZERO, Length::feet(12));
}

#[test]
fn a_load_walked_over_a_big_doors_pack_arrives_once_everywhere() {
    let mut job = beside_a_garage_door();
    let face = Length::feet(15) - Length::inches(96);
    walk(&mut job, face - Length::inches(24), face + Length::inches(6));
    // The count of jacks may change under it.
    job.walls[0].openings[0].jacks = Ends::both(None);
    walk(&mut job, face - Length::inches(24), face + Length::inches(6));
}

#[test]
fn a_load_walked_along_a_wall_that_carries_nothing_else_arrives_once_everywhere() {
    let mut job = job_of(OpeningKind::Door, Length::feet(3), WallCarries::Nothing);
    job.stock.truncate(1);
    let mut in_a_bay =
        OpeningDesign::usual(OpeningKind::Window, Size { width: Length::inches(12), height: Length::inches(20) });
    (in_a_bay.center, in_a_bay.sill) = (Length::feet(6), Length::inches(50));
    job.walls[0].openings.push(Opening::new(OpeningId(2), in_a_bay));
    job.walls[0].openings[0].design.center = Length::feet(2);
    walk(&mut job, Length::ZERO, Length::feet(8));
}

/// What nobody can put a number to is not drawn: no jacks, kings, header or studs of an opening without one.
#[test]
fn nothing_is_drawn_of_what_has_no_number() {
    let mut nothing_said = job_of(OpeningKind::Window, Length::feet(3), WallCarries::Framing(vec![]));
    nothing_said.settings.said = sturvek_core::job::SiteSaid::default();
    let mut too_wide = job_of(OpeningKind::CasedOpening, Length::feet(21), carrying(&[Framing::Roof(roof())]));
    too_wide.walls[0].frame.length = Length::feet(40);
    let mut kings_unknown = job_of(OpeningKind::OverheadDoor, Length::feet(19), carrying(&[Framing::Roof(roof())]));
    kings_unknown.settings.wind = KingWindBasis::CodeTableOnly;
    for job in [nothing_said, too_wide, kings_unknown] {
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        let opening = &plan.openings[0];
        assert_eq!(opening.verdict, Verdict::AskAnEngineer, "{}", opening.sentence);
        assert_eq!((opening.jacks, End::BOTH.map(|end| opening.kings_framed(end))), (Ends::both(0), [0, 0]));
        let drawn = plan.members.iter().filter(|member| member.opening == Some(opening.id));
        assert_eq!(drawn.filter(|member| member.role.stands()).count(), 0);
    }
}
