//! The tickets of a job as JSON, as `sturvek tickets` prints them: one object an opening, in the order of walls and letters. Line
//! loads are lb/ft, forces lb, spans decimal inches, ratios demand over capacity at the number of studs that is framed. What does
//! not apply is left out; what has no number is null.

use std::collections::BTreeMap;

use serde::Serialize;
use sturvek_core::codes::CombinationIndex;
use sturvek_core::finding::Finding;
use sturvek_core::framing::judgment::works;
use sturvek_core::framing::opening_plan::SizedHeader;
use sturvek_core::framing::{OpeningOutcome, OpeningPlan, WallPlan};
use sturvek_core::job::{Job, Wall};
use sturvek_core::loads::ByKind;
use sturvek_core::measure::{End, Force, LineLoad};
use sturvek_core::plan::JobPlan;
use sturvek_core::sizing::header::CheckKind;
use sturvek_core::sizing::jacks::JackReason;
use sturvek_speech::english;

use crate::kinds::Kinds;

/// One opening's ticket.
#[derive(Clone, Debug, Serialize)]
pub struct Ticket {
    /// The wall's name.
    pub wall: String,
    /// The opening's letter.
    pub opening: String,
    /// `carries`, `barely`, `table_only`, `does_not_carry` or `ask`.
    pub verdict: &'static str,
    /// The header as on the ticket.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub header: Option<Number<String>>,
    /// Its plies.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub plies: Option<Number<u8>>,
    /// Its design span, in.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub span_in: Option<Number<f64>>,
    /// What comes down over the opening's middle, lb/ft.
    pub loads_plf: Kinds,
    /// Demand over capacity of everything that applies.
    pub ratios: Option<BTreeMap<String, f64>>,
    /// What works hardest, and in which combination.
    pub governing: Option<String>,
    /// What each pack carries by kind, lb.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub reactions_lb: Option<Number<Ends<Kinds>>>,
    /// What each pack carries in the governing combination, lb.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub pack_load_lb: Option<Number<Ends<f64>>>,
    /// Jacks framed.
    pub jacks: Option<Ends<u8>>,
    /// Kings framed.
    pub kings: Option<Ends<u8>>,
    /// Codes of what was found about the opening and its wall.
    pub findings: Vec<&'static str>,
}

/// A value that applies, and may have no number yet.
#[derive(Clone, Debug, Serialize)]
#[serde(transparent)]
pub struct Number<T>(pub Option<T>);

/// At both ends.
#[derive(Clone, Copy, Debug, Serialize)]
pub struct Ends<T> {
    /// Left.
    pub left: T,
    /// Right.
    pub right: T,
}

/// The tickets of every opening of a job.
pub fn tickets(job: &Job) -> Vec<Ticket> {
    let planned = JobPlan::of(job.clone());
    planned.walls().flat_map(|(wall, plan)| of_wall(wall, plan)).collect()
}

fn of_wall(wall: &Wall, plan: &WallPlan) -> Vec<Ticket> {
    let mut openings: Vec<&OpeningPlan> = plan.openings.iter().collect();
    openings.sort_by_key(|opening| opening.letter);
    openings.into_iter().map(|opening| ticket(wall, plan, opening)).collect()
}

