//! The user's own prices of sticks, in and out as files for a spreadsheet.

use axum::extract::State;
use axum::http::StatusCode;
use axum::response::Response;
use base64::Engine;
use base64::engine::general_purpose::STANDARD;
use serde::{Deserialize, Serialize};
use sturvek_core::say;
use sturvek_formats::price_list::{price_grid, read_prices_csv, read_prices_xlsx};
use sturvek_wire::FieldErrors;
use sturvek_wire::speech::Phrase;
use utoipa::{IntoParams, ToSchema};

use super::cut::GridForm;
use super::sticks::{WhosePrices, prices};
use crate::extract::{Body, Ids, Params, Written};
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;

/// Whose list is written.
#[derive(Clone, Copy, Debug, Default, Deserialize, IntoParams)]
#[serde(default)]
#[into_params(parameter_in = Query)]
pub struct PricesQuery {
    /// Whose prices.
    #[param(inline, required = false)]
    prices: WhosePrices,
}

/// The user's own prices.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OwnPricesView {
    /// The day on which they were put in, as `2026-11-27`; left out where there are none.
    pub as_of: Option<String>,
    /// How many sticks are on the list.
    pub sticks: usize,
}

/// A price list as a file.
#[derive(Clone, Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct PriceListFile {
    /// Its bytes, as base64.
    #[schema(format = Byte)]
    file: String,
}

/// What became of a price list.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PriceListRead {
    /// What is wrong with it, a row each; where anything is, nothing of it is kept.
    pub wrong: Vec<Phrase>,
    /// How many sticks are on the list now.
    pub sticks: usize,
}

/// Whether there are prices of one's own, and since when.
#[utoipa::path(get, path = "/api/prices", responses((status = 200, body = OwnPricesView)))]
pub async fn get_own_prices(State(state): State<AppState>) -> Result<Written<OwnPricesView>, Problem> {
    let own = state.jobs.own_prices().await?;
    let sticks = own.as_ref().map_or(0, |own| own.sold.len());
    let as_of = own.map(|own| own.at.format("%Y-%m-%d").to_string());
    Written::of(&OwnPricesView { as_of, sticks })
}

/// A price list as a file for a spreadsheet: the yard's of today, or one's own.
#[utoipa::path(get, path = "/api/prices/{form}", params(("form" = inline(GridForm), Path), PricesQuery),
    responses((status = 200, content((Vec<u8> = "text/csv"),
            (Vec<u8> = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"))), (status = 404, body = Problem),
        (status = 422, body = Problem), (status = 424, body = Problem)))]
pub async fn get_price_list(
    State(state): State<AppState>,
    Ids(form): Ids<GridForm>,
    Params(query): Params<PricesQuery>,
) -> Result<Response, Problem> {
    let prices = prices(&state, query.prices).await?.map_err(Problem::no_prices)?;
    let bytes = state.workers.place()?.compute(move |_| form.write(&price_grid(&prices.sold))).await?;
    Ok(form.answer("prices", bytes))
}

/// Puts a price list in the place of one's own. One bad row refuses it all.
#[utoipa::path(post, path = "/api/prices/{form}", params(("form" = inline(GridForm), Path)), request_body = PriceListFile,
    responses((status = 200, body = PriceListRead), (status = 404, body = Problem), (status = 422, body = Problem)))]
pub async fn put_price_list(
    State(state): State<AppState>,
    Ids(form): Ids<GridForm>,
    Body(sent): Body<PriceListFile>,
) -> Result<Written<PriceListRead>, Problem> {
    let bytes =
        STANDARD.decode(&sent.file).map_err(|_| FieldErrors::one("/file".to_owned(), say!("prices-not-base64")))?;
    let read = move |_: &Wanted| {
        Ok(match form {
            GridForm::Csv => read_prices_csv(&bytes),
            GridForm::Xlsx => read_prices_xlsx(&bytes),
        })
    };
    let read = state.workers.place()?.compute(read).await?;
    let read = match read {
        Ok(sold) => {
            let sticks = sold.len();
            state.jobs.keep_prices(sold).await?;
            PriceListRead { wrong: Vec::new(), sticks }
        }
        Err(bad) => PriceListRead { wrong: bad.phrases().into_iter().map(Into::into).collect(), sticks: 0 },
    };
    Written::of(&read)
}

/// Puts one's own prices away.
#[utoipa::path(delete, path = "/api/prices", responses((status = 204)))]
pub async fn delete_own_prices(State(state): State<AppState>) -> Result<StatusCode, Problem> {
    state.jobs.keep_prices(Vec::new()).await?;
    Ok(StatusCode::NO_CONTENT)
}
