//! Anchor bolts that stand in the concrete already: in a doorway, under an upright, too far from a plate's end. Those that are
//! placed keep clear by themselves.

use super::super::super::plates::NEAR_END;
use super::super::sole_bolts::{sole_members, stretch};
use super::planned::Planned;
use crate::finding::{Finding, Rule};
use crate::measure::Length;
use crate::say;
use crate::speech::distance;

/// A bolt stands where the sole plate is cut out of a doorway.
pub(super) static BOLT_IN_DOORWAY: Rule = Rule::trouble("bolt-in-doorway");
/// A bolt stands where an upright has to stand.
pub(super) static BOLT_UNDER_STUD: Rule = Rule::trouble("bolt-under-stud");
/// The end of a piece of the sole plate has no bolt near it.
pub(super) static BOLT_MISSING: Rule = Rule::caution("bolt-missing");

pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let options = &planned.wall.frame.framing;
    if options.bolts.is_none() || options.cast_bolts.is_empty() {
        return Vec::new();
    }
    let mut findings: Vec<Finding> = planned.bolts.iter().filter_map(|at| where_it_stands(planned, *at)).collect();
    for (from, to) in sole_members(planned.members) {
        let in_piece: Vec<Length> = planned.bolts.iter().copied().filter(|at| from <= *at && *at <= to).collect();
        let near = |end: Length| in_piece.iter().any(|at| (*at - end).abs() <= NEAR_END);
        findings.extend([from, to].into_iter().filter(|end| !near(*end)).map(missing));
    }
    // A break is the end of two pieces, and one finding.
    findings.dedup();
    findings
}

fn missing(at: Length) -> Finding {
    let found = BOLT_MISSING.on_the_wall(say!("finding-bolt-missing", at = distance(at), near = NEAR_END)).along(at);
    found.way(say!("way-drill-an-anchor-there")).way(say!("way-move-the-piece-end"))
}

fn where_it_stands(planned: &Planned<'_>, at: Length) -> Option<Finding> {
    let doorway = planned.openings.iter().find(|plan| {
        plan.design.kind.reaches_the_floor()
            && plan.design.sill == Length::ZERO
            && plan.left() < at
            && at < plan.right()
    });
    if let Some(plan) = doorway {
        let found = BOLT_IN_DOORWAY.at(plan.id, say!("finding-bolt-in-doorway", at = distance(at))).along(at);
        return Some(found.way(say!("way-drill-beside-the-door")).way(say!("way-move-the-opening")));
    }
    let on_sole =
        planned.members.iter().filter(|member| member.role.stands() && member.rect.y == planned.wall.frame.thickness());
    let mut under = on_sole.filter(|member| {
        let (from, to) = stretch(member);
        from < at && at < to
    });
    under.next().map(|member| {
        let what = member.role.phrase();
        let found = BOLT_UNDER_STUD.on_the_wall(say!("finding-bolt-under-stud", at = distance(at), what)).along(at);
        found.way(say!("way-move-opening-or-stud")).way(say!("way-drill-beside-it"))
    })
}
