//! Conflicts provoked one by one, each with its number, and gone when one of its ways out is taken.

mod common;

use common::{carrying, floor, girder, in_a_town, job_of, planned, roof, said, spf};
use sturvek_core::codes::asd::values;
use sturvek_core::finding::{Finding, Severity};
use sturvek_core::framing::plan_wall_as_said;
use sturvek_core::framing::wall_plan::findings::CATALOG;
use sturvek_core::job::command;
use sturvek_core::job::{
    BackingBoard, CeilingOver, ClearFor, CountOverride, FramingOptions, HeadLine, HeaderChoice, HeaderPlace, Job,
    KeptClear, KingWindBasis, LetDown, LetDownTo, MeasuredRoom, Opening, OpeningId, OpeningKind, OwnBreaks, Partition,
    Rake, Room, SiteSaid, Size, WallEnd, WallFace, WallHeight,
};
use sturvek_core::loads::{
    FloorFraming, FloorOnWall, Framing, OpeningsAbove, RoofFraming, RoofOnWall, SnowBasis, Standing, Tail, WallAbove,
    WallCarries, WindSpeed,
};
use sturvek_core::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, HeaderSpec, SawnSize, Species};
use sturvek_core::measure::{End, Ends, Force, Length, Pressure};
use sturvek_core::sizing::problem::{HeaderFace, JackSeat};
use sturvek_core::sizing::schools::School;
use sturvek_core::sizing::verdict::Verdict;
use sturvek_core::speech::Argument;

fn found(job: &Job) -> Vec<Finding> {
    plan_wall_as_said(&job.rules(), &job.walls[0]).findings
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

/// Its code, and its figures as they are put into the sentence.
type Wanted<'a> = (&'a str, &'a [(&'a str, Argument)]);

fn is_it(finding: &Finding, (code, figures): Wanted<'_>) -> bool {
    let length = |argument: &Argument| match argument {
        Argument::Length(length) | Argument::Distance(length) => Some(*length),
        _ => None,
    };
    let said = |(name, figure): &(&str, Argument)| {
        let there = finding.phrase.argument(name);
        there == Some(figure) || length(figure).is_some_and(|wanted| there.and_then(length) == Some(wanted))
    };
    finding.rule.code == code && figures.iter().all(said)
}

/// The job has this finding; a way out that an edit goes, when it is gone, takes the finding away.
#[track_caller]
fn has(job: &Job, code: &str, figures: &[(&str, Argument)]) {
    let findings = found(job);
    let finding = findings.iter().find(|finding| is_it(finding, (code, figures)));
    let finding = finding.unwrap_or_else(|| panic!("{findings:?}"));
    assert!(finding.rule.severity == Severity::Note || !finding.ways_out.is_empty(), "a way out of {finding:?}");
    for way in &finding.ways_out {
        let Some(command) = &way.does else { continue };
        let after = command::apply(job, command).unwrap_or_else(|error| panic!("{}: {error}", way.phrase)).job;
        let same = |other: &Finding| other.rule == finding.rule && other.place.opening == finding.place.opening;
        assert!(!found(&after).iter().any(|other| same(other) && other.phrase == finding.phrase), "{}", way.phrase);
    }
}

#[track_caller]
fn lacks(job: &Job, codes: &[&str]) {
    let findings = found(job);
    assert!(!findings.iter().any(|finding| codes.contains(&finding.rule.code)), "{findings:?}");
}

fn counted(findings: &[Finding], code: &str) -> usize {
    findings.iter().filter(|finding| finding.rule.code == code).count()
}

#[test]
fn a_kitchen_sill_clears_counter_and_backsplash() {
    // 36 of counter and 4 of backsplash: 40. On 3/4 in. of floor: 40 3/4.
    let mut job = window(Length::inches(38), Room::Kitchen);
    has(&job, "sill-in-backsplash", &[("by", Length::inches(2).into())]);
    job.settings.finish_floor = Length::inches_and(0, 3, 4);
    has(&job, "sill-in-backsplash", &[("by", Length::inches_and(2, 3, 4).into())]);
    job.walls[0].openings[0].design.sill = Length::inches_and(40, 3, 4);
    lacks(&job, &["sill-in-backsplash"]);
}

