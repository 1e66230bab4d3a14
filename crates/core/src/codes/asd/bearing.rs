//! # Bearing across the grain
//!
//! **What it checks.** fc⊥ = R / (l_b · b) against Fc⊥' = Fc⊥ · C_b. No load duration on Fc⊥.
//!
//! **Source.** NDS 2018 3.10.2 and 3.10.4, from memory.
//!
//! **Worked example.** 4500 lb on 3 x 3 in. in the middle of an SPF header: fc⊥ = 500 psi; Fc⊥' = 425 · 3.375 / 3 = 478 psi: over.

use super::factors::bearing_area::bearing_area_factor;
use super::factors::wet_service::{Property, with_wet_service};
use crate::codes::question::{Bearing, BearingPlace, Comparison};
use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("3.10.2");

/// Fc⊥ for the service, psi.
pub fn bearing_strength<P: Pen>(pen: &mut P, asked: &Bearing) -> P::Number {
    let reference = pen.given(asked.symbol, asked.reference.to_psi());
    with_wet_service(pen, reference, asked.service, asked.family, Property::Bearing)
}

/// Stress of a load, lb, beside the strength, psi.
pub fn bearing<P: Pen>(pen: &mut P, asked: &Bearing, load: f64, place: &BearingPlace) -> Comparison {
    let strength = bearing_strength(pen, asked);
    let length = pen.given("l_b", place.length);
    let strength = strength * bearing_area_factor(pen, place.end, &length);
    let strength = pen.step("step-bearing-strength", "Fc⊥'", Unit::Psi, CLAUSE, strength);
    let stress = pen.given("R", load) / (length * pen.given("b", place.width));
    let stress = pen.step("step-bearing-stress", "fc⊥", Unit::Psi, CLAUSE, stress);
    Comparison { demand: stress.value(), capacity: strength.value() }
}
