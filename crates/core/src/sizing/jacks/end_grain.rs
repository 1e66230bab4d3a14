//! # Jacks by the bearing of their own end grain
//!
//! **What it checks.** The pack's load against n · 1 1/2 in. · depth · Fc*, Fc* = Fc · C_D · C_F. The header's and the
//! plate's side grain are always weaker, so this never sets the number; it is shown because it is asked about.
//!
//! **Source.** NDS 2018 3.10.1, from memory. Over 0.75 · Fc* a metal bearing plate is asked for (3.10.1.3).
//!
//! **Worked example.** SPF Stud 2x4 under snow: Fc* = 725 · 1.15 · 1.05 = 875 psi; one carries 1.5 · 3.5 · 875 = 4596 lb.

use super::column::standing_depth;
use crate::loads::Combination;
use crate::lumber::factors::size::size_factor_compression;
use crate::lumber::factors::wet_service::{Property, with_wet_service};
use crate::lumber::{Family, design_values};
use crate::sizing::bridge::Bridge;
use crate::working::{Clause, Pen, Unit};

/// What one jack carries before its end grain crushes, lb; `None` if its lumber has no design values.
pub fn one_jack_carries<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, combination: &Combination) -> Option<P::Number> {
    let jack = bridge.problem.jack;
    let values = design_values::sawn(jack.species, jack.grade, jack.size())?;
    let size = size_factor_compression(jack.species, jack.grade, jack.size());
    let strength =
        pen.given("Fc", values.compression.to_psi()) * pen.given("C_D", combination.duration) * pen.given("C_F", size);
    let with_size = Property::Compression(values.compression.to_psi() * size);
    let strength = with_wet_service(pen, strength, bridge.problem.conventions.service, Family::Dimension, with_size);
    let area = pen.given("t", bridge.stud_thickness()) * pen.given("d", standing_depth(bridge));
    let carries = area * strength;
    Some(pen.step("step-one-jack-carries-end-grain-crushing", "P_e", Unit::Pounds, Clause::nds("3.10.1"), carries))
}

#[cfg(test)]
mod tests {
    use crate::sizing::jacks::JackReason;
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn worked_example() {
        let evaluation = evaluated(&roof_window());
        let count = evaluation.packs.left.reason(JackReason::EndGrain).copied().expect("always there");
        assert!((count.each.expect("a strength") - 4596.0).abs() < 1.0, "{count:?}");
    }
}
