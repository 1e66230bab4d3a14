//! Money, in whole cents.

use std::iter::Sum;
use std::ops::{Add, AddAssign, Mul, Sub};

/// An amount of money, exact to the cent. May be negative where it is a difference.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct Cents(pub i64);

impl Cents {
    /// No money at all.
    pub const ZERO: Self = Self(0);
}

impl Add for Cents {
    type Output = Self;
    fn add(self, other: Self) -> Self {
        Self(self.0 + other.0)
    }
}

impl Sub for Cents {
    type Output = Self;
    fn sub(self, other: Self) -> Self {
        Self(self.0 - other.0)
    }
}

impl AddAssign for Cents {
    fn add_assign(&mut self, other: Self) {
        self.0 += other.0;
    }
}

impl Mul<u32> for Cents {
    type Output = Self;
    fn mul(self, count: u32) -> Self {
        Self(self.0 * i64::from(count))
    }
}

impl Sum for Cents {
    fn sum<I: Iterator<Item = Self>>(amounts: I) -> Self {
        amounts.fold(Self::ZERO, Add::add)
    }
}
