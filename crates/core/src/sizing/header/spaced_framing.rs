//! # Trusses and rafters as points
//!
//! **What it does.** Trusses and rafters stand some way apart, and over a short header one of them may stand where it does
//! most. At their worst place the moment, the shear and the end reaction are held against those of the same load spread
//! evenly; where they are more than a hundredth larger, what is more is added.
//!
//! **Source.** Statics. That a double top plate spreads what stands on it at 45° on both sides: common practice, no source.
//! That it brings a truss over a pack onto jacks and kings together: the same.
//!
//! **Assumptions and limits.** A simple span from pack to pack. Under a header tight to the plates each load is 1 1/2 in. and
//! twice the two plates wide, 7 1/2 in.; on a hung header a cripple brings it as a point. The kings take what an even load
//! would bring them, half a stud space and their own width; the jacks take the rest. Sag is left even: it changes least.
//!
//! **Worked example.** 24 in. apart over 37.5 in.: one in the middle, M = 24·w·37.5/4 = 225·w against w·37.5²/8 = 175.8·w,
//! 28 % more. Over 48 in., one over the support and one in the middle: R = 24·w·1.5 = 36·w against 24·w, 50 % more.

use smallvec::SmallVec;

use crate::sizing::problem::SpacedFraming;

/// What points do more than the same load evenly, for 1 lb/in. of it.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub struct SpacedEffect {
    /// Moment, lb·in.
    pub moment: f64,
    /// Shear, lb.
    pub shear: f64,
    /// Load on one pack, lb.
    pub reaction: f64,
    /// How much larger the moment is than that of the even load: 0.28 is 28 %.
    pub more: f64,
    /// From one to the next, in.
    pub apart: f64,
    /// Over how much of the header each is spread, in.
    pub spread: f64,
}

/// Effects over spans that were asked for before: headers of one opening differ in few of them.
#[derive(Clone, Debug, Default)]
pub struct KnownEffects {
    known: SmallVec<[(Asked, Option<SpacedEffect>); 8]>,
}

/// Span and depth that were asked for, by their bits.
type Asked = (u64, Option<u64>);

impl KnownEffects {
    /// The effect of one opening's framing, as [`spaced_effect`] has it.
    pub fn over(&mut self, spaced: &SpacedFraming, span: f64, shear_at: Option<f64>) -> Option<SpacedEffect> {
        let key = (span.to_bits(), shear_at.map(f64::to_bits));
        if let Some((_, effect)) = self.known.iter().find(|(known, _)| *known == key) {
            return *effect;
        }
        let effect = spaced_effect(spaced, span, shear_at);
        self.known.push((key, effect));
        effect
    }
}

/// A hundredth more than evenly is the least that counts.
const COUNTS_FROM: f64 = 1.01;
/// The worst of every place over a span of so many inches, with shear taken so far from the support; `None` where the even load
/// does as much.
fn spaced_effect(spaced: &SpacedFraming, span: f64, shear_at: Option<f64>) -> Option<SpacedEffect> {
    let (apart, spread) = (spaced.apart.to_inches(), spaced.spread.to_inches());
    if apart <= 0.0 || span <= 0.0 {
        return None;
    }
    let even_moment = span * span / 8.0;
    let even_shear = (span / 2.0 - shear_at.unwrap_or(0.0)).max(0.0);
    let even_reaction = span / 2.0;
    let moment = largest_moment(apart, span) - apart * spread.min(apart) / 8.0;
    let on_jacks = largest_reaction(apart, span) - spaced.kings_take.to_inches();
    let more = |points: f64, even: f64| if even * COUNTS_FROM < points { points - even } else { 0.0 };
    let effect = SpacedEffect {
        moment: more(moment, even_moment),
        // Closer together than the header is deep they are an even load, whose part within the depth does not count.
        shear: if shear_at.is_some_and(|depth| apart <= depth) {
            0.0
        } else {
            more(largest_shear(apart, span, shear_at), even_shear)
        },
        reaction: more(on_jacks, even_reaction),
        more: (moment / even_moment - 1.0).max(0.0),
        apart,
        spread,
    };
    (effect.moment + effect.shear + effect.reaction > 0.0).then_some(effect)
}

/// Places of loads a step apart on a span, from the first on.
fn places(first: f64, apart: f64, span: f64) -> impl Iterator<Item = f64> {
    let count = ((span - first) / apart).floor() as i32;
    (0..=count.max(-1)).map(move |index| first + f64::from(index) * apart).filter(move |at| *at <= span)
}

