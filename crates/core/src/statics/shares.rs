//! # What each support of a beam takes
//!
//! **What it does.** Shares out a load of one pound, or of one pound per foot along part of a beam, among its supports. The beam is cut
//! at every support, or runs over all of them in one piece of constant stiffness; at both ends it may run on past them.
//!
//! **Source.** Elementary statics: moments about each support; over more than two supports in one piece the three-moment equation
//! M₁·L₁ + 2·M₂·(L₁ + L₂) + M₃·L₂ = −6·A₁·a₁/L₁ − 6·A₂·b₂/L₂ (Clapeyron).
//!
//! **Limits.** One E·I; supports that do not sink. A tail may lift its far support: its share is then negative.
//!
//! **Worked example.** 1 lb/ft over two spans of 12 ft in one piece: M₂ = −12²/8 = −18 ft·lb; the ends take 6 − 18/12 = 4.5 lb, the middle
//! 6 + 6 + 2·18/12 = 15 lb.

use smallvec::SmallVec;

use crate::working::{Clause, Number, Pen, Unit};

/// How a beam goes over its supports.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Joints {
    /// Cut, or lapped, at every one of them.
    AtEverySupport,
    /// In one piece over all of them.
    None,
}

/// A load of one, places in feet.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum OneLoad {
    /// One pound.
    At(f64),
    /// One pound per foot from one place to another.
    Along(f64, f64),
}

/// What each support takes, from left to right: pounds for a pound, and for a pound per foot.
pub type Shares<N> = SmallVec<[N; 4]>;

/// Shares a load of one out among supports in feet, at least two, each to the right of the one before.
pub fn shares<P: Pen>(pen: &mut P, supports: &[f64], joints: Joints, load: OneLoad) -> Shares<P::Number> {
    let [unit, _] = load.units();
    let spans: Shares<P::Number> = supports
        .windows(2)
        .enumerate()
        .map(|(span, ends)| pen.given(symbol(Letter::Span, span), ends[1] - ends[0]))
        .collect();
    let moments = moments(pen, supports, &spans, joints, load);
    let mut shares: Shares<P::Number> = SmallVec::new();
    for support in 0..supports.len() {
        let zero = P::Number::constant(0.0);
        // From the span at each side: what stands there, by moments about its far end, and the moments over both its ends.
        let mut terms: SmallVec<[P::Number; 5]> = SmallVec::new();
        for (span, side) in [(support.checked_sub(1), 1), (Some(support), 0)] {
            let Some(span) = span.filter(|span| *span < spans.len()) else { continue };
            let (low, high) = (supports[span], supports[span + 1]);
            if let Some((weight, center)) = load.within(low, high) {
                let arm = if side == 1 { center - low } else { high - center };
                terms.push(pen.given(symbol(Letter::Weight, span), weight) * pen.given("a", arm) / spans[span].clone());
            }
            let far = if side == 1 { span } else { span + 1 };
            if let Some(moment) = turning(&moments[far], &moments[support]) {
                terms.push(moment / spans[span].clone());
            }
        }
        let first = support == 0;
        if first || support + 1 == supports.len() {
            let end = supports[support];
            let past = if first { load.within(f64::NEG_INFINITY, end) } else { load.within(end, f64::INFINITY) };
            terms.extend(past.map(|(weight, _)| pen.given("⟨symbol-tail⟩", weight)));
        }
        let share = terms.into_iter().reduce(|sum, term| sum + term).unwrap_or(zero);
        shares.push(pen.step("step-share-of-a-support", symbol(Letter::Share, support), unit, Clause::STATICS, share));
    }
    shares
}

/// The moment over a support, where there is one.
type Over<N> = Option<N>;

/// What the moments over both ends of a span add to this end, times the span: that over the far end less that over this one.
fn turning<N: Number>(far: &Over<N>, here: &Over<N>) -> Option<N> {
    match (far.clone(), here.clone()) {
        (Some(far), Some(here)) => Some(far - here),
        (Some(far), None) => Some(far),
        (None, Some(here)) => Some(N::constant(0.0) - here),
        (None, None) => None,
    }
}

