//! Raising: what walls weigh, who lifts them in how many panels, and what a machine takes.

use axum::extract::State;
use serde::Deserialize;
use sturvek_core::job::WallId;
use sturvek_core::measure::{Force, Length, LengthError};
use sturvek_core::raising::hoist::hung;
use sturvek_core::raising::panels::in_one_piece;
use sturvek_core::raising::tilt::lift;
use sturvek_core::say;
use sturvek_core::speech::distance;
use sturvek_wire::FieldErrors;
use sturvek_wire::results::{HoistView, RaiseView};
use utoipa::IntoParams;
use uuid::Uuid;

use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::problem::{NoSuch, Problem};
use crate::state::AppState;
use crate::workers::Wanted;

/// The most that a machine is rated for, lb.
const MOST_RATED: f64 = 200_000.0;

/// A machine and where it holds.
#[derive(Clone, Debug, Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct HoistQuery {
    /// What the user says that it is rated for at this reach and height, lb.
    rated: f64,
    /// Where its hook holds, from the wall's left end, as it is typed: `9-2`.
    hook: String,
    /// Where a second hook holds, as it is typed.
    second: Option<String>,
    /// How far up they hold, above the underside of the sole plate; over the plates where nothing is said.
    height: Option<String>,
}

/// What the walls of a job weigh, and who lifts them in how many panels.
#[utoipa::path(get, path = "/api/jobs/{job}/raise", params(("job" = Uuid, Path)),
    responses((status = 200, body = RaiseView), (status = 404, body = Problem)))]
pub async fn get_raise(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<Written<RaiseView>, Problem> {
    state.about(job, |planned: &Planned, _: &Wanted| Ok(RaiseView::of(&planned.plan))).await
}

/// What a hook, or each of two, takes of a wall that is tilted up in one piece.
#[utoipa::path(get, path = "/api/jobs/{job}/walls/{wall}/hoist",
    params(("job" = Uuid, Path), ("wall" = Uuid, Path), HoistQuery),
    responses((status = 200, body = HoistView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_hoist(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Params(query): Params<HoistQuery>,
) -> Result<Written<HoistView>, Problem> {
    if !(1.0..=MOST_RATED).contains(&query.rated) {
        let most = Force::lbf(MOST_RATED);
        return Err(FieldErrors::one("/rated".to_owned(), say!("hoist-rated-bounds", most = most)).into());
    }
    state.about(job, move |planned: &Planned, _: &Wanted| takes(planned, wall, &query)).await
}

fn takes(planned: &Planned, wall: Uuid, query: &HoistQuery) -> Result<HoistView, Problem> {
    let found = planned.plan.wall(WallId(wall.as_u128()));
    let (wall, plan) = found.ok_or_else(|| Problem::not_found(NoSuch::Wall))?;
    let length = wall.frame.length;
    let read = |field: &str, text: &str, (least, most): (Length, Length)| -> Result<Length, FieldErrors> {
        let refused = |why| FieldErrors::one(field.to_owned(), why);
        let at: Length = text.parse().map_err(|error: LengthError| refused(error.phrase()))?;
        if (least..=most).contains(&at) {
            return Ok(at);
        }
        Err(refused(say!("hoist-on-the-wall", least = distance(least), most = distance(most))))
    };
    let (along, up) = ((Length::ZERO, length), (wall.frame.thickness(), wall.frame.height()));
    let second = query.second.as_deref().map(|text| read("/second", text, along)).transpose()?;
    let height = query.height.as_deref().map(|text| read("/height", text, up)).transpose()?;
    let hooks = (read("/hook", &query.hook, along)?.to_inches(), second.map(Length::to_inches));
    let raising = planned.plan.job().settings.raising;
    let panel = in_one_piece(wall, plan, raising.moisture(), raising.into())
        .map_err(|_| Problem::invalid(say!("raise-not-sized")))?;
    let held = height.map_or(panel.lift, |height| lift(panel.mass, height.to_inches()));
    Ok(hung(held, panel.mass.center().0, length.to_inches(), hooks, query.rated).into())
}
