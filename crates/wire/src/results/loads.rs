//! What comes down on a wall, on the wire.

use serde::Serialize;
use sturvek_core::framing::below::below_field;
use sturvek_core::framing::{FieldLoad, WallPlan};
use sturvek_core::job;
use sturvek_core::loads::{LoadKind, TakeDown};
use sturvek_core::measure::Length;
use utoipa::ToSchema;

use super::finite;
use crate::choices::LoadKind as WireLoadKind;
use crate::speech::Phrase;

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
    pub below: Phrase,
}

/// A line of the take-down.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct LoadLine {
    /// What brings it: the id of its message.
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
    /// What brings it: the id of its message.
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
    /// lb/ft.
    pub plf: f64,
}

pub(super) fn load_lines(down: &TakeDown) -> Vec<LoadLine> {
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

pub(super) fn load_stretches(down: &TakeDown, wall_length: Length) -> Vec<LoadStretch> {
    let stretch = |(from, to): (Length, Length)| {
        let there = down.at(from + (to - from).half());
        let total = |kind: LoadKind| LoadTotal {
            kind: kind.into(),
            symbol: kind.symbol().to_owned(),
            plf: there.get(kind).to_plf(),
        };
        let totals = LoadKind::ALL.into_iter().map(total).filter(|total| total.plf > 0.0).collect();
        LoadStretch { from: from.nanometers(), to: to.nanometers(), totals }
    };
    down.stretches(wall_length).into_iter().map(stretch).collect()
}

pub(super) fn load_point(point: &sturvek_core::loads::LoadPoint) -> LoadPointView {
    let part = |kind: LoadKind| LoadPart { symbol: kind.symbol().to_owned(), lb: point.amount.get(kind).to_lbf() };
    LoadPointView {
        source: point.source.to_owned(),
        at: point.at.nanometers(),
        parts: LoadKind::ALL.into_iter().map(part).filter(|part| part.lb > 0.0).collect(),
    }
}

pub(super) fn field_loads(plan: &WallPlan, wall: &job::Wall) -> Vec<FieldLoadView> {
    let below = below_field(plan, wall.frame.thickness());
    let view = |(load, below): (&FieldLoad, &sturvek_core::framing::below::PressesBelow)| FieldLoadView {
        at: load.at.nanometers(),
        largest_lb: load.largest,
        studs: load.studs(),
        enough: load.needed.is_some(),
        column_ratio: finite(load.works.column),
        plate_ratio: finite(load.works.plate),
        below: below.phrase().into(),
    };
    plan.field_loads.iter().zip(&below).map(view).collect()
}
