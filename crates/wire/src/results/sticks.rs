//! The sticks of a job on the wire: by the truck that brings them, what to buy and how each is cut.

use std::collections::HashMap;

use serde::Serialize;
use sturvek_core::cutting::deliveries::{Delivery, Planned, PlannedDelivery, totals, truck_load};
use sturvek_core::cutting::job_sticks::{Allowance, BuyLine, SectionSticks, rest_of, too_long, why_none};
use sturvek_core::cutting::pieces::{CutPiece, For, Of};
use sturvek_core::cutting::sold::Sold;
use sturvek_core::cutting::sticks::Saw;
use sturvek_core::job::Job;
use sturvek_core::measure::Cents;
use sturvek_core::speech;
use utoipa::ToSchema;
use uuid::Uuid;

use crate::speech::Phrase;

/// The sticks of a job.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SticksView {
    /// Whose prices they are; left out where there are none.
    pub yard: Option<String>,
    /// The day on which they hold, as `2026-11-27`.
    pub as_of: Option<String>,
    /// Why no sticks are planned.
    pub problem: Option<Phrase>,
    /// By the truck that brings them, in the order in which they come.
    pub deliveries: Vec<DeliveryView>,
    /// What those that are planned cost, cents.
    pub cost_cents: i64,
    /// No plan of these deliveries costs less, each planned after the one before, cents.
    pub bound_cents: i64,
    /// What first fit would have cost, cents; left out where a section has no such plan.
    pub first_fit_cents: Option<i64>,
    /// What a stick for every piece would have cost, cents; likewise.
    pub one_stick_each_cents: Option<i64>,
    /// What the sticks on top of the plan cost, cents.
    pub allowance_cents: i64,
    /// How many board feet of sawn lumber are bought.
    pub board_feet: f64,
    /// How much of what is bought is in no piece, percent of length.
    pub waste_percent: f64,
    /// What falls off in lengths worth keeping and is used by no later delivery, nanometers, the longest first.
    pub offcuts: Vec<OffcutView>,
    /// The names that pieces go by, each once.
    pub names: Vec<PieceName>,
}

/// What a piece is for and who gets it.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PieceName {
    /// What it is for.
    pub what: Phrase,
    /// Who gets it.
    pub goes: Phrase,
}

/// What a truck brings.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct DeliveryView {
    /// By which name it is ordered.
    pub key: String,
    /// What it is called.
    pub called: Phrase,
    /// By what it is.
    pub sections: Vec<SectionSticksView>,
    /// What its sticks cost, with those on top of the plan, cents.
    pub cost_cents: i64,
    /// What it weighs on the truck, lb.
    pub pounds: f64,
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
    /// Under which name it is bought: size, species and grade.
    pub wood: String,
    /// Whether it is treated.
    pub treated: bool,
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
    /// How many more, on top of the plan.
    pub spare: u32,
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
    /// Whether it is an offcut of an earlier delivery, which nobody buys.
    pub at_hand: bool,
    /// What is cut from each, nanometers, the longest first.
    pub cuts: Vec<i64>,
    /// What the saw takes, nanometers.
    pub kerfs: i64,
    /// What falls off, nanometers.
    pub offcut: i64,
    /// Of each of these sticks, as they are cut one after the other, what its cuts are, by their places among the names.
    pub pieces: Vec<Vec<usize>>,
}

impl SticksView {
    /// Where there are no prices to plan with.
    pub fn without(job: &Job, problem: &speech::Phrase) -> Self {
        Self {
            problem: Some(problem.into()),
            ..Self::of(job, &[], &Planned::default(), Saw::default(), Allowance::default())
        }
    }

    /// Of all deliveries of a job and its pieces.
    pub fn of(job: &Job, pieces: &[CutPiece], planned: &Planned, saw: Saw, allowance: Allowance) -> Self {
        let deliveries = &planned.deliveries;
        let mut names = Names::default();
        let numbers: Vec<usize> = pieces.iter().map(|piece| names.number_of(piece)).collect();
        let delivery = |each: &PlannedDelivery| delivery_view(job, each, &numbers, saw, allowance);
        let totals = totals(deliveries, allowance);
        Self {
            yard: None,
            as_of: None,
            problem: None,
            deliveries: deliveries.iter().map(delivery).collect(),
            cost_cents: totals.cost.0,
            bound_cents: totals.bound.0,
            first_fit_cents: totals.first_fit.map(|cents| cents.0),
            one_stick_each_cents: totals.one_stick_each.map(|cents| cents.0),
            allowance_cents: totals.allowance.0,
            board_feet: totals.board_feet,
            waste_percent: totals.waste_percent,
            offcuts: planned.left.iter().map(offcut_view).collect(),
            names: names.said(job),
        }
    }
}

