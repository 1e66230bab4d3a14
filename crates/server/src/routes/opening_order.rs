//! The order in which a wall is opened, and what is said of its steps.

use axum::extract::State;
use axum::http::StatusCode;
use chrono::{DateTime, Utc};
use serde::Deserialize;
use sturvek_core::job::WallId;
use sturvek_core::job::bounds::LONGEST_NAME;
use sturvek_core::remodel::order::order_of;
use sturvek_core::say;
use sturvek_store::order_marks::NumberedMark;
use sturvek_wire::FieldErrors;
use sturvek_wire::order_mark::{OrderMark, is_name};
use sturvek_wire::results::{OpeningOrderView, says};
use utoipa::ToSchema;
use uuid::Uuid;

use crate::extract::{Body, Ids, Written};
use crate::plans::Planned;
use crate::problem::{NoSuch, Problem};
use crate::state::AppState;
use crate::workers::Wanted;

/// The most marks that are sent at once.
const MOST_AT_ONCE: usize = 200;

/// What was said on a device.
#[derive(Clone, Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct MarksRequest {
    /// The device, by the identity that it gave itself.
    pub device: Uuid,
    /// In the order in which it was said.
    pub marks: Vec<MarkRequest>,
}

/// Something that somebody said of the order.
#[derive(Clone, Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct MarkRequest {
    /// Counted by the device: sent twice it is kept once.
    pub sequence: i64,
    /// Who.
    pub by: String,
    /// When, in milliseconds since 1970 by the device's clock.
    pub at: i64,
    /// What.
    pub mark: OrderMark,
}

impl MarkRequest {
    fn read(self, place: usize, device: Uuid) -> Result<NumberedMark, FieldErrors> {
        let refused = |field: &str, why| FieldErrors::one(format!("/marks/{place}/{field}"), why);
        if self.sequence < 0 {
            return Err(refused("sequence", say!("order-no-number-of-a-device")));
        }
        if !is_name(&self.by) {
            return Err(refused("by", say!("order-no-name", most = LONGEST_NAME)));
        }
        let at: DateTime<Utc> = DateTime::from_timestamp_millis(self.at)
            .filter(|at| 0 <= at.timestamp())
            .ok_or_else(|| refused("at", say!("order-no-time")))?;
        self.mark.read().map_err(|(field, why)| refused(&format!("mark/{field}"), why))?;
        let by = self.by.trim().to_owned();
        Ok(NumberedMark { device, sequence: self.sequence, by, at, mark: self.mark })
    }
}

/// The order in which a wall is opened, and how far it is.
#[utoipa::path(get, path = "/api/jobs/{job}/walls/{wall}/order", params(("job" = Uuid, Path), ("wall" = Uuid, Path)),
    responses((status = 200, body = OpeningOrderView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_order(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
) -> Result<Written<OpeningOrderView>, Problem> {
    let id = WallId(wall.as_u128());
    let marks = state.jobs.order_marks(job, id).await?;
    let answer = move |planned: &Planned, _: &Wanted| {
        let (wall, _) = planned.plan.wall(id).ok_or_else(|| Problem::not_found(NoSuch::Wall))?;
        let order = order_of(&planned.plan, id, &marks, says)
            .map_err(|none| Problem::from(FieldErrors::one("/wall".to_owned(), none.phrase())))?;
        Ok(OpeningOrderView::of(&wall.frame.name, order))
    };
    state.about(job, answer).await
}

/// Keeps what was said of the order on a device. Sent again, nothing changes.
#[utoipa::path(post, path = "/api/jobs/{job}/walls/{wall}/order", params(("job" = Uuid, Path), ("wall" = Uuid, Path)),
    request_body = MarksRequest,
    responses((status = 204), (status = 404, body = Problem), (status = 409, body = Problem), (status = 422, body = Problem)))]
pub async fn keep_order_marks(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Body(request): Body<MarksRequest>,
) -> Result<StatusCode, Problem> {
    if MOST_AT_ONCE < request.marks.len() {
        return Err(FieldErrors::one("/marks".to_owned(), say!("order-too-many-at-once", most = MOST_AT_ONCE)).into());
    }
    let device = request.device;
    let read = |(place, mark): (usize, MarkRequest)| mark.read(place, device);
    let marks = request.marks.into_iter().enumerate().map(read).collect::<Result<_, _>>()?;
    state.jobs.keep_order_marks(job, WallId(wall.as_u128()), marks).await?;
    Ok(StatusCode::NO_CONTENT)
}
