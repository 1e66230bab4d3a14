//! The house: how it is described, where its loads go.

use axum::extract::State;
use sturvek_core::house_said::say_house;
use sturvek_core::measure::LengthStyle;
use sturvek_core::plan::stations::stations;
use sturvek_wire::results::PathView;
use uuid::Uuid;

use crate::extract::{Body, Ids, Written};
use crate::plans::Planned;
use crate::problem::Problem;
use crate::state::AppState;
use crate::views::{SayHouseView, SayRequest};
use crate::workers::Wanted;

/// Every station that load comes to, from the roof to the ground, and what flows between them.
#[utoipa::path(get, path = "/api/jobs/{job}/path", params(("job" = Uuid, Path)),
    responses((status = 200, body = PathView), (status = 404, body = Problem)))]
pub async fn get_path(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<Written<PathView>, Problem> {
    let answer =
        |planned: &Planned, _: &Wanted| Ok(PathView::from(&stations(&planned.plan, &mut || Uuid::new_v4().as_u128())));
    state.about(job, answer).await
}

/// Reads how a house is described, and says it back with the edits that make it.
#[utoipa::path(post, path = "/api/jobs/{job}/say-house", params(("job" = Uuid, Path)), request_body = SayRequest,
    responses((status = 200, body = SayHouseView), (status = 404, body = Problem)))]
pub async fn say_a_house(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Body(request): Body<SayRequest>,
) -> Result<Written<SayHouseView>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let style = if request.in_millimeters { LengthStyle::Millimeters } else { LengthStyle::FeetInches };
        let said = say_house(&request.text, planned.plan.job(), style, &mut || Uuid::new_v4().as_u128());
        Ok(match said {
            Ok(said) => SayHouseView {
                understood: Some((&said.understood).into()),
                commands: said.commands.iter().map(Into::into).collect(),
                problem: None,
            },
            Err(misread) => SayHouseView { problem: Some(misread.phrase().into()), ..SayHouseView::default() },
        })
    };
    state.about(job, answer).await
}
