//! What is bought beside sticks, and what one header over everything would cost.

use axum::extract::State;
use serde::Serialize;
use sturvek_core::cutting::hardware::{Hardware, hardware_of};
use sturvek_core::studies::one_size::options_in;
use sturvek_core::studies::one_size_bought::{Bought, bought_with, over_everything, pile_of, ranked};
use sturvek_wire::speech::Phrase;
use utoipa::ToSchema;
use uuid::Uuid;

use super::sticks::{StickQuery, prices};
use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;
use crate::yard::Prices;

/// What is bought by the box.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct HardwareView {
    /// Nails by their size.
    pub nails: Vec<NailsView>,
    /// Hangers by what they hold at least.
    pub hangers: Vec<HangersView>,
    /// Anchor bolts, each with its washer and nut.
    pub bolts: u32,
}

/// Nails of one size.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct NailsView {
    /// Which.
    pub nail: Phrase,
    /// How many.
    pub count: u32,
}

/// Hangers of one class.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct HangersView {
    /// What each holds at least, lb.
    pub holds: u32,
    /// How many.
    pub count: u32,
}

/// What one header over every opening would cost, with all that changes with it.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OneSizeBoughtView {
    /// What the job's sticks cost as it is planned, brought at once, cents.
    pub as_planned_cents: i64,
    /// The cheapest first; those without a price last.
    pub sizes: Vec<SizeBoughtView>,
}

/// One header over every opening.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct SizeBoughtView {
    /// The header.
    pub header: String,
    /// What the job's sticks cost with it, cents; left out where they leave out more than as planned.
    pub cost_cents: Option<i64>,
}

impl From<Hardware> for HardwareView {
    fn from(all: Hardware) -> Self {
        let nails = all.nails.into_iter().map(|(nail, count)| NailsView { nail: nail.phrase().into(), count });
        let hangers = all.hangers.into_iter().map(|(holds, count)| HangersView { holds, count });
        Self { nails: nails.collect(), hangers: hangers.collect(), bolts: all.bolts }
    }
}

/// Nails, hangers and bolts of a job, counted from its nailing lists.
#[utoipa::path(get, path = "/api/jobs/{job}/hardware", params(("job" = Uuid, Path)),
    responses((status = 200, body = HardwareView), (status = 404, body = Problem)))]
pub async fn get_hardware(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
) -> Result<Written<HardwareView>, Problem> {
    state.about(job, |planned: &Planned, _: &Wanted| Ok(hardware_of(&planned.plan).into())).await
}

/// The best headers to put over every opening of a job, priced through the same plan of sticks.
#[utoipa::path(get, path = "/api/jobs/{job}/one-size/bought", params(("job" = Uuid, Path), StickQuery),
    responses((status = 200, body = OneSizeBoughtView), (status = 404, body = Problem), (status = 422, body = Problem),
        (status = 424, body = Problem)))]
pub async fn get_one_size_bought(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Params(query): Params<StickQuery>,
) -> Result<Written<OneSizeBoughtView>, Problem> {
    let prices = prices(&state, query.prices).await?.map_err(Problem::no_prices)?;
    state.about(job, move |planned: &Planned, wanted: &Wanted| bought(planned, wanted, &prices)).await
}

fn bought(planned: &Planned, wanted: &Wanted, prices: &Prices) -> Result<OneSizeBoughtView, Problem> {
    let (plan, mut openings, mut sizes) = (&planned.plan, Vec::new(), Vec::new());
    for (wall, planned) in plan.walls() {
        wanted.still()?;
        openings.extend(options_in(plan.job(), wall, planned));
    }
    let as_planned = pile_of(plan, &prices.sold);
    for header in over_everything(&openings) {
        wanted.still()?;
        sizes.push(bought_with(plan, &openings, header, &prices.sold, as_planned));
    }
    let view =
        |bought: Bought| SizeBoughtView { header: bought.header.name(), cost_cents: bought.cost.map(|cost| cost.0) };
    Ok(OneSizeBoughtView { as_planned_cents: as_planned.cost.0, sizes: ranked(sizes).into_iter().map(view).collect() })
}
