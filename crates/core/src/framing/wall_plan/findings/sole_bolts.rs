//! Anchor bolts that stand in the concrete already: in a doorway, under an upright, too far from a plate's end. Those that are
//! placed keep clear by themselves.

use super::super::super::finding::Finding;
use super::super::super::plates::NEAR_END;
use super::super::sole_bolts::{sole_members, stretch};
use super::planned::Planned;
use crate::measure::Length;

pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let options = &planned.wall.frame.framing;
    if options.bolts.is_none() || options.cast_bolts.is_empty() {
        return Vec::new();
    }
    let mut findings: Vec<Finding> = planned.bolts.iter().filter_map(|at| where_it_stands(planned, *at)).collect();
    for (from, to) in sole_members(planned.members) {
        let in_piece: Vec<Length> = planned.bolts.iter().copied().filter(|at| from <= *at && *at <= to).collect();
        let near = |end: Length| in_piece.iter().any(|at| (*at - end).abs() <= NEAR_END);
        findings.extend([from, to].into_iter().filter(|end| !near(*end)).map(|at| Finding::BoltMissing { at }));
    }
    // A break is the end of two pieces, and one finding.
    findings.dedup();
    findings
}

fn where_it_stands(planned: &Planned<'_>, at: Length) -> Option<Finding> {
    let doorway = planned.openings.iter().find(|plan| {
        plan.design.kind.reaches_the_floor()
            && plan.design.sill == Length::ZERO
            && plan.left() < at
            && at < plan.right()
    });
    if let Some(plan) = doorway {
        return Some(Finding::BoltInDoorway { opening: plan.id, at });
    }
    let on_sole =
        planned.members.iter().filter(|member| member.role.stands() && member.rect.y == planned.wall.frame.thickness());
    let mut under = on_sole.filter(|member| {
        let (from, to) = stretch(member);
        from < at && at < to
    });
    under.next().map(|member| Finding::BoltUnderStud { at, role: member.role })
}
