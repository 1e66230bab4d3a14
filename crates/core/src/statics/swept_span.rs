//! # Simply supported span under many loads
//!
//! **What it does.** The same as the simple span, of loads that are swept from left to right once: between two stations load, shear, moment,
//! slope and deflection are polynomials whose values at the station are kept. A question is then answered by halving, however many loads
//! there are; and an even load over the whole span, such as the beam's own weight, is added to each answer, so that one sweep
//! serves every beam on the same supports.
//!
//! **Source.** Elementary statics; singularity functions. Checked against the simple span below.
//!
//! **Limits.** Loads act downward (zero or positive) and lie within the span.
//!
//! **Worked example.** 100 lb/ft over 10 ft, half of it swept and half of it added: M = w·L²/8 = 15 000 lb·in.

use super::load::{BeamLoad, Extreme, shear_zeros};
use super::piece::Piece;
use crate::measure::Ends;

/// More loads than these are swept once rather than gone through for every question. Under fewer the plain forms are quicker.
pub const MANY_LOADS: usize = 12;

/// What changes at a station of a beam.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct Change {
    /// Station from the left support, in.
    pub at: f64,
    /// A point load there, lb.
    pub pounds: f64,
    /// By how much the load's intensity jumps, lb/in.
    pub intensity: f64,
    /// By how much the slope of the intensity changes, lb/in. per in.
    pub grade: f64,
}

impl BeamLoad {
    /// What it changes at its two ends; a point load changes nothing at the second.
    pub fn changes(&self) -> [Change; 2] {
        match *self {
            Self::Point { pounds, at } => {
                [Change { at, pounds, ..Change::default() }, Change { at, ..Change::default() }]
            }
            Self::Uniform { pounds_per_inch, from, to } => [
                Change { at: from, intensity: pounds_per_inch, ..Change::default() },
                Change { at: to, intensity: -pounds_per_inch, ..Change::default() },
            ],
            Self::Sloped { at_start, at_end, from, to } => {
                let grade = (at_end - at_start) / (to - from);
                [
                    Change { at: from, intensity: at_start, grade, ..Change::default() },
                    Change { at: to, intensity: -at_end, grade: -grade, ..Change::default() },
                ]
            }
        }
    }
}

/// From one station to the next, with what lies left of it.
#[derive(Clone, Copy, Debug, Default)]
struct SpreadPiece {
    bent: Piece,
    /// Of the spread loads left of the station: their resultant, and its moment about the left support.
    spread: f64,
    spread_moment: f64,
}

impl SpreadPiece {
    fn spread(&self, s: f64) -> f64 {
        self.spread + s * (self.bent.intensity + s * self.bent.grade / 2.0)
    }

    fn spread_moment(&self, s: f64) -> f64 {
        let Piece { at, intensity, grade, .. } = self.bent;
        let here = s * (intensity + s * grade / 2.0);
        self.spread_moment + at * here + s * s * (intensity / 2.0 + s * grade / 3.0)
    }
}

/// A span whose loads were swept.
#[derive(Clone, Debug)]
pub struct SweptSpan {
    length: f64,
    pieces: Vec<SpreadPiece>,
    /// Where point loads stand, and how large they are.
    points: Vec<(f64, f64)>,
    /// What they bring to the supports.
    of_points: Ends<f64>,
    reactions: Ends<f64>,
}

impl SweptSpan {
    /// A span of `length` inches with its loads.
    pub fn of(length: f64, loads: &[BeamLoad]) -> Self {
        let mut changes: Vec<Change> = loads.iter().flat_map(BeamLoad::changes).collect();
        changes.sort_by(|a, b| a.at.total_cmp(&b.at));
        Self::new(length, changes)
    }

