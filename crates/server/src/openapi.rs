//! The API's routes and the document made from them.

use axum::http::StatusCode;
use serde_json::{Value, json};
use utoipa::OpenApi;
use utoipa_axum::router::OpenApiRouter;
use utoipa_axum::routes;

use crate::answered::with_answered;
use crate::routes::{beam_in, buy, changes, commands, cut, devices, health, house, inputs, jobs};
use crate::routes::{
    labels, opening_order, orders, papers, portal_returns, prices, raise, saw, shore, sticks, studies, walls,
};
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
        .routes(routes!(health::health))
        .routes(routes!(health::live))
        .routes(routes!(health::ready))
        .routes(routes!(devices::get_site))
        .routes(routes!(devices::get_certificate))
        .routes(routes!(devices::pair))
        .routes(routes!(devices::list_devices))
        .routes(routes!(devices::revoke_device))
        .routes(routes!(changes::get_changes))
        .routes(routes!(jobs::list_jobs, jobs::create_job))
        .routes(routes!(jobs::get_job, jobs::delete_job))
        .routes(routes!(jobs::restore_job))
        .routes(routes!(jobs::duplicate_job))
        .routes(routes!(jobs::get_history))
        .routes(routes!(jobs::get_totals))
        .routes(routes!(jobs::export_job))
        .routes(routes!(jobs::import_job))
        .routes(routes!(commands::execute_command))
        .routes(routes!(commands::undo))
        .routes(routes!(commands::redo))
        .routes(routes!(walls::get_wall))
        .routes(routes!(walls::preview))
        .routes(routes!(walls::say_opening))
        .routes(routes!(walls::openings_together))
        .routes(routes!(house::get_path))
        .routes(routes!(house::say_a_house))
        .routes(routes!(house::get_member_choices))
        .routes(routes!(papers::get_wall_paper))
        .routes(routes!(papers::get_wall_pdf))
        .routes(routes!(papers::get_sheet))
        .routes(routes!(papers::get_sheet_pdf))
        .routes(routes!(papers::get_member_sheet))
        .routes(routes!(papers::get_member_pdf))
        .routes(routes!(house::get_place))
        .routes(routes!(walls::get_ticket))
        .routes(routes!(walls::get_candidates))
        .routes(routes!(cut::get_cut))
        .routes(routes!(cut::get_cut_grid))
        .routes(routes!(sticks::get_sticks))
        .routes(routes!(sticks::get_sticks_grid))
        .routes(routes!(labels::get_labels))
        .routes(routes!(buy::get_hardware))
        .routes(routes!(buy::get_one_size_bought))
        .routes(routes!(orders::quote))
        .routes(routes!(orders::get_orders, orders::order))
        .routes(routes!(prices::get_own_prices, prices::delete_own_prices))
        .routes(routes!(prices::get_price_list, prices::put_price_list))
        .routes(routes!(raise::get_raise))
        .routes(routes!(raise::get_hoist))
        .routes(routes!(shore::get_shore))
        .routes(routes!(shore::get_shore_working))
        .routes(routes!(opening_order::get_order, opening_order::keep_order_marks))
        .routes(routes!(portal_returns::get_returns))
        .routes(routes!(beam_in::get_beam_in))
        .routes(routes!(saw::get_saw))
        .routes(routes!(saw::keep_ticks))
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
    let document = with_problems(with_answered(serde_json::to_value(&document)?));
    Ok(serde_json::to_string_pretty(&document)? + "\n")
}

/// Problems that any request may meet: a device that is not paired, a name that is not served, what came too slowly, a fault, a server that is busy.
const EVERYWHERE: [u16; 5] = [401, 408, 421, 500, 503];
/// And one that sends something: what cannot be read, another site, too large, not JSON, not understood.
const WHERE_SENT: [u16; 5] = [400, 403, 413, 415, 422];
/// And one that asks by parameters.
const WHERE_ASKED: [u16; 1] = [422];

/// Problems are answered as what they are, `application/problem+json`, and every status stands in the document.
fn with_problems(mut document: Value) -> Value {
    let operations = document["paths"].as_object_mut().into_iter().flat_map(|paths| paths.values_mut());
    let operations = operations.filter_map(Value::as_object_mut).flat_map(|methods| methods.iter_mut());
    for (method, operation) in operations {
        let parameters = operation["parameters"].as_array().into_iter().flatten();
        let asks = parameters.filter(|parameter| parameter["in"] == "query").count() != 0;
        let mut statuses = EVERYWHERE.to_vec();
        match method.as_str() {
            "post" => statuses.extend(WHERE_SENT),
            "delete" => statuses.push(403),
            _ => {}
        }
        if asks {
            statuses.extend(WHERE_ASKED);
        }
        let Some(responses) = operation["responses"].as_object_mut() else { continue };
        for status in statuses {
            responses.entry(status.to_string()).or_insert_with(|| json!({ "description": "" }));
        }
        for (status, response) in responses.iter_mut().filter(|(status, _)| !status.starts_with('2')) {
            let title = StatusCode::from_bytes(status.as_bytes()).ok().and_then(|status| status.canonical_reason());
            response["description"] = json!(title.unwrap_or_default());
            let problem = json!({ "schema": { "$ref": "#/components/schemas/Problem" } });
            response["content"] = json!({ "application/problem+json": problem });
        }
    }
    document
}
