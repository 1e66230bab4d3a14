//! Jacks, kings and the header itself.

use super::super::super::finding::{Finding, SHORTEST_CRIPPLE};
use super::super::super::opening_plan::{OpeningOutcome, OpeningPlan};
use crate::job::Wall;
use crate::measure::{End, Length};
use crate::sizing::problem::JackSeat;
use crate::sizing::schools::School;

pub(super) fn findings(wall: &Wall, plan: &OpeningPlan) -> Vec<Finding> {
    let mut findings = Vec::new();
    for end in End::BOTH {
        findings.extend(kings(plan, end));
        findings.extend(jacks(plan, end));
    }
    findings.extend(header(wall, plan));
    findings
}

fn kings(plan: &OpeningPlan, end: End) -> Option<Finding> {
    let (opening, kings) = (plan.id, plan.kings.at(end));
    match (&kings.decided, kings.needed()) {
        (Some(decided), Some(needed)) if decided.count < needed => {
            Some(Finding::FewerThanNeeded { opening, end, what: "kings", decided: decided.count, needed })
        }
        (None, None) if end == End::Left => Some(Finding::NoKingCount { opening }),
        _ => None,
    }
}

fn jacks(plan: &OpeningPlan, end: End) -> Option<Finding> {
    let OpeningOutcome::Header(sized) = &plan.outcome else { return None };
    let opening = plan.id;
    let framed = *plan.jacks.at(end);
    let needed = sized.evaluation.packs.at(end).needed?;
    let decided = plan.decided_jacks.at(end).is_some();
    if framed < needed && decided {
        return Some(Finding::FewerThanNeeded { opening, end, what: "jacks", decided: framed, needed });
    }
    let rules = [sized.shop_rule, sized.code_jacks.filter(|_| sized.school == School::CodeTable)];
    let rule = rules.into_iter().flatten().filter_map(|count| count.count).max().unwrap_or(0);
    (needed < rule && !decided).then_some(Finding::RuleAsksForMore { opening, end, rule, arithmetic: needed })
}

/// What the sized header itself gives rise to.
fn header(wall: &Wall, plan: &OpeningPlan) -> Vec<Finding> {
    let opening = plan.id;
    let OpeningOutcome::Header(sized) = &plan.outcome else { return Vec::new() };
    let mut findings = Vec::new();
    if sized.only_the_code_accepts() {
        findings.push(Finding::CalculationDisagrees { opening });
    }
    if sized.assumed_grade {
        findings.push(Finding::GradeAssumed { opening });
    }
    if sized.evaluation.uplift >= 1.0 {
        findings.push(Finding::Uplift { opening, pounds: sized.evaluation.uplift.ceil() as u32 });
    }
    let left = wall.frame.depth() - sized.evaluation.header.section().width;
    if left < Length::ZERO {
        findings.push(Finding::HeaderTooWide { opening, by: -left });
    }
    if plan.design.seat == JackSeat::Notched && left < SHORTEST_CRIPPLE {
        findings.push(Finding::DeepNotch { opening, left: left.max(Length::ZERO) });
    }
    findings
}
