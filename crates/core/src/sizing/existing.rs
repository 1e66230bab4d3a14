//! # What an existing header can carry
//!
//! **What it does.** Asks the question the other way round: for a header that is there, how many times the load at hand it
//! could carry, how far it could span under that load, and what breaks first.
//!
//! **Source.** The same checks; both answers are found by halving, since every check works harder under more load and over
//! more span.
//!
//! **Assumptions and limits.** Jacks stay as they are. Loads grow in proportion, the header's own weight does not. Point loads
//! keep their place. Spans up to 20 ft, loads up to twenty times those at hand.
//!
//! **Worked example.** 2-2x6 SPF over 3 ft under D 240 and S 336: bending works at 0.429, so about 1/0.429 = 2.33 times the
//! load, a little more for the header's own weight that does not grow.

use super::evaluate::{Evaluation, evaluate};
use super::header::CheckKind;
use super::limits::{OutsideLimits, WIDEST_OPENING};
use super::problem::{OpeningLoad, OpeningProblem};
use crate::lumber::HeaderSpec;
use crate::measure::{Ends, Length};
use crate::say;
use crate::speech::Phrase;

/// The answer.
#[derive(Clone, Debug, PartialEq)]
pub struct Capability {
    /// How it does now.
    pub now: Evaluation,
    /// How many times the load at hand it carries; under 1 it does not carry what is there.
    pub times_the_load: f64,
    /// What gives out first under more load.
    pub first_under_load: WhatGivesOut,
    /// How far it could span under the load at hand; `None` if not even over 1 ft.
    pub farthest: Option<Length>,
    /// What gives out first over more span.
    pub first_over_span: WhatGivesOut,
}

impl Capability {
    /// How much more load it carries, as a part of what is there; negative where it is too much already.
    pub fn room_left(&self) -> f64 {
        self.times_the_load - 1.0
    }
}

/// What gives out.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum WhatGivesOut {
    /// A check of the header.
    Check(CheckKind),
    /// The jacks that are there.
    Jacks,
    /// Nothing, within the limits looked at.
    Nothing,
}

impl WhatGivesOut {
    /// In words.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Check(kind) => kind.phrase(),
            Self::Jacks => say!("existing-jacks"),
            Self::Nothing => say!("existing-nothing"),
        }
    }

    /// Of a header that does not carry, or that nearly does not.
    pub fn of(evaluation: &Evaluation) -> Self {
        let failing = evaluation.checks.iter().filter(|check| !check.passes());
        match failing.max_by(|a, b| a.ratio().total_cmp(&b.ratio())) {
            Some(check) => Self::Check(check.kind),
            None if !evaluation.carries() => Self::Jacks,
            None => evaluation.hardest().map_or(Self::Nothing, |check| Self::Check(check.kind)),
        }
    }
}

/// The largest factor on the load that is looked at.
const MOST_TIMES: f64 = 20.0;

/// What a header that is there can do.
///
/// # Errors
/// [`OutsideLimits`] where the opening itself is outside the limits.
pub fn capability(problem: &OpeningProblem, header: HeaderSpec) -> Result<Capability, OutsideLimits> {
    let now = evaluate(problem, header)?;
    let mut fixed = problem.clone();
    fixed.conventions.fixed_jacks = Ends { left: Some(now.jacks.left), right: Some(now.jacks.right) };
    let under = |times: f64| evaluate(&loaded(&fixed, times), header).ok();
    let over = |inches: f64| evaluate(&widened(&fixed, Length::from_decimal_inches(inches)), header).ok();
    let (times_the_load, broken) = limit(0.0, MOST_TIMES, under);
    let (farthest, too_far) = limit(12.0, WIDEST_OPENING.to_inches(), over);
    let gives_out = |broken: Option<Evaluation>| broken.as_ref().map_or(WhatGivesOut::Nothing, WhatGivesOut::of);
    Ok(Capability {
        now,
        times_the_load,
        first_under_load: gives_out(broken),
        // Down to the sixteenth: a span that is said has to carry.
        farthest: (farthest > 12.0).then(|| Length::from_decimal_inches((farthest * 16.0).floor() / 16.0)),
        first_over_span: gives_out(too_far),
    })
}

/// The largest value between two that still carries, and the evaluation just past it; none past the upper end.
fn limit(low: f64, high: f64, evaluate: impl Fn(f64) -> Option<Evaluation>) -> (f64, Option<Evaluation>) {
    let carries = |value: f64| evaluate(value).is_some_and(|evaluation| evaluation.carries());
    if carries(high) {
        return (high, None);
    }
    let (mut low, mut high) = (low, high);
    for _ in 0..40 {
        let middle = f64::midpoint(low, high);
        if carries(middle) {
            low = middle;
        } else {
            high = middle;
        }
    }
    (low, evaluate(high))
}

fn loaded(problem: &OpeningProblem, times: f64) -> OpeningProblem {
    let mut problem = problem.clone();
    for load in &mut problem.loads {
        match load {
            OpeningLoad::Line { amount, .. } => *amount = amount.map(|line| line * times),
            OpeningLoad::Sloped { at_start, at_end, .. } => {
                *at_start = at_start.map(|line| line * times);
                *at_end = at_end.map(|line| line * times);
            }
            OpeningLoad::Point { amount, .. } => *amount = amount.map(|force| force * times),
        }
    }
    problem
}

/// The same opening, wider or narrower.
pub(super) fn widened(problem: &OpeningProblem, clear: Length) -> OpeningProblem {
    OpeningProblem { clear, ..problem.clone() }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::sizing::testing::{doubled_two_by_six, roof_window};

    #[test]
    fn worked_example() {
        let capability = capability(&roof_window(), doubled_two_by_six()).expect("within limits");
        // The jacks give out first: one SPF jack bears 1912 lb on 906 lb there.
        assert_eq!(capability.first_under_load, WhatGivesOut::Jacks);
        assert!((capability.times_the_load - 1912.5 / 906.3).abs() < 0.02, "{capability:?}");
        let mut two_jacks = roof_window();
        two_jacks.conventions.fixed_jacks = Ends::both(Some(2));
        let capability = super::capability(&two_jacks, doubled_two_by_six()).expect("within limits");
        assert_eq!(capability.first_under_load, WhatGivesOut::Check(CheckKind::Bending));
        let ratio = capability.now.check(CheckKind::Bending).ratio();
        assert!((capability.times_the_load * ratio - 1.0).abs() < 0.02, "{capability:?}");
    }

    #[test]
    fn at_its_limits_it_just_carries() {
        let problem = roof_window();
        let header = doubled_two_by_six();
        let found = capability(&problem, header).expect("within limits");
        let farthest = found.farthest.expect("it carries over 3 ft");
        let fixed = found.now.jacks;
        let carries = |problem: OpeningProblem| {
            let mut problem = problem;
            problem.conventions.fixed_jacks = fixed.map(Some);
            evaluate(&problem, header).expect("within limits").carries()
        };
        assert!(carries(widened(&problem, farthest)));
        assert!(!carries(widened(&problem, farthest + Length::inches(1))));
        assert!(carries(loaded(&problem, found.times_the_load * 0.999)));
        assert!(!carries(loaded(&problem, found.times_the_load * 1.001)));
    }
}
