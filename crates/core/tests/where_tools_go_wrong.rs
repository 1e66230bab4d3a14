//! Where sizing tools go wrong: each known mistake, held off by a test.

mod common;

use common::{carrying, girder, in_a_town, job_of, judged, line, opening, planned, point, roof, sawn, spf};
use sturvek_core::codes::PlateEnd;
use sturvek_core::codes::Service;
use sturvek_core::codes::asd::factors::beam_stability::{UnbracedBeam, slenderness_ratio};
use sturvek_core::codes::asd::factors::size::{size_factor_bending, size_factor_compression};
use sturvek_core::codes::asd::values;
use sturvek_core::codes::question::Loading;
use sturvek_core::codes::{CombinationIndex, DesignCode};
use sturvek_core::framing::{OpeningOutcome, Role, plan_wall_as_said};
use sturvek_core::job::rough_opening::{RoughOpeningRules, rough_opening};
use sturvek_core::job::{OpeningDesign, OpeningKind, Size};
use sturvek_core::loads::{ByKind, Framing, LoadKind};
use sturvek_core::lumber::JackLumber;
use sturvek_core::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, HeaderSpec, SawnSize, Species, Thickness};
use sturvek_core::measure::{End, Ends, Length, Pressure, Stress};
use sturvek_core::sizing::count::studs_for;
use sturvek_core::sizing::header::CheckKind;
use sturvek_core::sizing::jacks::JackReason;
use sturvek_core::sizing::kings::wind::king_checks;
use sturvek_core::sizing::kings::{KingWind, kings_by_wind};
use sturvek_core::sizing::{Evaluation, JackLength, OpeningProblem, PackPlate, TopEdge, TopEdgeWidth};
use sturvek_core::working::Silent;

fn near(got: f64, wanted: f64) {
    assert!((got - wanted).abs() <= 1e-6 * wanted.abs().max(1.0), "got {got}, wanted {wanted}");
}

fn each(evaluation: &Evaluation, end: End, reason: JackReason) -> f64 {
    evaluation.packs.at(end).reason(reason).and_then(|count| count.each).expect("a strength")
}

#[test]
fn the_governing_combination_is_the_largest_load_over_its_duration_factor() {
    // A parapet: D 800/0.9 = 889 governs over D + Lr (800 + 280)/1.25 = 864, though that is the larger load.
    let evaluation = judged(&opening(48, vec![line(800.0, 0.0, 280.0, 0.0)]), spf(Depth::Twelve));
    assert_eq!(evaluation.check(CheckKind::Bending).combination.map(CombinationIndex::name), Some("D"));
    assert_eq!(evaluation.check(CheckKind::TotalDeflection).combination.map(CombinationIndex::name), Some("D+Lr"));
}

#[test]
fn duration_never_touches_bearing_or_stiffness() {
    let snow = judged(&opening(48, vec![line(100.0, 0.0, 0.0, 400.0)]), spf(Depth::Ten));
    let floor = judged(&opening(48, vec![line(100.0, 400.0, 0.0, 0.0)]), spf(Depth::Ten));
    for reason in [JackReason::HeaderBearing, JackReason::SolePlate] {
        near(each(&snow, End::Left, reason), each(&floor, End::Left, reason));
    }
    let sag = |evaluation: &Evaluation| evaluation.check(CheckKind::LiveDeflection).comparison.demand;
    near(sag(&snow), sag(&floor));
    let strength = |evaluation: &Evaluation| evaluation.check(CheckKind::Bending).comparison.capacity;
    near(strength(&snow), 1.15 * strength(&floor));
}

#[test]
fn floor_live_and_snow_are_not_summed_in_full() {
    let amounts = ByKind::of([
        (LoadKind::Dead, 100.0),
        (LoadKind::FloorLive, 400.0),
        (LoadKind::RoofLive, 300.0),
        (LoadKind::Snow, 400.0),
    ]);
    let largest = DesignCode::default().largest(&amounts);
    near(largest, 100.0 + 0.75 * 800.0);
}

