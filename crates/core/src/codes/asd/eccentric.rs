//! # A column pressed off its middle
//!
//! **What it checks.** (fc/Fc')² + fc · (6e/d) · (1 + 0.234 · fc/FcE) / (Fb' · (1 − fc/FcE)) ≤ 1.
//!
//! **Source.** NDS 2018 15.4.1, from memory.
//!
//! **Worked example.** 3000 lb on one 2x6 SPF Stud jack, 80 in., e = 1.25: fc = 364 psi; Fc* = 834, FcE = 1710, Fc' = 728;
//! Fb' = 675 · 1.15 = 776: 0.25 + 364 · 1.364 · 1.05 / (776 · 0.787) = 1.10: one is not enough.

use super::factors::size::size_factor_bending;
use super::factors::wet_service::{Property, wet_service_factor};
use crate::codes::question::{PressedWood, Stud};
use crate::lumber::Family;
use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("15.4.1");

/// FcE and Fb' without C_D of a stud so long and so deep, in.
pub fn pressed_wood(stud: &Stud, length: f64, depth: f64) -> PressedWood {
    let factor = |property| wet_service_factor(stud.service, Family::Dimension, property);
    let size = size_factor_bending(stud.lumber.species, stud.lumber.grade, stud.lumber.size);
    let bending = stud.values.bending.to_psi() * size;
    let stability = stud.values.stability_stiffness.to_psi();
    PressedWood {
        column: 0.0,
        buckling: 0.822 * stability * factor(Property::Stiffness) / (length / depth).powi(2),
        bending: bending * factor(Property::Bending(bending)),
    }
}

/// How hard studs work under an axial stress fc, psi, that is so far off their middle, in.
pub fn works<P: Pen>(pen: &mut P, stress: f64, wood: &PressedWood, duration: f64, off: f64, depth: f64) -> P::Number {
    if stress >= wood.buckling {
        return P::Number::constant(f64::INFINITY);
    }
    let stress = pen.given("fc", stress);
    let buckling = pen.given("FcE", wood.buckling);
    let near = stress.clone() / buckling;
    let pressed = (stress.clone() / pen.given("Fc'", wood.column)).power(2.0);
    let grown = P::Number::constant(1.0) + near.clone().times(0.234);
    let bent = stress * pen.given("e", off).times(6.0) / pen.given("d", depth) * grown;
    let strength = pen.given("Fb", wood.bending) * pen.given("C_D", duration);
    let sum = pressed + bent / (strength * (P::Number::constant(1.0) - near));
    pen.step("step-pressed-off-their-middle", "⟨symbol-sum⟩", Unit::None, CLAUSE, sum)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::working::Silent;

    #[test]
    fn worked_example() {
        let wood = PressedWood { column: 728.0, buckling: 1710.0, bending: 675.0 };
        let ratio = works(&mut Silent, 3000.0 / 8.25, &wood, 1.15, 1.25, 5.5);
        assert!((ratio - 1.10).abs() < 0.01, "{ratio}");
    }
}
