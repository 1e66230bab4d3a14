//! What is computed: a planned wall, a preview of an edit, a call-out read back, a calculation sheet.

use axum::Json;
use axum::extract::State;
use sturvek_core::framing::{WallPlan, opening_sheet, plan_wall, say::say};
use sturvek_core::job::{Job, OpeningId, Wall, WallId, command};
use sturvek_core::measure::LengthStyle;
use sturvek_store::StoreError;
use sturvek_wire::Resolve;
use sturvek_wire::framed::{Words, words};
use sturvek_wire::results::{WallView, sheet_parts, wall_view};
use uuid::Uuid;

use crate::extract::{Body, Ids};
use crate::problem::Problem;
use crate::state::AppState;
use crate::views::{PreviewRequest, SayRequest, SayView, SheetView};

fn wall_of(job: &Job, wall: Uuid) -> Result<&Wall, Problem> {
    job.wall(WallId(wall.as_u128())).ok_or_else(|| Problem::not_found("wall"))
}

fn planned(job: &Job, wall: Uuid) -> Result<Json<WallView>, Problem> {
    let wall = wall_of(job, wall)?;
    Ok(Json(wall_view(job, wall, &plan_wall(job, wall))))
}

/// A planned wall.
#[utoipa::path(get, path = "/api/jobs/{job}/walls/{wall}", params(("job" = Uuid, Path), ("wall" = Uuid, Path)),
    responses((status = 200, body = WallView), (status = 404, body = Problem)))]
pub async fn get_wall(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
) -> Result<Json<WallView>, Problem> {
    planned(&state.jobs.get(job).await?.job, wall)
}

/// The wall as it would be after a command; nothing is kept.
#[utoipa::path(post, path = "/api/jobs/{job}/walls/{wall}/preview",
    params(("job" = Uuid, Path), ("wall" = Uuid, Path)), request_body = PreviewRequest,
    responses((status = 200, body = WallView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn preview(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Body(request): Body<PreviewRequest>,
) -> Result<Json<WallView>, Problem> {
    let stored = state.jobs.get(job).await?;
    let command = request.command.with_identities().resolve().map_err(|errors| errors.under("/command"))?;
    let refusal = |error| StoreError::refusal(&command, error).under("/command");
    let applied = command::apply(&stored.job, &command).map_err(refusal)?;
    planned(&applied.job, wall)
}

/// Reads how an opening is called out, and says it back.
#[utoipa::path(post, path = "/api/jobs/{job}/walls/{wall}/say",
    params(("job" = Uuid, Path), ("wall" = Uuid, Path)), request_body = SayRequest,
    responses((status = 200, body = SayView), (status = 404, body = Problem)))]
pub async fn say_opening(
    State(state): State<AppState>,
    Ids((job, wall)): Ids<(Uuid, Uuid)>,
    Body(request): Body<SayRequest>,
) -> Result<Json<SayView>, Problem> {
    let stored = state.jobs.get(job).await?;
    let style = if request.in_millimeters { LengthStyle::Millimeters } else { LengthStyle::FeetInches };
    Ok(Json(match say(&request.text, wall_of(&stored.job, wall)?, &stored.job.settings, style) {
        Ok(said) => SayView::of(&said),
        Err(error) => SayView { problem: Some(error.to_string()), ..SayView::default() },
    }))
}

/// The calculation sheet of an opening.
#[utoipa::path(get, path = "/api/jobs/{job}/openings/{opening}/sheet",
    params(("job" = Uuid, Path), ("opening" = Uuid, Path)),
    responses((status = 200, body = SheetView), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn get_sheet(
    State(state): State<AppState>,
    Ids((job, opening)): Ids<(Uuid, Uuid)>,
) -> Result<Json<SheetView>, Problem> {
    let stored = state.jobs.get(job).await?;
    let (wall, plan, place) = planned_opening(&stored.job, opening)?;
    let opening = &plan.openings[place];
    let parts = opening_sheet(&stored.job, wall, &plan.ground, opening)?;
    Ok(Json(SheetView {
        job: stored.job.name.clone(),
        wall: wall.frame.name.clone(),
        opening: format!("{}, {}", opening.letter, opening.design.kind.word()),
        verdict: opening.verdict_words().to_owned(),
        sentence: opening.sentence.clone(),
        version: stored.version,
        version_of: stored.updated_at,
        parts: sheet_parts(&parts),
    }))
}

/// The wall an opening is in, planned, and the opening's place in the plan.
pub(super) fn planned_opening(job: &Job, opening: Uuid) -> Result<(&Wall, WallPlan, usize), Problem> {
    let id = OpeningId(opening.as_u128());
    let (wall, _) = job.opening(id).ok_or_else(|| Problem::not_found("opening"))?;
    let plan = plan_wall(job, wall);
    let place = plan.openings.iter().position(|planned| planned.id == id);
    let place = place.ok_or_else(|| Problem::not_found("opening"))?;
    Ok((wall, plan, place))
}

/// The ways of speaking of a wall's parts.
#[utoipa::path(get, path = "/api/words", responses((status = 200, body = Words)))]
pub async fn get_words() -> Json<Words> {
    Json(words())
}
