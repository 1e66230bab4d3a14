//! Services outside, asked on this machine only: over HTTP on loopback, with patience that ends and answers that are not too long.

use std::time::Duration;

use axum::http::request::Builder;
use axum::http::{Request, Uri, header};
use bytes::Bytes;
use http_body_util::{BodyExt, Full, Limited};
use hyper_util::client::legacy::Client;
use hyper_util::client::legacy::connect::HttpConnector;
use hyper_util::rt::TokioExecutor;
use thiserror::Error;
use url::Url;

/// How long an answer is waited for.
const PATIENCE: Duration = Duration::from_secs(3);

/// Where a service is asked.
#[derive(Clone, Debug)]
pub struct Loopback {
    at: Url,
    client: Client<HttpConnector, Full<Bytes>>,
}

/// Why there is no answer.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Error)]
pub enum NoAnswer {
    /// Nothing came in time, or nothing at all.
    #[error("it does not answer")]
    Away,
    /// What came is too long or breaks off.
    #[error("it talks nonsense")]
    Nonsense,
}

/// Why an address is none to ask.
#[derive(Debug, Error)]
pub enum BadAddress {
    /// It is no address.
    #[error("{0} is no address: {1}")]
    Unreadable(String, url::ParseError),
    /// It is not on this machine.
    #[error("{0} is not on this machine: services are asked on loopback over HTTP only")]
    Elsewhere(String),
}

impl Loopback {
    /// A service at an address.
    ///
    /// # Errors
    /// [`BadAddress`] for one that is not on this machine.
    pub fn at(address: &str) -> Result<Self, BadAddress> {
        let at = Url::parse(address).map_err(|error| BadAddress::Unreadable(address.to_owned(), error))?;
        let here = match at.host() {
            Some(url::Host::Ipv4(ip)) => ip.is_loopback(),
            Some(url::Host::Ipv6(ip)) => ip.is_loopback(),
            Some(url::Host::Domain(name)) => name == "localhost",
            None => false,
        };
        if at.scheme() != "http" || !here {
            return Err(BadAddress::Elsewhere(address.to_owned()));
        }
        Ok(Self { at, client: Client::builder(TokioExecutor::new()).build_http() })
    }

    /// What it answers under a path: the status and what it sends, no longer than `longest` bytes.
    ///
    /// # Errors
    /// [`NoAnswer`].
    pub async fn get(&self, path: &str, query: &[(&str, &str)], longest: usize) -> Result<(u16, Bytes), NoAnswer> {
        let mut address = self.at.join(path).map_err(|_| NoAnswer::Away)?;
        if !query.is_empty() {
            address.query_pairs_mut().extend_pairs(query);
        }
        self.ask(Request::get(uri(&address)?), Bytes::new(), longest).await
    }

    /// What it answers to what it is sent.
    ///
    /// # Errors
    /// [`NoAnswer`].
    pub async fn post(&self, path: &str, json: Vec<u8>, longest: usize) -> Result<(u16, Bytes), NoAnswer> {
        self.ask(self.posted(path)?, json.into(), longest).await
    }

    /// What it answers to what it is sent, once for each key however often it is sent.
    ///
    /// # Errors
    /// [`NoAnswer`].
    pub async fn post_once(
        &self,
        path: &str,
        key: &str,
        json: Vec<u8>,
        longest: usize,
    ) -> Result<(u16, Bytes), NoAnswer> {
        self.ask(self.posted(path)?.header("idempotency-key", key), json.into(), longest).await
    }

    fn posted(&self, path: &str) -> Result<Builder, NoAnswer> {
        let address = self.at.join(path).map_err(|_| NoAnswer::Away)?;
        Ok(Request::post(uri(&address)?).header(header::CONTENT_TYPE, "application/json"))
    }

    async fn ask(&self, request: Builder, body: Bytes, longest: usize) -> Result<(u16, Bytes), NoAnswer> {
        let request = request.body(Full::new(body)).map_err(|_| NoAnswer::Away)?;
        let answered = async {
            let answer = self.client.request(request).await.map_err(|_| NoAnswer::Away)?;
            let status = answer.status().as_u16();
            let body = Limited::new(answer.into_body(), longest).collect().await.map_err(|_| NoAnswer::Nonsense)?;
            Ok((status, body.to_bytes()))
        };
        tokio::time::timeout(PATIENCE, answered).await.map_err(|_| NoAnswer::Away)?
    }
}

fn uri(address: &Url) -> Result<Uri, NoAnswer> {
    address.as_str().parse().map_err(|_| NoAnswer::Away)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn services_are_asked_on_this_machine_only() {
        for here in ["http://127.0.0.1:4864", "http://localhost:4864/", "http://[::1]:4864"] {
            assert!(Loopback::at(here).is_ok(), "{here}");
        }
        for elsewhere in ["http://203.0.113.9:4864", "https://127.0.0.1:4864", "places", "file:///etc/hosts"] {
            assert!(Loopback::at(elsewhere).is_err(), "{elsewhere}");
        }
    }
}
