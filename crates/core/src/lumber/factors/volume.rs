//! # Volume (depth) factor of structural composite lumber, C_V
//!
//! **What it does.** Deep members are weaker in bending for their section; 12 in. is the reference depth.
//!
//! **Source.** NDS 2018 8.3.6 with the exponents of product reports: (12/d)^(1/9) for LVL and PSL, 0.092 for LSL. From
//! memory.
//!
//! **Worked example.** 11 7/8 in. deep: (12 / 11.875)^(1/9) = 1.0012.

use crate::working::{Clause, Number, Pen, Unit};

/// C_V of composite lumber `depth_inches` deep, with its class's exponent.
pub fn depth_factor<P: Pen>(pen: &mut P, depth_inches: &P::Number, exponent: f64) -> P::Number {
    let factor = (P::Number::constant(12.0) / depth_inches.clone()).power(exponent);
    pen.step("depth factor of composite lumber", "C_V", Unit::None, Clause::nds("8.3.6"), factor)
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
}
