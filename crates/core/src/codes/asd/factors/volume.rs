//! # Volume factor of engineered lumber, C_V
//!
//! **What it does.** Deep members are weaker in bending for their section; 12 in. is the reference depth. For glulam
//! length and width count too: (21/L · 12/d · 5.125/b)^(1/10), not over 1.
//!
//! **Source.** NDS 2018 8.3.6 with the exponents of product reports: (12/d)^(1/9) for LVL and PSL, 0.092 for LSL; glulam
//! 5.3.6, exponent of species other than Southern Pine, which is the smaller factor. From memory.
//!
//! **Worked example.** 11 7/8 in. deep: (12 / 11.875)^(1/9) = 1.0012.

use crate::working::{Clause, Number, Pen, Unit};

/// C_V of composite lumber `depth_inches` deep, with its class's exponent.
pub fn depth_factor<P: Pen>(pen: &mut P, depth_inches: &P::Number, exponent: f64) -> P::Number {
    let factor = (P::Number::constant(12.0) / depth_inches.clone()).power(exponent);
    pen.step("step-depth-factor-of-composite-lumber", "C_V", Unit::None, Clause::nds("8.3.6"), factor)
}

/// C_V of glulam; `span_inches` is the length between points of zero moment.
pub fn volume_factor<P: Pen>(pen: &mut P, span_inches: &P::Number, depth: &P::Number, width: &P::Number) -> P::Number {
    let parts = (P::Number::constant(252.0) / span_inches.clone())
        * (P::Number::constant(12.0) / depth.clone())
        * (P::Number::constant(5.125) / width.clone());
    let factor = parts.power(0.1).smaller(P::Number::constant(1.0));
    pen.step("step-volume-factor-of-glulam", "C_V", Unit::None, Clause::nds("5.3.6"), factor)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::working::Silent;

    #[test]
    fn is_one_at_twelve_inches_and_falls_with_depth() {
        assert!((depth_factor(&mut Silent, &12.0, 1.0 / 9.0) - 1.0).abs() < 1e-12);
        assert!((depth_factor(&mut Silent, &11.875, 1.0 / 9.0) - 1.001_164).abs() < 1e-6);
        assert!(depth_factor(&mut Silent, &18.0, 1.0 / 9.0) < 1.0);
    }

    #[test]
    fn glulam_of_the_reference_volume_has_no_reduction() {
        assert!((volume_factor(&mut Silent, &252.0, &12.0, &5.125) - 1.0).abs() < 1e-12);
        assert!((volume_factor(&mut Silent, &120.0, &12.0, &3.5) - 1.0).abs() < 1e-12, "never over 1");
        let long_and_deep = volume_factor(&mut Silent, &240.0, &18.0, &5.125);
        assert!((long_and_deep - (1.05_f64 * 12.0 / 18.0).powf(0.1)).abs() < 1e-12);
    }
}
