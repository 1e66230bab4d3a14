//! Lengths, pressures, forces: what is measured, and how it is read and written.

pub mod length;
pub mod money;
pub mod parse;
pub mod print;
pub mod quantities;
pub mod range;
pub mod unit;

pub use length::Length;
pub use money::Cents;
pub use parse::LengthError;
pub use print::LengthStyle;
pub use quantities::{Force, LineLoad, Money, Pressure, Stress};
pub use range::Range;
pub use unit::{Unit, significant};

/// One value for the left end of something and one for the right.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct Ends<T> {
    /// At the left end, seen from the side the wall is drawn from.
    pub left: T,
    /// At the right end.
    pub right: T,
}

impl<T> Ends<T> {
    /// The same at both ends.
    pub fn both(value: T) -> Self
    where
        T: Clone,
    {
        Self { left: value.clone(), right: value }
    }

    /// Both ends, changed alike.
    pub fn map<U>(self, change: impl Fn(T) -> U) -> Ends<U> {
        Ends { left: change(self.left), right: change(self.right) }
    }

    /// The value at one end.
    pub fn at(&self, end: End) -> &T {
        match end {
            End::Left => &self.left,
            End::Right => &self.right,
        }
    }

    /// The value at one end, to change it.
    pub fn at_mut(&mut self, end: End) -> &mut T {
        match end {
            End::Left => &mut self.left,
            End::Right => &mut self.right,
        }
    }
}

/// Which end of an opening, a header or a wall.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum End {
    /// The left end.
    Left,
    /// The right end.
    Right,
}

impl End {
    /// Left, then right.
    pub const BOTH: [End; 2] = [End::Left, End::Right];

    /// The end across.
    #[must_use]
    pub const fn other(self) -> Self {
        match self {
            End::Left => End::Right,
            End::Right => End::Left,
        }
    }

    /// `left` or `right`.
    pub const fn word(self) -> &'static str {
        match self {
            End::Left => "left",
            End::Right => "right",
        }
    }
}
