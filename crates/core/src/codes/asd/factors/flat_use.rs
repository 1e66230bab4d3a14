//! # Flat use factor, C_fu
//!
//! **What it does.** A 2x bent flatwise carries more than on edge for its size.
//!
//! **Source.** NDS Supplement 2018 Table 4A, from memory: 2x of 4, 5, 6, 8, 10 and more in. depth 1.1, 1.1, 1.15, 1.15, 1.2.
//!
//! **Assumptions and limits.** Thicker pieces are left at 1, which is less than the table gives them.
//!
//! **Worked example.** A 2x10 bent flatwise: 1.2.

use crate::lumber::{Depth, SawnSize, Thickness};

/// C_fu of a sawn size.
pub const fn flat_use_factor(size: SawnSize) -> f64 {
    match (size.thickness, size.depth) {
        (Thickness::Two, Depth::Four) => 1.1,
        (Thickness::Two, Depth::Six | Depth::Eight) => 1.15,
        (Thickness::Two, Depth::Ten | Depth::Twelve) => 1.2,
        (Thickness::Four | Thickness::Six, _) => 1.0,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        assert!((flat_use_factor(SawnSize::two_by(Depth::Ten)) - 1.2).abs() < 1e-12);
        assert!((flat_use_factor(SawnSize { thickness: Thickness::Four, depth: Depth::Ten }) - 1.0).abs() < 1e-12);
    }
}
