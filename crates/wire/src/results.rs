//! Results on the wire: a planned wall, an opening's ticket, the calculation sheet.

use serde::Serialize;
use sturvek_core::framing::assembly::assembly;
use sturvek_core::framing::below::{below_field, below_packs};
use sturvek_core::framing::changes::changes;
use sturvek_core::framing::margins::margins;
use sturvek_core::framing::marks::legend;
use sturvek_core::framing::nailing::{opening_nailing, wall_nailing};
use sturvek_core::framing::opening_plan::{Hung, SizedHeader};
use sturvek_core::framing::pieces::pieces_of;
use sturvek_core::framing::snap::snaps;
use sturvek_core::framing::{FieldLoad, Finding, KingCount, KingsAsked, OpeningOutcome, OpeningPlan, WallPlan};
use sturvek_core::job;
use sturvek_core::loads::bearing_evidence::judge;
use sturvek_core::loads::snow::what_is_computed;
use sturvek_core::loads::{Asked, LoadKind, TakeDown};
use sturvek_core::lumber::insulation::{r_value, spare_depth};
use sturvek_core::measure::{End, Length};
use sturvek_core::plan::Settled;
use sturvek_core::sizing::Verdict as CoreVerdict;
use sturvek_core::sizing::candidates::{Aim, Candidate};
use sturvek_core::sizing::jacks::{JackCount, JackReason};
use sturvek_core::sizing::schools::{Opinion, School as CoreSchool};
use sturvek_core::sizing::sheet::SheetPart as CoreSheetPart;
use sturvek_core::sizing::{Evaluation, OutsideLimits};
use sturvek_core::working::{Clause, Entry, figure, significant};
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::{
    BearingConclusion, CheckKind, FindingSeverity, LoadKind as WireLoadKind, Question, School, SnapReason,
    StackLayerKind, Verdict,
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
    /// Loads that no opening takes, with the studs under them.
    pub field_loads: Vec<FieldLoadView>,
    /// Its members.
    pub members: Vec<Member>,
    /// The marks on its plates.
    pub marks: Vec<Mark>,
    /// What the marks mean.
    pub legend: Vec<LegendLine>,
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

/// What a mark on the plates means.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LegendLine {
    /// What is written.
    pub mark: String,
    /// What stands there.
    pub meaning: String,
}

/// A load in the field of a wall and the studs under it.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct FieldLoadView {
    /// Where it stands.
    pub at: i64,
    /// The largest of its combinations, lb.
    pub largest_lb: f64,
    /// How many studs stand under it.
    pub studs: u8,
    /// Whether they are enough.
    pub enough: bool,
    /// How hard they work as a column; left out where it has no number.
    pub column_ratio: Option<f64>,
    /// How hard the plate under them works; left out where it has no number.
    pub plate_ratio: Option<f64>,
    /// What must stand below them.
    pub below: String,
}

/// Something that an opening needs and nobody said.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct AskedView {
    /// Which.
    pub question: Question,
    /// In words.
    pub words: String,
    /// Why it is asked.
    pub sentence: String,
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
    /// What has yet to be said before it has a number.
    pub asked: Vec<AskedView>,
    /// Whether it has numbers: without them there is no count, no cut list and no order of assembly.
    pub has_numbers: bool,
    /// The header, where there is one.
    pub header: Option<SizedView>,
    /// The three schools side by side.
    pub schools: Vec<SchoolView>,
    /// Whether the job is built lean or belt and braces, as it is stated on the ticket.
    pub margin: String,
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
    /// What must stand below each pack.
    pub below: Vec<String>,
    /// What of snow is in the numbers, and what is not.
    pub snow_caution: String,
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
    /// Where it hangs below the plates: its bending both ways it can be reckoned.
    pub hung: Option<HungView>,
    /// Where its design values come from.
    pub values_source: String,
    /// How it has to lie: `TOP up`; empty where it does not matter.
    pub way_up: String,
    /// R-value with foam in the depth of the wall that it leaves, and how deep that is in nanometers.
    pub r_value: f64,
    /// Depth of the wall that it leaves.
    pub spare_depth: i64,
}

/// A hung header's bending, side by side with the code's rule.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct HungView {
    /// How hard it bends with one ply resisting rolling over.
    pub one_ply: f64,
    /// How hard with all plies nailed to act as one.
    pub all_plies: f64,
    /// Whether the nailing is confirmed, so that all plies count.
    pub confirmed: bool,
    /// How far the code's table takes it at 0.70 of its span; left out where the table has no answer.
    pub code_span: Option<i64>,
    /// What it is nailed with to act as one.
    pub nailing: String,
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
    /// Price of the cut header, cents; left out where nobody gave a price.
    pub price_cents: Option<f64>,
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
    pub what: String,
    /// Demand over capacity.
    pub ratio: f64,
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
    /// What it asks for, in a word or two.
    pub words: String,
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
    /// Its short name, kept for good.
    pub code: String,
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

