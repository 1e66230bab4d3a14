//! Places in plan, every length exact.
//!
//! x runs to the right and y away from the viewer; everything runs along one of them.

use crate::measure::Length;

/// Places this near each other are one place.
pub const SAME_PLACE: Length = Length::from_nanometers(25_400);
/// Supports this near each other are one, and a point this near a post stands on it.
pub const ONE_SUPPORT: Length = Length::inches(3);

/// Along which axis something runs.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Axis {
    /// To the right.
    X,
    /// Away from the viewer.
    Y,
}

impl Axis {
    /// The other one.
    #[must_use]
    pub const fn across(self) -> Self {
        match self {
            Self::X => Self::Y,
            Self::Y => Self::X,
        }
    }
}

/// A place in plan.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord)]
pub struct Spot {
    /// To the right.
    pub x: Length,
    /// Away from the viewer.
    pub y: Length,
}

impl Spot {
    /// At a place along an axis and a place across it.
    pub const fn on(axis: Axis, along: Length, across: Length) -> Self {
        match axis {
            Axis::X => Self { x: along, y: across },
            Axis::Y => Self { x: across, y: along },
        }
    }

    /// How far along an axis.
    pub const fn along(self, axis: Axis) -> Length {
        match axis {
            Axis::X => self.x,
            Axis::Y => self.y,
        }
    }
}

/// A wall, a beam or a foundation seen from above.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Line {
    /// Along which it runs.
    pub axis: Axis,
    /// Its center line on the other axis.
    pub offset: Length,
    /// Where it begins.
    pub start: Length,
    /// How long it is.
    pub length: Length,
    /// How thick.
    pub thickness: Length,
}

impl Line {
    /// Where it ends.
    pub fn end(&self) -> Length {
        self.start + self.length
    }

    /// Its spot at a place along its axis.
    pub const fn spot(&self, along: Length) -> Spot {
        Spot::on(self.axis, along, self.offset)
    }

    /// Whether a place along its axis lies on it, ends counted.
    pub fn reaches(&self, along: Length) -> bool {
        between(self.start, along, self.end())
    }

    /// Whether it runs under a whole stretch along its axis.
    pub fn runs_under(&self, from: Length, to: Length) -> bool {
        self.start - SAME_PLACE <= from && to <= self.end() + SAME_PLACE
    }

    /// Whether something at a place across it stands on its thickness.
    pub fn is_under(&self, across: Length) -> bool {
        // Twice the distance, so that half a thickness needs no rounding.
        (across - self.offset).abs() * 2 <= self.thickness + SAME_PLACE * 2
    }
}

/// A rectangle in plan.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Rectangle {
    /// The corner at the lower left.
    pub near: Spot,
    /// The corner at the upper right.
    pub far: Spot,
}

impl Rectangle {
    /// Source where to where along an axis.
    pub const fn along(&self, axis: Axis) -> (Length, Length) {
        (self.near.along(axis), self.far.along(axis))
    }
}

/// Whether a place lies between two others, both counted.
pub fn between(low: Length, place: Length, high: Length) -> bool {
    low - SAME_PLACE <= place && place <= high + SAME_PLACE
}