/// Load on one end, loads of `apart` pounds each; the most where one of them stands over it.
fn reaction(first: f64, apart: f64, span: f64) -> f64 {
    places(first, apart, span).map(|at| apart * (1.0 - at / span)).sum()
}

fn largest_reaction(apart: f64, span: f64) -> f64 {
    reaction(0.0, apart, span)
}

/// The moment is largest under one of the loads, where it and the middle of all stand evenly about midspan: a quarter of a step
/// from it at most.
fn largest_moment(apart: f64, span: f64) -> f64 {
    let under_each = (0..4).flat_map(|quarter| {
        let first = (span / 2.0 + f64::from(quarter) * apart / 4.0).rem_euclid(apart);
        let left = reaction(first, apart, span);
        places(first, apart, span).enumerate().map(move |(before, at)| {
            let before = before as f64;
            left * at - apart * apart * before * (before + 1.0) / 2.0
        })
    });
    under_each.fold(0.0, f64::max)
}

/// The shear so far from the support, a load within counting by its distance: the most where one stands there, or, in short
/// spans, a little nearer.
fn largest_shear(apart: f64, span: f64, shear_at: Option<f64>) -> f64 {
    let Some(depth) = shear_at else { return largest_reaction(apart, span) };
    let shear = |first: f64| -> f64 {
        places(first, apart, span).map(|at| apart * (1.0 - at / span) * (at / depth).min(1.0)).sum()
    };
    // x/d·(1 − x/L) grows as fast as the other loads' shares lessen.
    let most = (span / apart).ceil();
    let others = [most - 2.0, most - 1.0, most];
    let nearer = others.map(|others| (span - others * depth) / 2.0).into_iter().filter(|at| 0.0 < *at && *at < depth);
    nearer.chain([depth]).map(|at| shear(at.rem_euclid(apart))).fold(0.0, f64::max)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::loads::ByKind;
    use crate::measure::Length;

    fn effect(span: f64, spread: Length) -> Option<SpacedEffect> {
        let kings_take = Length::ZERO;
        let spaced = SpacedFraming { amount: ByKind::default(), apart: Length::inches(24), spread, kings_take };
        spaced_effect(&spaced, span, None)
    }

    #[test]
    fn worked_example() {
        for (span, percent) in [(37.5, 28.0), (27.0, 78.0), (60.0, 12.0)] {
            let more = 100.0 * effect(span, Length::ZERO).expect("points count").more;
            assert!((more - percent).abs() < 0.5, "{span}: {more}");
        }
        for (span, percent) in [(48.0, 50.0), (96.0, 25.0)] {
            let reaction = effect(span, Length::ZERO).expect("points count").reaction;
            assert!((200.0 * reaction / span - percent).abs() < 0.1, "{span}: {reaction}");
        }
    }

    #[test]
    fn plates_that_spread_them_take_the_peak_off() {
        let tight = Length::inches_and(7, 1, 2);
        let more = |span, spread| effect(span, spread).map_or(0.0, |effect| effect.moment / (span * span / 8.0));
        // 225 − 24·7.5/8 = 202.5 against 175.8: 15 %.
        assert!((more(37.5, tight) - 0.152).abs() < 0.001, "{}", more(37.5, tight));
        assert!(more(99.5, tight) < 1e-12, "even over a long header");
    }

    /// The places that are looked at are the worst: none of very many between one load and the next does more.
    #[test]
    fn no_place_does_more() {
        for (apart, span, depth) in
            [(24.0, 37.5, 9.25), (24.0, 99.5, 11.25), (16.0, 30.0, 14.0), (19.2, 51.0, 18.0), (12.0, 13.0, 11.25)]
        {
            let largest =
                (largest_reaction(apart, span), largest_moment(apart, span), largest_shear(apart, span, Some(depth)));
            for part in 0..4800 {
                let first = apart * f64::from(part) / 4800.0;
                let left = reaction(first, apart, span);
                let moment = places(first, apart, span).fold(0.0, |most: f64, at| {
                    let before: f64 =
                        places(first, apart, span).filter(|other| *other < at).map(|other| apart * (at - other)).sum();
                    most.max(left * at - before)
                });
                let shear: f64 =
                    places(first, apart, span).map(|at| apart * (1.0 - at / span) * (at / depth).min(1.0)).sum();
                let within = |got: f64, most: f64| got <= most * (1.0 + 1e-12);
                assert!(
                    within(left, largest.0) && within(moment, largest.1) && within(shear, largest.2),
                    "{apart} {span} {first}"
                );
            }
        }
    }
}
