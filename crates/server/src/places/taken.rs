//! What the service says of a place, held to what a job may be told, and the edit that takes it over.

use serde::{Deserialize, Serialize};
use sturvek_core::job::command::apply;
use sturvek_core::job::place_figures::taken_over;
use sturvek_core::job::{self, Job, PlaceFigures};
use sturvek_core::loads::{SnowEdition, WindExposure};
use sturvek_core::measure::{Length, Pressure};
use sturvek_core::say;
use sturvek_core::speech::distance;
use sturvek_wire::Command;
use sturvek_wire::speech::Phrase;
use utoipa::{IntoParams, ToSchema};

use super::{NoFigures, Place};

/// Which place is asked for.
#[derive(Clone, Debug, Deserialize, IntoParams)]
#[into_params(parameter_in = Query)]
pub struct PlaceQuery {
    /// Its name.
    pub name: String,
}

/// What is said of a place.
#[derive(Clone, Debug, Default, Serialize, ToSchema)]
pub struct PlaceView {
    /// Its figures and where they come from, in a sentence; left out where there are none.
    pub told: Option<Phrase>,
    /// The edit that takes them over.
    pub command: Option<Command>,
    /// Why there are none.
    pub problem: Option<Phrase>,
}

/// Figures that a job can take over.
#[derive(Clone, Debug)]
pub struct Taken {
    place: Place,
    command: job::Command,
}

impl Taken {
    /// Makes of what the service says an edit of a job.
    ///
    /// # Errors
    /// [`NoFigures::Nonsense`] where no job may be told that.
    pub fn over(job: &Job, place: Place) -> Result<Self, NoFigures> {
        let figures = figures(&place).ok_or(NoFigures::Nonsense)?;
        let command = taken_over(job, &figures);
        apply(job, &command).map_err(|_| NoFigures::Nonsense)?;
        Ok(Self { place, command })
    }
}

fn figures(place: &Place) -> Option<PlaceFigures> {
    let exposure = match place.exposure.as_str() {
        "B" => WindExposure::B,
        "C" => WindExposure::C,
        "D" => WindExposure::D,
        _ => return None,
    };
    let edition = match place.edition.as_str() {
        "ASCE 7-22" => SnowEdition::Asce7From22,
        "ASCE 7-16" | "ASCE 7-10" | "ASCE 7-05" => SnowEdition::Asce7To16,
        _ => return None,
    };
    let frost = place.frost_depth_in;
    let plain = frost.is_finite() && !place.place.trim().is_empty() && !place.source.trim().is_empty();
    plain.then(|| PlaceFigures {
        name: place.place.trim().to_owned(),
        source: place.source.trim().to_owned(),
        frost_depth: Length::from_decimal_inches(frost.clamp(-1.0, 1e4)),
        ground_snow: Pressure::psf(place.ground_snow_psf),
        edition,
        miles_per_hour: place.wind_mph,
        exposure,
    })
}

impl PlaceView {
    /// Why there are no figures.
    pub fn problem(why: NoFigures) -> Self {
        let problem = match why {
            NoFigures::NoService => say!("places-no-service"),
            NoFigures::Away => say!("places-away"),
            NoFigures::Unknown => say!("places-unknown"),
            NoFigures::Nonsense => say!("places-nonsense"),
        };
        Self { problem: Some(problem.into()), ..Self::default() }
    }
}

impl From<Taken> for PlaceView {
    fn from(Taken { place, command }: Taken) -> Self {
        let told = say!(
            "places-told",
            name = place.place,
            snow = Pressure::psf(place.ground_snow_psf),
            wind = sturvek_core::speech::decimal(place.wind_mph, sturvek_core::measure::Unit::MilesPerHour, 0),
            exposure = place.exposure,
            frost = distance(Length::from_decimal_inches(place.frost_depth_in)),
            edition = place.edition,
            source = place.source,
        );
        Self { told: Some(told.into()), command: Some((&command).into()), problem: None }
    }
}
