//! # The hole of an opening
//!
//! **What it does.** Places the rough opening in the wall: doors stand on the finish floor, windows on their sill, which is in line
//! with the doors' heads until somebody says otherwise.
//!
//! **Source.** Common practice, no source: windows' heads line up with those of 3-0 x 6-8 doors.
//!
//! **Worked example.** A 3068 door on 3/4 in. of finish floor: 38 x 82 1/2, its head at 83 1/4.

use crate::job::rough_opening::rough_opening;
use crate::job::{OpeningDesign, OpeningKind, Settings, Size, WallFrame};
use crate::measure::Length;

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
    // Where plates are let down an opening says for itself that it does not fit.
    let whole = wall.height() - wall.thickness() * 2;
    let lowest = if wall.rake().is_some() { wall.lowest_under_plates(Length::ZERO, wall.length) } else { whole };
    let head = (settings.finish_floor + settings.rough.rough(OpeningKind::Door, USUAL_DOOR).height).min(lowest);
    (head - rough_height).max(Length::ZERO)
}

/// The door whose head the windows are lined up with: 3-0 x 6-8.
const USUAL_DOOR: Size = Size { width: Length::inches(36), height: Length::inches(80) };

#[cfg(test)]
mod tests {
    use super::*;

    /// The usual head of doors, 82 1/2 in. above the finish floor, by the usual rule.
    const USUAL_HEAD: Length = Length::inches_and(82, 1, 2);

    #[test]
    fn returned_sheathing_widens_it_and_the_finish_floor_lifts_it() {
        let unit = Size { width: Length::inches(216), height: Length::inches(84) };
        let mut door = OpeningDesign::usual(OpeningKind::OverheadDoor, unit);
        door.sheathing_return = Length::inches_and(0, 1, 2);
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
