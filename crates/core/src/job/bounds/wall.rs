//! A wall: its frame, what it carries, what is in it.

use super::check::Checks;
use super::input::Input;
use super::refused::Within;
use super::{loads, opening};
use crate::job::rough_opening::RoughOpeningRules;
use crate::job::{
    CeilingOver, FramingOptions, LayoutStart, LetDownTo, OwnBreaks, PlateLap, Rake, Wall, WallFrame, WallHeight,
};
use crate::lumber::Depth;
use crate::measure::{End, Length};
use crate::say;
use crate::speech::distance;

/// The steepest rake: 24 in 12.
const STEEPEST: i64 = 2;

/// A whole wall, in a job with these rules.
pub(super) fn wall(checks: &mut Checks, wall: &Wall, rules: &RoughOpeningRules) {
    let length = wall.frame.length;
    frame(checks, &wall.frame);
    loads::carries(checks, &wall.carries, length);
    checks.count(Input::Openings, wall.openings.len());
    for (place, each) in wall.openings.iter().enumerate() {
        let within = Within::Opening { place, id: each.id, letter: each.letter };
        let taken =
            each.letter.filter(|letter| wall.openings[..place].iter().any(|other| other.letter == Some(*letter)));
        checks.within(within, |checks| {
            opening::opening(checks, each, length, rules);
            checks.follow(
                taken.is_none(),
                Input::OpeningLetter,
                || say!("given-again", letter = each.letter.unwrap_or_default().to_string()).into(),
                || say!("allowed-letter"),
            );
        });
    }
    checks.count(Input::PointLoads, wall.point_loads.len());
    for (place, load) in wall.point_loads.iter().enumerate() {
        let within = Within::PointLoad { place, id: load.id, name: load.name.clone() };
        checks.within(within, |checks| loads::point_load(checks, load, length));
    }
}

pub(super) fn frame(checks: &mut Checks, frame: &WallFrame) {
    checks.text(Input::WallName, &frame.name);
    checks.length(Input::WallLength, frame.length);
    height(checks, frame);
    checks.length(Input::StudSpacing, frame.spacing);
    adjoining(checks, Input::StudDepth, frame.stud.depth);
    framing(checks, &frame.framing, frame);
}

fn height(checks: &mut Checks, frame: &WallFrame) {
    let before = checks.found();
    match frame.height {
        WallHeight::OverPlates(_) => {}
        WallHeight::Studs(stud) => checks.length(Input::StudLength, stud),
        WallHeight::Room(room) => {
            checks.length(Input::RoomLeft, room.left);
            checks.length(Input::RoomRight, room.right);
            checks.length(Input::Clearance, room.clearance);
        }
        WallHeight::Rake(given) => rake(checks, given, frame),
    }
    // What follows from a height that is wrong already is not named a second time.
    if checks.found() == before {
        checks.length(Input::WallHeight, frame.height());
    }
}

fn rake(checks: &mut Checks, rake: Rake, frame: &WallFrame) {
    let before = checks.found();
    checks.length(Input::RakeLeft, rake.left);
    checks.length(Input::RakeRight, rake.right);
    if let Some((at, height)) = rake.peak {
        checks.on_wall(Input::PeakAt, at, frame.length);
        checks.length(Input::PeakHeight, height);
        let ends = rake.left.max(rake.right);
        checks.follow(ends <= height, Input::PeakHeight, || distance(height), || say!("allowed-peak"));
    }
    if checks.found() != before {
        return;
    }
    for [(x0, y0), (x1, y1)] in frame.top_lines() {
        let (rise, run) = ((y1 - y0).abs(), x1 - x0);
        checks.follow(
            rise <= run * STEEPEST,
            Input::RakeRise,
            || say!("given-slope", rise = distance(rise), run = distance(run)).into(),
            || say!("allowed-slope", rise = STEEPEST * 12),
        );
    }
}

