//! Outside the limits there is no number, but what is missing and who decides: one test a limit.

mod common;

use common::{carrying, floor, girder, in_a_town, job_of, limit, opening, planned, roof, spf};
use sturvek_core::codes::Service;
use sturvek_core::framing::{OpeningOutcome, plan_wall_as_said};
use sturvek_core::job::{
    HeaderChoice, Job, KingWindBasis, OpeningKind, SiteSaid, Size, SpecialCase, WallFace, WallHeight,
};
use sturvek_core::loads::{
    Answer, Asked, FloorFraming, FloorOnWall, Framing, LoadKind, OpeningsAbove, RoofOnWall, SnowTrouble, Standing,
    Tail, WallAbove, WallCarries,
};
use sturvek_core::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, HeaderSpec, SawnSize, Species};
use sturvek_core::measure::{Length, Pressure};
use sturvek_core::sizing::limits::OutsideLimits;
use sturvek_core::sizing::schools::School;
use sturvek_core::sizing::verdict::Verdict;
use sturvek_core::sizing::{TopEdge, TopEdgeWidth, evaluate};
use sturvek_core::speech::Argument;

fn roofed(width: Length) -> Job {
    job_of(OpeningKind::CasedOpening, width, carrying(&[Framing::Roof(roof())]))
}

/// No number, the verdict that says so, and a sentence that names somebody to ask.
fn asks(job: &Job, wanted: impl Fn(&OutsideLimits) -> bool) {
    let found = limit(job);
    assert!(wanted(&found), "{found:?}");
    let plan = planned(job);
    assert_eq!(plan.verdict, Verdict::AskAnEngineer);
    let names_somebody = ["engineer", "official", "drawings", "plan", "report"];
    let sentence = common::said(&plan.sentence);
    assert!(names_somebody.iter().any(|word| sentence.contains(word)), "{sentence}");
    assert!(plan.header().is_none());
}

#[test]
fn a_wall_about_which_nothing_is_said_sends_nobody_to_an_engineer() {
    let job = job_of(OpeningKind::Door, Length::inches(36), carrying(&[]));
    let plan = planned(&job);
    assert_eq!(
        (limit(&job), common::said(&plan.verdict_phrase())),
        (OutsideLimits::NotSaid { asked: vec![Asked::Loads] }, "Say what it carries".into())
    );
}

#[test]
fn openings_over_twenty_feet() {
    asks(&roofed(Length::inches(241)), |limit| matches!(limit, OutsideLimits::TooWide { .. }));
    let mut job = roofed(Length::feet(19));
    asks(&job, |limit| matches!(limit, OutsideLimits::KingsNotInTable { .. }));
    job.settings.wind = in_a_town();
    assert!(matches!(planned(&job).outcome, OpeningOutcome::Header(_)));
}

#[test]
fn more_than_three_storeys() {
    let storeys = [Framing::Roof(roof()), floor(12), floor(12), floor(12)];
    let job = job_of(OpeningKind::Window, Length::feet(3), carrying(&storeys));
    asks(&job, |limit| matches!(limit, OutsideLimits::TooManyStoreys));
    let three = job_of(OpeningKind::Window, Length::feet(3), carrying(&storeys[..3]));
    assert!(matches!(planned(&three).outcome, OpeningOutcome::Header(_)));
}

#[test]
fn walls_over_twelve_feet_without_a_wind_check() {
    let mut job = roofed(Length::feet(4));
    job.walls[0].frame.height = WallHeight::OverPlates(Length::inches(145));
    asks(&job, |limit| matches!(limit, OutsideLimits::WallTooTall { .. }));
    job.settings.wind = KingWindBasis::Pressure(Pressure::psf(25.0));
    assert!(matches!(planned(&job).outcome, OpeningOutcome::Header(_)), "with a wind check there is a number");
}

#[test]
fn point_loads_over_twenty_kip() {
    let mut job = roofed(Length::feet(4));
    job.walls[0].point_loads.push(girder(20_001.0));
    asks(&job, |limit| matches!(limit, OutsideLimits::PointLoadTooLarge { .. }));
}

