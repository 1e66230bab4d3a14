//! Whether the beams of a wall that is opened get in.

use axum::extract::State;
use serde::Deserialize;
use sturvek_core::job::WallId;
use sturvek_core::measure::{Length, LengthError};
use sturvek_core::remodel::beam_in::{NARROWEST, WIDEST, WayIn};
use sturvek_core::say;
use sturvek_core::speech::distance;
use sturvek_wire::FieldErrors;
use sturvek_wire::results::BeamsInView;
use utoipa::IntoParams;
use uuid::Uuid;

use crate::extract::{Ids, Params, Written};
use crate::plans::Planned;
use crate::problem::{NoSuch, Problem};
use crate::state::AppState;
use crate::workers::Wanted;

/// The way that a beam comes in, as it is typed.
#[derive(Clone, Debug, Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct WayQuery {
    /// Clear width of the passage before the door.
    passage: String,
    /// Clear width of the door.
    door: String,
    /// How far it goes straight through the door, before and behind it together; left out where it turns.
    straight: Option<String>,
}

impl WayQuery {
    fn read(&self) -> Result<WayIn, FieldErrors> {
        let read = |field: &str, text: &str| -> Result<Length, FieldErrors> {
            let refused = |why| FieldErrors::one(field.to_owned(), why);
            let length: Length = text.parse().map_err(|error: LengthError| refused(error.phrase()))?;
            if (NARROWEST..=WIDEST).contains(&length) {
                return Ok(length);
            }
            Err(refused(say!("beam-in-bounds", least = distance(NARROWEST), most = distance(WIDEST))))
        };
        let straight = self.straight.as_deref().map(str::trim).filter(|text| !text.is_empty());
        Ok(WayIn {
            passage: read("/passage", &self.passage)?,
            door: read("/door", &self.door)?,
            straight: straight.map(|text| read("/straight", text)).transpose()?,
        })
    }
}

/// Whether the beams of a wall that is opened get in by a way.
#[utoipa::path(get, path = "/api/jobs/{job}/walls/{wall}/beam-in", params(("job" = Uuid, Path), ("wall" = Uuid, Path), WayQuery),
    responses((status = 200, body = BeamsInView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_beam_in(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Params(query): Params<WayQuery>,
) -> Result<Written<BeamsInView>, Problem> {
    let way = query.read()?;
    let answer = move |planned: &Planned, _: &Wanted| {
        let found = planned.plan.wall(WallId(wall.as_u128()));
        let (wall, plan) = found.ok_or_else(|| Problem::not_found(NoSuch::Wall))?;
        Ok(BeamsInView::of(wall, plan, &way))
    };
    state.about(job, answer).await
}
