//! # Sag over a door
//!
//! **What it checks.** Sag under everything that is not dead load against a fixed amount, over sliding and overhead doors:
//! they bind long before span/360 of a wide header is used up. Dead load has sagged before the door is hung.
//!
//! **Source.** Common practice, no source: 3/8 in. is heard most.
//!
//! **Worked example.** 16 ft overhead door: span/360 = 0.53 in., but the door binds at 0.375 in.

use super::Comparison;
use super::deflection::largest_sag;
use crate::measure::Length;
use crate::sizing::bridge::CombinedCase;
use crate::working::{Clause, Number, Pen, Unit};

/// Sag of one case beside what the door allows, in.
pub fn door_sag<P: Pen>(pen: &mut P, case: &CombinedCase<'_>, most: Length) -> Comparison {
    let sag = largest_sag(pen, case);
    let allowed = pen.given("⟨symbol-what-the-door-allows⟩", most.to_inches());
    let allowed = pen.step("step-allowed-over-the-door", "Δ_door", Unit::Inches, Clause::PRACTICE, allowed);
    Comparison { demand: sag.value(), capacity: allowed.value() }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::sizing::header::CheckKind;
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn the_same_sag_is_held_against_a_fixed_amount() {
        let mut problem = roof_window();
        problem.conventions.most_sag_over_door = Some(Length::inches_and(0, 3, 8));
        let evaluation = evaluated(&problem);
        let (door, live) = (evaluation.check(CheckKind::DoorSag), evaluation.check(CheckKind::LiveDeflection));
        assert!((door.comparison.demand - live.comparison.demand).abs() < 1e-12);
        assert!((door.comparison.capacity - 0.375).abs() < 1e-9);
    }
}