fn framing(checks: &mut Checks, options: &FramingOptions, frame: &WallFrame) {
    checks.length(Input::PlateStock, options.plate_stock);
    checks.length(Input::BreaksApart, options.breaks_apart);
    checks.maybe(Input::SheathingThickness, options.sheathing.map(|sheathing| sheathing.thickness));
    if let LayoutStart::NeighborFace(depth) = options.layout_start {
        adjoining(checks, Input::LayoutStart, depth);
    }
    for end in End::BOTH {
        if let PlateLap::HeldBack(depth) | PlateLap::RunsOver(depth) = *options.laps.at(end) {
            checks.within(Within::Lap(end), |checks| adjoining(checks, Input::Lap, depth));
        }
    }
    checks.maybe(Input::Bolts, options.bolts);
    checks.count(Input::BlockingRows, options.blocking.len());
    let (least, most) = (frame.thickness() * 2, frame.height() - frame.thickness() * 3);
    for (place, row) in options.blocking.iter().enumerate() {
        checks.within(Within::BlockingRow(place), |checks| {
            checks.follow(
                (least..=most).contains(row),
                Input::Blocking,
                || distance(row),
                || say!("range", least = distance(least), most = distance(most)),
            );
        });
    }
    let_downs(checks, frame);
    checks.count(Input::Boards, options.boards.len());
    for (place, board) in options.boards.iter().enumerate() {
        checks.within(Within::Board(place), |checks| {
            checks.text(Input::BoardName, &board.name);
            checks.on_wall(Input::BoardFrom, board.from, frame.length);
            let fine = board.from < board.to && board.to <= frame.length;
            checks.follow(
                fine,
                Input::BoardTo,
                || distance(board.to),
                || say!("allowed-beyond-on-the-wall", least = distance(board.from), most = distance(frame.length)),
            );
            let half = frame.sawn.depth(board.board).half();
            let (least, most) = (frame.thickness() + half, frame.height() - frame.thickness() * 2 - half);
            checks.follow(
                (least..=most).contains(&board.height),
                Input::BoardHeight,
                || distance(board.height),
                || say!("range", least = distance(least), most = distance(most)),
            );
        });
    }
    if let CeilingOver::JoistsAlong { clear, every } = options.ceiling {
        checks.length(Input::CeilingClear, clear);
        checks.length(Input::CeilingEvery, every);
    }
    checks.count(Input::KeptClear, options.kept_clear.len());
    for (place, each) in options.kept_clear.iter().enumerate() {
        checks.within(Within::KeptClear(place), |checks| {
            checks.text(Input::KeptClearName, &each.name);
            checks.length(Input::KeptClearWidth, each.width);
            // The studs at the wall's ends stay.
            let from_end = frame.thickness() + each.width.half();
            let (least, most) = (from_end, frame.length - from_end);
            checks.follow(
                (least..=most).contains(&each.at),
                Input::KeptClearAt,
                || distance(each.at),
                || say!("range", least = distance(least), most = distance(most)),
            );
        });
    }
    checks.count(Input::CastBolts, options.cast_bolts.len());
    for (place, bolt) in options.cast_bolts.iter().enumerate() {
        checks.within(Within::CastBolt(place), |checks| checks.on_wall(Input::CastBolt, *bolt, frame.length));
    }
    if let Some(own) = &options.own_breaks {
        own_breaks(checks, own, frame.length);
    }
    checks.count(Input::PanelEnds, options.panel_ends.len());
    for (place, at) in options.panel_ends.iter().enumerate() {
        checks.within(Within::PanelEnd(place), |checks| checks.on_wall(Input::PanelEnd, *at, frame.length));
    }
    checks.count(Input::Partitions, options.partitions.len());
    for (place, partition) in options.partitions.iter().enumerate() {
        checks.within(Within::Partition(place), |checks| {
            adjoining(checks, Input::PartitionDepth, partition.depth);
            checks.on_wall(Input::PartitionAt, partition.at, frame.length);
        });
    }
}

/// The shortest studs under plates that are let down.
const SHORTEST_STUDS: Length = Length::inches(12);

/// Stretches over which the plates are let down, from left to right, with room for the studs of their steps.
fn let_downs(checks: &mut Checks, frame: &WallFrame) {
    let all = &frame.framing.let_downs;
    checks.count(Input::LetDowns, all.len());
    let room = frame.thickness() * 2;
    let mut before: Option<Length> = None;
    for (place, each) in all.iter().enumerate() {
        checks.within(Within::LetDown(place), |checks| {
            let (least, most) = (before.unwrap_or(Length::ZERO), frame.length - room);
            let from = (place == 0 && each.from == Length::ZERO) || least + room <= each.from;
            checks.follow(
                from && each.from <= most,
                Input::LetDownFrom,
                || distance(each.from),
                || say!("allowed-step", least = distance(least), most = distance(most), room = distance(room)),
            );
            let (least, most) = (each.from + room, frame.length);
            checks.follow(
                each.to == most || (least..=most - room).contains(&each.to),
                Input::LetDownTo,
                || distance(each.to),
                || say!("allowed-step", least = distance(least), most = distance(most), room = distance(room)),
            );
            if let LetDownTo::Under { measured, clearance } = each.height {
                checks.length(Input::LetDownMeasured, measured);
                checks.length(Input::LetDownClearance, clearance);
            }
            checks.count(Input::LetDownPlates, usize::from(each.plates));
            // What was written is named, and held to what it may be as it was written.
            let (input, given, left) = match each.height {
                LetDownTo::OverPlates(height) => (Input::LetDownHeight, height, Length::ZERO),
                LetDownTo::Under { measured, clearance } => (Input::LetDownMeasured, measured, clearance),
            };
            let least = SHORTEST_STUDS + frame.thickness() * 3 + left;
            let most = frame.height() - frame.thickness() + left;
            checks.follow(
                frame.rake().is_none() && (least..=most).contains(&given),
                input,
                || distance(given),
                || say!("allowed-let-down", least = distance(least), most = distance(most)),
            );
        });
        before = Some(each.to);
    }
}

fn own_breaks(checks: &mut Checks, own: &OwnBreaks, wall_length: Length) {
    type Step = fn(usize) -> Within;
    let plates: [(&[Length], Step); 2] = [(&own.lower, Within::LowerBreak), (&own.upper, Within::UpperBreak)];
    for (breaks, step) in plates {
        checks.count(Input::PlateBreaks, breaks.len());
        let mut from = Length::ZERO;
        for (place, at) in breaks.iter().enumerate() {
            let fine = from < *at && *at < wall_length;
            checks.within(step(place), |checks| {
                checks.follow(fine, Input::PlateBreak, || distance(at), || say!("allowed-breaks"));
            });
            from = *at;
        }
    }
}

/// Studs as walls have them.
fn adjoining(checks: &mut Checks, input: Input, depth: Depth) {
    let fine = matches!(depth, Depth::Four | Depth::Six | Depth::Eight);
    checks.follow(fine, input, || depth.nominal().into(), || say!("allowed-depth"));
}