/// Moments over the supports; sagging is positive.
fn moments<P: Pen>(
    pen: &mut P,
    supports: &[f64],
    spans: &[P::Number],
    joints: Joints,
    load: OneLoad,
) -> Shares<Over<P::Number>> {
    let [_, unit] = load.units();
    let count = supports.len();
    let mut over: Shares<Over<P::Number>> = SmallVec::from_elem(None, count);
    for (support, past) in
        [(0, load.within(f64::NEG_INFINITY, supports[0])), (count - 1, load.within(supports[count - 1], f64::INFINITY))]
    {
        let Some((weight, center)) = past else { continue };
        let arm = pen.given("a", (center - supports[support]).abs());
        let moment = P::Number::constant(0.0) - pen.given("⟨symbol-tail⟩", weight) * arm;
        over[support] = Some(pen.step(
            "step-moment-over-a-support",
            symbol(Letter::Moment, support),
            unit,
            Clause::STATICS,
            moment,
        ));
    }
    if joints == Joints::AtEverySupport || count < 3 {
        return over;
    }
    // One equation for each support between two others, each rid of the moment before it as it is written: what is left is
    // its own moment times `own`, and the next one's times the span after.
    let mut rid: Shares<(P::Number, P::Number)> = SmallVec::new();
    for middle in 1..count - 1 {
        let (left, right) = (&spans[middle - 1], &spans[middle]);
        let mut own = (left.clone() + right.clone()).times(2.0);
        let turned = load.turning_right(supports[middle - 1], supports[middle])
            + load.turning_left(supports[middle], supports[middle + 1]);
        let mut known = P::Number::constant(0.0) - pen.given(symbol(Letter::Turning, middle), turned);
        if let Some((own_before, known_before)) = rid.last() {
            let part = left.clone() / own_before.clone();
            own = own - part.clone() * left.clone();
            known = known - part * known_before.clone();
        } else if let Some(end) = &over[0] {
            known = known - end.clone() * left.clone();
        }
        if middle + 2 == count
            && let Some(end) = &over[count - 1]
        {
            known = known - end.clone() * right.clone();
        }
        rid.push((own, known));
    }
    for middle in (1..count - 1).rev() {
        let (own, mut known) = rid[middle - 1].clone();
        if middle + 2 < count
            && let Some(next) = &over[middle + 1]
        {
            known = known - next.clone() * spans[middle].clone();
        }
        let moment = known / own;
        over[middle] =
            Some(pen.step("step-moment-over-a-support", symbol(Letter::Moment, middle), unit, Clause::STATICS, moment));
    }
    over
}

impl OneLoad {
    /// What of it stands between two places, and the place of its center. A pound stands where it is at the support to its left,
    /// and past the last one.
    fn within(self, low: f64, high: f64) -> Option<(f64, f64)> {
        match self {
            Self::At(at) => (low <= at && at < high).then_some((1.0, at)),
            Self::Along(from, to) => {
                let (from, to) = (from.max(low), to.min(high));
                (from < to).then(|| (to - from, f64::midpoint(from, to)))
            }
        }
    }

    /// 6·A·a/L of a simple span, a to the centroid of its moments from the left end: of one pound at a it is a·(L² − a²)/L.
    fn turning_right(self, low: f64, high: f64) -> f64 {
        let span = high - low;
        let up_to = |a: f64| span * a.powi(2) / 2.0 - a.powi(4) / (4.0 * span);
        match self {
            Self::At(place) => {
                let a = (place - low).clamp(0.0, span);
                a * (span.powi(2) - a.powi(2)) / span
            }
            Self::Along(from, to) => {
                let [from, to] = [from, to].map(|place| (place - low).clamp(0.0, span));
                up_to(to) - up_to(from)
            }
        }
    }

    /// 6·A·b/L of a simple span, b to the centroid of its moments from the right end.
    fn turning_left(self, low: f64, high: f64) -> f64 {
        let mirrored = match self {
            Self::At(at) => Self::At(-at),
            Self::Along(from, to) => Self::Along(-to, -from),
        };
        mirrored.turning_right(-high, -low)
    }

    /// What a share of it is counted in, and what a moment.
    const fn units(self) -> [Unit; 2] {
        match self {
            Self::At(_) => [Unit::None, Unit::Feet],
            Self::Along(..) => [Unit::Feet, Unit::SquareFeet],
        }
    }
}

/// Symbols of what belongs to a support or to a span, counted from the left.
fn symbol(letter: Letter, place: usize) -> &'static str {
    const EACH: [[&str; 8]; 5] = [
        ["L1", "L2", "L3", "L4", "L5", "L6", "L7", "L"],
        ["w1", "w2", "w3", "w4", "w5", "w6", "w7", "w"],
        ["K1", "K2", "K3", "K4", "K5", "K6", "K7", "K"],
        ["M1", "M2", "M3", "M4", "M5", "M6", "M7", "M"],
        ["R1", "R2", "R3", "R4", "R5", "R6", "R7", "R"],
    ];
    EACH[letter as usize][place.min(7)]
}

