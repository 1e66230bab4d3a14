//! A yard that ships: its name and its prices are made up, so that sticks can be planned and ordered without a network.

use std::collections::HashMap;
use std::sync::{Arc, Mutex, MutexGuard, PoisonError};
use std::time::Duration;

use axum::extract::{Request, State};
use axum::http::{HeaderMap, StatusCode};
use axum::middleware::{Next, from_fn_with_state};
use axum::response::{IntoResponse, Response};
use axum::{Json, Router};
use serde::Deserialize;
use serde_json::json;
use utoipa::{OpenApi, ToSchema};
use utoipa_axum::router::OpenApiRouter;
use utoipa_axum::routes;

use super::catalog::all_sticks;
use super::orders::{Confirmed, GivenLine, Instead, OrderLine, Quote, QuotedLine, WantedLine};
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
    /// By how much everything is dearer once somebody was quoted a price, percent.
    pub dearer: i64,
}

/// A yard that is open.
type Open = Arc<Mutex<Kept>>;

/// How it behaves, whether it quoted a price since it was told so, and what was ordered under which key.
#[derive(Debug, Default)]
struct Kept {
    behaves: Behaves,
    quoted: bool,
    orders: HashMap<String, Confirmed>,
}

#[derive(OpenApi)]
#[openapi(info(
    title = "A yard that sells lumber, made up",
    version = "1.0.0",
    description = "What it has, what that costs, and orders. Lengths are inches, money is whole cents."
))]
struct Document;

/// The stand-in's answers, with the document of them at `/openapi.json`.
pub fn app(behaves: Behaves) -> Router {
    let open = Open::new(Mutex::new(Kept { behaves, ..Kept::default() }));
    let (router, document) = routes().split_for_parts();
    let router = router.layer(from_fn_with_state(open.clone(), out_of_order));
    let told = OpenApiRouter::with_openapi(document).routes(routes!(behave));
    let (told, document) = told.split_for_parts();
    router
        .merge(told)
        .with_state(open)
        .route("/openapi.json", axum::routing::get(move || async move { Json(document) }))
}

fn routes() -> OpenApiRouter<Open> {
    OpenApiRouter::with_openapi(Document::openapi())
        .routes(routes!(sticks))
        .routes(routes!(quote))
        .routes(routes!(order))
}

/// How it is told to behave from now on.
#[derive(Clone, Copy, Debug, Default, Deserialize, ToSchema)]
#[serde(deny_unknown_fields, default)]
struct Told {
    /// How long it lets everybody wait, seconds.
    slow: u8,
    /// Whether it is closed.
    closed: bool,
    /// Whether it talks nonsense.
    nonsense: bool,
    /// By how much everything is dearer once it has quoted a price, percent.
    dearer: i8,
}

/// Tells it how to behave from now on.
#[utoipa::path(post, path = "/behave", request_body = Told, responses((status = 204)))]
async fn behave(State(open): State<Open>, Json(told): Json<Told>) -> StatusCode {
    let Told { slow, closed, nonsense, dearer } = told;
    let mut kept = kept(&open);
    kept.behaves = Behaves { slow: Duration::from_secs(u64::from(slow)), closed, nonsense, dearer: i64::from(dearer) };
    kept.quoted = false;
    StatusCode::NO_CONTENT
}

/// What it says instead of an answer, if it does.
async fn out_of_order(State(open): State<Open>, request: Request, next: Next) -> Response {
    let behaves = kept(&open).behaves;
    tokio::time::sleep(behaves.slow).await;
    if behaves.closed {
        return (StatusCode::SERVICE_UNAVAILABLE, Json(json!({ "closed": "until seven" }))).into_response();
    }
    if behaves.nonsense {
        return Json(json!({ "yard": "?", "as_of": "soon", "sticks": [{ "section": 4 }], "lines": 1 })).into_response();
    }
    next.run(request).await
}

/// What there is, and what it costs today.
#[utoipa::path(get, path = "/sticks", responses((status = 200, body = PriceList), (status = 503)))]
async fn sticks(State(open): State<Open>) -> Json<PriceList> {
    Json(kept(&open).list())
}

/// What some sticks would cost, how many there are of them, and what there is instead of those that are short.
#[utoipa::path(post, path = "/quotes", request_body = Vec<WantedLine>,
    responses((status = 200, body = Quote), (status = 404), (status = 503)))]
