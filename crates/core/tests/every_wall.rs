//! What holds for every wall that can be framed: no two members share a place, nothing under a plate is farther apart than the
//! layout, every upright bears on something, heights add up to the wall's, the tape's readings add up to its length, and marks and
//! members belong to each other one to one.

mod common;

use common::pieces::members_are_pieces;
use common::{carrying, in_a_town, job_of, roof};
use proptest::prelude::*;
use sturvek_core::cutting::pieces::pieces_of_job;
use sturvek_core::finding::Severity;
use sturvek_core::framing::judgment::works;
use sturvek_core::framing::{
    Mark, MarkKind, Member, OpeningOutcome, OpeningPlan, PlatesMarked, Role, WallPlan, plan_wall_as_said,
};
use sturvek_core::job::{
    Backing, BackingBoard, CeilingOver, ClearFor, HeaderPlace, Job, KeptClear, LayoutStart, LetDown, LetDownTo,
    MeasuredRoom, Opening, OpeningDesign, OpeningId, OpeningKind, Partition, PlateLap, Rake, Sawn, SillStyle, Size,
    Underside, WallEnd, WallFrame, WallHeight, bounds, usual_sizes,
};
use sturvek_core::loads::{Framing, WallCarries};
use sturvek_core::lumber::{Depth, Grade};
use sturvek_core::measure::{End, Ends, Length};
use sturvek_core::plan::JobPlan;
use sturvek_core::sizing::verdict::Verdict;
use sturvek_core::speech::Argument;

fn any_length(least: i64, most: i64) -> impl Strategy<Value = Length> {
    (least * 16..most * 16).prop_map(|sixteenths| Length::inches_and(0, sixteenths, 16))
}

fn any_height() -> impl Strategy<Value = WallHeight> {
    let inches = || 90_i64..150;
    prop_oneof![
        any_length(90, 150).prop_map(WallHeight::OverPlates),
        prop::sample::select(vec![92_i64, 104, 116]).prop_map(|stud| WallHeight::Studs(Length::inches_and(stud, 5, 8))),
        (any_length(90, 130), any_length(90, 130))
            .prop_map(|(left, right)| { WallHeight::Room(MeasuredRoom { left, right, clearance: Length::inches(1) }) }),
        (inches(), inches()).prop_map(|(left, right)| {
            WallHeight::Rake(Rake { left: Length::inches(left), right: Length::inches(right), peak: None })
        }),
        (inches(), 10_i64..90).prop_map(|(eaves, rise)| {
            let peak = Some((Length::feet(9), Length::inches(eaves + rise)));
            WallHeight::Rake(Rake { left: Length::inches(eaves), right: Length::inches(eaves), peak })
        }),
    ]
}