#[test]
fn ice_drift_and_unbalanced_snow_on_hips() {
    for snow_trouble in [SnowTrouble::Drift, SnowTrouble::Ice, SnowTrouble::UnbalancedHipOrValley] {
        let roof = Framing::Roof(RoofOnWall { snow_trouble, ..roof() });
        let job = job_of(OpeningKind::Window, Length::feet(3), carrying(&[roof]));
        asks(&job, |limit| matches!(limit, OutsideLimits::Snow { .. }));
    }
}

#[test]
fn steel_slopes_notches_fire_treatment_and_bracing() {
    for special in [
        SpecialCase::Steel,
        SpecialCase::SlopedOrCurved,
        SpecialCase::NotchedOrDrilled,
        SpecialCase::FireRated,
        SpecialCase::PreservativeTreated,
        SpecialCase::BracedWallPanel,
    ] {
        let mut job = roofed(Length::feet(4));
        job.walls[0].openings[0].design.special = special;
        asks(&job, |limit| matches!(limit, OutsideLimits::Special { .. }));
    }
}

#[test]
fn short_returns_beside_an_overhead_door_defer_to_the_bracing_plan() {
    let mut job = job_of(OpeningKind::OverheadDoor, Length::feet(16), carrying(&[Framing::Roof(roof())]));
    job.walls[0].frame.length = Length::feet(20);
    job.walls[0].openings[0].design.center = Length::feet(10);
    let findings = plan_wall_as_said(&job.rules(), &job.walls[0]).findings;
    let returns: Vec<_> = findings.iter().filter(|finding| finding.rule.code == "short-return").collect();
    assert_eq!(returns.len(), 2);
    let long = Some(&Argument::Length(Length::feet(2)));
    assert!(returns.iter().all(|found| found.phrase.argument("length") == long), "{returns:?}");
}

#[test]
fn existing_lumber_of_unknown_grade_is_assumed_and_said() {
    let mut job = roofed(Length::feet(4));
    let design = &mut job.walls[0].openings[0].design;
    design.special = SpecialCase::UnknownGrade;
    let size = SawnSize::two_by(Depth::Ten);
    let board = HeaderBoard::Sawn { species: Species::DouglasFirLarch, grade: Grade::SelectStructural, size };
    design.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 2 });
    let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
    assert_eq!(plan.openings[0].header(), Some(spf(Depth::Ten)));
    assert!(plan.findings.iter().any(|finding| finding.rule.code == "grade-assumed"));
}

#[test]
fn composites_in_wet_service() {
    let mut problem = opening(48, vec![common::line(100.0, 0.0, 0.0, 200.0)]);
    problem.conventions.service = Service::Wet;
    let board = |class| HeaderBoard::Engineered {
        class,
        ply_width: Length::inches_and(3, 1, 2),
        depth: Length::inches_and(9, 1, 2),
    };
    let wet = |class| evaluate(&problem, HeaderSpec { board: board(class), plies: 1 });
    assert!(matches!(wet(EngineeredClass::Lvl20E), Err(OutsideLimits::WetEngineered { .. })));
    assert!(wet(EngineeredClass::Glulam24F18E).is_ok(), "glulam has wet service factors");
}

#[test]
fn headers_too_slender_to_stand_without_bracing() {
    let mut problem = opening(220, vec![common::line(20.0, 0.0, 0.0, 20.0)]);
    problem.conventions.top_edge = TopEdge::Free(TopEdgeWidth::OnePly);
    let deep = HeaderBoard::Engineered {
        class: EngineeredClass::Lvl20E,
        ply_width: Length::inches_and(1, 1, 2),
        depth: Length::inches(24),
    };
    let result = evaluate(&problem, HeaderSpec { board: deep, plies: 2 });
    assert!(matches!(result, Err(OutsideLimits::TooSlender { ratio }) if ratio > 50.0), "{result:?}");
}

