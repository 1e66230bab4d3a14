//! Results on the wire: a planned wall, an opening's ticket, the calculation sheet.

use serde::Serialize;
use sturvek_core::framing::assembly::assembly;
use sturvek_core::framing::changes::changes;
use sturvek_core::framing::margins::margins;
use sturvek_core::framing::nailing::{opening_nailing, wall_nailing};
use sturvek_core::framing::opening_plan::SizedHeader;
use sturvek_core::framing::pieces::pieces_of;
use sturvek_core::framing::snap::snaps;
use sturvek_core::framing::{Finding, KingCount, OpeningOutcome, OpeningPlan, WallPlan};
use sturvek_core::job;
use sturvek_core::loads::bearing_evidence::judge;
use sturvek_core::loads::{LoadKind, TakeDown};
use sturvek_core::lumber::insulation::{r_value, spare_depth};
use sturvek_core::measure::{End, Length};
use sturvek_core::sizing::Evaluation;
use sturvek_core::sizing::Verdict as CoreVerdict;
use sturvek_core::sizing::candidates::{Aim, Candidate};
use sturvek_core::sizing::jacks::{JackCount, JackReason};
use sturvek_core::sizing::schools::{Opinion, School as CoreSchool};
use sturvek_core::sizing::sheet::SheetPart as CoreSheetPart;
use sturvek_core::working::{Clause, Entry, figure, significant};
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::{
    BearingConclusion, CheckKind, FindingSeverity, LoadKind as WireLoadKind, School, SnapReason, StackLayerKind,
    Verdict,
};
use crate::framed::{ChangesView, MarginsView, Mark, Member, NailingView, PieceView};
use crate::inputs::Header;

/// A planned wall. Lengths are whole nanometers.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct WallView {
    /// Which wall.
    pub id: Uuid,
    /// Length along the plates.
    pub length: i64,
    /// Height over all plates.
    pub height: i64,
    /// Whether it bears, by what was looked at.
    pub bearing: BearingView,
    /// What comes down on it.
    pub loads: Vec<LoadLine>,
    /// The same summed by kind, for each stretch of the wall.
    pub load_stretches: Vec<LoadStretch>,
    /// Posts that the framing brings.
    pub load_points: Vec<LoadPointView>,
    /// Uplift at the far end of cantilevered joists, lb/ft.
    pub uplift_at_far_end_plf: Option<f64>,
    /// Its members.
    pub members: Vec<Member>,
    /// The marks on its plates.
    pub marks: Vec<Mark>,
    /// Anchor bolts in the sole plate, from the left end.
    pub bolts: Vec<i64>,
    /// The line of the wall's top over both plates, from left to right: x and height, in turn.
    pub top_line: Vec<i64>,
    /// What its plates, laps and studs are nailed with.
    pub nailing: Vec<NailingView>,
    /// Its openings, from left to right.
    pub openings: Vec<Ticket>,
    /// What is wrong or worth knowing.
    pub findings: Vec<FindingView>,
}

/// Whether a wall bears.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct BearingView {
    /// The conclusion.
    pub conclusion: BearingConclusion,
    /// In words.
    pub words: String,
    /// Why, or what was not looked at.
    pub reasons: Vec<String>,
}

/// A line of the take-down.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LoadLine {
    /// What brings it.
    pub source: String,
    /// Kind.
    pub kind: WireLoadKind,
    /// lb/ft², where it is a pressure on a width.
    pub psf: Option<f64>,
    /// Width of the area that leans on the wall, nanometers.
    pub tributary: Option<i64>,
    /// lb/ft where it starts.
    pub plf: f64,
    /// lb/ft where it ends.
    pub plf_at_end: f64,
    /// Where it starts along the wall; all along where both ends are left out.
    pub from: Option<i64>,
    /// Where it ends.
    pub to: Option<i64>,
}

/// A stretch of wall within which the same loads act.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LoadStretch {
    /// Where it starts.
    pub from: i64,
    /// Where it ends.
    pub to: i64,
    /// Loads by kind in its middle.
    pub totals: Vec<LoadTotal>,
}

/// A post that the framing brings.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LoadPointView {
    /// What brings it.
    pub source: String,
    /// Where.
    pub at: i64,
    /// Its parts by kind, lb: `1,200 D`.
    pub parts: Vec<LoadPart>,
}

