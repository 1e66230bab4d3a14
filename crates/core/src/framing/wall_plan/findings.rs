//! What is wrong or worth knowing about a planned wall, topic by topic.

mod counts;
mod heights;
mod places;
mod plate_breaks;
mod sole_bolts;

use super::super::finding::Finding;
use super::super::member::Member;
use super::super::opening_plan::OpeningPlan;
use super::super::plates::TopBreaks;
use crate::job::{Job, Wall};
use crate::measure::Length;

/// A wall as it was planned, so far as findings look at it.
pub(super) struct Planned<'a> {
    pub(super) job: &'a Job,
    pub(super) wall: &'a Wall,
    pub(super) openings: &'a [OpeningPlan],
    pub(super) members: &'a [Member],
    pub(super) breaks: Option<&'a TopBreaks>,
    pub(super) bolts: &'a [Length],
}

/// Everything found, opening by opening, then about the wall.
pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let mut findings = Vec::new();
    for (index, plan) in planned.openings.iter().enumerate() {
        findings.extend(places::findings(planned.wall, plan, planned.openings.get(index + 1)));
        findings.extend(heights::of_opening(planned, plan));
        findings.extend(counts::findings(planned.wall, plan));
    }
    findings.extend(places::lost_channels(planned));
    findings.extend(heights::of_room(planned.wall));
    findings.extend(plate_breaks::findings(planned));
    findings.extend(sole_bolts::findings(planned));
    findings
}
