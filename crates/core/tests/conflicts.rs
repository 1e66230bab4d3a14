//! Conflicts provoked one by one, each with its number, and gone when one of its ways out is taken.

mod common;

use common::{carrying, job_of, roof};
use sturvek_core::framing::{Finding, Severity, plan_wall};
use sturvek_core::job::{
    FramingOptions, HeadLine, HeaderChoice, Job, MeasuredRoom, Opening, OpeningId, OpeningKind, OwnBreaks, Partition,
    Rake, Room, Size, WallEnd, WallHeight,
};
use sturvek_core::loads::{Framing, WallCarries};
use sturvek_core::lumber::{Depth, EngineeredClass, HeaderBoard, HeaderSpec};
use sturvek_core::measure::{End, Length};

const OPENING: OpeningId = OpeningId(1);

fn found(job: &Job) -> Vec<Finding> {
    plan_wall(job, &job.walls[0]).findings
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