/// A part of a load at one place.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LoadPart {
    /// Its symbol in the codes.
    pub symbol: String,
    /// lb.
    pub lb: f64,
}

/// A sum of the take-down.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LoadTotal {
    /// Kind.
    pub kind: WireLoadKind,
    /// Its symbol in the codes.
    pub symbol: String,
    /// Its name.
    pub name: String,
    /// lb/ft.
    pub plf: f64,
}

/// What to cut for an opening, and why it holds.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct Ticket {
    /// Which opening.
    pub id: Uuid,
    /// Its letter on the wall, from left to right.
    pub letter: String,
    /// Its kind in words.
    pub kind: String,
    /// Left face of the rough opening, from the wall's left end.
    pub left: i64,
    /// Right face.
    pub right: i64,
    /// Center.
    pub center: i64,
    /// Rough width.
    pub rough_width: i64,
    /// Rough height.
    pub rough_height: i64,
    /// Bottom of the rough opening.
    pub sill: i64,
    /// Top of the rough opening.
    pub head: i64,
    /// Whether it carries.
    pub verdict: Verdict,
    /// The verdict's words.
    pub verdict_words: String,
    /// Why, in a sentence.
    pub sentence: String,
    /// The header, where there is one.
    pub header: Option<SizedView>,
    /// The three schools side by side.
    pub schools: Vec<SchoolView>,
    /// Whether the job is built lean or belt and braces, as it is stated on the ticket.
    pub margin: String,
    /// Everything that was tried, cheapest first.
    pub candidates: Vec<CandidateView>,
    /// Jacks and kings at the left end.
    pub left_pack: PackView,
    /// Jacks and kings at the right end.
    pub right_pack: PackView,
    /// The heights, from the subfloor up.
    pub stack: Vec<StackLayer>,
    /// What to cut.
    pub pieces: Vec<PieceView>,
    /// Places worth stopping at while it is moved.
    pub snaps: Vec<SnapView>,
    /// What is left beside the rough opening.
    pub margins: MarginsView,
    /// What its pieces are nailed with.
    pub nailing: Vec<NailingView>,
    /// The order in which they go together.
    pub assembly: Vec<String>,
    /// What changed since it was framed; left out where it is not marked as framed.
    pub changes: Option<ChangesView>,
}

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
    /// Where its design values come from.
    pub values_source: String,
    /// R-value with foam in the depth of the wall that it leaves, and how deep that is in nanometers.
    pub r_value: f64,
    /// Depth of the wall that it leaves.
    pub spare_depth: i64,
}

/// What one school says.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SchoolView {
    /// Which.
    pub school: School,
    /// What it is called.
    pub name: String,
    /// Whether it governs in this job.
    pub governs: bool,
    /// The header it leads to.
    pub header: Option<String>,
    /// The header, to choose it by.
    pub spec: Option<Header>,
    /// Jacks it asks for at each end.
    pub jacks: Option<u8>,
    /// Why, in a sentence.
    pub words: String,
    /// Whether that header carries by calculation.
    pub carries_by_calculation: Option<bool>,
}

/// A check of the header.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct CheckView {
    /// Which.
    pub kind: CheckKind,
    /// In words.
    pub name: String,
    /// What is asked, with its unit.
    pub demand: String,
    /// What is there, with its unit.
    pub capacity: String,
    /// Demand over capacity.
    pub ratio: f64,
    /// Governing combination.
    pub combination: String,
    /// Clause.
    pub clause: String,
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
    /// How hard it works.
    pub ratio: f64,
    /// What works hardest.
    pub hardest: String,
    /// Why it does not carry.
    pub failures: Vec<String>,
    /// Weight of the cut header, lb.
    pub weight_lb: f64,
    /// Price of the cut header, cents.
    pub price_cents: f64,
    /// Jacks it needs, left and right.
    pub jacks: [u8; 2],
    /// Whether it is the one that goes in.
    pub in_place: bool,
    /// What it serves best of those that carry: cheapest, least wood, shallowest, lightest, fewest plies.
    pub best_at: Vec<String>,
}

/// Jacks and kings at one end.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PackView {
    /// Jacks framed.
    pub jacks: u8,
    /// Every reason for them.
    pub jack_reasons: Vec<ReasonView>,
    /// Why somebody decided another number of jacks.
    pub jacks_decided: Option<String>,
    /// Kings framed.
    pub kings: u8,
    /// Every reason for them.
    pub king_reasons: Vec<KingReasonView>,
    /// Why somebody decided another number of kings.
    pub kings_decided: Option<String>,
    /// Largest load on the pack, lb.
    pub load_lb: Option<f64>,
}

