//! What is cut and built apart, and the sticks it is cut from, on the wire.

use std::collections::BTreeMap;

use serde::Serialize;
use sturvek_core::cutting::job_sticks::{SectionSticks, WORTH_KEEPING, board_feet_of, rest_of, too_long, why_none};
use sturvek_core::cutting::lists::{SectionList, Setting};
use sturvek_core::cutting::packs::Pack;
use sturvek_core::cutting::pieces::{CutPiece, HeldBack, JobPieces};
use sturvek_core::cutting::sticks::{Saw, StickPlan};
use sturvek_core::framing::member::{Bevel, Minded};
use sturvek_core::job::Job;
use sturvek_core::measure::Length;
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

/// The sticks of a job.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SticksView {
    /// What the yard is called; left out where none answers.
    pub yard: Option<String>,
    /// The day on which its prices hold, as `2026-11-27`.
    pub as_of: Option<String>,
    /// Why no sticks are planned.
    pub problem: Option<Phrase>,
    /// By what they are.
    pub sections: Vec<SectionSticksView>,
    /// What those that are planned cost, cents.
    pub cost_cents: i64,
    /// No plan costs less, cents.
    pub bound_cents: i64,
    /// What first fit would have cost, cents; left out where a section has no such plan.
    pub first_fit_cents: Option<i64>,
    /// What a stick for every piece would have cost, cents; likewise.
    pub one_stick_each_cents: Option<i64>,
    /// How many board feet of sawn lumber are bought.
    pub board_feet: f64,
    /// How much of what is bought is in no piece, percent of length.
    pub waste_percent: f64,
    /// What falls off in lengths worth keeping, nanometers, the longest first.
    pub offcuts: Vec<OffcutView>,
}

/// Offcuts of one length.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OffcutView {
    /// Of what.
    pub section: Phrase,
    /// How long, nanometers.
    pub length: i64,
    /// How many.
    pub count: u32,
}

/// The sticks of one section.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SectionSticksView {
    /// Of what.
    pub section: Phrase,
    /// Why there is no plan.
    pub none: Option<Phrase>,
    /// What no stick gives and is left out, with what can be done.
    pub too_long: Vec<Phrase>,
    /// How many to buy, by length.
    pub buy: Vec<BuyView>,
    /// How they are cut, the largest waste last.
    pub sticks: Vec<StickView>,
    /// What they cost, cents.
    pub cost_cents: i64,
    /// No plan costs less, cents.
    pub bound_cents: i64,
}

/// Sticks of one length to buy.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct BuyView {
    /// How long, nanometers.
    pub length: i64,
    /// How many.
    pub count: u32,
    /// What one costs, cents.
    pub price_cents: i64,
}

/// Sticks that are cut alike.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct StickView {
    /// How long each is, nanometers.
    pub length: i64,
    /// How many there are.
    pub count: u32,
    /// What is cut from each, nanometers, the longest first.
    pub cuts: Vec<i64>,
    /// What the saw takes, nanometers.
    pub kerfs: i64,
    /// What falls off, nanometers.
    pub offcut: i64,
}

impl CutView {
    /// Of the pieces of a job, as they are listed and built.
    pub fn of(job: &Job, all: &JobPieces, packs: &[Pack], lists: &[SectionList]) -> Self {
        Self {
            held_back: HeldBackView::all(job, &all.held_back),
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

impl SticksView {
    /// Where there are no prices to plan with.
    pub fn without(problem: &speech::Phrase) -> Self {
        Self { problem: Some(problem.into()), ..Self::of(&[], Saw::default()) }
    }

    /// Of the sticks of all sections.
    pub fn of(sections: &[SectionSticks], saw: Saw) -> Self {
        let plans = || sections.iter().filter_map(|section| Some((section, section.plan.as_ref().ok()?)));
        let sum = |amount: fn(&StickPlan) -> i64| plans().map(|(_, plan)| amount(plan)).sum();
        let bought: Length = plans()
            .flat_map(|(section, plan)| {
                plan.sticks.iter().map(|stick| section.stock[stick.stock].length * i64::from(stick.count))
            })
            .sum();
        let waste: Length = plans().map(|(section, plan)| plan.waste(&section.stock)).sum();
        let of_all = |amount: fn(&StickPlan) -> Option<sturvek_core::measure::Cents>| {
            plans().map(|(_, plan)| amount(plan).map(|cents| cents.0)).sum::<Option<i64>>()
        };
        Self {
            yard: None,
            as_of: None,
            problem: None,
            cost_cents: sum(|plan| plan.cost.0),
            bound_cents: sum(|plan| plan.bound.0),
            first_fit_cents: of_all(|plan| plan.first_fit),
            one_stick_each_cents: of_all(|plan| plan.one_stick_each),
            board_feet: sections.iter().map(board_feet_of).sum(),
            waste_percent: waste.percent_of(bought),
            offcuts: sections.iter().flat_map(|section| offcuts(section, saw)).collect(),
            sections: sections.iter().map(|section| sticks_view(section, saw)).collect(),
        }
    }
}

fn offcuts(section: &SectionSticks, saw: Saw) -> Vec<OffcutView> {
    let mut by_length: BTreeMap<Length, u32> = BTreeMap::new();
    for stick in section.plan.iter().flat_map(|plan| &plan.sticks) {
        let offcut = rest_of(stick, section.stock[stick.stock].length, saw).offcut;
        if WORTH_KEEPING <= offcut {
            *by_length.entry(offcut).or_default() += stick.count;
        }
    }
    let view = |(length, count): (Length, u32)| OffcutView {
        section: section.section.phrase().into(),
        length: length.nanometers(),
        count,
    };
    by_length.into_iter().rev().map(view).collect()
}

fn sticks_view(section: &SectionSticks, saw: Saw) -> SectionSticksView {
    let none = section.plan.as_ref().err().map(|none| why_none(&section.section, *none).into());
    let plan = section.plan.as_ref().ok();
    let mut buy: BTreeMap<(Length, i64), u32> = BTreeMap::new();
    for stick in plan.iter().flat_map(|plan| &plan.sticks) {
        let stock = section.stock[stick.stock];
        *buy.entry((stock.length, stock.price.0)).or_default() += stick.count;
    }
    let sticks = plan.iter().flat_map(|plan| &plan.sticks).map(|stick| {
        let length = section.stock[stick.stock].length;
        let rest = rest_of(stick, length, saw);
        StickView {
            length: length.nanometers(),
            count: stick.count,
            cuts: stick.cuts.iter().map(|cut| cut.nanometers()).collect(),
            kerfs: rest.kerfs.nanometers(),
            offcut: rest.offcut.nanometers(),
        }
    });
    SectionSticksView {
        section: section.section.phrase().into(),
        none,
        too_long: section.too_long.iter().map(|pieces| too_long(section, *pieces).into()).collect(),
        buy: buy
            .into_iter()
            .rev()
            .map(|((length, price_cents), count)| BuyView { length: length.nanometers(), count, price_cents })
            .collect(),
        sticks: sticks.collect(),
        cost_cents: plan.map_or(0, |plan| plan.cost.0),
        bound_cents: plan.map_or(0, |plan| plan.bound.0),
    }
}
