//! Where the loads of a house go, on the wire: stations from the roof to the ground, and what flows between them.

use serde::Serialize;
use sturvek_core::house::Spot;
use sturvek_core::loads::{ByKind, LoadKind};
use sturvek_core::measure::Force;
use sturvek_core::plan::member_choices::{MemberChoice, MemberChoices};
use sturvek_core::plan::stations::{self, StationIs};
use sturvek_core::plan::ways_out::WayOfBreak;
use utoipa::ToSchema;
use uuid::Uuid;

use super::finite;
use crate::choices::{Axis, StationKind};
use crate::command::Command;
use crate::speech::Phrase;

/// A load of one kind.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PoundsOfKind {
    /// The codes' symbol of the kind.
    pub symbol: &'static str,
    /// How much, lb.
    pub pounds: f64,
}

/// Where something is in plan, nanometers.
#[derive(Clone, Copy, Debug, Serialize, ToSchema)]
pub struct SpotView {
    /// To the right.
    pub x: i64,
    /// Away from the viewer.
    pub y: i64,
}

/// Where the studs of a wall stand along it in plan, nanometers.
#[derive(Clone, Copy, Debug, Serialize, ToSchema)]
pub struct LayoutView {
    /// The middle of one of them.
    pub from: i64,
    /// How far apart they are.
    pub every: i64,
}

/// A station on the way of the loads.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct StationView {
    /// What it is.
    pub kind: StationKind,
    /// The wall, opening or part of the house that it is; left out where it is none.
    pub id: Option<Uuid>,
    /// On which storey, from the bottom; left out in the ground.
    pub storey: Option<usize>,
    /// What it is called.
    pub name: Phrase,
    /// What arrives there, by kind; kinds of which nothing arrives are left out.
    pub arrives: Vec<PoundsOfKind>,
    /// The largest combination of it, lb.
    pub largest_lb: f64,
    /// A hint, or why it breaks.
    pub note: Option<Phrase>,
    /// Ways out of a break.
    pub ways: Vec<WayOfBreakView>,
    /// Of a break that an engineer answers for: his mark.
    pub mark: Option<Uuid>,
    /// How hard an opening's header, a beam or a post works; left out where there is no number, or nothing is carried.
    pub works: Option<f64>,
    /// Whether it carries; so does what has no number to itself.
    pub carries: bool,
    /// Its near left corner in plan; left out where it is everywhere.
    pub near: Option<SpotView>,
    /// Its far right corner.
    pub far: Option<SpotView>,
    /// Whether it is a wall that is marked as a partition.
    pub partition: bool,
    /// Along which axis its joists, rafters or trusses run.
    pub span: Option<Axis>,
    /// Of a wall: where its studs stand along it in plan.
    pub layout: Option<LayoutView>,
}

/// A way out of a break: what it is, and the edits that take it, as one.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct WayOfBreakView {
    /// What it is.
    pub say: Phrase,
    /// The edits.
    pub commands: Vec<Command>,
}

/// What one station brings to another.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct FlowView {
    /// From which, by its place in the list.
    pub from: usize,
    /// To which.
    pub to: usize,
    /// How much, by kind.
    pub brings: Vec<PoundsOfKind>,
}

/// Where the loads of a house go.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PathView {
    /// Every station, the highest first.
    pub stations: Vec<StationView>,
    /// What flows between them.
    pub flows: Vec<FlowView>,
}

fn by_kind(amount: &ByKind<Force>) -> Vec<PoundsOfKind> {
    let there = LoadKind::ALL.into_iter().filter(|kind| amount[*kind] != Force::ZERO);
    there.map(|kind| PoundsOfKind { symbol: kind.symbol(), pounds: amount[kind].to_lbf() }).collect()
}

/// Something that may go in as a beam or a post.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct MemberChoiceView {
    /// What it is.
    pub what: Phrase,
    /// How hard it works; left out where it carries nothing at all.
    pub works: Option<f64>,
    /// Whether it carries.
    pub carries: bool,
    /// Whether it goes in.
    pub goes_in: bool,
    /// The edit that chooses it.
    pub command: Command,
}

/// What may go in as a beam or a post.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct MemberChoicesView {
    /// What was tried; none where there is no number.
    pub tried: Vec<MemberChoiceView>,
    /// The edit that gives the choice back to the job; left out where nobody chose.
    pub back: Option<Command>,
}

impl From<&MemberChoices> for MemberChoicesView {
    fn from(choices: &MemberChoices) -> Self {
        let view = |choice: &MemberChoice| MemberChoiceView {
            what: choice.what.clone().into(),
            works: finite(choice.works),
            carries: choice.carries,
            goes_in: choice.goes_in,
            command: (&choice.command).into(),
        };
        Self { tried: choices.tried.iter().map(view).collect(), back: choices.back.as_ref().map(Into::into) }
    }
}

impl From<Spot> for SpotView {
    fn from(spot: Spot) -> Self {
        Self { x: spot.x.nanometers(), y: spot.y.nanometers() }
    }
}

impl From<&stations::StationTold> for StationView {
    fn from(told: &stations::StationTold) -> Self {
        let id = match told.is {
            StationIs::Part(id) => Some(id.0),
            StationIs::Wall(id) => Some(id.0),
            StationIs::Opening(id) => Some(id.0),
            StationIs::Nothing => None,
        };
        Self {
            kind: told.kind.into(),
            id: id.map(Uuid::from_u128),
            storey: told.storey,
            name: told.name.clone().into(),
            arrives: by_kind(&told.arrives),
            largest_lb: told.largest.to_lbf(),
            note: told.note.clone().map(Into::into),
            ways: told.ways.iter().map(Into::into).collect(),
            mark: told.mark.map(|id| Uuid::from_u128(id.0)),
            works: told.works.and_then(|(ratio, _)| finite(ratio)),
            carries: told.works.is_none_or(|(_, carries)| carries),
            near: told.lies.map(|(near, _)| near.into()),
            far: told.lies.map(|(_, far)| far.into()),
            partition: told.partition,
            span: told.span.map(Into::into),
            layout: told.layout.map(|(from, every)| LayoutView { from: from.nanometers(), every: every.nanometers() }),
        }
    }
}

impl From<&WayOfBreak> for WayOfBreakView {
    fn from(way: &WayOfBreak) -> Self {
        Self { say: way.phrase.clone().into(), commands: way.commands.iter().map(Into::into).collect() }
    }
}

impl From<&stations::Stations> for PathView {
    fn from(told: &stations::Stations) -> Self {
        let flow = |flow: &stations::FlowTold| FlowView { from: flow.from, to: flow.to, brings: by_kind(&flow.brings) };
        Self { stations: told.stations.iter().map(Into::into).collect(), flows: told.flows.iter().map(flow).collect() }
    }
}
