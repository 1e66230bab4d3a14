//! Reference design values of visually graded lumber and of engineered wood, ASD, dry, normal duration.
//!
//! Source: NDS Supplement 2018, Table 4A (dimension lumber) and Table 4B (Southern Pine, size built in); engineered
//! classes by stress class as manufacturers' reports group them. All from memory.

use super::section::Depth;
use crate::measure::Stress;

/// Species group of sawn lumber.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Species {
    /// Douglas Fir-Larch.
    DouglasFirLarch,
    /// Hem-Fir.
    HemFir,
    /// Spruce-Pine-Fir.
    SprucePineFir,
    /// Southern Pine.
    SouthernPine,
}

impl Species {
    /// Every species group.
    pub const ALL: [Self; 4] = [Self::DouglasFirLarch, Self::HemFir, Self::SprucePineFir, Self::SouthernPine];

    /// The name in full.
    pub const fn name(self) -> &'static str {
        match self {
            Self::DouglasFirLarch => "Douglas Fir-Larch",
            Self::HemFir => "Hem-Fir",
            Self::SprucePineFir => "Spruce-Pine-Fir",
            Self::SouthernPine => "Southern Pine",
        }
    }

    /// The grade stamp's abbreviation.
    pub const fn abbreviation(self) -> &'static str {
        match self {
            Self::DouglasFirLarch => "DF-L",
            Self::HemFir => "HF",
            Self::SprucePineFir => "SPF",
            Self::SouthernPine => "SP",
        }
    }
}

/// Visual grade.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Grade {
    /// Select Structural.
    SelectStructural,
    /// No.1.
    Number1,
    /// No.2.
    Number2,
    /// Stud grade, for studs and jacks.
    Stud,
}

impl Grade {
    /// Every grade.
    pub const ALL: [Self; 4] = [Self::SelectStructural, Self::Number1, Self::Number2, Self::Stud];

    /// As stamped.
    pub const fn name(self) -> &'static str {
        match self {
            Self::SelectStructural => "Sel. Str.",
            Self::Number1 => "No.1",
            Self::Number2 => "No.2",
            Self::Stud => "Stud",
        }
    }
}

/// Reference design values.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct DesignValues {
    /// Bending, Fb.
    pub bending: Stress,
    /// Tension parallel to grain, Ft.
    pub tension: Stress,
    /// Shear parallel to grain, Fv.
    pub shear: Stress,
    /// Compression perpendicular to grain, Fc⊥.
    pub bearing: Stress,
    /// Compression parallel to grain, Fc.
    pub compression: Stress,
    /// Modulus of elasticity, E.
    pub stiffness: Stress,
    /// Modulus for stability, Emin.
    pub stability_stiffness: Stress,
}

const fn row(fb: f64, ft: f64, fv: f64, fc_perp: f64, fc: f64, e_million: f64, e_min_million: f64) -> DesignValues {
    DesignValues {
        bending: Stress::psi(fb),
        tension: Stress::psi(ft),
        shear: Stress::psi(fv),
        bearing: Stress::psi(fc_perp),
        compression: Stress::psi(fc),
        stiffness: Stress::psi(e_million * 1e6),
        stability_stiffness: Stress::psi(e_min_million * 1e6),
    }
}

/// Design values of sawn lumber. `None` where no value is on hand: Stud grade deeper than 2x6 (the grade ends there)
/// and Southern Pine grades whose rows were not recalled.
pub fn sawn(species: Species, grade: Grade, depth: Depth) -> Option<DesignValues> {
    use Grade::{Number1, Number2, SelectStructural, Stud};
    use Species::{DouglasFirLarch, HemFir, SouthernPine, SprucePineFir};
    if grade == Stud && depth > Depth::Six {
        return None;
    }
    Some(match (species, grade) {
        (DouglasFirLarch, SelectStructural) => row(1500.0, 1000.0, 180.0, 625.0, 1700.0, 1.9, 0.69),
        (DouglasFirLarch, Number1) => row(1000.0, 675.0, 180.0, 625.0, 1500.0, 1.7, 0.62),
        (DouglasFirLarch, Number2) => row(900.0, 575.0, 180.0, 625.0, 1350.0, 1.6, 0.58),
        (DouglasFirLarch, Stud) => row(700.0, 450.0, 180.0, 625.0, 850.0, 1.4, 0.51),
        (HemFir, SelectStructural) => row(1400.0, 925.0, 150.0, 405.0, 1500.0, 1.6, 0.58),
        (HemFir, Number1) => row(975.0, 625.0, 150.0, 405.0, 1350.0, 1.5, 0.55),
        (HemFir, Number2) => row(850.0, 525.0, 150.0, 405.0, 1300.0, 1.3, 0.47),
        (HemFir, Stud) => row(675.0, 400.0, 150.0, 405.0, 800.0, 1.2, 0.44),
        (SprucePineFir, SelectStructural) => row(1250.0, 700.0, 135.0, 425.0, 1400.0, 1.5, 0.55),
        // The supplement gives one row for No.1/No.2.
        (SprucePineFir, Number1 | Number2) => row(875.0, 450.0, 135.0, 425.0, 1150.0, 1.4, 0.51),
        (SprucePineFir, Stud) => row(675.0, 350.0, 135.0, 425.0, 725.0, 1.2, 0.44),
        (SouthernPine, Number2) => southern_pine_number_2(depth),
        (SouthernPine, SelectStructural | Number1 | Stud) => return None,
    })
}

