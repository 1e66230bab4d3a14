//! What is cut and built apart, on the wire.

use serde::Serialize;
use sturvek_core::cutting::lists::{SectionList, Setting};
use sturvek_core::cutting::packs::Pack;
use sturvek_core::cutting::pieces::{CutPiece, HeldBack, JobPieces};
use sturvek_core::framing::member::{Bevel, Minded};
use sturvek_core::job::Job;
use sturvek_core::say;
use sturvek_core::speech;
use utoipa::ToSchema;

use crate::framed::NailingView;
use crate::speech::Phrase;

/// What of a job is cut and built apart.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct CutView {
    /// What is not cut yet.
    pub held_back: Vec<HeldBackView>,
    /// What stands in framed openings and is not cut again.
    pub standing: Vec<Phrase>,
    /// What was cut and is not wanted as it was cut: what changed since, and what it is still good for.
    pub changed: Vec<Phrase>,
    /// What is built apart from the walls; alike ones together.
    pub packs: Vec<BuiltPackView>,
    /// What is cut, by what it is cut from.
    pub sections: Vec<CutSectionView>,
    /// How many pieces in all.
    pub pieces: usize,
}

/// Something that is not cut yet.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct HeldBackView {
    /// What.
    pub what: Phrase,
    /// Why.
    pub why: Phrase,
}

/// A pack with all that are alike.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct BuiltPackView {
    /// What packs of this kind are.
    pub kind: Phrase,
    /// Where each of them goes: as many as there are.
    pub goes: Vec<Phrase>,
    /// The pieces of one.
    pub pieces: Vec<PackPieceView>,
    /// What fills it out to the wall's thickness.
    pub filler: Option<Phrase>,
    /// How it is nailed.
    pub nails: Vec<NailingView>,
    /// What one weighs, lb.
    pub pounds: f64,
    /// Where one is in balance, nanometers from its lower or left end.
    pub balances: i64,
}

/// Pieces of a pack that are alike.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PackPieceView {
    /// What they are for.
    pub what: Phrase,
    /// How many.
    pub count: u32,
    /// Cut length, at its longest, nanometers.
    pub length: i64,
    /// Degrees off square, where an end is not.
    pub bevel_degrees: Option<f64>,
    /// What they are cut from.
    pub wood: String,
    /// Whether they lie with their TOP stamp up.
    pub top_up: bool,
}

/// What is cut from one section and grade.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct CutSectionView {
    /// From what.
    pub section: Phrase,
    /// One setting of the stop each, the longest first.
    pub settings: Vec<SettingView>,
}

/// One setting of the saw's stop.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SettingView {
    /// Cut length, at its longest, nanometers.
    pub length: i64,
    /// Degrees off square, where an end is not.
    pub bevel_degrees: Option<f64>,
    /// Whether they lie with their TOP stamp up.
    pub top_up: bool,
    /// How many.
    pub count: usize,
    /// What they are for.
    pub what: Phrase,
    /// Who gets them.
    pub goes: Phrase,
}

impl CutView {
    /// Of the pieces of a job, as they are listed and built, with what changed since some were cut.
    pub fn of(job: &Job, all: &JobPieces, packs: &[Pack], lists: &[SectionList], changed: Vec<Phrase>) -> Self {
        Self {
            held_back: HeldBackView::all(job, &all.held_back),
            standing: all.standing_phrases(job).iter().map(Into::into).collect(),
            changed,
            packs: packs.iter().map(|pack| pack_view(job, pack)).collect(),
            sections: lists.iter().map(|list| section_view(job, list, &all.pieces)).collect(),
            pieces: lists.iter().flat_map(|list| &list.settings).map(|setting| setting.pieces.len()).sum(),
        }
    }
}

impl HeldBackView {
    /// All that is held back of a job.
    pub(super) fn all(job: &Job, held_back: &[HeldBack]) -> Vec<Self> {
        held_back.iter().map(|held| Self { what: held.what(job).into(), why: held.why().into() }).collect()
    }
}

fn pack_view(job: &Job, pack: &Pack) -> BuiltPackView {
    let kind = pack.goes.first().map_or_else(|| say!("nothing-to-say"), |goes| goes.is.kind());
    BuiltPackView {
        kind: kind.into(),
        goes: pack.goes.iter().map(|goes| goes.phrase(job).into()).collect(),
        pieces: pack
            .pieces
            .iter()
            .map(|piece| PackPieceView {
                what: piece.for_.phrase().into(),
                count: piece.count,
                length: piece.length.nanometers(),
                bevel_degrees: piece.bevel.map(Bevel::degrees),
                wood: piece.wood.to_string(),
                top_up: piece.top_up,
            })
            .collect(),
        filler: pack.filler.map(|filler| filler.phrase().into()),
        nails: pack.nails.iter().map(Into::into).collect(),
        pounds: pack.pounds(job.settings.raising.moisture()),
        balances: pack.balances(job.settings.raising.moisture()).nanometers(),
    }
}

fn section_view(job: &Job, list: &SectionList, pieces: &[CutPiece]) -> CutSectionView {
    CutSectionView {
        section: list.section.phrase().into(),
        settings: list.settings.iter().map(|setting| setting_view(job, setting, pieces)).collect(),
    }
}

fn setting_view(job: &Job, setting: &Setting, pieces: &[CutPiece]) -> SettingView {
    let mine = || setting.pieces.iter().map(|place| &pieces[*place]);
    SettingView {
        length: setting.length.nanometers(),
        bevel_degrees: setting.bevel.map(Bevel::degrees),
        top_up: setting.minded == Minded::TopUp,
        count: setting.pieces.len(),
        what: speech::Phrase::each_once(mine().map(|piece| piece.id.for_.phrase())).into(),
        goes: speech::Phrase::each_once(mine().map(|piece| piece.id.of.phrase(job))).into(),
    }
}