#[test]
fn a_bedroom_needs_a_window_to_escape_by() {
    let job = window(Length::inches(45), Room::Bedroom);
    has(&job, "escape-window", &[]);
    has(&job, "escape-sill-high", &[("height", Length::inches(45).into())]);
    lacks(&job, &["escape-too-small"]);
    // 24 x 30 is 5.0 sq. ft., less than 5.7.
    let mut small = window(Length::inches(40), Room::Bedroom);
    small.walls[0].openings[0].design.unit = Size { width: Length::inches(24), height: Length::inches(30) };
    has(&small, "escape-too-small", &[]);
    lacks(&small, &["escape-sill-high"]);
}

#[test]
fn a_bathroom_sill_is_usually_higher() {
    let job = window(Length::inches(34), Room::Bathroom);
    has(&job, "bathroom-sill", &[("height", Length::inches(34).into())]);
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
    has(&job, "head-off-line", &[("by", Length::inches(2).into()), ("line", Length::inches_and(82, 1, 2).into())]);
    // A cased opening for a unit as high as the doors has less over it, and is in line with them.
    let mut cased = job.clone();
    cased.walls[0].openings[1].design.kind = OpeningKind::CasedOpening;
    let off = |found: &&Finding| found.rule.code == "head-off-line" && found.place.opening == Some(OpeningId(2));
    assert!(found(&cased).iter().find(off).is_none(), "{:?}", found(&cased));
    framing(&mut job).heads = HeadLine::OnPurpose;
    lacks(&job, &["head-off-line"]);
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
    has(&job, "tip-up", &[("diagonal", diagonal.into()), ("room", Length::inches_and(96, 1, 2).into())]);
    has(&job, "uneven-room", &[("higher", End::Left.into()), ("by", Length::inches_and(0, 1, 2).into())]);
    // Common practice, no source: an inch over it is enough.
    job.walls[0].frame.height = room(Length::inches(1));
    lacks(&job, &["tip-up"]);
}

#[test]
fn a_channel_lost_in_a_corner_is_found() {
    let mut job = partition(OpeningKind::Door, 36);
    framing(&mut job).ends.left = WallEnd::ThreeStudCorner;
    framing(&mut job).partitions = vec![Partition::channel(Length::inches(6), Depth::Four)];
    // 3 1/2 between two studs of 1 1/2.
    has(&job, "channel-lost", &[("at", Length::inches(6).into()), ("width", Length::inches_and(6, 1, 2).into())]);
    framing(&mut job).partitions[0].at = Length::inches(10);
    lacks(&job, &["channel-lost"]);
}

#[test]
fn bolts_in_the_concrete_are_held_against_the_wall() {
    let mut job = partition(OpeningKind::Door, 36);
    framing(&mut job).bolts = Some(Length::feet(6));
    // The door's rough opening runs from 125 to 163; a layout stud stands from 31 1/4 to 32 3/4; the sole plate of 16 ft boards
    // breaks at 192, which wants a bolt at either side.
    framing(&mut job).cast_bolts = [6, 32, 118, 144, 170, 184, 200, 280].map(Length::inches).to_vec();
    has(&job, "bolt-in-doorway", &[("at", Length::inches(144).into())]);
    has(
        &job,
        "bolt-under-stud",
        &[("at", Length::inches(32).into()), ("what", sturvek_core::framing::Role::Stud.phrase().into())],
    );
    lacks(&job, &["bolt-missing"]);
    framing(&mut job).cast_bolts = [6, 118, 170].map(Length::inches).to_vec();
    has(&job, "bolt-missing", &[("at", Length::feet(24).into())]);
    // Those that are placed keep clear by themselves.
    framing(&mut job).cast_bolts.clear();
    lacks(&job, &["bolt-in-doorway", "bolt-under-stud", "bolt-missing"]);
}

