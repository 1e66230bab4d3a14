//! The server: the API and the page from one process, which holds no state of its own but plans that it can work out again.
//!
//! A handler extracts, calls the store or the core, and answers. Errors become problem details in one place
//! ([`problem`]). Any number of servers may run on one database.

#![deny(clippy::float_arithmetic)]

mod answered;
pub mod demo;
mod extract;
mod openapi;
mod page;
mod plans;
pub mod problem;
mod routes;
mod state;
pub mod views;

use std::time::Duration;

use axum::Router;
use axum::extract::DefaultBodyLimit;
use axum::http::{HeaderName, HeaderValue, StatusCode, header};
use sturvek_store::Jobs;
use tower_http::CompressionLevel;
use tower_http::catch_panic::CatchPanicLayer;
use tower_http::compression::CompressionLayer;
use tower_http::set_header::SetResponseHeaderLayer;
use tower_http::timeout::TimeoutLayer;
use tower_http::trace::TraceLayer;

pub use openapi::openapi_json;
pub use state::{AppState, LARGEST_REQUEST};

/// The longest a request may take.
const LONGEST_REQUEST: Duration = Duration::from_secs(15);
/// What the page may load: its own files only.
const CONTENT_POLICY: &str = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self' data:; frame-ancestors 'none'";

/// The whole application over these jobs.
pub fn app(jobs: Jobs) -> Router {
    let (api, _) = openapi::api_router().split_for_parts();
    let header = |name: HeaderName, value: &'static str| {
        SetResponseHeaderLayer::if_not_present(name, HeaderValue::from_static(value))
    };
    Router::new()
        .merge(api)
        .route("/api/{*rest}", axum::routing::any(problem::no_such_address))
        .fallback(page::serve)
        .with_state(AppState { jobs, plans: plans::Plans::default() })
        .layer(DefaultBodyLimit::max(LARGEST_REQUEST))
        .layer(TimeoutLayer::with_status_code(StatusCode::SERVICE_UNAVAILABLE, LONGEST_REQUEST))
        .layer(CatchPanicLayer::custom(problem::from_panic))
        .layer(axum::middleware::map_response(problem::complete))
        .layer(axum::middleware::from_fn(problem::own_page_only))
        .layer(CompressionLayer::new().quality(CompressionLevel::Fastest))
        .layer(header(header::CONTENT_SECURITY_POLICY, CONTENT_POLICY))
        .layer(header(header::X_CONTENT_TYPE_OPTIONS, "nosniff"))
        .layer(header(header::REFERRER_POLICY, "no-referrer"))
        .layer(TraceLayer::new_for_http())
}
