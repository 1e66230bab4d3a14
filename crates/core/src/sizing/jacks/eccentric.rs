//! # Jacks loaded off their middle
//!
//! **What it checks.** A thin header flush with one face of a thick wall presses its jacks off their middle, which bends them:
//! (fc/Fc')² + fc · (6e/d) · (1 + 0.234 · fc/FcE) / (Fb' · (1 − fc/FcE)) ≤ 1.
//!
//! **Source.** NDS 2018 15.4.1, from memory. Jacks at a wall's sheathed face are held across.
//!
//! **Assumptions and limits.** The header's load acts in its own middle, so e is half of what the wall is deeper. With half an inch
//! of filler or less the header fills the wall, and nothing is off the middle.
//!
//! **Worked example.** 3000 lb on one 2x6 SPF Stud jack, 80 in., 3 in. header: e = 1.25, fc = 364 psi; Fc* = 834, FcE = 1710,
//! Fc' = 728; Fb' = 675 · 1.15 = 776: 0.25 + 364 · 1.364 · 1.05 / (776 · 0.787) = 1.10: one is not enough.

use crate::lumber::factors::size::size_factor_bending;
use crate::lumber::factors::wet_service::{Property, wet_service_factor};
use crate::lumber::{Family, design_values};
use crate::measure::Length;
use crate::sizing::bridge::Bridge;
use crate::sizing::problem::{HeaderFace, JackSeat};
use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("15.4.1");
/// What a filler makes up.
pub const FILLER: Length = Length::inches_and(0, 1, 2);

/// How far off the jacks' middle the header presses them, in.; `None` where it does not.
pub fn eccentricity(bridge: &Bridge<'_>) -> Option<f64> {
    let conventions = &bridge.problem.conventions;
    let spare = bridge.problem.wall_depth - bridge.header.section().width;
    let at_one_face = conventions.face == Some(HeaderFace::OneFace) && conventions.seat == JackSeat::Full;
    (at_one_face && FILLER < spare).then(|| spare.to_inches() / 2.0)
}

/// What the check asks of one jack's wood, psi.
#[derive(Clone, Copy, Debug, Default)]
pub struct JackWood {
    /// Fc' in the combination.
    pub column: f64,
    /// FcE.
    pub buckling: f64,
    /// Fb' without C_D.
    pub bending: f64,
}

/// FcE and Fb' without C_D of the jacks' lumber, of a jack so long and so deep.
pub fn wood(bridge: &Bridge<'_>, length: f64, depth: f64) -> JackWood {
    let jack = bridge.problem.jack;
    let Some(values) = design_values::sawn(jack.species, jack.grade, jack.size()) else { return JackWood::default() };
    let service = bridge.problem.conventions.service;
    let factor = |property| wet_service_factor(service, Family::Dimension, property);
    let size = size_factor_bending(jack.species, jack.grade, jack.size());
    let bending = values.bending.to_psi() * size;
    JackWood {
        column: 0.0,
        buckling: 0.822 * values.stability_stiffness.to_psi() * factor(Property::Stiffness) / (length / depth).powi(2),
        bending: bending * factor(Property::Bending(bending)),
    }
}

/// How hard jacks work under an axial stress fc that is off their middle.
pub fn works<P: Pen>(pen: &mut P, stress: f64, wood: &JackWood, duration: f64, off: f64, depth: f64) -> P::Number {
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
    use crate::sizing::jacks::JackReason;
    use crate::sizing::testing::{evaluated, roof_window};
    use crate::working::Silent;

    #[test]
    fn worked_example() {
        let wood = JackWood { column: 728.0, buckling: 1710.0, bending: 675.0 };
        let ratio = works(&mut Silent, 3000.0 / 8.25, &wood, 1.15, 1.25, 5.5);
        assert!((ratio - 1.10).abs() < 0.01, "{ratio}");
    }

    #[test]
    fn only_a_thin_header_at_one_face_presses_off_the_middle() {
        let mut problem = roof_window();
        problem.wall_depth = Length::inches_and(5, 1, 2);
        problem.jack.depth = crate::lumber::Depth::Six;
        let asked = |problem: &_| evaluated(problem).packs.left.reason(JackReason::Eccentric).is_some();
        assert!(!asked(&problem), "a convention of its own");
        problem.conventions.face = Some(HeaderFace::OneFace);
        assert!(asked(&problem));
        problem.conventions.face = Some(HeaderFace::Centered);
        assert!(!asked(&problem));
        problem.conventions.face = Some(HeaderFace::OneFace);
        problem.wall_depth = Length::inches_and(3, 1, 2);
        assert!(!asked(&problem), "half an inch of filler");
    }
}
