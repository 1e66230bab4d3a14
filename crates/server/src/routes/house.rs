//! The house: how it is described, where its loads go.

use axum::extract::State;
use sturvek_core::house::PartId;
use sturvek_core::house_said::say_house;
use sturvek_core::measure::LengthStyle;
use sturvek_core::plan::member_choices::member_choices;
use sturvek_core::plan::stations::stations;
use sturvek_wire::results::{MemberChoicesView, PathView};
use uuid::Uuid;

use crate::extract::{Body, Ids, Params, Written};
use crate::places::NoFigures;
use crate::places::taken::{PlaceQuery, PlaceView, Taken};
use crate::plans::Planned;
use crate::problem::{NoSuch, Problem};
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

/// What may go in as a beam or a post of the house, with the edit that chooses each.
#[utoipa::path(get, path = "/api/jobs/{job}/members/{part}", params(("job" = Uuid, Path), ("part" = Uuid, Path)),
    responses((status = 200, body = MemberChoicesView), (status = 404, body = Problem)))]
pub async fn get_member_choices(
    State(state): State<AppState>,
    Ids((job, part)): Ids<(Uuid, Uuid)>,
) -> Result<Written<MemberChoicesView>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let choices = member_choices(&planned.plan, PartId(part.as_u128()));
        choices.as_ref().map(MemberChoicesView::from).ok_or_else(|| Problem::not_found(NoSuch::Part))
    };
    state.about(job, answer).await
}

/// What the service of places says of one, with the edit that takes it over; slow, away or talking nonsense it is a sentence.
#[utoipa::path(get, path = "/api/jobs/{job}/place", params(("job" = Uuid, Path), PlaceQuery),
    responses((status = 200, body = PlaceView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_place(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Params(query): Params<PlaceQuery>,
) -> Result<Written<PlaceView>, Problem> {
    let asked = match &state.places {
        Some(places) => places.ask(query.name.trim()).await,
        None => Err(NoFigures::NoService),
    };
    let answer = move |planned: &Planned, _: &Wanted| {
        let told = asked.and_then(|place| Taken::over(planned.plan.job(), place));
        Ok(told.map_or_else(PlaceView::problem, PlaceView::from))
    };
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
