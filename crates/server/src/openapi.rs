//! The API's routes and the document made from them.

use utoipa::OpenApi;
use utoipa_axum::router::OpenApiRouter;
use utoipa_axum::routes;

use crate::answered::with_answered;
use crate::routes::{commands, inputs, jobs, studies, walls};
use crate::state::AppState;

#[derive(OpenApi)]
#[openapi(info(
    title = "Sturvek",
    version = "0.1.0",
    description = "Openings in load-bearing walls: jobs, commands that change them, and what is computed from them. Lengths are whole nanometers; a typed length may be sent as text.",
    license(name = "MIT", identifier = "MIT")
))]
struct Document;

/// Every route of the API.
pub fn api_router() -> OpenApiRouter<AppState> {
    OpenApiRouter::with_openapi(Document::openapi())
        .routes(routes!(jobs::health))
        .routes(routes!(jobs::list_jobs, jobs::create_job))
        .routes(routes!(jobs::get_job, jobs::delete_job))
        .routes(routes!(jobs::restore_job))
        .routes(routes!(jobs::duplicate_job))
        .routes(routes!(jobs::get_history))
        .routes(routes!(jobs::export_job))
        .routes(routes!(jobs::import_job))
        .routes(routes!(commands::execute_command))
        .routes(routes!(commands::undo))
        .routes(routes!(commands::redo))
        .routes(routes!(walls::get_wall))
        .routes(routes!(walls::preview))
        .routes(routes!(walls::say_opening))
        .routes(routes!(walls::get_sheet))
        .routes(routes!(walls::get_ticket))
        .routes(routes!(walls::get_candidates))
        .routes(routes!(studies::get_reach))
        .routes(routes!(studies::get_capability))
        .routes(routes!(studies::get_one_size))
        .routes(routes!(inputs::get_inputs))
        .routes(routes!(studies::get_materials))
        .routes(routes!(studies::read_code_table))
        .routes(routes!(studies::computed_code_table))
}

/// The OpenAPI document.
///
/// # Errors
/// If it cannot be written as JSON.
pub fn openapi_json() -> Result<String, serde_json::Error> {
    let (_, document) = api_router().split_for_parts();
    let document = with_answered(serde_json::to_value(&document)?);
    Ok(serde_json::to_string_pretty(&document)? + "\n")
}
