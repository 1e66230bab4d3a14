//! Conflicts provoked one by one, each with its number, and gone when one of its ways out is taken.

mod common;

use common::{carrying, floor, girder, in_a_town, job_of, planned, roof, spf};
use sturvek_core::framing::{Finding, Severity, plan_wall};
use sturvek_core::job::{
    CountOverride, FramingOptions, HeadLine, HeaderChoice, Job, KingWindBasis, MeasuredRoom, Opening, OpeningId,
    OpeningKind, OwnBreaks, Partition, Rake, Room, SiteSaid, Size, WallEnd, WallFace, WallHeight,
};
use sturvek_core::loads::{
    FloorFraming, FloorOnWall, Framing, OpeningsAbove, RoofFraming, RoofOnWall, SnowBasis, Standing, Tail, WallAbove,
    WallCarries, WindSpeed,
};
use sturvek_core::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, HeaderSpec, SawnSize, Species, design_values};
use sturvek_core::measure::{End, Ends, Length, Pressure};
use sturvek_core::sizing::problem::HeaderFace;
use sturvek_core::sizing::verdict::Verdict;

const OPENING: OpeningId = OpeningId(1);

fn found(job: &Job) -> Vec<Finding> {
    plan_wall(&job.rules(), &job.walls[0]).findings
}

/// A partition of 24 ft with one opening of this kind and width in its middle.
fn partition(kind: OpeningKind, width: i64) -> Job {
    job_of(kind, Length::inches(width), WallCarries::Nothing)
}

/// A window of 36 x 48 in a partition, its sill at this height, giving on this room.
fn window(sill: Length, room: Room) -> Job {
    let mut job = partition(OpeningKind::Window, 36);
    let design = &mut job.walls[0].openings[0].design;
    (design.unit.height, design.sill, design.room) = (Length::inches(48), sill, room);
    job
}

fn framing(job: &mut Job) -> &mut FramingOptions {
    &mut job.walls[0].frame.framing
}

#[track_caller]
fn has(job: &Job, finding: &Finding) {
    let findings = found(job);
    assert!(findings.contains(finding), "{findings:?}");
    assert!(finding.severity() == Severity::Note || !finding.ways_out().is_empty(), "a way out of {finding:?}");
}

#[track_caller]
fn lacks(job: &Job, is_it: impl Fn(&Finding) -> bool) {
    let findings = found(job);
    assert!(!findings.iter().any(is_it), "{findings:?}");
}

#[test]
fn a_kitchen_sill_clears_counter_and_backsplash() {
    // 36 of counter and 4 of backsplash: 40. On 3/4 in. of floor: 40 3/4.
    let mut job = window(Length::inches(38), Room::Kitchen);
    has(&job, &Finding::SillInBacksplash { opening: OPENING, by: Length::inches(2) });
    job.settings.finish_floor = Length::inches_and(0, 3, 4);
    has(&job, &Finding::SillInBacksplash { opening: OPENING, by: Length::inches_and(2, 3, 4) });
    job.walls[0].openings[0].design.sill = Length::inches_and(40, 3, 4);
    lacks(&job, |finding| matches!(finding, Finding::SillInBacksplash { .. }));
}

#[test]
fn a_bedroom_needs_a_window_to_escape_by() {
    let job = window(Length::inches(45), Room::Bedroom);
    has(&job, &Finding::EscapeWindow { opening: OPENING });
    has(&job, &Finding::EscapeSillHigh { opening: OPENING, height: Length::inches(45) });
    lacks(&job, |finding| matches!(finding, Finding::EscapeTooSmall { .. }));
    // 24 x 30 is 5.0 sq. ft., less than 5.7.
    let mut small = window(Length::inches(40), Room::Bedroom);
    small.walls[0].openings[0].design.unit = Size { width: Length::inches(24), height: Length::inches(30) };
    has(&small, &Finding::EscapeTooSmall { opening: OPENING });
    lacks(&small, |finding| matches!(finding, Finding::EscapeSillHigh { .. }));
}

#[test]
fn a_bathroom_sill_is_usually_higher() {
    let job = window(Length::inches(34), Room::Bathroom);
    has(&job, &Finding::BathroomSill { opening: OPENING, height: Length::inches(34) });
}

