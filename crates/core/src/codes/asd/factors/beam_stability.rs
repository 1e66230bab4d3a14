//! # Beam stability factor, C_L
//!
//! **What it does.** A header hung at head height with cripples on it can roll over at its top edge; one tight under
//! the top plates cannot. C_L is the smaller root of 0.95·C_L² − (1 + α)·C_L + α = 0 (NDS Eq. 3.3-6) with
//! α = FbE / Fb*.
//!
//! **Source.** NDS 2018 3.3.3 and Table 3.3.3 (uniform load on a simple span; for any other load its footnote, which takes
//! 1.84·l_u from l_u/d = 14.3 on), from memory.
//!
//! **Limits.** R_B ≤ 50.
//!
//! **Worked example.** 2-2x12 SPF No.2 spanning 97.5 in. as one 3 in. piece: l_u/d = 8.7, so
//! l_e = 1.63 · 97.5 + 3 · 11.25 = 192.7; R_B² = 192.7 · 11.25 / 3² = 240.8; FbE = 1.2 · 510 000 / 240.8 = 2541;
//! with Fb* = 875 · 1.15, C_L = 0.970.

use crate::codes::question::Loading;
use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("3.3.3");

/// The largest slenderness ratio allowed.
pub const LARGEST_SLENDERNESS_RATIO: f64 = 50.0;

/// The dimensions that decide whether a beam rolls over, inches.
#[derive(Clone, Debug)]
pub struct UnbracedBeam<N> {
    /// Distance between points where the top edge is held, l_u.
    pub unbraced_length: N,
    /// Depth, d.
    pub depth: N,
    /// Width that acts as one piece, b.
    pub width: N,
    /// How it is loaded.
    pub loading: Loading,
}

/// l_u/d from which mixed loads take another row.
const MIXED_FROM: f64 = 14.3;

/// R_B, the slenderness ratio of a beam.
pub fn slenderness_ratio<P: Pen>(pen: &mut P, beam: &UnbracedBeam<P::Number>) -> P::Number {
    let UnbracedBeam { unbraced_length, depth, width, loading } = beam.clone();
    let slender = unbraced_length.value() / depth.value();
    let effective = if slender < 7.0 {
        unbraced_length.times(2.06)
    } else if loading == Loading::Mixed && MIXED_FROM < slender {
        unbraced_length.times(1.84)
    } else {
        unbraced_length.times(1.63) + depth.clone().times(3.0)
    };
    let effective = pen.step("step-effective-length-of-the-free-top-edge", "l_e", Unit::Inches, CLAUSE, effective);
    let ratio = (effective * depth / width.power(2.0)).square_root();
    pen.step("step-slenderness-ratio", "R_B", Unit::None, CLAUSE, ratio)
}

/// C_L from Fb*, Emin and R_B.
pub fn beam_stability_factor<P: Pen>(
    pen: &mut P,
    bending: &P::Number,
    stability_stiffness: &P::Number,
    slenderness_ratio: &P::Number,
) -> P::Number {
    let buckling = stability_stiffness.clone().times(1.2) / slenderness_ratio.clone().power(2.0);
    let buckling = pen.step("step-buckling-stress", "FbE", Unit::Psi, CLAUSE, buckling);
    let alpha = pen.step("step-ratio-of-buckling-to-bending", "α", Unit::None, CLAUSE, buckling / bending.clone());
    let half_sum = (P::Number::constant(1.0) + alpha.clone()) / P::Number::constant(1.9);
    let root = (half_sum.clone().power(2.0) - alpha / P::Number::constant(0.95)).square_root();
    pen.step("step-beam-stability-factor", "C_L", Unit::None, CLAUSE, half_sum - root)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::working::Silent;

    fn factor(unbraced_length: f64, depth: f64, width: f64, bending: f64, stiffness: f64) -> f64 {
        let ratio =
            slenderness_ratio(&mut Silent, &UnbracedBeam { unbraced_length, depth, width, loading: Loading::Even });
        beam_stability_factor(&mut Silent, &bending, &stiffness, &ratio)
    }

    #[test]
    fn worked_example_as_one_piece_and_as_one_ply() {
        // The ply figure is checked by hand from the same formula: R_B² = 192.7·11.25/1.5² = 963, FbE = 635.
        let bending = 875.0 * 1.15;
        assert!((factor(97.5, 11.25, 3.0, bending, 510_000.0) - 0.9698).abs() < 0.0005);
        assert!((factor(97.5, 11.25, 1.5, bending, 510_000.0) - 0.5891).abs() < 0.0005);
    }

    #[test]
    fn short_unbraced_lengths_use_the_other_row() {
        let beam = UnbracedBeam { unbraced_length: 60.0, depth: 10.0, width: 3.0, loading: Loading::Even };
        let expected = f64::sqrt(2.06 * 60.0 * 10.0 / 9.0);
        assert!((slenderness_ratio(&mut Silent, &beam) - expected).abs() < 1e-12);
    }

    #[test]
    fn mixed_loads_on_a_slender_beam_use_the_footnote() {
        let of = |loading, length| {
            let beam = UnbracedBeam { unbraced_length: length, depth: 10.0, width: 3.0, loading };
            slenderness_ratio(&mut Silent, &beam)
        };
        assert!((of(Loading::Mixed, 200.0) - f64::sqrt(1.84 * 200.0 * 10.0 / 9.0)).abs() < 1e-12);
        assert!((of(Loading::Even, 200.0) - f64::sqrt((1.63 * 200.0 + 30.0) * 10.0 / 9.0)).abs() < 1e-12);
        assert!((of(Loading::Mixed, 140.0) - of(Loading::Even, 140.0)).abs() < 1e-12);
    }

    #[test]
    fn is_a_root_of_its_quadratic() {
        let alpha = 1.2 * 510_000.0 / (190.23 * 11.25 / 9.0) / 1000.0;
        let ratio = f64::sqrt(190.23 * 11.25 / 9.0);
        let root = beam_stability_factor(&mut Silent, &1000.0, &510_000.0, &ratio);
        assert!((0.95 * root * root - (1.0 + alpha) * root + alpha).abs() < 1e-9);
    }
}
