//! # Shear
//!
//! **What it checks.** fv = 1.5·V/A against Fv' = Fv · C_D.
//!
//! **Source.** NDS 2018 3.4.2, from memory.
//!
//! **Assumptions and limits.** Loads on the top edge; no notches.
//!
//! **Worked example.** 640 lb of snow on 2-2x6: fv = 1.5 · 640 / 16.5 = 58.2 psi; Fv' = 135 · 1.15 = 155 psi; ratio 0.375.

use super::factors::wet_service::{Property, with_wet_service};
use crate::codes::question::{Comparison, Shear};
use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("3.4.2");

/// Stress of a shear force, lb, beside the strength, psi.
pub fn shear<P: Pen>(pen: &mut P, asked: &Shear, force: P::Number) -> Comparison {
    let area = pen.given("A", asked.area);
    let stress = pen.step("step-shear-stress", "fv", Unit::Psi, CLAUSE, force.times(1.5) / area);
    let strength = pen.given("Fv", asked.values.shear.to_psi()) * pen.given("C_D", asked.duration);
    let strength = with_wet_service(pen, strength, asked.service, asked.family, Property::Shear);
    let strength = pen.step("step-shear-strength", "Fv'", Unit::Psi, CLAUSE, strength);
    Comparison { demand: stress.value(), capacity: strength.value() }
}
