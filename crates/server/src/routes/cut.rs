//! What is cut and built apart, and the sticks that it is cut from.

use axum::extract::State;
use axum::http::header;
use axum::response::{IntoResponse, Response};
use serde::Deserialize;
use sturvek_core::cutting::job_sticks::{SectionSticks, sticks_of};
use sturvek_core::cutting::lists::cut_list;
use sturvek_core::cutting::packs::packs_of_job;
use sturvek_core::cutting::pieces::{Of, pieces_of_job};
use sturvek_core::cutting::progress::{Tick, made, progress};
use sturvek_core::cutting::sticks::Saw;
use sturvek_core::job::{Job, WallId};
use sturvek_formats::cut_grids::{cut_grid, order_grid};
use sturvek_formats::grid::Grid;
use sturvek_formats::write::csv::write_csv;
use sturvek_formats::write::xlsx::write_xlsx;
use sturvek_wire::results::{CutView, SticksView};
use utoipa::{IntoParams, ToSchema};
use uuid::Uuid;

use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::printing::PrintQuery;
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;
use crate::yard::{NoPrices, Prices};

/// Of which part of the house.
#[derive(Clone, Copy, Debug, Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct CutQuery {
    /// Only of this wall.
    pub wall: Option<Uuid>,
    /// Only of the walls, beams and posts of this storey.
    pub level: Option<Uuid>,
}

impl CutQuery {
    /// Whether a piece is of that part.
    pub fn takes(self, job: &Job, of: Of) -> bool {
        let of_wall = self.wall.is_none_or(|wanted| of.wall() == Some(WallId(wanted.as_u128())));
        of_wall && self.level.is_none_or(|level| of.level(job).is_some_and(|of| of.0 == level.as_u128()))
    }
}

/// The cut list and the packs of a job, or of a part of its house.
#[utoipa::path(get, path = "/api/jobs/{job}/cut", params(("job" = Uuid, Path), CutQuery),
    responses((status = 200, body = CutView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_cut(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Params(query): Params<CutQuery>,
) -> Result<Written<CutView>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let plan = &planned.plan;
        let mut all = pieces_of_job(plan);
        all.pieces.retain(|piece| query.takes(plan.job(), piece.id.of));
        let packs = packs_of_job(plan, &all.pieces);
        let lists = cut_list(all.pieces.iter().enumerate());
        Ok(CutView::of(plan.job(), &all, &packs, &lists))
    };
    state.about(job, answer).await
}

/// The sticks that the rest of a job is cut from, planned with the yard's prices: what is cut already is not asked for again.
#[utoipa::path(get, path = "/api/jobs/{job}/sticks", params(("job" = Uuid, Path)),
    responses((status = 200, body = SticksView), (status = 404, body = Problem)))]
pub async fn get_sticks(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<Written<SticksView>, Problem> {
    let prices = prices(&state).await;
    let ticks = state.jobs.ticks(job).await?;
    let answer = move |planned: &Planned, _: &Wanted| {
        let prices = match prices {
            Ok(prices) => prices,
            Err(none) => return Ok(SticksView::without(&none.phrase())),
        };
        let sticks = sticks_for_the_rest(planned, &ticks, &prices);
        let saw = Saw::default();
        Ok(SticksView { yard: Some(prices.yard), as_of: Some(prices.as_of), ..SticksView::of(&sticks, saw) })
    };
    state.about(job, answer).await
}

/// The cut list of a job, or of a part of its house, for a spreadsheet.
#[utoipa::path(get, path = "/api/jobs/{job}/cut/{form}",
    params(("job" = Uuid, Path), ("form" = inline(GridForm), Path), CutQuery, PrintQuery),
    responses((status = 200, content((Vec<u8> = "text/csv"),
            (Vec<u8> = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"))), (status = 404, body = Problem),
        (status = 422, body = Problem)))]
pub async fn get_cut_grid(
    State(state): State<AppState>,
    Ids((job, form)): Ids<(Uuid, GridForm)>,
    Params(query): Params<CutQuery>,
    Params(print): Params<PrintQuery>,
) -> Result<Response, Problem> {
    let place = state.workers.place()?;
    let (asked, plans) = (state.plans.now(&state.jobs, job).await?, state.plans.clone());
    let write = move |wanted: &Wanted| {
        let planned = asked.planned(&plans, wanted)?;
        let job = planned.plan.job();
        let all = pieces_of_job(&planned.plan);
        let mine = all.pieces.iter().enumerate().filter(|(_, piece)| query.takes(job, piece.id.of));
        form.write(&cut_grid(job, &all.pieces, &cut_list(mine), print.voice()))
    };
    Ok(form.answer("cut-list", place.compute(write).await?))
}

/// The sticks to buy for what is not cut yet, for a spreadsheet.
#[utoipa::path(get, path = "/api/jobs/{job}/sticks/{form}",
    params(("job" = Uuid, Path), ("form" = inline(GridForm), Path), PrintQuery),
    responses((status = 200, content((Vec<u8> = "text/csv"),
            (Vec<u8> = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"))), (status = 404, body = Problem),
        (status = 422, body = Problem), (status = 424, body = Problem)))]
pub async fn get_sticks_grid(
    State(state): State<AppState>,
    Ids((job, form)): Ids<(Uuid, GridForm)>,
    Params(print): Params<PrintQuery>,
) -> Result<Response, Problem> {
    let prices = prices(&state).await.map_err(Problem::no_prices)?;
    let ticks = state.jobs.ticks(job).await?;
    let place = state.workers.place()?;
    let (asked, plans) = (state.plans.now(&state.jobs, job).await?, state.plans.clone());
    let write = move |wanted: &Wanted| {
        let sticks = sticks_for_the_rest(&*asked.planned(&plans, wanted)?, &ticks, &prices);
        form.write(&order_grid(&sticks, Saw::default(), print.voice()))
    };
    Ok(form.answer("sticks", place.compute(write).await?))
}

/// A file that a spreadsheet reads.
#[derive(Clone, Copy, Debug, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum GridForm {
    /// Text, a line a row.
    Csv,
    /// A workbook.
    Xlsx,
}

impl GridForm {
    fn write(self, grid: &Grid) -> Result<Vec<u8>, Problem> {
        match self {
            Self::Csv => write_csv(grid).map_err(|error| Problem::internal(&error)),
            Self::Xlsx => write_xlsx(std::slice::from_ref(grid)).map_err(|error| Problem::internal(&error)),
        }
    }

    fn answer(self, name: &str, bytes: Vec<u8>) -> Response {
        let (kind, ending) = match self {
            Self::Csv => ("text/csv; charset=utf-8", "csv"),
            Self::Xlsx => ("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet", "xlsx"),
        };
        let name = format!(r#"attachment; filename="{name}.{ending}""#);
        ([(header::CONTENT_TYPE, kind.to_owned()), (header::CONTENT_DISPOSITION, name)], bytes).into_response()
    }
}

async fn prices(state: &AppState) -> Result<Prices, NoPrices> {
    match &state.yard {
        Some(yard) => yard.prices().await,
        None => Err(NoPrices::NoYard),
    }
}

/// The sticks for what is not cut yet.
fn sticks_for_the_rest(planned: &Planned, ticks: &[Tick], prices: &Prices) -> Vec<SectionSticks> {
    let all = pieces_of_job(&planned.plan);
    let cut = progress(&all.pieces, &made(ticks)).cut;
    let rest = all.pieces.iter().enumerate().filter(|(place, _)| !cut[*place]);
    sticks_of(&cut_list(rest), &prices.sold, Saw::default())
}
