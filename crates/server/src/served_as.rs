//! Who may ask: a browser that shows this server's own page, under a name that the server is served as.
//!
//! A page of another site reaches a server on this machine through the browser in three ways: by a form or a script that sends without
//! reading (its `Origin` and `Sec-Fetch-Site` tell), by text that passes for JSON (only JSON by its exact name is taken), and by a name
//! of its own that it lets point here (the `Host` tells: only names that are served are answered).

use std::net::SocketAddr;
use std::sync::{Arc, PoisonError, RwLock};

use axum::extract::{Request, State};
use axum::http::{HeaderMap, HeaderName, Method, header};
use axum::middleware::Next;
use axum::response::{IntoResponse, Response};

use crate::problem::Problem;

/// The names and addresses, with their port, that the server answers to.
#[derive(Clone, Debug)]
pub struct ServedAs(Arc<RwLock<Vec<String>>>);

impl ServedAs {
    /// These hosts at a port; a browser leaves out port 80.
    pub fn hosts<'a>(hosts: impl IntoIterator<Item = &'a str>, port: u16) -> Self {
        Self(Arc::new(RwLock::new(with_port(hosts, port))))
    }

    /// These from now on, for everybody who holds the same.
    pub fn replace<'a>(&self, hosts: impl IntoIterator<Item = &'a str>, port: u16) {
        *self.0.write().unwrap_or_else(PoisonError::into_inner) = with_port(hosts, port);
    }

    /// This machine itself.
    pub fn loopback(address: SocketAddr) -> Self {
        Self::hosts(["127.0.0.1", "localhost", "[::1]"], address.port())
    }

    fn has(&self, host: &str) -> bool {
        let served = self.0.read().unwrap_or_else(PoisonError::into_inner);
        served.iter().any(|served| served.eq_ignore_ascii_case(host))
    }

    /// Whether an origin, such as `http://localhost:4860`, is this server's own page.
    fn is_own(&self, origin: &str) -> bool {
        let host = origin.strip_prefix("http://").or_else(|| origin.strip_prefix("https://"));
        host.is_some_and(|host| self.has(host))
    }
}

/// Names and addresses as a browser asks for them.
fn with_port<'a>(hosts: impl IntoIterator<Item = &'a str>, port: u16) -> Vec<String> {
    let written = |host: &str| {
        let full = format!("{host}:{port}").to_ascii_lowercase();
        let short = (port == 80).then(|| host.to_ascii_lowercase());
        [Some(full), short].into_iter().flatten()
    };
    hosts.into_iter().flat_map(written).collect()
}

fn text(headers: &HeaderMap, name: HeaderName) -> Option<&str> {
    headers.get(name).map(|value| value.to_str().unwrap_or(""))
}

/// Turns away what does not come from the server's own page.
pub async fn own_page_only(State(served): State<ServedAs>, request: Request, next: Next) -> Response {
    let headers = request.headers();
    let host = text(headers, header::HOST).or_else(|| request.uri().authority().map(|authority| authority.as_str()));
    if !host.is_some_and(|host| served.has(host)) || headers.get_all(header::HOST).iter().nth(1).is_some() {
        return Problem::not_served_here().into_response();
    }
    let changes = !matches!(*request.method(), Method::GET | Method::HEAD);
    if changes {
        let own = text(headers, header::ORIGIN).is_none_or(|origin| served.is_own(origin));
        let site = text(headers, HeaderName::from_static("sec-fetch-site"));
        if !own || !matches!(site, None | Some("same-origin" | "none")) {
            return Problem::from_elsewhere().into_response();
        }
    }
    // A form on another site can send text without asking, with a body or without one; JSON by its name it cannot.
    let sends = matches!(*request.method(), Method::POST | Method::PUT | Method::PATCH);
    if sends && !text(headers, header::CONTENT_TYPE).is_some_and(is_json) {
        return Problem::not_json().into_response();
    }
    next.run(request).await
}

/// Whether a content type is JSON, in UTF-8 where it says so.
fn is_json(kind: &str) -> bool {
    let mut parts = kind.split(';').map(str::trim);
    let essence = parts.next().is_some_and(|essence| essence.eq_ignore_ascii_case("application/json"));
    essence && parts.all(|parameter| parameter.eq_ignore_ascii_case("charset=utf-8"))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn json_is_told_by_its_exact_name() {
        for kind in ["application/json", "Application/JSON; charset=UTF-8", "application/json;charset=utf-8"] {
            assert!(is_json(kind), "{kind}");
        }
        for kind in
            ["", "text/plain", "application/jsonp", "application/json-patch+json", "application/json; charset=x"]
        {
            assert!(!is_json(kind), "{kind}");
        }
    }

    #[test]
    fn a_name_that_is_not_served_is_not_answered() {
        let served = ServedAs::loopback(SocketAddr::from(([127, 0, 0, 1], 4860)));
        assert!(served.has("127.0.0.1:4860") && served.has("LocalHost:4860") && served.has("[::1]:4860"));
        assert!(!served.has("127.0.0.1") && !served.has("rebound.example:4860") && !served.has("127.0.0.1:4861"));
        assert!(served.is_own("http://localhost:4860") && !served.is_own("null") && !served.is_own("http://localhost"));
        assert!(ServedAs::hosts(["localhost"], 80).is_own("http://localhost"));
    }
}