/// The names that pieces go by, in the order in which they were first asked for.
#[derive(Default)]
struct Names {
    numbers: HashMap<(Of, For), usize>,
    in_order: Vec<(Of, For)>,
}

impl Names {
    fn number_of(&mut self, piece: &CutPiece) -> usize {
        // In a list it is the wall that counts, not the bay.
        let of = match piece.id.of {
            Of::Bay(wall, _) => Of::Bay(wall, 0),
            of @ (Of::Opening(..) | Of::Part(_)) => of,
        };
        *self.numbers.entry((of, piece.id.for_)).or_insert_with(|| {
            self.in_order.push((of, piece.id.for_));
            self.in_order.len() - 1
        })
    }

    fn said(self, job: &Job) -> Vec<PieceName> {
        let said = |(of, for_): (Of, For)| PieceName { what: for_.phrase().into(), goes: of.phrase(job).into() };
        self.in_order.into_iter().map(said).collect()
    }
}

fn delivery_view(
    job: &Job,
    planned: &PlannedDelivery,
    numbers: &[usize],
    saw: Saw,
    allowance: Allowance,
) -> DeliveryView {
    let lines = planned.sections.iter().flat_map(|section| section.lines(allowance));
    let cost: Cents = lines.map(BuyLine::cost).sum();
    DeliveryView {
        key: delivery_key(planned.delivery),
        called: planned.delivery.phrase(job).into(),
        sections: planned.sections.iter().map(|section| sticks_view(section, numbers, saw, allowance)).collect(),
        cost_cents: cost.0,
        pounds: truck_load(planned, allowance, job.settings.raising.moisture()),
    }
}

/// By which name a delivery is ordered.
fn delivery_key(delivery: Delivery) -> String {
    match delivery {
        Delivery::Everything => "everything".to_owned(),
        Delivery::PlatesAndTreated => "plates-and-treated".to_owned(),
        Delivery::Rest => "rest".to_owned(),
        Delivery::Storey(level) => Uuid::from_u128(level.0).to_string(),
        Delivery::NoStorey => "no-storey".to_owned(),
    }
}

fn offcut_view(left: &Sold) -> OffcutView {
    OffcutView {
        section: left.section.phrase().into(),
        length: left.stick.length.nanometers(),
        count: left.stick.available.unwrap_or_default(),
    }
}

fn sticks_view(section: &SectionSticks, numbers: &[usize], saw: Saw, allowance: Allowance) -> SectionSticksView {
    let none = section.plan.as_ref().err().map(|none| why_none(&section.section, *none).into());
    let plan = section.plan.as_ref().ok();
    let sticks = plan.iter().flat_map(|plan| &plan.sticks).zip(&section.pieces).map(|(stick, pieces)| {
        let length = section.stock[stick.stock].length;
        let rest = rest_of(stick, length, saw);
        StickView {
            length: length.nanometers(),
            count: stick.count,
            at_hand: section.is_at_hand(stick.stock),
            cuts: stick.cuts.iter().map(|cut| cut.nanometers()).collect(),
            kerfs: rest.kerfs.nanometers(),
            offcut: rest.offcut.nanometers(),
            pieces: pieces.iter().map(|one| one.iter().map(|place| numbers[*place]).collect()).collect(),
        }
    });
    SectionSticksView {
        section: section.section.phrase().into(),
        wood: section.section.wood.to_string(),
        treated: section.section.treated,
        none,
        too_long: section.too_long.iter().map(|pieces| too_long(section, *pieces).into()).collect(),
        buy: section
            .lines(allowance)
            .into_iter()
            .map(|line| BuyView {
                length: line.length.nanometers(),
                count: line.count,
                spare: line.spare,
                price_cents: line.price.0,
            })
            .collect(),
        sticks: sticks.collect(),
        cost_cents: plan.map_or(0, |plan| plan.cost.0),
        bound_cents: plan.map_or(0, |plan| plan.bound.0),
    }
}
