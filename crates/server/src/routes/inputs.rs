//! What inputs may be.

use axum::Json;
use sturvek_wire::ranges::{InputRange, input_ranges};

/// What every input may be, from the least to the most.
#[utoipa::path(get, path = "/api/inputs", responses((status = 200, body = Vec<InputRange>)))]
pub async fn get_inputs() -> Json<Vec<InputRange>> {
    Json(input_ranges())
}
