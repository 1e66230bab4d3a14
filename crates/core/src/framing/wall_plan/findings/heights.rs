//! Heights: the stack, the line of heads, sills over counters and in bedrooms, and the room the wall is tipped up in.

use super::super::super::finding::{ESCAPE_AREA, ESCAPE_HEIGHT, ESCAPE_SILL, ESCAPE_WIDTH, Finding, SHORTEST_CRIPPLE};
use super::super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use super::super::super::stack::StackPart;
use super::planned::Planned;
use crate::job::{HeadLine, OpeningKind, Room, Settings, Wall, WallFrame, WallHeight};
use crate::measure::{End, Length};

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
    let opening = plan.id;
    let found = |what, height: Length| match what {
        StackPart::CrippleAbove | StackPart::PackingStrip | StackPart::OpenAbove if height < Length::ZERO => {
            let by = -height;
            Some(if matches!(plan.outcome, OpeningOutcome::Header(_)) {
                Finding::HeaderTooDeep { opening, by }
            } else {
                Finding::OpeningTooTall { opening, by }
            })
        }
        StackPart::CrippleAbove if height < SHORTEST_CRIPPLE => {
            Some(Finding::CrippleTooShort { opening, length: height })
        }
        _ => None,
    };
    plan.stack.lines.iter().filter_map(|line| found(line.what, line.height)).collect()
}

/// Under a rake the corner where the plates are lowest decides, not the middle that the stack is read at.
fn under_the_rake(frame: &WallFrame, plan: &OpeningPlan) -> Option<Finding> {
    frame.rake()?;
    let opening = plan.id;
    let bridged = plan.stack.part(StackPart::Header).or_else(|| plan.stack.part(StackPart::FlatHead))?;
    let top = bridged.from + bridged.height;
    let right = plan.header_left() + plan.header_length();
    let at_the_corner = frame.lowest_under_plates(plan.header_left(), right) - top;
    let at_the_middle = frame.under_plates_at(plan.design.center) - top;
    if at_the_middle < SHORTEST_CRIPPLE {
        // The stack says so already.
        None
    } else if at_the_corner < Length::ZERO {
        Some(Finding::HeaderTooDeep { opening, by: -at_the_corner })
    } else {
        let short = at_the_corner < SHORTEST_CRIPPLE;
        short.then_some(Finding::CrippleTooShort { opening, length: at_the_corner })
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
    (by != Length::ZERO).then_some(Finding::HeadOffLine { opening: plan.id, by, line })
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
    let (opening, design) = (plan.id, &plan.design);
    if design.kind != OpeningKind::Window {
        return Vec::new();
    }
    let height = design.sill - settings.finish_floor;
    match design.room {
        Room::Any => Vec::new(),
        Room::Kitchen => {
            let by = settings.counter + settings.backsplash - height;
            if by <= Length::ZERO { Vec::new() } else { vec![Finding::SillInBacksplash { opening, by }] }
        }
        Room::Bathroom if USUAL_BATHROOM_SILL <= height => Vec::new(),
        Room::Bathroom => vec![Finding::BathroomSill { opening, height }],
        Room::Bedroom => {
            let mut findings = vec![Finding::EscapeWindow { opening }];
            if ESCAPE_SILL < height {
                findings.push(Finding::EscapeSillHigh { opening, height });
            }
            let unit = design.unit;
            let square_feet = unit.width.to_inches() * unit.height.to_inches() / 144.0;
            if unit.width < ESCAPE_WIDTH || unit.height < ESCAPE_HEIGHT || square_feet < ESCAPE_AREA {
                findings.push(Finding::EscapeTooSmall { opening });
            }
            findings
        }
    }
}

/// A wall framed flat in a measured room: whether it can be tipped up, and how uneven the room is.
pub(super) fn of_room(wall: &Wall) -> Vec<Finding> {
    let WallHeight::Room(room) = wall.frame.height else { return Vec::new() };
    let mut findings = Vec::new();
    let lower = room.left.min(room.right);
    // The upper plate goes on afterwards in no room: the whole frame swings about its lower edge.
    let diagonal = wall.frame.height().to_inches().hypot(wall.frame.depth().to_inches());
    let diagonal = Length::from_decimal_inches((diagonal * 16.0).ceil() / 16.0);
    if lower < diagonal {
        findings.push(Finding::TipUp { diagonal, room: lower });
    }
    if room.left != room.right {
        let higher = if room.right < room.left { End::Left } else { End::Right };
        findings.push(Finding::UnevenRoom { higher, by: (room.left - room.right).abs() });
    }
    findings
}
