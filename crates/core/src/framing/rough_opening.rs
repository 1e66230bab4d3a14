//! # Rough openings
//!
//! **What it does.** The rough opening is what the unit's maker asks for; failing that, a rule for its kind, which the job may
//! change. Sheathing that is returned into the jambs widens it by its thickness at each side. Doors stand on the finish floor.
//!
//! **Source.** Common practice, no source: door slab + 2 in. wide and + 2 1/2 in. tall; overhead doors at nominal size;
//! windows and sliding doors unit + 1/2 in. both ways; pocket doors twice the slab + 1 in. wide and + 4 1/2 in. tall; cased
//! openings finished size + 2 in. wide and + 1 in. tall.
//!
//! **Worked example.** A 3068 door: slab 36 x 80, rough opening 38 x 82 1/2. On 3/4 in. of finish floor its head is at 83 1/4.

use crate::job::{OpeningDesign, OpeningKind, Settings, Size, WallFrame};
use crate::measure::Length;

const HALF_INCH: Length = Length::inches_and(0, 1, 2);

/// The usual head of doors, 82 1/2 in. above the finish floor, by the usual rule.
#[cfg(test)]
const USUAL_HEAD: Length = Length::inches_and(82, 1, 2);

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

impl OpeningKind {
    /// Every kind.
    pub const ALL: [Self; 7] = [
        Self::Window,
        Self::Door,
        Self::PairOfDoors,
        Self::SlidingDoor,
        Self::OverheadDoor,
        Self::PocketDoor,
        Self::CasedOpening,
    ];

    /// The kind in words.
    pub const fn word(self) -> &'static str {
        match self {
            Self::Window => "window",
            Self::Door => "door",
            Self::PairOfDoors => "pair of doors",
            Self::SlidingDoor => "sliding door",
            Self::OverheadDoor => "overhead door",
            Self::PocketDoor => "pocket door",
            Self::CasedOpening => "cased opening",
        }
    }

    /// Whether it reaches the floor, so that the sole plate is cut out of it.
    pub const fn reaches_the_floor(self) -> bool {
        !matches!(self, Self::Window)
    }

    /// Whether it stands on the finish floor. An overhead door closes on the slab.
    const fn stands_on_finish_floor(self) -> bool {
        !matches!(self, Self::Window | Self::OverheadDoor)
    }
}

/// The hole in the wall: its size, and its lower edge above the subfloor.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Hole {
    /// The rough opening.
    pub size: Size,
    /// Its lower edge: the top of the sill, or of the finish floor.
    pub bottom: Length,
}

impl Hole {
    /// Its upper edge.
    pub fn head(&self) -> Length {
        self.bottom + self.size.height
    }
}

/// The rough opening of a design.
pub fn rough_opening(design: &OpeningDesign, rules: &RoughOpeningRules) -> Size {
    let rough = design.rough.unwrap_or_else(|| rules.rough(design.kind, design.unit));
    Size { width: rough.width + design.sheathing_return * 2, ..rough }
}

/// The hole of a design in a job.
pub fn hole(design: &OpeningDesign, settings: &Settings) -> Hole {
    let on_floor = design.sill == Length::ZERO && design.kind.stands_on_finish_floor();
    let bottom = if on_floor { settings.finish_floor } else { design.sill };
    Hole { size: rough_opening(design, &settings.rough), bottom }
}

/// The sill an opening gets until somebody says otherwise: a window's head in line with the doors', lower where the wall
/// is low; on the floor for everything else.
pub fn usual_sill(kind: OpeningKind, rough_height: Length, wall: &WallFrame, settings: &Settings) -> Length {
    if kind.reaches_the_floor() {
        return Length::ZERO;
    }
    let lowest = wall.lowest_under_plates(Length::ZERO, wall.length);
    let head = (settings.finish_floor + settings.rough.rough(OpeningKind::Door, USUAL_DOOR).height).min(lowest);
    (head - rough_height).max(Length::ZERO)
}

/// The door whose head the windows are lined up with: 3-0 x 6-8.
const USUAL_DOOR: Size = Size { width: Length::inches(36), height: Length::inches(80) };

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

    #[test]
    fn returned_sheathing_widens_it_and_the_finish_floor_lifts_it() {
        let unit = Size { width: Length::inches(216), height: Length::inches(84) };
        let mut door = OpeningDesign::usual(OpeningKind::OverheadDoor, unit);
        door.sheathing_return = HALF_INCH;
        let settings = Settings { finish_floor: Length::inches_and(0, 3, 4), ..Settings::default() };
        // 216 + 2 · 1/2; the overhead door closes on the slab.
        let garage = hole(&door, &settings);
        assert_eq!((garage.size.width, garage.bottom), (Length::inches(217), Length::ZERO));
        let slab = Size { width: Length::inches(36), height: Length::inches(80) };
        let inside = hole(&OpeningDesign::usual(OpeningKind::Door, slab), &settings);
        assert_eq!(inside.head(), Length::inches_and(83, 1, 4));
    }

    #[test]
    fn window_heads_line_up_with_doors() {
        let (wall, settings) = (WallFrame::usual("north"), Settings::default());
        let height = Length::inches_and(48, 1, 2);
        assert_eq!(usual_sill(OpeningKind::Window, height, &wall, &settings) + height, USUAL_HEAD);
    }
}
