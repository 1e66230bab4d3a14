//! Whether the server lives, and whether it is ready to answer. Apart: what lives and is not ready is waited for, not started again.

use std::time::Duration;

use axum::Json;
use axum::extract::State;
use axum::http::StatusCode;
use sturvek_store::StoreError;

use crate::problem::Problem;
use crate::state::AppState;
use crate::views::Health;

/// How long the database may take to say that it is there.
const LONGEST: Duration = Duration::from_secs(3);

/// Whether the server and its database are up; it is answered either way.
#[utoipa::path(get, path = "/api/health", responses((status = 200, body = Health)))]
pub async fn health(State(state): State<AppState>) -> Json<Health> {
    Json(Health { database: answers(&state).await.is_ok() })
}

/// Whether the server lives, whatever its database does.
#[utoipa::path(get, path = "/api/live", responses((status = 204)))]
pub async fn live() -> StatusCode {
    StatusCode::NO_CONTENT
}

/// Whether the server can answer: 503 while its database does not.
#[utoipa::path(get, path = "/api/ready", responses((status = 204)))]
pub async fn ready(State(state): State<AppState>) -> Result<StatusCode, Problem> {
    answers(&state).await?;
    Ok(StatusCode::NO_CONTENT)
}

async fn answers(state: &AppState) -> Result<(), StoreError> {
    tokio::time::timeout(LONGEST, state.jobs.ping()).await.unwrap_or(Err(StoreError::Silent))
}
