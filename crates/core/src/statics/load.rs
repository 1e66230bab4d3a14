//! # Loads on a beam
//!
//! **What it does.** A load's resultant, its intensity, and its Macaulay integrals: shear, moment, slope and deflection
//! it causes at any station, exactly.
//!
//! **Source.** Elementary statics; singularity functions.
//!
//! **Worked example.** 0 to 10 lb/in. over 30 in.: resultant 150 lb, at 20 in. from the thin end.

/// A largest value and where it stands.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct Extreme {
    /// The value.
    pub value: f64,
    /// Station from the left support, in.
    pub at: f64,
}

/// One load on a beam. Stations are inches from the beam's left end.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum BeamLoad {
    /// Uniform from one station to another.
    Uniform {
        /// lb/in.
        pounds_per_inch: f64,
        /// Start, in.
        from: f64,
        /// End, in.
        to: f64,
    },
    /// Growing or falling evenly from one station to another: a triangle or a trapezoid.
    Sloped {
        /// lb/in. at the start.
        at_start: f64,
        /// lb/in. at the end.
        at_end: f64,
        /// Start, in.
        from: f64,
        /// End, in.
        to: f64,
    },
    /// Concentrated at a station.
    Point {
        /// lb.
        pounds: f64,
        /// Station, in.
        at: f64,
    },
}

impl BeamLoad {
    /// The resultant, lb.
    pub fn resultant(&self) -> f64 {
        match *self {
            Self::Uniform { pounds_per_inch, from, to } => pounds_per_inch * (to - from),
            Self::Sloped { at_start, at_end, from, to } => f64::midpoint(at_start, at_end) * (to - from),
            Self::Point { pounds, .. } => pounds,
        }
    }

    /// Where the resultant acts, in.
    pub fn centroid(&self) -> f64 {
        match *self {
            Self::Uniform { from, to, .. } => f64::midpoint(from, to),
            Self::Sloped { at_start, at_end, from, to } => {
                let sum = at_start + at_end;
                if sum > 0.0 { from + (to - from) * (at_start + 2.0 * at_end) / (3.0 * sum) } else { from }
            }
            Self::Point { at, .. } => at,
        }
    }

    /// Where the load starts and ends.
    pub fn stations(&self) -> [f64; 2] {
        match *self {
            Self::Uniform { from, to, .. } | Self::Sloped { from, to, .. } => [from, to],
            Self::Point { at, .. } => [at, at],
        }
    }

    /// lb/in. at a station.
    pub fn intensity(&self, x: f64) -> f64 {
        match *self {
            Self::Uniform { pounds_per_inch, from, to } if from < x && x < to => pounds_per_inch,
            Self::Sloped { at_start, from, to, .. } if from < x && x < to => {
                at_start + self.intensity_slope(x) * (x - from)
            }
            _ => 0.0,
        }
    }

    /// How fast the intensity grows at a station, lb/in. per in.
    pub fn intensity_slope(&self, x: f64) -> f64 {
        match *self {
            Self::Sloped { at_start, at_end, from, to } if from < x && x < to => (at_end - at_start) / (to - from),
            _ => 0.0,
        }
    }

    /// The part of it between two stations, lb; a point load counts where it lies strictly between.
    pub fn resultant_between(&self, low: f64, high: f64) -> f64 {
        match *self {
            Self::Point { pounds, at } => {
                if low < at && at < high {
                    pounds
                } else {
                    0.0
                }
            }
            _ => self.integrated(1, high) - self.integrated(1, low),
        }
    }

    /// The same load over part of its length only; `None` where nothing of it is left.
    pub fn clipped(&self, low: f64, high: f64) -> Option<Self> {
        match *self {
            Self::Point { at, .. } => (low <= at && at < high).then_some(*self),
            Self::Uniform { pounds_per_inch, from, to } => {
                let (from, to) = (from.max(low), to.min(high));
                (from < to).then_some(Self::Uniform { pounds_per_inch, from, to })
            }
            Self::Sloped { at_start, at_end, from, to } => {
                let grade = (at_end - at_start) / (to - from);
                let (start, end) = (from.max(low), to.min(high));
                (start < end).then_some(Self::Sloped {
                    at_start: at_start + grade * (start - from),
                    at_end: at_start + grade * (end - from),
                    from: start,
                    to: end,
                })
            }
        }
    }