fn ticket(wall: &Wall, plan: &WallPlan, opening: &OpeningPlan) -> Ticket {
    let there = plan.ground.landed.down.at(opening.design.center).map(LineLoad::to_plf);
    let sized = match &opening.outcome {
        OpeningOutcome::Header(sized) => Some(&**sized),
        OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => None,
    };
    let no_number = matches!(opening.outcome, OpeningOutcome::Outside(_));
    // A flat head or an opening in a stud bay has no header: that is left out, not unknown.
    let applies = sized.is_some() || no_number;
    let hardest = works(opening).into_iter().next();
    let jacks = Ends { left: opening.jacks.left, right: opening.jacks.right };
    let kings = Ends { left: opening.kings_framed(End::Left), right: opening.kings_framed(End::Right) };
    Ticket {
        wall: wall.frame.name.clone(),
        opening: opening.letter.to_string(),
        verdict: opening.verdict.code(),
        header: applies.then(|| Number(sized.map(|sized| sized.evaluation.header.name()))),
        plies: applies.then(|| Number(sized.map(|sized| sized.evaluation.header.plies))),
        span_in: applies.then(|| Number(sized.map(|sized| sized.evaluation.design_span))),
        loads_plf: (&there).into(),
        ratios: (!no_number).then(|| ratios(opening, sized)),
        governing: hardest.map(|work| {
            let what = english(&work.what.phrase());
            let combination = english(&CombinationIndex::said(work.combination));
            format!("{what}, {combination}").trim_end_matches(", ").to_owned()
        }),
        reactions_lb: applies.then(|| {
            Number(sized.map(|sized| {
                let reactions = &sized.evaluation.reactions;
                let kinds = |by_kind: &ByKind<Force>| (&by_kind.map(|force| force.to_lbf())).into();
                Ends { left: kinds(&reactions.left), right: kinds(&reactions.right) }
            }))
        }),
        pack_load_lb: applies.then(|| {
            Number(sized.map(|sized| {
                let packs = &sized.evaluation.packs;
                Ends { left: packs.left.largest_load, right: packs.right.largest_load }
            }))
        }),
        jacks: (!no_number).then_some(jacks),
        kings: (!no_number).then_some(kings),
        findings: findings(plan, opening),
    }
}

fn ratios(opening: &OpeningPlan, sized: Option<&SizedHeader>) -> BTreeMap<String, f64> {
    let mut ratios = BTreeMap::new();
    for end in End::BOTH {
        let names = ["bending", "shear", "deflection", "interaction"];
        if let Some(works) = opening.kings.at(end).works.filter(|_| opening.kings_framed(end) > 0) {
            ratios.extend(names.iter().zip(works).map(|(name, ratio)| (format!("kings_{}_{name}", end.word()), ratio)));
        }
    }
    let Some(sized) = sized else { return ratios };
    let evaluation = &sized.evaluation;
    let checks = evaluation.checks.iter().filter_map(|check| Some((check_name(check.kind)?.to_owned(), check.ratio())));
    ratios.extend(checks);
    for end in End::BOTH {
        let reasons = evaluation.packs.at(end).reasons.iter();
        let named = reasons
            .filter_map(|count| Some((format!("jacks_{}_{}", end.word(), reason_name(count.reason)?), count.ratio)));
        ratios.extend(named);
    }
    ratios
}

const fn check_name(kind: CheckKind) -> Option<&'static str> {
    match kind {
        CheckKind::Bending => Some("bending"),
        CheckKind::Shear => Some("shear"),
        CheckKind::LiveDeflection => Some("live_deflection"),
        CheckKind::TotalDeflection => Some("total_deflection"),
        CheckKind::DoorSag => Some("sag_over_door"),
        CheckKind::PostBearing => Some("post_bearing"),
        CheckKind::PostColumn => Some("post_column"),
        CheckKind::PostPlate => Some("post_plate"),
        CheckKind::Sideways => Some("bending_sideways"),
        // Of an opening, never.
        CheckKind::BeamBearing | CheckKind::Width | CheckKind::Depth => None,
    }
}

const fn reason_name(reason: JackReason) -> Option<&'static str> {
    match reason {
        JackReason::HeaderBearing => Some("header"),
        JackReason::SolePlate => Some("plate"),
        JackReason::Column => Some("column"),
        JackReason::EndGrain => Some("end_grain"),
        JackReason::FlatNailer => Some("nailer"),
        JackReason::Eccentric => Some("off_middle"),
        JackReason::CodeTable | JackReason::ShopRule => None,
    }
}

fn findings(plan: &WallPlan, opening: &OpeningPlan) -> Vec<&'static str> {
    let mut codes = match &opening.outcome {
        OpeningOutcome::Outside(limit) => limit.codes(),
        OpeningOutcome::Header(_) | OpeningOutcome::Flat | OpeningOutcome::InBay(_) => Vec::new(),
    };
    let about = |found: &&Finding| found.place.opening.is_none_or(|id| id == opening.id) || found.stops(opening.id);
    codes.extend(plan.findings.iter().filter(about).map(|finding| finding.rule.code));
    let mut seen = Vec::new();
    codes.retain(|code| {
        let first = !seen.contains(code);
        seen.push(*code);
        first
    });
    codes
}