#[test]
fn lumber_without_design_values() {
    let problem = opening(36, vec![common::line(100.0, 0.0, 0.0, 200.0)]);
    let stud = common::sawn(Species::HemFir, Grade::Stud, Depth::Ten, 2);
    assert!(matches!(evaluate(&problem, stud), Err(OutsideLimits::NoDesignValues { .. })));
}

#[test]
fn a_wall_of_which_nothing_is_said() {
    let job = job_of(OpeningKind::Window, Length::feet(3), WallCarries::Framing(vec![]));
    assert_eq!(limit(&job), OutsideLimits::NotSaid { asked: vec![Asked::Loads] });
}

#[test]
fn a_flat_head_goes_to_eight_feet() {
    let partition = |feet| job_of(OpeningKind::CasedOpening, Length::feet(feet), WallCarries::Nothing);
    assert!(matches!(planned(&partition(7)).outcome, OpeningOutcome::Flat));
    assert!(matches!(limit(&partition(9)), OutsideLimits::TooWideForFlat { .. }));
}

#[test]
fn a_flat_head_stays_within_two_feet_of_the_plates() {
    // Head 81 under plates at 94 1/8: 11 5/8 above a flat 2x. With the plates 2 ft higher there is a header, under 12 psf of what
    // stands on it: 35 5/8 in., 35.6 lb/ft.
    let mut job = job_of(OpeningKind::CasedOpening, Length::feet(5), WallCarries::Nothing);
    assert!(matches!(planned(&job).outcome, OpeningOutcome::Flat));
    job.walls[0].frame.height = WallHeight::OverPlates(Length::inches_and(121, 1, 8));
    for school in [School::Calculation, School::CodeTable, School::ShopRule] {
        job.settings.school = school;
        let plan = planned(&job);
        assert!(matches!(plan.outcome, OpeningOutcome::Header(_)), "{school:?}: {}", plan.sentence);
        assert_eq!(plan.verdict, Verdict::Carries, "{}", plan.sentence);
    }
    let over = plan_wall_as_said(&job.rules(), &job.walls[0]).ground.landed.down;
    let dead = over.at(job.walls[0].openings[0].design.center)[LoadKind::Dead].to_plf();
    assert!((dead - 12.0 * 35.625 / 12.0).abs() < 1e-9, "{dead}");
}

#[test]
fn brick_on_wood_and_wind_on_a_hill() {
    let wall = |brick| {
        let above =
            WallAbove { height: Length::feet(8), dead: Pressure::psf(40.0), openings: OpeningsAbove::None, brick };
        job_of(OpeningKind::Window, Length::feet(3), carrying(&[Framing::WallAbove(above)]))
    };
    asks(&wall(true), |limit| matches!(limit, OutsideLimits::Brick));
    assert!(matches!(planned(&wall(false)).outcome, OpeningOutcome::Header(_)));
    let mut job = roofed(Length::feet(4));
    job.settings.wind = in_a_town();
    job.settings.on_a_hill = Answer::Yes;
    asks(&job, |limit| matches!(limit, OutsideLimits::OnAHill));
    job.walls[0].frame.face = WallFace::Inside;
    assert!(matches!(planned(&job).outcome, OpeningOutcome::Header(_)), "no wind stands on an inside wall");
}

