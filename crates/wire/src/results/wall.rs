//! A planned wall on the wire.

use serde::Serialize;
use sturvek_core::framing::WallPlan;
use sturvek_core::framing::bears_by_house::bears_by_house;
use sturvek_core::framing::marks::legend;
use sturvek_core::framing::nailing::wall_nailing;
use sturvek_core::job;
use sturvek_core::loads::bearing_evidence::judge;
use sturvek_core::plan::Settled;
use utoipa::ToSchema;
use uuid::Uuid;

use super::finding::{FindingView, finding};
use super::loads::{
    FieldLoadView, LoadLine, LoadPointView, LoadStretch, field_loads, load_lines, load_point, load_stretches,
};
use super::ticket::{OpeningView, opening_view};
use crate::choices::BearingConclusion;
use crate::framed::{Mark, Member, NailingView};
use crate::speech::Phrase;

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
    /// Whether it bears by what lands on it in its house; left out where it has no place in one.
    pub by_house: Option<Phrase>,
    /// Where the floor over it must be solid.
    pub solid_floors: Vec<Phrase>,
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
    /// Pipes and bays that studs keep clear of.
    pub kept_clear: Vec<ClearView>,
    /// The line of the wall's top over both plates, from left to right: x and height, in turn.
    pub top_line: Vec<i64>,
    /// What its plates, laps and studs are nailed with.
    pub nailing: Vec<NailingView>,
    /// Its openings, from left to right.
    pub openings: Vec<OpeningView>,
    /// What is wrong or worth knowing.
    pub findings: Vec<FindingView>,
}

/// A stretch that studs keep clear of. Lengths are nanometers.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ClearView {
    /// What it is kept for.
    pub name: String,
    /// Its left edge.
    pub left: i64,
    /// Its right edge.
    pub right: i64,
    /// How high the wall is there at its lowest.
    pub top: i64,
    /// Whether it goes through the plates.
    pub is_pipe: bool,
}

/// What a mark on the plates means.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LegendLine {
    /// What is written.
    pub mark: String,
    /// What stands there.
    pub meaning: Phrase,
}

/// Whether a wall bears.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct BearingView {
    /// The conclusion.
    pub conclusion: BearingConclusion,
    /// Why, or what was not looked at.
    pub reasons: Vec<Phrase>,
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

/// How much of a wall of the job is settled, and what it waits for.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct WallSettled {
    /// Openings.
    pub openings: usize,
    /// Openings that do not carry, or need an engineer, or have trouble in their framing.
    pub trouble: usize,
    /// Openings that wait for somebody to say something.
    pub asking: usize,
}

impl From<&WallPlan> for WallSettled {
    fn from(plan: &WallPlan) -> Self {
        let asking = plan.openings.iter().filter(|opening| opening.is_asking()).count();
        let Settled { openings, unresolved } = plan.settled();
        Self { openings, trouble: unresolved - asking, asking }
    }
}

/// A planned wall for the page.
pub fn wall_view(wall: &job::Wall, plan: &WallPlan) -> WallView {
    WallView {
        id: Uuid::from_u128(wall.id.0),
        length: wall.frame.length.nanometers(),
        height: wall.frame.height().nanometers(),
        bearing: bearing(&wall.evidence),
        by_house: bears_by_house(wall, &plan.ground.landed).map(Into::into),
        solid_floors: plan.ground.landed.solid.iter().map(|solid| solid.phrase().into()).collect(),
        loads: load_lines(&plan.ground.landed.down),
        load_stretches: load_stretches(&plan.ground.landed.down, wall.frame.length),
        load_points: plan.ground.landed.down.points.iter().map(load_point).collect(),
        field_loads: field_loads(plan, wall),
        members: plan.members.iter().map(Into::into).collect(),
        marks: plan.marks.iter().map(Into::into).collect(),
        legend: legend(&plan.members, &plan.marks)
            .into_iter()
            .map(|(mark, meaning)| LegendLine { mark, meaning: meaning.into() })
            .collect(),
        bolts: plan.bolts.iter().map(|bolt| bolt.nanometers()).collect(),
        kept_clear: wall.frame.framing.kept_clear.iter().map(|each| clear_view(&wall.frame, each)).collect(),
        top_line: top_line(&wall.frame),
        nailing: wall_nailing(wall, &plan.members).iter().map(Into::into).collect(),
        openings: plan.openings.iter().map(opening_view).collect(),
        findings: plan.findings.iter().map(|each| finding(each, &plan.openings)).collect(),
    }
}

fn clear_view(frame: &job::WallFrame, each: &job::KeptClear) -> ClearView {
    let (left, right) = each.edges();
    ClearView {
        name: each.name.clone(),
        left: left.nanometers(),
        right: right.nanometers(),
        top: frame.top_at(left).min(frame.top_at(right)).nanometers(),
        is_pipe: each.for_ == job::ClearFor::Pipe,
    }
}

pub(super) fn top_line(frame: &job::WallFrame) -> Vec<i64> {
    let lines = frame.top_lines();
    let mut points: Vec<_> = lines.into_iter().flatten().collect();
    // Where the plates step both heights stand at one place.
    points.dedup();
    points.into_iter().flat_map(|(x, y)| [x.nanometers(), y.nanometers()]).collect()
}

pub(super) fn bearing(evidence: &sturvek_core::loads::BearingEvidence) -> BearingView {
    let (conclusion, reasons) = judge(evidence);
    BearingView { conclusion: conclusion.into(), reasons: reasons.iter().map(Into::into).collect() }
}
