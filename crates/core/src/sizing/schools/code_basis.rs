//! # The basis of the code's header tables
//!
//! **What it does.** Computes the span and the jacks that the residential code's girder and header tables print, from the
//! load basis that their cells imply. It is an inference from the cells, not a quotation: confirm in the adopted code.
//!
//! **Source.** IRC 2018/2021 Tables R602.7(1) and R602.7(2), from memory; the basis was inferred from recalled cells.
//!
//! **Assumptions and limits.** Building widths 12 to 36 ft, ground snow 30 to 70 psf; the least of four species' No.2;
//! top edge held; no self weight; deflection left out; shear at the header's depth; C_r 1.10 for two plies and 1.15 for more.
//! Jacks are rounded up at the unrounded span; where the remainder is under a hundredth of a jack the printed cell may say
//! one less.
//!
//! **Worked example.** Roof and ceiling, 30 psf, 12 ft wide: D = 20·8 = 160, S = 30·(8 − (36 − 4)/24) = 200, so
//! D + S = 360 lb/ft at C_D 1.15. 2-2x6: Southern Pine bends first, Fb' = 1000·1.10·1.15 = 1265 psi, S = 15.125 in.³;
//! L = √(8·1265·15.125/30) = 71.4 in.; the table prints 6-0, one jack.

use crate::codes::Combination;
use crate::codes::asd::combinations::STRENGTH;
use crate::codes::asd::factors::size::size_factor_bending;
use crate::codes::asd::values;
use crate::loads::{ByKind, LoadKind};
use crate::lumber::{Depth, Grade, HeaderBoard, HeaderSpec, SawnSize, Species};
use crate::measure::{Length, Pressure};

/// A block of the tables: what the header carries.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum TableBlock {
    /// Outside wall: roof and ceiling.
    RoofCeiling,
    /// Outside wall: roof, ceiling, one floor that bears on a middle wall.
    RoofOneCenterFloor,
    /// Outside wall: roof, ceiling, one floor that spans clear.
    RoofOneClearFloor,
    /// Outside wall: roof, ceiling, two floors that bear on middle walls.
    RoofTwoCenterFloors,
    /// Outside wall: roof, ceiling, two floors that span clear.
    RoofTwoClearFloors,
    /// Middle wall: one floor.
    OneFloor,
    /// Middle wall: two floors.
    TwoFloors,
}

impl TableBlock {
    /// Every block.
    pub const ALL: [Self; 7] = [
        Self::RoofCeiling,
        Self::RoofOneCenterFloor,
        Self::RoofOneClearFloor,
        Self::RoofTwoCenterFloors,
        Self::RoofTwoClearFloors,
        Self::OneFloor,
        Self::TwoFloors,
    ];

    /// The block's name on the command line.
    pub const fn name(self) -> &'static str {
        match self {
            Self::RoofCeiling => "roof_ceiling",
            Self::RoofOneCenterFloor => "roof_one_center_floor",
            Self::RoofOneClearFloor => "roof_one_clear_floor",
            Self::RoofTwoCenterFloors => "roof_two_center_floors",
            Self::RoofTwoClearFloors => "roof_two_clear_floors",
            Self::OneFloor => "one_floor",
            Self::TwoFloors => "two_floors",
        }
    }

    /// Whether a roof, and so snow, comes down on it.
    pub const fn carries_roof(self) -> bool {
        !matches!(self, Self::OneFloor | Self::TwoFloors)
    }

    /// How many floors, what part of the building's width of each, and how many walls stand above.
    const fn floors(self) -> (f64, f64, f64) {
        match self {
            Self::RoofCeiling => (0.0, 0.0, 0.0),
            Self::RoofOneCenterFloor => (1.0, 0.25, 1.0),
            Self::RoofOneClearFloor => (1.0, 0.5, 1.0),
            Self::RoofTwoCenterFloors => (2.0, 0.25, 2.0),
            Self::RoofTwoClearFloors => (2.0, 0.5, 2.0),
            Self::OneFloor => (1.0, 0.5, 0.0),
            Self::TwoFloors => (2.0, 0.5, 1.0),
        }
    }
}

/// Overhang, ft.
const OVERHANG: f64 = 2.0;
/// Roof and ceiling dead load, psf.
const ROOF_DEAD: f64 = 20.0;
/// Roof live load, psf.
const ROOF_LIVE: f64 = 20.0;
/// Floor dead and live load, psf.
const FLOOR: (f64, f64) = (10.0, 40.0);
/// A wall above, lb/ft.
const WALL: f64 = 121.0;
/// Bearing strength by which jacks are counted, psi.
const BEARING: f64 = 405.0;

