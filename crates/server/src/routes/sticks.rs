//! The sticks that a job is cut from: planned with somebody's prices for what is not cut yet.

use axum::extract::State;
use axum::response::Response;
use serde::Deserialize;
use sturvek_core::cutting::deliveries::{self, Trucks, plan_deliveries};
use sturvek_core::cutting::job_sticks::Allowance;
use sturvek_core::cutting::pieces::{JobPieces, pieces_of_job};
use sturvek_core::cutting::progress::{Tick, made, progress};
use sturvek_core::cutting::sticks::Saw;
use sturvek_core::job::Job;
use sturvek_core::measure::{Length, LengthStyle};
use sturvek_core::say;
use sturvek_formats::cut_grids::order_grid;
use sturvek_wire::FieldErrors;
use sturvek_wire::results::SticksView;
use utoipa::{IntoParams, ToSchema};
use uuid::Uuid;

use super::cut::GridForm;
use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::printing::PrintQuery;
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;
use crate::yard::{NoPrices, Prices};

/// The widest cut that is asked for.
const WIDEST_KERF: Length = Length::inches_and(0, 1, 2);

/// How sticks are planned.
#[derive(Clone, Copy, Debug, Default, Deserialize, IntoParams)]
#[serde(default)]
#[into_params(parameter_in = Query)]
pub struct StickQuery {
    /// How often the truck comes.
    #[param(inline, required = false)]
    trucks: HowOften,
    /// Whose prices.
    #[param(inline, required = false)]
    pub prices: WhosePrices,
    /// Width of the saw's cut, nanometers; 1/8 in. where nothing is said.
    kerf: Option<i64>,
    /// Sticks on top of the plan, percent.
    allowance: Option<u32>,
}

/// How often the truck comes.
#[derive(Clone, Copy, Debug, Default, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
enum HowOften {
    /// With everything.
    Once,
    /// With sole plates and treated lumber, then with the rest.
    #[default]
    Twice,
    /// With sole plates and treated lumber, then for each storey.
    Storeys,
}

/// Whose prices sticks are planned with.
#[derive(Clone, Copy, Debug, Default, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum WhosePrices {
    /// The yard's, as of today.
    #[default]
    Yard,
    /// The user's own.
    Own,
}

/// How sticks are planned, read.
#[derive(Clone, Copy)]
pub struct Planning {
    trucks: Trucks,
    saw: Saw,
    allowance: Allowance,
}

impl StickQuery {
    /// As it is planned with.
    ///
    /// # Errors
    /// [`Problem`] with the field that is out of bounds.
    pub fn read(self) -> Result<Planning, Problem> {
        let trucks = match self.trucks {
            HowOften::Once => Trucks::Once,
            HowOften::Twice => Trucks::Twice,
            HowOften::Storeys => Trucks::ByStorey,
        };
        let mut saw = Saw::default();
        if let Some(kerf) = self.kerf {
            saw.kerf = Length::from_nanometers(kerf);
            if saw.kerf < Length::ZERO || WIDEST_KERF < saw.kerf {
                let most = WIDEST_KERF.written(LengthStyle::Inches);
                return Err(FieldErrors::one("/kerf".to_owned(), say!("sticks-kerf-bounds", most)).into());
            }
        }
        let allowance = Allowance::percent(self.allowance.unwrap_or(0)).ok_or_else(|| {
            FieldErrors::one("/allowance".to_owned(), say!("sticks-allowance-bounds", most = Allowance::MOST))
        })?;
        Ok(Planning { trucks, saw, allowance })
    }
}

/// What sticks cost: the yard's prices of today, or the user's own.
///
/// # Errors
/// [`Problem`] where the database does not say; why there are no prices is no problem yet.
pub async fn prices(state: &AppState, whose: WhosePrices) -> Result<Result<Prices, NoPrices>, Problem> {
    Ok(match (whose, &state.yard) {
        (WhosePrices::Yard, Some(yard)) => yard.prices().await,
        (WhosePrices::Yard, None) => Err(NoPrices::NoYard),
        (WhosePrices::Own, _) => state.jobs.own_prices().await?.map(Prices::from).ok_or(NoPrices::NoneOfOnesOwn),
    })
}

/// The sticks that the rest of a job is cut from: what is cut already is not asked for again.
#[utoipa::path(get, path = "/api/jobs/{job}/sticks", params(("job" = Uuid, Path), StickQuery),
    responses((status = 200, body = SticksView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_sticks(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Params(query): Params<StickQuery>,
) -> Result<Written<SticksView>, Problem> {
    let planning = query.read()?;
    let prices = prices(&state, query.prices).await?;
    let ticks = state.jobs.ticks(job).await?;
    let answer = move |planned: &Planned, _: &Wanted| {
        let job = planned.plan.job();
        let prices = match prices {
            Ok(prices) => prices,
            Err(none) => return Ok(SticksView::without(job, &none.phrase())),
        };
        let all = pieces_of_job(&planned.plan);
        let sticks = planning.of_the_rest(job, &all, &ticks, &prices);
        let view = SticksView::of(job, &all.pieces, &sticks, planning.saw, planning.allowance);
        Ok(SticksView { yard: prices.yard, as_of: Some(prices.as_of), ..view })
    };
    state.about(job, answer).await
}

/// The sticks to buy for what is not cut yet, for a spreadsheet.
#[utoipa::path(get, path = "/api/jobs/{job}/sticks/{form}",
    params(("job" = Uuid, Path), ("form" = inline(GridForm), Path), StickQuery, PrintQuery),
    responses((status = 200, content((Vec<u8> = "text/csv"),
            (Vec<u8> = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"))), (status = 404, body = Problem),
        (status = 422, body = Problem), (status = 424, body = Problem)))]
pub async fn get_sticks_grid(
    State(state): State<AppState>,
    Ids((job, form)): Ids<(Uuid, GridForm)>,
    Params(query): Params<StickQuery>,
    Params(print): Params<PrintQuery>,
) -> Result<Response, Problem> {
    let planning = query.read()?;
    let prices = prices(&state, query.prices).await?.map_err(Problem::no_prices)?;
    let ticks = state.jobs.ticks(job).await?;
    let place = state.workers.place()?;
    let (asked, plans) = (state.plans.now(&state.jobs, job).await?, state.plans.clone());
    let write = move |wanted: &Wanted| {
        let planned = asked.planned(&plans, wanted)?;
        let all = pieces_of_job(&planned.plan);
        let sticks = planning.of_the_rest(planned.plan.job(), &all, &ticks, &prices);
        form.write(&order_grid(planned.plan.job(), &sticks.deliveries, planning.allowance, print.voice()))
    };
    Ok(form.answer("sticks", place.compute(write).await?))
}

impl Planning {
    /// The sticks for what is not cut yet.
    fn of_the_rest(self, job: &Job, all: &JobPieces, ticks: &[Tick], prices: &Prices) -> deliveries::Planned {
        let cut = progress(all, &made(ticks)).cut;
        let rest: Vec<_> = all.pieces.iter().enumerate().filter(|(place, _)| !cut[*place]).collect();
        plan_deliveries(job, &rest, self.trucks, &prices.sold, self.saw)
    }
}
