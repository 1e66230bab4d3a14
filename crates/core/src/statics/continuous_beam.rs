//! # Beam over any number of supports
//!
//! **What it does.** A header that runs over middle posts, over a return to the corner, or past its last support: reactions,
//! shear, moment and deflection. The unknown reactions follow from the conditions that the beam does not sink at its
//! supports and is in balance; everything else is piecewise polynomial and exact.
//!
//! **Source.** Elementary statics; singularity functions with unknown reactions. Checked against two finite-element
//! libraries on random beams in `tests/statics_against_solvers.rs` and against textbook forms below.
//!
//! **Limits.** One E·I along the beam; supports that do not sink.
//!
//! **Worked example.** Two equal spans of 120 in. under 10 lb/in.: reactions 3/8, 10/8 and 3/8 of 1200 lb; moment over the
//! middle −w·L²/8 = −18 000 lb·in.

use smallvec::SmallVec;
use thiserror::Error;

use super::load::{BeamLoad, Extreme, past, shear_zeros};

/// Why a beam cannot be solved.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Error)]
pub enum BeamError {
    /// Fewer than two supports, or two at one place.
    #[error("A beam needs at least two supports at different places.")]
    Unstable,
}

/// A beam, solved.
#[derive(Clone, Debug)]
pub struct ContinuousBeam<'a> {
    length: f64,
    supports: SmallVec<[f64; 6]>,
    reactions: SmallVec<[f64; MOST_SUPPORTS]>,
    loads: &'a [BeamLoad],
    /// E·I·y and E·I·y' at the left end.
    start: (f64, f64),
}

impl<'a> ContinuousBeam<'a> {
    /// Solves a beam of `length` inches over supports, given from left to right.
    ///
    /// # Errors
    /// [`BeamError::Unstable`] with fewer than two supports or two in one place.
    pub fn solve(length: f64, supports: &[f64], loads: &'a [BeamLoad]) -> Result<Self, BeamError> {
        let mut rows = conditions(length, supports)?;
        rows.iter_mut().zip(right_sides(length, supports, loads)).for_each(|(row, right)| row.push(right));
        let solved = eliminate(rows, 1).ok_or(BeamError::Unstable)?;
        let Held { reactions, start } = held(length, supports.len(), |unknown| solved[unknown][0]);
        Ok(Self { length, supports: supports.into(), reactions: reactions.iter().copied().collect(), loads, start })
    }

    /// Reactions from left to right, lb; negative is uplift.
    pub fn reactions(&self) -> &[f64] {
        &self.reactions
    }

    /// Shear just right of `x`, lb.
    pub fn shear(&self, x: f64) -> f64 {
        let pushed: f64 = self.pushes().map(|(at, reaction)| if at <= x { reaction } else { 0.0 }).sum();
        pushed - self.loads.iter().map(|load| load.integrated(1, x)).sum::<f64>()
    }

    /// Bending moment at `x`, lb·in.; sagging is positive.
    pub fn moment(&self, x: f64) -> f64 {
        let pushed: f64 = self.pushes().map(|(at, reaction)| reaction * past(x, at, 1)).sum();
        pushed - self.loads.iter().map(|load| load.integrated(2, x)).sum::<f64>()
    }

    /// Downward deflection times E·I at `x`, lb·in.³.
    pub fn deflection_ei(&self, x: f64) -> f64 {
        let pushed: f64 = self.pushes().map(|(at, reaction)| reaction * past(x, at, 3)).sum();
        let bent: f64 = self.loads.iter().map(|load| load.integrated(4, x)).sum();
        self.start.0 + self.start.1 * x - pushed + bent
    }

    fn slope_ei(&self, x: f64) -> f64 {
        let pushed: f64 = self.pushes().map(|(at, reaction)| reaction * past(x, at, 2)).sum();
        let bent: f64 = self.loads.iter().map(|load| load.integrated(3, x)).sum();
        self.start.1 - pushed + bent
    }

    fn pushes(&self) -> impl Iterator<Item = (f64, f64)> {
        self.supports.iter().copied().zip(self.reactions.iter().copied())
    }

