//! A service of places that ships: a few places, all of them made up, so that the way from a name to a job's figures can be tried without a network.

use std::time::Duration;

use axum::extract::{Query, State};
use axum::http::StatusCode;
use axum::response::{IntoResponse, Response};
use axum::routing::get;
use axum::{Json, Router};
use serde::Deserialize;
use serde_json::json;

use super::Place;

/// How it behaves.
#[derive(Clone, Copy, Debug, Default)]
pub struct Behaves {
    /// How long it lets everybody wait.
    pub slow: Duration,
    /// Whether it talks nonsense.
    pub nonsense: bool,
}

#[derive(Deserialize)]
struct Asked {
    name: String,
}

/// Name, ground snow, wind, exposure, frost, edition.
type Row = (&'static str, f64, f64, &'static str, f64, &'static str);

/// Made up, all of it.
const PLACES: [Row; 6] = [
    ("Gorse End", 45.0, 115.0, "B", 42.0, "ASCE 7-16"),
    ("Heron Slip", 30.0, 120.0, "C", 36.0, "ASCE 7-16"),
    ("Curlew Point", 25.0, 130.0, "D", 18.0, "ASCE 7-16"),
    ("High Marrable", 90.0, 110.0, "C", 60.0, "ASCE 7-16"),
    ("Tarn Hollow", 70.0, 105.0, "B", 54.0, "ASCE 7-22"),
    ("Sandry", 0.0, 140.0, "D", 6.0, "ASCE 7-16"),
];

/// The stand-in's answers.
pub fn app(behaves: Behaves) -> Router {
    Router::new().route("/places", get(places)).with_state(behaves)
}

async fn places(State(behaves): State<Behaves>, Query(asked): Query<Asked>) -> Response {
    tokio::time::sleep(behaves.slow).await;
    if behaves.nonsense {
        return Json(json!({ "place": asked.name, "ground_snow_psf": "deep", "wind_mph": -4 })).into_response();
    }
    let alike = |row: &&Row| row.0.eq_ignore_ascii_case(asked.name.trim());
    match PLACES.iter().find(alike) {
        Some(row) => Json(told(row)).into_response(),
        None => (StatusCode::NOT_FOUND, Json(json!({ "unknown": asked.name }))).into_response(),
    }
}

fn told((name, snow, wind, exposure, frost, edition): &Row) -> Place {
    Place {
        place: (*name).to_owned(),
        ground_snow_psf: *snow,
        wind_mph: *wind,
        exposure: (*exposure).to_owned(),
        frost_depth_in: *frost,
        edition: (*edition).to_owned(),
        source: "made up, for trying out: ask your building department".to_owned(),
    }
}
