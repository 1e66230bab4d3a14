//! # Largest bending moment
//!
//! **What it does.** w·L²/8 under uniform load alone; otherwise the sum of moments left of the station where the shear
//! crosses zero, written out. Over several supports, the largest of all spans and supports by amount.
//!
//! **Source.** Statics.

use crate::measure::Force;
use crate::say;
use crate::sizing::bridge::CombinedCase;
use crate::speech::{Argument, Joined, decimal, percent};
use crate::statics::BeamLoad;
use crate::working::{Clause, Number, Pen, Unit};

/// The largest moment of a case on a header from pack to pack, lb·in.
pub fn largest_moment<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> P::Number {
    let span = pen.given("L", case.bridge.design_span_inches());
    let moment = match case.only_uniform {
        None if case.swept.is_some() => P::Number::constant(case.swept_moment()),
        Some(load) => pen.given("w", load) * span.power(2.0) / P::Number::constant(8.0),
        None => moment_at(pen, case, &span),
    };
    let moment = pen.step("step-largest-moment", "M", Unit::PoundInches, Clause::STATICS, moment);
    match case.spaced {
        Some((load, effect)) if 0.0 < load * effect.moment => {
            pen.note(|| {
                let (apart, spread) = (decimal(effect.apart, Unit::Inches, 2), decimal(effect.spread, Unit::Inches, 2));
                say!("note-spaced", apart, spread, more = percent(effect.more))
            });
            let more = moment + pen.given("w_points", load) * pen.given("⟨symbol-more-for-1-lb-in⟩", effect.moment);
            pen.step("step-with-points-at-their-worst-place", "M", Unit::PoundInches, Clause::STATICS, more)
        }
        _ => moment,
    }
}

/// The largest sagging or hogging moment of a beam over several supports, lb·in.
pub fn moment_over_supports<P: Pen>(pen: &mut P, case: &CombinedCase<'_>, largest: f64, hogs: bool) -> P::Number {
    pen.note(|| {
        // Only what is explained is noted, and that has its loads one by one.
        let Some(beam) = case.beam() else { return say!("nothing-to-say") };
        let place = beam.largest_by_sign()[usize::from(hogs)].at;
        let reactions =
            beam.reactions().iter().map(|reaction| say!("a-force", force = Force::lbf(*reaction))).collect();
        let reactions = Argument::Phrases(reactions, Joined::Commas);
        let at = decimal(place, Unit::Inches, 2);
        if hogs {
            say!("note-over-supports-hogging", reactions, at)
        } else {
            say!("note-over-supports-sagging", reactions, at)
        }
    });
    let moment = P::Number::constant(largest);
    pen.step("step-largest-moment", "M", Unit::PoundInches, Clause::STATICS, moment)
}

/// R·x minus the moment of every load left of x.
fn moment_at<P: Pen>(pen: &mut P, case: &CombinedCase<'_>, span: &P::Number) -> P::Number {
    let station = case.span().largest_moment().at;
    let x = pen.given("x", station);
    let zero = P::Number::constant(0.0);
    let mut reaction: Option<P::Number> = None;
    let mut lost: Option<P::Number> = None;
    let add = |sum: &mut Option<P::Number>, term: P::Number| {
        *sum = Some(match sum.take() {
            Some(sum) => sum + term,
            None => term,
        });
    };
    for load in &case.loads {
        let arm = span.clone() - P::Number::constant(load.centroid());
        add(&mut reaction, P::Number::constant(load.resultant()) * arm / span.clone());
        match *load {
            BeamLoad::Point { pounds, at } if at < station => {
                add(&mut lost, P::Number::constant(pounds) * (x.clone() - P::Number::constant(at)));
            }
            BeamLoad::Uniform { .. } | BeamLoad::Sloped { .. } => {
                let Some(part) = load.clipped(f64::MIN, station) else { continue };
                let resultant = P::Number::constant(part.resultant());
                add(&mut lost, resultant * (x.clone() - P::Number::constant(part.centroid())));
            }
            BeamLoad::Point { .. } => {}
        }
    }
    let reaction = reaction.unwrap_or_else(|| zero.clone());
    let reaction = pen.step("step-left-reaction-of-the-header", "R", Unit::Pounds, Clause::STATICS, reaction);
    pen.note(|| say!("note-where-moment-is-largest", at = decimal(station, Unit::Inches, 2)));
    match lost {
        Some(lost) => reaction * x - lost,
        None => reaction * x,
    }
}
