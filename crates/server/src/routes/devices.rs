//! The owner's own devices: pairing one, and which are paired.

use std::sync::Arc;
use std::time::Instant;

use axum::extract::{Extension, State};
use axum::http::{StatusCode, header};
use axum::response::IntoResponse;
use axum::{Json, http::HeaderName};
use sturvek_core::job::bounds::{self, Input};
use sturvek_wire::FieldErrors;
use uuid::Uuid;

use crate::extract::{Body, Ids};
use crate::on_site::door::{PAIRING, Peer, ThisMachine, Token};
use crate::on_site::{Given, OnSite};
use crate::problem::{NoSuch, Problem};
use crate::state::AppState;
use crate::views::{DeviceView, OnSiteView, Pairing, SiteView};

/// How devices reach this machine and are paired; answered to this machine itself only.
#[utoipa::path(get, path = "/api/site", responses((status = 200, body = OnSiteView), (status = 403, body = Problem)))]
pub async fn get_site(_: ThisMachine, State(state): State<AppState>) -> Result<Json<OnSiteView>, Problem> {
    let site = state.site.as_deref().map(SiteView::of).transpose()?;
    Ok(Json(OnSiteView { site }))
}

/// The certificate by which a device trusts this machine without being asked.
#[utoipa::path(get, path = "/api/site/certificate",
    responses((status = 200, body = String, content_type = "application/x-x509-ca-cert"), (status = 404, body = Problem)))]
pub async fn get_certificate(State(state): State<AppState>) -> Result<impl IntoResponse, Problem> {
    let site = state.site.ok_or_else(|| Problem::not_found(NoSuch::Address))?;
    let headers: [(HeaderName, &str); 2] = [
        (header::CONTENT_TYPE, "application/x-x509-ca-cert"),
        (header::CONTENT_DISPOSITION, "attachment; filename=\"sturvek.crt\""),
    ];
    Ok((headers, site.certificate().to_owned()))
}

/// Pairs the device that asks, by the code that this machine shows.
#[utoipa::path(post, path = PAIRING, request_body = Pairing,
    responses((status = 204), (status = 403, body = Problem), (status = 404, body = Problem), (status = 409, body = Problem),
        (status = 422, body = Problem), (status = 429, body = Problem)))]
pub async fn pair(
    State(state): State<AppState>,
    site: Option<Extension<Arc<OnSite>>>,
    peer: Option<Extension<Peer>>,
    Body(pairing): Body<Pairing>,
) -> Result<impl IntoResponse, Problem> {
    // This machine itself needs no pairing.
    let (Some(Extension(site)), Some(Extension(Peer(from)))) = (site, peer) else {
        return Err(Problem::not_found(NoSuch::Address));
    };
    let name = pairing.name.trim();
    bounds::name(Input::Device, name).map_err(FieldErrors::from)?;
    match site.code.give(&pairing.code, from, Instant::now()) {
        Given::Right => {}
        Given::Wrong => return Err(Problem::wrong_code()),
        Given::TooSoon => return Err(Problem::too_soon()),
    }
    let token = Token::drawn();
    state.jobs.pair(name, token.hash()).await?;
    site.tell(name);
    Ok((StatusCode::NO_CONTENT, [(header::SET_COOKIE, token.cookie())]))
}

/// Every paired device; answered to this machine itself only.
#[utoipa::path(get, path = "/api/devices", responses((status = 200, body = [DeviceView]), (status = 403, body = Problem)))]
pub async fn list_devices(_: ThisMachine, State(state): State<AppState>) -> Result<Json<Vec<DeviceView>>, Problem> {
    Ok(Json(state.jobs.devices().await?.into_iter().map(Into::into).collect()))
}

/// Revokes a device: it is let in no more. Taken from this machine itself only.
#[utoipa::path(delete, path = "/api/devices/{device}", params(("device" = Uuid, Path)),
    responses((status = 204), (status = 403, body = Problem), (status = 404, body = Problem)))]
pub async fn revoke_device(
    _: ThisMachine,
    State(state): State<AppState>,
    Ids(device): Ids<Uuid>,
) -> Result<StatusCode, Problem> {
    state.jobs.revoke(device).await?;
    Ok(StatusCode::NO_CONTENT)
}
