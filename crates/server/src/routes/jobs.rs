//! Jobs: list, open, create, copy, put away, bring back.

use axum::Json;
use axum::extract::State;
use axum::http::{StatusCode, header};
use axum::response::IntoResponse;
use sturvek_core::plan::Settled;
use sturvek_formats::job_file::{read_job, write_job};
use sturvek_store::{ListedJob, Version};
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
    let mut jobs = Vec::new();
    for listed in state.jobs.list().await? {
        let settled = match listed.settled {
            Some(settled) => settled,
            None => settled_now(&state, &listed).await?,
        };
        jobs.push(JobSummary::of(listed, settled));
    }
    Ok(Json(jobs))
}

/// Counts what is settled in a job that has changed since it was counted, and keeps that.
async fn settled_now(state: &AppState, listed: &ListedJob) -> Result<Settled, Problem> {
    let version = Version { number: listed.version, made_at: listed.updated_at };
    let planned = match state.plans.at(listed.id, version) {
        Some(planned) => planned,
        None => state.plans.of(&state.jobs.get(listed.id).await?),
    };
    let settled = planned.plan.settled();
    state.jobs.keep_settled(listed.id, planned.version.number, settled).await?;
    Ok(settled)
}

/// Makes a job with one wall of the usual kind.
#[utoipa::path(post, path = "/api/jobs", request_body = NewJob,
    responses((status = 201, body = JobView), (status = 422, body = Problem)))]
pub async fn create_job(
    State(state): State<AppState>,
    Body(new): Body<NewJob>,
) -> Result<(StatusCode, Json<JobView>), Problem> {
    let id = state.jobs.create(&demo::new_job(new.name.trim())).await?;
    Ok((StatusCode::CREATED, Json(view(&state, id).await?)))
}

/// One job.
#[utoipa::path(get, path = "/api/jobs/{job}", params(("job" = Uuid, Path)),
    responses((status = 200, body = JobView), (status = 404, body = Problem)))]
pub async fn get_job(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<Json<JobView>, Problem> {
    Ok(Json(view(&state, job).await?))
}

async fn view(state: &AppState, job: Uuid) -> Result<JobView, Problem> {
    let stored = state.jobs.get(job).await?;
    Ok(JobView::of(&stored, &state.plans.of(&stored)))
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
    Ok((StatusCode::CREATED, Json(view(&state, copy).await?)))
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
    let job = read_job(file.text.as_bytes()).map_err(|error| FieldErrors::one("/text", error.phrase()))?;
    let id = state.jobs.create(&job).await?;
    Ok((StatusCode::CREATED, Json(view(&state, id).await?)))
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
