//! Exact lengths.
//!
//! A framed wall has to add up to the sixteenth, in inches and in millimeters, so a length is a whole number of
//! nanometers: 1/64 in. is 396 875 nm and 1 mm is 1 000 000 nm, both without rounding. Reading what people write is
//! left to [`super::parse`], writing it to [`super::print`].

use std::iter::Sum;
use std::ops::{Add, AddAssign, Div, Mul, Neg, Sub, SubAssign};

/// A length, exact to the nanometer. May be negative where it is a difference.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct Length(i64);

/// Nanometers in one sixty-fourth of an inch, the finest mark the tool keeps.
pub const NANOMETERS_PER_SIXTY_FOURTH: i64 = 396_875;
/// Nanometers in one inch.
pub const NANOMETERS_PER_INCH: i64 = 64 * NANOMETERS_PER_SIXTY_FOURTH;
/// Nanometers in one millimeter.
pub const NANOMETERS_PER_MILLIMETER: i64 = 1_000_000;

impl Length {
    /// No length at all.
    pub const ZERO: Self = Self(0);

    /// From whole nanometers.
    pub const fn from_nanometers(nanometers: i64) -> Self {
        Self(nanometers)
    }

    /// From whole inches.
    pub const fn inches(inches: i64) -> Self {
        Self(inches * NANOMETERS_PER_INCH)
    }

    /// From whole feet.
    pub const fn feet(feet: i64) -> Self {
        Self::inches(12 * feet)
    }

    /// From feet and inches, as in `feet_inches(7, 6)` for 7 ft 6 in.
    pub const fn feet_inches(feet: i64, inches: i64) -> Self {
        Self::inches(12 * feet + inches)
    }

    /// From whole inches and a fraction, as in `inches_and(92, 5, 8)` for 92 5/8 in.
    /// The denominator is one that stands on a tape: 2, 4, 8, 16, 32 or 64.
    pub const fn inches_and(inches: i64, numerator: i64, denominator: i64) -> Self {
        Self(inches * NANOMETERS_PER_INCH + numerator * (NANOMETERS_PER_INCH / denominator))
    }

    /// From whole millimeters.
    pub const fn millimeters(millimeters: i64) -> Self {
        Self(millimeters * NANOMETERS_PER_MILLIMETER)
    }

    /// From decimal inches, to the nearest nanometer. For results of arithmetic and outside data only;
    /// what people type goes through [`str::parse`].
    pub fn from_decimal_inches(inches: f64) -> Self {
        Self((inches * NANOMETERS_PER_INCH as f64).round() as i64)
    }

    /// Whole nanometers.
    pub const fn nanometers(self) -> i64 {
        self.0
    }

    /// Decimal inches, for engineering arithmetic.
    pub fn to_inches(self) -> f64 {
        self.0 as f64 / NANOMETERS_PER_INCH as f64
    }

    /// Decimal millimeters, for lists.
    pub fn to_millimeters(self) -> f64 {
        self.0 as f64 / NANOMETERS_PER_MILLIMETER as f64
    }

    /// Decimal feet, for engineering arithmetic.
    pub fn to_feet(self) -> f64 {
        self.to_inches() / 12.0
    }

    /// How much of a whole it is, percent; nothing of nothing.
    pub fn percent_of(self, whole: Self) -> f64 {
        if whole == Self::ZERO { 0.0 } else { 100.0 * self.to_inches() / whole.to_inches() }
    }

    /// Without its sign.
    pub const fn abs(self) -> Self {
        Self(self.0.abs())
    }

    /// Half of it, toward zero to the nanometer.
    pub const fn half(self) -> Self {
        Self(self.0 / 2)
    }
}

impl Add for Length {
    type Output = Self;
    fn add(self, other: Self) -> Self {
        Self(self.0 + other.0)
    }
}

impl Sub for Length {
    type Output = Self;
    fn sub(self, other: Self) -> Self {
        Self(self.0 - other.0)
    }
}

impl AddAssign for Length {
    fn add_assign(&mut self, other: Self) {
        self.0 += other.0;
    }
}

impl SubAssign for Length {
    fn sub_assign(&mut self, other: Self) {
        self.0 -= other.0;
    }
}

impl Neg for Length {
    type Output = Self;
    fn neg(self) -> Self {
        Self(-self.0)
    }
}

impl Mul<i64> for Length {
    type Output = Self;
    fn mul(self, times: i64) -> Self {
        Self(self.0 * times)
    }
}

impl Div<i64> for Length {
    type Output = Self;
    fn div(self, parts: i64) -> Self {
        Self(self.0 / parts)
    }
}

impl Sum for Length {
    fn sum<I: Iterator<Item = Self>>(lengths: I) -> Self {
        lengths.fold(Self::ZERO, Add::add)
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_sixty_fourth_and_a_millimeter_are_whole_numbers() {
        assert_eq!(Length::inches(1).nanometers(), 25_400_000);
        assert_eq!(Length::inches_and(0, 1, 64).nanometers(), 396_875);
        assert_eq!(Length::millimeters(254), Length::inches(10));
    }

    #[test]
    fn eight_foot_wall_adds_up() {
        // 92 5/8 precut under three plates of 1 1/2 (common practice, no source).
        let stud = Length::inches_and(92, 5, 8);
        let plate = Length::inches_and(1, 1, 2);
        assert_eq!(stud + plate * 3, Length::inches_and(97, 1, 8));
    }
}