    /// Every station where a polynomial piece begins or ends, and where the shear crosses zero within one.
    fn moment_stations(&self) -> Vec<f64> {
        let loads = self.loads.iter().flat_map(BeamLoad::stations);
        let mut breaks: Vec<f64> = loads.chain(self.supports.iter().copied()).chain([0.0, self.length]).collect();
        breaks.sort_by(f64::total_cmp);
        breaks.dedup_by(|a, b| (*a - *b).abs() < 1e-9 * self.length);
        let mut stations = breaks.clone();
        for piece in breaks.windows(2) {
            let middle = f64::midpoint(piece[0], piece[1]);
            let intensity: f64 = self.loads.iter().map(|load| load.intensity(middle)).sum();
            let slope: f64 = self.loads.iter().map(|load| load.intensity_slope(middle)).sum();
            let zeros = shear_zeros(self.shear(middle), intensity, slope).map(|offset| middle + offset);
            stations.extend(zeros.filter(|zero| piece[0] < *zero && *zero < piece[1]));
        }
        stations.sort_by(f64::total_cmp);
        stations
    }

    /// The largest moment by amount, sagging or hogging, with its sign.
    pub fn largest_moment(&self) -> Extreme {
        let at = |at: f64| Extreme { value: self.moment(at), at };
        self.moment_stations().into_iter().map(at).fold(Extreme::default(), larger)
    }

    /// The largest sagging moment, and the largest hogging one, each as a positive amount; zero where there is none.
    pub fn largest_by_sign(&self) -> [Extreme; 2] {
        let stations = self.moment_stations();
        [1.0, -1.0].map(|sign| {
            let at = |at: &f64| Extreme { value: sign * self.moment(*at), at: *at };
            stations
                .iter()
                .map(at)
                .fold(Extreme::default(), |most, next| if most.value < next.value { next } else { most })
        })
    }

    /// The largest deflection times E·I by amount between two stations, with its sign.
    pub fn largest_deflection_ei(&self, low: f64, high: f64) -> Extreme {
        let mut stations = self.moment_stations();
        stations.retain(|station| low < *station && *station < high);
        let stations = [vec![low], stations, vec![high]].concat();
        // Between two of these stations the moment is monotone, so it crosses zero at most once; between those
        // crossings the slope is monotone, so it does too.
        let bends = crossings(&stations, |x| self.moment(x));
        let flats = crossings(&bends, |x| self.slope_ei(x));
        let at = |at: f64| Extreme { value: self.deflection_ei(at), at };
        flats.into_iter().map(at).fold(Extreme::default(), larger)
    }

    /// Largest shear by amount beside any support; with `depth`, by NDS 2018 3.4.3.1: spread load within that distance of
    /// a support is left out, and a point load at x within it counts x/d.
    pub fn largest_shear(&self, depth: Option<f64>) -> f64 {
        let mut largest: f64 = 0.0;
        for (index, support) in self.supports.iter().enumerate() {
            for side in [-1.0, 1.0] {
                let far = if side < 0.0 {
                    index.checked_sub(1).map_or(0.0, |before| self.supports[before])
                } else {
                    self.supports.get(index + 1).copied().unwrap_or(self.length)
                };
                let room = (far - support) * side;
                if room <= 1e-9 * self.length {
                    continue;
                }
                largest = largest.max(self.shear_beside(*support, side, depth.map_or(0.0, |depth| depth.min(room))));
            }
        }
        largest
    }

    /// Shear by amount beside a support: of each spread load what lies within `depth` of any support is left out, and a point load
    /// within it on this side counts in part.
    fn shear_beside(&self, support: f64, side: f64, depth: f64) -> f64 {
        let (low, high) = if side < 0.0 { (support - depth, support) } else { (support, support + depth) };
        let nudge = 1e-9 * self.length;
        let beside = if side < 0.0 { support - nudge } else { support };
        let mut counted: Vec<BeamLoad> = Vec::with_capacity(2 * self.loads.len());
        for load in self.loads {
            match *load {
                // Straight over the support: it presses the support and shears nothing.
                BeamLoad::Point { at, .. } if (at - support).abs() < nudge => {}
                BeamLoad::Point { at, .. } if low < at && at < high => {
                    counted.push(load.times((at - support).abs() / depth));
                }
                BeamLoad::Point { .. } => counted.push(*load),
                BeamLoad::Uniform { .. } | BeamLoad::Sloped { .. } => {
                    counted.extend(self.clear_of_supports(depth).filter_map(|(from, to)| load.clipped(from, to)));
                }
            }
        }
        // The supports are those of a beam that has been solved.
        ContinuousBeam::solve(self.length, &self.supports, &counted)
            .map_or(f64::INFINITY, |beam| beam.shear(beside).abs())
    }