/// The loads on a header in a block, lb/ft by kind. Roof live and snow are never added to one another.
pub fn table_loads(block: TableBlock, ground_snow: Pressure, building_width: Length) -> ByKind<f64> {
    let width = building_width.to_feet();
    let (floors, part, walls) = block.floors();
    let mut loads = ByKind::of([
        (LoadKind::Dead, floors * FLOOR.0 * part * width + walls * WALL),
        (LoadKind::FloorLive, floors * FLOOR.1 * part * width),
    ]);
    if block.carries_roof() {
        let half = width / 2.0;
        let reach = half + OVERHANG;
        loads[LoadKind::Dead] += ROOF_DEAD * reach;
        loads[LoadKind::RoofLive] = ROOF_LIVE * reach;
        // Snow on the leeward half and its overhang only: the windward wall takes part of it back.
        loads[LoadKind::Snow] = ground_snow.to_psf() * (reach - (half * half - OVERHANG * OVERHANG) / (2.0 * width));
    }
    loads
}

/// A cell of the table.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct TableCell {
    /// The span, to the nearest inch.
    pub span: Length,
    /// Jacks at each end.
    pub jacks: u8,
}

/// The span and the jacks of `plies` of 2x `depth` under these loads, lb/ft by kind.
pub fn table_cell(depth: Depth, plies: u8, loads: &ByKind<f64>) -> TableCell {
    // The heaviest for its duration governs bending and shear alike.
    let work = |combination: &Combination| combination.total(loads) / combination.duration;
    let harder = |a, b| if work(a) < work(b) { b } else { a };
    let hardest = STRENGTH.iter().fold(&STRENGTH[0], harder);
    let span_inches = Species::ALL
        .into_iter()
        .map(|species| span_inches(species, depth, plies, hardest, loads))
        .fold(f64::INFINITY, f64::min);
    let heaviest = STRENGTH.iter().map(|combination| combination.total(loads)).fold(0.0, f64::max);
    let reaction = heaviest / 12.0 * span_inches / 2.0;
    let each = BEARING * 1.5 * 1.5 * f64::from(plies);
    TableCell { span: Length::inches(span_inches.round() as i64), jacks: (reaction / each).ceil().max(1.0) as u8 }
}

/// How far one species' No.2 goes in bending and shear under one combination, in.
fn span_inches(species: Species, depth: Depth, plies: u8, combination: &Combination, loads: &ByKind<f64>) -> f64 {
    let load = combination.total(loads) / 12.0;
    let size = SawnSize::two_by(depth);
    let board = HeaderBoard::Sawn { species, grade: Grade::Number2, size };
    let section = HeaderSpec { board, plies }.section();
    let Some(values) = values::of_board(board).filter(|_| load > 0.0) else { return f64::INFINITY };
    let repetitive = match plies {
        1 => 1.0,
        2 => 1.10,
        _ => 1.15,
    };
    let bending = values.bending.to_psi()
        * combination.duration
        * size_factor_bending(species, Grade::Number2, size)
        * repetitive;
    let by_bending = (8.0 * bending * section.section_modulus_cubic_inches() / load).sqrt();
    let shear = values.shear.to_psi() * combination.duration * section.area_square_inches() / 1.5;
    let by_shear = 2.0 * (shear / load + depth.actual().to_inches());
    by_bending.min(by_shear)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn worked_example() {
        let loads = table_loads(TableBlock::RoofCeiling, Pressure::psf(30.0), Length::feet(12));
        assert!(
            (loads[LoadKind::Dead] - 160.0).abs() < 1e-9 && (loads[LoadKind::Snow] - 200.0).abs() < 1e-9,
            "{loads:?}"
        );
        let cell = table_cell(Depth::Six, 2, &loads);
        assert!((cell.span.to_inches() - 72.0).abs() <= 1.0, "{cell:?}");
        assert_eq!(cell.jacks, 1);
    }

    #[test]
    fn more_snow_or_width_never_reaches_farther() {
        for block in TableBlock::ALL {
            for depth in Depth::ALL {
                let span = |snow, width| {
                    let loads = table_loads(block, Pressure::psf(snow), Length::feet(width));
                    table_cell(depth, 2, &loads).span
                };
                assert!(span(50.0, 24) <= span(30.0, 24) && span(30.0, 36) <= span(30.0, 24));
            }
        }
    }
}
