//! # Size factor, C_F
//!
//! **What it does.** Small sizes are stronger for their section than the reference value says.
//!
//! **Source.** NDS Supplement 2018 Table 4A adjustment factors, from memory. Southern Pine (Table 4B) has size built in.
//! 4x8 to 4x12 have other factors than 2x; Stud grade has its own row; timbers (6x, Table 4D) up to 12 in. have none.
//!
//! **Worked example.** DF-L No.2 2x10 in bending: C_F = 1.1, so Fb·C_F = 900 · 1.1 = 990 psi.

use crate::lumber::{Depth, Grade, SawnSize, Species, Thickness};

/// C_F for bending.
pub const fn size_factor_bending(species: Species, grade: Grade, size: SawnSize) -> f64 {
    // Timbers up to 12 in. deep: (12/d)^(1/9) is not taken over 1.
    if matches!(size.thickness, Thickness::Six) {
        return 1.0;
    }
    if matches!(species, Species::SouthernPine) {
        return southern_pine(size);
    }
    if matches!(grade, Grade::Stud) {
        return match size.depth {
            Depth::Four => 1.1,
            _ => 1.0,
        };
    }
    match (size.thickness, size.depth) {
        (_, Depth::Four) => 1.5,
        (_, Depth::Six) | (Thickness::Four, Depth::Eight) => 1.3,
        (Thickness::Two, Depth::Eight) | (Thickness::Four, Depth::Ten) => 1.2,
        (Thickness::Two, Depth::Ten) | (Thickness::Four, Depth::Twelve) => 1.1,
        (_, Depth::Eight | Depth::Ten | Depth::Twelve) => 1.0,
    }
}

/// Table 4B, footnote: 4 in. thick and 8 in. or deeper may take 1.1 in bending.
const fn southern_pine(size: SawnSize) -> f64 {
    match (size.thickness, size.depth) {
        (Thickness::Four, Depth::Eight | Depth::Ten | Depth::Twelve) => 1.1,
        _ => 1.0,
    }
}

/// C_F for compression parallel to grain.
pub const fn size_factor_compression(species: Species, grade: Grade, size: SawnSize) -> f64 {
    if matches!(species, Species::SouthernPine) || matches!(size.thickness, Thickness::Six) {
        return 1.0;
    }
    match (grade, size.depth) {
        (Grade::Stud, Depth::Four) | (_, Depth::Eight) => 1.05,
        (Grade::Stud, _) | (_, Depth::Ten | Depth::Twelve) => 1.0,
        (_, Depth::Four) => 1.15,
        (_, Depth::Six) => 1.1,
    }
}

#[cfg(test)]
#[allow(clippy::float_cmp, reason = "table values, copied and not computed")]
mod tests {
    use super::*;

    #[test]
    fn four_by_is_stronger_than_two_by_of_the_same_depth() {
        let factor = |thickness, depth| {
            size_factor_bending(Species::DouglasFirLarch, Grade::Number2, SawnSize { thickness, depth })
        };
        assert_eq!([Depth::Eight, Depth::Ten, Depth::Twelve].map(|d| factor(Thickness::Two, d)), [1.2, 1.1, 1.0]);
        assert_eq!([Depth::Eight, Depth::Ten, Depth::Twelve].map(|d| factor(Thickness::Four, d)), [1.3, 1.2, 1.1]);
    }

    #[test]
    fn southern_pine_and_stud_grade_have_their_own() {
        let two_by_six = SawnSize::two_by(Depth::Six);
        assert_eq!(size_factor_bending(Species::SouthernPine, Grade::Number2, two_by_six), 1.0);
        assert_eq!(size_factor_compression(Species::SprucePineFir, Grade::Stud, SawnSize::two_by(Depth::Four)), 1.05);
        assert_eq!(size_factor_compression(Species::SprucePineFir, Grade::Stud, two_by_six), 1.0);
        assert_eq!(size_factor_compression(Species::SprucePineFir, Grade::Number2, two_by_six), 1.1);
    }
}