    /// A span of `length` inches; the changes come from left to right.
    pub fn new(length: f64, changes: impl IntoIterator<Item = Change>) -> Self {
        let mut pieces = vec![SpreadPiece::default()];
        let mut points = Vec::new();
        // Without the left reaction, which is known at the end: it makes the moment about the right support zero.
        for change in changes {
            let last = pieces[pieces.len() - 1];
            let s = change.at - last.bent.at;
            let bent = Piece {
                at: change.at,
                shear: last.bent.shear(s) - change.pounds,
                moment: last.bent.moment(s),
                slope: 0.0,
                sag: 0.0,
                intensity: last.bent.intensity + s * last.bent.grade + change.intensity,
                grade: last.bent.grade + change.grade,
            };
            let mut next = SpreadPiece { bent, spread: last.spread(s), spread_moment: last.spread_moment(s) };
            if change.pounds != 0.0 {
                points.push((change.at, change.pounds));
            }
            if s <= 0.0 {
                next.bent.at = last.bent.at;
                pieces.pop();
            }
            pieces.push(next);
        }
        let last = pieces[pieces.len() - 1].bent;
        let end = length - last.at;
        let (down, about_right) = (-last.shear(end), last.moment(end));
        let left = -about_right / length;
        let of_points = points.iter().fold(Ends::default(), |sum: Ends<f64>, (at, pounds)| Ends {
            left: sum.left + pounds * (length - at) / length,
            right: sum.right + pounds * at / length,
        });
        let mut span = Self { length, pieces, points, of_points, reactions: Ends { left, right: down - left } };
        span.lift_ends(left);
        span
    }

    /// Adds the left reaction, then slopes and deflections from left to right, and the slope at the left support that brings the
    /// deflection at the right one to zero.
    fn lift_ends(&mut self, left: f64) {
        let mut before = Piece::default();
        for (place, SpreadPiece { bent: piece, .. }) in self.pieces.iter_mut().enumerate() {
            piece.shear += left;
            piece.moment += left * piece.at;
            if 0 < place {
                let s = piece.at - before.at;
                (piece.slope, piece.sag) = (before.slope(s), before.sag(s));
            }
            before = *piece;
        }
        let start = -before.sag(self.length - before.at) / self.length;
        for SpreadPiece { bent: piece, .. } in &mut self.pieces {
            piece.slope += start;
            piece.sag += start * piece.at;
        }
    }

    /// The piece that a station lies in.
    fn piece(&self, x: f64) -> &SpreadPiece {
        let after = self.pieces.partition_point(|piece| piece.bent.at <= x);
        &self.pieces[after.saturating_sub(1)]
    }

    fn end_of(&self, place: usize) -> f64 {
        self.pieces.get(place + 1).map_or(self.length, |next| next.bent.at)
    }

    /// Support reactions with an even load of so many lb/in. added, lb.
    pub fn reactions(&self, even: f64) -> Ends<f64> {
        let half = even * self.length / 2.0;
        Ends { left: self.reactions.left + half, right: self.reactions.right + half }
    }

    /// The largest moment with an even load added, and where it stands.
    pub fn largest_moment(&self, even: f64) -> Extreme {
        let length = self.length;
        let more_shear = |x: f64| even * (length / 2.0 - x);
        let more_moment = |x: f64| even * x * (length - x) / 2.0;
        let falls_at = self.pieces.partition_point(|piece| 0.0 < piece.bent.shear + more_shear(piece.bent.at));
        let mut largest = Extreme::default();
        // Rounding may put the zero into the piece before or after.
        for place in falls_at.saturating_sub(2)..(falls_at + 1).min(self.pieces.len()) {
            let piece = &self.pieces[place].bent;
            let whole = self.end_of(place) - piece.at;
            let zeros = shear_zeros(piece.shear + more_shear(piece.at), piece.intensity + even, piece.grade);
            for s in zeros.filter(|s| 0.0 < *s && *s < whole).chain([0.0, whole]) {
                let at = piece.at + s;
                let value = piece.moment(s) + more_moment(at);
                if largest.value < value {
                    largest = Extreme { value, at };
                }
            }
        }
        largest
    }

