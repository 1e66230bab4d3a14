//! # Column stability factor, C_P
//!
//! **What it does.** A tall jack buckles before it crushes. C_P is the smaller root of c·C_P² − (1 + α)·C_P + α = 0
//! with α = FcE / Fc*.
//!
//! **Source.** NDS 2018 3.7.1 (Eq. 3.7-1); c = 0.8 for sawn lumber, 0.9 for engineered. From memory.
//!
//! **Limits.** le/d ≤ 50 (3.7.1.4).
//!
//! **Worked example.** SPF Stud 2x4 jack 80 in. long, snow: Fc* = 725 · 1.05 · 1.15 = 875.4; le/d = 80 / 3.5 = 22.86;
//! FcE = 0.822 · 440 000 / 22.86² = 692.3; α = 0.791; C_P = 0.605.

use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("3.7.1");

/// The most slender column allowed, le/d.
pub const MOST_SLENDER: f64 = 50.0;

/// c for sawn lumber.
pub const SAWN_LUMBER: f64 = 0.8;

/// C_P from the crushing strength Fc*, Emin and slenderness le/d.
pub fn column_stability_factor<P: Pen>(
    pen: &mut P,
    crushing: &P::Number,
    stability_stiffness: &P::Number,
    slenderness: &P::Number,
    c: f64,
) -> P::Number {
    let buckling = stability_stiffness.clone().times(0.822) / slenderness.clone().power(2.0);
    let buckling = pen.step("step-buckling-stress", "FcE", Unit::Psi, CLAUSE, buckling);
    let alpha = pen.step("step-ratio-of-buckling-to-crushing", "α", Unit::None, CLAUSE, buckling / crushing.clone());
    let half_sum = (P::Number::constant(1.0) + alpha.clone()) / P::Number::constant(2.0 * c);
    let root = (half_sum.clone().power(2.0) - alpha / P::Number::constant(c)).square_root();
    pen.step("step-column-stability-factor", "C_P", Unit::None, CLAUSE, half_sum - root)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::working::Silent;

    #[test]
    fn worked_example() {
        let factor = column_stability_factor(&mut Silent, &875.4, &440_000.0, &(80.0 / 3.5), SAWN_LUMBER);
        assert!((factor - 0.6052).abs() < 0.0005, "{factor}");
    }

    #[test]
    fn is_a_root_of_its_quadratic() {
        for (crushing, stiffness, slenderness) in
            [(875.4, 440_000.0, 22.9), (1500.0, 580_000.0, 40.0), (400.0, 510_000.0, 5.0)]
        {
            let alpha = 0.822 * stiffness / f64::powi(slenderness, 2) / crushing;
            let factor = column_stability_factor(&mut Silent, &crushing, &stiffness, &slenderness, SAWN_LUMBER);
            let residue = SAWN_LUMBER * factor * factor - (1.0 + alpha) * factor + alpha;
            assert!(residue.abs() < 1e-9 && 0.0 < factor && factor <= 1.0);
        }
    }
}
