//! A job's settings.

use super::check::Checks;
use super::input::Input;
use super::refused::Within;
use super::stock;
use crate::job::rough_opening::RoughOpeningRules;
use crate::job::{KingWindBasis, OpeningKind, Settings};
use crate::loads::{SiteSnow, SnowBasis};
use crate::sizing::schools::ShopRules;

pub(super) fn settings(checks: &mut Checks, settings: &Settings) {
    snow(checks, &settings.site.snow);
    checks.number(Input::RoofLive, settings.site.roof_live.to_psf());
    king_wind(checks, &settings.wind);
    if let Some(place) = &settings.place {
        checks.text(Input::PlaceName, &place.name);
        checks.text(Input::PlaceSource, &place.source);
        checks.length(Input::FrostDepth, place.frost_depth);
        checks.number(Input::PlaceSnow, place.ground_snow.to_psf());
        checks.number(Input::PlaceWind, place.miles_per_hour);
    }
    checks.number(Input::LiveDeflectionLimit, settings.live_deflection_limit);
    checks.number(Input::TotalDeflectionLimit, settings.total_deflection_limit);
    checks.number(Input::Creep, settings.creep);
    checks.maybe(Input::MostSagOverDoor, settings.most_sag_over_door);
    checks.number(Input::KingDeflectionLimit, settings.king_deflection_limit);
    rough_rules(checks, &settings.rough);
    checks.length(Input::FinishFloor, settings.finish_floor);
    checks.length(Input::Counter, settings.counter);
    checks.length(Input::Backsplash, settings.backsplash);
    checks.number(Input::Moisture, settings.raising.moisture_percent);
    checks.count(Input::Crew, settings.raising.crew as usize);
    checks.number(Input::PoundsEach, settings.raising.pounds_each);
    checks.count(Input::RaisingOrder, settings.raising_order.len());
    shop(checks, &settings.shop);
}

fn snow(checks: &mut Checks, snow: &SiteSnow) {
    let (SnowBasis::Ground(amount) | SnowBasis::Roof(amount)) = snow.basis;
    checks.number(Input::Snow, amount.to_psf());
    checks.number(Input::SnowExposure, snow.exposure);
    checks.number(Input::SnowThermal, snow.thermal);
    checks.number(Input::SnowImportance, snow.importance);
    checks.number(Input::WinterWind, snow.winter_wind);
}

fn king_wind(checks: &mut Checks, wind: &KingWindBasis) {
    match wind {
        KingWindBasis::CodeTableOnly => {}
        KingWindBasis::Pressure(pressure) => checks.number(Input::WindPressure, pressure.to_psf()),
        KingWindBasis::Speed(speed) => {
            checks.number(Input::WindSpeed, speed.miles_per_hour);
            checks.length(Input::MeanRoofHeight, speed.mean_roof_height);
        }
    }
}

/// How much larger rough openings are than their units.
fn rough_rules(checks: &mut Checks, rules: &RoughOpeningRules) {
    for kind in OpeningKind::ALL {
        checks.within(Within::RoughRule(kind), |checks| {
            let more = rules.of(kind);
            checks.length(Input::RoughWider, more.width);
            checks.length(Input::RoughHigher, more.height);
        });
    }
}

fn shop(checks: &mut Checks, shop: &ShopRules) {
    checks.maybe(Input::ShopDoublesJacksFrom, shop.doubles_jacks_from);
    checks.maybe(Input::ShopDoublesKingsFrom, shop.doubles_kings_from);
    checks.count(Input::ShopHeaders, shop.headers.len());
    for (place, rule) in shop.headers.iter().enumerate() {
        checks.within(Within::ShopHeader(place), |checks| {
            checks.maybe(Input::ShopHeaderUpTo, rule.up_to);
            checks.maybe(Input::ShopHeaderBuildingUpTo, rule.building_up_to);
            checks.within(Within::Header, |checks| stock::header(checks, rule.header));
        });
    }
}