#[test]
fn heads_line_up_unless_they_differ_on_purpose() {
    let mut job = window(Length::inches(36), Room::Any);
    let mut door = |id: u128, feet: i64| {
        let mut design = partition(OpeningKind::Door, 36).walls[0].openings[0].design;
        design.center = Length::feet(feet);
        job.walls[0].openings.push(Opening::new(OpeningId(id), design));
    };
    door(2, 4);
    door(3, 20);
    // 36 + 48 1/2 against the doors' 82 1/2.
    has(&job, &Finding::HeadOffLine { opening: OPENING, by: Length::inches(2), line: Length::inches_and(82, 1, 2) });
    // A cased opening for a unit as high as the doors has less over it, and is in line with them.
    let mut cased = job.clone();
    cased.walls[0].openings[1].design.kind = OpeningKind::CasedOpening;
    lacks(&cased, |finding| matches!(finding, Finding::HeadOffLine { opening: OpeningId(2), .. }));
    framing(&mut job).heads = HeadLine::OnPurpose;
    lacks(&job, |finding| matches!(finding, Finding::HeadOffLine { .. }));
}

#[test]
fn a_wall_is_held_against_the_room_it_is_tipped_up_in() {
    let mut job = partition(OpeningKind::Door, 36);
    let room = |clearance| {
        let (left, right) = (Length::inches(97), Length::inches_and(96, 1, 2));
        WallHeight::Room(MeasuredRoom { left, right, clearance })
    };
    // √(96 1/2² + 3 1/2²) = 96.563, 96 5/8 to the sixteenth above, in a room of 96 1/2.
    job.walls[0].frame.height = room(Length::ZERO);
    let diagonal = Length::inches_and(96, 9, 16) + Length::inches_and(0, 1, 16);
    has(&job, &Finding::TipUp { diagonal, room: Length::inches_and(96, 1, 2) });
    has(&job, &Finding::UnevenRoom { higher: End::Left, by: Length::inches_and(0, 1, 2) });
    // Common practice, no source: an inch over it is enough.
    job.walls[0].frame.height = room(Length::inches(1));
    lacks(&job, |finding| matches!(finding, Finding::TipUp { .. }));
}

#[test]
fn a_channel_lost_in_a_corner_is_found() {
    let mut job = partition(OpeningKind::Door, 36);
    framing(&mut job).ends.left = WallEnd::ThreeStudCorner;
    framing(&mut job).partitions = vec![Partition::channel(Length::inches(6), Depth::Four)];
    // 3 1/2 between two studs of 1 1/2.
    has(&job, &Finding::ChannelLost { at: Length::inches(6), width: Length::inches_and(6, 1, 2) });
    framing(&mut job).partitions[0].at = Length::inches(10);
    lacks(&job, |finding| matches!(finding, Finding::ChannelLost { .. }));
}

#[test]
fn bolts_in_the_concrete_are_held_against_the_wall() {
    let mut job = partition(OpeningKind::Door, 36);
    framing(&mut job).bolts = Some(Length::feet(6));
    // The door's rough opening runs from 125 to 163; a layout stud stands from 31 1/4 to 32 3/4; the sole plate of 16 ft boards
    // breaks at 192, which wants a bolt at either side.
    framing(&mut job).cast_bolts = [6, 32, 118, 144, 170, 184, 200, 280].map(Length::inches).to_vec();
    has(&job, &Finding::BoltInDoorway { opening: OPENING, at: Length::inches(144) });
    has(&job, &Finding::BoltUnderStud { at: Length::inches(32), role: sturvek_core::framing::Role::Stud });
    lacks(&job, |finding| matches!(finding, Finding::BoltMissing { .. }));
    framing(&mut job).cast_bolts = [6, 118, 170].map(Length::inches).to_vec();
    has(&job, &Finding::BoltMissing { at: Length::feet(24) });
    // Those that are placed keep clear by themselves.
    framing(&mut job).cast_bolts.clear();
    lacks(&job, |finding| {
        matches!(finding, Finding::BoltInDoorway { .. } | Finding::BoltUnderStud { .. } | Finding::BoltMissing { .. })
    });
}

#[test]
fn boards_too_short_and_breaks_that_cannot_be_placed() {
    let mut job = partition(OpeningKind::Door, 36);
    framing(&mut job).own_breaks = Some(OwnBreaks { lower: vec![], upper: vec![Length::feet(8)] });
    let (length, stock) = (Length::feet(24), Length::feet(16));
    has(&job, &Finding::BoardTooShort { at: Length::ZERO, length, stock });
    // Two boards of 16 ft over 24 ft cannot break 20 ft apart.
    framing(&mut job).own_breaks = None;
    framing(&mut job).breaks_apart = Length::feet(8);
    framing(&mut job).plate_stock = Length::feet(14);
    has(&job, &Finding::BreaksMissing { wall: Length::feet(24), stock: Length::feet(14) });
}

