//! What is cut and built apart, and the sticks that it is cut from.

use axum::extract::State;
use serde::Deserialize;
use sturvek_core::cutting::job_sticks::sticks_of;
use sturvek_core::cutting::lists::cut_list;
use sturvek_core::cutting::packs::packs_of_job;
use sturvek_core::cutting::pieces::{Of, pieces_of_job};
use sturvek_core::cutting::progress::{made, progress};
use sturvek_core::cutting::sticks::Saw;
use sturvek_core::job::{Job, WallId};
use sturvek_wire::results::{CutView, SticksView};
use utoipa::IntoParams;
use uuid::Uuid;

use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;
use crate::yard::NoPrices;

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
    let prices = match &state.yard {
        Some(yard) => yard.prices().await,
        None => Err(NoPrices::NoYard),
    };
    let ticks = state.jobs.ticks(job).await?;
    let answer = move |planned: &Planned, _: &Wanted| {
        let prices = match prices {
            Ok(prices) => prices,
            Err(none) => return Ok(SticksView::without(&none.phrase())),
        };
        let all = pieces_of_job(&planned.plan);
        let saw = Saw::default();
        let cut = progress(&all.pieces, &made(&ticks)).cut;
        let rest = all.pieces.iter().enumerate().filter(|(place, _)| !cut[*place]);
        let sticks = sticks_of(&cut_list(rest), &prices.sold, saw);
        Ok(SticksView { yard: Some(prices.yard), as_of: Some(prices.as_of), ..SticksView::of(&sticks, saw) })
    };
    state.about(job, answer).await
}