prop_compose! {
    fn any_frame()(
        feet in 14_i64..44,
        height in any_height(),
        metric in any::<bool>(),
        spacing in prop::sample::select(vec![
            Length::inches(12), Length::inches(16), Length::inches_and(19, 1, 5), Length::inches(24),
            Length::millimeters(450), Length::millimeters(600),
        ]),
        depth in prop::sample::select(vec![Depth::Four, Depth::Six, Depth::Eight]),
        from_right in any::<bool>(),
        neighbor in any::<bool>(),
        ends in (0..4, 0..4),
        laps in (0..3, 0..3),
        crossing in prop::collection::vec((any_length(20, 500), any::<bool>(), any::<bool>()), 0..3),
        bolts in any::<bool>(),
        rows in prop::collection::vec(any_length(12, 80), 0..3),
        let_down in prop::option::of((prop_oneof![Just(Length::ZERO), any_length(4, 200)], any_length(6, 120), any_length(2, 40), 1_u8..3)),
        boards in prop::collection::vec((any_length(0, 100), any_length(10, 200), any_length(12, 80)), 0..3),
        along in any::<bool>(),
        clear in prop::collection::vec((any_length(10, 400), any_length(1, 10), any::<bool>()), 0..3),
    ) -> WallFrame {
        let end = |pick: i32| {
            [WallEnd::Plain, WallEnd::ThreeStudCorner, WallEnd::TwoStudCorner, WallEnd::ThreePieceCorner][pick as usize]
        };
        let lap = |pick: i32| [PlateLap::Flush, PlateLap::HeldBack(depth), PlateLap::RunsOver(depth)][pick as usize];
        let length = Length::feet(feet);
        let mut frame = WallFrame { length, height, spacing, ..WallFrame::usual("any") };
        frame.sawn = if metric { Sawn::Millimeters } else { Sawn::Inches };
        frame.stud.depth = depth;
        // Stud grade ends at 2x6.
        frame.stud.grade = Grade::Number2;
        let options = &mut frame.framing;
        options.layout_from = if from_right { End::Right } else { End::Left };
        options.layout_start = if neighbor { LayoutStart::NeighborFace(depth) } else { LayoutStart::WallEnd };
        options.ends = Ends { left: end(ends.0), right: end(ends.1) };
        options.laps = Ends { left: lap(laps.0), right: lap(laps.1) };
        options.partitions = crossing
            .into_iter()
            .filter(|(at, ..)| *at < length)
            .map(|(at, ladder, laps_in)| {
                let backing = if ladder { Backing::LadderBlocks } else { Backing::Channel };
                Partition { at, depth: Depth::Four, backing, laps_in }
            })
            .collect();
        options.bolts = bolts.then_some(Length::feet(6));
        options.blocking = rows;
        options.boards = boards
            .into_iter()
            .map(|(from, long, height)| BackingBoard {
                name: "rail".into(),
                from,
                to: (from + long).min(length),
                height,
                board: Depth::Six,
            })
            .collect();
        frame.framing.kept_clear = clear
            .into_iter()
            .map(|(at, width, pipe)| {
                let for_ = if pipe { ClearFor::Pipe } else { ClearFor::Fixture };
                KeptClear { name: "run".into(), at: at.min(length - width), width, for_ }
            })
            .collect();
        if along {
            frame.framing.ceiling = CeilingOver::JoistsAlong { clear: Length::inches(22), every: Length::inches(24) };
        }
        if let (Some((from, long, by, plates)), None) = (let_down, frame.rake()) {
            let to = if length - Length::inches(6) < from + long { length } else { from + long };
            let height = LetDownTo::OverPlates(frame.height() - by);
            frame.framing.let_downs = vec![LetDown { from, to, height, plates }];
        }
        frame
    }
}

prop_compose! {
    fn any_design()(
        kind in prop::sample::select(OpeningKind::ALL.to_vec()),
        width in any_length(8, 80),
        height in any_length(20, 50),
        sill in any_length(6, 44),
        hung in any::<bool>(),
        nailer in any::<bool>(),
        style in prop::sample::select(vec![
            SillStyle::Single, SillStyle::Double, SillStyle::Sloped(Length::inches_and(0, 1, 2)),
        ]),
        place in 0.2_f64..0.8,
        later in prop::bool::weighted(0.2),
    ) -> (OpeningDesign, f64) {
        let width = width.max(usual_sizes::of_kind(kind).0.least);
        let size = if kind.reaches_the_floor() { Size { width, height: Length::inches(80) } } else { Size { width, height } };
        let mut design = OpeningDesign::usual(kind, size);
        design.sill = if kind.reaches_the_floor() { Length::ZERO } else { sill };
        design.place = if hung { HeaderPlace::AtHeadHeight } else { HeaderPlace::TightToPlates };
        design.underside = if nailer { Underside::FlatNailer } else { Underside::Bare };
        design.sill_style = style;
        design.cut_out_later = later;
        (design, place)
    }
}

/// A job of one such wall, its openings spread over its length.
fn job(frame: WallFrame, designs: Vec<(OpeningDesign, f64)>, bears: bool) -> Job {
    let carries = if bears { carrying(&[Framing::Roof(roof())]) } else { WallCarries::Nothing };
    let mut job = job_of(OpeningKind::Door, Length::inches(36), carries);
    let slot = frame.length / (designs.len().max(1) as i64);
    let placed = |(index, (design, place)): (usize, (OpeningDesign, f64))| {
        let within = Length::inches_and(0, (slot.to_inches() * place * 16.0) as i64, 16);
        Opening::new(OpeningId(index as u128), OpeningDesign { center: slot * index as i64 + within, ..design })
    };
    job.walls[0].openings = designs.into_iter().enumerate().map(placed).collect();
    job.walls[0].frame = frame;
    job.settings.wind = in_a_town();
    job
}

