//! # The code table's answer for an opening
//!
//! **What it does.** Finds the block of the header tables that an opening belongs to, and from it the span and jacks of
//! every header of the stock: from the jurisdiction's own table where one was loaded, else computed on the code tables'
//! basis. Dropped 2x8 to 2x12 headers reach 0.70 of it.
//!
//! **Source.** IRC 2021 R602.7, Tables R602.7(1) and (2) and the footnote on dropped headers, from memory.
//!
//! **Assumptions and limits.** No.2 or better 2x of four species; ground snow up to 70 psf (under 30 counts as 30); buildings
//! up to 36 ft wide (under 12 counts as 12); evenly loaded walls without posts on them. Outside: no answer, and why.
//!
//! **Worked example.** Roof and ceiling, 24 ft wide, 30 psf: 2-2x8 goes to 5'-9" computed, dropped to 4'-0".

use super::code_basis::{TableBlock, TableCell, table_cell, table_loads};
use super::jurisdiction::JurisdictionTable;
use crate::loads::{Carried, FloorUse, Framing, RoofFraming};
use crate::lumber::{Grade, HeaderBoard, HeaderSpec, SawnSize, Thickness};
use crate::measure::{Length, Pressure};

/// The narrowest and the widest building of the tables.
const WIDTHS: (Length, Length) = (Length::feet(12), Length::feet(36));
/// The least and the largest ground snow of the tables, lb/ft².
const SNOWS: (f64, f64) = (30.0, 70.0);
/// What is left of the span of a header hung below the plates.
const DROPPED: f64 = 0.70;

/// What the tables are asked.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct CodeQuestion {
    /// The block.
    pub block: TableBlock,
    /// Width of the building.
    pub width: Length,
    /// Ground snow.
    pub ground_snow: Pressure,
    /// Whether the header hangs below the plates.
    pub dropped: bool,
}

/// What the tables answer for one header.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct CodeAnswer {
    /// How far it goes.
    pub span: Length,
    /// Jacks at each end.
    pub jacks: u8,
}

impl CodeQuestion {
    /// The question for a wall, or why the tables do not know it.
    ///
    /// # Errors
    /// The reason, in a sentence.
    pub fn of(carried: &[Carried], ground_snow: Option<Pressure>, dropped: bool) -> Result<Self, String> {
        if carried.iter().any(|item| item.extent.is_some()) {
            return Err("The tables know even loads only; here a load stands on part of the wall.".into());
        }
        let (block, width) = block_of(carried)?;
        if WIDTHS.1 < width {
            return Err("The tables end at buildings 36 ft wide.".into());
        }
        let ground_snow = match (block.carries_roof(), ground_snow) {
            (true, None) => return Err("The tables go by ground snow; the job gives the roof's own.".into()),
            (true, Some(snow)) if SNOWS.1 < snow.to_psf() => {
                return Err("The tables end at 70 psf of ground snow.".into());
            }
            (_, snow) => Pressure::psf(snow.map_or(SNOWS.0, |snow| snow.to_psf().max(SNOWS.0))),
        };
        Ok(Self { block, width: width.max(WIDTHS.0), ground_snow, dropped })
    }

    /// Whether the tables shorten the header's span because it hangs: 2x8 and deeper.
    pub fn shortens(&self, header: HeaderSpec) -> bool {
        self.dropped && two_by_of_number_2(header).is_some_and(|size| size.depth.nominal() >= 8)
    }

    /// The answer for a header; `None` where the tables do not have it.
    pub fn answer(&self, header: HeaderSpec, own: Option<&JurisdictionTable>) -> Option<CodeAnswer> {
        let size = two_by_of_number_2(header)?;
        let cell = match own {
            Some(table) => table.cell(self, size.depth, header.plies)?,
            None => {
                let loads = table_loads(self.block, self.ground_snow, self.width);
                table_cell(size.depth, header.plies, &loads)
            }
        };
        let TableCell { span, jacks } = cell;
        let span = if self.shortens(header) {
            Length::from_decimal_inches((span.to_inches() * DROPPED).floor())
        } else {
            span
        };
        Some(CodeAnswer { span, jacks })
    }
}

/// The size of a 2x header whose wood the tables allow.
fn two_by_of_number_2(header: HeaderSpec) -> Option<SawnSize> {
    match header.board {
        HeaderBoard::Sawn { grade: Grade::SelectStructural | Grade::Number1 | Grade::Number2, size, .. }
            if size.thickness == Thickness::Two =>
        {
            Some(size)
        }
        _ => None,
    }
}

