//! # Simply supported span under uniform, partly uniform, sloped and point loads
//!
//! **What it does.** Reactions, shear, moment and deflection at any station, and their largest values. Within a
//! piece shear is at most quadratic, so the largest moment is found exactly where it crosses zero; the largest deflection where the
//! slope does, by safeguarded Newton steps on the exact slope (its derivative is the known moment).
//!
//! **Source.** Elementary statics; singularity functions. Checked against textbook closed forms below.
//!
//! **Limits.** Loads act downward (zero or positive) and lie within the span.
//!
//! **Worked example.** 100 lb/ft over 10 ft: w = 8.333 lb/in., R = 500 lb, M = w·L²/8 = 15 000 lb·in.

use smallvec::SmallVec;

use super::load::{BeamLoad, Extreme, shear_zeros};
use super::swept_span::{MANY_LOADS, SweptSpan};
use crate::measure::Ends;

/// A span and the loads on it.
#[derive(Clone, Copy, Debug)]
pub struct SimpleSpan<'a> {
    length: f64,
    loads: &'a [BeamLoad],
}

impl<'a> SimpleSpan<'a> {
    /// A span of `length` inches with its loads.
    pub const fn new(length: f64, loads: &'a [BeamLoad]) -> Self {
        Self { length, loads }
    }

    /// Support reactions, lb.
    pub fn reactions(&self) -> Ends<f64> {
        self.loads.iter().fold(Ends::default(), |sum: Ends<f64>, load| {
            let right = load.resultant() * load.centroid() / self.length;
            Ends { left: sum.left + load.resultant() - right, right: sum.right + right }
        })
    }

    /// Shear just right of `x`, lb; positive where the left part pushes up.
    pub fn shear(&self, x: f64) -> f64 {
        self.reactions().left - self.loads.iter().map(|load| load.integrated(1, x)).sum::<f64>()
    }

    /// Bending moment at `x`, lb·in.; sagging is positive.
    pub fn moment(&self, x: f64) -> f64 {
        self.moment_with(self.reactions().left, x)
    }

    fn moment_with(&self, left: f64, x: f64) -> f64 {
        left * x - self.loads.iter().map(|load| load.integrated(2, x)).sum::<f64>()
    }

    /// Downward deflection times E·I at `x`, lb·in.³.
    pub fn deflection_ei(&self, x: f64) -> f64 {
        let left = self.reactions().left;
        self.deflection_with(left, self.start_slope(left), x)
    }

    /// E·I·y' at the left support, from y = 0 at the right one.
    fn start_slope(&self, left: f64) -> f64 {
        let end = self.length;
        let bent: f64 = self.loads.iter().map(|load| load.integrated(4, end)).sum();
        (left * end.powi(3) / 6.0 - bent) / end
    }

    fn deflection_with(&self, left: f64, start_slope: f64, x: f64) -> f64 {
        let bent: f64 = self.loads.iter().map(|load| load.integrated(4, x)).sum();
        start_slope * x - left * x.powi(3) / 6.0 + bent
    }

    fn slope_with(&self, left: f64, start_slope: f64, x: f64) -> f64 {
        let bent: f64 = self.loads.iter().map(|load| load.integrated(3, x)).sum();
        start_slope - left * x.powi(2) / 2.0 + bent
    }

    /// Whether every load covers the whole span evenly: then the extremes stand at midspan.
    fn is_fully_uniform(&self) -> bool {
        self.loads.iter().all(|load| match *load {
            BeamLoad::Uniform { from, to, .. } => from <= 0.0 && self.length <= to,
            BeamLoad::Sloped { .. } | BeamLoad::Point { .. } => false,
        })
    }

