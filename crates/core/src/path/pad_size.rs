//! # How large a pad
//!
//! **What it does.** Finds the side of a square pad under a load, at what the soil is presumed to bear. A hint: the soil is looked at by
//! whoever answers for the foundation.
//!
//! **Source.** Presumptive bearing: IRC 2021 Table R401.4.1, from memory; side = √(P / q).
//!
//! **Limits.** The pad's own weight is left out, and so are frost, thickness and reinforcement.
//!
//! **Worked example.** 4500 lb on soil of 1500 psf: 3 ft², a side of 20.8 in., so 21 in.

use crate::measure::{Force, Length, Pressure};
use crate::working::{Clause, Number, Pen, Unit};

/// The side of a square pad, to the next whole inch.
pub fn pad_side<P: Pen>(pen: &mut P, load: Force, soil: Pressure) -> Length {
    let area = pen.given("P", load.to_lbf().max(0.0)) / pen.given("q", soil.to_psf());
    let area = pen.step("step-area-of-the-pad", "A", Unit::SquareFeet, Clause::irc("R401.4.1"), area);
    let side = area.square_root().times(12.0);
    let side = pen.step("step-side-of-the-pad", "a", Unit::Inches, Clause::STATICS, side).value();
    // A side that is a whole inch but for rounding stays it.
    Length::inches((side - 1e-9).ceil() as i64)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::working::Silent;

    #[test]
    fn worked_example() {
        let side = |pounds| pad_side(&mut Silent, Force::lbf(pounds), Pressure::psf(1500.0));
        assert_eq!(side(4500.0), Length::inches(21));
        assert_eq!((side(1500.0), side(0.0)), (Length::inches(12), Length::ZERO));
    }
}
