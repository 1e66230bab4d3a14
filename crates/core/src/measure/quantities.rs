//! Engineering quantities, one type each, named by unit where they are made and read.

use std::iter::Sum;
use std::ops::{Add, Mul, Sub};

macro_rules! quantity {
    ($(#[$doc:meta])* $name:ident, $unit:ident, $reader:ident, $symbol:literal) => {
        $(#[$doc])*
        #[derive(Clone, Copy, Debug, Default, PartialEq, PartialOrd)]
        pub struct $name(f64);

        impl $name {
            #[doc = concat!("None of it.")]
            pub const ZERO: Self = Self(0.0);

            #[doc = concat!("From a number of ", $symbol, ".")]
            pub const fn $unit(value: f64) -> Self {
                Self(value)
            }

            #[doc = concat!("As a number of ", $symbol, ".")]
            pub const fn $reader(self) -> f64 {
                self.0
            }
        }

        impl Add for $name {
            type Output = Self;
            fn add(self, other: Self) -> Self {
                Self(self.0 + other.0)
            }
        }

        impl Sub for $name {
            type Output = Self;
            fn sub(self, other: Self) -> Self {
                Self(self.0 - other.0)
            }
        }

        impl Mul<f64> for $name {
            type Output = Self;
            fn mul(self, factor: f64) -> Self {
                Self(self.0 * factor)
            }
        }

        impl Sum for $name {
            fn sum<I: Iterator<Item = Self>>(items: I) -> Self {
                items.fold(Self::ZERO, Add::add)
            }
        }
    };
}

quantity!(
    /// A load on an area: roof, floor, wall face, wind.
    Pressure, psf, to_psf, "lb/ft²"
);
quantity!(
    /// A load along a wall.
    LineLoad, plf, to_plf, "lb/ft"
);
quantity!(
    /// A force: a reaction or a point load.
    Force, lbf, to_lbf, "lb"
);
quantity!(
    /// A stress or a modulus of elasticity.
    Stress, psi, to_psi, "psi"
);
quantity!(
    /// Money, in whole or part cents; the currency is the job's.
    Money, cents, to_cents, "cents"
);

impl LineLoad {
    /// As pounds per inch, the unit of the beam arithmetic.
    pub fn to_pounds_per_inch(self) -> f64 {
        self.0 / 12.0
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_foot_of_load_is_twelve_inches_of_it() {
        assert!((LineLoad::plf(120.0).to_pounds_per_inch() - 10.0).abs() < 1e-12);
        assert_eq!([Force::lbf(1.0), Force::lbf(2.5)].into_iter().sum::<Force>(), Force::lbf(3.5));
    }
}