    /// The largest moment and where it stands.
    pub fn largest_moment(&self) -> Extreme {
        let left = self.reactions().left;
        let at_station = |at: f64| Extreme { value: self.moment_with(left, at), at };
        if self.is_fully_uniform() {
            return at_station(self.length / 2.0);
        }
        if MANY_LOADS < self.loads.len() {
            return SweptSpan::of(self.length, self.loads).largest_moment(0.0);
        }
        // Going right the shear only falls: the moment is largest in the piece where it reaches zero.
        let mut breaks: SmallVec<[f64; 2 * MANY_LOADS]> = self.loads.iter().flat_map(BeamLoad::stations).collect();
        breaks.sort_unstable_by(f64::total_cmp);
        let shear_right_of = |at: f64| left - self.loads.iter().map(|load| load.integrated(1, at)).sum::<f64>();
        let falls_at = breaks.partition_point(|at| 0.0 < shear_right_of(*at));
        let mut largest = Extreme::default();
        let mut consider = |at: f64| {
            let here = at_station(at);
            if largest.value < here.value {
                largest = here;
            }
        };
        // Within a piece of constant load the shear is a straight line: its zero is exact. The breaks on both sides are looked at too:
        // rounding may put the zero into either piece.
        for index in falls_at.saturating_sub(2)..(falls_at + 1).min(breaks.len()) {
            consider(breaks[index]);
            self.shear_zero_after(breaks[index], left, &mut consider);
        }
        largest
    }

    /// Calls back where the shear crosses zero between the break at `start` and the next one.
    fn shear_zero_after(&self, start: f64, left: f64, consider: &mut impl FnMut(f64)) {
        let breaks = self.loads.iter().flat_map(BeamLoad::stations);
        let end = breaks.filter(|station| start < *station).fold(self.length, f64::min);
        let middle = f64::midpoint(start, end);
        let intensity: f64 = self.loads.iter().map(|load| load.intensity(middle)).sum();
        let slope: f64 = self.loads.iter().map(|load| load.intensity_slope(middle)).sum();
        let shear = left - self.loads.iter().map(|load| load.integrated(1, middle)).sum::<f64>();
        for offset in shear_zeros(shear, intensity, slope) {
            let zero = middle + offset;
            if start <= zero && zero <= end {
                consider(zero);
            }
        }
    }

    /// The largest deflection times E·I and where it stands.
    pub fn largest_deflection_ei(&self) -> Extreme {
        let left = self.reactions().left;
        let start_slope = self.start_slope(left);
        let at_station = |at: f64| Extreme { value: self.deflection_with(left, start_slope, at), at };
        if self.is_fully_uniform() {
            return at_station(self.length / 2.0);
        }
        // Moments are nowhere negative, so the slope only falls: one zero, kept in a bracket.
        let (mut low, mut high) = (0.0, self.length);
        let mut x = self.length / 2.0;
        for _ in 0..60 {
            let slope = self.slope_with(left, start_slope, x);
            if slope > 0.0 {
                low = x;
            } else {
                high = x;
            }
            let newton = x + slope / self.moment_with(left, x).max(f64::MIN_POSITIVE);
            let next = if low < newton && newton < high { newton } else { f64::midpoint(low, high) };
            if (next - x).abs() <= 1e-12 * self.length {
                break;
            }
            x = next;
        }
        at_station(x)
    }

    /// Largest shear by amount, at the supports or, by NDS 2018 3.4.3.1, at `depth` from them: of each spread load what lies
    /// within that distance of a support is left out; a point load at x within it counts x/d.
    pub fn largest_shear(&self, depth: Option<f64>) -> f64 {
        let Some(depth) = depth else {
            let reactions = self.reactions();
            return reactions.left.max(reactions.right);
        };
        self.reduced_shear(depth, |x| x).max(self.reduced_shear(depth, |x| self.length - x))
    }

