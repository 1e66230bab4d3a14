//! Changes of the jobs as they happen: a stream of server-sent events.

use std::convert::Infallible;
use std::time::Duration;

use axum::extract::State;
use axum::response::sse::{Event, KeepAlive, Sse};
use futures_util::{Stream, StreamExt};
use sturvek_store::changes::Heard;
use tokio_stream::wrappers::BroadcastStream;

use crate::state::AppState;
use crate::views::JobChanged;

/// How often a stream says that it is there.
const EVERY: Duration = Duration::from_secs(10);

/// Every new version of a job, as an event `changed` with the job and its version; `again` where some may have been missed.
#[utoipa::path(get, path = "/api/changes",
    responses((status = 200, body = JobChanged, content_type = "text/event-stream")))]
pub async fn get_changes(State(state): State<AppState>) -> Sse<impl Stream<Item = Result<Event, Infallible>>> {
    let again = || Event::default().event("again").data("");
    let told = BroadcastStream::new(state.changes.told()).map(move |heard| match heard {
        Ok(Heard::Changed { job, version }) => {
            Event::default().event("changed").json_data(JobChanged { job, version }).unwrap_or_else(|_| again())
        }
        // A window that is too far behind.
        Ok(Heard::Again) | Err(_) => again(),
    });
    let told = told.map(Ok).take_until(state.changes.clone().closed());
    Sse::new(told).keep_alive(KeepAlive::new().interval(EVERY))
}
