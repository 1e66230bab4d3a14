//! Breaks of the path told on the walls that they start from, beside what else is found there.

use std::sync::Arc;

use super::in_house::FollowedHouse;
use crate::finding::Finding;
use crate::framing::WallPlan;
use crate::framing::path_breaks::{PATH_BREAKS, path_breaks};
use crate::house::plan::ONE_SUPPORT;
use crate::house::{Axis, EngineersMark, Spot};
use crate::job::{Job, OpeningId};
use crate::loads::ByCase;
use crate::measure::{Force, Length};
use crate::path::Part;
use crate::path::loaded::Break;
use crate::speech::Phrase;

/// The walls of a job, each with the breaks of what it brings; one that has none that it had not keeps its plan.
pub(super) fn told_on_walls(job: &Job, house: &FollowedHouse, walls: Vec<Arc<WallPlan>>) -> Vec<Arc<WallPlan>> {
    walls.into_iter().enumerate().map(|(in_job, plan)| told(plan, of_wall(job, house, in_job))).collect()
}

/// A plan without the breaks that were told on it.
pub(super) fn untold(plan: Arc<WallPlan>) -> Arc<WallPlan> {
    told(plan, Vec::new())
}

fn told(plan: Arc<WallPlan>, breaks: Vec<Finding>) -> Arc<WallPlan> {
    let is_break = |finding: &&Finding| finding.rule == &PATH_BREAKS;
    if plan.findings.iter().filter(is_break).eq(&breaks) {
        return plan;
    }
    let mut plan = Arc::unwrap_or_clone(plan);
    plan.findings.retain(|finding| !is_break(&finding));
    plan.findings.extend(breaks);
    Arc::new(plan)
}

/// What of a wall breaks: of each opening's packs, and of the wall beside them, together and why.
fn of_wall(job: &Job, house: &FollowedHouse, in_job: usize) -> Vec<Finding> {
    let mut found: Vec<(Option<OpeningId>, ByCase, Phrase)> = Vec::new();
    let from_it = |broken: &&Break| match broken.from.part {
        Part::Wall(wall) | Part::Opening(wall, ..) => {
            house.named.storeys[broken.from.storey].walls[wall].in_job == in_job
        }
        _ => false,
    };
    let breaks: Vec<&Break> = house.path.breaks.iter().filter(from_it).collect();
    if mark_on(job, house, &breaks).is_some() {
        return Vec::new();
    }
    for broken in breaks {
        let opening = match broken.from.part {
            Part::Opening(wall, opening, _) => {
                house.named.storeys[broken.from.storey].walls[wall].openings.get(opening).copied()
            }
            _ => None,
        };
        let name = Phrase::verbatim(job.walls[in_job].frame.name.as_str());
        // What a wall brings stops for want of a line or of a point under it: nothing carries it in part.
        let why = broken.why.phrase(name.clone(), |_| name.clone());
        let feet = broken.at.1.map_or(1.0, |end| (end.x - broken.at.0.x + end.y - broken.at.0.y).to_feet());
        let pounds = broken.amount.times(feet);
        match found.iter_mut().find(|(of, _, other)| *of == opening && *other == why) {
            Some((_, sum, _)) => *sum = *sum + pounds,
            None => found.push((opening, pounds, why)),
        }
    }
    let code = job.rules().code();
    let finding = |(opening, pounds, why): (Option<OpeningId>, ByCase, Phrase)| {
        path_breaks(opening, Force::lbf(code.largest(&pounds.most())), why)
    };
    found.into_iter().map(finding).collect()
}

/// The engineer's mark on breaks that are mended as one.
pub(super) fn mark_on<'a>(job: &'a Job, house: &FollowedHouse, breaks: &[&Break]) -> Option<&'a EngineersMark> {
    let level = house.named.storeys[breaks.first()?.from.storey].level;
    let mut marks = job.house.marks.iter().filter(|mark| mark.level == level);
    marks.find(|mark| breaks.iter().any(|broken| is_at(broken, mark.at)))
}

/// Whether a break is at a spot, or goes along it.
fn is_at(broken: &Break, spot: Spot) -> bool {
    let (first, last) = (broken.at.0, broken.at.1.unwrap_or(broken.at.0));
    let near = |low: Length, at: Length, high: Length| low - ONE_SUPPORT <= at && at <= high + ONE_SUPPORT;
    [Axis::X, Axis::Y].into_iter().all(|axis| near(first.along(axis), spot.along(axis), last.along(axis)))
}
