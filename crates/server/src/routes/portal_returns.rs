//! Braced returns beside a big door.

use axum::extract::State;
use sturvek_core::job::OpeningId;
use sturvek_wire::results::PortalReturnsView;
use uuid::Uuid;

use crate::extract::{Ids, Written};
use crate::plans::Planned;
use crate::problem::{NoSuch, Problem};
use crate::state::AppState;
use crate::workers::Wanted;

/// The braced returns beside a door, drawn, with what the printed detail asks of them.
#[utoipa::path(get, path = "/api/jobs/{job}/openings/{opening}/returns",
    params(("job" = Uuid, Path), ("opening" = Uuid, Path)),
    responses((status = 200, body = PortalReturnsView), (status = 404, body = Problem)))]
pub async fn get_returns(
    State(state): State<AppState>,
    Ids((job, opening)): Ids<(Uuid, Uuid)>,
) -> Result<Written<PortalReturnsView>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let found = planned.plan.opening(OpeningId(opening.as_u128()));
        let (wall, plan, door) = found.ok_or_else(|| Problem::not_found(NoSuch::Opening))?;
        Ok(PortalReturnsView::of(&wall.frame, plan, door))
    };
    state.about(job, answer).await
}
