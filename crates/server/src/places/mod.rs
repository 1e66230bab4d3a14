//! The figures of a place, asked by its name from a service on this machine: ground snow, wind, frost, the edition of the code. What it answers is
//! held to what a job may be told, like everything that comes from outside; slow, away or talking nonsense it is a sentence, and the user types his
//! own.

pub mod stand_in;
pub mod taken;

use std::time::Duration;

use axum::http::{Request, Uri};
use bytes::Bytes;
use http_body_util::{BodyExt, Empty, Limited};
use hyper_util::client::legacy::Client;
use hyper_util::client::legacy::connect::HttpConnector;
use hyper_util::rt::TokioExecutor;
use serde::{Deserialize, Serialize};
use thiserror::Error;
use url::Url;

/// How long an answer is waited for.
const PATIENCE: Duration = Duration::from_secs(3);
/// The longest answer that is read.
const LONGEST_ANSWER: usize = 16 * 1024;
/// The longest name that is asked for.
const LONGEST_NAME: usize = 80;

/// Where the service is asked.
#[derive(Clone, Debug)]
pub struct Places {
    at: Url,
    client: Client<HttpConnector, Empty<Bytes>>,
}

/// What the service says of a place.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize)]
pub struct Place {
    /// What the place is called.
    pub place: String,
    /// Ground snow, lb/ft².
    pub ground_snow_psf: f64,
    /// Basic wind speed, mph.
    pub wind_mph: f64,
    /// Exposure: B, C or D.
    pub exposure: String,
    /// How deep the ground freezes, in.
    pub frost_depth_in: f64,
    /// The edition that the snow belongs to.
    pub edition: String,
    /// Where these figures come from.
    pub source: String,
}

/// Why there are no figures of a place.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Error)]
pub enum NoFigures {
    /// No service was named when the server was started.
    #[error("no service of places was named")]
    NoService,
    /// It does not answer in time, or not at all.
    #[error("the service of places does not answer")]
    Away,
    /// It does not know the place.
    #[error("the service of places does not know the place")]
    Unknown,
    /// What it says is nothing that a job may be told.
    #[error("the service of places talks nonsense")]
    Nonsense,
}

/// Why an address is none to ask.
#[derive(Debug, Error)]
pub enum BadAddress {
    /// It is no address.
    #[error("{0} is no address: {1}")]
    Unreadable(String, url::ParseError),
    /// It is not on this machine.
    #[error("{0} is not on this machine: places are asked on loopback over HTTP only")]
    Elsewhere(String),
}

impl Places {
    /// The service at an address.
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

    /// What the service says of a place.
    ///
    /// # Errors
    /// [`NoFigures`].
    pub async fn ask(&self, name: &str) -> Result<Place, NoFigures> {
        if name.is_empty() || LONGEST_NAME < name.chars().count() {
            return Err(NoFigures::Unknown);
        }
        tokio::time::timeout(PATIENCE, self.answer(name)).await.map_err(|_| NoFigures::Away)?
    }

    async fn answer(&self, name: &str) -> Result<Place, NoFigures> {
        let mut address = self.at.join("places").map_err(|_| NoFigures::Away)?;
        address.query_pairs_mut().append_pair("name", name);
        let address: Uri = address.as_str().parse().map_err(|_| NoFigures::Away)?;
        let request = Request::get(address).body(Empty::new()).map_err(|_| NoFigures::Away)?;
        let answer = self.client.request(request).await.map_err(|_| NoFigures::Away)?;
        match answer.status().as_u16() {
            200 => {}
            404 => return Err(NoFigures::Unknown),
            _ => return Err(NoFigures::Nonsense),
        }
        let body = Limited::new(answer.into_body(), LONGEST_ANSWER).collect().await.map_err(|_| NoFigures::Nonsense)?;
        serde_json::from_slice(&body.to_bytes()).map_err(|_| NoFigures::Nonsense)
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn places_are_asked_on_this_machine_only() {
        for here in ["http://127.0.0.1:4864", "http://localhost:4864/", "http://[::1]:4864"] {
            assert!(Places::at(here).is_ok(), "{here}");
        }
        for elsewhere in ["http://203.0.113.9:4864", "https://127.0.0.1:4864", "places", "file:///etc/hosts"] {
            assert!(Places::at(elsewhere).is_err(), "{elsewhere}");
        }
    }
}