#[test]
fn a_header_wider_than_the_wall_and_one_too_deep_under_a_rake() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), carrying(&[Framing::Roof(roof())]));
    let (ply_width, depth) = (Length::inches_and(1, 3, 4), Length::inches_and(9, 1, 2));
    let board = HeaderBoard::Engineered { class: EngineeredClass::Lvl20E, ply_width, depth };
    job.walls[0].openings[0].design.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 3 });
    // 3 · 1 3/4 = 5 1/4 in a wall of 3 1/2.
    has(&job, &Finding::HeaderTooWide { opening: OPENING, by: Length::inches_and(1, 3, 4) });
    job.walls[0].openings[0].design.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 2 });
    lacks(&job, |finding| matches!(finding, Finding::HeaderTooWide { .. }));
    // Climbing 2 in 12 over the door: there is room over its middle, but not over its left corner.
    let rake = Rake { left: Length::inches(74), right: Length::inches(122), peak: None };
    job.walls[0].frame.height = WallHeight::Rake(rake);
    let deep = |finding: &Finding| matches!(finding, Finding::HeaderTooDeep { by, .. } if *by < Length::inches(4));
    assert!(found(&job).iter().any(deep), "{:?}", found(&job));
}

#[test]
fn a_gap_too_narrow_for_a_filler_is_furred() {
    let mut job = partition(OpeningKind::Window, 36);
    let design = &mut job.walls[0].openings[0].design;
    // A bay runs from 16 3/4 to 31 1/4; 13 1/2 in its middle leaves 1/2 at each side.
    design.rough = Some(Size { width: Length::inches_and(13, 1, 2), height: Length::inches(30) });
    (design.center, design.sill) = (Length::inches(24), Length::inches(40));
    let gap = Length::inches_and(0, 1, 2);
    has(&job, &Finding::GapInBay { opening: OPENING, end: End::Left, gap });
    has(&job, &Finding::GapInBay { opening: OPENING, end: End::Right, gap });
}

/// A wall under trusses over 24 ft with a window of this width in its middle.
fn roofed(width: i64) -> Job {
    job_of(OpeningKind::Window, Length::inches(width), carrying(&[Framing::Roof(roof())]))
}

fn wind(job: &mut Job, miles_per_hour: f64) {
    let KingWindBasis::Speed(town) = in_a_town() else { panic!("a speed") };
    job.settings.wind = KingWindBasis::Speed(WindSpeed { miles_per_hour, ..town });
}

#[test]
fn kings_that_no_number_holds_are_trouble_and_the_word_reads_them() {
    // A wall 18 ft high of 2x4 in a storm: not even eight kings.
    let mut job = roofed(72);
    wind(&mut job, 180.0);
    job.walls[0].frame.height = WallHeight::OverPlates(Length::feet(18));
    has(&job, &Finding::KingsTooWeak { opening: OPENING, tried: 8 });
    let plan = planned(&job);
    assert_eq!((plan.verdict, plan.kings_framed(End::Left)), (Verdict::DoesNotCarry, 8));
    assert!(plan.sentence.starts_with("No number of kings up to 8 holds the wind"), "{}", plan.sentence);
    job.walls[0].frame.stud.depth = Depth::Eight;
    wind(&mut job, 115.0);
    lacks(&job, |finding| matches!(finding, Finding::KingsTooWeak { .. }));
}

#[test]
fn a_load_in_the_field_without_room_for_its_studs_is_trouble() {
    let mut job = roofed(36);
    // Two inches between two packs: one stud has room there.
    let packs = planned(&job).pack_edge(End::Right) - planned(&job).pack_edge(End::Left);
    let mut next = job.walls[0].openings[0].clone();
    next.id = OpeningId(2);
    next.design.center = Length::feet(12) + packs + Length::inches(2);
    job.walls[0].openings.push(next);
    let mut load = girder(9000.0);
    load.at = planned(&job).pack_edge(End::Right) + Length::inches(1);
    job.walls[0].point_loads.push(load);
    let short = |finding: &Finding| matches!(finding, Finding::PointLoadStuds { there, needed, .. } if needed.is_none_or(|needed| *there < needed));
    assert!(found(&job).iter().any(short), "{:?}", found(&job));
    job.walls[0].point_loads[0].at = Length::feet(4);
    lacks(&job, short);
    job.walls[0].point_loads[0].amount = girder(21_000.0).amount;
    has(&job, &Finding::PointLoadTooLarge { at: Length::feet(4), pounds: 21_000 });
}