    /// The same load, so many times as heavy.
    #[must_use]
    pub fn times(&self, factor: f64) -> Self {
        let mut load = *self;
        match &mut load {
            Self::Uniform { pounds_per_inch, .. } => *pounds_per_inch *= factor,
            Self::Sloped { at_start, at_end, .. } => {
                *at_start *= factor;
                *at_end *= factor;
            }
            Self::Point { pounds, .. } => *pounds *= factor,
        }
        load
    }

    /// ∫ of the load `order` times up to `x` (Macaulay): 1 shear, 2 moment, 3 slope·EI, 4 deflection·EI.
    pub fn integrated(&self, order: i32, x: f64) -> f64 {
        match *self {
            Self::Uniform { pounds_per_inch, from, to } => {
                pounds_per_inch * (past(x, from, order) - past(x, to, order))
            }
            Self::Sloped { at_start, at_end, from, to } => {
                let grade = (at_end - at_start) / (to - from);
                at_start * past(x, from, order) - at_end * past(x, to, order)
                    + grade * (past(x, from, order + 1) - past(x, to, order + 1))
            }
            Self::Point { pounds, at } if order == 1 => {
                if at < x {
                    pounds
                } else {
                    0.0
                }
            }
            Self::Point { pounds, at } => pounds * past(x, at, order - 1),
        }
    }
}

/// ⟨x − start⟩ to a power up to the fifth, over the power's factorial. Multiplied out: this is the innermost loop.
pub(super) fn past(x: f64, start: f64, power: i32) -> f64 {
    let d = (x - start).max(0.0);
    match power {
        1 => d,
        2 => d * d / 2.0,
        3 => d * d * d / 6.0,
        4 => (d * d) * (d * d) / 24.0,
        5 => (d * d) * (d * d) * d / 120.0,
        _ => d.powi(power),
    }
}

/// Offsets at which a shear, under a load that starts with `intensity` and grows by `slope`, is zero:
/// V − w·s − k·s²/2 = 0.
pub(super) fn shear_zeros(shear: f64, intensity: f64, slope: f64) -> impl Iterator<Item = f64> {
    let roots = if (slope * shear).abs() <= 1e-12 * intensity * intensity {
        [Some(shear / intensity), None]
    } else {
        let inside = intensity * intensity + 2.0 * slope * shear;
        if inside < 0.0 {
            [None, None]
        } else {
            // The stable form of the two roots of a quadratic.
            let q = -0.5 * (intensity + intensity.signum() * inside.sqrt());
            [Some(q / (slope / 2.0)), Some(-shear / q)]
        }
    };
    roots.into_iter().flatten().filter(|root| root.is_finite())
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_triangle_has_its_resultant_at_two_thirds() {
        let triangle = BeamLoad::Sloped { at_start: 0.0, at_end: 10.0, from: 0.0, to: 30.0 };
        assert!((triangle.resultant() - 150.0).abs() < 1e-12 && (triangle.centroid() - 20.0).abs() < 1e-12);
        assert!((triangle.integrated(1, 30.0) - 150.0).abs() < 1e-9);
        assert!((triangle.integrated(2, 30.0) - 150.0 * 10.0).abs() < 1e-9);
    }

    #[test]
    fn a_load_is_the_sum_of_its_parts() {
        for load in [
            BeamLoad::Uniform { pounds_per_inch: 4.0, from: 3.0, to: 47.0 },
            BeamLoad::Sloped { at_start: 2.0, at_end: 9.0, from: 3.0, to: 47.0 },
            BeamLoad::Point { pounds: 77.0, at: 20.0 },
        ] {
            let parts = [load.clipped(0.0, 20.0), load.clipped(20.0, 60.0)];
            let sum: f64 = parts.iter().flatten().map(|part| part.integrated(4, 55.0)).sum();
            assert!((sum - load.integrated(4, 55.0)).abs() < 1e-6 * sum, "{load:?}");
            assert!((load.times(2.0).resultant() - 2.0 * load.resultant()).abs() < 1e-9);
        }
    }

    #[test]
    fn shear_zeros_are_zeros() {
        for (shear, intensity, slope) in [(10.0, 2.0, 0.0), (10.0, 2.0, 0.5), (-3.0, 2.0, 0.5), (10.0, 0.0, 1.0)] {
            for s in shear_zeros(shear, intensity, slope) {
                assert!((shear - intensity * s - slope * s * s / 2.0).abs() < 1e-9);
            }
        }
        assert_eq!(shear_zeros(1.0, 0.0, 0.0).count(), 0);
    }
}
