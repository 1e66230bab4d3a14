//! The header that goes in, what the schools say of it, and what else was tried.

use serde::Serialize;
use sturvek_core::codes::{CombinationIndex, DesignCode};
use sturvek_core::framing::opening_plan::{Hung, SizedHeader};
use sturvek_core::framing::{OpeningOutcome, OpeningPlan};
use sturvek_core::lumber::insulation::{r_value, spare_depth};
use sturvek_core::measure::{Length, Money};
use sturvek_core::sizing::candidates::{Aim as CoreAim, Candidate};
use sturvek_core::sizing::header::CheckResult;
use sturvek_core::sizing::schools::Opinion;
use sturvek_core::sizing::{Evaluation, Verdict as CoreVerdict};
use utoipa::ToSchema;

use super::finite;
use crate::choices::{Aim, CheckKind, School, Verdict};
use crate::inputs::Header;
use crate::speech::{Phrase, QuantityUnit};

/// The header that goes in.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SizedView {
    /// Its name in full.
    pub name: String,
    /// Its cut length.
    pub length: i64,
    /// Its weight, lb.
    pub weight_lb: f64,
    /// Whether somebody chose it.
    pub chosen: bool,
    /// Design span, in.
    pub design_span_in: f64,
    /// Its checks.
    pub checks: Vec<CheckView>,
    /// Where it hangs below the plates: its bending both ways it can be reckoned.
    pub hung: Option<HungView>,
    /// Where its design values come from.
    pub values_source: Phrase,
    /// How it has to lie: `TOP up`; left out where it does not matter.
    pub way_up: Option<Phrase>,
    /// R-value with foam in the depth of the wall that it leaves, and how deep that is in nanometers.
    pub r_value: f64,
    /// Depth of the wall that it leaves.
    pub spare_depth: i64,
}

/// A hung header's bending, side by side with the code's rule.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct HungView {
    /// How hard it bends with one ply resisting rolling over; left out where it carries nothing at all.
    pub one_ply: Option<f64>,
    /// How hard with all plies nailed to act as one.
    pub all_plies: Option<f64>,
    /// Whether the nailing is confirmed, so that all plies count.
    pub confirmed: bool,
    /// How far the code's table takes it at 0.70 of its span; left out where the table has no answer.
    pub code_span: Option<i64>,
    /// What it is nailed with to act as one.
    pub nailing: Phrase,
}

/// What one school says.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SchoolView {
    /// Which.
    pub school: School,
    /// Whether it governs in this job.
    pub governs: bool,
    /// The header it leads to.
    pub header: Option<String>,
    /// The header, to choose it by.
    pub spec: Option<Header>,
    /// Jacks it asks for at each end.
    pub jacks: Option<u8>,
    /// Why, in a sentence.
    pub words: Phrase,
    /// Whether that header carries by calculation.
    pub carries_by_calculation: Option<bool>,
}

/// A check of the header.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct CheckView {
    /// Which.
    pub kind: CheckKind,
    /// What is asked.
    pub demand: f64,
    /// What is there.
    pub capacity: f64,
    /// The unit of both.
    pub unit: QuantityUnit,
    /// Demand over capacity; left out where nothing is carried at all.
    pub ratio: Option<f64>,
    /// Governing combination.
    pub combination: Phrase,
    /// Clause.
    pub clause: Phrase,
}

/// A header that was tried.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct CandidateView {
    /// The header, to choose it by.
    pub spec: Header,
    /// Short name.
    pub name: String,
    /// Material.
    pub material: String,
    /// Whether it carries.
    pub verdict: Verdict,
    /// How hard it works; left out where something carries nothing at all.
    pub ratio: Option<f64>,
    /// What works hardest.
    pub hardest: Option<CheckKind>,
    /// Why it does not carry.
    pub failures: Vec<Phrase>,
    /// Weight of the cut header, lb.
    pub weight_lb: f64,
    /// Price of the cut header, cents; left out where nobody gave a price.
    pub price_cents: Option<f64>,
    /// Jacks it needs, left and right.
    pub jacks: [u8; 2],
    /// Whether it is the one that goes in.
    pub in_place: bool,
    /// What it serves best of those that carry: cheapest, least wood, shallowest, lightest, fewest plies.
    pub best_at: Vec<Aim>,
}

