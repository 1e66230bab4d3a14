//! # The figures of a place
//!
//! **What it does.** Makes of what somebody says of a place, its ground snow, wind, frost and edition, the edit that takes it over into a job, with where
//! it comes from.
//!
//! **Source.** Common practice, no source: the mean height of the roof is that of the house's storeys, a foot of floor between them and 5 ft of half a
//! roof; of a job without a house 30 ft, until somebody says it.

use super::command::Command;
use super::{Job, KingWindBasis, PlaceFigures, Settings};
use crate::loads::{SnowBasis, Standing, WindSpeed};
use crate::measure::Length;
use crate::say;
use crate::speech::Phrase;

const BETWEEN_STOREYS: Length = Length::feet(1);
const HALF_A_ROOF: Length = Length::feet(5);
const OF_NO_HOUSE: Length = Length::feet(30);

/// The edit that takes them over.
pub fn taken_over(job: &Job, figures: &PlaceFigures) -> Command {
    let mut settings: Settings = job.settings.clone();
    settings.site.snow.basis = SnowBasis::Ground(figures.ground_snow);
    settings.site.snow.edition = figures.edition;
    settings.wind = KingWindBasis::Speed(WindSpeed {
        miles_per_hour: figures.miles_per_hour,
        exposure: figures.exposure,
        mean_roof_height: mean_roof_height(job),
    });
    settings.said.snow = Standing::Said;
    settings.said.wind = Standing::Said;
    settings.place = Some(figures.clone());
    Command::ChangeSettings { settings: Box::new(settings) }
}

/// Where a job's snow and wind come from, and which of them were typed over since; `None` where no place was asked.
pub fn come_from(settings: &Settings) -> Option<Phrase> {
    let place = settings.place.as_ref()?;
    let snow = &settings.site.snow;
    let snow_holds = snow.basis == SnowBasis::Ground(place.ground_snow) && snow.edition == place.edition;
    let of_place = |speed: &WindSpeed| (speed.miles_per_hour, speed.exposure) == (place.miles_per_hour, place.exposure);
    let wind_holds = matches!(&settings.wind, KingWindBasis::Speed(speed) if of_place(speed));
    let (name, source) = (place.name.clone(), place.source.clone());
    Some(match (snow_holds, wind_holds) {
        (true, true) => say!("place-both-hold", name, source),
        (true, false) => say!("place-snow-holds", name, source),
        (false, true) => say!("place-wind-holds", name, source),
        (false, false) => say!("place-neither-holds", name, source),
    })
}

fn mean_roof_height(job: &Job) -> Length {
    if let KingWindBasis::Speed(speed) = job.settings.wind {
        return speed.mean_roof_height;
    }
    let levels = &job.house.levels;
    if levels.is_empty() {
        return OF_NO_HOUSE;
    }
    levels.iter().fold(HALF_A_ROOF, |sum, level| sum + level.height + BETWEEN_STOREYS)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::house::{Level, PartId};
    use crate::job::command::apply;
    use crate::loads::{SnowEdition, WindExposure};
    use crate::measure::Pressure;

    fn figures() -> PlaceFigures {
        PlaceFigures {
            name: "Tarn Hollow".into(),
            source: "made up".into(),
            frost_depth: Length::inches(54),
            ground_snow: Pressure::psf(70.0),
            edition: SnowEdition::Asce7From22,
            miles_per_hour: 105.0,
            exposure: WindExposure::C,
        }
    }

    fn mean_roof(job: &Job) -> Length {
        let KingWindBasis::Speed(speed) = job.settings.wind else { panic!("by its speed") };
        speed.mean_roof_height
    }

    #[test]
    fn they_are_said_with_where_they_come_from() {
        let job = Job::empty("anywhere", vec![]);
        let taken = apply(&job, &taken_over(&job, &figures())).expect("allowed").job;
        assert_eq!(taken.settings.site.snow.basis, SnowBasis::Ground(Pressure::psf(70.0)));
        assert_eq!((taken.settings.said.snow, taken.settings.said.wind), (Standing::Said, Standing::Said));
        assert_eq!(taken.settings.place.as_ref().map(|of| of.name.as_str()), Some("Tarn Hollow"));
        assert_eq!(mean_roof(&taken), OF_NO_HOUSE);
    }

    #[test]
    fn the_roof_is_as_high_as_the_house_says() {
        let mut job = Job::empty("two storeys", vec![]);
        let level = |id, feet| Level { id: PartId(id), name: "storey".into(), height: Length::feet(feet) };
        job.house.levels = vec![level(1, 9), level(2, 8)];
        let taken = apply(&job, &taken_over(&job, &figures())).expect("allowed").job;
        assert_eq!(mean_roof(&taken), Length::feet(24));
    }

    #[test]
    fn nonsense_is_refused_as_from_anybody() {
        let job = Job::empty("anywhere", vec![]);
        for figures in [
            PlaceFigures { miles_per_hour: -4.0, ..figures() },
            PlaceFigures { ground_snow: Pressure::psf(f64::NAN), ..figures() },
            PlaceFigures { ground_snow: Pressure::psf(9_000.0), ..figures() },
        ] {
            assert!(apply(&job, &taken_over(&job, &figures)).is_err(), "{figures:?}");
        }
    }

    #[test]
    fn what_was_typed_over_is_no_more_the_places() {
        let job = Job::empty("by a place", vec![]);
        let mut settings = apply(&job, &taken_over(&job, &figures())).expect("allowed").job.settings;
        let said = |settings: &Settings| come_from(settings).map(|phrase| phrase.id.into_owned());
        assert_eq!(said(&settings).as_deref(), Some("place-both-hold"));
        settings.site.snow.basis = SnowBasis::Ground(Pressure::psf(71.0));
        assert_eq!(said(&settings).as_deref(), Some("place-wind-holds"));
        settings.wind = KingWindBasis::Pressure(Pressure::psf(20.0));
        assert_eq!(said(&settings).as_deref(), Some("place-neither-holds"));
        settings.site.snow.basis = SnowBasis::Ground(Pressure::psf(70.0));
        assert_eq!(said(&settings).as_deref(), Some("place-snow-holds"));
        assert_eq!(said(&job.settings), None);
    }
}