    /// The stretches farther than `depth` from every support.
    fn clear_of_supports(&self, depth: f64) -> impl Iterator<Item = (f64, f64)> {
        let starts = std::iter::once(0.0).chain(self.supports.iter().map(move |support| support + depth));
        let ends = self.supports.iter().map(move |support| support - depth).chain(std::iter::once(self.length));
        starts.zip(ends).filter(|(from, to)| from < to)
    }
}

/// Two packs, two posts within an opening, and a far end at each side.
pub const MOST_SUPPORTS: usize = 6;

/// How the supports of a beam push back, and how its left end stands.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Held {
    /// Reactions from left to right, lb.
    pub reactions: SmallVec<[f64; MOST_SUPPORTS]>,
    /// E·I times deflection and slope at the left end.
    pub start: (f64, f64),
}

impl Held {
    /// Adds so many times another.
    pub fn add(&mut self, times: f64, other: &Self) {
        self.reactions.resize(other.reactions.len(), 0.0);
        self.reactions.iter_mut().zip(&other.reactions).for_each(|(sum, reaction)| *sum += times * reaction);
        self.start.0 += times * other.start.0;
        self.start.1 += times * other.start.1;
    }
}

/// A beam on its supports, solved once for whatever stands on it.
#[derive(Clone, Debug)]
pub struct RigidSupports {
    length: f64,
    supports: SmallVec<[f64; MOST_SUPPORTS]>,
    /// By unknown: what each right side brings to it.
    inverse: Vec<Vec<f64>>,
}

impl RigidSupports {
    /// A beam of `length` inches over supports, given from left to right.
    ///
    /// # Errors
    /// [`BeamError::Unstable`] with fewer than two supports or two in one place.
    pub fn new(length: f64, supports: &[f64]) -> Result<Self, BeamError> {
        let mut rows = conditions(length, supports)?;
        let unknowns = rows.len();
        for (place, row) in rows.iter_mut().enumerate() {
            row.extend((0..unknowns).map(|other| if other == place { 1.0 } else { 0.0 }));
        }
        let inverse = eliminate(rows, unknowns).ok_or(BeamError::Unstable)?;
        Ok(Self { length, supports: supports.into(), inverse })
    }

    /// The supports, in. from the left end.
    pub fn supports(&self) -> &[f64] {
        &self.supports
    }

    /// How it is held under loads.
    pub fn under(&self, loads: &[BeamLoad]) -> Held {
        let right: SmallVec<[f64; 8]> = right_sides(self.length, &self.supports, loads).collect();
        held(self.length, self.supports.len(), |unknown| {
            self.inverse[unknown].iter().zip(&right).map(|(part, right)| part * right).sum()
        })
    }
}

/// What the unknowns satisfy: the reactions, then E·I·y/L³ and E·I·y'/L² at the left end, so that all of them are pounds.
fn conditions(length: f64, supports: &[f64]) -> Result<Vec<Vec<f64>>, BeamError> {
    let count = supports.len();
    if count < 2 || supports.windows(2).any(|pair| pair[1] - pair[0] < 1e-6 * length) {
        return Err(BeamError::Unstable);
    }
    let stays = |support: &f64| {
        let mut row: Vec<f64> = supports.iter().map(|at| -past(support / length, at / length, 3)).collect();
        row.extend([1.0, support / length]);
        row
    };
    let mut rows: Vec<Vec<f64>> = supports.iter().map(stays).collect();
    rows.push([vec![1.0; count], vec![0.0, 0.0]].concat());
    let arms: Vec<f64> = supports.iter().map(|at| at / length).collect();
    rows.push([arms, vec![0.0, 0.0]].concat());
    Ok(rows)
}

