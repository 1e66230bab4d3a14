//! # Rough openings
//!
//! **What it does.** The rough opening is what the unit's maker asks for; failing that, a rule for its kind.
//!
//! **Source.** Common practice, no source: door slab + 2 in. wide and + 2 1/2 in. tall; overhead doors at nominal size;
//! windows and sliding doors unit + 1/2 in. both ways; cased openings finished size + 2 in. wide and + 1 in. tall.
//!
//! **Worked example.** A 3068 door: slab 36 x 80, rough opening 38 x 82 1/2.

use crate::job::{OpeningDesign, OpeningKind, Size, WallFrame};
use crate::measure::Length;

const HALF_INCH: Length = Length::inches_and(0, 1, 2);

/// The usual head of doors, to which window heads are lined up: 82 1/2 in. above the subfloor.
pub const USUAL_HEAD: Length = Length::inches_and(82, 1, 2);

impl OpeningKind {
    /// Every kind.
    pub const ALL: [Self; 6] =
        [Self::Window, Self::Door, Self::PairOfDoors, Self::SlidingDoor, Self::OverheadDoor, Self::CasedOpening];

    /// The kind in words.
    pub const fn word(self) -> &'static str {
        match self {
            Self::Window => "window",
            Self::Door => "door",
            Self::PairOfDoors => "pair of doors",
            Self::SlidingDoor => "sliding door",
            Self::OverheadDoor => "overhead door",
            Self::CasedOpening => "cased opening",
        }
    }

    /// How much the rough opening is larger than the unit, by the rule.
    pub const fn clearance(self) -> Size {
        match self {
            Self::Window | Self::SlidingDoor => Size { width: HALF_INCH, height: HALF_INCH },
            Self::Door | Self::PairOfDoors => Size { width: Length::inches(2), height: Length::inches_and(2, 1, 2) },
            Self::OverheadDoor => Size { width: Length::ZERO, height: Length::ZERO },
            Self::CasedOpening => Size { width: Length::inches(2), height: Length::inches(1) },
        }
    }

    /// Whether it reaches the floor, so that the sole plate is cut out of it.
    pub const fn reaches_the_floor(self) -> bool {
        !matches!(self, Self::Window)
    }
}

/// The rough opening of a design.
pub fn rough_opening(design: &OpeningDesign) -> Size {
    design.rough.unwrap_or_else(|| by_rule(design.kind, design.unit))
}

/// The rough opening by the rule for its kind.
pub fn by_rule(kind: OpeningKind, unit: Size) -> Size {
    let clearance = kind.clearance();
    Size { width: unit.width + clearance.width, height: unit.height + clearance.height }
}

/// The sill an opening gets until somebody says otherwise: a window's head in line with the doors', lower where the wall
/// is low; on the floor for everything else.
pub fn usual_sill(kind: OpeningKind, rough_height: Length, wall: &WallFrame) -> Length {
    if kind.reaches_the_floor() {
        return Length::ZERO;
    }
    let head = USUAL_HEAD.min(wall.under_top_plates());
    (head - rough_height).max(Length::ZERO)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_three_foot_door_is_framed_at_thirty_eight() {
        // Common practice, no source: 36 in. slab, 38 in. rough opening.
        let slab = Size { width: Length::inches(36), height: Length::inches(80) };
        let rough = by_rule(OpeningKind::Door, slab);
        assert_eq!((rough.width, rough.height), (Length::inches(38), Length::inches_and(82, 1, 2)));
    }

    #[test]
    fn an_overhead_door_is_framed_at_nominal() {
        let door = Size { width: Length::feet(16), height: Length::feet(7) };
        assert_eq!(by_rule(OpeningKind::OverheadDoor, door), door);
    }

    #[test]
    fn window_heads_line_up_with_doors() {
        let wall = WallFrame::usual("north");
        let height = Length::inches_and(48, 1, 2);
        assert_eq!(usual_sill(OpeningKind::Window, height, &wall) + height, USUAL_HEAD);
    }
}
