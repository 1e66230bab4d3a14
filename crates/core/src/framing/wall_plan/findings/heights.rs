//! Heights: the stack, the line of heads, sills over counters and in bedrooms, and the room the wall is tipped up in.

use super::super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::super::super::stack::{SHORTEST_CRIPPLE, StackPart};
use super::super::super::tip_up::{Swing, swing};
use super::planned::Planned;
use crate::finding::{Finding, Rule};
use crate::job::command::Command;
use crate::job::{
    HeadLine, HeaderPlace, MeasuredRoom, OpeningDesign, OpeningKind, Room, Settings, Underside, Wall, WallFrame,
    WallHeight,
};
use crate::measure::{End, Length};
use crate::say;
use crate::speech::Argument;

/// The header is deeper than its room.
pub(super) static HEADER_TOO_DEEP: Rule = Rule::trouble("header-too-deep").stopping_the_load();
/// A cripple too short to nail.
pub(super) static CRIPPLE_TOO_SHORT: Rule = Rule::trouble("cripple-too-short");
/// The opening is taller than the wall.
pub(super) static OPENING_TOO_TALL: Rule = Rule::trouble("opening-too-tall").stopping_the_load();
/// Its head is off the line of the others.
pub(super) static HEAD_OFF_LINE: Rule = Rule::caution("head-off-line");
/// A kitchen window's sill lies lower than the counter's backsplash ends.
pub(super) static SILL_IN_BACKSPLASH: Rule = Rule::caution("sill-in-backsplash");
/// A bedroom's window has to be one to escape by.
pub(super) static ESCAPE_WINDOW: Rule = Rule::note("escape-window");
/// Its sill is too high to escape over.
pub(super) static ESCAPE_SILL_HIGH: Rule = Rule::caution("escape-sill-high");
/// The whole unit is smaller than the clear opening that is asked for.
pub(super) static ESCAPE_TOO_SMALL: Rule = Rule::trouble("escape-too-small");
/// A bathroom's window.
pub(super) static BATHROOM_SILL: Rule = Rule::note("bathroom-sill");
/// Framed flat, the wall is taller than the room while it is tipped up.
pub(super) static TIP_UP: Rule = Rule::trouble("tip-up");
/// Floor or ceiling are not even.
pub(super) static UNEVEN_ROOM: Rule = Rule::note("uneven-room");

/// Escape windows: the least clear area in square feet. Source: IRC 2021 R310.2, from memory, as are the next three.
const ESCAPE_AREA: f64 = 5.7;
/// The least clear width.
const ESCAPE_WIDTH: Length = Length::inches(20);
/// The least clear height.
const ESCAPE_HEIGHT: Length = Length::inches(24);
/// The highest sill above the floor.
const ESCAPE_SILL: Length = Length::inches(44);

/// Sills of bathrooms are usually no lower. Common practice, no source.
const USUAL_BATHROOM_SILL: Length = Length::inches(48);

pub(super) fn of_opening(planned: &Planned<'_>, plan: &OpeningPlan) -> Vec<Finding> {
    let mut findings = of_stack(plan);
    findings.extend(under_the_rake(&planned.wall.frame, plan));
    findings.extend(head_line(planned, plan));
    findings.extend(sill(planned.rules.settings, plan));
    findings
}

fn of_stack(plan: &OpeningPlan) -> Vec<Finding> {
    let found = |what, height: Length| match what {
        StackPart::CrippleAbove | StackPart::PackingStrip | StackPart::OpenAbove if height < Length::ZERO => {
            let by = -height;
            Some(if matches!(plan.outcome, OpeningOutcome::Header(_)) {
                header_too_deep(plan, by)
            } else {
                opening_too_tall(plan, by)
            })
        }
        StackPart::CrippleAbove if height < SHORTEST_CRIPPLE => Some(cripple_too_short(plan, height)),
        _ => None,
    };
    plan.stack.lines.iter().filter_map(|line| found(line.what, line.height)).collect()
}

/// The edit that changes the opening's design.
fn changed(plan: &OpeningPlan, change: impl FnOnce(&mut OpeningDesign)) -> Command {
    let mut design = plan.design;
    change(&mut design);
    Command::ChangeOpening { opening: plan.id, design }
}

