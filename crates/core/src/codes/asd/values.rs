//! Reference design values of visually graded lumber and of engineered wood, dry, normal duration.
//!
//! Source: NDS Supplement 2018, Table 4A (dimension lumber), Table 4B (Southern Pine, size built in), Table 4D (timbers)
//! and Table 5A (glulam); composite classes by stress class as manufacturers' reports group them. All from memory.

use crate::codes::question::DesignValues;
use crate::lumber::{Depth, EngineeredClass, Grade, HeaderBoard, SawnSize, SheetValues, Species, Thickness};
use crate::measure::Stress;
use crate::say;
use crate::speech::Phrase;

/// Of any board; `None` where none are on hand for its species, grade and size.
pub fn of_board(board: HeaderBoard) -> Option<DesignValues> {
    match board {
        HeaderBoard::Sawn { species, grade, size } => sawn(species, grade, size),
        HeaderBoard::Engineered { class, .. } => Some(engineered(class)),
        HeaderBoard::Sheet { values, .. } => Some(of_sheet(values)),
    }
}

/// Where the values of a board come from, as it is printed beside them.
pub fn source_of_board(board: HeaderBoard) -> Phrase {
    match board {
        HeaderBoard::Sawn { species, size, .. } => sawn_source(species, size),
        HeaderBoard::Engineered { class, .. } => engineered_source(class),
        HeaderBoard::Sheet { .. } => say!("source-your-sheet"),
    }
}