/// How much of a job or a wall is settled.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct Unresolved {
    /// Openings.
    pub openings: usize,
    /// Openings that do not carry, or need an engineer, or have trouble in their framing.
    pub unresolved: usize,
}

impl From<Settled> for Unresolved {
    fn from(settled: Settled) -> Self {
        let Settled { openings, unresolved } = settled;
        Self { openings, unresolved }
    }
}

/// A planned wall for the page.
pub fn wall_view(rules: &job::Rules<'_>, wall: &job::Wall, plan: &WallPlan) -> WallView {
    WallView {
        id: Uuid::from_u128(wall.id.0),
        length: wall.frame.length.nanometers(),
        height: wall.frame.height().nanometers(),
        bearing: bearing(&wall.evidence),
        loads: load_lines(&plan.ground.down),
        load_stretches: load_stretches(&plan.ground.down, wall.frame.length),
        load_points: plan.ground.down.points.iter().map(load_point).collect(),
        field_loads: field_loads(plan, wall),
        members: plan.members.iter().map(Into::into).collect(),
        marks: plan.marks.iter().map(Into::into).collect(),
        legend: legend(&plan.members, &plan.marks)
            .into_iter()
            .map(|(mark, meaning)| LegendLine { mark, meaning })
            .collect(),
        bolts: plan.bolts.iter().map(|bolt| bolt.nanometers()).collect(),
        top_line: top_line(&wall.frame),
        nailing: wall_nailing(wall, &plan.members).iter().map(Into::into).collect(),
        openings: plan.openings.iter().map(|opening| ticket(opening, plan, rules, wall)).collect(),
        findings: plan.findings.iter().map(|each| finding(each, &plan.openings)).collect(),
    }
}

fn top_line(frame: &job::WallFrame) -> Vec<i64> {
    let lines = frame.top_lines();
    let points = lines.first().map(|line| line[0]).into_iter().chain(lines.iter().map(|line| line[1]));
    points.flat_map(|(x, y)| [x.nanometers(), y.nanometers()]).collect()
}

fn changes_of(rules: &job::Rules<'_>, wall: &job::Wall, plan: &WallPlan, id: job::OpeningId) -> Option<ChangesView> {
    let opening = wall.openings.iter().find(|opening| opening.id == id)?;
    changes(rules, wall, plan, opening).as_ref().map(Into::into)
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
    let about = openings.iter().find(|opening| Some(opening.id) == finding.opening());
    FindingView {
        code: finding.code().to_owned(),
        at: finding.at().map(Length::nanometers),
        letter: about.map_or_else(String::new, |opening| opening.letter.to_string()),
        severity: finding.severity().into(),
        opening: finding.opening().map(|id| Uuid::from_u128(id.0)),
        sentence: finding.sentence(),
        ways_out: finding.ways_out().iter().map(ToString::to_string).collect(),
    }
}