/// One reason for so many jacks.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ReasonView {
    /// The reason.
    pub name: String,
    /// Jacks it asks for; absent where none is enough.
    pub count: Option<u8>,
    /// The numbers in words.
    pub words: String,
    /// Whether it sets the number.
    pub governs: bool,
    /// Clause.
    pub clause: String,
}

/// One reason for so many kings.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct KingReasonView {
    /// The reason.
    pub name: String,
    /// Kings it asks for; absent where it has no number.
    pub count: Option<u8>,
    /// Whether it counts in this job, or only stands beside the others.
    pub counts: bool,
    /// Whether it sets the number.
    pub governs: bool,
}

/// A layer of the height stack.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct StackLayer {
    /// What it is.
    pub kind: StackLayerKind,
    /// In words.
    pub name: String,
    /// Lower edge above the subfloor.
    pub from: i64,
    /// Height.
    pub height: i64,
}

/// A place worth stopping at.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SnapView {
    /// The opening's center there.
    pub center: i64,
    /// Why.
    pub reason: SnapReason,
    /// How many full studs fewer the wall takes than now; negative for more.
    pub studs_saved: i32,
}

/// A finding.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct FindingView {
    /// How much it matters.
    pub severity: FindingSeverity,
    /// Which opening it is about; left out where it is about the wall.
    pub opening: Option<Uuid>,
    /// That opening's letter on the wall; empty where it is about the wall.
    pub letter: String,
    /// Where along the wall it is, if it is at one place.
    pub at: Option<i64>,
    /// What it is.
    pub sentence: String,
    /// What can be done.
    pub ways_out: Vec<String>,
}

/// One part of the calculation sheet.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SheetPart {
    /// What it works out.
    pub title: String,
    /// Its lines.
    pub lines: Vec<SheetLine>,
}

/// One line of working.
#[derive(Clone, Debug, Serialize, ToSchema)]
#[serde(tag = "line", rename_all = "snake_case")]
pub enum SheetLine {
    /// A computed step.
    Step {
        /// What is computed.
        what: String,
        /// Its symbol.
        symbol: String,
        /// The formula in symbols.
        formula: String,
        /// The formula in figures.
        figures: String,
        /// The result with its unit.
        result: String,
        /// Where the rule comes from.
        clause: String,
    },
    /// A remark.
    Note {
        /// The remark.
        text: String,
    },
}

/// One job in the list.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct Unresolved {
    /// Openings in the job.
    pub openings: usize,
    /// Openings that do not carry, or need an engineer, or have trouble in their framing.
    pub unresolved: usize,
}

impl Unresolved {
    /// Counts over a job's planned walls.
    pub fn count<'a>(plans: impl IntoIterator<Item = &'a WallPlan>) -> Self {
        let mut totals = Self { openings: 0, unresolved: 0 };
        for plan in plans {
            totals.openings += plan.openings.len();
            totals.unresolved += plan.openings.iter().filter(|opening| is_unresolved(opening, plan)).count();
        }
        totals
    }
}

fn is_unresolved(opening: &OpeningPlan, plan: &WallPlan) -> bool {
    use sturvek_core::framing::Severity;
    matches!(opening.verdict, CoreVerdict::DoesNotCarry | CoreVerdict::AskAnEngineer)
        || plan.findings.iter().any(|f| f.opening() == Some(opening.id) && f.severity() == Severity::Trouble)
}

/// A planned wall for the page.
pub fn wall_view(job: &job::Job, wall: &job::Wall, plan: &WallPlan) -> WallView {
    WallView {
        id: Uuid::from_u128(wall.id.0),
        length: wall.frame.length.nanometers(),
        height: wall.frame.height().nanometers(),
        bearing: bearing(&wall.evidence),
        loads: load_lines(&plan.take_down),
        load_stretches: load_stretches(&plan.take_down, wall.frame.length),
        load_points: plan.take_down.points.iter().map(load_point).collect(),
        uplift_at_far_end_plf: plan.take_down.uplift_at_far_end.map(|uplift| uplift.to_plf()),
        members: plan.members.iter().map(Into::into).collect(),
        marks: plan.marks.iter().map(Into::into).collect(),
        bolts: plan.bolts.iter().map(|bolt| bolt.nanometers()).collect(),
        top_line: top_line(&wall.frame),
        nailing: wall_nailing(wall, &plan.members).iter().map(Into::into).collect(),
        openings: plan
            .openings
            .iter()
            .enumerate()
            .map(|(index, opening)| ticket(index, opening, plan, job, wall))
            .collect(),
        findings: plan.findings.iter().map(|each| finding(each, &plan.openings)).collect(),
    }
}

