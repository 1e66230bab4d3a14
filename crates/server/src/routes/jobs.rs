//! Jobs: list, open, create, copy, put away, bring back.

use axum::Json;
use axum::extract::State;
use axum::http::{StatusCode, header};
use axum::response::IntoResponse;
use sturvek_formats::job_file::{read_job, write_job};
use sturvek_wire::FieldErrors;
use uuid::Uuid;

use crate::demo;
use crate::extract::{Body, Ids};
use crate::problem::Problem;
use crate::state::AppState;
use crate::views::{Health, HistoryEntry, JobFileText, JobSummary, JobView, NewJob};

/// How many entries of the history are answered at most.
const MOST_HISTORY: u64 = 500;

/// Whether the server and its database are up.
#[utoipa::path(get, path = "/api/health", responses((status = 200, body = Health)))]
pub async fn health(State(state): State<AppState>) -> Json<Health> {
    Json(Health { database: state.jobs.ping().await.is_ok() })
}

/// Every job, newest change first.
#[utoipa::path(get, path = "/api/jobs", responses((status = 200, body = Vec<JobSummary>)))]
pub async fn list_jobs(State(state): State<AppState>) -> Result<Json<Vec<JobSummary>>, Problem> {
    let jobs = state.jobs.list().await?;
    Ok(Json(jobs.into_iter().map(Into::into).collect()))
}

/// Makes a job with one wall of the usual kind.
#[utoipa::path(post, path = "/api/jobs", request_body = NewJob,
    responses((status = 201, body = JobView), (status = 422, body = Problem)))]
pub async fn create_job(
    State(state): State<AppState>,
    Body(new): Body<NewJob>,
) -> Result<(StatusCode, Json<JobView>), Problem> {
    let id = state.jobs.create(&demo::new_job(new.name.trim())).await?;
    Ok((StatusCode::CREATED, Json(state.jobs.get(id).await?.into())))
}

/// One job.
#[utoipa::path(get, path = "/api/jobs/{job}", params(("job" = Uuid, Path)),
    responses((status = 200, body = JobView), (status = 404, body = Problem)))]
pub async fn get_job(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<Json<JobView>, Problem> {
    Ok(Json(state.jobs.get(job).await?.into()))
}

/// Puts a job away; it can be brought back.
#[utoipa::path(delete, path = "/api/jobs/{job}", params(("job" = Uuid, Path)),
    responses((status = 204), (status = 404, body = Problem)))]
pub async fn delete_job(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<StatusCode, Problem> {
    state.jobs.delete(job).await?;
    Ok(StatusCode::NO_CONTENT)
}

/// Brings a job back that was put away.
#[utoipa::path(post, path = "/api/jobs/{job}/restore", params(("job" = Uuid, Path)),
    responses((status = 204), (status = 404, body = Problem)))]
pub async fn restore_job(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<StatusCode, Problem> {
    state.jobs.restore(job).await?;
    Ok(StatusCode::NO_CONTENT)
}

/// Makes a copy of a job.
#[utoipa::path(post, path = "/api/jobs/{job}/duplicate", params(("job" = Uuid, Path)),
    responses((status = 201, body = JobView), (status = 404, body = Problem)))]
pub async fn duplicate_job(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
) -> Result<(StatusCode, Json<JobView>), Problem> {
    let copy = state.jobs.duplicate(job).await?;
    Ok((StatusCode::CREATED, Json(state.jobs.get(copy).await?.into())))
}

/// A job as a file of the project's own open format.
#[utoipa::path(get, path = "/api/jobs/{job}/file", params(("job" = Uuid, Path)),
    responses((status = 200, body = String, content_type = "application/json"), (status = 404, body = Problem)))]
pub async fn export_job(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<impl IntoResponse, Problem> {
    let job = state.jobs.get(job).await?.job;
    let text = write_job(&job).map_err(|error| Problem::internal(&error))?;
    let name = r#"attachment; filename="job.sturvek.json""#;
    Ok(([(header::CONTENT_TYPE, "application/json"), (header::CONTENT_DISPOSITION, name)], text))
}

/// Makes a job from a file; a file that is refused changes nothing.
#[utoipa::path(post, path = "/api/jobs/file", request_body = JobFileText,
    responses((status = 201, body = JobView), (status = 422, body = Problem)))]
pub async fn import_job(
    State(state): State<AppState>,
    Body(file): Body<JobFileText>,
) -> Result<(StatusCode, Json<JobView>), Problem> {
    let job = read_job(file.text.as_bytes()).map_err(|error| FieldErrors::one("/text", error))?;
    let id = state.jobs.create(&job).await?;
    Ok((StatusCode::CREATED, Json(state.jobs.get(id).await?.into())))
}

/// What was done to a job, newest first.
#[utoipa::path(get, path = "/api/jobs/{job}/history", params(("job" = Uuid, Path)),
    responses((status = 200, body = Vec<HistoryEntry>), (status = 404, body = Problem)))]
pub async fn get_history(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
) -> Result<Json<Vec<HistoryEntry>>, Problem> {
    let job = state.jobs.get(job).await?;
    let entries = state.jobs.history(job.id, MOST_HISTORY).await?;
    Ok(Json(entries.into_iter().map(Into::into).collect()))
}