/// The edit that moves the sill up, or down where negative, where it stays on or above the floor.
fn sill_moved(plan: &OpeningPlan, by: Length) -> Option<Command> {
    let sill = plan.design.sill + by;
    let movable = plan.design.kind == OpeningKind::Window && Length::ZERO < sill;
    movable.then(|| changed(plan, |design| design.sill = sill))
}

fn header_too_deep(plan: &OpeningPlan, by: Length) -> Finding {
    let found = HEADER_TOO_DEEP.at(plan.id, say!("finding-header-too-deep", by)).way(say!("way-shallower-header"));
    let found = match sill_moved(plan, -by) {
        Some(lower) => found.way_by(say!("way-lower-the-head-by", by), lower),
        None => found.way(say!("way-lower-the-head")),
    };
    if plan.design.underside == Underside::FlatNailer {
        let bare = changed(plan, |design| design.underside = Underside::Bare);
        return found.way_by(say!("way-without-flat-nailer"), bare);
    }
    found
}

fn opening_too_tall(plan: &OpeningPlan, by: Length) -> Finding {
    let found = OPENING_TOO_TALL.at(plan.id, say!("finding-opening-too-tall", by));
    let found = match sill_moved(plan, -by) {
        Some(lower) => found.way_by(say!("way-lower-the-sill-by", by), lower),
        None => found,
    };
    found.way(say!("way-shorter-unit"))
}

fn cripple_too_short(plan: &OpeningPlan, length: Length) -> Finding {
    let found = CRIPPLE_TOO_SHORT.at(plan.id, say!("finding-cripple-too-short", length));
    let found = found.way(say!("way-deeper-or-shallower-header"));
    let tight = changed(plan, |design| design.place = HeaderPlace::TightToPlates);
    found.way_by(say!("way-tight-to-the-plates"), tight).way(say!("way-change-the-head-height"))
}

/// Under a rake the corner where the plates are lowest decides, not the middle that the stack is read at.
fn under_the_rake(frame: &WallFrame, plan: &OpeningPlan) -> Option<Finding> {
    frame.rake()?;
    let bridged = plan.stack.part(StackPart::Header).or_else(|| plan.stack.part(StackPart::FlatHead))?;
    let top = bridged.from + bridged.height;
    let right = plan.header_left() + plan.header_length();
    let at_the_corner = frame.lowest_under_plates(plan.header_left(), right) - top;
    let at_the_middle = frame.under_plates_at(plan.design.center) - top;
    if at_the_middle < SHORTEST_CRIPPLE {
        // The stack says so already.
        None
    } else if at_the_corner < Length::ZERO {
        Some(header_too_deep(plan, -at_the_corner))
    } else {
        let short = at_the_corner < SHORTEST_CRIPPLE;
        short.then(|| cripple_too_short(plan, at_the_corner))
    }
}

/// Heads are meant to line up: the line is the one that most keep; the lowest of those where several are kept alike.
fn head_line(planned: &Planned<'_>, plan: &OpeningPlan) -> Option<Finding> {
    // An overhead door has its own head.
    let lines_up = |plan: &&OpeningPlan| plan.design.kind != OpeningKind::OverheadDoor;
    let on_purpose = planned.wall.frame.framing.heads == HeadLine::OnPurpose;
    let head = |plan: &OpeningPlan| as_a_door_head(planned.rules.settings, plan);
    let heads: Vec<Length> = planned.openings.iter().filter(lines_up).map(head).collect();
    if on_purpose || heads.len() < 2 || !lines_up(&plan) {
        return None;
    }
    let kept = |line: &Length| heads.iter().filter(|head| *head == line).count();
    let line = *heads.iter().max_by_key(|line| (kept(line), -**line))?;
    let by = head(plan) - line;
    if by == Length::ZERO {
        return None;
    }
    let phrase = if Length::ZERO < by {
        say!("finding-head-above-line", by, line)
    } else {
        say!("finding-head-below-line", by = -by, line)
    };
    let found = HEAD_OFF_LINE.at(plan.id, phrase);
    let found = match sill_moved(plan, -by) {
        Some(lined_up) => found.way_by(say!("way-line-up-the-heads", by = by.abs()), lined_up),
        None => found.way(say!("way-set-the-sill-so-that-heads-line-up")),
    };
    let mut frame = planned.wall.frame.clone();
    frame.framing.heads = HeadLine::OnPurpose;
    let on_purpose = Command::ChangeWall { wall: planned.wall.id, frame };
    Some(found.way_by(say!("way-heads-differ-on-purpose"), on_purpose))
}