    /// Shear at `depth` from the support that `distance` measures from.
    fn reduced_shear(&self, depth: f64, distance: impl Fn(f64) -> f64) -> f64 {
        let shear: f64 = self
            .loads
            .iter()
            .map(|load| {
                let reaction = |load: &BeamLoad| load.resultant() * (1.0 - distance(load.centroid()) / self.length);
                match load {
                    BeamLoad::Point { at, .. } => reaction(load) * (distance(*at) / depth).min(1.0),
                    // What lies within a depth of a support is left out, not held against the others: there a load would come
                    // out negative.
                    BeamLoad::Uniform { .. } | BeamLoad::Sloped { .. } => {
                        load.clipped(depth, self.length - depth).as_ref().map_or(0.0, reaction)
                    }
                }
            })
            .sum();
        shear
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::statics::testing::any_load;
    use proptest::prelude::*;

    fn uniform(pounds_per_inch: f64, length: f64) -> BeamLoad {
        BeamLoad::Uniform { pounds_per_inch, from: 0.0, to: length }
    }

    fn near(got: f64, wanted: f64) {
        assert!((got - wanted).abs() <= 1e-9 * wanted.abs().max(1.0), "got {got}, wanted {wanted}");
    }

    #[test]
    fn uniform_load_gives_the_textbook_forms() {
        let (w, length) = (100.0 / 12.0, 120.0);
        let loads = [uniform(w, length)];
        let span = SimpleSpan::new(length, &loads);
        near(span.reactions().left, w * length / 2.0);
        near(span.largest_moment().value, w * length * length / 8.0);
        near(span.largest_deflection_ei().value, 5.0 * w * length.powi(4) / 384.0);
        near(span.largest_shear(None), w * length / 2.0);
        near(span.largest_shear(Some(9.25)), w * length / 2.0 - w * 9.25);
    }

    #[test]
    fn point_load_gives_the_textbook_forms() {
        let (pounds, length) = (1000.0, 120.0);
        let middle = [BeamLoad::Point { pounds, at: 60.0 }];
        let span = SimpleSpan::new(length, &middle);
        near(span.largest_moment().value, pounds * length / 4.0);
        near(span.largest_deflection_ei().value, pounds * length.powi(3) / 48.0);
        let (a, b) = (40.0, 80.0);
        let off_center = [BeamLoad::Point { pounds, at: a }];
        let span = SimpleSpan::new(length, &off_center);
        near(span.largest_moment().value, pounds * a * b / length);
        near(span.reactions().left, pounds * b / length);
        // Largest deflection in the longer part, measured from the far support: √((L² − a²)/3), value P·a·(L² − a²)^1.5 / (9√3·L).
        let squares = length * length - a * a;
        near(span.largest_deflection_ei().at, length - (squares / 3.0).sqrt());
        near(span.largest_deflection_ei().value, pounds * a * squares.powf(1.5) / (9.0 * 3.0_f64.sqrt() * length));
    }

    #[test]
    fn load_within_a_depth_of_the_support_relieves_nothing() {
        // 10 lb/in. over the first 8 in. of 100: held against the others its shear at 10 in. would be 0.4·8 − 80 < 0.
        let point = BeamLoad::Point { pounds: 1000.0, at: 50.0 };
        let short = BeamLoad::Uniform { pounds_per_inch: 10.0, from: 0.0, to: 8.0 };
        near(SimpleSpan::new(100.0, &[point, short]).largest_shear(Some(10.0)), 500.0);
        // Over the first 20 in. half of it counts: 100 lb at 15 in.
        let longer = BeamLoad::Uniform { pounds_per_inch: 10.0, from: 0.0, to: 20.0 };
        near(SimpleSpan::new(100.0, &[longer]).largest_shear(Some(10.0)), 100.0 * 0.85);
    }

    #[test]
    fn point_load_near_the_support_counts_in_part_for_shear() {
        let loads = [BeamLoad::Point { pounds: 1000.0, at: 5.0 }];
        let span = SimpleSpan::new(100.0, &loads);
        near(span.largest_shear(Some(10.0)), 1000.0 * 0.95 * 0.5);
        near(span.largest_shear(None), 950.0);
    }

    #[test]
    fn partial_load_moment_is_where_the_shear_crosses_zero() {
        // w over 0..b on span L: R = w·b·(1 − b/2L), M = R²/2w.
        let (w, b, length) = (10.0, 40.0, 100.0);
        let loads = [BeamLoad::Uniform { pounds_per_inch: w, from: 0.0, to: b }];
        let span = SimpleSpan::new(length, &loads);
        let reaction = w * b * (1.0 - b / (2.0 * length));
        near(span.largest_moment().value, reaction * reaction / (2.0 * w));
        near(span.largest_moment().at, reaction / w);
    }

    #[test]
    fn a_triangle_gives_the_textbook_forms() {
        // w rising from 0 to w over L: R = wL/6 and wL/3; M = wL²/(9√3) at L/√3; Δ = 0.00652·wL⁴/EI.
        let (w, length) = (12.0, 100.0);
        let loads = [BeamLoad::Sloped { at_start: 0.0, at_end: w, from: 0.0, to: length }];
        let span = SimpleSpan::new(length, &loads);
        near(span.reactions().left, w * length / 6.0);
        near(span.reactions().right, w * length / 3.0);
        near(span.largest_moment().value, w * length * length / (9.0 * 3.0_f64.sqrt()));
        near(span.largest_moment().at, length / 3.0_f64.sqrt());
        assert!((span.largest_deflection_ei().value / (w * length.powi(4)) - 0.00652).abs() < 0.00001);
    }

    fn mirrored(load: BeamLoad) -> BeamLoad {
        match load {
            BeamLoad::Uniform { pounds_per_inch, from, to } => {
                BeamLoad::Uniform { pounds_per_inch, from: 120.0 - to, to: 120.0 - from }
            }
            BeamLoad::Sloped { at_start, at_end, from, to } => {
                BeamLoad::Sloped { at_start: at_end, at_end: at_start, from: 120.0 - to, to: 120.0 - from }
            }
            BeamLoad::Point { pounds, at } => BeamLoad::Point { pounds, at: 120.0 - at },
        }
    }

    proptest! {
        #[test]
        fn found_extremes_are_not_beaten_at_any_station(loads in prop::collection::vec(any_load(), 1..5)) {
            let span = SimpleSpan::new(120.0, &loads);
            let (moment, deflection) = (span.largest_moment().value, span.largest_deflection_ei().value);
            for station in 0..=480 {
                let x = f64::from(station) / 4.0;
                prop_assert!(span.moment(x) <= moment * (1.0 + 1e-9));
                prop_assert!(span.deflection_ei(x) <= deflection * (1.0 + 1e-9));
            }
        }

        #[test]
        fn many_loads_are_swept_to_the_same_moment(loads in prop::collection::vec(any_load(), 13..40)) {
            let span = SimpleSpan::new(120.0, &loads);
            let swept = span.largest_moment();
            for station in 0..=480 {
                let x = f64::from(station) / 4.0;
                prop_assert!(span.moment(x) <= swept.value * (1.0 + 1e-9));
            }
            prop_assert!((span.moment(swept.at) / swept.value - 1.0).abs() < 1e-9);
        }

        #[test]
        fn mirrored_loads_give_mirrored_results(loads in prop::collection::vec(any_load(), 1..5)) {
            let other: Vec<BeamLoad> = loads.iter().copied().map(mirrored).collect();
            let (span, mirror) = (SimpleSpan::new(120.0, &loads), SimpleSpan::new(120.0, &other));
            let close = |a: f64, b: f64| (a - b).abs() <= 1e-6 * a.abs().max(1.0);
            prop_assert!(close(span.reactions().left, mirror.reactions().right));
            prop_assert!(close(span.largest_moment().value, mirror.largest_moment().value));
            prop_assert!(close(span.largest_deflection_ei().value, mirror.largest_deflection_ei().value));
            prop_assert!(close(span.largest_shear(Some(11.25)), mirror.largest_shear(Some(11.25))));
        }

        #[test]
        fn loads_superpose(loads in prop::collection::vec(any_load(), 2..5), x in 0.0..120.0_f64) {
            let together = SimpleSpan::new(120.0, &loads);
            let apart: f64 = loads.iter().map(|load| SimpleSpan::new(120.0, std::slice::from_ref(load)).deflection_ei(x)).sum();
            prop_assert!((together.deflection_ei(x) - apart).abs() <= 1e-6 * apart.abs().max(1.0));
        }
    }
}