#[test]
fn joist_ends_that_the_next_span_lifts_are_reported() {
    let through = FloorOnWall {
        framing: FloorFraming::ContinuousEndingHere,
        span_other_side: Length::feet(20),
        no_wall_above: true,
        ..FloorOnWall::usual(Length::feet(6))
    };
    let mut job = job_of(OpeningKind::Window, Length::feet(3), carrying(&[Framing::Floor(through)]));
    let lifted = |finding: &Finding| matches!(finding, Finding::JoistEndLifted { .. });
    assert!(found(&job).iter().any(lifted), "{:?}", found(&job));
    job.walls[0].carries = carrying(&[floor(6)]);
    lacks(&job, lifted);
}

#[test]
fn wind_that_lifts_the_roof_is_told_above_115_and_under_long_overhangs() {
    let mut job = roofed(72);
    let lifts = |finding: &Finding| matches!(finding, Finding::NetUplift { .. });
    wind(&mut job, 115.0);
    lacks(&job, lifts);
    wind(&mut job, 130.0);
    assert_eq!(found(&job).iter().filter(|finding| lifts(finding)).count(), 2, "{:?}", found(&job));
    wind(&mut job, 115.0);
    job.walls[0].carries = carrying(&[Framing::Roof(RoofOnWall { overhang: Length::inches(36), ..roof() })]);
    assert!(found(&job).iter().any(lifts), "{:?}", found(&job));
    assert_ne!(planned(&job).verdict, Verdict::DoesNotCarry, "a caution, not the word");
}

#[test]
fn what_was_assumed_before_anybody_was_asked_is_shown_until_it_is_confirmed() {
    let wall = WallAbove {
        height: Length::feet(8),
        dead: Pressure::psf(12.0),
        openings: OpeningsAbove::AssumedNone,
        brick: false,
    };
    let tail = FloorOnWall {
        framing: FloorFraming::CantileveredPastThisWall,
        span_other_side: Length::feet(2),
        tail: Tail::AssumedFree,
        ..FloorOnWall::usual(Length::feet(12))
    };
    let items = [Framing::Roof(roof()), Framing::WallAbove(wall), Framing::Floor(tail)];
    let mut job = job_of(OpeningKind::Window, Length::feet(3), carrying(&items));
    job.settings.said = SiteSaid { snow: Standing::AssumedBefore, wind: Standing::AssumedBefore };
    for finding in [Finding::SnowAssumed, Finding::WindAssumed, Finding::TailAssumed, Finding::OpeningsAboveAssumed] {
        has(&job, &finding);
    }
    // What the wall does not use is not shown: floors have no snow, an inside wall no wind.
    job.walls[0].carries = carrying(&[floor(12)]);
    job.walls[0].frame.face = WallFace::Inside;
    lacks(&job, |finding| matches!(finding, Finding::SnowAssumed | Finding::WindAssumed));
}

#[test]
fn a_ceiling_over_which_nobody_is_counted_is_looked_at() {
    let empty = RoofOnWall { attic_live: Pressure::ZERO, ..roof() };
    let mut job = job_of(OpeningKind::Window, Length::feet(3), carrying(&[Framing::Roof(empty)]));
    has(&job, &Finding::NobodyInAttic);
    let attic = RoofOnWall { attic_live: Pressure::psf(10.0), ..empty };
    job.walls[0].carries = carrying(&[Framing::Roof(attic)]);
    lacks(&job, |finding| *finding == Finding::NobodyInAttic);
}

#[test]
fn a_thin_header_at_one_face_of_a_thick_wall_presses_its_jacks_off_their_middle() {
    // 3 1/2 in. of strong header flush with one face of 5 1/2: 1 in. off the middle.
    let wide = RoofOnWall { building_width: Length::feet(36), ..roof() };
    let mut job = job_of(OpeningKind::CasedOpening, Length::feet(9), carrying(&[Framing::Roof(wide)]));
    job.settings.site.snow.basis = SnowBasis::Ground(Pressure::psf(70.0));
    job.settings.shop.doubles_jacks_from = None;
    job.walls[0].frame.stud.depth = Depth::Six;
    let design = &mut job.walls[0].openings[0].design;
    let (ply_width, depth) = (Length::inches_and(1, 3, 4), Length::inches_and(11, 7, 8));
    let board = HeaderBoard::Engineered { class: EngineeredClass::Lvl20E, ply_width, depth };
    design.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 2 });
    design.face = HeaderFace::OneFace;
    let off = Length::inches(1);
    has(&job, &Finding::OffMiddle { opening: OPENING, off });
    let at_one_face = planned(&job).jacks.left;
    // Both ways out take it away, and the jacks with it.
    job.walls[0].openings[0].design.face = HeaderFace::Centered;
    lacks(&job, |finding| matches!(finding, Finding::OffMiddle { .. }));
    assert!(planned(&job).jacks.left < at_one_face);
}

