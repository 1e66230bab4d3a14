//! By which way somebody comes: this machine itself, or a device over the network, which has to be paired.

use std::net::IpAddr;
use std::sync::Arc;

use axum::extract::{FromRequestParts, Request, State};
use axum::http::request::Parts;
use axum::http::{HeaderMap, HeaderValue, Method, header};
use axum::middleware::Next;
use axum::response::{IntoResponse, Redirect, Response};
use base64::Engine;
use base64::engine::general_purpose::URL_SAFE_NO_PAD;
use cookie::{Cookie, SameSite};
use rand::RngExt;
use sha2::{Digest, Sha256};
use sturvek_store::Jobs;
use sturvek_store::devices::TokenHash;

use super::{OnSite, pairing_page};
use crate::problem::Problem;

/// The cookie that holds a device's token. By its prefix a browser sends it to this machine alone, and over HTTPS only.
const COOKIE: &str = "__Host-sturvek-device";
/// How long a device stays paired that is not used.
const PAIRED_FOR: cookie::time::Duration = cookie::time::Duration::days(400);
/// Where a device is paired.
pub const PAIRING: &str = "/api/pairing";

/// Who asks, at the other end of the connection.
#[derive(Clone, Copy, Debug)]
pub struct Peer(pub IpAddr);

/// By which way somebody comes.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Door {
    /// From this machine itself.
    ThisMachine,
    /// Over the network.
    Network,
}

/// Taken by handlers that answer this machine only.
pub struct ThisMachine;

impl<S: Sync> FromRequestParts<S> for ThisMachine {
    type Rejection = Problem;

    async fn from_request_parts(parts: &mut Parts, _: &S) -> Result<Self, Problem> {
        match parts.extensions.get::<Door>() {
            Some(Door::ThisMachine) => Ok(Self),
            Some(Door::Network) | None => Err(Problem::this_machine_only()),
        }
    }
}

/// A device's token, and what is kept of it.
pub struct Token {
    text: String,
}

impl Token {
    /// One that nobody can foresee.
    pub fn drawn() -> Self {
        let bytes: [u8; 32] = rand::rng().random();
        Self { text: URL_SAFE_NO_PAD.encode(bytes) }
    }

    fn sent(headers: &HeaderMap) -> Option<Self> {
        let sent = headers.get_all(header::COOKIE).iter().filter_map(|cookies| cookies.to_str().ok());
        let mut cookies = sent.flat_map(Cookie::split_parse).flatten();
        cookies.find(|cookie| cookie.name() == COOKIE).map(|cookie| Self { text: cookie.value().to_owned() })
    }

    /// What is kept of it.
    pub fn hash(&self) -> TokenHash {
        Sha256::digest(self.text.as_bytes()).into()
    }

    /// The cookie that a browser keeps it in, out of the page's reach.
    pub fn cookie(&self) -> String {
        let cookie = Cookie::build((COOKIE, &self.text)).path("/").secure(true).http_only(true);
        cookie.same_site(SameSite::Lax).max_age(PAIRED_FOR).build().to_string()
    }
}

/// What lets devices in.
#[derive(Clone, Debug)]
pub struct Doorkeeper {
    /// Where it is kept which are paired.
    pub jobs: Jobs,
    /// This machine as they reach it.
    pub site: Arc<OnSite>,
}

/// Lets paired devices in, and gives others the page that pairs them.
pub async fn paired_only(State(keeper): State<Doorkeeper>, mut request: Request, next: Next) -> Response {
    request.extensions_mut().insert(Door::Network);
    request.extensions_mut().insert(keeper.site.clone());
    let device = match Token::sent(request.headers()) {
        Some(token) => keeper.jobs.device_with(token.hash()).await,
        None => Ok(None),
    };
    let path = request.uri().path();
    match device {
        Err(error) => Problem::from(error).into_response(),
        Ok(Some(_)) if path == "/pairing" => Redirect::to("/").into_response(),
        Ok(Some(_)) => {
            // A browser forgets a cookie after a while; one that goes on using the page does not.
            let again = (!path.starts_with("/api/")).then(|| Token::sent(request.headers())).flatten();
            let mut response = next.run(request).await;
            if let Some(cookie) = again.and_then(|token| HeaderValue::from_str(&token.cookie()).ok()) {
                response.headers_mut().insert(header::SET_COOKIE, cookie);
            }
            response
        }
        Ok(None) if path == PAIRING && *request.method() == Method::POST => next.run(request).await,
        Ok(None) => asked_to_pair(request.method(), path, request.headers()),
    }
}

fn asked_to_pair(method: &Method, path: &str, headers: &HeaderMap) -> Response {
    if matches!(*method, Method::GET | Method::HEAD) {
        if let Some(file) = pairing_page::file(path, headers) {
            return file;
        }
        if !path.starts_with("/api/") && !path.contains('.') {
            return Redirect::to("/pairing").into_response();
        }
    }
    Problem::not_paired().into_response()
}