async fn quote(State(open): State<Open>, Json(wanted): Json<Vec<WantedLine>>) -> Response {
    let mut kept = kept(&open);
    let list = kept.list();
    let quoted = |wanted: WantedLine| {
        let stick = find(&list.sticks, &wanted)?;
        let there = stick.available.map_or(wanted.count, |there| there.min(wanted.count));
        let instead = (there < wanted.count).then(|| instead_of(&list.sticks, stick, wanted.count - there)).flatten();
        Some(QuotedLine { price_cents: stick.price_cents, there, instead, line: wanted })
    };
    let Some(lines) = wanted.into_iter().map(quoted).collect::<Option<Vec<_>>>() else {
        return (StatusCode::NOT_FOUND, Json(json!({ "unknown": "section or length" }))).into_response();
    };
    kept.quoted = true;
    Json(Quote { yard: list.yard, as_of: list.as_of, lines }).into_response()
}

/// Takes an order once for each key: sent again it is answered as before. What costs otherwise by now is told and not taken; of what is
/// short there comes what there is.
#[utoipa::path(post, path = "/orders", request_body = Vec<OrderLine>,
    params(("idempotency-key" = String, Header, description = "One for each order")),
    responses((status = 200, body = Confirmed), (status = 400), (status = 409, body = PriceList), (status = 503)))]
async fn order(State(open): State<Open>, headers: HeaderMap, Json(lines): Json<Vec<OrderLine>>) -> Response {
    let Some(key) = headers.get("idempotency-key").and_then(|key| key.to_str().ok()) else {
        return (StatusCode::BAD_REQUEST, Json(json!({ "missing": "idempotency-key" }))).into_response();
    };
    let mut kept = kept(&open);
    if let Some(known) = kept.orders.get(key) {
        return Json(known.clone()).into_response();
    }
    let list = kept.list();
    let priced = |line: &OrderLine| find(&list.sticks, &line.wanted());
    if lines.iter().any(|line| priced(line).is_none_or(|stick| stick.price_cents != line.price_cents)) {
        return (StatusCode::CONFLICT, Json(list)).into_response();
    }
    let given = lines.iter().map(|line| {
        let there = priced(line).and_then(|stick| stick.available).unwrap_or(u32::MAX);
        GivenLine { line: line.clone(), given: line.count.min(there) }
    });
    let lines: Vec<GivenLine> = given.collect();
    let cost_cents = lines.iter().map(|line| line.line.price_cents * i64::from(line.given)).sum();
    let confirmed = Confirmed { number: format!("W-{:04}", kept.orders.len() + 1), lines, cost_cents };
    kept.orders.insert(key.to_owned(), confirmed.clone());
    Json(confirmed).into_response()
}

fn find<'a>(sticks: &'a [PricedStick], wanted: &WantedLine) -> Option<&'a PricedStick> {
    sticks.iter().find(|stick| wanted.is_of(stick))
}

/// The next longer stick of the same that there are enough of.
fn instead_of(sticks: &[PricedStick], short: &PricedStick, count: u32) -> Option<Instead> {
    let longer = sticks.iter().filter(|stick| {
        (&stick.section, stick.treated) == (&short.section, short.treated) && short.length_in < stick.length_in
    });
    let enough = longer.filter(|stick| stick.available.is_none_or(|there| count <= there));
    let stick = enough.min_by(|a, b| a.length_in.total_cmp(&b.length_in))?;
    Some(Instead { length_in: stick.length_in, price_cents: stick.price_cents, count })
}

fn kept(open: &Open) -> MutexGuard<'_, Kept> {
    open.lock().unwrap_or_else(PoisonError::into_inner)
}

impl Kept {
    /// What it sells, less what was ordered.
    fn list(&self) -> PriceList {
        let mut sticks = all_sticks();
        for stick in &mut sticks {
            let given = self.orders.values().flat_map(|order| &order.lines);
            let same = given.filter(|given| given.line.wanted().is_of(stick));
            let gone: u32 = same.map(|given| given.given).sum();
            stick.available = stick.available.map(|there| there.saturating_sub(gone));
            if self.quoted {
                stick.price_cents += stick.price_cents * self.behaves.dearer / 100;
            }
        }
        let as_of = chrono::Utc::now().format("%Y-%m-%d").to_string();
        PriceList { yard: "Wenfold Lumber (made up)".into(), as_of, sticks }
    }
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
