//! # Jacks as columns
//!
//! **What it checks.** The pack's load against n · 1 1/2 in. · depth · Fc', Fc' = Fc · C_D · C_F · C_P.
//!
//! **Source.** NDS 2018 3.7.1, from memory.
//!
//! **Assumptions and limits.** The weak axis is held by the king and the sheathing; the strong axis is free over the
//! jack's length. le/d ≤ 50, else no number is enough. A notched jack counts only what stands under the header.
//!
//! **Worked example.** SPF Stud 2x4, 80 in., D + S: Fc' = 875.4 · 0.605 = 529.8 psi; one carries 1.5 · 3.5 · 529.8 =
//! 2782 lb.

use crate::codes::question::Stud;
use crate::codes::{Combination, Topic};
use crate::sizing::bridge::Bridge;
use crate::sizing::problem::JackSeat;
use crate::working::{Pen, Unit};

/// The jacks' wood in a combination; `None` if it has no design values.
pub(super) fn jack_stud(bridge: &Bridge<'_>, combination: &Combination) -> Option<Stud> {
    let lumber = bridge.problem.jack;
    let values = bridge.problem.conventions.code.stud_values(lumber)?;
    Some(Stud {
        lumber: lumber.into(),
        values,
        service: bridge.problem.conventions.service,
        duration: combination.duration,
    })
}

/// What one jack carries as a column in a combination, lb; `None` if it is too slender to be one, or its lumber has no
/// design values.
pub fn one_jack_carries<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, combination: &Combination) -> Option<P::Number> {
    let code = bridge.problem.conventions.code;
    let stud = jack_stud(bridge, combination)?;
    let depth = standing_depth(bridge);
    let length = bridge.problem.jack_length.under(bridge.header.board.depth()).to_inches();
    if length / depth > code.most_slender_column() {
        return None;
    }
    let strength = code.stud_column(pen, &stud, (length, depth)).strength;
    let carries = pen.given("t", bridge.stud_thickness()) * pen.given("d", depth) * strength;
    Some(pen.step(
        "step-one-jack-carries-as-a-column",
        "P_c",
        Unit::Pounds,
        code.clause(Topic::ColumnStability),
        carries,
    ))
}

/// Depth of what stands under the header, in.: the wall's, or of a notched jack what is left of it there.
pub(super) fn standing_depth(bridge: &Bridge<'_>) -> f64 {
    let wall = bridge.problem.wall_depth.to_inches();
    match bridge.problem.conventions.seat {
        JackSeat::Full => wall,
        JackSeat::Notched => bridge.header.section().width.to_inches().min(wall),
    }
}

#[cfg(test)]
mod tests {
    use crate::measure::Length;
    use crate::sizing::jacks::JackReason;
    use crate::sizing::problem::{JackLength, JackSeat};
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn worked_example() {
        let evaluation = evaluated(&roof_window());
        let count = evaluation.packs.right.reason(JackReason::Column).copied().expect("always there");
        assert!((count.each.expect("a strength") - 2782.0).abs() < 1.0, "{count:?}");
    }

    #[test]
    fn too_slender_is_never_enough() {
        let mut problem = roof_window();
        problem.jack_length = JackLength::Given(Length::inches(176));
        let evaluation = evaluated(&problem);
        assert_eq!(evaluation.packs.left.reason(JackReason::Column).and_then(|count| count.count), None);
        assert_eq!(evaluation.packs.left.needed, None);
    }

    #[test]
    fn a_notched_jack_is_what_is_left_of_it() {
        let mut problem = roof_window();
        let each = |problem: &_| {
            evaluated(problem).packs.left.reason(JackReason::Column).and_then(|count| count.each).expect("a strength")
        };
        let full = each(&problem);
        problem.conventions.seat = JackSeat::Notched;
        // 3 in. of 3 1/2 are left: less area, and more slender on top of that.
        assert!(each(&problem) < full * 3.0 / 3.5);
    }
}