    /// The largest deflection times E·I with an even load added, and where it stands.
    pub fn largest_deflection_ei(&self, even: f64) -> Extreme {
        let length = self.length;
        let more_slope = |x: f64| even * (length.powi(3) - x * x * (6.0 * length - 4.0 * x)) / 24.0;
        let more_moment = |x: f64| even * x * (length - x) / 2.0;
        let more_sag = |x: f64| even * x * (length.powi(3) - x * x * (2.0 * length - x)) / 24.0;
        // Moments are nowhere negative, so the slope only falls: one zero, in the piece before the first that begins with none.
        let after = self.pieces.partition_point(|piece| 0.0 < piece.bent.slope + more_slope(piece.bent.at));
        let place = after.saturating_sub(1);
        let piece = &self.pieces[place].bent;
        let (mut low, mut high) = (0.0, self.end_of(place) - piece.at);
        let mut s = high / 2.0;
        for _ in 0..60 {
            let slope = piece.slope(s) + more_slope(piece.at + s);
            if slope > 0.0 {
                low = s;
            } else {
                high = s;
            }
            let newton = s + slope / (piece.moment(s) + more_moment(piece.at + s)).max(f64::MIN_POSITIVE);
            let next = if low < newton && newton < high { newton } else { f64::midpoint(low, high) };
            if (next - s).abs() <= 1e-12 * length {
                break;
            }
            s = next;
        }
        let at = piece.at + s;
        Extreme { value: piece.sag(s) + more_sag(at), at }
    }

    /// The largest shear by amount with an even load added, at the supports or at `depth` from them as the simple span has it.
    pub fn largest_shear(&self, depth: Option<f64>, even: f64) -> f64 {
        let reactions = self.reactions(even);
        let Some(depth) = depth else { return reactions.left.max(reactions.right) };
        // What is spread within a depth of a support is left out.
        let Ends { mut left, mut right } = self.of_points;
        let (from, to) = (depth, self.length - depth);
        if from < to {
            let (first, last) = (self.piece(from), self.piece(to));
            let (s, e) = (from - first.bent.at, to - last.bent.at);
            let whole = last.spread(e) - first.spread(s) + even * (to - from);
            let about_left = last.spread_moment(e) - first.spread_moment(s) + even * (to * to - from * from) / 2.0;
            right += about_left / self.length;
            left += whole - about_left / self.length;
        }
        // A point load within a depth counts in part.
        for (at, pounds) in self.points.iter().take_while(|(at, _)| *at < depth) {
            left -= pounds * ((self.length - at) / self.length) * (1.0 - at / depth);
        }
        for (at, pounds) in self.points.iter().rev().take_while(|(at, _)| self.length - at < depth) {
            right -= pounds * (at / self.length) * (1.0 - (self.length - at) / depth);
        }
        left.max(right)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::statics::SimpleSpan;
    use crate::statics::testing::any_load;
    use proptest::prelude::*;

    #[test]
    fn worked_example() {
        let (w, length) = (50.0 / 12.0, 120.0);
        let half = SweptSpan::of(length, &[BeamLoad::Uniform { pounds_per_inch: w, from: 0.0, to: length }]);
        assert!((half.largest_moment(w).value - 15_000.0).abs() < 1e-9);
        assert!((half.reactions(w).left - 500.0).abs() < 1e-9);
    }

    /// Several at one place, and at the supports, too.
    fn any_or_heaped() -> impl Strategy<Value = BeamLoad> {
        let heaped = (1.0..5000.0_f64, prop::sample::select(vec![0.0, 30.0, 60.0, 120.0]));
        prop_oneof![any_load(), heaped.prop_map(|(pounds, at)| BeamLoad::Point { pounds, at })]
    }

    proptest! {
        #[test]
        fn all_is_as_of_the_simple_span(
            loads in prop::collection::vec(any_or_heaped(), 1..40), even in 0.0..20.0_f64, depth in 3.0..70.0_f64,
        ) {
            let length = 120.0;
            let span = SweptSpan::of(length, &loads);
            let mut all = loads;
            all.push(BeamLoad::Uniform { pounds_per_inch: even, from: 0.0, to: length });
            let simple = SimpleSpan::new(length, &all);
            let near = |what: &str, got: f64, wanted: f64| {
                prop_assert!((got - wanted).abs() <= 1e-9 * wanted.abs().max(1.0), "{what}: got {got}, wanted {wanted}");
                Ok(())
            };
            near("left", span.reactions(even).left, simple.reactions().left)?;
            near("right", span.reactions(even).right, simple.reactions().right)?;
            near("moment", span.largest_moment(even).value, simple.largest_moment().value)?;
            near("sag", span.largest_deflection_ei(even).value, simple.largest_deflection_ei().value)?;
            near("shear", span.largest_shear(None, even), simple.largest_shear(None))?;
            near("shear at depth", span.largest_shear(Some(depth), even), simple.largest_shear(Some(depth)))?;
        }
    }
}
