//! # What the code's tables are asked
//!
//! **What it does.** Finds the block of the header tables that an opening belongs to, its width and its snow; or says what of the opening
//! is other than the tables' basis, for which they have no answer.
//!
//! **Source.** IRC 2021 R602.7, Tables R602.7(1) and (2) and their footnotes, from memory.
//!
//! **Assumptions and limits.** Ground snow up to 70 psf (under 30 counts as 30); buildings up to 36 ft wide (under 12 counts as 12); evenly
//! loaded walls without posts on them, roofs to 20 psf dead and 2 ft of overhang, floors of 10 and 40 psf, walls above to 121 lb/ft.
//!
//! **Worked example.** Trusses over 24 ft, ground snow 20: the block of roof and ceiling, 24 ft, 30 psf.

use super::code_basis::TableBlock;
use crate::loads::{Carried, DeadLoadOn, FloorFraming, FloorUse, Framing, OpeningsAbove, RoofFraming, WallAbove};
use crate::measure::{Length, LineLoad, Pressure};
use crate::say;
use crate::speech::{Phrase, distance};

/// The narrowest and the widest building of the tables.
const WIDTHS: (Length, Length) = (Length::feet(12), Length::feet(36));
/// The least and the largest ground snow of the tables, lb/ft².
const SNOWS: (f64, f64) = (30.0, 70.0);
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
    /// Whether a flat plate lies under it, without which a single 2x is not in the tables.
    pub flat_plate: bool,
}

/// What of an opening the tables' basis has to hold for besides what it carries.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Basis {
    /// Whether a post stands on this header.
    pub posts: bool,
    /// Whether the header spans from pack to pack and nothing else.
    pub simple: bool,
    /// Whether it stays dry.
    pub dry: bool,
    /// Length of the wall's studs.
    pub studs: Length,
    /// The stretch of wall over the opening.
    pub covers: (Length, Length),
}

/// The tables' floors: dead and live load, lb/ft².
const FLOOR: (f64, f64) = (10.0, 40.0);
/// The tables' roof and ceiling, dead load together, lb/ft².
const ROOF_DEAD: f64 = 20.0;
/// The tables' overhang.
const OVERHANG: Length = Length::feet(2);
/// The tables' wall above, lb/ft.
const WALL_ABOVE: f64 = 121.0;
/// Attic live load without storage, lb/ft².
const NO_STORAGE: f64 = 10.0;

/// What of the opening is other than the tables' basis.
fn other_than_the_basis(carried: &[Carried], basis: &Basis) -> Option<Phrase> {
    let partly = |item: &Carried| item.extent.is_some_and(|(from, to)| basis.covers.0 < from || to < basis.covers.1);
    let of_item = |item: &Carried| match item.framing {
        _ if partly(item) => Some(say!("basis-part")),
        _ if item.on_tail => Some(say!("basis-tail")),
        Framing::Roof(roof) if ROOF_DEAD < roof.roof_dead.to_psf() + roof.ceiling_dead.to_psf() => {
            Some(say!("basis-heavy-roof", most = Pressure::psf(ROOF_DEAD)))
        }
        Framing::Roof(roof) if roof.dead_on == DeadLoadOn::Slope => Some(say!("basis-dead-on-slope")),
        Framing::Roof(roof) if OVERHANG < roof.overhang => Some(say!("basis-overhang", most = distance(OVERHANG))),
        Framing::Roof(roof) if NO_STORAGE < roof.attic_live.to_psf() => Some(say!("basis-attic-storage")),
        Framing::Floor(floor)
            if FLOOR.0 < floor.dead.to_psf()
                || FLOOR.1 < floor.live.to_psf()
                || floor.framing == FloorFraming::CantileveredPastThisWall
                || floor.framing == FloorFraming::ContinuousOverThisWall =>
        {
            Some(say!("basis-other-floor", dead = Pressure::psf(FLOOR.0), live = Pressure::psf(FLOOR.1)))
        }
        Framing::WallAbove(wall) if WALL_ABOVE < wall.dead.to_psf() * wall.height.to_feet() => {
            Some(say!("basis-heavy-wall", most = LineLoad::plf(WALL_ABOVE)))
        }
        Framing::WallAbove(WallAbove { openings: OpeningsAbove::At(_), .. }) => Some(say!("basis-wall-with-openings")),
        _ => None,
    };
    if basis.posts {
        return Some(say!("basis-post"));
    }
    if !basis.simple {
        return Some(say!("basis-runs-past"));
    }
    if !basis.dry {
        return Some(say!("basis-wet"));
    }
    if LONGEST_STUDS < basis.studs {
        return Some(say!("basis-high-wall", most = distance(LONGEST_STUDS)));
    }
    carried.iter().find_map(of_item)
}

/// The studs of the tables' tallest wall.
const LONGEST_STUDS: Length = Length::feet(10);

impl CodeQuestion {
    /// The question for an opening, or why the tables do not know it.
    ///
    /// # Errors
    /// The reason, in a sentence.
    pub fn of(
        carried: &[Carried],
        ground_snow: Option<Pressure>,
        dropped: bool,
        basis: &Basis,
    ) -> Result<Self, Phrase> {
        if let Some(what) = other_than_the_basis(carried, basis) {
            return Err(say!("table-other-basis", what));
        }
        let (block, width) = block_of(carried)?;
        if WIDTHS.1 < width {
            return Err(say!("table-ends-at-width", most = distance(WIDTHS.1)));
        }
        let ground_snow = match (block.carries_roof(), ground_snow) {
            (true, None) => return Err(say!("table-goes-by-ground-snow")),
            (true, Some(snow)) if SNOWS.1 < snow.to_psf() => {
                return Err(say!("table-ends-at-snow", most = Pressure::psf(SNOWS.1)));
            }
            (_, snow) => Pressure::psf(snow.map_or(SNOWS.0, |snow| snow.to_psf().max(SNOWS.0))),
        };
        Ok(Self { block, width: width.max(WIDTHS.0), ground_snow, dropped, flat_plate: false })
    }
}

fn block_of(carried: &[Carried]) -> Result<(TableBlock, Length), Phrase> {
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
                | RoofFraming::RaftersFromLedger
                | RoofFraming::ParallelToWall => {
                    return Err(say!("table-knows-roofs"));
                }
            },
            Framing::Floor(floor) if floor.use_ == FloorUse::Deck => {
                return Err(say!("table-no-decks"));
            }
            Framing::Floor(floor) => floors.push(floor),
            Framing::RidgePost(_) => {
                return Err(say!("table-even-loads"));
            }
            Framing::Gable(_) => return Err(say!("table-no-gables")),
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
        _ => Err(say!("table-no-block")),
    }
}