fn top_line(frame: &job::WallFrame) -> Vec<i64> {
    let lines = frame.top_lines();
    let points = lines.first().map(|line| line[0]).into_iter().chain(lines.iter().map(|line| line[1]));
    points.flat_map(|(x, y)| [x.nanometers(), y.nanometers()]).collect()
}

fn changes_of(job: &job::Job, wall: &job::Wall, plan: &WallPlan, id: job::OpeningId) -> Option<ChangesView> {
    let opening = wall.openings.iter().find(|opening| opening.id == id)?;
    changes(job, wall, plan, opening).as_ref().map(Into::into)
}

fn bearing(evidence: &sturvek_core::loads::BearingEvidence) -> BearingView {
    let (conclusion, reasons) = judge(evidence);
    BearingView { conclusion: conclusion.into(), words: conclusion.words().to_owned(), reasons }
}

fn load_lines(down: &TakeDown) -> Vec<LoadLine> {
    let line = |line: &sturvek_core::loads::LoadLine| LoadLine {
        source: line.source.to_owned(),
        kind: line.kind.into(),
        psf: line.area.map(|(pressure, _)| pressure.to_psf()),
        tributary: line.area.map(|(_, tributary)| tributary.nanometers()),
        plf: line.at_start.to_plf(),
        plf_at_end: line.at_end.to_plf(),
        from: line.extent.map(|(from, _)| from.nanometers()),
        to: line.extent.map(|(_, to)| to.nanometers()),
    };
    down.lines.iter().map(line).collect()
}

fn load_stretches(down: &TakeDown, wall_length: Length) -> Vec<LoadStretch> {
    let stretch = |(from, to): (Length, Length)| {
        let there = down.at(from + (to - from).half());
        let total = |kind: LoadKind| LoadTotal {
            kind: kind.into(),
            symbol: kind.symbol().to_owned(),
            name: kind.name().to_owned(),
            plf: there.get(kind).to_plf(),
        };
        let totals = LoadKind::ALL.into_iter().map(total).filter(|total| total.plf > 0.0).collect();
        LoadStretch { from: from.nanometers(), to: to.nanometers(), totals }
    };
    down.stretches(wall_length).into_iter().map(stretch).collect()
}

fn load_point(point: &sturvek_core::loads::LoadPoint) -> LoadPointView {
    let part = |kind: LoadKind| LoadPart { symbol: kind.symbol().to_owned(), lb: point.amount.get(kind).to_lbf() };
    LoadPointView {
        source: point.source.to_owned(),
        at: point.at.nanometers(),
        parts: LoadKind::ALL.into_iter().map(part).filter(|part| part.lb > 0.0).collect(),
    }
}

fn finding(finding: &Finding, openings: &[OpeningPlan]) -> FindingView {
    let place = openings.iter().position(|opening| Some(opening.id) == finding.opening());
    FindingView {
        at: finding.at().map(Length::nanometers),
        letter: place.map_or_else(String::new, letter),
        severity: finding.severity().into(),
        opening: finding.opening().map(|id| Uuid::from_u128(id.0)),
        sentence: finding.sentence(),
        ways_out: finding.ways_out().iter().map(ToString::to_string).collect(),
    }
}

