//! Sticks that somebody sells, and what such a line may be, wherever it comes from: a yard, a file, an order.

use super::pieces::Section;
use super::sticks::StickStock;
use crate::measure::{Cents, Length};

/// A stick that is sold.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Sold {
    /// Under which name.
    pub section: Section,
    /// How long, for how much, and how many there are.
    pub stick: StickStock,
}

/// The most lines of a price list.
pub const MOST_LINES: usize = 2_000;
/// The longest name of what is sold, and of who sells it.
pub const LONGEST_NAME: usize = 80;
/// Sticks are no shorter.
pub const SHORTEST: Length = Length::inches(12);
/// Sticks are no longer.
pub const LONGEST: Length = Length::feet(100);
/// No stick costs more.
pub const DEAREST: Cents = Cents(10_000_000);

/// Whether this is a name.
pub fn is_name(name: &str) -> bool {
    !name.trim().is_empty() && name.chars().count() <= LONGEST_NAME
}

/// Whether sticks are so long.
pub fn is_length(length: Length) -> bool {
    (SHORTEST..=LONGEST).contains(&length)
}

/// Whether a stick costs so much.
pub fn is_price(price: Cents) -> bool {
    (Cents::ZERO..=DEAREST).contains(&price)
}
