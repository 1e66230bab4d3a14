//! The server: the API and the page from one process, which holds no state of its own but plans that it can work out again.
//!
//! A handler extracts, calls the store or the core, and answers. Errors become problem details in one place
//! ([`problem`]). Any number of servers may run on one database.

#![deny(clippy::float_arithmetic)]

mod answered;
mod asked;
mod bodies;
mod changes;
pub mod connections;
pub mod demo;
mod extract;
mod history_entry;
mod limits;
pub mod loopback;
pub mod metrics;
mod metrics_names;
pub mod on_site;
mod openapi;
mod page;
pub mod places;
mod plans;
mod printing;
pub mod problem;
mod questions;
mod routes;
mod served_as;
mod state;
pub mod views;
mod workers;
pub mod yard;

use std::sync::Arc;
use std::time::Duration;

use axum::body::{Body, HttpBody};
use axum::extract::{DefaultBodyLimit, Request, State};
use axum::http::{HeaderName, HeaderValue, StatusCode, header};
use axum::middleware::Next;
use axum::response::{IntoResponse, Response};
use axum::{Extension, Router};
use http_body_util::BodyExt;
use sturvek_store::{Jobs, StoreError};
use tower_http::CompressionLevel;
use tower_http::catch_panic::CatchPanicLayer;
use tower_http::compression::CompressionLayer;
use tower_http::request_id::{MakeRequestUuid, PropagateRequestIdLayer, RequestId, SetRequestIdLayer};
use tower_http::set_header::SetResponseHeaderLayer;
use tower_http::timeout::TimeoutLayer;
use tower_http::trace::TraceLayer;

pub use limits::LARGEST_REQUEST;
use on_site::OnSite;
use on_site::door::{Door, Doorkeeper, paired_only};
pub use openapi::openapi_json;
use problem::Problem;
pub use served_as::ServedAs;
pub use state::AppState;
use workers::Workers;

/// The longest a request may take.
const LONGEST_REQUEST: Duration = Duration::from_secs(15);
/// What the page may load and do: its own files only, and nothing written into it.
const CONTENT_POLICY: &str = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";
/// What of the device the page may use.
const PERMISSIONS: &str = "camera=(self), microphone=(), geolocation=(), payment=(), usb=()";

/// What handlers share, over these jobs.
pub fn state(jobs: Jobs) -> AppState {
    AppState {
        jobs,
        plans: plans::Plans::default(),
        workers: Workers::two_a_core(),
        changes: changes::Changes::default(),
        places: None,
        yard: None,
        site: None,
    }
}

/// The whole application over these jobs, served under these names.
pub fn app(jobs: Jobs, served: ServedAs) -> Router {
    app_over(state(jobs), served)
}

/// The whole application, for this machine itself.
pub fn app_over(state: AppState, served: ServedAs) -> Router {
    behind(state, served, |app| app.layer(Extension(Door::ThisMachine)))
}

/// The whole application, for devices over the network: those that are paired.
pub fn app_on_site(state: AppState, site: Arc<OnSite>) -> Router {
    let (served, jobs) = (site.served(), state.jobs.clone());
    let keeper = Doorkeeper { jobs, site };
    behind(state, served, |app| app.layer(axum::middleware::from_fn_with_state(keeper, paired_only)))
}

/// The whole application behind a door.
fn behind(state: AppState, served: ServedAs, door: impl FnOnce(Router) -> Router) -> Router {
    let (api, _) = openapi::api_router().split_for_parts();
    let header = |name: HeaderName, value: &'static str| {
        SetResponseHeaderLayer::if_not_present(name, HeaderValue::from_static(value))
    };
    let (workers, jobs) = (state.workers.clone(), state.jobs.clone());
    let api = api
        .route("/api/{*rest}", axum::routing::any(problem::no_such_address))
        // Prices, names and addresses of people's houses are nobody's to keep.
        .layer(header(header::CACHE_CONTROL, "no-store"))
        .route_layer(axum::middleware::from_fn_with_state(jobs, given_up_when_moved))
        .route_layer(axum::middleware::from_fn(metrics::counted));
    door(Router::new().merge(api).fallback(page::serve).with_state(state))
        .layer(DefaultBodyLimit::max(LARGEST_REQUEST))
        .layer(TimeoutLayer::with_status_code(StatusCode::SERVICE_UNAVAILABLE, LONGEST_REQUEST))
        .layer(CatchPanicLayer::custom(problem::from_panic))
        .layer(axum::middleware::map_response(problem::complete))
        .layer(axum::middleware::from_fn_with_state(served, served_as::own_page_only))
        .layer(CompressionLayer::new().quality(CompressionLevel::Fastest))
        .layer(axum::middleware::map_response_with_state(workers, compressed_elsewhere))
        .layer(header(header::CONTENT_SECURITY_POLICY, CONTENT_POLICY))
        .layer(header(header::X_CONTENT_TYPE_OPTIONS, "nosniff"))
        .layer(header(header::REFERRER_POLICY, "no-referrer"))
        .layer(header(HeaderName::from_static("cross-origin-opener-policy"), "same-origin"))
        .layer(header(HeaderName::from_static("cross-origin-resource-policy"), "same-origin"))
        .layer(header(HeaderName::from_static("permissions-policy"), PERMISSIONS))
        .layer(PropagateRequestIdLayer::x_request_id())
        .layer(TraceLayer::new_for_http().make_span_with(span))
        .layer(SetRequestIdLayer::x_request_id(MakeRequestUuid))
}

/// Gives up what is under way when the standby has become the database: it would wait for one that is gone. Asked again, an edit that was
/// kept before is found by its key.
async fn given_up_when_moved(State(jobs): State<Jobs>, request: Request, next: Next) -> Response {
    tokio::select! {
        response = next.run(request) => response,
        () = jobs.moved() => Problem::from(StoreError::Silent).into_response(),
    }
}

/// Lets a body that is to be compressed be compressed by the workers: by itself it would be, piece by piece, on the network's threads.
async fn compressed_elsewhere(State(workers): State<Workers>, response: Response) -> Response {
    // What has its size known is compressed already.
    if !response.headers().contains_key(header::CONTENT_ENCODING) || response.body().size_hint().exact().is_some() {
        return response;
    }
    let (parts, body) = response.into_parts();
    let network = tokio::runtime::Handle::current();
    match workers.after(move || network.block_on(body.collect())).await {
        Ok(Ok(whole)) => Response::from_parts(parts, Body::from(whole.to_bytes())),
        Ok(Err(error)) => Problem::internal(&error).into_response(),
        Err(problem) => problem.into_response(),
    }
}

/// What every line of the log about a request says: which request it was, so that what a user reports is found.
fn span(request: &Request) -> tracing::Span {
    let id = request.extensions().get::<RequestId>().and_then(|id| id.header_value().to_str().ok()).unwrap_or("");
    tracing::info_span!("request", id, method = %request.method(), path = request.uri().path())
}