fn ticket(index: usize, opening: &OpeningPlan, plan: &WallPlan, job: &job::Job, wall: &job::Wall) -> Ticket {
    let sized = match &opening.outcome {
        OpeningOutcome::Header(sized) => Some(&**sized),
        OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => None,
    };
    Ticket {
        id: Uuid::from_u128(opening.id.0),
        letter: letter(index),
        kind: opening.design.kind.word().to_owned(),
        left: opening.left().nanometers(),
        right: opening.right().nanometers(),
        center: opening.design.center.nanometers(),
        rough_width: opening.rough.width.nanometers(),
        rough_height: opening.rough.height.nanometers(),
        sill: opening.design.sill.nanometers(),
        head: opening.stack.head().nanometers(),
        verdict: opening.verdict.into(),
        verdict_words: opening.verdict_words().to_owned(),
        sentence: opening.sentence.clone(),
        header: sized.map(|sized| sized_view(sized, opening.header_length())),
        schools: sized.map_or_else(Vec::new, schools),
        margin: job.settings.margin.words().to_owned(),
        candidates: sized.map_or_else(Vec::new, |sized| candidates(sized, opening)),
        left_pack: pack(opening, sized, End::Left),
        right_pack: pack(opening, sized, End::Right),
        stack: opening.stack.lines.iter().map(stack_layer).collect(),
        pieces: pieces_of(opening.id, &plan.members).iter().map(Into::into).collect(),
        margins: (&margins(opening, &wall.frame)).into(),
        nailing: opening_nailing(opening, &plan.members).iter().map(Into::into).collect(),
        assembly: assembly(opening, &plan.members),
        changes: changes_of(job, wall, plan, opening.id),
        snaps: snaps(opening, &plan.openings, wall)
            .iter()
            .map(|snap| SnapView {
                center: snap.center.nanometers(),
                reason: snap.kind.into(),
                studs_saved: snap.studs_saved,
            })
            .collect(),
    }
}

/// The letter of an opening by its place: A, B, … Z, then AA, AB, …
pub fn letter(index: usize) -> String {
    let letter = |index: usize| char::from(b'A' + (index % 26) as u8);
    if index < 26 { letter(index).to_string() } else { format!("{}{}", letter(index / 26 - 1), letter(index)) }
}

fn sized_view(sized: &SizedHeader, length: Length) -> SizedView {
    let evaluation = &sized.evaluation;
    SizedView {
        name: evaluation.header.name(),
        length: length.nanometers(),
        weight_lb: evaluation.header.weight_per_foot_lbf() * length.to_feet(),
        chosen: sized.chosen,
        design_span_in: evaluation.design_span,
        checks: evaluation.checks.iter().map(check).collect(),
        values_source: evaluation.header.board.values_source().to_owned(),
        r_value: r_value(evaluation.header, sized.problem.wall_depth),
        spare_depth: spare_depth(evaluation.header, sized.problem.wall_depth).nanometers(),
    }
}

fn schools(sized: &SizedHeader) -> Vec<SchoolView> {
    let view = |opinion: &Opinion| SchoolView {
        school: opinion.school.into(),
        name: opinion.school.name().to_owned(),
        governs: opinion.school == sized.school,
        header: opinion.header.map(|header| header.name()),
        spec: opinion.header.map(Into::into),
        jacks: opinion.jacks,
        words: opinion.words.clone(),
        carries_by_calculation: opinion.carries_by_calculation,
    };
    sized.schools.iter().map(view).collect()
}

fn check(check: &sturvek_core::sizing::header::CheckResult) -> CheckView {
    let with_unit = |value: f64| format!("{} {}", significant(value, 4), check.kind.unit().symbol());
    CheckView {
        kind: check.kind.into(),
        name: check.kind.name().to_owned(),
        demand: with_unit(check.comparison.demand),
        capacity: with_unit(check.comparison.capacity),
        ratio: check.ratio(),
        combination: check.combination.to_owned(),
        clause: clause_text(check.kind.clause()),
    }
}

fn candidates(sized: &SizedHeader, opening: &OpeningPlan) -> Vec<CandidateView> {
    let bests = Aim::ALL.map(|aim| (aim, aim.best(&sized.candidates).map(|best| best.evaluation.header)));
    let view = |candidate: &Candidate| {
        let Evaluation { header, jacks, .. } = candidate.evaluation;
        let plies = i64::from(jacks.left + jacks.right);
        let feet = (opening.rough.width + opening.stud * plies).to_feet();
        let hardest = candidate.evaluation.hardest();
        CandidateView {
            spec: header.into(),
            name: header.short_name(),
            material: header.board.material_name(),
            verdict: CoreVerdict::of(&candidate.evaluation).into(),
            ratio: candidate.evaluation.largest_ratio(),
            hardest: hardest.map_or(String::new(), |check| check.kind.name().to_owned()),
            failures: candidate.evaluation.failures(),
            weight_lb: header.weight_per_foot_lbf() * feet,
            price_cents: candidate.price_per_foot.to_cents() * feet,
            jacks: [jacks.left, jacks.right],
            in_place: header == sized.evaluation.header,
            best_at: bests
                .iter()
                .filter(|(_, best)| *best == Some(header))
                .map(|(aim, _)| aim.words().to_owned())
                .collect(),
        }
    };
    sized.candidates.iter().map(view).collect()
}