#[test]
fn size_factors_of_4x_southern_pine_and_stud_grade_are_their_own() {
    let fir =
        |thickness, depth| size_factor_bending(Species::DouglasFirLarch, Grade::Number2, SawnSize { thickness, depth });
    near(fir(Thickness::Two, Depth::Ten), 1.1);
    near(fir(Thickness::Four, Depth::Ten), 1.2);
    near(fir(Thickness::Four, Depth::Twelve), 1.1);
    near(size_factor_bending(Species::SouthernPine, Grade::Number2, SawnSize::two_by(Depth::Four)), 1.0);
    near(size_factor_bending(Species::HemFir, Grade::Stud, SawnSize::two_by(Depth::Four)), 1.1);
    near(size_factor_compression(Species::HemFir, Grade::Stud, SawnSize::two_by(Depth::Six)), 1.0);
    assert!(values::sawn(Species::HemFir, Grade::Stud, SawnSize::two_by(Depth::Eight)).is_none());
}

#[test]
fn wet_bending_is_not_reduced_up_to_1150_psi() {
    let strength = |grade, service| {
        let mut problem = opening(48, vec![line(100.0, 400.0, 0.0, 0.0)]);
        problem.conventions.service = service;
        let header = sawn(Species::DouglasFirLarch, grade, Depth::Twelve, 2);
        judged(&problem, header).check(CheckKind::Bending).comparison.capacity
    };
    near(strength(Grade::Number2, Service::Wet), strength(Grade::Number2, Service::Dry));
    near(strength(Grade::SelectStructural, Service::Wet), 0.85 * strength(Grade::SelectStructural, Service::Dry));
}

#[test]
fn effective_length_has_another_row_below_seven_depths() {
    let effective = |unbraced_length: f64| {
        let beam = UnbracedBeam { unbraced_length, depth: 10.0, width: 2.0, loading: Loading::Even };
        slenderness_ratio(&mut Silent, &beam).powi(2) * 4.0 / 10.0
    };
    near(effective(69.0), 2.06 * 69.0);
    near(effective(71.0), 1.63 * 71.0 + 30.0);
}

#[test]
fn of_stability_and_volume_factors_the_lesser_counts() {
    let board = HeaderBoard::Engineered {
        class: EngineeredClass::Lvl20E,
        ply_width: Length::inches_and(1, 3, 4),
        depth: Length::inches(16),
    };
    let capacity = |top_edge| {
        let mut problem = opening(144, vec![line(100.0, 200.0, 0.0, 0.0)]);
        problem.conventions.top_edge = top_edge;
        judged(&problem, HeaderSpec { board, plies: 2 }).check(CheckKind::Bending).comparison.capacity
    };
    let volume = (12.0_f64 / 16.0).powf(1.0 / 9.0);
    near(capacity(TopEdge::Braced), 2600.0 * volume);
    let hung = capacity(TopEdge::Free(TopEdgeWidth::AllPlies));
    // C_L is the lesser here; were both taken, it would be less than C_L · C_V of the reference value.
    let with_both = 2600.0 * volume * (hung / 2600.0);
    assert!(hung < 2600.0 * volume && with_both < hung, "{hung}");
}

#[test]
fn a_point_load_within_a_depth_counts_in_part_for_shear() {
    let shear = |at| {
        let problem = opening(72, vec![point(2000.0, 0.0, at)]);
        judged(&problem, spf(Depth::Ten)).check(CheckKind::Shear).comparison.demand
    };
    assert!(shear(2) < shear(9), "nearer the support it presses the jack, not the header");
    assert!(shear(9) > shear(20), "past a depth its share of the reaction falls with distance");
}

#[test]
fn off_center_loads_have_their_own_station_and_their_own_jacks() {
    let problem = opening(72, vec![line(200.0, 0.0, 0.0, 300.0), point(1500.0, 2500.0, 10)]);
    let board = HeaderBoard::Engineered {
        class: EngineeredClass::Lvl20E,
        ply_width: Length::inches_and(1, 3, 4),
        depth: Length::inches_and(11, 7, 8),
    };
    let evaluation = judged(&problem, HeaderSpec { board, plies: 2 });
    assert!(evaluation.jacks.left > evaluation.jacks.right, "{:?}", evaluation.jacks);
    // At midspan the moment is less than its largest.
    let loads = evaluation.reactions.left;
    assert!(loads[LoadKind::Dead] > evaluation.reactions.right[LoadKind::Dead]);
}

#[test]
fn a_point_load_over_a_pack_presses_pack_and_plate_and_not_the_header() {
    let without = judged(&opening(60, vec![line(240.0, 0.0, 0.0, 336.0)]), spf(Depth::Ten));
    let with = judged(&opening(60, vec![line(240.0, 0.0, 0.0, 336.0), point(900.0, 1400.0, 0)]), spf(Depth::Ten));
    let bending = |evaluation: &Evaluation| evaluation.check(CheckKind::Bending).comparison.demand;
    assert!((bending(&with) / bending(&without) - 1.0).abs() < 0.06, "only a longer design span");
    assert!(with.packs.left.largest_load > without.packs.left.largest_load + 2000.0);
    assert!((with.packs.right.largest_load / without.packs.right.largest_load - 1.0).abs() < 0.03);
}

