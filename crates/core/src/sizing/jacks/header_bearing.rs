//! # Jacks by the header's bearing
//!
//! **What it checks.** The pack's load against n · 1 1/2 in. · (the narrower of header and jack) · Fc⊥ of the header.
//!
//! **Source.** NDS 2018 3.10.2, from memory. No load duration on Fc⊥; no C_b at a member's end (3.10.4).
//!
//! **Assumptions and limits.** A point load standing on the pack is taken through the header's end.
//!
//! **Worked example.** 906 lb on 3 in. of SPF: one jack carries 1.5 · 3 · 425 = 1912 lb, so one.

use crate::codes::Topic;
use crate::codes::question::Bearing;
use crate::sizing::bridge::Bridge;
use crate::working::{Pen, Unit};

/// What one jack carries before the header crushes on it, lb.
pub fn one_jack_carries<P: Pen>(pen: &mut P, bridge: &Bridge<'_>) -> P::Number {
    let header = bridge.section.width;
    let jack = bridge.problem.wall_depth.to_inches();
    let width = pen.given("b", header.min(jack));
    let conventions = &bridge.problem.conventions;
    let asked = Bearing {
        symbol: "Fc⊥",
        reference: bridge.values.bearing,
        family: bridge.header.board.family(),
        service: conventions.service,
    };
    let bearing = conventions.code.bearing_strength(pen, &asked);
    let carries = pen.given("t", bridge.stud_thickness()) * width * bearing;
    let clause = conventions.code.clause(Topic::Bearing);
    pen.step("step-one-jack-carries-header-crushing", "P_b", Unit::Pounds, clause, carries)
}

#[cfg(test)]
mod tests {
    use crate::sizing::jacks::JackReason;
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn worked_example() {
        let evaluation = evaluated(&roof_window());
        let count = evaluation.packs.left.reason(JackReason::HeaderBearing).copied().expect("always there");
        assert_eq!(count.count, Some(1));
        assert!((count.each.expect("a strength") - 1912.5).abs() < 1e-9);
        assert!((count.load - 906.3).abs() < 0.1);
    }
}
