//! Edits: commands, undo, redo.

use axum::Json;
use axum::extract::State;
use sturvek_core::job::{Input, bounds};
use sturvek_wire::FieldErrors;
use uuid::Uuid;

use crate::extract::{Body, Ids};
use crate::plans::Planned;
use crate::problem::Problem;
use crate::state::AppState;
use crate::views::{Edit, Edited, StepRequest};

/// Applies a command and keeps it.
#[utoipa::path(post, path = "/api/jobs/{job}/commands", params(("job" = Uuid, Path)), request_body = Edit,
    responses((status = 200, body = Edited), (status = 404, body = Problem), (status = 409, body = Problem),
        (status = 422, body = Problem)))]
pub async fn execute_command(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Body(edit): Body<Edit>,
) -> Result<Json<Edited>, Problem> {
    let author = author(edit.author)?;
    let latest = state.plans.latest(job);
    let known = latest.as_deref().map(Planned::known);
    let stored = state.jobs.execute(job, edit.on_version, edit.command, &author, known).await;
    let stored = stored.map_err(|error| error.under("/command"))?;
    Ok(Json(Edited::of(&stored, &state.plans.of(&stored), edit.looking_at)))
}

/// Takes the last command back.
#[utoipa::path(post, path = "/api/jobs/{job}/undo", params(("job" = Uuid, Path)), request_body = StepRequest,
    responses((status = 200, body = Edited), (status = 404, body = Problem), (status = 409, body = Problem)))]
pub async fn undo(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Body(step): Body<StepRequest>,
) -> Result<Json<Edited>, Problem> {
    let latest = state.plans.latest(job);
    let known = latest.as_deref().map(Planned::known);
    let stored = state.jobs.undo(job, step.on_version, &author(step.author)?, known).await?;
    Ok(Json(Edited::of(&stored, &state.plans.of(&stored), step.looking_at)))
}

/// Does the command again that was last taken back.
#[utoipa::path(post, path = "/api/jobs/{job}/redo", params(("job" = Uuid, Path)), request_body = StepRequest,
    responses((status = 200, body = Edited), (status = 404, body = Problem), (status = 409, body = Problem)))]
pub async fn redo(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Body(step): Body<StepRequest>,
) -> Result<Json<Edited>, Problem> {
    let latest = state.plans.latest(job);
    let known = latest.as_deref().map(Planned::known);
    let stored = state.jobs.redo(job, step.on_version, &author(step.author)?, known).await?;
    Ok(Json(Edited::of(&stored, &state.plans.of(&stored), step.looking_at)))
}

/// Who does it, for the history; `somebody` where no name was given.
fn author(name: Option<String>) -> Result<String, Problem> {
    let Some(name) = name.map(|name| name.trim().to_owned()).filter(|name| !name.is_empty()) else {
        return Ok("somebody".into());
    };
    bounds::name(Input::Author, &name).map_err(FieldErrors::from)?;
    Ok(name)
}