#[test]
fn bearing_area_helps_neither_a_headers_end_nor_a_plate_cut_for_a_door() {
    let mut problem = opening(48, vec![line(240.0, 0.0, 0.0, 336.0)]);
    let cut = judged(&problem, spf(Depth::Ten));
    near(each(&cut, End::Left, JackReason::SolePlate), 1.5 * 3.5 * 425.0);
    near(each(&cut, End::Left, JackReason::HeaderBearing), 1.5 * 3.0 * 425.0);
    problem.plate = Ends::both(PackPlate { inward: PlateEnd::Continuous, outward: None });
    let runs_on = judged(&problem, spf(Depth::Ten));
    near(each(&runs_on, End::Left, JackReason::SolePlate), 1.25 * 1.5 * 3.5 * 425.0);
    near(each(&runs_on, End::Left, JackReason::HeaderBearing), 1.5 * 3.0 * 425.0);
}

#[test]
fn the_plate_or_the_column_often_sets_the_jacks() {
    // A strong header on an SPF plate: 3.5 in. of LVL bear 750 psi, the plate 425.
    let board = HeaderBoard::Engineered {
        class: EngineeredClass::Lvl20E,
        ply_width: Length::inches_and(1, 3, 4),
        depth: Length::inches_and(9, 1, 2),
    };
    let header = HeaderSpec { board, plies: 2 };
    let plate = judged(&opening(72, vec![line(240.0, 0.0, 0.0, 800.0)]), header);
    let governing: Vec<JackReason> = plate.packs.left.governing().collect();
    assert!(governing.contains(&JackReason::SolePlate) && !governing.contains(&JackReason::HeaderBearing));
    // Tall 2x4 jacks buckle first.
    let tall = OpeningProblem {
        jack_length: JackLength::Given(Length::inches(132)),
        ..opening(72, vec![line(240.0, 0.0, 0.0, 800.0)])
    };
    assert_eq!(judged(&tall, header).packs.left.governing().collect::<Vec<_>>(), [JackReason::Column]);
}

#[test]
fn bearing_width_is_the_narrower_of_header_and_stud() {
    let wide =
        OpeningProblem { wall_depth: Length::inches_and(5, 1, 2), ..opening(48, vec![line(240.0, 0.0, 0.0, 336.0)]) };
    near(each(&judged(&wide, spf(Depth::Ten)), End::Left, JackReason::HeaderBearing), 1.5 * 3.0 * 425.0);
    let three = sawn(Species::SprucePineFir, Grade::Number2, Depth::Ten, 3);
    let thin = opening(48, vec![line(240.0, 0.0, 0.0, 336.0)]);
    near(each(&judged(&thin, three), End::Left, JackReason::HeaderBearing), 1.5 * 3.5 * 425.0);
}

#[test]
fn more_jacks_lengthen_the_design_span() {
    let light = judged(&opening(72, vec![line(100.0, 0.0, 0.0, 100.0)]), spf(Depth::Twelve));
    let heavy = judged(&opening(72, vec![line(240.0, 0.0, 0.0, 900.0)]), spf(Depth::Twelve));
    let span = |evaluation: &Evaluation| {
        72.0 + 0.75 * f64::from(evaluation.jacks.left) + 0.75 * f64::from(evaluation.jacks.right)
    };
    assert!(light.jacks.left < heavy.jacks.left);
    near(light.design_span, span(&light));
    near(heavy.design_span, span(&heavy));
}

#[test]
fn a_column_more_slender_than_fifty_is_no_column() {
    let slender = OpeningProblem {
        jack_length: JackLength::Given(Length::inches(176)),
        ..opening(36, vec![line(50.0, 0.0, 0.0, 50.0)])
    };
    let evaluation = judged(&slender, spf(Depth::Ten));
    assert!(!evaluation.carries() && evaluation.packs.left.needed.is_none());
}

#[test]
fn float_noise_does_not_make_a_third_jack() {
    assert_eq!(studs_for(0.1 + 0.2, 0.15), Some(2));
    assert_eq!(studs_for(2.0 * 1912.5, 1912.5), Some(2));
}