fn meets_top(member: &Member) -> bool {
    matches!(member.meets, Some(PlatesMarked::Top | PlatesMarked::Both))
}

/// Whether a mark is an upright's: pipes and backing have marks of their own.
fn of_a_stud(mark: &&Mark) -> bool {
    !matches!(mark.kind, MarkKind::Pipe | MarkKind::Backing)
}

/// Marks and members, one to one.
fn marks_and_members(plan: &WallPlan) -> Result<(), TestCaseError> {
    for mark in plan.marks.iter().filter(of_a_stud) {
        let its_own = |member: &&Member| {
            member.role.stands()
                && (member.rect.x, member.rect.width, member.meets) == (mark.at, mark.width, Some(mark.on))
                && member.opening == mark.opening
        };
        prop_assert_eq!(plan.members.iter().filter(its_own).count(), 1, "{:?}", mark);
    }
    let standing = plan.members.iter().filter(|member| member.role.stands() && member.meets.is_some()).count();
    prop_assert_eq!(plan.marks.iter().filter(of_a_stud).count(), standing);
    Ok(())
}

/// The pieces of the sole plate and of the lower top plate, laid end to end, are the wall's length; so are the steps from mark
/// to mark.
fn the_tape_adds_up(plan: &WallPlan, frame: &WallFrame) -> Result<(), TestCaseError> {
    let level = |roles: &[Role]| -> Length {
        plan.members.iter().filter(|member| roles.contains(&member.role)).map(|member| member.rect.width).sum()
    };
    // Where a pipe takes more than half of its width the sole plate is cut on both sides of it.
    let pipes = frame.framing.kept_clear.iter();
    let cut = pipes.filter(|each| each.for_ == ClearFor::Pipe && frame.depth() < each.width * 2).map(KeptClear::edges);
    let mut cut: Vec<(Length, Length)> = cut.collect();
    cut.sort_unstable();
    let (mut lost, mut reached) = (Length::ZERO, Length::ZERO);
    for (from, to) in cut {
        lost += (to - from.max(reached)).max(Length::ZERO);
        reached = reached.max(to);
    }
    prop_assert_eq!(level(&[Role::SolePlate, Role::SolePlateCutLast]) + lost, frame.length);
    prop_assert_eq!(level(&[Role::TopPlate]), frame.length);
    let uprights = plan.marks.iter().filter(of_a_stud);
    let on_sole: Vec<Length> = uprights.filter(|mark| mark.on.sole()).map(|mark| mark.at).collect();
    let steps: Length = on_sole.windows(2).map(|pair| pair[1] - pair[0]).sum();
    let Some(last) = on_sole.last().copied() else {
        // Openings from end to end, none of which has a number: nothing is drawn.
        let without_number = |plan: &OpeningPlan| matches!(plan.outcome, OpeningOutcome::Outside(_));
        prop_assert!(plan.openings.iter().any(without_number), "no stud stands on the plate");
        return Ok(());
    };
    prop_assert_eq!(on_sole[0] + steps + (frame.length - last), frame.length);
    Ok(())
}

/// *Carries* stands over what works below 90 % and whose load nothing stops, *barely* up to its limit, and neither over anything else.
fn the_word_is_true(plan: &WallPlan) -> Result<(), TestCaseError> {
    for opening in &plan.openings {
        let hardest = works(opening).first().map_or(0.0, |work| work.ratio);
        let stopped = plan.findings.iter().any(|finding| finding.stops(opening.id));
        let (least, most) = match opening.verdict {
            Verdict::Carries => (0.0, 0.9),
            Verdict::CarriesBarely => (0.9, 1.0),
            Verdict::OnlyTheTable => (1.0, f64::INFINITY),
            Verdict::DoesNotCarry | Verdict::AskAnEngineer => continue,
        };
        prop_assert!(!stopped && (least..=most).contains(&hardest), "{:?} at {hardest}", opening.verdict);
    }
    Ok(())
}

