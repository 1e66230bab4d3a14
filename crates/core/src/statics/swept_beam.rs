//! # Beam over several supports under many loads
//!
//! **What it does.** The same as the beam over any number of supports, solved, its loads swept from left to right once: between two stations
//! load, shear, moment, slope and deflection are polynomials whose values at the station are kept. An even load over the whole beam, such as
//! its own weight, is added to each answer, so that one sweep serves every beam on the same supports.
//!
//! **Source.** Elementary statics. Checked against the beam over any number of supports below.
//!
//! **Limits.** One E·I along the beam; supports that do not sink.
//!
//! **Worked example.** Two equal spans of 120 in. under 10 lb/in., half of it swept and half of it added: moment over the
//! middle −w·L²/8 = −18 000 lb·in.

use std::rc::Rc;

use arrayvec::ArrayVec;

use super::continuous_beam::Held;
use super::load::shear_zeros;
use super::piece::Piece;
use super::swept_span::Change;

/// A beam on its supports, with every station at which anything changes.
#[derive(Clone, Debug)]
pub struct Frame {
    length: f64,
    supports: Vec<f64>,
    stations: Vec<f64>,
    /// Under 1 lb/in. from end to end.
    even: Vec<Piece>,
}

impl Frame {
    /// A beam of `length` inches on supports; `stations` are where loads begin, end or stand, and `even` holds it under 1 lb/in. from end to end.
    pub fn new(length: f64, supports: &[f64], stations: impl IntoIterator<Item = f64>, even: &Held) -> Self {
        let mut stations: Vec<f64> =
            stations.into_iter().chain(supports.iter().copied()).chain([0.0, length]).collect();
        stations.sort_by(f64::total_cmp);
        stations.dedup();
        let mut frame = Self { length, supports: supports.to_vec(), stations, even: Vec::new() };
        let whole = Change { intensity: 1.0, ..Change::default() };
        frame.even = frame.swept([whole], even);
        frame
    }

    /// The state just right of every station, under changes from left to right.
    fn swept(&self, changes: impl IntoIterator<Item = Change>, held: &Held) -> Vec<Piece> {
        let mut changes = changes.into_iter().peekable();
        let mut supports = self.supports.iter().zip(&held.reactions).peekable();
        let mut pieces = Vec::with_capacity(self.stations.len());
        let mut last = Piece { sag: held.start.0, slope: held.start.1, ..Piece::default() };
        for at in &self.stations {
            let s = at - last.at;
            let mut next = Piece {
                at: *at,
                shear: last.shear(s),
                moment: last.moment(s),
                slope: last.slope(s),
                sag: last.sag(s),
                intensity: last.intensity + s * last.grade,
                grade: last.grade,
            };
            while let Some(change) = changes.next_if(|change| change.at <= *at) {
                next.shear -= change.pounds;
                next.intensity += change.intensity;
                next.grade += change.grade;
            }
            while let Some((_, reaction)) = supports.next_if(|(support, _)| **support <= *at) {
                next.shear += reaction;
            }
            pieces.push(next);
            last = next;
        }
        pieces
    }
}

/// A beam over several supports whose loads were swept.
#[derive(Clone, Debug)]
pub struct SweptBeam {
    frame: Rc<Frame>,
    pieces: Vec<Piece>,
}

impl SweptBeam {
    /// A beam under changes, which come from left to right; `held` is how it is held under them.
    pub fn new(frame: Rc<Frame>, changes: impl IntoIterator<Item = Change>, held: &Held) -> Self {
        let pieces = frame.swept(changes, held);
        Self { frame, pieces }
    }

    /// Every piece between two stations and its length, with an even load added.
    fn pieces(&self, even: f64, low: f64, high: f64) -> impl Iterator<Item = (Piece, f64)> {
        let stations = &self.frame.stations;
        let first = stations.partition_point(|at| *at < low);
        let after = stations.partition_point(|at| *at < high).min(stations.len() - 1);
        (first..after).map(move |place| {
            let piece = self.pieces[place].plus(even, &self.frame.even[place]);
            (piece, stations[place + 1] - piece.at)
        })
    }

    /// The largest sagging moment with an even load added, and the largest hogging one, each as a positive amount, lb·in.
    pub fn largest_by_sign(&self, even: f64) -> [f64; 2] {
        let mut largest = [0.0_f64; 2];
        let mut consider = |moment: f64| {
            largest[0] = largest[0].max(moment);
            largest[1] = largest[1].max(-moment);
        };
        for (piece, whole) in self.pieces(even, 0.0, self.frame.length) {
            consider(piece.moment);
            for s in turns(&piece, whole) {
                consider(piece.moment(s));
            }
        }
        largest
    }

