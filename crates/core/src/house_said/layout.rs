//! How a house of four outside walls lies: its walls, what lies on them, lines within it and beside it.

use super::clause::{HouseMisread, Side};
use crate::house::{Axis, Line, Rectangle, RoofField, RoofFieldFraming, Spot};
use crate::job::{Job, WallFrame};
use crate::loads::{DeadLoadOn, RoofWarmth, SnowTrouble};
use crate::measure::{Length, Pressure};
use crate::say;
use crate::speech::distance;

/// Common practice, no source.
pub(super) const ROOF_OVERHANG: Length = Length::feet(2);
pub(super) const PORCH_OVERHANG: Length = Length::feet(1);
/// What a gable weighs per face: studs or its truss, sheathing, siding.
const GABLE: Pressure = Pressure::psf(12.0);
/// Between a wall and the end of a girder that posts carry.
const CLEAR_OF_WALLS: Length = Length::inches(1);

/// A frame as it is usual.
pub(super) fn usual_frame() -> WallFrame {
    WallFrame::usual("")
}

/// A roof as it is usual: 10 psf, 5 of ceiling under trusses, trusses or rafters 24 in. apart.
pub(super) const fn usual_roof(framing: RoofFieldFraming, rise_in_twelve: f64) -> RoofField {
    let trusses = matches!(framing, RoofFieldFraming::Trusses);
    RoofField {
        framing,
        rise_in_twelve,
        bay: Length::feet(2),
        overhang: ROOF_OVERHANG,
        dead: Pressure::psf(10.0),
        dead_on: DeadLoadOn::Level,
        warmth: RoofWarmth::Heated,
        ceiling_dead: if trusses { Pressure::psf(5.0) } else { Pressure::ZERO },
        attic_live: Pressure::ZERO,
        snow_trouble: SnowTrouble::None,
        gable_weight: GABLE,
    }
}

/// An outside wall of a house.
pub(super) struct OutsideWall {
    pub name: &'static str,
    pub line: Line,
    /// What lies under it, from corner to corner.
    pub under: Line,
    pub turned: bool,
}

/// The outside walls of a house: the long ones, on which joists and rafters lie, run through to the corners, the others stand between them.
/// Left and right of each are named from outside.
pub(super) fn outside_walls(wide: Length, deep: Length) -> [OutsideWall; 4] {
    let thickness = usual_frame().depth();
    let half = thickness.half();
    let front_runs_through = deep <= wide;
    let wall = |name, axis, offset, turned| {
        let (whole, through) = match axis {
            Axis::X => (wide, front_runs_through),
            Axis::Y => (deep, !front_runs_through),
        };
        let under = Line { axis, offset, start: Length::ZERO, length: whole, thickness };
        let between = Line { start: thickness, length: whole - thickness * 2, ..under };
        OutsideWall { name, line: if through { under } else { between }, under, turned }
    };
    [
        wall("Front", Axis::X, half, false),
        wall("Back", Axis::X, deep - half, true),
        wall("Left", Axis::Y, half, true),
        wall("Right", Axis::Y, wide - half, false),
    ]
}

/// How a house lies: from its near left corner, outside to outside.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) struct Layout {
    pub wide: Length,
    pub deep: Length,
}

impl Layout {
    /// Of the house that is there, by the walls of its lowest storey; `None` where it has none.
    pub fn of(job: &Job) -> Option<Self> {
        let level = job.house.levels.first()?.id;
        let mut far = Spot::default();
        for wall in &job.walls {
            let Some(place) = wall.place.filter(|place| place.level == level) else { continue };
            let ends = Spot::on(place.axis, place.start + wall.frame.length, place.offset + wall.frame.depth().half());
            far = Spot { x: far.x.max(ends.x), y: far.y.max(ends.y) };
        }
        (Length::ZERO < far.x && Length::ZERO < far.y).then_some(Self { wide: far.x, deep: far.y })
    }

    /// The way joists, rafters and trusses usually run: over the shorter side.
    pub fn across(&self) -> Axis {
        if self.deep <= self.wide { Axis::Y } else { Axis::X }
    }

    /// The other way.
    pub fn along(&self) -> Axis {
        self.across().across()
    }

    /// From outside to outside.
    pub const fn whole(&self) -> Rectangle {
        Rectangle { near: Spot { x: Length::ZERO, y: Length::ZERO }, far: Spot { x: self.wide, y: self.deep } }
    }

    /// From eave to eave, so far past the walls that carry.
    pub fn past(&self, overhang: Length) -> Rectangle {
        let across = self.across();
        let (low, high) = self.whole().along(across);
        let (start, end) = self.whole().along(self.along());
        Rectangle { near: Spot::on(across, low - overhang, start), far: Spot::on(across, high + overhang, end) }
    }

    /// A wall's line along the house, so far from its front or its left side.
    pub fn along_at(&self, at: Length) -> Result<Line, HouseMisread> {
        let thickness = usual_frame().depth();
        let (_, deep) = self.whole().along(self.across());
        let (_, long) = self.whole().along(self.along());
        if at <= thickness * 2 || deep - thickness * 2 <= at {
            return Err(HouseMisread::new(say!("house-outside", at = distance(at), most = distance(deep))));
        }
        Ok(Line { axis: self.along(), offset: at, start: thickness, length: long - thickness * 2, thickness })
    }

    /// The same, clear of the walls at both ends.
    pub fn between_walls_at(&self, at: Length) -> Result<Line, HouseMisread> {
        let line = self.along_at(at)?;
        Ok(Line { start: line.start + CLEAR_OF_WALLS, length: line.length - CLEAR_OF_WALLS * 2, ..line })
    }

    /// A deck on one side, the way its joists run, and the line of its beam.
    pub fn deck(&self, deep: Length, side: Side) -> (Rectangle, Axis, Line) {
        let (over, axis, line) = self.porch(deep, side);
        let (low, high) = over.along(axis);
        let (start, end) = over.along(axis.across());
        let (low, high) = match side {
            Side::Front | Side::Left => (low + PORCH_OVERHANG, high),
            Side::Back | Side::Right => (low, high - PORCH_OVERHANG),
        };
        (Rectangle { near: Spot::on(axis, low, start), far: Spot::on(axis, high, end) }, axis, line)
    }

    /// The roof of a porch on one side, the way it falls, and the line of its beam.
    pub fn porch(&self, deep: Length, side: Side) -> (Rectangle, Axis, Line) {
        let half = usual_frame().depth().half();
        let axis = match side {
            Side::Front | Side::Back => Axis::Y,
            Side::Left | Side::Right => Axis::X,
        };
        let (_, house) = self.whole().along(axis);
        let (_, length) = self.whole().along(axis.across());
        let (low, high, beam) = match side {
            Side::Front | Side::Left => (-(deep + PORCH_OVERHANG), half, -deep),
            Side::Back | Side::Right => (house - half, house + deep + PORCH_OVERHANG, house + deep),
        };
        let over = Rectangle { near: Spot::on(axis, low, Length::ZERO), far: Spot::on(axis, high, length) };
        let line = Line { axis: axis.across(), offset: beam, start: Length::ZERO, length, thickness: half * 2 };
        (over, axis, line)
    }
}