#[test]
fn boards_too_short_and_breaks_that_cannot_be_placed() {
    let mut job = partition(OpeningKind::Door, 36);
    framing(&mut job).own_breaks = Some(OwnBreaks { lower: vec![], upper: vec![Length::feet(8)] });
    let (length, stock) = (Length::feet(24), Length::feet(16));
    has(&job, "board-too-short", &[("at", Length::ZERO.into()), ("length", length.into()), ("stock", stock.into())]);
    // Two boards of 16 ft over 24 ft cannot break 20 ft apart.
    framing(&mut job).own_breaks = None;
    framing(&mut job).breaks_apart = Length::feet(8);
    framing(&mut job).plate_stock = Length::feet(14);
    has(&job, "breaks-missing", &[("wall", Length::feet(24).into()), ("stock", Length::feet(14).into())]);
}

#[test]
fn a_header_wider_than_the_wall_and_one_too_deep_under_a_rake() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), carrying(&[Framing::Roof(roof())]));
    let (ply_width, depth) = (Length::inches_and(1, 3, 4), Length::inches_and(9, 1, 2));
    let board = HeaderBoard::Engineered { class: EngineeredClass::Lvl20E, ply_width, depth };
    job.walls[0].openings[0].design.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 3 });
    // 3 · 1 3/4 = 5 1/4 in a wall of 3 1/2.
    has(&job, "header-too-wide", &[("by", Length::inches_and(1, 3, 4).into())]);
    job.walls[0].openings[0].design.header = HeaderChoice::Chosen(HeaderSpec { board, plies: 2 });
    lacks(&job, &["header-too-wide"]);
    // Climbing 2 in 12 over the door: there is room over its middle, but not over its left corner.
    let rake = Rake { left: Length::inches(74), right: Length::inches(122), peak: None };
    job.walls[0].frame.height = WallHeight::Rake(rake);
    has(&job, "header-too-deep", &[]);
}

#[test]
fn a_gap_too_narrow_for_a_filler_is_furred() {
    let mut job = partition(OpeningKind::Window, 36);
    let design = &mut job.walls[0].openings[0].design;
    // A bay runs from 16 3/4 to 31 1/4; 13 1/2 in its middle leaves 1/2 at each side.
    design.rough = Some(Size { width: Length::inches_and(13, 1, 2), height: Length::inches(30) });
    (design.center, design.sill) = (Length::inches(24), Length::inches(40));
    let gap = Length::inches_and(0, 1, 2);
    has(&job, "gap-in-bay", &[("end", End::Left.into()), ("gap", gap.into())]);
    has(&job, "gap-in-bay", &[("end", End::Right.into()), ("gap", gap.into())]);
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
    has(&job, "kings-too-weak", &[("tried", 8_u8.into())]);
    let plan = planned(&job);
    assert_eq!((plan.verdict, plan.kings_framed(End::Left)), (Verdict::DoesNotCarry, 8));
    assert!(said(&plan.sentence).starts_with("No number of kings up to 8 holds the wind"), "{}", plan.sentence);
    job.walls[0].frame.stud.depth = Depth::Eight;
    wind(&mut job, 115.0);
    lacks(&job, &["kings-too-weak"]);
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
    has(&job, "point-load-studs", &[]);
    job.walls[0].point_loads[0].at = Length::feet(4);
    lacks(&job, &["point-load-studs"]);
    job.walls[0].point_loads[0].amount = girder(21_000.0).amount;
    has(&job, "point-load-too-large", &[("at", Length::feet(4).into()), ("force", Force::lbf(21_000.0).into())]);
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
    has(&job, "joist-end-lifted", &[]);
    job.walls[0].carries = carrying(&[floor(6)]);
    lacks(&job, &["joist-end-lifted"]);
}

