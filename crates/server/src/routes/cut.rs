//! What is cut and built apart.

use axum::extract::State;
use axum::http::header;
use axum::response::{IntoResponse, Response};
use serde::Deserialize;
use sturvek_core::cutting::lists::cut_list;
use sturvek_core::cutting::packs::packs_of_job;
use sturvek_core::cutting::pieces::{Of, pieces_of_job};
use sturvek_core::cutting::progress::{made, progress};
use sturvek_core::job::{Job, WallId};
use sturvek_formats::cut_grids::cut_grid;
use sturvek_formats::grid::Grid;
use sturvek_formats::write::csv::write_csv;
use sturvek_formats::write::xlsx::write_xlsx;
use sturvek_wire::results::{CutView, changed_since_cut};
use utoipa::{IntoParams, ToSchema};
use uuid::Uuid;

use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::printing::PrintQuery;
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;

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
    let ticks = state.jobs.ticks(job).await?;
    let answer = move |planned: &Planned, _: &Wanted| {
        let plan = &planned.plan;
        let takes = |of: Of| query.takes(plan.job(), of);
        let mut all = pieces_of_job(plan);
        let made = made(&ticks);
        let progress = progress(&all, &made);
        let changed = changed_since_cut(plan.job(), &all, (&made, &progress), |tick| takes(tick.piece.of));
        all.pieces.retain(|piece| takes(piece.id.of));
        all.standing.retain(|piece| takes(piece.id.of));
        let packs = packs_of_job(plan, &all.pieces);
        let lists = cut_list(all.pieces.iter().enumerate());
        Ok(CutView::of(plan.job(), &all, &packs, &lists, changed))
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
    /// A table, written.
    ///
    /// # Errors
    /// [`Problem`] if it cannot be written.
    pub fn write(self, grid: &Grid) -> Result<Vec<u8>, Problem> {
        match self {
            Self::Csv => write_csv(grid).map_err(|error| Problem::internal(&error)),
            Self::Xlsx => write_xlsx(std::slice::from_ref(grid)).map_err(|error| Problem::internal(&error)),
        }
    }

    /// A file, to be kept under a name.
    pub fn answer(self, name: &str, bytes: Vec<u8>) -> Response {
        let (kind, ending) = match self {
            Self::Csv => ("text/csv; charset=utf-8", "csv"),
            Self::Xlsx => ("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet", "xlsx"),
        };
        let name = format!(r#"attachment; filename="{name}.{ending}""#);
        ([(header::CONTENT_TYPE, kind.to_owned()), (header::CONTENT_DISPOSITION, name)], bytes).into_response()
    }
}