/// What loads make of the conditions' right sides, in their order.
fn right_sides(length: f64, supports: &[f64], loads: &[BeamLoad]) -> impl Iterator<Item = f64> {
    let bent =
        move |support: &f64| -loads.iter().map(|load| load.integrated(4, *support)).sum::<f64>() / length.powi(3);
    let total: f64 = loads.iter().map(BeamLoad::resultant).sum();
    let turning: f64 = loads.iter().map(|load| load.resultant() * load.centroid()).sum();
    supports.iter().map(bent).chain([total, turning / length])
}

/// The unknowns as they are asked for.
fn held(length: f64, supports: usize, unknown: impl Fn(usize) -> f64) -> Held {
    let start = (unknown(supports) * length.powi(3), unknown(supports + 1) * length.powi(2));
    Held { reactions: (0..supports).map(unknown).collect(), start }
}

fn larger(a: Extreme, b: Extreme) -> Extreme {
    if a.value.abs() < b.value.abs() { b } else { a }
}

/// The stations and, between each two of them, where a function that is monotone there crosses zero.
fn crossings(stations: &[f64], function: impl Fn(f64) -> f64) -> Vec<f64> {
    let mut found = Vec::with_capacity(2 * stations.len());
    for pair in stations.windows(2) {
        found.push(pair[0]);
        let (mut low, mut high) = (pair[0], pair[1]);
        let rising = function(low) < function(high);
        if function(low) * function(high) >= 0.0 {
            continue;
        }
        for _ in 0..60 {
            let middle = f64::midpoint(low, high);
            if (function(middle) < 0.0) == rising {
                low = middle;
            } else {
                high = middle;
            }
        }
        found.push(f64::midpoint(low, high));
    }
    found.extend(stations.last());
    found
}

