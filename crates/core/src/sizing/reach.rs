//! # How far a header reaches
//!
//! **What it does.** For the loads at hand: how hard a header works over openings from narrow to wide, which check governs
//! at each, and where it gives out.
//!
//! **Source.** The same checks, run over spans 3 in. apart; the end of the reach by halving between two of them.
//!
//! **Assumptions and limits.** Jacks are counted anew at every span. Point loads keep their place. Up to 20 ft.
//!
//! **Worked example.** 2-2x6 SPF under D 240 and S 336: bending governs from a narrow opening on and gives out near 56 in.

use super::evaluate::{Evaluation, evaluate};
use super::existing::{WhatGivesOut, widened};
use super::limits::WIDEST_OPENING;
use super::problem::OpeningProblem;
use crate::lumber::HeaderSpec;
use crate::measure::Length;

/// A header's reach.
#[derive(Clone, Debug, PartialEq)]
pub struct Reach {
    /// The header.
    pub header: HeaderSpec,
    /// The widest opening it carries; `None` if not even the narrowest looked at.
    pub farthest: Option<Length>,
    /// How hard it works at each span looked at, up to where it gives out and one past that.
    pub points: Vec<ReachPoint>,
}

/// One span looked at.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct ReachPoint {
    /// The opening.
    pub clear: Length,
    /// Demand over capacity of the hardest working check.
    pub ratio: f64,
    /// What governs there.
    pub governs: WhatGivesOut,
}

/// The narrowest opening looked at.
pub const NARROWEST: Length = Length::inches(18);
const STEP: Length = Length::inches(3);

/// How far a header reaches under the loads of a problem.
pub fn reach(problem: &OpeningProblem, header: HeaderSpec) -> Reach {
    let at = |clear: Length| evaluate(&widened(problem, clear), header).ok();
    let mut points = Vec::new();
    let mut farthest = None;
    let mut clear = NARROWEST;
    while clear <= WIDEST_OPENING {
        let Some(evaluation) = at(clear) else { break };
        points.push(point(clear, &evaluation));
        if !evaluation.carries() {
            farthest = farthest.map(|carried| last_that_carries(carried, clear, &at));
            break;
        }
        farthest = Some(clear);
        clear += STEP;
    }
    Reach { header, farthest, points }
}

fn point(clear: Length, evaluation: &Evaluation) -> ReachPoint {
    ReachPoint { clear, ratio: evaluation.largest_ratio(), governs: WhatGivesOut::of(evaluation) }
}

/// To the sixteenth between a span that carries and one that does not.
fn last_that_carries(carries: Length, fails: Length, at: &impl Fn(Length) -> Option<Evaluation>) -> Length {
    let sixteenth = Length::inches_and(0, 1, 16);
    let (mut low, mut high) = (0, (fails - carries).nanometers() / sixteenth.nanometers());
    while high - low > 1 {
        let middle = i64::midpoint(low, high);
        if at(carries + sixteenth * middle).is_some_and(|evaluation| evaluation.carries()) {
            low = middle;
        } else {
            high = middle;
        }
    }
    carries + sixteenth * low
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::sizing::header::CheckKind;
    use crate::sizing::testing::{doubled_two_by_six, roof_window};

    #[test]
    fn worked_example() {
        let reach = reach(&roof_window(), doubled_two_by_six());
        let farthest = reach.farthest.expect("it carries something").to_inches();
        assert!((54.0..58.0).contains(&farthest), "{farthest}");
        let last = reach.points.last().expect("points");
        assert_eq!(last.governs, WhatGivesOut::Check(CheckKind::Bending));
        assert!(last.ratio > 1.0 && reach.points.is_sorted_by(|a, b| a.ratio <= b.ratio));
    }

    #[test]
    fn more_load_never_reaches_farther() {
        let header = doubled_two_by_six();
        let mut problem = roof_window();
        let light = reach(&problem, header).farthest;
        for load in &mut problem.loads {
            if let super::super::problem::OpeningLoad::Line { amount, .. } = load {
                *amount = amount.map(|line: crate::measure::LineLoad| line * 1.5);
            }
        }
        assert!(reach(&problem, header).farthest < light);
    }
}
