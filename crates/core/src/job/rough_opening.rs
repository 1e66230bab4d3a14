//! # Rough openings
//!
//! **What it does.** The rough opening is what the unit's maker asks for; failing that, a rule for its kind, which the job may
//! change. Sheathing that is returned into the jambs widens it by its thickness at each side.
//!
//! **Source.** Common practice, no source: door slab + 2 in. wide and + 2 1/2 in. tall; overhead doors at nominal size;
//! windows and sliding doors unit + 1/2 in. both ways; pocket doors twice the slab + 1 in. wide and + 4 1/2 in. tall; cased
//! openings finished size + 2 in. wide and + 1 in. tall.
//!
//! **Worked example.** A 3068 door: slab 36 x 80, rough opening 38 x 82 1/2.

use super::opening::{OpeningDesign, OpeningKind, Size};
use crate::measure::Length;

const HALF_INCH: Length = Length::inches_and(0, 1, 2);

/// How much larger a rough opening is than its unit, by kind.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct RoughOpeningRules {
    /// Windows.
    pub window: Size,
    /// Single doors.
    pub door: Size,
    /// Pairs of doors.
    pub pair_of_doors: Size,
    /// Sliding doors.
    pub sliding_door: Size,
    /// Overhead doors.
    pub overhead_door: Size,
    /// Pocket doors, over twice the slab's width.
    pub pocket_door: Size,
    /// Cased openings.
    pub cased_opening: Size,
}

impl Default for RoughOpeningRules {
    fn default() -> Self {
        let half = Size { width: HALF_INCH, height: HALF_INCH };
        let door = Size { width: Length::inches(2), height: Length::inches_and(2, 1, 2) };
        Self {
            window: half,
            door,
            pair_of_doors: door,
            sliding_door: half,
            overhead_door: Size { width: Length::ZERO, height: Length::ZERO },
            pocket_door: Size { width: Length::inches(1), height: Length::inches_and(4, 1, 2) },
            cased_opening: Size { width: Length::inches(2), height: Length::inches(1) },
        }
    }
}

impl RoughOpeningRules {
    /// The rule for a kind.
    pub const fn of(&self, kind: OpeningKind) -> Size {
        match kind {
            OpeningKind::Window => self.window,
            OpeningKind::Door => self.door,
            OpeningKind::PairOfDoors => self.pair_of_doors,
            OpeningKind::SlidingDoor => self.sliding_door,
            OpeningKind::OverheadDoor => self.overhead_door,
            OpeningKind::PocketDoor => self.pocket_door,
            OpeningKind::CasedOpening => self.cased_opening,
        }
    }

    /// The rough opening of a unit by the rule for its kind.
    pub fn rough(&self, kind: OpeningKind, unit: Size) -> Size {
        let more = self.of(kind);
        // The slab and the pocket it slides into.
        let slabs = if kind == OpeningKind::PocketDoor { 2 } else { 1 };
        Size { width: unit.width * slabs + more.width, height: unit.height + more.height }
    }
}

/// The rough opening of a design.
pub fn rough_opening(design: &OpeningDesign, rules: &RoughOpeningRules) -> Size {
    let rough = design.rough.unwrap_or_else(|| rules.rough(design.kind, design.unit));
    Size { width: rough.width + design.sheathing_return * 2, ..rough }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn rough(kind: OpeningKind, width: i64, height: i64) -> (f64, f64) {
        let unit = Size { width: Length::inches(width), height: Length::inches(height) };
        let rough = RoughOpeningRules::default().rough(kind, unit);
        (rough.width.to_inches(), rough.height.to_inches())
    }

    #[test]
    fn by_the_rules_of_thumb() {
        // Common practice, no source: 36 in. slab, 38 in. rough opening; overhead doors at nominal; a 30 in. pocket door
        // in 61 x 84 1/2.
        assert_eq!(rough(OpeningKind::Door, 36, 80), (38.0, 82.5));
        assert_eq!(rough(OpeningKind::OverheadDoor, 192, 84), (192.0, 84.0));
        assert_eq!(rough(OpeningKind::PocketDoor, 30, 80), (61.0, 84.5));
    }

    #[test]
    fn a_job_may_have_its_own_rule() {
        // Common practice, no source: some frame a 32 in. slab at 33 3/4.
        let tight = Size { width: Length::inches_and(1, 3, 4), height: Length::inches(2) };
        let rules = RoughOpeningRules { door: tight, ..RoughOpeningRules::default() };
        let slab = Size { width: Length::inches(32), height: Length::inches(80) };
        assert_eq!(rules.rough(OpeningKind::Door, slab).width, Length::inches_and(33, 3, 4));
    }
}
