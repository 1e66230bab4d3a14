//! The figures of a place, asked by its name from a service on this machine: ground snow, wind, frost, the edition of the code. What it answers is
//! held to what a job may be told, like everything that comes from outside; slow, away or talking nonsense it is a sentence, and the user types his
//! own.

pub mod stand_in;
pub mod taken;

use serde::{Deserialize, Serialize};
use thiserror::Error;

use crate::loopback::{BadAddress, Loopback, NoAnswer};

/// The longest answer that is read.
const LONGEST_ANSWER: usize = 16 * 1024;
/// The longest name that is asked for.
const LONGEST_NAME: usize = 80;

/// Where the service is asked.
#[derive(Clone, Debug)]
pub struct Places(Loopback);

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

impl Places {
    /// The service at an address.
    ///
    /// # Errors
    /// [`BadAddress`] for one that is not on this machine.
    pub fn at(address: &str) -> Result<Self, BadAddress> {
        Loopback::at(address).map(Self)
    }

    /// What the service says of a place.
    ///
    /// # Errors
    /// [`NoFigures`].
    pub async fn ask(&self, name: &str) -> Result<Place, NoFigures> {
        if name.is_empty() || LONGEST_NAME < name.chars().count() {
            return Err(NoFigures::Unknown);
        }
        match self.0.get("places", &[("name", name)], LONGEST_ANSWER).await {
            Ok((200, body)) => serde_json::from_slice(&body).map_err(|_| NoFigures::Nonsense),
            Ok((404, _)) => Err(NoFigures::Unknown),
            Ok(_) | Err(NoAnswer::Nonsense) => Err(NoFigures::Nonsense),
            Err(NoAnswer::Away) => Err(NoFigures::Away),
        }
    }
}