#[test]
fn wind_that_lifts_the_roof_is_told_above_115_and_under_long_overhangs() {
    let mut job = roofed(72);
    wind(&mut job, 115.0);
    lacks(&job, &["net-uplift"]);
    wind(&mut job, 130.0);
    assert_eq!(counted(&found(&job), "net-uplift"), 2, "{:?}", found(&job));
    wind(&mut job, 115.0);
    job.walls[0].carries = carrying(&[Framing::Roof(RoofOnWall { overhang: Length::inches(36), ..roof() })]);
    has(&job, "net-uplift", &[]);
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
    for code in ["snow-assumed", "wind-assumed", "tail-assumed", "openings-above-assumed"] {
        has(&job, code, &[]);
    }
    // What the wall does not use is not shown: floors have no snow, an inside wall no wind.
    job.walls[0].carries = carrying(&[floor(12)]);
    job.walls[0].frame.face = WallFace::Inside;
    lacks(&job, &["snow-assumed", "wind-assumed"]);
}

#[test]
fn a_ceiling_over_which_nobody_is_counted_is_looked_at() {
    let empty = RoofOnWall { attic_live: Pressure::ZERO, ..roof() };
    let mut job = job_of(OpeningKind::Window, Length::feet(3), carrying(&[Framing::Roof(empty)]));
    has(&job, "nobody-in-attic", &[]);
    let attic = RoofOnWall { attic_live: Pressure::psf(10.0), ..empty };
    job.walls[0].carries = carrying(&[Framing::Roof(attic)]);
    lacks(&job, &["nobody-in-attic"]);
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
    has(&job, "off-middle", &[("off", off.into())]);
    let at_one_face = planned(&job).jacks.left;
    // Both ways out take it away, and the jacks with it.
    job.walls[0].openings[0].design.face = HeaderFace::Centered;
    lacks(&job, &["off-middle"]);
    assert!(planned(&job).jacks.left < at_one_face);
}

#[test]
fn joists_on_a_built_up_headers_side_ask_for_its_plies_to_be_fastened() {
    let mut job = job_of(OpeningKind::CasedOpening, Length::feet(6), carrying(&[floor(12)]));
    job.walls[0].openings[0].design.header = HeaderChoice::Chosen(spf(Depth::Twelve));
    job.walls[0].openings[0].design.side_loaded = true;
    has(&job, "ply-fastening", &[]);
    job.walls[0].openings[0].design.side_loaded = false;
    lacks(&job, &["ply-fastening"]);
}

#[test]
fn what_stops_the_load_makes_the_word_and_what_does_not_stands_beside_it() {
    let job = roofed(36);
    assert_eq!(planned(&job).verdict, Verdict::Carries, "{}", planned(&job).sentence);
    let word = |change: &dyn Fn(&mut Job)| {
        let mut job = roofed(36);
        change(&mut job);
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]).openings.remove(0);
        (plan.verdict, plan.sentence)
    };
    let stopped = |change: &dyn Fn(&mut Job), words: &str| {
        let (verdict, sentence) = word(change);
        assert!(verdict == Verdict::DoesNotCarry && said(&sentence).contains(words), "{verdict:?}: {sentence}");
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
    let values = values::sawn(species, Grade::Number2, SawnSize::two_by(Depth::Four));
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
    assert!(said(&plan.sentence).starts_with("With the jacks that somebody decided"), "{}", plan.sentence);
    let help = "Would help: 1 jack more at the left end, a plate of ";
    assert!(said(&plan.sentence).contains(help), "{}", plan.sentence);
    // A plate of the hardest species helps no further.
    job.walls[0].frame.plate_species =
        Species::ALL.into_iter().max_by(|a, b| bearing(*a).total_cmp(&bearing(*b))).expect("some species");
    let plan = planned(&job);
    assert!(plan.verdict != Verdict::DoesNotCarry || !said(&plan.sentence).contains("a plate of"), "{}", plan.sentence);
}

#[test]
fn rafters_on_a_ridge_board_under_three_in_twelve_are_refused_with_their_reason() {
    let flat = RoofOnWall { framing: RoofFraming::RaftersWithClearCeilingJoists, rise_in_twelve: 2.5, ..roof() };
    let job = job_of(OpeningKind::Window, Length::feet(3), carrying(&[Framing::Roof(flat)]));
    assert!(said(&planned(&job).sentence).contains("ridge beam"), "{}", planned(&job).sentence);
}

