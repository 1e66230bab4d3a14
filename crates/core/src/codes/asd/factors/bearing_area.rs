//! # Bearing area factor, C_b
//!
//! **What it does.** A short bearing away from a member's end is helped by the wood beside it:
//! (l_b + 3/8) / l_b for bearings under 6 in. long. At a member's end, and on a sole plate cut for a door, it is 1.
//!
//! **Source.** NDS 2018 3.10.4, from memory.
//!
//! **Worked example.** One jack (1 1/2 in.) on a plate that runs on: (1.5 + 0.375) / 1.5 = 1.25.

use crate::codes::question::PlateEnd;
use crate::working::{Clause, Number, Pen, Unit};

/// C_b for a bearing of so many inches along the plate.
pub fn bearing_area_factor<P: Pen>(pen: &mut P, plate: PlateEnd, bearing_length: &P::Number) -> P::Number {
    const CLAUSE: Clause = Clause::nds("3.10.4");
    if plate == PlateEnd::Cut || bearing_length.value() >= 6.0 {
        return P::Number::constant(1.0);
    }
    let factor = (bearing_length.clone() + P::Number::constant(0.375)) / bearing_length.clone();
    pen.step("step-bearing-area-factor-of-the-plate", "C_b", Unit::None, CLAUSE, factor)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::working::Silent;

    #[test]
    fn only_a_plate_that_runs_on_is_helped() {
        assert!((bearing_area_factor(&mut Silent, PlateEnd::Continuous, &1.5) - 1.25).abs() < 1e-12);
        assert!((bearing_area_factor(&mut Silent, PlateEnd::Cut, &1.5) - 1.0).abs() < 1e-12);
        assert!((bearing_area_factor(&mut Silent, PlateEnd::Continuous, &6.0) - 1.0).abs() < 1e-12);
    }
}
