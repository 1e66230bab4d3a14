//! Jacks and kings of one end, with every reason.

use serde::Serialize;
use sturvek_core::framing::opening_plan::SizedHeader;
use sturvek_core::framing::why_so_many::{JacksBecause, jacks_because, king_reason_governs};
use sturvek_core::framing::{KingCount, OpeningPlan};
use sturvek_core::measure::End;
use utoipa::ToSchema;

use super::finite;
use crate::speech::Phrase;

/// Jacks and kings at one end.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PackView {
    /// Jacks framed; left out while there is no number.
    pub jacks: Option<u8>,
    /// Every reason for them.
    pub jack_reasons: Vec<ReasonView>,
    /// Why somebody decided another number of jacks.
    pub jacks_decided: Option<String>,
    /// Kings framed; left out while there is no number.
    pub kings: Option<u8>,
    /// Every reason for them.
    pub king_reasons: Vec<KingReasonView>,
    /// Why somebody decided another number of kings.
    pub kings_decided: Option<String>,
    /// Largest load on the pack, lb.
    pub load_lb: Option<f64>,
    /// What works hardest of the kings and how hard, where wind is calculated.
    pub kings_work: Option<RatioView>,
}

/// How hard something works.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct RatioView {
    /// What.
    pub what: Phrase,
    /// Demand over capacity; left out where nothing is carried at all.
    pub ratio: Option<f64>,
}

/// One reason for so many jacks.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ReasonView {
    /// The reason.
    pub name: Phrase,
    /// Jacks it asks for; absent where none is enough.
    pub count: Option<u8>,
    /// The numbers in words.
    pub words: Phrase,
    /// Whether it sets the number.
    pub governs: bool,
    /// Clause.
    pub clause: Phrase,
}

/// One reason for so many kings.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct KingReasonView {
    /// The reason.
    pub name: Phrase,
    /// Kings it asks for; absent where it has no number.
    pub count: Option<u8>,
    /// What it asks for, in a word or two.
    pub words: Phrase,
    /// Whether it counts in this job, or only stands beside the others.
    pub counts: bool,
    /// Whether it sets the number.
    pub governs: bool,
}

pub(super) fn pack(opening: &OpeningPlan, sized: Option<&SizedHeader>, end: End) -> PackView {
    let framed = *opening.jacks.at(end);
    let kings: &KingCount = opening.kings.at(end);
    let arithmetic = sized.map(|sized| sized.evaluation.packs.at(end));
    let because = sized.map_or_else(Vec::new, |sized| jacks_because(sized, end));
    PackView {
        jacks: opening.has_numbers().then_some(framed),
        jack_reasons: because.iter().map(reason).collect(),
        jacks_decided: opening.decided_jacks.at(end).as_ref().map(|decided| decided.reason.clone()),
        kings: opening.has_numbers().then(|| opening.kings_framed(end)),
        king_reasons: king_reasons(kings),
        kings_decided: kings.decided.as_ref().map(|decided| decided.reason.clone()),
        load_lb: arithmetic.map(|pack| pack.largest_load),
        kings_work: kings
            .hardest()
            .filter(|_| opening.has_numbers())
            .map(|(check, ratio)| RatioView { what: check.phrase().into(), ratio: finite(ratio) }),
    }
}

pub(super) fn king_reasons(kings: &KingCount) -> Vec<KingReasonView> {
    let view = |reason: &sturvek_core::framing::KingReason| KingReasonView {
        name: reason.by.phrase().into(),
        count: reason.asks.count(),
        words: reason.asks.phrase().into(),
        counts: reason.counts,
        governs: king_reason_governs(kings, reason),
    };
    kings.reasons.iter().map(view).collect()
}

pub(super) fn reason(because: &JacksBecause<'_>) -> ReasonView {
    ReasonView {
        name: because.count.reason.phrase().into(),
        count: because.count.count,
        words: because.phrase().into(),
        governs: because.governs,
        clause: because.clause.phrase().into(),
    }
}
