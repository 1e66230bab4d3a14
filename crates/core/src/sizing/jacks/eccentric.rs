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

use crate::codes::question::{PressedWood, Stud};
use crate::measure::Length;
use crate::sizing::bridge::Bridge;
use crate::sizing::problem::{HeaderFace, JackSeat};

/// What a filler makes up.
pub const FILLER: Length = Length::inches_and(0, 1, 2);

/// How far off the jacks' middle the header presses them, in.; `None` where it does not.
pub fn eccentricity(bridge: &Bridge<'_>) -> Option<f64> {
    let conventions = &bridge.problem.conventions;
    let spare = bridge.problem.wall_depth - bridge.header.section().width;
    let at_one_face = conventions.face == Some(HeaderFace::OneFace) && conventions.seat == JackSeat::Full;
    (at_one_face && FILLER < spare).then(|| spare.to_inches() / 2.0)
}

/// What the check asks of a jack so long and so deep, in.; nothing where its lumber has no design values.
pub fn wood(bridge: &Bridge<'_>, length: f64, depth: f64) -> PressedWood {
    let (code, lumber) = (bridge.problem.conventions.code, bridge.problem.jack);
    let Some(values) = code.stud_values(lumber) else { return PressedWood::default() };
    let stud = Stud { lumber: lumber.into(), values, service: bridge.problem.conventions.service, duration: 1.0 };
    code.pressed_wood(&stud, length, depth)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::sizing::jacks::JackReason;
    use crate::sizing::testing::{evaluated, roof_window};

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
