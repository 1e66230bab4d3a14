//! # Jacks by the bearing of their own end grain
//!
//! **What it checks.** The pack's load against n · 1 1/2 in. · depth · Fc*, Fc* = Fc · C_D · C_F. The header's and the
//! plate's side grain are always weaker, so this never sets the number; it is shown because it is asked about.
//!
//! **Source.** NDS 2018 3.10.1, from memory. Over 0.75 · Fc* a metal bearing plate is asked for (3.10.1.3).
//!
//! **Worked example.** SPF Stud 2x4 under snow: Fc* = 725 · 1.15 · 1.05 = 875 psi; one carries 1.5 · 3.5 · 875 = 4596 lb.

use super::column::{jack_stud, standing_depth};
use crate::codes::{Combination, Topic};
use crate::sizing::bridge::Bridge;
use crate::working::{Pen, Unit};

/// What one jack carries before its end grain crushes, lb; `None` if its lumber has no design values.
pub fn one_jack_carries<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, combination: &Combination) -> Option<P::Number> {
    let code = bridge.problem.conventions.code;
    let strength = code.end_grain(pen, &jack_stud(bridge, combination)?);
    let area = pen.given("t", bridge.stud_thickness()) * pen.given("d", standing_depth(bridge));
    let clause = code.clause(Topic::EndGrain);
    Some(pen.step("step-one-jack-carries-end-grain-crushing", "P_e", Unit::Pounds, clause, area * strength))
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