fn ticket(opening: &OpeningPlan, plan: &WallPlan, rules: &job::Rules<'_>, wall: &job::Wall) -> Ticket {
    let sized = match &opening.outcome {
        OpeningOutcome::Header(sized) => Some(&**sized),
        OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => None,
    };
    Ticket {
        id: Uuid::from_u128(opening.id.0),
        letter: opening.letter.to_string(),
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
        asked: asked(opening),
        has_numbers: has_numbers(opening),
        header: sized.map(|sized| sized_view(sized, opening.header_length())),
        schools: sized.map_or_else(Vec::new, schools),
        margin: rules.settings.margin.words().to_owned(),
        left_pack: pack(opening, sized, End::Left),
        right_pack: pack(opening, sized, End::Right),
        stack: opening.stack.lines.iter().map(stack_layer).collect(),
        pieces: pieces_of(opening.id, &plan.members).iter().map(Into::into).collect(),
        margins: (&margins(opening, &wall.frame)).into(),
        nailing: opening_nailing(opening, &plan.members).iter().map(Into::into).collect(),
        assembly: assembly(opening, &plan.members),
        below: below_packs(opening).iter().map(|below| below.sentence()).collect(),
        snow_caution: what_is_computed(&rules.settings.site.snow).to_owned(),
        changes: changes_of(rules, wall, plan, opening.id),
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

const fn has_numbers(opening: &OpeningPlan) -> bool {
    match opening.outcome {
        OpeningOutcome::Header(_) | OpeningOutcome::Flat | OpeningOutcome::InBay(_) => true,
        OpeningOutcome::Outside(_) => false,
    }
}

fn asked(opening: &OpeningPlan) -> Vec<AskedView> {
    let asked: &[Asked] = match &opening.outcome {
        OpeningOutcome::Outside(OutsideLimits::NotSaid { asked }) => asked,
        OpeningOutcome::Outside(_) | OpeningOutcome::Header(_) | OpeningOutcome::Flat | OpeningOutcome::InBay(_) => &[],
    };
    asked
        .iter()
        .map(|asked| AskedView {
            question: (*asked).into(),
            words: asked.words().to_owned(),
            sentence: asked.sentence().to_owned(),
        })
        .collect()
}

fn field_loads(plan: &WallPlan, wall: &job::Wall) -> Vec<FieldLoadView> {
    let below = below_field(plan, wall.frame.thickness());
    let view = |(load, below): (&FieldLoad, &sturvek_core::framing::below::PressesBelow)| FieldLoadView {
        at: load.at.nanometers(),
        largest_lb: load.largest,
        studs: load.studs(),
        enough: load.needed.is_some(),
        column_ratio: Some(load.works.column).filter(|ratio| ratio.is_finite()),
        plate_ratio: Some(load.works.plate).filter(|ratio| ratio.is_finite()),
        below: below.sentence(),
    };
    plan.field_loads.iter().zip(&below).map(view).collect()
}

fn hung_view(hung: Hung, sized: &SizedHeader) -> HungView {
    HungView {
        one_ply: hung.one_ply,
        all_plies: hung.all_plies,
        confirmed: hung.confirmed,
        code_span: hung.code_span.map(Length::nanometers),
        nailing: sturvek_core::framing::nailing::plies_to_act_as_one(sized.evaluation.header),
    }
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
        hung: sized.hung.map(|hung| hung_view(hung, sized)),
        values_source: evaluation.header.board.values_source().to_owned(),
        way_up: evaluation.header.board.way_up().to_owned(),
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

/// Every header that was tried over an opening, cheapest first; none where nothing was sized.
pub fn candidates(opening: &OpeningPlan) -> Vec<CandidateView> {
    let OpeningOutcome::Header(sized) = &opening.outcome else { return Vec::new() };
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
            price_cents: candidate.price_per_foot.map(|price| price.to_cents() * feet),
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
        jacks: has_numbers(opening).then_some(framed),
        jack_reasons: reasons.iter().map(|count| reason(count, most, counts(count))).collect(),
        jacks_decided: opening.decided_jacks.at(end).as_ref().map(|decided| decided.reason.clone()),
        kings: has_numbers(opening).then(|| opening.kings_framed(end)),
        king_reasons: king_reasons(kings),
        kings_decided: kings.decided.as_ref().map(|decided| decided.reason.clone()),
        load_lb: arithmetic.map(|pack| pack.largest_load),
        kings_work: kings
            .hardest()
            .filter(|_| has_numbers(opening))
            .map(|(what, ratio)| RatioView { what: what.to_owned(), ratio }),
    }
}

fn king_reasons(kings: &KingCount) -> Vec<KingReasonView> {
    let needed = kings.needed();
    let view = |reason: &sturvek_core::framing::KingReason| KingReasonView {
        name: reason.by.name().to_owned(),
        count: reason.asks.count(),
        words: match reason.asks {
            KingsAsked::Count(count) => count.to_string(),
            KingsAsked::NoneHolds { tried } => format!("more than {tried}"),
            KingsAsked::NoNumber => "no number".to_owned(),
        },
        counts: reason.counts,
        governs: reason.counts && reason.asks == needed,
    };
    kings.reasons.iter().map(view).collect()
}

fn reason(count: &JackCount, most: Option<u8>, counts: bool) -> ReasonView {
    let words = match (count.reason, count.each, count.count) {
        (JackReason::CodeTable, ..) if counts => "by the code's table".to_owned(),
        (JackReason::CodeTable, ..) => "the table's; it does not govern here".to_owned(),
        (JackReason::ShopRule, ..) => "what the shop does".to_owned(),
        (_, Some(each), _) => format!("{:.0} lb, {each:.0} lb a jack ({})", count.load, count.combination),
        (_, None, None) => "too slender at any number".to_owned(),
        (_, None, Some(_)) => {
            format!(
                "{:.0} lb, {:.0} % of what those there bear ({})",
                count.load,
                100.0 * count.ratio,
                count.combination
            )
        }
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