/// Table 4B: Southern Pine values already carry the size.
const fn southern_pine_number_2(depth: Depth) -> DesignValues {
    match depth {
        Depth::Four => row(1100.0, 675.0, 175.0, 565.0, 1450.0, 1.4, 0.51),
        Depth::Six => row(1000.0, 600.0, 175.0, 565.0, 1400.0, 1.4, 0.51),
        Depth::Eight => row(925.0, 550.0, 175.0, 565.0, 1350.0, 1.4, 0.51),
        Depth::Ten => row(800.0, 475.0, 175.0, 565.0, 1300.0, 1.4, 0.51),
        Depth::Twelve => row(750.0, 450.0, 175.0, 565.0, 1250.0, 1.4, 0.51),
    }
}

/// Stress class of engineered lumber, never a maker's name.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum EngineeredClass {
    /// Laminated veneer lumber, E 2.0 million psi, Fb 2600 psi.
    Lvl20E,
    /// Laminated veneer lumber, E 1.9 million psi, Fb 2600 psi.
    Lvl19E,
    /// Parallel strand lumber, E 2.0 million psi, Fb 2900 psi.
    Psl20E,
    /// Parallel strand lumber, E 2.2 million psi, Fb 2900 psi.
    Psl22E,
    /// Laminated strand lumber, E 1.55 million psi, Fb 2325 psi.
    Lsl155E,
}

impl EngineeredClass {
    /// Every class.
    pub const ALL: [Self; 5] = [Self::Lvl20E, Self::Lvl19E, Self::Psl20E, Self::Psl22E, Self::Lsl155E];

    /// The class as it is written on a plan.
    pub const fn name(self) -> &'static str {
        match self {
            Self::Lvl20E => "LVL 2.0E-2600",
            Self::Lvl19E => "LVL 1.9E-2600",
            Self::Psl20E => "PSL 2.0E-2900",
            Self::Psl22E => "PSL 2.2E-2900",
            Self::Lsl155E => "LSL 1.55E-2325",
        }
    }

    /// Its design values, loaded on edge.
    pub const fn values(self) -> DesignValues {
        match self {
            Self::Lvl20E => row(2600.0, 1555.0, 285.0, 750.0, 2510.0, 2.0, 1.016),
            Self::Lvl19E => row(2600.0, 1555.0, 285.0, 750.0, 2510.0, 1.9, 0.966),
            Self::Psl20E => row(2900.0, 2025.0, 290.0, 625.0, 2900.0, 2.0, 1.016),
            Self::Psl22E => row(2900.0, 2025.0, 290.0, 625.0, 2900.0, 2.2, 1.118),
            Self::Lsl155E => row(2325.0, 1070.0, 310.0, 900.0, 2170.0, 1.55, 0.787),
        }
    }

    /// Exponent of the depth factor (12/d)^n.
    pub const fn depth_exponent(self) -> f64 {
        match self {
            Self::Lvl20E | Self::Lvl19E | Self::Psl20E | Self::Psl22E => 1.0 / 9.0,
            Self::Lsl155E => 0.092,
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn better_grades_are_never_weaker() {
        for species in Species::ALL {
            for depth in Depth::ALL {
                let rows: Vec<DesignValues> =
                    Grade::ALL.iter().filter_map(|grade| sawn(species, *grade, depth)).collect();
                for pair in rows.windows(2) {
                    assert!(pair[1].bending <= pair[0].bending && pair[1].compression <= pair[0].compression);
                    assert!(pair[1].stiffness <= pair[0].stiffness);
                }
            }
        }
    }

    #[test]
    fn every_species_has_number_2_in_every_depth() {
        for species in Species::ALL {
            for depth in Depth::ALL {
                assert!(sawn(species, Grade::Number2, depth).is_some());
            }
        }
    }

    #[test]
    fn southern_pine_gets_weaker_with_depth() {
        let bending: Vec<f64> = Depth::ALL.iter().map(|d| southern_pine_number_2(*d).bending.to_psi()).collect();
        assert!(bending.is_sorted_by(|a, b| b < a));
    }
}