pub(super) fn hung_view(hung: Hung, sized: &SizedHeader) -> HungView {
    HungView {
        one_ply: finite(hung.one_ply),
        all_plies: finite(hung.all_plies),
        confirmed: hung.confirmed,
        code_span: hung.code_span.map(Length::nanometers),
        nailing: sturvek_core::framing::nailing::plies_to_act_as_one(sized.evaluation.header).into(),
    }
}

pub(super) fn sized_view(sized: &SizedHeader, length: Length) -> SizedView {
    let (evaluation, code) = (&sized.evaluation, sized.problem.conventions.code);
    SizedView {
        name: evaluation.header.name(),
        length: length.nanometers(),
        weight_lb: evaluation.header.weight(length).to_lbf(),
        chosen: sized.chosen,
        design_span_in: evaluation.design_span,
        checks: evaluation.checks.iter().map(|check| check_view(check, code)).collect(),
        hung: sized.hung.map(|hung| hung_view(hung, sized)),
        values_source: code.values_source(evaluation.header.board).into(),
        way_up: evaluation.header.board.way_up().map(Into::into),
        r_value: r_value(evaluation.header, sized.problem.wall_depth),
        spare_depth: spare_depth(evaluation.header, sized.problem.wall_depth).nanometers(),
    }
}

pub(super) fn schools(sized: &SizedHeader) -> Vec<SchoolView> {
    let view = |opinion: &Opinion| SchoolView {
        school: opinion.school.into(),
        governs: opinion.school == sized.school,
        header: opinion.header.map(|header| header.name()),
        spec: opinion.header.map(Into::into),
        jacks: opinion.jacks,
        words: (&opinion.words).into(),
        carries_by_calculation: opinion.carries_by_calculation,
    };
    sized.schools.iter().map(view).collect()
}

fn check_view(check: &CheckResult, code: DesignCode) -> CheckView {
    CheckView {
        kind: check.kind.into(),
        demand: check.comparison.demand,
        capacity: check.comparison.capacity,
        unit: check.kind.unit().into(),
        ratio: finite(check.ratio()),
        combination: CombinationIndex::said(check.combination).into(),
        clause: check.kind.clause(code).phrase().into(),
    }
}

/// Every header that was tried over an opening, cheapest first; none where nothing was sized.
pub fn candidates(opening: &OpeningPlan) -> Vec<CandidateView> {
    let OpeningOutcome::Header(sized) = &opening.outcome else { return Vec::new() };
    let bests = CoreAim::ALL.map(|aim| (aim, aim.best(&sized.candidates).map(|best| best.evaluation.header)));
    let view = |candidate: &Candidate| {
        let Evaluation { header, jacks, .. } = candidate.evaluation;
        let cut = opening.cut_of(candidate);
        let hardest = candidate.evaluation.hardest();
        CandidateView {
            spec: header.into(),
            name: header.short_name(),
            material: header.board.material_name(),
            verdict: CoreVerdict::of(&candidate.evaluation).into(),
            ratio: finite(candidate.evaluation.largest_ratio()),
            hardest: hardest.map(|check| check.kind.into()),
            failures: candidate.evaluation.failures().iter().map(Into::into).collect(),
            weight_lb: cut.weight.to_lbf(),
            price_cents: cut.price.map(Money::to_cents),
            jacks: [jacks.left, jacks.right],
            in_place: header == sized.evaluation.header,
            best_at: bests.iter().filter(|(_, best)| *best == Some(header)).map(|(aim, _)| (*aim).into()).collect(),
        }
    };
    sized.candidates.iter().map(view).collect()
}
