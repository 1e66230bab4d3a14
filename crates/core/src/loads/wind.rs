//! # Wind on a wall
//!
//! **What it does.** Components-and-cladding pressure, strength level, on the studs beside an opening: inward and outward,
//! the larger of the two, from wind speed, exposure and height.
//!
//! **Source.** ASCE 7-16 26.10 (velocity pressure), 30.3 (walls up to 60 ft, Figure 30.3-1), Table 26.13-1 (enclosed,
//! GCpi 0.18; partially enclosed 0.55), from memory.
//!
//! **Assumptions and limits.** Kzt = 1 (a site on a hill is refused), Kd = 0.85, mean roof height up to 60 ft.
//!
//! **Worked example.** 115 mph, Exposure B, 15 ft: Kz = 0.70 (30.3), q = 0.00256 · 0.70 · 0.85 · 115² = 20.1 psf. At a
//! corner over 10 ft²: GCp = −1.4, so p = 20.1 · (1.4 + 0.18) = 31.8 psf.

use crate::measure::{Length, Pressure};
use crate::working::{Clause, Number, Pen, Silent, Unit};

/// Exposure of the site.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum WindExposure {
    /// B: towns, woods.
    #[default]
    B,
    /// C: open country.
    C,
    /// D: by open water.
    D,
}

/// Where in the wall the opening stands.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum WallZone {
    /// Away from the corners (zone 4).
    Field,
    /// Near a corner of the building (zone 5).
    Corner,
}

/// Wind of the place.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct WindSpeed {
    /// Basic wind speed, mph.
    pub miles_per_hour: f64,
    /// Exposure.
    pub exposure: WindExposure,
    /// Mean roof height.
    pub mean_roof_height: Length,
}

/// How open a building is to the wind, which presses from within.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum Enclosure {
    /// Enclosed: GCpi 0.18.
    #[default]
    Enclosed,
    /// Partially enclosed: GCpi 0.55.
    PartiallyEnclosed,
}

impl Enclosure {
    const fn internal_coefficient(self) -> f64 {
        match self {
            Self::Enclosed => 0.18,
            Self::PartiallyEnclosed => 0.55,
        }
    }
}

impl WindExposure {
    /// α, and the gradient height, ft.
    const fn profile(self) -> (f64, f64) {
        match self {
            Self::B => (7.0, 1200.0),
            Self::C => (9.5, 900.0),
            Self::D => (11.5, 700.0),
        }
    }

    /// Least height for Kz, ft: 30 in Exposure B for components and cladding.
    const fn least_height(self) -> f64 {
        match self {
            Self::B => 30.0,
            Self::C | Self::D => 15.0,
        }
    }
}

/// Net pressure on a wall over an effective area of so many square feet, strength level.
pub fn wall_pressure<P: Pen>(
    pen: &mut P,
    wind: &WindSpeed,
    zone: WallZone,
    effective_area: f64,
    enclosure: Enclosure,
) -> Pressure {
    let pounds = Unit::PoundsPerSquareFoot;
    let velocity = velocity_pressure(pen, wind);
    let outward = pen.given("GCp", outward_coefficient(zone, effective_area))
        + pen.given("GCpi", enclosure.internal_coefficient());
    let net = velocity * outward;
    Pressure::psf(pen.step("step-pressure-on-the-wall", "W", pounds, Clause::asce7("30.3"), net).value())
}

/// Uplift on a roof over a wall of a building with so wide a roof, lb/ft of wall at strength level: suction over it, and pressure
/// under its overhang. Main system, directional procedure: Cp −0.9 on the roof, 0.8 under the overhang, G 0.85 (ASCE 7-16 27.3,
/// from memory).
pub fn roof_uplift(wind: &WindSpeed, enclosure: Enclosure, reach: Length, overhang: Length) -> f64 {
    let velocity = velocity_pressure(&mut Silent, wind);
    let over = velocity * (0.85 * 0.9 + enclosure.internal_coefficient());
    over * reach.to_feet() + velocity * 0.85 * 0.8 * overhang.to_feet()
}

/// q at mean roof height, lb/ft².
fn velocity_pressure<P: Pen>(pen: &mut P, wind: &WindSpeed) -> P::Number {
    let pounds = Unit::PoundsPerSquareFoot;
    let (alpha, gradient) = wind.exposure.profile();
    let height = wind.mean_roof_height.to_feet().max(wind.exposure.least_height());
    let factor = (pen.given("z", height) / pen.given("z_g", gradient)).power(2.0 / alpha).times(2.01);
    let factor = pen.step("step-velocity-pressure-coefficient", "Kz", Unit::None, Clause::asce7("26.10"), factor);
    let speed = pen.given("V", wind.miles_per_hour).power(2.0);
    let velocity = factor.times(0.00256) * pen.given("Kd", 0.85) * speed;
    pen.step("step-velocity-pressure", "q", pounds, Clause::asce7("26.10"), velocity)
}

/// −GCp outward, falling with the logarithm of the area from 10 to 500 ft². Outward is always the larger.
fn outward_coefficient(zone: WallZone, area: f64) -> f64 {
    let at_ten = match zone {
        WallZone::Field => 1.1,
        WallZone::Corner => 1.4,
    };
    let part = (area.clamp(10.0, 500.0) / 10.0).log10() / 50.0_f64.log10();
    at_ten + (0.8 - at_ten) * part
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::working::Silent;

    fn town() -> WindSpeed {
        WindSpeed { miles_per_hour: 115.0, exposure: WindExposure::B, mean_roof_height: Length::feet(15) }
    }

    #[test]
    fn worked_example() {
        let corner = wall_pressure(&mut Silent, &town(), WallZone::Corner, 10.0, Enclosure::Enclosed).to_psf();
        assert!((corner - 31.8).abs() < 0.1, "{corner}");
    }

    #[test]
    fn coefficients_of_the_tables_are_met() {
        // ASCE 7-16 Table 26.10-1, from memory: C at 15 ft 0.85, at 30 ft 0.98; D at 15 ft 1.03; B at 30 ft 0.70.
        for (exposure, feet, wanted) in [
            (WindExposure::C, 15, 0.85),
            (WindExposure::C, 30, 0.98),
            (WindExposure::D, 15, 1.03),
            (WindExposure::B, 30, 0.70),
        ] {
            let wind = WindSpeed { exposure, mean_roof_height: Length::feet(feet), ..town() };
            let field = wall_pressure(&mut Silent, &wind, WallZone::Field, 10.0, Enclosure::Enclosed).to_psf();
            let factor = field / (0.00256 * 0.85 * 115.0 * 115.0 * 1.28);
            assert!((factor - wanted).abs() < 0.006, "{exposure:?} {feet}: {factor}");
        }
    }

    #[test]
    fn more_area_means_less_pressure_and_corners_more() {
        let at = |zone, area| wall_pressure(&mut Silent, &town(), zone, area, Enclosure::Enclosed).to_psf();
        assert!(at(WallZone::Corner, 10.0) > at(WallZone::Corner, 50.0));
        assert!(at(WallZone::Corner, 50.0) > at(WallZone::Field, 50.0));
        assert!((at(WallZone::Corner, 500.0) - at(WallZone::Field, 900.0)).abs() < 1e-9);
    }
}