    /// The largest deflection by amount times E·I between two stations with an even load added, lb·in.³.
    pub fn largest_deflection_ei(&self, even: f64, low: f64, high: f64) -> f64 {
        let mut largest = 0.0_f64;
        for (piece, whole) in self.pieces(even, low, high) {
            largest = largest.max(piece.sag.abs());
            // From turn to turn of the moment it crosses zero at most once, and between those places the slope does.
            let mut bends: ArrayVec<f64, 8> = ArrayVec::new();
            bends.push(0.0);
            let turns = turns(&piece, whole);
            for end in turns.into_iter().chain([whole]) {
                let begin = bends[bends.len() - 1];
                let zero = crossing(begin, end, |s| (piece.moment(s), piece.shear(s)));
                bends.extend(zero);
                bends.push(end);
            }
            for pair in bends.windows(2) {
                let flat = crossing(pair[0], pair[1], |s| (piece.slope(s), -piece.moment(s)));
                largest = flat.into_iter().chain([pair[1]]).map(|s| piece.sag(s).abs()).fold(largest, f64::max);
            }
        }
        largest
    }
}

/// Where a moment turns within a piece, in order.
fn turns(piece: &Piece, whole: f64) -> ArrayVec<f64, 2> {
    let mut found: ArrayVec<f64, 2> = ArrayVec::new();
    // Under an even or no load the shear is straight: it crosses zero where its ends differ in sign.
    if piece.grade == 0.0 && 0.0 < piece.shear * piece.shear(whole) {
        return found;
    }
    found.extend(shear_zeros(piece.shear, piece.intensity, piece.grade).filter(|s| 0.0 < *s && *s < whole).take(2));
    found.sort_by(f64::total_cmp);
    found
}

/// Where a function that is monotone between two places crosses zero; it gives its value and its slope.
fn crossing(begin: f64, end: f64, function: impl Fn(f64) -> (f64, f64)) -> Option<f64> {
    let (first, last) = (function(begin).0, function(end).0);
    if 0.0 <= first * last {
        return None;
    }
    let rising = first < last;
    let (mut low, mut high) = (begin, end);
    let mut s = f64::midpoint(low, high);
    for _ in 0..60 {
        let (value, slope) = function(s);
        if (value < 0.0) == rising {
            low = s;
        } else {
            high = s;
        }
        let newton = s - value / slope;
        let next = if low < newton && newton < high { newton } else { f64::midpoint(low, high) };
        if (next - s).abs() <= 1e-13 * end {
            break;
        }
        s = next;
    }
    Some(s)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::statics::testing::any_load;
    use crate::statics::{BeamLoad, ContinuousBeam, RigidSupports};
    use proptest::prelude::*;

    fn swept(length: f64, supports: &[f64], loads: &[BeamLoad]) -> SweptBeam {
        let whole = BeamLoad::Uniform { pounds_per_inch: 1.0, from: 0.0, to: length };
        let mut changes: Vec<Change> = loads.iter().flat_map(BeamLoad::changes).collect();
        changes.sort_by(|a, b| a.at.total_cmp(&b.at));
        let stations = changes.iter().map(|change| change.at);
        let rigid = RigidSupports::new(length, supports).expect("stable");
        let frame = Frame::new(length, supports, stations, &rigid.under(&[whole]));
        SweptBeam::new(Rc::new(frame), changes, &rigid.under(loads))
    }

    #[test]
    fn worked_example() {
        let half = BeamLoad::Uniform { pounds_per_inch: 5.0, from: 0.0, to: 240.0 };
        let beam = swept(240.0, &[0.0, 120.0, 240.0], &[half]);
        assert!((beam.largest_by_sign(5.0)[1] - 18_000.0).abs() < 1e-6);
    }

    proptest! {
        #[test]
        fn all_is_as_of_the_solved_beam(
            loads in prop::collection::vec(any_load(), 0..30), even in 0.0..20.0_f64,
            between in prop::collection::btree_set(2_i64..10, 0..3), first in 0.0..15.0_f64, past in 0.0..10.0_f64,
        ) {
            let length = 120.0;
            let mut supports = vec![first];
            supports.extend(between.iter().map(|place| (place * 10) as f64));
            supports.push(length - past);
            let beam = swept(length, &supports, &loads);
            let mut all = loads;
            all.push(BeamLoad::Uniform { pounds_per_inch: even, from: 0.0, to: length });
            let solved = ContinuousBeam::solve(length, &supports, &all).expect("stable");
            let [sagging, hogging] = solved.largest_by_sign().map(|extreme| extreme.value);
            let whole = sagging.max(hogging).max(1.0);
            let [swept_sagging, swept_hogging] = beam.largest_by_sign(even);
            prop_assert!((swept_sagging - sagging).abs() <= 1e-8 * whole, "{swept_sagging} {sagging}");
            prop_assert!((swept_hogging - hogging).abs() <= 1e-8 * whole, "{swept_hogging} {hogging}");
            let edges = [&[0.0], &supports[..], &[length]].concat();
            let most = solved.largest_deflection_ei(0.0, length).value.abs().max(1.0);
            for span in edges.windows(2).filter(|span| span[0] < span[1]) {
                let (got, wanted) = (beam.largest_deflection_ei(even, span[0], span[1]), solved.largest_deflection_ei(span[0], span[1]));
                prop_assert!((got - wanted.value.abs()).abs() <= 1e-7 * most, "{span:?}: {got} {wanted:?}");
            }
        }
    }
}