fn no_two_in_one_place(plan: &WallPlan) -> Result<(), TestCaseError> {
    for (index, member) in plan.members.iter().enumerate() {
        prop_assert!(Length::ZERO < member.rect.width && Length::ZERO < member.rect.height, "{:?}", member);
        for other in &plan.members[index + 1..] {
            prop_assert!(!member.overlaps(other), "{:?}\n{:?}", member, other);
        }
    }
    Ok(())
}

/// No stud stands in what is kept clear.
fn clear_is_clear(plan: &WallPlan, frame: &WallFrame) -> Result<(), TestCaseError> {
    for (left, right) in frame.framing.kept_clear.iter().map(KeptClear::edges) {
        let full = |member: &&Member| member.meets == Some(PlatesMarked::Both);
        for upright in plan.members.iter().filter(full) {
            prop_assert!(upright.rect.right() <= left || right <= upright.rect.x, "{:?}", upright);
        }
    }
    Ok(())
}

/// Every upright stands on something, and ends under something, to a pencil line on a slope.
fn everything_bears(plan: &WallPlan) -> Result<(), TestCaseError> {
    let pencil = Length::inches_and(0, 1, 32);
    for upright in plan.members.iter().filter(|member| member.role.stands()) {
        let shares = |other: &&Member| other.rect.x < upright.rect.right() && upright.rect.x < other.rect.right();
        let stands_on = |other: &Member| !other.role.stands() && other.rect.top() == upright.rect.y;
        prop_assert!(plan.members.iter().filter(shares).any(stands_on), "stands on nothing: {:?}", upright);
        let plate_over = |other: &Member| {
            other.role.is_top_plate()
                && other.rect.y <= upright.rect.top() + pencil
                && upright.rect.top() <= other.rect.top()
        };
        let ends_under = |other: &Member| other.rect.y == upright.rect.top() || plate_over(other);
        let may_end_free = matches!(upright.role, Role::BayFiller);
        prop_assert!(
            may_end_free || plan.members.iter().filter(shares).any(ends_under),
            "ends under nothing: {:?}\n{:?}",
            upright,
            plan.openings
        );
    }
    Ok(())
}

/// Under the lower top plate no gap between what holds it up is wider than the layout.
fn gaps_within_layout(plan: &WallPlan, frame: &WallFrame) -> Result<(), TestCaseError> {
    let tight = |member: &Member| {
        let under = frame.lowest_under_plates(member.rect.x, member.rect.right());
        matches!(member.role, Role::Header | Role::HeadPacking | Role::FlatHead) && member.rect.top() == under
    };
    let mut held: Vec<(Length, Length)> = plan
        .members
        .iter()
        .filter(|member| (member.role.stands() && meets_top(member)) || tight(member))
        .map(|member| (member.rect.x, member.rect.right()))
        .collect();
    held.sort_unstable();
    prop_assert_eq!(held[0].0, Length::ZERO);
    let mut reached = held[0].1;
    for (from, to) in held {
        prop_assert!(from - reached <= frame.spacing, "{from:?} after {reached:?}");
        reached = reached.max(to);
    }
    prop_assert_eq!(reached, frame.length);
    Ok(())
}

/// Every layer between subfloor and the top of the wall adds up, and so does every full-height upright with its plates.
fn heights_add_up(plan: &WallPlan, frame: &WallFrame) -> Result<(), TestCaseError> {
    for opening in &plan.openings {
        prop_assert_eq!(opening.stack.total(), frame.top_at(opening.design.center));
    }
    let full = plan.members.iter().filter(|member| member.meets == Some(PlatesMarked::Both));
    for upright in full {
        let (x, right) = (upright.rect.x, upright.rect.right());
        if frame.rake().is_none() {
            prop_assert_eq!(frame.thickness() + upright.cut, frame.lowest_under_plates(x, right));
            continue;
        }
        let long = if frame.peak_between(x, right) { Length::min } else { Length::max };
        let ends = (frame.under_plates_from(x), frame.top_at(right) - frame.plate_rise_at(right) * 2);
        prop_assert_eq!(frame.thickness() + upright.cut, long(ends.0, ends.1));
    }
    Ok(())
}

