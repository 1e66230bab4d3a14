//! # Jacks by the crushing of a flat nailer
//!
//! **What it checks.** A flat 2x across the underside lies between the header and the end grain of the jacks: the pack's load
//! against n · 1 1/2 in. · (the narrower of header and jack) · Fc⊥ of the nailer. Some say the nailer crushes, some say it
//! does not matter: this is the number.
//!
//! **Source.** NDS 2018 3.10.2, from memory. No C_b: the nailer ends over the jacks (3.10.4).
//!
//! **Assumptions and limits.** The nailer is of the plates' species, No.2.
//!
//! **Worked example.** 3 in. header, SPF nailer: one jack carries 1.5 · 3 · 425 = 1912 lb. Under an LVL header of 750 psi
//! that is 0.57 of what the bare header would bear.

use crate::codes::Topic;
use crate::codes::question::Bearing;
use crate::lumber::Family;
use crate::sizing::bridge::Bridge;
use crate::working::{Pen, Unit};

/// What one jack carries before a flat nailer crushes on it, lb; `None` where there is no nailer.
pub fn one_jack_carries<P: Pen>(pen: &mut P, bridge: &Bridge<'_>) -> Option<P::Number> {
    let conventions = &bridge.problem.conventions;
    let asked = Bearing {
        symbol: "⟨symbol-fcperp-of-the-nailer⟩",
        reference: conventions.nailer_bearing?,
        family: Family::Dimension,
        service: conventions.service,
    };
    let width = bridge.header.section().width.min(bridge.problem.wall_depth);
    let bearing = conventions.code.bearing_strength(pen, &asked);
    let carries = pen.given("t", bridge.stud_thickness()) * pen.given("b", width.to_inches()) * bearing;
    let clause = conventions.code.clause(Topic::Bearing);
    Some(pen.step("step-one-jack-carries-flat-nailer-crushing", "P_n", Unit::Pounds, clause, carries))
}

#[cfg(test)]
mod tests {
    use crate::measure::Stress;
    use crate::sizing::jacks::JackReason;
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn worked_example() {
        let mut problem = roof_window();
        assert!(evaluated(&problem).packs.left.reason(JackReason::FlatNailer).is_none());
        problem.conventions.nailer_bearing = Some(Stress::psi(425.0));
        let evaluation = evaluated(&problem);
        let count = evaluation.packs.left.reason(JackReason::FlatNailer).copied().expect("there is a nailer");
        assert!((count.each.expect("a strength") - 1912.5).abs() < 1e-9);
    }
}