fn pack(opening: &OpeningPlan, sized: Option<&SizedHeader>, end: End) -> PackView {
    let framed = *opening.jacks.at(end);
    let kings: &KingCount = opening.kings.at(end);
    let arithmetic = sized.map(|sized| sized.evaluation.packs.at(end));
    let mut reasons: Vec<&JackCount> = arithmetic.map_or_else(Vec::new, |pack| pack.reasons.iter().collect());
    reasons.extend(sized.and_then(|sized| sized.code_jacks.as_ref()));
    reasons.extend(sized.and_then(|sized| sized.shop_rule.as_ref()));
    let code_governs = sized.is_some_and(|sized| sized.school == CoreSchool::CodeTable);
    let counts = |reason: &JackCount| reason.reason != JackReason::CodeTable || code_governs;
    let counting = reasons.iter().filter(|reason| counts(reason));
    let most = counting.map(|reason| reason.count.unwrap_or(u8::MAX)).max();
    PackView {
        jacks: framed,
        jack_reasons: reasons.iter().map(|count| reason(count, most, counts(count))).collect(),
        jacks_decided: opening.decided_jacks.at(end).as_ref().map(|decided| decided.reason.clone()),
        kings: kings.framed(),
        king_reasons: king_reasons(kings),
        kings_decided: kings.decided.as_ref().map(|decided| decided.reason.clone()),
        load_lb: arithmetic.map(|pack| pack.largest_load),
    }
}

fn king_reasons(kings: &KingCount) -> Vec<KingReasonView> {
    let needed = kings.needed();
    let view = |reason: &sturvek_core::framing::KingReason| KingReasonView {
        name: reason.by.name().to_owned(),
        count: reason.count,
        counts: reason.counts,
        governs: reason.counts && reason.count == needed,
    };
    kings.reasons.iter().map(view).collect()
}

fn reason(count: &JackCount, most: Option<u8>, counts: bool) -> ReasonView {
    let words = match count.each {
        None if count.reason == JackReason::CodeTable && counts => "by the code's table".to_owned(),
        None if count.reason == JackReason::CodeTable => "the table's; it does not govern here".to_owned(),
        Some(each) => format!("{:.0} lb, {each:.0} lb a jack ({})", count.load, count.combination),
        None if count.count.is_none() => "too slender at any number".to_owned(),
        None => "what the shop does".to_owned(),
    };
    ReasonView {
        name: count.reason.name().to_owned(),
        count: count.count,
        words,
        governs: counts && Some(count.count.unwrap_or(u8::MAX)) == most,
        clause: clause_text(count.reason.clause()),
    }
}

fn stack_layer(line: &sturvek_core::framing::StackLine) -> StackLayer {
    StackLayer {
        kind: line.what.into(),
        name: line.what.name().to_owned(),
        from: line.from.nanometers(),
        height: line.height.nanometers(),
    }
}

/// The calculation sheet for the page.
pub fn sheet_parts(parts: &[CoreSheetPart]) -> Vec<SheetPart> {
    parts.iter().map(|part| SheetPart { title: part.title.clone(), lines: sheet_lines(&part.entries) }).collect()
}

/// Working for the page.
pub fn sheet_lines(entries: &[Entry]) -> Vec<SheetLine> {
    let line = |entry: &Entry| match entry {
        Entry::Note(text) => SheetLine::Note { text: text.clone() },
        Entry::Step(step) => SheetLine::Step {
            what: step.what.to_owned(),
            symbol: step.symbol.clone(),
            formula: step.formula.clone(),
            figures: step.figures.clone(),
            result: format!("{} {}", figure(step.value), step.unit.symbol()).trim_end().to_owned(),
            clause: clause_text(step.clause),
        },
    };
    entries.iter().map(line).collect()
}

fn clause_text(clause: Clause) -> String {
    let text = format!("{} {}", clause.standard, clause.number);
    let text = text.trim_end();
    if clause.from_memory { format!("{text} (from memory)") } else { text.to_owned() }
}