proptest! {
    #![proptest_config(ProptestConfig { cases: 500, ..ProptestConfig::default() })]
    #[test]
    fn every_wall_can_be_nailed_as_it_is_drawn(
        frame in any_frame(),
        designs in prop::collection::vec(any_design(), 0..4),
        bears in any::<bool>(),
    ) {
        prop_assume!(bounds::wall_frame(&frame).is_ok());
        let job = job(frame, designs, bears);
        let frame = &job.walls[0].frame;
        let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
        let whole = JobPlan::of(job.clone());
        members_are_pieces(&whole, &pieces_of_job(&whole));
        heights_add_up(&plan, frame)?;
        marks_and_members(&plan)?;
        the_word_is_true(&plan)?;
    the_tape_adds_up(&plan, frame)?;
        // What cannot be built is drawn as it is described, and says so; two crossing walls may meet in one place.
        let trouble = plan.findings.iter().any(|finding| finding.rule.severity == Severity::Trouble);
        if trouble {
            return Ok(());
        }
        no_two_in_one_place(&plan)?;
        clear_is_clear(&plan, frame)?;
        // Without a number nothing is drawn over the opening.
        let no_number = plan.openings.iter().any(|plan| matches!(plan.outcome, OpeningOutcome::Outside(_)));
        if !no_number {
            everything_bears(&plan)?;
            // What is kept clear may be wider than the layout, and says so.
            if !plan.findings.iter().any(|finding| finding.rule.code == "bay-too-wide") {
                gaps_within_layout(&plan, frame)?;
            }
        }
    }
}

/// What begins at a peak whose sides climb differently ends under the side that begins there: 9 ft up 34 in. on one side, 21 ft down on the other. Two plates
/// of 1 1/2 in. take 3 9/64 in. upright on the left (slope 0.315) and 3 2/64 on the right (0.135).
#[test]
fn what_begins_at_a_peak_ends_under_the_side_that_begins_there() {
    let peak = Some((Length::feet(9), Length::inches(124)));
    let rake = Rake { left: Length::inches(90), right: Length::inches(90), peak };
    let frame = WallFrame { length: Length::feet(30), height: WallHeight::Rake(rake), ..WallFrame::usual("gable") };
    let over = |under: Length| (Length::inches(124) - under).to_inches() * 64.0;
    assert_eq!(over(frame.under_plates_at(Length::feet(9))).round() as i64, 3 * 64 + 10);
    assert_eq!(over(frame.under_plates_from(Length::feet(9))).round() as i64, 3 * 64 + 2);
}

#[test]
fn a_break_decided_over_a_header_is_found_and_drawn() {
    let mut job = job_of(OpeningKind::Door, Length::inches(36), carrying(&[Framing::Roof(roof())]));
    let lower = vec![Length::feet(12)];
    job.walls[0].frame.framing.own_breaks = Some(sturvek_core::job::OwnBreaks { lower, upper: vec![Length::feet(14)] });
    let plan = plan_wall_as_said(&job.rules(), &job.walls[0]);
    let found = |code: &str| plan.findings.iter().find(|found| found.rule.code == code).expect("found");
    let over = found("break-over-opening");
    assert_eq!((over.place.opening, over.place.at), (Some(OpeningId(1)), Some(Length::feet(12))));
    let near = found("breaks-too-near");
    assert_eq!(near.phrase.argument("apart"), Some(&Argument::Distance(Length::feet(2))));
    assert_eq!(near.phrase.argument("wanted"), Some(&Argument::Distance(Length::feet(4))));
    assert_eq!(plan.members.iter().filter(|member| member.role == Role::TopPlate).count(), 2);
}
