//! # A stud as a column
//!
//! **What it does.** Fc' = Fc · C_D · C_F · C_P of a stud one way: jacks, kings, posts and studs under loads are all reckoned by it.
//!
//! **Source.** NDS 2018 3.7.1, from memory.
//!
//! **Assumptions and limits.** Sawn lumber, c = 0.8; who asks sees to it that le/d is at most 50.
//!
//! **Worked example.** SPF Stud 2x4 of 80 in. under snow: le/d 22.9, Fc* 725 · 1.15 · 1.05 = 875, C_P 0.606, Fc' 530 psi.

use super::end_grain::crushing_strength;
use super::factors::column_stability::{SAWN_LUMBER, column_stability_factor};
use super::factors::wet_service::{Property, with_wet_service};
use crate::codes::question::Stud;
use crate::lumber::Family;
use crate::working::{Clause, Pen, Unit};

const CLAUSE: Clause = Clause::nds("3.7.1");

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

/// One way: so long, and so deep that way, in.
pub fn column<P: Pen>(pen: &mut P, stud: &Stud, (length, depth): (f64, f64)) -> AsColumn<P::Number> {
    let slenderness = pen.given("le", length) / pen.given("d", depth);
    let slenderness = pen.step("step-slenderness", "le/d", Unit::None, CLAUSE, slenderness);
    let crushing = crushing_strength(pen, stud);
    let crushing = pen.step("step-crushing-strength", "Fc*", Unit::Psi, CLAUSE, crushing);
    let stiffness = pen.given("Emin", stud.values.stability_stiffness.to_psi());
    let stiffness = with_wet_service(pen, stiffness, stud.service, Family::Dimension, Property::Stiffness);
    let factor = column_stability_factor(pen, &crushing, &stiffness, &slenderness, SAWN_LUMBER);
    let strength = pen.step("step-column-strength", "Fc'", Unit::Psi, CLAUSE, crushing * factor);
    AsColumn { slenderness, stiffness, strength }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::codes::asd::values;
    use crate::codes::question::Service;
    use crate::lumber::{Depth, Grade, JackLumber, Species};
    use crate::working::Silent;

    #[test]
    fn worked_example() {
        let lumber = JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four };
        let values = values::sawn(lumber.species, lumber.grade, lumber.size()).expect("in the tables");
        let stud = Stud { lumber: lumber.into(), values, service: Service::Dry, duration: 1.15 };
        let column = column(&mut Silent, &stud, (80.0, 3.5));
        assert!((column.strength - 530.0).abs() < 1.0, "{column:?}");
    }
}