#[test]
fn a_cripple_too_short_to_nail_and_a_jack_notched_too_deep() {
    let mut job = roofed(36);
    let design = &mut job.walls[0].openings[0].design;
    // 82 of unit on 10 1/2 of sill leaves less over a 2x10 than a nail holds.
    (design.unit.height, design.sill, design.place) =
        (Length::inches(48), Length::inches(36), HeaderPlace::AtHeadHeight);
    design.header = HeaderChoice::Chosen(spf(Depth::Ten));
    let head = planned(&job).stack.head();
    let room = job.walls[0].frame.under_plates_at(job.walls[0].openings[0].design.center) - head;
    let too_low = room - Length::inches_and(9, 1, 4) - Length::inches(1);
    job.walls[0].openings[0].design.sill += too_low;
    has(&job, "cripple-too-short", &[("length", Length::inches(1).into())]);
    // 3 in. of header leave half an inch of a 2x4.
    job.walls[0].openings[0].design.seat = JackSeat::Notched;
    has(&job, "deep-notch", &[("left", Length::inches_and(0, 1, 2).into())]);
}

#[test]
fn counts_that_somebody_decided_or_a_rule_asks_for_stand_beside_the_arithmetic() {
    let mut job = roofed(72);
    job.settings.shop.doubles_jacks_from = Some(Length::feet(6));
    has(&job, "rule-asks-for-more", &[("rule", 2_u8.into()), ("arithmetic", 1_u8.into())]);
    wind(&mut job, 180.0);
    job.walls[0].openings[0].kings.left = Some(CountOverride { count: 1, reason: "as drawn".into() });
    has(&job, "fewer-than-needed", &[("decided", 1_u8.into()), ("end", End::Left.into())]);
}

#[test]
fn a_table_that_takes_what_calculation_does_not_is_told() {
    // 30 psf over 24 ft: the table takes 2-2x8 to 5'-9"; by calculation it bends too far there.
    let usual = RoofOnWall { attic_live: Pressure::psf(10.0), roof_dead: Pressure::psf(15.0), ..roof() };
    let mut job = job_of(OpeningKind::CasedOpening, Length::feet(5), carrying(&[Framing::Roof(usual)]));
    let design = &mut job.walls[0].openings[0].design;
    design.rough = Some(Size { width: Length::inches(69), height: Length::inches(80) });
    design.header = HeaderChoice::Chosen(spf(Depth::Eight));
    lacks(&job, &["calculation-disagrees"]);
    job.settings.school = School::CodeTable;
    has(&job, "calculation-disagrees", &[]);
}

/// Plates let down from so many feet to so many, a foot lower.
fn let_down(job: &mut Job, from: i64, to: i64) {
    let height = LetDownTo::OverPlates(job.walls[0].frame.height() - Length::inches(12));
    framing(job).let_downs = vec![LetDown { from: Length::feet(from), to: Length::feet(to), height, plates: 2 }];
}

#[test]
fn a_step_of_the_plates_keeps_out_of_openings_and_from_under_loads() {
    // The door's pack from 122 to 166; the step in its middle.
    let mut job = partition(OpeningKind::Door, 36);
    let_down(&mut job, 12, 17);
    has(&job, "plates-step-in-pack", &[("at", Length::inches(144).into()), ("by", Length::inches(22).into())]);
    let_down(&mut job, 14, 17);
    lacks(&job, &["plates-step-in-pack", "let-down-under-load"]);
    // Under plates let down to 80 in., their underside at 77, a door of 82 1/2 does not stand.
    let_down(&mut job, 8, 17);
    framing(&mut job).let_downs[0].height = LetDownTo::OverPlates(Length::inches(80));
    has(&job, "opening-too-tall", &[]);
    let mut job = roofed(36);
    let_down(&mut job, 2, 6);
    has(&job, "let-down-under-load", &[("by", Length::inches(12).into())]);
}