#[test]
fn joists_on_a_built_up_headers_side_ask_for_its_plies_to_be_fastened() {
    let mut job = job_of(OpeningKind::CasedOpening, Length::feet(6), carrying(&[floor(12)]));
    job.walls[0].openings[0].design.header = HeaderChoice::Chosen(spf(Depth::Twelve));
    job.walls[0].openings[0].design.side_loaded = true;
    let fastening = |finding: &Finding| matches!(finding, Finding::PlyFastening { .. });
    assert!(found(&job).iter().any(fastening), "{:?}", found(&job));
    job.walls[0].openings[0].design.side_loaded = false;
    lacks(&job, fastening);
}

#[test]
fn what_stops_the_load_makes_the_word_and_what_does_not_stands_beside_it() {
    let job = roofed(36);
    assert_eq!(planned(&job).verdict, Verdict::Carries, "{}", planned(&job).sentence);
    let word = |change: &dyn Fn(&mut Job)| {
        let mut job = roofed(36);
        change(&mut job);
        let plan = plan_wall(&job.rules(), &job.walls[0]).openings.remove(0);
        (plan.verdict, plan.sentence)
    };
    let stopped = |change: &dyn Fn(&mut Job), words: &str| {
        let (verdict, sentence) = word(change);
        assert!(verdict == Verdict::DoesNotCarry && sentence.contains(words), "{verdict:?}: {sentence}");
    };
    stopped(&|job| job.walls[0].openings[0].design.center = Length::inches(18), "past the wall's left end");
    stopped(
        &|job| {
            let mut next = job.walls[0].openings[0].clone();
            next.id = OpeningId(2);
            next.design.center = Length::feet(15);
            job.walls[0].openings.push(next);
        },
        "overlap",
    );
    stopped(
        &|job| {
            framing(job).ends.left = WallEnd::ThreeStudCorner;
            job.walls[0].openings[0].design.center = Length::inches(24);
        },
        "in the studs of the wall's left end",
    );
    stopped(&|job| job.walls[0].openings[0].design.sill = Length::inches(12), "deeper than the room");
    // A crossing wall in its pack is trouble, but the load goes down.
    let (verdict, _) = word(&|job| framing(job).partitions = vec![Partition::channel(Length::feet(14), Depth::Four)]);
    assert_eq!(verdict, Verdict::Carries);
}

fn bearing(species: Species) -> f64 {
    let values = design_values::sawn(species, Grade::Number2, SawnSize::two_by(Depth::Four));
    values.expect("in the tables").bearing.to_psi()
}

#[test]
fn the_word_reads_all_that_works_and_blames_what_somebody_decided() {
    let decided = |count| Ends::both(Some(CountOverride { count, reason: "as always".into() }));
    let mut job = job_of(OpeningKind::CasedOpening, Length::inches(96), carrying(&[Framing::Roof(roof())]));
    job.settings.site.snow.basis = SnowBasis::Ground(Pressure::psf(50.0));
    let (ply_width, depth) = (Length::inches_and(1, 3, 4), Length::inches_and(11, 7, 8));
    let board = HeaderBoard::Engineered { class: EngineeredClass::Lvl20E, ply_width, depth };
    job.walls[0].openings[0].design.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 2 });
    job.walls[0].openings[0].jacks = decided(1);
    let plan = planned(&job);
    assert_eq!(plan.verdict, Verdict::DoesNotCarry, "{}", plan.sentence);
    assert!(plan.sentence.starts_with("With the jacks that somebody decided"), "{}", plan.sentence);
    let help = "1 jack more at the left end, or a plate of ";
    assert!(plan.sentence.contains(help), "{}", plan.sentence);
    // A plate of the hardest species helps no further.
    job.walls[0].frame.plate_species =
        Species::ALL.into_iter().max_by(|a, b| bearing(*a).total_cmp(&bearing(*b))).expect("some species");
    let plan = planned(&job);
    assert!(plan.verdict != Verdict::DoesNotCarry || !plan.sentence.contains("a plate of"), "{}", plan.sentence);
}

#[test]
fn rafters_on_a_ridge_board_under_three_in_twelve_are_refused_with_their_reason() {
    let flat = RoofOnWall { framing: RoofFraming::RaftersWithClearCeilingJoists, rise_in_twelve: 2.5, ..roof() };
    let job = job_of(OpeningKind::Window, Length::feet(3), carrying(&[Framing::Roof(flat)]));
    assert!(planned(&job).sentence.contains("ridge beam"), "{}", planned(&job).sentence);
}
