//! What is computed: a planned wall, a preview of an edit, a call-out read back.

use axum::extract::State;
use axum::http::HeaderMap;
use axum::response::Response;
use sturvek_core::framing::{say::say, together::together};
use sturvek_core::job::{Job, OpeningId, Wall, WallId, command};
use sturvek_core::measure::LengthStyle;
use sturvek_store::StoreError;
use sturvek_wire::Resolve;
use sturvek_wire::results::{CandidateView, Ticket, WallView, candidates, ticket, wall_view};
use uuid::Uuid;

use crate::extract::{Body, Ids, Written};
use crate::plans::Planned;
use crate::problem::{NoSuch, Problem};
use crate::state::AppState;
use crate::views::{LookedAt, PreviewRequest, SayRequest, SayView, TogetherRequest, TogetherView};
use crate::workers::Wanted;

fn wall_of(job: &Job, wall: Uuid) -> Result<&Wall, Problem> {
    job.wall(WallId(wall.as_u128())).ok_or_else(|| Problem::not_found(NoSuch::Wall))
}

const fn style_of(in_millimeters: bool) -> LengthStyle {
    if in_millimeters { LengthStyle::Millimeters } else { LengthStyle::FeetInches }
}

/// A planned wall. Tickets, and the headers that were tried, are asked for by opening.
#[utoipa::path(get, path = "/api/jobs/{job}/walls/{wall}", params(("job" = Uuid, Path), ("wall" = Uuid, Path)),
    responses((status = 200, body = WallView), (status = 404, body = Problem)))]
pub async fn get_wall(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    headers: HeaderMap,
) -> Result<Response, Problem> {
    let answer = move |planned: &Planned| {
        let wall = planned.plan.wall(WallId(wall.as_u128()));
        let (wall, plan) = wall.ok_or_else(|| Problem::not_found(NoSuch::Wall))?;
        Ok(wall_view(wall, plan))
    };
    state.about_wall((job, wall), &headers, answer).await
}

/// An opening's ticket: what to cut for it, and why it holds.
#[utoipa::path(get, path = "/api/jobs/{job}/openings/{opening}/ticket",
    params(("job" = Uuid, Path), ("opening" = Uuid, Path)),
    responses((status = 200, body = Ticket), (status = 404, body = Problem)))]
pub async fn get_ticket(
    State(state): State<AppState>,
    Ids((job, opening)): Ids<(Uuid, Uuid)>,
) -> Result<Written<Ticket>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let found = planned.plan.opening(OpeningId(opening.as_u128()));
        let (wall, plan, opening) = found.ok_or_else(|| Problem::not_found(NoSuch::Opening))?;
        Ok(ticket(opening, plan, &planned.plan.job().rules(), wall))
    };
    state.about(job, answer).await
}

/// Every header that was tried over an opening, cheapest first.
#[utoipa::path(get, path = "/api/jobs/{job}/openings/{opening}/candidates",
    params(("job" = Uuid, Path), ("opening" = Uuid, Path)),
    responses((status = 200, body = Vec<CandidateView>), (status = 404, body = Problem)))]
pub async fn get_candidates(
    State(state): State<AppState>,
    Ids((job, opening)): Ids<(Uuid, Uuid)>,
) -> Result<Written<Vec<CandidateView>>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let tried = planned.plan.opening_alone(OpeningId(opening.as_u128()));
        Ok(candidates(&tried.ok_or_else(|| Problem::not_found(NoSuch::Opening))?))
    };
    state.about(job, answer).await
}

/// The wall, and the ticket of an opening in it, as they would be after a command; nothing is kept.
#[utoipa::path(post, path = "/api/jobs/{job}/walls/{wall}/preview",
    params(("job" = Uuid, Path), ("wall" = Uuid, Path)), request_body = PreviewRequest,
    responses((status = 200, body = LookedAt), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn preview(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Body(request): Body<PreviewRequest>,
) -> Result<Written<LookedAt>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let command = request.command.with_identities().resolve().map_err(|errors| errors.under("/command"))?;
        let refusal = |error| StoreError::refusal(&command, error).under("/command");
        let job = command::apply(planned.plan.job(), &command).map_err(refusal)?.job;
        let wall = wall_of(&job, wall)?;
        let after = planned.plan.wall_after(&job, wall.id).ok_or_else(|| Problem::not_found(NoSuch::Wall))?;
        Ok(LookedAt::at(&job.rules(), wall, &after, request.opening))
    };
    state.about(job, answer).await
}

/// Reads how an opening is called out, and says it back.
#[utoipa::path(post, path = "/api/jobs/{job}/walls/{wall}/say",
    params(("job" = Uuid, Path), ("wall" = Uuid, Path)), request_body = SayRequest,
    responses((status = 200, body = SayView), (status = 404, body = Problem)))]
pub async fn say_opening(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Body(request): Body<SayRequest>,
) -> Result<Written<SayView>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let job = planned.plan.job();
        Ok(match say(&request.text, wall_of(job, wall)?, &job.settings, style_of(request.in_millimeters)) {
            Ok(said) => SayView::of(&said),
            Err(misread) => SayView::not(&misread),
        })
    };
    state.about(job, answer).await
}

/// The edit that evens several openings of a wall out, lines their heads up or gives them one header; nothing is kept.
#[utoipa::path(post, path = "/api/jobs/{job}/walls/{wall}/together",
    params(("job" = Uuid, Path), ("wall" = Uuid, Path)), request_body = TogetherRequest,
    responses((status = 200, body = TogetherView), (status = 404, body = Problem)))]
pub async fn openings_together(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Body(TogetherRequest { openings, aim, in_millimeters }): Body<TogetherRequest>,
) -> Result<Written<TogetherView>, Problem> {
    let answer = move |planned: &Planned, _: &Wanted| {
        let found = planned.plan.wall(WallId(wall.as_u128()));
        let (wall, plan) = found.ok_or_else(|| Problem::not_found(NoSuch::Wall))?;
        let ids: Vec<OpeningId> = openings.iter().map(|id| OpeningId(id.as_u128())).collect();
        Ok(match together(wall, plan, &ids, aim.into(), style_of(in_millimeters)) {
            Ok(command) => TogetherView { command: Some((&command).into()), problem: None },
            Err(reason) => TogetherView { command: None, problem: Some(reason.phrase().into()) },
        })
    };
    state.about(job, answer).await
}
