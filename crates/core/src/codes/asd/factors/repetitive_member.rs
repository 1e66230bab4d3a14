//! # Repetitive member factor, C_r
//!
//! **What it does.** Sawn plies that share the load help one another: 1.15 in bending for three or more. One or two plies
//! get nothing. Engineered plies get nothing either: their values scatter little, and the 1.04 of 8.3.7 is meant for
//! joists side by side, so leaving it out of a built-up beam is the safe reading.
//!
//! **Source.** NDS 2018 4.3.9 and 8.3.7, from memory. The prescriptive header tables are made with another rule
//! (1.10 for two sawn plies), which is selectable.
//!
//! **Worked example.** 3-2x12 DF-L No.2: Fb' = 900 · 1.0 · 1.15 = 1035 psi before load duration.

use crate::codes::question::RepetitiveRule;
use crate::lumber::{HeaderBoard, HeaderSpec};

/// C_r of a header.
pub const fn repetitive_member_factor(header: HeaderSpec, rule: RepetitiveRule) -> f64 {
    match (header.board, header.plies, rule) {
        (HeaderBoard::Sawn { .. }, 3.., _) => 1.15,
        (HeaderBoard::Sawn { .. }, 2, RepetitiveRule::Prescriptive) => 1.10,
        _ => 1.0,
    }
}

#[cfg(test)]
#[allow(clippy::float_cmp, reason = "table values, copied and not computed")]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, SawnSize, Species};

    #[test]
    fn two_plies_get_nothing_from_the_design_specification() {
        let board =
            HeaderBoard::Sawn { species: Species::HemFir, grade: Grade::Number2, size: SawnSize::two_by(Depth::Eight) };
        let factor = |plies, rule| repetitive_member_factor(HeaderSpec { board, plies }, rule);
        assert_eq!([1, 2, 3, 4].map(|plies| factor(plies, RepetitiveRule::Nds)), [1.0, 1.0, 1.15, 1.15]);
        assert_eq!([1, 2, 3, 4].map(|plies| factor(plies, RepetitiveRule::Prescriptive)), [1.0, 1.1, 1.15, 1.15]);
    }
}
