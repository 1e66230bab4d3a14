//! # Bearing on the end of the grain
//!
//! **What it does.** Fc* = Fc · C_D · C_F, without buckling.
//!
//! **Source.** NDS 2018 3.10.1, from memory. Over 0.75 · Fc* a metal bearing plate is asked for (3.10.1.3).
//!
//! **Worked example.** SPF Stud 2x4 under snow: Fc* = 725 · 1.15 · 1.05 = 875 psi.

use super::factors::size::size_factor_compression;
use super::factors::wet_service::{Property, with_wet_service};
use crate::codes::question::Stud;
use crate::lumber::{Family, SawnLumber};
use crate::working::Pen;

/// Fc*, psi.
pub fn crushing_strength<P: Pen>(pen: &mut P, stud: &Stud) -> P::Number {
    let SawnLumber { species, grade, size } = stud.lumber;
    let size = size_factor_compression(species, grade, size);
    let compression = stud.values.compression.to_psi();
    let crushing = pen.given("Fc", compression) * pen.given("C_D", stud.duration) * pen.given("C_F", size);
    let with_size = Property::Compression(compression * size);
    with_wet_service(pen, crushing, stud.service, Family::Dimension, with_size)
}
