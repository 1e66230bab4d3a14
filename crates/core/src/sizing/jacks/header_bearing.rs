//! # Jacks by the header's bearing
//!
//! **What it checks.** The pack's load against n · 1 1/2 in. · (the narrower of header and jack) · Fc⊥ of the header.
//!
//! **Source.** NDS 2018 3.10.2, from memory. No load duration on Fc⊥; no C_b at a member's end (3.10.4).
//!
//! **Assumptions and limits.** A point load standing on the pack is taken through the header's end.
//!
//! **Worked example.** 906 lb on 3 in. of SPF: one jack carries 1.5 · 3 · 425 = 1912 lb, so one.

use super::{JackCount, JackReason, none_yet};
use crate::loads::kind::Combination;
use crate::lumber::factors::wet_service::{Property, with_wet_service};
use crate::sizing::bridge::{Bridge, JACK_THICKNESS};
use crate::sizing::count::studs_for;
use crate::working::{Clause, Number, Pen, Silent, Unit};

pub(super) const NONE_YET: JackCount = none_yet(JackReason::HeaderBearing);

/// What one jack carries before the header crushes on it, lb.
pub fn one_jack_carries<P: Pen>(pen: &mut P, bridge: &Bridge<'_>) -> P::Number {
    let header = bridge.header.section().width.to_inches();
    let jack = bridge.problem.wall_depth.to_inches();
    let width = pen.given("b", header.min(jack));
    let bearing = pen.given("Fc⊥", bridge.values.bearing.to_psi());
    let bearing = with_wet_service(pen, bearing, bridge.problem.conventions.service, Property::Bearing);
    let carries = pen.given("t", JACK_THICKNESS) * width * bearing;
    pen.step("one jack carries, header crushing", "P_b", Unit::Pounds, Clause::nds("3.10.2"), carries)
}

pub(super) fn count(bridge: &Bridge<'_>, load: f64, combination: &Combination) -> JackCount {
    let each = one_jack_carries(&mut Silent, bridge).value();
    JackCount {
        reason: JackReason::HeaderBearing,
        count: studs_for(load, each),
        load,
        each: Some(each),
        combination: combination.name,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
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
