//! What is cut at the saw, setting by setting, and what is cut already, on the wire.

use serde::{Deserialize, Serialize};
use sturvek_core::cutting::lists::{SectionList, Setting};
use sturvek_core::cutting::pieces::{CutPiece, JobPieces};
use sturvek_core::cutting::progress::{Left, Progress, Tick};
use sturvek_core::framing::member::{Bevel, Minded};
use sturvek_core::job::Job;
use sturvek_core::say;
use sturvek_core::speech;
use utoipa::ToSchema;

use super::cut::HeldBackView;
use crate::piece_key;
use crate::speech::Phrase;

/// What is cut at the saw.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SawView {
    /// What is not cut yet.
    pub held_back: Vec<HeldBackView>,
    /// One setting of the stop after the other: by wood, the longest first.
    pub settings: Vec<SawSetting>,
    /// How many pieces there are.
    pub wanted: usize,
    /// How many of them are cut.
    pub cut: usize,
    /// What was cut and is not wanted as it was cut: what changed since.
    pub changed: Vec<Phrase>,
}

/// One setting of the saw's stop.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SawSetting {
    /// From what.
    pub section: Phrase,
    /// Its wood, as it is ticked off.
    pub wood: String,
    /// Whether it is treated.
    pub treated: bool,
    /// Cut length, at its longest, nanometers.
    pub length: i64,
    /// How its end is cut where it is not square.
    pub bevel: Option<SawBevel>,
    /// Whether they lie with their TOP stamp up.
    pub top_up: bool,
    /// The pieces.
    pub pieces: Vec<SawPiece>,
}

/// A cut that is not square.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct SawBevel {
    /// By how much one side is shorter, nanometers.
    pub drop: i64,
    /// Over which thickness or depth, nanometers.
    pub over: i64,
}

/// A piece at the saw.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SawPiece {
    /// Its name.
    pub piece: String,
    /// What it is for.
    pub what: Phrase,
    /// Who gets it.
    pub goes: Phrase,
    /// Whether it is cut.
    pub cut: bool,
}

impl From<Bevel> for SawBevel {
    fn from(bevel: Bevel) -> Self {
        Self { drop: bevel.drop.nanometers(), over: bevel.over.nanometers() }
    }
}

impl SawView {
    /// Of the pieces that are listed, of which some are cut; `shown` says of each left-over whether it belongs here.
    pub fn of(
        job: &Job,
        (all, lists): (&JobPieces, &[SectionList]),
        (made, progress): (&[&Tick], &Progress),
        shown: impl Fn(&Tick) -> bool,
    ) -> Self {
        let settings: Vec<SawSetting> = lists
            .iter()
            .flat_map(|list| list.settings.iter().map(move |setting| (list, setting)))
            .map(|(list, setting)| setting_view(job, list, setting, (&all.pieces, progress)))
            .collect();
        let count =
            |cut: bool| settings.iter().flat_map(|setting| &setting.pieces).filter(|piece| !cut || piece.cut).count();
        Self {
            held_back: HeldBackView::all(job, &all.held_back),
            wanted: count(false),
            cut: count(true),
            changed: changed_since_cut(job, all, (made, progress), shown),
            settings,
        }
    }
}

fn setting_view(
    job: &Job,
    list: &SectionList,
    setting: &Setting,
    (pieces, progress): (&[CutPiece], &Progress),
) -> SawSetting {
    let piece_view = |place: &usize| {
        let piece = &pieces[*place];
        SawPiece {
            piece: piece_key::written(piece.id),
            what: piece.id.for_.phrase().into(),
            goes: piece.id.of.phrase(job).into(),
            cut: progress.cut.get(*place).copied().unwrap_or(false),
        }
    };
    SawSetting {
        section: list.section.phrase().into(),
        wood: list.section.wood.to_string(),
        treated: list.section.treated,
        length: setting.length.nanometers(),
        bevel: setting.bevel.map(Into::into),
        top_up: setting.minded == Minded::TopUp,
        pieces: setting.pieces.iter().map(piece_view).collect(),
    }
}

/// What was cut and is not wanted as it was cut; `shown` says of each whether it belongs here.
pub fn changed_since_cut(
    job: &Job,
    all: &JobPieces,
    (made, progress): (&[&Tick], &Progress),
    shown: impl Fn(&Tick) -> bool,
) -> Vec<Phrase> {
    let left = progress.left.iter().filter(|(number, _)| shown(made[*number]));
    left.map(|(number, left)| left_over(job, made[*number], *left, &all.pieces).into()).collect()
}

/// What was cut and is not wanted as it was cut, with what it is still good for.
fn left_over(job: &Job, tick: &Tick, left: Left, pieces: &[CutPiece]) -> speech::Phrase {
    let (what, goes) = (tick.piece.for_.phrase(), tick.piece.of.phrase(job));
    let (wood, length) = (tick.section.phrase(), tick.length);
    match left {
        Left::Recut(place) => {
            let other = &pieces[place];
            say!(
                "saw-recut",
                what = what,
                goes = goes,
                wood = wood,
                length,
                to = other.length,
                other = other.id.for_.phrase(),
                there = other.id.of.phrase(job)
            )
        }
        Left::TooMany => say!("saw-too-many", what = what, goes = goes, wood = wood, length),
    }
}