/// Of a user's own sheet. A header is never in tension or compression along its grain: those are zero.
const fn of_sheet(sheet: SheetValues) -> DesignValues {
    DesignValues {
        bending: Stress::psi(sheet.bending_psi as f64),
        tension: Stress::psi(0.0),
        shear: Stress::psi(sheet.shear_psi as f64),
        bearing: Stress::psi(sheet.bearing_psi as f64),
        compression: Stress::psi(0.0),
        stiffness: Stress::psi(sheet.stiffness_psi as f64),
        stability_stiffness: Stress::psi(sheet.stability_stiffness_psi as f64),
    }
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

/// Design values of sawn lumber. `None` where the grade does not exist in that size: Stud grade ends at 2x6 and is not
/// sawn as a timber, and there is no 6x4.
pub fn sawn(species: Species, grade: Grade, size: SawnSize) -> Option<DesignValues> {
    if grade == Grade::Stud && (size.depth > Depth::Six || size.thickness == Thickness::Six) || !size.is_made() {
        return None;
    }
    Some(match (size.thickness, species) {
        (Thickness::Six, _) => timber(species, grade, size.depth),
        (Thickness::Two | Thickness::Four, Species::SouthernPine) => southern_pine(grade, size.depth),
        (Thickness::Two | Thickness::Four, _) => dimension_lumber(species, grade),
    })
}

/// The table a sawn value comes from.
pub fn sawn_source(species: Species, size: SawnSize) -> Phrase {
    match (size.thickness, species) {
        (Thickness::Six, _) => say!("source-from-memory", table = "NDS Supplement 2018 Table 4D"),
        (_, Species::SouthernPine) => say!("source-from-memory", table = "NDS Supplement 2018 Table 4B"),
        _ => say!("source-from-memory", table = "NDS Supplement 2018 Table 4A"),
    }
}

/// Table 4A.
const fn dimension_lumber(species: Species, grade: Grade) -> DesignValues {
    use Grade::{Number1, Number2, SelectStructural, Stud};
    use Species::{DouglasFirLarch, HemFir, SouthernPine, SprucePineFir};
    match (species, grade) {
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
        (SouthernPine, _) => southern_pine(grade, Depth::Twelve),
    }
}

/// Table 4B: Southern Pine values already carry the size.
const fn southern_pine(grade: Grade, depth: Depth) -> DesignValues {
    let (fb, ft, fc) = match (grade, depth) {
        (Grade::SelectStructural, Depth::Four) => (2350.0, 1650.0, 1900.0),
        (Grade::SelectStructural, Depth::Six) => (2100.0, 1450.0, 1800.0),
        (Grade::SelectStructural, Depth::Eight) => (1950.0, 1350.0, 1700.0),
        (Grade::SelectStructural, Depth::Ten) => (1700.0, 1150.0, 1650.0),
        (Grade::SelectStructural, Depth::Twelve) => (1600.0, 1100.0, 1650.0),
        (Grade::Number1, Depth::Four) => (1500.0, 1000.0, 1650.0),
        (Grade::Number1, Depth::Six) => (1350.0, 875.0, 1550.0),
        (Grade::Number1, Depth::Eight) => (1250.0, 800.0, 1500.0),
        (Grade::Number1, Depth::Ten) => (1050.0, 700.0, 1450.0),
        (Grade::Number1, Depth::Twelve) => (1000.0, 650.0, 1400.0),
        (Grade::Number2, Depth::Four) => (1100.0, 675.0, 1450.0),
        (Grade::Number2, Depth::Six) => (1000.0, 600.0, 1400.0),
        (Grade::Number2, Depth::Eight) => (925.0, 550.0, 1350.0),
        (Grade::Number2, Depth::Ten) => (800.0, 475.0, 1300.0),
        (Grade::Number2, Depth::Twelve) => (750.0, 450.0, 1250.0),
        // No.3 and Stud share a row; the grade ends at 2x6.
        (Grade::Stud, Depth::Four) => (650.0, 400.0, 850.0),
        (Grade::Stud, _) => (575.0, 350.0, 800.0),
    };
    let (e, e_min) = match grade {
        Grade::SelectStructural => (1.8, 0.66),
        Grade::Number1 => (1.6, 0.58),
        Grade::Number2 => (1.4, 0.51),
        Grade::Stud => (1.3, 0.47),
    };
    row(fb, ft, 175.0, 565.0, fc, e, e_min)
}

/// Table 4D: 6x6 and 6x8 are posts and timbers, 6x10 and 6x12 beams and stringers. Southern Pine has one row for both.
const fn timber(species: Species, grade: Grade, depth: Depth) -> DesignValues {
    use Grade::{Number1, Number2, SelectStructural, Stud};
    use Species::{DouglasFirLarch, HemFir, SouthernPine, SprucePineFir};
    let beam = matches!(depth, Depth::Ten | Depth::Twelve);
    match (species, grade, beam) {
        (DouglasFirLarch, SelectStructural, true) => row(1600.0, 950.0, 170.0, 625.0, 1100.0, 1.6, 0.58),
        (DouglasFirLarch, Number1, true) => row(1350.0, 675.0, 170.0, 625.0, 925.0, 1.6, 0.58),
        (DouglasFirLarch, Number2 | Stud, true) => row(875.0, 425.0, 170.0, 625.0, 600.0, 1.3, 0.47),
        (DouglasFirLarch, SelectStructural, false) => row(1500.0, 1000.0, 170.0, 625.0, 1150.0, 1.6, 0.58),
        (DouglasFirLarch, Number1, false) => row(1200.0, 825.0, 170.0, 625.0, 1000.0, 1.6, 0.58),
        (DouglasFirLarch, Number2 | Stud, false) => row(750.0, 475.0, 170.0, 625.0, 700.0, 1.3, 0.47),
        (HemFir, SelectStructural, true) => row(1300.0, 750.0, 140.0, 405.0, 925.0, 1.3, 0.47),
        (HemFir, Number1, true) => row(1050.0, 525.0, 140.0, 405.0, 750.0, 1.3, 0.47),
        (HemFir, Number2 | Stud, true) => row(675.0, 350.0, 140.0, 405.0, 500.0, 1.1, 0.40),
        (HemFir, SelectStructural, false) => row(1200.0, 800.0, 140.0, 405.0, 975.0, 1.3, 0.47),
        (HemFir, Number1, false) => row(975.0, 650.0, 140.0, 405.0, 850.0, 1.3, 0.47),
        (HemFir, Number2 | Stud, false) => row(575.0, 375.0, 140.0, 405.0, 575.0, 1.1, 0.40),
        (SprucePineFir, SelectStructural, true) => row(1100.0, 650.0, 125.0, 425.0, 775.0, 1.3, 0.47),
        (SprucePineFir, Number1, true) => row(900.0, 450.0, 125.0, 425.0, 625.0, 1.3, 0.47),
        (SprucePineFir, Number2 | Stud, true) => row(600.0, 300.0, 125.0, 425.0, 425.0, 1.0, 0.37),
        (SprucePineFir, SelectStructural, false) => row(1050.0, 700.0, 125.0, 425.0, 800.0, 1.3, 0.47),
        (SprucePineFir, Number1, false) => row(850.0, 550.0, 125.0, 425.0, 700.0, 1.3, 0.47),
        (SprucePineFir, Number2 | Stud, false) => row(500.0, 325.0, 125.0, 425.0, 500.0, 1.0, 0.37),
        (SouthernPine, SelectStructural, _) => row(1500.0, 1000.0, 165.0, 375.0, 950.0, 1.5, 0.55),
        (SouthernPine, Number1, _) => row(1350.0, 900.0, 165.0, 375.0, 825.0, 1.5, 0.55),
        (SouthernPine, Number2 | Stud, _) => row(850.0, 550.0, 165.0, 375.0, 525.0, 1.2, 0.44),
    }
}

/// Of engineered lumber, loaded on edge.
pub const fn engineered(class: EngineeredClass) -> DesignValues {
    match class {
        EngineeredClass::Lvl20E => row(2600.0, 1555.0, 285.0, 750.0, 2510.0, 2.0, 1.016),
        EngineeredClass::Lvl19E => row(2600.0, 1555.0, 285.0, 750.0, 2510.0, 1.9, 0.966),
        EngineeredClass::Psl20E => row(2900.0, 2025.0, 290.0, 625.0, 2900.0, 2.0, 1.016),
        EngineeredClass::Psl22E => row(2900.0, 2025.0, 290.0, 625.0, 2900.0, 2.2, 1.118),
        EngineeredClass::Lsl155E => row(2325.0, 1070.0, 310.0, 900.0, 2170.0, 1.55, 0.787),
        EngineeredClass::Glulam24F18E => row(2400.0, 1100.0, 265.0, 650.0, 1600.0, 1.8, 0.85),
    }
}

/// Fb where the moment hogs, so that the upper edge is in tension: an unbalanced glulam has its weaker
/// laminations there (24F-V4: 1450 psi). Emin above is that of the weak axis, which rolling over takes.
pub const fn hogging_bending(class: EngineeredClass) -> Stress {
    match class {
        EngineeredClass::Glulam24F18E => Stress::psi(1450.0),
        _ => engineered(class).bending,
    }
}

/// Fb bent flatwise: of glulam that of its other axis (24F-V4: 1450 psi), of composites as on edge. From memory.
pub const fn flatwise_bending(class: EngineeredClass) -> Stress {
    match class {
        EngineeredClass::Glulam24F18E => Stress::psi(1450.0),
        _ => engineered(class).bending,
    }
}

/// Exponent of the depth factor (12/d)^n; `None` for glulam, whose volume factor counts length and width too.
pub const fn depth_exponent(class: EngineeredClass) -> Option<f64> {
    match class {
        EngineeredClass::Lvl20E | EngineeredClass::Lvl19E | EngineeredClass::Psl20E | EngineeredClass::Psl22E => {
            Some(1.0 / 9.0)
        }
        EngineeredClass::Lsl155E => Some(0.092),
        EngineeredClass::Glulam24F18E => None,
    }
}

/// Where they come from.
pub fn engineered_source(class: EngineeredClass) -> Phrase {
    match class {
        EngineeredClass::Glulam24F18E => say!("source-from-memory", table = "NDS Supplement 2018 Table 5A"),
        _ => say!("source-stress-class"),
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn better_grades_are_never_weaker() {
        for species in Species::ALL {
            for size in SawnSize::all() {
                let rows: Vec<DesignValues> =
                    Grade::ALL.iter().filter_map(|grade| sawn(species, *grade, size)).collect();
                for pair in rows.windows(2) {
                    assert!(pair[1].bending <= pair[0].bending && pair[1].compression <= pair[0].compression);
                    assert!(pair[1].stiffness <= pair[0].stiffness);
                }
            }
        }
    }

    #[test]
    fn every_species_and_grade_but_stud_has_every_size() {
        for species in Species::ALL {
            for size in SawnSize::all() {
                for grade in [Grade::SelectStructural, Grade::Number1, Grade::Number2] {
                    assert!(sawn(species, grade, size).is_some());
                }
                let stud = size.thickness != Thickness::Six && size.depth <= Depth::Six;
                assert_eq!(sawn(species, Grade::Stud, size).is_some(), stud, "{}", size.name());
            }
        }
    }

    #[test]
    fn the_stability_modulus_follows_from_stiffness() {
        // NDS 2018 Appendix D: Emin = E·(1 − 1.645·COV)·1.03/1.66, COV 0.25 sawn and 0.10 engineered (from memory);
        // tabulated values are rounded. Glulam's Emin is of the weak axis, so it is left out.
        let sawn_rows = Species::ALL.into_iter().flat_map(|species| {
            SawnSize::all().filter_map(move |size| sawn(species, Grade::Number2, size)).collect::<Vec<_>>()
        });
        let composites = EngineeredClass::ALL.into_iter().filter(|class| depth_exponent(*class).is_some());
        let composites = composites.map(|class| (engineered(class), 0.10));
        for (values, spread) in sawn_rows.map(|values| (values, 0.25)).chain(composites) {
            let expected = values.stiffness.to_psi() * (1.0 - 1.645 * spread) * 1.03 / 1.66;
            let ratio = values.stability_stiffness.to_psi() / expected;
            assert!((ratio - 1.0).abs() < 0.03, "{values:?}: {ratio}");
        }
    }

    #[test]
    fn southern_pine_gets_weaker_with_depth() {
        for grade in [Grade::SelectStructural, Grade::Number1, Grade::Number2] {
            let bending: Vec<f64> = Depth::ALL.iter().map(|d| southern_pine(grade, *d).bending.to_psi()).collect();
            assert!(bending.is_sorted_by(|a, b| b < a));
        }
    }
}
