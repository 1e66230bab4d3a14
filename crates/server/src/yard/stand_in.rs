//! A yard that ships: its name and its prices are made up, so that sticks can be planned without a network.

use std::time::Duration;

use axum::extract::State;
use axum::http::StatusCode;
use axum::response::{IntoResponse, Response};
use axum::routing::get;
use axum::{Json, Router};
use serde_json::json;

use super::{PriceList, PricedStick};

/// How it behaves.
#[derive(Clone, Copy, Debug, Default)]
pub struct Behaves {
    /// How long it lets everybody wait.
    pub slow: Duration,
    /// Whether it is closed.
    pub closed: bool,
    /// Whether it talks nonsense.
    pub nonsense: bool,
}

/// Wood, whether treated, cents a foot of its 2x4 or of the board itself, and the sizes it comes in with what they cost against that.
type Wood = (&'static str, bool, f64, &'static [(&'static str, f64)]);

const STUDS: &[(&str, f64)] = &[("2x4", 1.0), ("2x6", 1.55)];
const BOARDS: &[(&str, f64)] = &[("2x4", 1.0), ("2x6", 1.5), ("2x8", 2.1), ("2x10", 2.8), ("2x12", 3.9)];
const TIMBERS: &[(&str, f64)] =
    &[("4x4", 2.6), ("4x6", 4.2), ("4x8", 5.9), ("4x10", 7.7), ("4x12", 9.6), ("6x6", 7.1), ("6x8", 9.9)];
const PLIES: &[(&str, f64)] =
    &[("1 3/4 x 9 1/2", 0.82), ("1 3/4 x 11 7/8", 1.0), ("1 3/4 x 14", 1.19), ("1 3/4 x 16", 1.37)];

/// Made up, all of it.
const WOODS: [Wood; 13] = [
    ("SPF Stud", false, 48.0, STUDS),
    ("SPF No.2", false, 51.0, BOARDS),
    ("HF No.2", false, 52.0, BOARDS),
    ("DF-L Stud", false, 55.0, STUDS),
    ("DF-L No.2", false, 58.0, BOARDS),
    ("DF-L No.2", false, 66.0, TIMBERS),
    ("SP No.2", false, 57.0, BOARDS),
    ("SPF Stud", true, 71.0, STUDS),
    ("SPF No.2", true, 74.0, BOARDS),
    ("HF No.2", true, 73.0, BOARDS),
    ("DF-L Stud", true, 79.0, STUDS),
    ("DF-L No.2", true, 82.0, BOARDS),
    ("LVL 2.0E-2600", false, 690.0, PLIES),
];

/// Lengths in feet, with what a foot costs against an 8 ft stick's.
const SAWN_FEET: [(i64, f64); 6] = [(8, 1.0), (10, 1.04), (12, 1.02), (14, 1.07), (16, 1.05), (20, 1.16)];
const PLY_FEET: [(i64, f64); 4] = [(12, 1.0), (16, 0.98), (20, 1.0), (24, 1.02)];
/// Precut studs, in.
const PRECUT: [f64; 3] = [92.625, 104.625, 116.625];

/// The stand-in's answers.
pub fn app(behaves: Behaves) -> Router {
    Router::new().route("/sticks", get(sticks)).with_state(behaves)
}

async fn sticks(State(behaves): State<Behaves>) -> Response {
    tokio::time::sleep(behaves.slow).await;
    if behaves.closed {
        return (StatusCode::SERVICE_UNAVAILABLE, Json(json!({ "closed": "until seven" }))).into_response();
    }
    if behaves.nonsense {
        return Json(json!({ "yard": "?", "as_of": "soon", "sticks": [{ "section": 4 }] })).into_response();
    }
    let as_of = chrono::Utc::now().format("%Y-%m-%d").to_string();
    Json(PriceList { yard: "Wenfold Lumber (made up)".into(), as_of, sticks: all_sticks() }).into_response()
}

fn all_sticks() -> Vec<PricedStick> {
    let mut all = Vec::new();
    for (wood, treated, foot, sizes) in WOODS {
        for (size, times) in sizes {
            let section = format!("{size} {wood}");
            let feet = if wood.starts_with("LVL") { &PLY_FEET[..] } else { &SAWN_FEET[..] };
            for (feet, dearer) in feet {
                // Long sticks of the deep boards are few.
                let few = matches!(*size, "2x12" | "4x12" | "6x8") && 16 <= *feet;
                all.push(PricedStick {
                    section: section.clone(),
                    treated,
                    length_in: 12.0 * *feet as f64,
                    price_cents: (foot * times * dearer * *feet as f64).round() as i64,
                    available: few.then_some(24),
                });
            }
            if wood.ends_with("Stud") && !treated {
                all.extend(PRECUT.map(|length_in| PricedStick {
                    section: section.clone(),
                    treated,
                    length_in,
                    price_cents: (foot * times * 0.97 * length_in / 12.0).round() as i64,
                    available: None,
                }));
            }
        }
    }
    all
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_list_is_one_that_is_taken() {
        let list = PriceList { yard: "made up".into(), as_of: "2026-11-27".into(), sticks: all_sticks() };
        let prices = list.checked().expect("within all bounds");
        assert!(200 < prices.sold.len());
    }
}
