//! Jobs: list, open, create, copy, put away, bring back.

use axum::Json;
use axum::extract::State;
use axum::http::{StatusCode, header};
use axum::response::IntoResponse;
use sturvek_formats::job_file::{read_job, write_job};
use sturvek_store::Origin;
use sturvek_wire::FieldErrors;
use sturvek_wire::results::Unresolved;
use uuid::Uuid;

use crate::asked::author;
use crate::demo;
use crate::extract::{Body, Ids, Params, Written};
use crate::history_entry::HistoryEntry;
use crate::problem::Problem;
use crate::state::AppState;
use crate::views::{ByQuery, JobFileText, JobPage, JobView, ListQuery, NewJob};
use crate::workers::Wanted;

/// How many entries of the history are answered at most.
const MOST_HISTORY: u64 = 500;

/// A page of the jobs, newest change first.
#[utoipa::path(get, path = "/api/jobs", params(ListQuery),
    responses((status = 200, body = JobPage), (status = 422, body = Problem)))]
pub async fn list_jobs(
    State(state): State<AppState>,
    Params(query): Params<ListQuery>,
) -> Result<Json<JobPage>, Problem> {
    let page = state.jobs.list(&query.listing()?).await?;
    Ok(Json(page.into()))
}

/// How much of a job is settled: counted where it has changed since it was counted, and kept.
#[utoipa::path(get, path = "/api/jobs/{job}/totals", params(("job" = Uuid, Path)),
    responses((status = 200, body = Unresolved), (status = 404, body = Problem)))]
pub async fn get_totals(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<Json<Unresolved>, Problem> {
    let place = state.workers.place()?;
    let (asked, plans) = (state.plans.now(&state.jobs, job).await?, state.plans.clone());
    let count = move |wanted: &Wanted| {
        let planned = asked.planned(&plans, wanted)?;
        Ok((planned.version.number, planned.plan.settled()))
    };
    let (version, settled) = place.compute(count).await?;
    state.jobs.keep_settled(job, version, settled).await?;
    Ok(Json(settled.into()))
}

/// Makes a job with one wall of the usual kind.
#[utoipa::path(post, path = "/api/jobs", request_body = NewJob,
    responses((status = 201, body = JobView), (status = 422, body = Problem)))]
pub async fn create_job(
    State(state): State<AppState>,
    Body(new): Body<NewJob>,
) -> Result<(StatusCode, Written<JobView>), Problem> {
    let author = author(new.author)?;
    let id = state.jobs.create(&demo::new_job(new.name.trim()), Origin::Begun, &author).await?;
    Ok((StatusCode::CREATED, view(&state, id).await?))
}

/// One job.
#[utoipa::path(get, path = "/api/jobs/{job}", params(("job" = Uuid, Path)),
    responses((status = 200, body = JobView), (status = 404, body = Problem)))]
pub async fn get_job(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<Written<JobView>, Problem> {
    view(&state, job).await
}

async fn view(state: &AppState, job: Uuid) -> Result<Written<JobView>, Problem> {
    let place = state.workers.place()?;
    let (stored, plans) = (state.jobs.get(job).await?, state.plans.clone());
    place.answer(move |wanted| Ok(JobView::of(&stored, &*plans.of(&stored, wanted)?))).await
}

/// Puts a job away; it can be brought back.
#[utoipa::path(delete, path = "/api/jobs/{job}", params(("job" = Uuid, Path), ByQuery),
    responses((status = 204), (status = 404, body = Problem)))]
pub async fn delete_job(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Params(by): Params<ByQuery>,
) -> Result<StatusCode, Problem> {
    state.jobs.delete(job, &author(by.author)?).await?;
    Ok(StatusCode::NO_CONTENT)
}

/// Brings a job back that was put away.
#[utoipa::path(post, path = "/api/jobs/{job}/restore", params(("job" = Uuid, Path), ByQuery),
    responses((status = 204), (status = 404, body = Problem)))]
pub async fn restore_job(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Params(by): Params<ByQuery>,
) -> Result<StatusCode, Problem> {
    state.jobs.restore(job, &author(by.author)?).await?;
    Ok(StatusCode::NO_CONTENT)
}

/// Makes a copy of a job.
#[utoipa::path(post, path = "/api/jobs/{job}/duplicate", params(("job" = Uuid, Path), ByQuery),
    responses((status = 201, body = JobView), (status = 404, body = Problem)))]
pub async fn duplicate_job(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Params(by): Params<ByQuery>,
) -> Result<(StatusCode, Written<JobView>), Problem> {
    let copy = state.jobs.duplicate(job, &author(by.author)?).await?;
    Ok((StatusCode::CREATED, view(&state, copy).await?))
}

/// A job as a file of the project's own open format.
#[utoipa::path(get, path = "/api/jobs/{job}/file", params(("job" = Uuid, Path)),
    responses((status = 200, body = Object, content_type = "application/json"), (status = 404, body = Problem)))]
pub async fn export_job(State(state): State<AppState>, Ids(job): Ids<Uuid>) -> Result<impl IntoResponse, Problem> {
    let job = state.jobs.get(job).await?.job;
    let write = move |_: &Wanted| write_job(&job).map_err(|error| Problem::internal(&error));
    let text = state.workers.place()?.compute(write).await?;
    let name = r#"attachment; filename="job.sturvek.json""#;
    Ok(([(header::CONTENT_TYPE, "application/json"), (header::CONTENT_DISPOSITION, name)], text))
}

/// Makes a job from a file; a file that is refused changes nothing.
#[utoipa::path(post, path = "/api/jobs/file", request_body = JobFileText,
    responses((status = 201, body = JobView), (status = 422, body = Problem)))]
pub async fn import_job(
    State(state): State<AppState>,
    Body(file): Body<JobFileText>,
) -> Result<(StatusCode, Written<JobView>), Problem> {
    let author = author(file.author)?;
    let read = move |_: &Wanted| {
        read_job(file.text.as_bytes()).map_err(|error| FieldErrors::one("/text", error.phrase()).into())
    };
    let job = state.workers.place()?.compute(read).await?;
    let id = state.jobs.create(&job, Origin::File, &author).await?;
    Ok((StatusCode::CREATED, view(&state, id).await?))
}

/// What was done to a job, newest first.
#[utoipa::path(get, path = "/api/jobs/{job}/history", params(("job" = Uuid, Path)),
    responses((status = 200, body = Vec<HistoryEntry>), (status = 404, body = Problem)))]
pub async fn get_history(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
) -> Result<Json<Vec<HistoryEntry>>, Problem> {
    let entries = state.jobs.history(job, MOST_HISTORY).await?;
    Ok(Json(entries.into_iter().map(Into::into).collect()))
}
