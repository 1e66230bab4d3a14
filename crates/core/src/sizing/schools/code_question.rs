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
use crate::measure::{Length, Pressure};

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
fn other_than_the_basis(carried: &[Carried], basis: &Basis) -> Option<&'static str> {
    let partly = |item: &Carried| item.extent.is_some_and(|(from, to)| basis.covers.0 < from || to < basis.covers.1);
    let of_item = |item: &Carried| match item.framing {
        _ if partly(item) => Some("a load on part of the opening"),
        _ if item.on_tail => Some("something that stands on a floor's tail"),
        Framing::Roof(roof) if ROOF_DEAD < roof.roof_dead.to_psf() + roof.ceiling_dead.to_psf() => {
            Some("roof and ceiling heavier than 20 psf")
        }
        Framing::Roof(roof) if roof.dead_on == DeadLoadOn::Slope => Some("roof dead load on the slope"),
        Framing::Roof(roof) if OVERHANG < roof.overhang => Some("an overhang of more than 2 ft"),
        Framing::Roof(roof) if NO_STORAGE < roof.attic_live.to_psf() => Some("an attic with storage"),
        Framing::Floor(floor)
            if FLOOR.0 < floor.dead.to_psf()
                || FLOOR.1 < floor.live.to_psf()
                || floor.framing == FloorFraming::CantileveredPastThisWall
                || floor.framing == FloorFraming::ContinuousOverThisWall =>
        {
            Some("a floor other than simple joists of 10 and 40 psf")
        }
        Framing::WallAbove(wall) if WALL_ABOVE < wall.dead.to_psf() * wall.height.to_feet() => {
            Some("a wall above heavier than 121 lb/ft")
        }
        Framing::WallAbove(WallAbove { openings: OpeningsAbove::At(_), .. }) => Some("a wall above with openings"),
        _ => None,
    };
    if basis.posts {
        return Some("a post on this header");
    }
    if !basis.simple {
        return Some("a header that runs past its packs or over posts");
    }
    if !basis.dry {
        return Some("a wet place");
    }
    if LONGEST_STUDS < basis.studs {
        return Some("a wall over 10 ft high");
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
    ) -> Result<Self, String> {
        if let Some(what) = other_than_the_basis(carried, basis) {
            return Err(format!("No answer: other than the table's basis, {what}."));
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
        Ok(Self { block, width: width.max(WIDTHS.0), ground_snow, dropped, flat_plate: false })
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
                | RoofFraming::RaftersFromLedger
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