/// A new job with nothing said calls nothing *Carries*: what each opening uses is asked for, and what it does not use is not.
#[test]
fn with_nothing_said_nothing_carries() {
    let asked_of = |framing: Framing, face: WallFace, clear: Length| {
        let mut job = job_of(OpeningKind::Window, clear, carrying(&[framing]));
        job.settings.said = SiteSaid::default();
        job.walls[0].frame.face = face;
        let plan = planned(&job);
        match plan.outcome {
            OpeningOutcome::Outside(OutsideLimits::NotSaid { asked }) => {
                assert_eq!(plan.verdict, Verdict::AskAnEngineer);
                asked
            }
            _ => vec![],
        }
    };
    let three = Length::feet(3);
    assert_eq!(asked_of(Framing::Roof(roof()), WallFace::Outside, three), [Asked::Snow, Asked::Wind]);
    assert_eq!(asked_of(Framing::Roof(roof()), WallFace::Inside, three), [Asked::Snow]);
    assert_eq!(asked_of(floor(12), WallFace::Outside, three), [Asked::Wind]);
    assert_eq!(asked_of(floor(12), WallFace::Inside, three), []);
    let tail = FloorOnWall {
        framing: FloorFraming::CantileveredPastThisWall,
        span_other_side: Length::feet(2),
        tail: Tail::NotSaid,
        ..FloorOnWall::usual(Length::feet(12))
    };
    assert_eq!(asked_of(Framing::Floor(tail), WallFace::Inside, three), [Asked::Tail]);
    // A partition's door in an outside wall has wind on its kings.
    let mut partition = job_of(OpeningKind::Door, three, WallCarries::Nothing);
    partition.settings.said = SiteSaid::default();
    assert_eq!(limit(&partition), OutsideLimits::NotSaid { asked: vec![Asked::Wind] });
}

#[test]
fn a_floor_over_a_bearing_wall_under_a_roof_asks_for_the_wall_between() {
    let between = |no_wall_above| FloorOnWall { no_wall_above, ..FloorOnWall::usual(Length::feet(12)) };
    let job = |no_wall_above| {
        let items = [Framing::Roof(roof()), Framing::Floor(between(no_wall_above))];
        job_of(OpeningKind::Window, Length::feet(3), carrying(&items))
    };
    assert_eq!(limit(&job(false)), OutsideLimits::NotSaid { asked: vec![Asked::WallBetween] });
    assert!(matches!(planned(&job(true)).outcome, OpeningOutcome::Header(_)));
    let mut older = job(true);
    older.settings.said.snow = Standing::AssumedBefore;
    assert!(matches!(planned(&older).outcome, OpeningOutcome::Header(_)), "what was assumed before is used, and shown");
}

/// What is kept from before any size was held against its kind keeps its place, and has no number.
#[test]
fn an_overhead_door_sixteen_inches_wide_was_not_meant() {
    let job = job_of(OpeningKind::OverheadDoor, Length::inches(16), carrying(&[Framing::Roof(roof())]));
    let plan = planned(&job);
    assert!(matches!(limit(&job), OutsideLimits::NotMeant { .. }));
    assert_eq!(common::said(&plan.verdict_phrase()), "Say its size");
}

/// Roof and ceiling over 24 ft, 30 psf: the code's table takes 2-2x8 to 5'-9" computed, with C_r 1.10 for two plies. By calculation
/// bending is over its limit there: where the table governs, the word says so.
#[test]
fn what_only_the_table_allows_has_a_word_of_its_own() {
    let usual = RoofOnWall { attic_live: Pressure::psf(10.0), roof_dead: Pressure::psf(15.0), ..roof() };
    let mut job = job_of(OpeningKind::CasedOpening, Length::feet(5), carrying(&[Framing::Roof(usual)]));
    let rough = Size { width: Length::inches(69), height: Length::inches(80) };
    job.walls[0].openings[0].design.rough = Some(rough);
    job.walls[0].openings[0].design.header = HeaderChoice::Chosen(spf(Depth::Eight));
    assert_eq!(planned(&job).verdict, Verdict::DoesNotCarry, "{}", planned(&job).sentence);
    job.settings.school = School::CodeTable;
    let plan = planned(&job);
    assert_eq!(plan.verdict, Verdict::OnlyTheTable, "{}", plan.sentence);
    assert!(common::said(&plan.sentence).contains("The code's table takes it to 5'-9\""), "{}", plan.sentence);
    assert!(common::said(&plan.sentence).contains("by calculation: bending at"), "{}", plan.sentence);
    // Outside its basis the table has no answer, and nothing but calculation counts.
    job.walls[0].carries = carrying(&[Framing::Roof(RoofOnWall { overhang: Length::inches(30), ..usual })]);
    assert_eq!(planned(&job).verdict, Verdict::DoesNotCarry, "{}", planned(&job).sentence);
}
