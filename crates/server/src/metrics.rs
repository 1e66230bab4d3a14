//! What to watch: requests by route, time spent planning, conflicts, the queue, the pool. Served as text to Prometheus on a port of its own.

use std::time::Instant;

use axum::Router;
use axum::extract::{MatchedPath, Request, State};
use axum::http::{StatusCode, header};
use axum::middleware::Next;
use axum::response::{IntoResponse, Response};
use axum::routing::get;
use metrics::{counter, describe_counter, describe_gauge, describe_histogram, gauge, histogram};
use metrics_exporter_prometheus::{BuildError, Matcher, PrometheusBuilder, PrometheusHandle};
use sturvek_store::Commits;

use crate::metrics_names::{GIVEN_UP, TURNED_AWAY, WORK_SECONDS};
use crate::served_as::{ServedAs, own_page_only};
use crate::state::AppState;

const REQUESTS: &str = "sturvek_requests_total";
const SECONDS: &str = "sturvek_request_seconds";
const CONFLICTS: &str = "sturvek_conflicts_total";
const WAITING: &str = "sturvek_work_waiting";
const POOL_OPEN: &str = "sturvek_pool_connections";
const POOL_IDLE: &str = "sturvek_pool_idle";
const IN_STEP: &str = "sturvek_standby_in_step";
const WAITED_FOR: &str = "sturvek_standby_waited_for";
const DROPPED: &str = "sturvek_standby_dropped_total";
const MOVED: &str = "sturvek_database_moved_total";

/// The upper edges of what times are counted in, seconds.
const EDGES: [f64; 12] = [0.001, 0.0025, 0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1.0, 2.5, 10.0];

/// Begins to count; once in a process.
///
/// # Errors
/// If something counts already.
pub fn begin() -> Result<PrometheusHandle, BuildError> {
    let times = Matcher::Suffix("_seconds".to_owned());
    let handle = PrometheusBuilder::new().set_buckets_for_metric(times, &EDGES)?.install_recorder()?;
    describe_counter!(REQUESTS, "Requests answered, by route, method and status");
    describe_histogram!(SECONDS, "Time from a request's head to its answer, by route");
    describe_counter!(CONFLICTS, "Edits that met a job which somebody else had changed");
    describe_histogram!(WORK_SECONDS, "Time a worker spent on an answer: planning and writing it");
    describe_counter!(GIVEN_UP, "Answers given up: nobody waited any more, or they took too long");
    describe_counter!(TURNED_AWAY, "Requests turned away because the queue was full");
    describe_gauge!(WAITING, "Requests that wait for a worker");
    describe_gauge!(POOL_OPEN, "Connections to the database that are open");
    describe_gauge!(POOL_IDLE, "Connections to the database that nobody uses");
    describe_gauge!(IN_STEP, "1 while the standby holds everything, 0 while it may lack something");
    describe_gauge!(WAITED_FOR, "1 while edits wait for the standby, 0 while they are kept in one place");
    describe_counter!(DROPPED, "Times that the standby did not follow and was dropped");
    describe_counter!(MOVED, "Times that the standby was promoted and moved to");
    Ok(handle)
}

/// Counts a request by the route it matched: an address itself would be a new series for every job.
pub async fn counted(request: Request, next: Next) -> Response {
    let route = request.extensions().get::<MatchedPath>().map_or("page", MatchedPath::as_str).to_owned();
    let (method, begun) = (request.method().to_string(), Instant::now());
    let response = next.run(request).await;
    histogram!(SECONDS, "route" => route.clone()).record(begun.elapsed().as_secs_f64());
    if response.status() == StatusCode::CONFLICT {
        counter!(CONFLICTS).increment(1);
    }
    let status = response.status().as_u16().to_string();
    counter!(REQUESTS, "route" => route, "method" => method, "status" => status).increment(1);
    response
}

/// The page that Prometheus reads.
pub fn page(handle: PrometheusHandle, state: AppState, served: ServedAs) -> Router {
    let page = Router::new().route("/metrics", get(written)).with_state((handle, state));
    page.layer(axum::middleware::from_fn_with_state(served, own_page_only))
}

async fn written(State((handle, state)): State<(PrometheusHandle, AppState)>) -> impl IntoResponse {
    let count = |count: usize| u32::try_from(count).map_or(f64::INFINITY, f64::from);
    gauge!(WAITING).set(count(state.workers.waiting()));
    let (open, idle) = state.jobs.connections();
    gauge!(POOL_OPEN).set(f64::from(open));
    gauge!(POOL_IDLE).set(count(idle));
    if let Some(standing) = state.jobs.standing() {
        gauge!(IN_STEP).set(f64::from(u8::from(standing.commits == Commits::InStep)));
        gauge!(WAITED_FOR).set(f64::from(u8::from(standing.commits != Commits::Alone)));
        counter!(DROPPED).absolute(standing.dropped);
        counter!(MOVED).absolute(standing.moved);
    }
    handle.run_upkeep();
    ([(header::CONTENT_TYPE, "text/plain; version=0.0.4")], handle.render())
}
