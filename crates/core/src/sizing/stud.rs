//! # A stud as a column
//!
//! **What it does.** Fc' = Fc · C_D · C_F · C_P of a stud one way: jacks, kings, posts and studs under loads are all reckoned by it.
//!
//! **Source.** NDS 2018 3.7.1, from memory.
//!
//! **Assumptions and limits.** Sawn lumber, c = 0.8; who asks sees to it that le/d is at most 50.
//!
//! **Worked example.** SPF Stud 2x4 of 80 in. under snow: le/d 22.9, Fc* 725 · 1.15 · 1.05 = 875, C_P 0.606, Fc' 530 psi.

use super::problem::JackLumber;
use crate::lumber::factors::column_stability::{SAWN_LUMBER, column_stability_factor};
use crate::lumber::factors::size::size_factor_compression;
use crate::lumber::factors::wet_service::{Property, Service, with_wet_service};
use crate::lumber::{DesignValues, Family};
use crate::working::{Clause, Pen, Unit};

const CLAUSE: Clause = Clause::nds("3.7.1");

/// A stud in a combination.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Stud {
    /// What it is cut from.
    pub lumber: JackLumber,
    /// Its design values.
    pub values: DesignValues,
    /// Dry or wet.
    pub service: Service,
    /// C_D.
    pub duration: f64,
}

/// A stud as a column, psi.
#[derive(Clone, Debug)]
pub struct AsColumn<N> {
    /// le/d.
    pub slenderness: N,
    /// Emin'.
    pub stiffness: N,
    /// Fc'.
    pub strength: N,
}

impl Stud {
    /// One way: so long, and so deep that way, in.
    pub fn column<P: Pen>(&self, pen: &mut P, (length, depth): (f64, f64)) -> AsColumn<P::Number> {
        let slenderness = pen.given("le", length) / pen.given("d", depth);
        let slenderness = pen.step("step-slenderness", "le/d", Unit::None, CLAUSE, slenderness);
        let JackLumber { species, grade, .. } = self.lumber;
        let size = size_factor_compression(species, grade, self.lumber.size());
        let compression = self.values.compression.to_psi();
        let crushing = pen.given("Fc", compression) * pen.given("C_D", self.duration) * pen.given("C_F", size);
        let with_size = Property::Compression(compression * size);
        let crushing = with_wet_service(pen, crushing, self.service, Family::Dimension, with_size);
        let crushing = pen.step("step-crushing-strength", "Fc*", Unit::Psi, CLAUSE, crushing);
        let stiffness = pen.given("Emin", self.values.stability_stiffness.to_psi());
        let stiffness = with_wet_service(pen, stiffness, self.service, Family::Dimension, Property::Stiffness);
        let factor = column_stability_factor(pen, &crushing, &stiffness, &slenderness, SAWN_LUMBER);
        let strength = pen.step("step-column-strength", "Fc'", Unit::Psi, CLAUSE, crushing * factor);
        AsColumn { slenderness, stiffness, strength }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, Species, design_values};
    use crate::working::Silent;

    #[test]
    fn worked_example() {
        let lumber = JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four };
        let values = design_values::sawn(lumber.species, lumber.grade, lumber.size()).expect("in the tables");
        let column = Stud { lumber, values, service: Service::Dry, duration: 1.15 }.column(&mut Silent, (80.0, 3.5));
        assert!((column.strength - 530.0).abs() < 1.0, "{column:?}");
    }
}
