//! # Wet service factor, C_M
//!
//! **What it does.** Wood that stays wet is weaker and softer. Sawn 2x and 4x: Fb 0.85 (1.0 while Fb·C_F ≤ 1150 psi),
//! Fv 0.97, Fc⊥ 0.67, Fc 0.8 (1.0 while Fc·C_F ≤ 750 psi), E and Emin 0.9. Timbers: Fc⊥ 0.67, Fc 0.91, the rest 1.0.
//! Glulam: Fb 0.8, Fv 0.875, Fc⊥ 0.53, Fc 0.73, E and Emin 0.833.
//!
//! **Source.** NDS Supplement 2018 Tables 4A, 4B, 4D and 5A, from memory.
//!
//! **Limits.** Structural composite lumber is for dry use only, and a user's sheet is taken to be: in wet service there is
//! no number for them (8.3.3).
//!
//! **Worked example.** DF-L No.2 2x12: Fb·C_F = 900 ≤ 1150, so C_M = 1.0 in bending; Fv = 180·0.97 = 174.6 psi.

use crate::codes::question::Service;
use crate::lumber::Family;
use crate::working::Pen;

/// Which property a factor is for.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Property {
    /// Fb, with Fb·C_F in psi.
    Bending(f64),
    /// Fv.
    Shear,
    /// Fc⊥.
    Bearing,
    /// Fc, with Fc·C_F in psi.
    Compression(f64),
    /// E and Emin.
    Stiffness,
}

/// C_M of a family of lumber.
pub fn wet_service_factor(service: Service, family: Family, property: Property) -> f64 {
    match (service, family) {
        (Service::Dry, _) | (Service::Wet, Family::Composite | Family::UserSheet) => 1.0,
        (Service::Wet, Family::Dimension) => dimension_lumber(property),
        (Service::Wet, Family::Timber) => timber(property),
        (Service::Wet, Family::Glulam) => glulam(property),
    }
}

fn dimension_lumber(property: Property) -> f64 {
    match property {
        Property::Bending(with_size) if with_size <= 1150.0 => 1.0,
        Property::Compression(with_size) if with_size <= 750.0 => 1.0,
        Property::Bending(_) => 0.85,
        Property::Shear => 0.97,
        Property::Bearing => 0.67,
        Property::Compression(_) => 0.8,
        Property::Stiffness => 0.9,
    }
}

const fn timber(property: Property) -> f64 {
    match property {
        Property::Bending(_) | Property::Shear | Property::Stiffness => 1.0,
        Property::Bearing => 0.67,
        Property::Compression(_) => 0.91,
    }
}

const fn glulam(property: Property) -> f64 {
    match property {
        Property::Bending(_) => 0.8,
        Property::Shear => 0.875,
        Property::Bearing => 0.53,
        Property::Compression(_) => 0.73,
        Property::Stiffness => 0.833,
    }
}

/// Times C_M, which is written only in wet service.
pub fn with_wet_service<P: Pen>(
    pen: &mut P,
    value: P::Number,
    service: Service,
    family: Family,
    property: Property,
) -> P::Number {
    match service {
        Service::Dry => value,
        Service::Wet => value * pen.given("C_M", wet_service_factor(service, family, property)),
    }
}

#[cfg(test)]
#[allow(clippy::float_cmp, reason = "table values, copied and not computed")]
mod tests {
    use super::*;

    #[test]
    fn weak_lumber_is_not_weakened_in_bending() {
        let wet = |property| wet_service_factor(Service::Wet, Family::Dimension, property);
        assert_eq!(wet(Property::Bending(900.0)), 1.0);
        assert_eq!(wet(Property::Bending(1350.0)), 0.85);
        assert_eq!(wet(Property::Compression(700.0)), 1.0);
        assert_eq!(wet(Property::Bearing), 0.67);
        assert_eq!(wet_service_factor(Service::Dry, Family::Timber, Property::Bearing), 1.0);
    }

    #[test]
    fn glulam_loses_most_and_timbers_least() {
        for property in [Property::Bending(1500.0), Property::Shear, Property::Bearing, Property::Stiffness] {
            let wet = |family| wet_service_factor(Service::Wet, family, property);
            assert!(wet(Family::Glulam) < wet(Family::Dimension) && wet(Family::Dimension) <= wet(Family::Timber));
        }
    }
}
