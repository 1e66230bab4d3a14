//! # Largest bending moment
//!
//! **What it does.** w·L²/8 under uniform load alone; otherwise the sum of moments left of the station where the shear
//! crosses zero, written out.
//!
//! **Source.** Statics.

use crate::sizing::bridge::CombinedCase;
use crate::statics::BeamLoad;
use crate::working::{Clause, Number, Pen, Unit};

/// The largest moment of a case, lb·in.
pub fn largest_moment<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> P::Number {
    let span = pen.given("L", case.bridge.design_span_inches());
    let moment = match case.only_uniform() {
        Some(load) => pen.given("w", load) * span.power(2.0) / P::Number::constant(8.0),
        None => moment_at(pen, case, &span),
    };
    pen.step("largest moment", "M", Unit::PoundInches, Clause::STATICS, moment)
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
            BeamLoad::Uniform { pounds_per_inch, from, to } if from < station => {
                let end = to.min(station);
                let resultant = P::Number::constant(pounds_per_inch * (end - from));
                add(&mut lost, resultant * (x.clone() - P::Number::constant(f64::midpoint(from, end))));
            }
            _ => {}
        }
    }
    let reaction = reaction.unwrap_or_else(|| zero.clone());
    let reaction = pen.step("left reaction of the header", "R", Unit::Pounds, Clause::STATICS, reaction);
    pen.note(|| format!("The moment is largest {station:.2} in. from the left support, where the shear crosses zero."));
    match lost {
        Some(lost) => reaction * x - lost,
        None => reaction * x,
    }
}