fn block_of(carried: &[Carried]) -> Result<(TableBlock, Length), String> {
    let mut roof_width = None;
    let mut floors = Vec::new();
    for item in carried {
        match item.framing {
            Framing::Roof(roof) => match roof.framing {
                RoofFraming::Trusses
                | RoofFraming::RaftersWithClearCeilingJoists
                | RoofFraming::RaftersWithLappedCeilingJoists => roof_width = Some(roof.building_width),
                RoofFraming::MiddleWallUnderLappedCeilingJoists
                | RoofFraming::RaftersOnRidgeBeam
                | RoofFraming::ParallelToWall => {
                    return Err("The tables know roofs that lean on both outside walls only.".into());
                }
            },
            Framing::Floor(floor) if floor.use_ == FloorUse::Deck => {
                return Err("The tables do not know decks.".into());
            }
            Framing::Floor(floor) => floors.push(floor),
            Framing::RidgePost(_) => {
                return Err("The tables know even loads only; here a post stands on the wall.".into());
            }
            Framing::Gable(_) => return Err("The tables do not know gables.".into()),
            Framing::WallAbove(_) => {}
        }
    }
    let span = |floor: &crate::loads::FloorOnWall| floor.span_one_side.max(floor.span_other_side);
    match (roof_width, floors.as_slice()) {
        (Some(width), []) => Ok((TableBlock::RoofCeiling, width)),
        (Some(width), [rest @ .., last]) if rest.len() < 2 => {
            // Joists that reach past the middle of the building span it clear.
            let center_bearing = floors.iter().all(|floor| span(floor) <= width.half());
            let block = match (rest.is_empty() && last == &floors[0], center_bearing) {
                (true, true) => TableBlock::RoofOneCenterFloor,
                (true, false) => TableBlock::RoofOneClearFloor,
                (false, true) => TableBlock::RoofTwoCenterFloors,
                (false, false) => TableBlock::RoofTwoClearFloors,
            };
            Ok((block, width))
        }
        (None, [floor]) => Ok((TableBlock::OneFloor, floor.span_one_side + floor.span_other_side)),
        (None, [lower, upper]) => {
            let width = |floor: &crate::loads::FloorOnWall| floor.span_one_side + floor.span_other_side;
            Ok((TableBlock::TwoFloors, width(lower).max(width(upper))))
        }
        _ => Err("The tables have no block for what this wall carries.".into()),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::loads::{FloorFraming, FloorOnWall, GableAbove, RoofOnWall, SnowTrouble};
    use crate::lumber::{Depth, Species};

    fn roof(width: i64) -> Carried {
        let framing = Framing::Roof(RoofOnWall {
            framing: RoofFraming::Trusses,
            building_width: Length::feet(width),
            overhang: Length::feet(2),
            rise_in_twelve: 6.0,
            bay: Length::feet(2),
            roof_dead: Pressure::psf(10.0),
            ceiling_dead: Pressure::psf(5.0),
            attic_live: Pressure::ZERO,
            snow_trouble: SnowTrouble::None,
        });
        Carried { framing, extent: None }
    }

    fn floor(span: i64) -> Carried {
        let framing = Framing::Floor(FloorOnWall {
            use_: FloorUse::Living,
            framing: FloorFraming::Simple,
            span_one_side: Length::feet(span),
            span_other_side: Length::ZERO,
            bay: Length::inches(16),
            dead: Pressure::psf(10.0),
            live: Pressure::psf(40.0),
        });
        Carried { framing, extent: None }
    }

    fn header(depth: Depth) -> HeaderSpec {
        let board =
            HeaderBoard::Sawn { species: Species::SprucePineFir, grade: Grade::Number2, size: SawnSize::two_by(depth) };
        HeaderSpec { board, plies: 2 }
    }

    fn ask(carried: &[Carried], dropped: bool) -> CodeQuestion {
        CodeQuestion::of(carried, Some(Pressure::psf(20.0)), dropped).expect("in the tables")
    }

    #[test]
    fn worked_example() {
        let span = |dropped| ask(&[roof(24)], dropped).answer(header(Depth::Eight), None).expect("a cell").span;
        assert_eq!(span(false), Length::feet_inches(5, 9));
        assert_eq!(span(true), Length::feet(4));
    }

    #[test]
    fn the_block_follows_from_the_framing() {
        let block = |carried: &[Carried]| ask(carried, false).block;
        assert_eq!(block(&[roof(24)]), TableBlock::RoofCeiling);
        assert_eq!(block(&[roof(24), floor(12)]), TableBlock::RoofOneCenterFloor);
        assert_eq!(block(&[roof(24), floor(24)]), TableBlock::RoofOneClearFloor);
        assert_eq!(block(&[roof(24), floor(12), floor(12)]), TableBlock::RoofTwoCenterFloors);
        assert_eq!(block(&[roof(24), floor(24), floor(24)]), TableBlock::RoofTwoClearFloors);
        assert_eq!(block(&[floor(14)]), TableBlock::OneFloor);
        assert_eq!(block(&[floor(14), floor(14)]), TableBlock::TwoFloors);
    }

    #[test]
    fn what_the_tables_do_not_know_has_no_answer() {
        let snow = Some(Pressure::psf(30.0));
        let gable = Framing::Gable(GableAbove { rise_in_twelve: 6.0, dead: Pressure::psf(10.0) });
        let part = Carried { extent: Some((Length::ZERO, Length::feet(3))), ..roof(24) };
        for carried in [vec![roof(40)], vec![part], vec![roof(24), Carried { framing: gable, extent: None }], vec![]] {
            assert!(CodeQuestion::of(&carried, snow, false).is_err(), "{carried:?}");
        }
        assert!(CodeQuestion::of(&[roof(24)], Some(Pressure::psf(80.0)), false).is_err());
        assert!(CodeQuestion::of(&[roof(24)], None, false).is_err());
        let four_by = HeaderBoard::Sawn {
            species: Species::DouglasFirLarch,
            grade: Grade::Number2,
            size: SawnSize { thickness: Thickness::Four, depth: Depth::Twelve },
        };
        assert_eq!(ask(&[roof(24)], false).answer(HeaderSpec { board: four_by, plies: 1 }, None), None);
    }
}
