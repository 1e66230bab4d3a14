//! A wall that is opened, on the wire.

use serde::Serialize;
use sturvek_core::loads::{ByKind, LoadKind};
use sturvek_core::plan::JobPlan;
use sturvek_core::remodel::opened_wall::{FARTHEST, NotOpened, Opened, OpenedField, Opening, works_phrase};
use sturvek_core::shoring::moment_between::APART;
use utoipa::ToSchema;

use super::finite;
use crate::order_mark::TemporaryPlan;
use crate::speech::Phrase;

/// What stands while a wall is gone.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ShoreView {
    /// As its temporary walls were asked for.
    pub planned: TemporaryPlan,
    /// Why there is no answer.
    pub none: Option<Phrase>,
    /// Every floor or ceiling that lies on the wall.
    pub fields: Vec<ShoredFieldView>,
    /// Where temporary walls stand, nanometers along the joists.
    pub temporary: Vec<i64>,
    /// What each of them takes; none where there is no number.
    pub loads: Vec<TemporaryLoadsView>,
    /// How hard their studs work, in a sentence; left out where there is no number.
    pub studs: Option<Phrase>,
    /// Whether they carry.
    pub carries: bool,
    /// The larger of the ratios of their studs.
    pub ratio: Option<f64>,
    /// What is not worked out, or has to be minded.
    pub findings: Vec<Phrase>,
    /// A temporary wall stands no nearer, nanometers off the wall.
    pub nearest: i64,
    /// And no farther.
    pub farthest: i64,
}

/// A floor or ceiling over its lines, nanometers along its joists.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ShoredFieldView {
    /// What it is called.
    pub name: String,
    /// Its pieces.
    pub pieces: Vec<JoistPieceView>,
    /// The lines that it lies on.
    pub supports: Vec<SupportView>,
    /// The longest span of each piece meanwhile, and before.
    pub spans: Vec<SpanView>,
}

/// A joist, or several that act as one, nanometers.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct JoistPieceView {
    /// Where it begins.
    pub from: i64,
    /// Where it ends.
    pub to: i64,
}

/// The longest span of a piece.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SpanView {
    /// Meanwhile, nanometers.
    pub now: i64,
    /// Before, nanometers; left out of a piece that lay on one line only.
    pub before: Option<i64>,
}

/// A line that a field lies on.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SupportView {
    /// Where, nanometers.
    pub at: i64,
    /// Whether it is the wall that goes.
    pub goes: bool,
}

/// What a temporary wall takes.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct TemporaryLoadsView {
    /// Dead load, lb/ft.
    pub dead: f64,
    /// Live load of floors, lb/ft.
    pub live: f64,
    /// Live load of the roof, lb/ft.
    pub roof_live: f64,
    /// Snow, lb/ft.
    pub snow: f64,
}

impl ShoreView {
    /// Of a wall of a planned job that is opened so.
    pub fn of(plan: &JobPlan, asked: Opening, opened: Result<Opened, NotOpened>) -> Self {
        let planned = asked.into();
        let (nearest, farthest) = (APART.nanometers(), FARTHEST.nanometers());
        let opened = match opened {
            Ok(opened) => opened,
            Err(none) => {
                return Self {
                    planned,
                    none: Some(none.phrase().into()),
                    fields: Vec::new(),
                    temporary: Vec::new(),
                    loads: Vec::new(),
                    studs: None,
                    carries: false,
                    ratio: None,
                    findings: Vec::new(),
                    nearest,
                    farthest,
                };
            }
        };
        let works = opened.studs.and_then(Result::ok);
        Self {
            planned,
            none: None,
            fields: opened.fields.iter().map(|field| field_view(plan, field)).collect(),
            temporary: opened.temporary.iter().map(|at| at.nanometers()).collect(),
            loads: opened.on_temporary.iter().map(|on| loads_view(&on.map(|load| load.to_plf()))).collect(),
            studs: works.as_ref().map(|works| works_phrase(works).into()),
            carries: works.as_ref().is_some_and(|works| works.carries()),
            ratio: works.as_ref().and_then(|works| finite(works.column.0.max(works.plate))),
            findings: opened.findings.into_iter().map(Into::into).collect(),
            nearest,
            farthest,
        }
    }
}

fn field_view(plan: &JobPlan, field: &OpenedField) -> ShoredFieldView {
    let name = plan.job().house.fields.iter().find(|each| each.id == field.field).map(|each| each.name.clone());
    let section = &field.section;
    ShoredFieldView {
        name: name.unwrap_or_default(),
        pieces: section
            .pieces
            .iter()
            .map(|piece| JoistPieceView { from: piece.from.nanometers(), to: piece.to.nanometers() })
            .collect(),
        supports: section
            .supports
            .iter()
            .enumerate()
            .map(|(place, at)| SupportView { at: at.nanometers(), goes: place == section.remove })
            .collect(),
        spans: field
            .takes
            .iter()
            .flat_map(|takes| &takes.spans)
            .map(|(before, now)| SpanView { now: now.nanometers(), before: before.map(|before| before.nanometers()) })
            .collect(),
    }
}

fn loads_view(on: &ByKind<f64>) -> TemporaryLoadsView {
    TemporaryLoadsView {
        dead: on[LoadKind::Dead],
        live: on[LoadKind::FloorLive].max(on[LoadKind::DeckLive]),
        roof_live: on[LoadKind::RoofLive],
        snow: on[LoadKind::Snow].max(on[LoadKind::DeckSnow]),
    }
}
