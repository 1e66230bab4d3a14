//! Jacks, kings and the header itself.

use super::super::super::finding::{Finding, SHORTEST_CRIPPLE};
use super::super::super::king_count::KingsAsked;
use super::super::super::opening_plan::{OpeningOutcome, OpeningPlan, SizedHeader};
use crate::job::Wall;
use crate::measure::{End, Length};
use crate::sizing::jacks::JackReason;
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
    if matches!(plan.outcome, OpeningOutcome::Outside(_)) {
        return None;
    }
    let (opening, kings) = (plan.id, plan.kings.at(end));
    match (&kings.decided, kings.needed()) {
        (Some(decided), KingsAsked::Count(needed)) if decided.count < needed => {
            Some(Finding::FewerThanNeeded { opening, end, what: "kings", decided: decided.count, needed })
        }
        (None, KingsAsked::NoneHolds { tried }) if end == End::Left => Some(Finding::KingsTooWeak { opening, tried }),
        (_, KingsAsked::Count(_) | KingsAsked::NoneHolds { .. } | KingsAsked::NoNumber) => None,
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
    if sized.only_the_table_allows_it() {
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
    findings.extend(off_middle(plan, sized));
    if plan.design.side_loaded && sized.evaluation.header.plies > 1 {
        // What hangs on one side has to reach every other ply: all of it but the first ply's part.
        let plies = f64::from(sized.evaluation.header.plies);
        let packs = sized.evaluation.packs.left.largest_load + sized.evaluation.packs.right.largest_load;
        let plf = packs / (sized.evaluation.design_span / 12.0) * (plies - 1.0) / plies;
        findings.push(Finding::PlyFastening { opening, plf: plf.ceil() as u32 });
    }
    findings
}

/// A header off the jacks' middle, where that asks for more jacks than anything else does.
fn off_middle(plan: &OpeningPlan, sized: &SizedHeader) -> Option<Finding> {
    let asks = |end: End| {
        let pack = sized.evaluation.packs.at(end);
        let count = pack.reason(JackReason::Eccentric)?;
        let others = pack.reasons.iter().filter(|other| other.reason != JackReason::Eccentric);
        let most = others.map(|other| other.count.unwrap_or(u8::MAX)).max().unwrap_or(0);
        (most < count.count.unwrap_or(u8::MAX)).then_some(())
    };
    End::BOTH.into_iter().find_map(asks)?;
    let spare = sized.problem.wall_depth - sized.evaluation.header.section().width;
    Some(Finding::OffMiddle { opening: plan.id, off: spare.half() })
}
