//! Steps of the top plates: an opening across one, loads on plates that are let down.

use super::super::super::opening_plan::OpeningPlan;
use super::planned::Planned;
use crate::finding::{Finding, Rule};
use crate::job::command::{Command, Placement};
use crate::measure::{Length, LineLoad};
use crate::say;
use crate::speech::distance;

/// A step of the top plates falls within an opening or its packs.
pub(super) static STEP_IN_PACK: Rule = Rule::trouble("plates-step-in-pack").stopping_the_load();
/// What lands on the wall finds its plates let down.
pub(super) static LOAD_ON_LET_DOWN: Rule = Rule::trouble("let-down-under-load");

pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let steps = planned.wall.frame.steps();
    let across = planned.openings.iter().flat_map(|plan| steps.iter().filter_map(|(at, _)| in_pack(plan, *at)));
    across.chain(under_loads(planned)).collect()
}

/// Both ways off the step, the nearer one first.
fn in_pack(plan: &OpeningPlan, at: Length) -> Option<Finding> {
    let (left, right) = plan.held_by();
    if at <= left || right <= at {
        return None;
    }
    let (to_the_right, to_the_left) = (at - left, right - at);
    let by = to_the_right.min(to_the_left);
    let moved = if to_the_right <= to_the_left { by } else { -by };
    let found = STEP_IN_PACK.at(plan.id, say!("finding-plates-step-in-pack", at = distance(at), by)).along(at);
    let to = Placement::Center(plan.design.center + moved);
    let found = found.way_by(say!("way-clear-of-the-step", by), Command::MoveOpening { opening: plan.id, to });
    Some(found.way(say!("way-move-the-step")))
}

/// Loads along the wall over a stretch where its plates lie lower.
fn under_loads(planned: &Planned<'_>) -> Vec<Finding> {
    let (frame, landed) = (&planned.wall.frame, &planned.ground.landed);
    if frame.rake().is_some() || landed.nothing_on(planned.wall) {
        return Vec::new();
    }
    let lies_on = |from: Length, to: Length| {
        let lines = landed.down.lines.iter().any(|line| {
            let (start, end) = line.extent.unwrap_or((Length::ZERO, frame.length));
            start < to && from < end && (line.at_start != LineLoad::ZERO || line.at_end != LineLoad::ZERO)
        });
        lines || landed.points.iter().any(|(at, _)| from < *at && *at < to)
    };
    let loaded = frame.framing.let_downs.iter().filter(|each| lies_on(each.from, each.to));
    loaded
        .map(|each| {
            let (from, to, by) = (distance(each.from), distance(each.to), frame.height() - each.top());
            let found =
                LOAD_ON_LET_DOWN.on_the_wall(say!("finding-let-down-under-load", from, to, by)).along(each.from);
            found.way(say!("way-beam-over-the-let-down"))
        })
        .collect()
}