#[test]
fn creep_multiplies_dead_load_only() {
    let mut problem = opening(60, vec![line(240.0, 0.0, 0.0, 336.0)]);
    let sag = |problem: &OpeningProblem, kind| judged(problem, spf(Depth::Ten)).check(kind).comparison.demand;
    let (live, total) = (sag(&problem, CheckKind::LiveDeflection), sag(&problem, CheckKind::TotalDeflection));
    problem.conventions.creep = 2.0;
    near(sag(&problem, CheckKind::LiveDeflection), live);
    near(sag(&problem, CheckKind::TotalDeflection), total + (total - live));
}

#[test]
fn kings_take_half_the_opening_and_half_a_space_over_the_whole_height() {
    let wind = KingWind {
        clear: Length::inches(72),
        height: Length::inches(100),
        spacing: Length::inches(16),
        pressure: Pressure::psf(30.0),
        stud: JackLumber { species: Species::SprucePineFir, grade: Grade::Number2, depth: Depth::Four },
        thickness: Length::inches_and(1, 1, 2),
        depth: Depth::Four.actual(),
        deflection_limit: 240.0,
        axial: ByKind::default(),
    };
    let values = values::sawn(Species::SprucePineFir, Grade::Number2, SawnSize::two_by(Depth::Four)).expect("a row");
    let [bending, _, sag, _] = king_checks(&mut Silent, &wind, &values, 2);
    let line = 30.0 * (36.0 + 8.0) / 144.0;
    // 0.6 of the ultimate wind for strength, 0.42 for deflection; C_D 1.6.
    near(bending.demand, 0.6 * line * 100.0 * 100.0 / 8.0 / (3.0 * 3.5 * 3.5 / 6.0));
    near(bending.capacity, 875.0 * 1.6 * 1.5);
    near(sag.demand, 5.0 * 0.42 * line * 1e8 / (384.0 * 1.4e6 * 3.0 * 3.5_f64.powi(3) / 12.0));
    assert!(kings_by_wind(&wind, 8).is_some());
}

#[test]
fn jacks_are_not_full_height_studs() {
    let job = job_of(OpeningKind::PairOfDoors, Length::feet(6), carrying(&[Framing::Roof(roof())]));
    let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
    let full = job.walls[0].frame.stud_length();
    let of = |role| plan.members.iter().filter(move |member| member.role == role);
    assert!(of(Role::Jack).all(|jack| jack.cut < full));
    assert!(of(Role::King).all(|king| king.cut == full));
    let kings = of(Role::King).count();
    let counted: u8 = [End::Left, End::Right].into_iter().map(|end| plan.openings[0].kings_framed(end)).sum();
    assert_eq!(kings, usize::from(counted));
}

#[test]
fn a_door_size_is_not_its_rough_width() {
    let door = OpeningDesign::usual(OpeningKind::Door, Size { width: Length::inches(36), height: Length::inches(80) });
    assert_eq!(rough_opening(&door, &RoughOpeningRules::default()).width, Length::inches(38));
}

#[test]
fn nothing_works_is_an_answer_that_names_what_fails_each() {
    let mut job = job_of(OpeningKind::CasedOpening, Length::feet(18), carrying(&[Framing::Roof(roof())]));
    job.settings.wind = in_a_town();
    job.walls[0].point_loads.push(girder(4000.0));
    let OpeningOutcome::Header(sized) = planned(&job).outcome else { panic!("within limits") };
    assert!(!sized.candidates.is_empty());
    for candidate in &sized.candidates {
        assert!(!candidate.evaluation.carries());
        assert!(!candidate.evaluation.failures().is_empty(), "{}", candidate.evaluation.header.name());
    }
}

#[test]
fn a_flat_nailer_can_set_the_jacks() {
    let mut problem = opening(72, vec![line(240.0, 0.0, 0.0, 500.0)]);
    let board = HeaderBoard::Engineered {
        class: EngineeredClass::Lvl20E,
        ply_width: Length::inches_and(1, 3, 4),
        depth: Length::inches_and(9, 1, 2),
    };
    let header = HeaderSpec { board, plies: 2 };
    problem.plate = Ends::both(PackPlate { inward: PlateEnd::Continuous, outward: None });
    problem.conventions.fixed_jacks = Ends::both(None);
    let bare = judged(&problem, header).packs.left.needed;
    problem.conventions.nailer_bearing = Some(Stress::psi(425.0));
    let nailed = judged(&problem, header);
    assert!(bare < nailed.packs.left.needed, "{bare:?} {:?}", nailed.packs.left.needed);
}