#[test]
fn a_board_stands_between_studs_and_not_behind_a_door() {
    let mut job = partition(OpeningKind::Door, 36);
    let board = |from: i64, to: i64| BackingBoard {
        name: "rail".into(),
        from: Length::inches(from),
        to: Length::inches(to),
        height: Length::inches(40),
        board: Depth::Six,
    };
    // Nothing but the doorway between 125 and 163.
    framing(&mut job).boards = vec![board(130, 158)];
    has(&job, "board-lost", &[("height", Length::inches(40).into())]);
    // The leaf of 36 in. reaches from 125 to 89.
    framing(&mut job).boards = vec![board(60, 110)];
    has(&job, "board-behind-door", &[("leaf", Length::inches(36).into())]);
    framing(&mut job).boards = vec![board(40, 85)];
    lacks(&job, &["board-lost", "board-behind-door"]);
}

#[test]
fn a_pipe_keeps_out_of_packs_and_asks_for_a_strap() {
    let mut job = partition(OpeningKind::Door, 36);
    let pipe = |inches: i64, width: Length| KeptClear {
        name: "drain".into(),
        at: Length::inches(inches),
        width,
        for_: ClearFor::Pipe,
    };
    // The door's pack begins at 122: 3 in. of pipe at 122 reach 1 1/2 into it.
    framing(&mut job).kept_clear = vec![pipe(122, Length::inches(3))];
    has(&job, "pipe-in-pack", &[("by", Length::inches_and(1, 1, 2).into())]);
    // 3 of 3 1/2 in. are more than half: a strap of 6 + 3 + 6. Studs bear nothing: 60 % of 3 1/2 is 2.1, notched 40 % is 1.4.
    framing(&mut job).kept_clear = vec![pipe(60, Length::inches(3))];
    has(&job, "plate-strap", &[("strap", Length::inches(15).into())]);
    has(
        &job,
        "studs-bored",
        &[("bored", Length::inches_and(2, 1, 16).into()), ("notched", Length::inches_and(1, 3, 8).into())],
    );
    framing(&mut job).kept_clear = vec![pipe(60, Length::inches_and(1, 1, 2))];
    lacks(&job, &["plate-strap", "pipe-in-pack"]);
    framing(&mut job).kept_clear = vec![pipe(60, Length::inches(4))];
    has(&job, "pipe-too-wide", &[("deep", Length::inches_and(3, 1, 2).into())]);
    // A tub wants 30 in. between studs; the layout leaves 14 1/2.
    let tub = KeptClear { name: "tub".into(), for_: ClearFor::Fixture, ..pipe(60, Length::inches(30)) };
    framing(&mut job).kept_clear = vec![tub];
    has(&job, "bay-too-wide", &[("clear", Length::inches_and(14, 1, 2).into())]);
    // A wall that bears: 40 % of 3 1/2 is 1.4, notched 25 % is 0.875.
    let mut job = roofed(36);
    framing(&mut job).kept_clear = vec![pipe(60, Length::inches(1))];
    has(
        &job,
        "studs-bored",
        &[("bored", Length::inches_and(1, 3, 8).into()), ("notched", Length::inches_and(0, 7, 8).into())],
    );
}

#[test]
fn a_partition_under_a_dropped_ceiling_hangs_free() {
    let mut job = partition(OpeningKind::Door, 36);
    lacks(&job, &["hangs-free"]);
    framing(&mut job).ceiling = CeilingOver::HangsFree;
    has(&job, "hangs-free", &[]);
}

/// Whoever adds a finding provokes it here or beside its wall.
#[test]
fn every_kind_of_finding_is_provoked() {
    let tests = [
        include_str!("conflicts.rs"),
        include_str!("every_wall.rs"),
        include_str!("houses.rs"),
        include_str!("limits.rs"),
        include_str!("load_path.rs"),
        include_str!("../src/framing/wall_plan/tests.rs"),
    ];
    let provoked = |code: &str| {
        tests.iter().any(|text| text.contains(&format!("\"{code}\"")) || text.contains(&format!("\"finding-{code}\"")))
    };
    let missing: Vec<&str> = CATALOG.iter().map(|rule| rule.code).filter(|code| !provoked(code)).collect();
    assert!(missing.is_empty(), "{missing:?}");
    for (index, rule) in CATALOG.iter().enumerate() {
        assert!(CATALOG[index + 1..].iter().all(|other| other.code != rule.code), "{} stands there twice", rule.code);
    }
}