/// Gauss elimination with partial pivoting; each row ends in so many right sides. What each unknown is under each of them; `None` if
/// singular.
fn eliminate(mut rows: Vec<Vec<f64>>, right_sides: usize) -> Option<Vec<Vec<f64>>> {
    let count = rows.len();
    for column in 0..count {
        let pivot = (column..count).max_by(|a, b| rows[*a][column].abs().total_cmp(&rows[*b][column].abs()))?;
        if rows[pivot][column].abs() < 1e-14 {
            return None;
        }
        rows.swap(column, pivot);
        let (done, below) = rows.split_at_mut(column + 1);
        let pivot_row = &done[column];
        for row in below {
            let factor = row[column] / pivot_row[column];
            row.iter_mut().zip(pivot_row).skip(column).for_each(|(cell, pivot)| *cell -= factor * pivot);
        }
    }
    let mut solved = vec![vec![0.0; right_sides]; count];
    for row in (0..count).rev() {
        for side in 0..right_sides {
            let known: f64 = (row + 1..count).map(|column| rows[row][column] * solved[column][side]).sum();
            solved[row][side] = (rows[row][count + side] - known) / rows[row][row];
        }
    }
    Some(solved)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::statics::SimpleSpan;
    use proptest::prelude::*;

    fn near(got: f64, wanted: f64) {
        assert!((got - wanted).abs() <= 1e-9 * wanted.abs().max(1.0), "got {got}, wanted {wanted}");
    }

    #[test]
    fn two_equal_spans_share_three_ten_three_eighths() {
        let (w, span) = (10.0, 120.0);
        let loads = [BeamLoad::Uniform { pounds_per_inch: w, from: 0.0, to: 2.0 * span }];
        let beam = ContinuousBeam::solve(2.0 * span, &[0.0, span, 2.0 * span], &loads).expect("stable");
        for (reaction, eighths) in beam.reactions().iter().zip([3.0, 10.0, 3.0]) {
            near(*reaction, eighths / 8.0 * w * span);
        }
        near(beam.largest_moment().value, -w * span * span / 8.0);
        near(beam.largest_shear(None), 5.0 / 8.0 * w * span);
        // Textbook: w·L⁴/185 to three figures.
        let sag = beam.largest_deflection_ei(0.0, span);
        assert!((sag.value / (w * span.powi(4) / 185.0) - 1.0).abs() < 0.002, "{sag:?}");
        near(sag.at, span * (1.0 + 33.0_f64.sqrt()) / 16.0);
    }

    #[test]
    fn an_overhang_hogs_and_lifts_the_far_end() {
        let loads = [BeamLoad::Point { pounds: 100.0, at: 150.0 }];
        let beam = ContinuousBeam::solve(150.0, &[0.0, 120.0], &loads).expect("stable");
        near(beam.reactions()[0], -25.0);
        near(beam.reactions()[1], 125.0);
        near(beam.largest_moment().value, -3000.0);
        // Tip: P·a²·(L + a)/3.
        near(beam.deflection_ei(150.0), 100.0 * 900.0 * 150.0 / 3.0);
        near(beam.largest_deflection_ei(120.0, 150.0).value, 100.0 * 900.0 * 150.0 / 3.0);
    }

    #[test]
    fn a_load_straight_over_a_support_shears_nothing() {
        let loads = [BeamLoad::Point { pounds: 1000.0, at: 60.0 }];
        let beam = ContinuousBeam::solve(120.0, &[0.0, 60.0, 120.0], &loads).expect("stable");
        near(beam.reactions()[1], 1000.0);
        assert!(beam.largest_shear(Some(9.25)) < 1e-6 && beam.largest_shear(None) < 1e-6);
    }

    #[test]
    fn supports_in_one_place_are_refused() {
        assert_eq!(ContinuousBeam::solve(10.0, &[5.0, 5.0], &[]).map(|_| ()), Err(BeamError::Unstable));
        assert_eq!(ContinuousBeam::solve(10.0, &[5.0], &[]).map(|_| ()), Err(BeamError::Unstable));
    }

    proptest! {
        #[test]
        fn on_two_supports_it_is_the_simple_span(
            weight in 1.0..50.0_f64, from in 0.0..60.0_f64, to in 61.0..120.0_f64, pounds in 1.0..5000.0_f64,
            at in 1.0..119.0_f64, end in 0.0..80.0_f64,
        ) {
            let loads = [
                BeamLoad::Uniform { pounds_per_inch: weight, from, to },
                BeamLoad::Point { pounds, at },
                BeamLoad::Sloped { at_start: weight, at_end: end, from: 10.0, to: 100.0 },
            ];
            let simple = SimpleSpan::new(120.0, &loads);
            let beam = ContinuousBeam::solve(120.0, &[0.0, 120.0], &loads).expect("stable");
            let close = |a: f64, b: f64| (a - b).abs() <= 1e-7 * b.abs().max(1.0);
            prop_assert!(close(beam.reactions()[0], simple.reactions().left));
            prop_assert!(close(beam.largest_moment().value, simple.largest_moment().value));
            prop_assert!(close(beam.largest_deflection_ei(0.0, 120.0).value, simple.largest_deflection_ei().value));
            prop_assert!(close(beam.largest_shear(None), simple.largest_shear(None)));
            prop_assert!(close(beam.largest_shear(Some(11.25)), simple.largest_shear(Some(11.25))));
        }

        #[test]
        fn mirrored_beams_have_mirrored_reactions(
            post in 30.0..90.0_f64, pounds in 1.0..5000.0_f64, at in 0.0..150.0_f64, weight in 0.0..60.0_f64,
        ) {
            let loads = [BeamLoad::Point { pounds, at }, BeamLoad::Uniform { pounds_per_inch: weight, from: 0.0, to: 70.0 }];
            let mirror = [
                BeamLoad::Point { pounds, at: 150.0 - at },
                BeamLoad::Uniform { pounds_per_inch: weight, from: 80.0, to: 150.0 },
            ];
            let beam = ContinuousBeam::solve(150.0, &[0.0, post, 120.0], &loads).expect("stable");
            let other = ContinuousBeam::solve(150.0, &[30.0, 150.0 - post, 150.0], &mirror).expect("stable");
            for (a, b) in beam.reactions().iter().zip(other.reactions().iter().rev()) {
                prop_assert!((a - b).abs() <= 1e-6 * pounds.max(weight * 70.0));
            }
        }
    }
}