/// What a symbol stands for.
#[derive(Clone, Copy)]
enum Letter {
    Span,
    Weight,
    Turning,
    Moment,
    Share,
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::statics::{BeamLoad, ContinuousBeam};
    use crate::working::Silent;
    use proptest::prelude::*;

    fn shared(supports: &[f64], joints: Joints, load: OneLoad) -> Vec<f64> {
        shares(&mut Silent, supports, joints, load).to_vec()
    }

    #[test]
    fn worked_example() {
        let got = shared(&[0.0, 12.0, 24.0], Joints::None, OneLoad::Along(0.0, 24.0));
        assert!([4.5, 15.0, 4.5].iter().zip(&got).all(|(want, got)| (want - got).abs() < 1e-12), "{got:?}");
        let cut = shared(&[0.0, 12.0, 24.0], Joints::AtEverySupport, OneLoad::Along(-2.0, 24.0));
        // (12 + 2)² / (2 · 12) at the tail's support.
        assert!([196.0 / 24.0, 14.0 - 196.0 / 24.0 + 6.0, 6.0].iter().zip(&cut).all(|(w, g)| (w - g).abs() < 1e-12));
    }

    #[test]
    fn a_pound_over_a_support_is_that_supports() {
        for joints in [Joints::AtEverySupport, Joints::None] {
            for (place, at) in [0.0, 5.0, 9.0, 20.0].into_iter().enumerate() {
                let got = shared(&[0.0, 5.0, 9.0, 20.0], joints, OneLoad::At(at));
                let want = |support| if support == place { 1.0 } else { 0.0 };
                assert!(got.iter().enumerate().all(|(each, got)| (got - want(each)).abs() < 1e-12), "{got:?}");
            }
        }
    }

    #[test]
    fn the_working_is_the_arithmetic() {
        let mut ink = crate::working::Ink::default();
        let written = shares(&mut ink, &[0.0, 9.0, 20.0, 31.0], Joints::None, OneLoad::Along(-2.0, 33.0));
        let silent = shared(&[0.0, 9.0, 20.0, 31.0], Joints::None, OneLoad::Along(-2.0, 33.0));
        assert!(written.iter().zip(&silent).all(|(w, s)| (w.value() - s).abs() < 1e-12));
        assert_eq!(ink.into_entries().len(), 8, "a moment and a share of each support");
    }

    fn any_supports() -> impl Strategy<Value = Vec<f64>> {
        prop::collection::vec(0.5_f64..20.0, 1..7).prop_map(|spans| {
            let mut at = 3.0;
            let mut supports = vec![at];
            supports.extend(spans.into_iter().map(|span| {
                at += span;
                at
            }));
            supports
        })
    }

    fn any_load() -> impl Strategy<Value = OneLoad> {
        let place = 0.0_f64..130.0;
        prop_oneof![
            place.clone().prop_map(OneLoad::At),
            (place.clone(), place).prop_map(|(a, b)| OneLoad::Along(a.min(b), a.max(b)))
        ]
    }

    proptest! {
        /// By a second method: the beam solved by its deflections.
        #[test]
        fn the_beam_solver_says_the_same(supports in any_supports(), load in any_load()) {
            let got = shared(&supports, Joints::None, load);
            let one = match load {
                OneLoad::At(at) => BeamLoad::Point { pounds: 1.0, at },
                OneLoad::Along(from, to) => BeamLoad::Uniform { pounds_per_inch: 1.0, from, to },
            };
            let loads = [one];
            let solved = ContinuousBeam::solve(130.0, &supports, &loads).expect("stable");
            for (got, want) in got.iter().zip(solved.reactions()) {
                prop_assert!((got - want).abs() < 1e-6 * (1.0 + want.abs()), "{got} {want}");
            }
        }

        #[test]
        fn nothing_is_lost(supports in any_supports(), load in any_load(), cut in any::<bool>()) {
            let joints = if cut { Joints::AtEverySupport } else { Joints::None };
            let got = shared(&supports, joints, load);
            let (weight, center) = match load {
                OneLoad::At(at) => (1.0, at),
                OneLoad::Along(from, to) => (to - from, f64::midpoint(from, to)),
            };
            let sum: f64 = got.iter().sum();
            let turned: f64 = got.iter().zip(&supports).map(|(share, at)| share * at).sum();
            let size: f64 = 1.0 + got.iter().zip(&supports).map(|(share, at)| (share * at).abs()).sum::<f64>();
            prop_assert!((sum - weight).abs() < 1e-11 * size && (turned - weight * center).abs() < 1e-11 * size);
        }
    }
}
