//! A wall that is opened, on the wire.

use serde::Serialize;
use sturvek_core::loads::LoadKind;
use sturvek_core::plan::JobPlan;
use sturvek_core::remodel::on_storey::{OpenedField, TemporaryWall};
use sturvek_core::remodel::opened_wall::{NotOpened, Opened, ShoredStorey, joists_phrase, works_phrase};
use sturvek_core::remodel::opening::{FARTHEST, Opening};
use sturvek_core::shoring::header_over_studs::HeaderOverStuds;
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
    /// The storeys with temporary walls, from the top down.
    pub storeys: Vec<ShoredStoreyView>,
    /// Where temporary walls stand, nanometers along the joists.
    pub temporary: Vec<i64>,
    /// What they come down to.
    pub ground: Vec<Phrase>,
    /// Why temporary walls stand on both sides, or which would do alone.
    pub sides: Option<Phrase>,
    /// Whether everything carries; not where anything has no number.
    pub carries: bool,
    /// What is not worked out, or has to be minded.
    pub findings: Vec<Phrase>,
    /// A temporary wall stands no nearer, nanometers off the wall.
    pub nearest: i64,
    /// And no farther.
    pub farthest: i64,
}

/// A storey with temporary walls.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ShoredStoreyView {
    /// What it is called.
    pub name: String,
    /// Whether the wall that is opened stands on it.
    pub is_opened: bool,
    /// Every floor or ceiling over its temporary walls.
    pub fields: Vec<ShoredFieldView>,
    /// What each of them takes; none where there is no number.
    pub walls: Vec<TemporaryWallView>,
    /// How hard their studs work, in a sentence; left out where there is no number.
    pub studs: Option<Phrase>,
    /// How hard their header works; left out where there is none.
    pub header: Option<Phrase>,
    /// Whether they carry.
    pub carries: bool,
    /// The largest of the ratios of studs and header.
    pub ratio: Option<f64>,
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
    /// How its joists work meanwhile, in a sentence; left out where nobody said what they are.
    pub joists: Option<Phrase>,
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
pub struct TemporaryWallView {
    /// Where it stands, nanometers along the joists.
    pub at: i64,
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
        let mut view = Self {
            planned: asked.into(),
            none: None,
            storeys: Vec::new(),
            temporary: Vec::new(),
            ground: Vec::new(),
            sides: None,
            carries: false,
            findings: Vec::new(),
            nearest: APART.nanometers(),
            farthest: FARTHEST.nanometers(),
        };
        match opened {
            Err(none) => view.none = Some(none.phrase().into()),
            Ok(opened) => {
                view.carries = opened.carries();
                view.storeys = opened
                    .storeys()
                    .map(|each| storey_view(plan, &asked, each, each.storey == opened.here.storey))
                    .collect();
                view.temporary = opened.temporary.iter().map(|at| at.nanometers()).collect();
                view.sides = opened.sides.map(Into::into);
                view.ground = opened.ground.into_iter().map(Into::into).collect();
                view.findings = opened.findings.into_iter().map(Into::into).collect();
            }
        }
        view
    }
}

fn storey_view(plan: &JobPlan, asked: &Opening, shored: &ShoredStorey, is_opened: bool) -> ShoredStoreyView {
    let works = shored.works();
    let of_studs = works.map(|works| works.column.0.max(works.plate));
    let of_header = shored.header.as_ref().map(HeaderOverStuds::ratio);
    ShoredStoreyView {
        name: plan.storey(shored.storey).map_or_else(String::new, |storey| storey.name().to_owned()),
        is_opened,
        fields: shored.fields.iter().map(|field| field_view(plan, asked, field)).collect(),
        walls: shored.walls.iter().map(wall_view).collect(),
        studs: works.map(|works| works_phrase(works).into()),
        header: shored.header_phrase().map(Into::into),
        carries: shored.carries(),
        ratio: of_studs.into_iter().chain(of_header).reduce(f64::max).and_then(finite),
    }
}

fn field_view(plan: &JobPlan, asked: &Opening, field: &OpenedField) -> ShoredFieldView {
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
            .map(|(place, at)| SupportView { at: at.nanometers(), goes: Some(place) == section.remove })
            .collect(),
        spans: field
            .takes
            .iter()
            .flat_map(|takes| &takes.spans)
            .map(|(before, now)| SpanView { now: now.nanometers(), before: before.map(|before| before.nanometers()) })
            .collect(),
        joists: asked.joists.zip(field.joists.as_ref()).map(|(joists, works)| joists_phrase(joists, works).into()),
    }
}

fn wall_view(wall: &TemporaryWall) -> TemporaryWallView {
    let on = wall.takes.map(|load| load.to_plf());
    TemporaryWallView {
        at: wall.at.nanometers(),
        dead: on[LoadKind::Dead],
        live: on[LoadKind::FloorLive].max(on[LoadKind::DeckLive]),
        roof_live: on[LoadKind::RoofLive],
        snow: on[LoadKind::Snow].max(on[LoadKind::DeckSnow]),
    }
}