/// The head, as it would be if the opening were a door: units that stand on the floor and are equally high line up, though each
/// kind has another clearance over it.
fn as_a_door_head(settings: &Settings, plan: &OpeningPlan) -> Length {
    let design = &plan.design;
    if design.kind.reaches_the_floor() && design.sill == Length::ZERO {
        plan.bottom + design.unit.height + settings.rough.door.height
    } else {
        plan.stack.head()
    }
}

fn sill(settings: &Settings, plan: &OpeningPlan) -> Vec<Finding> {
    let design = &plan.design;
    if design.kind != OpeningKind::Window {
        return Vec::new();
    }
    let height = design.sill - settings.finish_floor;
    match design.room {
        Room::Any => Vec::new(),
        Room::Kitchen => {
            let by = settings.counter + settings.backsplash - height;
            if by <= Length::ZERO {
                return Vec::new();
            }
            let found = SILL_IN_BACKSPLASH.at(plan.id, say!("finding-sill-in-backsplash", by));
            let raised = changed(plan, |design| design.sill += by);
            let found = found.way_by(say!("way-raise-the-sill-by", by), raised);
            vec![found.way(say!("way-shorter-unit")).way(say!("way-counter-in-the-rules"))]
        }
        Room::Bathroom if USUAL_BATHROOM_SILL <= height => Vec::new(),
        Room::Bathroom => vec![BATHROOM_SILL.at(plan.id, say!("finding-bathroom-sill", height))],
        Room::Bedroom => {
            let area = Argument::from_square_feet(ESCAPE_AREA);
            let (width, high, most) = (ESCAPE_WIDTH, ESCAPE_HEIGHT, ESCAPE_SILL);
            let asked = say!("finding-escape-window", area, width, high, most);
            let mut findings = vec![ESCAPE_WINDOW.at(plan.id, asked)];
            if ESCAPE_SILL < height {
                let found = ESCAPE_SILL_HIGH.at(plan.id, say!("finding-escape-sill-high", height, most));
                let by = height - ESCAPE_SILL;
                let found = match sill_moved(plan, -by) {
                    Some(lower) => found.way_by(say!("way-lower-the-sill-by", by), lower),
                    None => found,
                };
                findings.push(found.way(say!("way-taller-unit-same-head")));
            }
            let unit = design.unit;
            let square_feet = unit.width.to_inches() * unit.height.to_inches() / 144.0;
            if unit.width < ESCAPE_WIDTH || unit.height < ESCAPE_HEIGHT || square_feet < ESCAPE_AREA {
                let found = ESCAPE_TOO_SMALL.at(plan.id, say!("finding-escape-too-small", area, width, high));
                findings.push(found.way(say!("way-larger-unit")).way(say!("way-another-window-serves")));
            }
            findings
        }
    }
}

/// A wall framed flat in a measured room: whether it can be tipped up, and how uneven the room is.
pub(super) fn of_room(wall: &Wall) -> Vec<Finding> {
    let WallHeight::Room(room) = wall.frame.height else { return Vec::new() };
    let mut findings = Vec::new();
    if let Some(Swing { diagonal, room: lower }) = swing(&wall.frame).filter(|swing| !swing.clears()) {
        let mut frame = wall.frame.clone();
        let clearance = room.clearance + (diagonal - lower);
        frame.height = WallHeight::Room(MeasuredRoom { clearance, ..room });
        let more = Command::ChangeWall { wall: wall.id, frame };
        let found = TIP_UP.on_the_wall(say!("finding-tip-up", diagonal, room = lower));
        let found = found.way_by(say!("way-more-clearance", clearance), more);
        findings.push(found.way(say!("way-stud-by-stud")));
    }
    if room.left != room.right {
        let higher = if room.right < room.left { End::Left } else { End::Right };
        let by = (room.left - room.right).abs();
        findings.push(UNEVEN_ROOM.on_the_wall(say!("finding-uneven-room", higher, by)));
    }
    findings
}
