//! Jacks, kings and the header itself.

use super::super::super::king_count::KingsAsked;
use super::super::super::opening_plan::{OpeningOutcome, OpeningPlan, SizedHeader};
use crate::finding::{Finding, Rule};
use crate::framing::stack::SHORTEST_CRIPPLE;
use crate::job::command::Command;
use crate::job::{OpeningDesign, StudRole, Wall};
use crate::measure::{End, Force, Length, LineLoad};
use crate::say;
use crate::sizing::jacks::JackReason;
use crate::sizing::problem::HeaderFace;
use crate::sizing::problem::JackSeat;
use crate::sizing::schools::School;

/// Somebody decided on fewer jacks or kings than are needed.
pub(super) static FEWER_THAN_NEEDED: Rule = Rule::trouble("fewer-than-needed");
/// A rule asks for more jacks than the arithmetic.
pub(super) static RULE_ASKS_FOR_MORE: Rule = Rule::note("rule-asks-for-more");
/// No number of kings that was tried holds the wind.
pub(super) static KINGS_TOO_WEAK: Rule = Rule::trouble("kings-too-weak");
/// The code's table, which governs, takes a header that calculation does not.
pub(super) static CALCULATION_DISAGREES: Rule = Rule::caution("calculation-disagrees");
/// The lumber's grade was assumed.
pub(super) static GRADE_ASSUMED: Rule = Rule::note("grade-assumed");
/// A support of the header is lifted.
pub(super) static UPLIFT: Rule = Rule::caution("uplift");
/// The header is wider than the wall is deep.
pub(super) static HEADER_TOO_WIDE: Rule = Rule::trouble("header-too-wide").stopping_the_load();
/// Little is left of a notched jack.
pub(super) static DEEP_NOTCH: Rule = Rule::caution("deep-notch");
/// A thin header presses its jacks off their middle, which asks for more of them.
pub(super) static OFF_MIDDLE: Rule = Rule::caution("off-middle");
/// Joists on the side of a built-up header: its plies have to hand the load on.
pub(super) static PLY_FASTENING: Rule = Rule::caution("ply-fastening");

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
            let phrase = say!("finding-fewer-kings-than-needed", end, decided = decided.count, needed);
            Some(
                FEWER_THAN_NEEDED
                    .at(opening, phrase)
                    .way_by(say!("way-computed-count"), computed(plan, StudRole::King, end)),
            )
        }
        (None, KingsAsked::NoneHolds { tried }) if end == End::Left => {
            let found = KINGS_TOO_WEAK.at(opening, say!("finding-kings-too-weak", tried));
            let found = found.way(say!("way-deeper-studs")).way(say!("way-better-studs"));
            Some(found.way(say!("way-narrower-opening")))
        }
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
        let phrase = say!("finding-fewer-jacks-than-needed", end, decided = framed, needed);
        let back = computed(plan, StudRole::Jack, end);
        return Some(FEWER_THAN_NEEDED.at(opening, phrase).way_by(say!("way-computed-count"), back));
    }
    let rules = [sized.shop_rule, sized.code_jacks.filter(|_| sized.school == School::CodeTable)];
    let rule = rules.into_iter().flatten().filter_map(|count| count.count).max().unwrap_or(0);
    let phrase = || say!("finding-rule-asks-for-more", end, rule, arithmetic = needed);
    (needed < rule && !decided).then(|| RULE_ASKS_FOR_MORE.at(opening, phrase()))
}

/// The edit that goes back to the count that is computed.
fn computed(plan: &OpeningPlan, role: StudRole, end: End) -> Command {
    Command::OverrideCount { opening: plan.id, role, end, decided: None }
}

/// The edit that changes the opening's design.
fn changed(plan: &OpeningPlan, change: impl FnOnce(&mut OpeningDesign)) -> Command {
    let mut design = plan.design;
    change(&mut design);
    Command::ChangeOpening { opening: plan.id, design }
}

/// What the sized header itself gives rise to.
fn header(wall: &Wall, plan: &OpeningPlan) -> Vec<Finding> {
    let opening = plan.id;
    let OpeningOutcome::Header(sized) = &plan.outcome else { return Vec::new() };
    let mut findings = Vec::new();
    if sized.only_the_table_allows_it() {
        let found = CALCULATION_DISAGREES.at(opening, say!("finding-calculation-disagrees"));
        findings.push(found.way(say!("way-header-by-calculation")));
    }
    if sized.assumed_grade {
        findings.push(GRADE_ASSUMED.at(opening, say!("finding-grade-assumed")).way(say!("way-look-for-a-stamp")));
    }
    if sized.evaluation.uplift >= 1.0 {
        let force = Force::lbf(sized.evaluation.uplift.ceil());
        let found = UPLIFT.at(opening, say!("finding-uplift", force)).way(say!("way-shorten-past-the-pack"));
        findings.push(found.way(say!("way-tie-down-by-an-engineer")));
    }
    let left = wall.frame.depth() - sized.evaluation.header.section().width;
    if left < Length::ZERO {
        let found = HEADER_TOO_WIDE.at(opening, say!("finding-header-too-wide", by = -left));
        findings.push(found.way(say!("way-thinner-header")).way(say!("way-deeper-studs")));
    }
    if plan.design.seat == JackSeat::Notched && left < SHORTEST_CRIPPLE {
        let found = DEEP_NOTCH.at(opening, say!("finding-deep-notch", left = left.max(Length::ZERO)));
        let own = changed(plan, |design| design.seat = JackSeat::Full);
        findings.push(found.way_by(say!("way-own-jack"), own).way(say!("way-header-as-wide-as-the-wall")));
    }
    findings.extend(off_middle(plan, sized));
    if plan.design.side_loaded && sized.evaluation.header.plies > 1 {
        // What hangs on one side has to reach every other ply: all of it but the first ply's part.
        let plies = f64::from(sized.evaluation.header.plies);
        let packs = sized.evaluation.packs.left.largest_load + sized.evaluation.packs.right.largest_load;
        let plf = packs / (sized.evaluation.design_span / 12.0) * (plies - 1.0) / plies;
        let found = PLY_FASTENING.at(opening, say!("finding-ply-fastening", load = LineLoad::plf(plf.ceil())));
        findings.push(found.way(say!("way-fasten-the-plies")).way(say!("way-header-of-one-piece")));
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
    let found = OFF_MIDDLE.at(plan.id, say!("finding-off-middle", off = spare.half()));
    let centered = changed(plan, |design| design.face = HeaderFace::Centered);
    let filled = changed(plan, |design| design.face = HeaderFace::BothFaces);
    Some(found.way_by(say!("way-center-in-the-wall"), centered).way_by(say!("way-fill-to-both-faces"), filled))
}
