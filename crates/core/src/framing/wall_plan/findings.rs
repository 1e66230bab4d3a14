//! What is wrong or worth knowing about a planned wall, topic by topic.

mod counts;
mod heights;
mod loads;
mod places;
mod planned;
mod plate_breaks;
mod sole_bolts;

use super::super::finding::Finding;
pub(super) use planned::Planned;

/// Everything found, opening by opening, then about the wall.
pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let mut findings = Vec::new();
    for (index, plan) in planned.openings.iter().enumerate() {
        findings.extend(places::findings(planned.wall, plan, planned.openings.get(index + 1)));
        findings.extend(heights::of_opening(planned, plan));
        findings.extend(counts::findings(planned.wall, plan));
        findings.extend(loads::uplift(planned, plan));
    }
    findings.extend(loads::of_wall(planned));
    findings.extend(places::lost_channels(planned));
    findings.extend(heights::of_room(planned.wall));
    findings.extend(plate_breaks::findings(planned));
    findings.extend(sole_bolts::findings(planned));
    findings
}
