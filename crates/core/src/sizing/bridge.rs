//! One header over one opening on so many jacks, and the loads on it for one combination.

use super::problem::{OpeningLoad, OpeningProblem, SpanRule};
use crate::loads::kind::{ByKind, Combination};
use crate::lumber::{DesignValues, HeaderSpec};
use crate::measure::{End, Ends, Length};
use crate::statics::{BeamLoad, SimpleSpan};

/// Thickness of one jack, in.
pub const JACK_THICKNESS: f64 = 1.5;

/// A header on its jacks.
#[derive(Clone, Copy, Debug)]
pub struct Bridge<'a> {
    /// The opening and its loads.
    pub problem: &'a OpeningProblem,
    /// The header.
    pub header: HeaderSpec,
    /// Its reference design values.
    pub values: DesignValues,
    /// Jacks at each end.
    pub jacks: Ends<u8>,
}

/// A bridge under one combination of loads.
#[derive(Clone, Debug)]
pub struct CombinedCase<'a> {
    /// The header on its jacks.
    pub bridge: Bridge<'a>,
    /// The combination.
    pub combination: Combination,
    /// Its loads on the design span.
    pub loads: Vec<BeamLoad>,
}

impl<'a> Bridge<'a> {
    /// Design span, in.: between centers of bearing, or clear.
    pub fn design_span_inches(&self) -> f64 {
        let clear = self.problem.clear.to_inches();
        match self.problem.conventions.span {
            SpanRule::BearingCenters => clear + self.half_bearing(End::Left) + self.half_bearing(End::Right),
            SpanRule::ClearOpening => clear,
        }
    }

    fn half_bearing(&self, end: End) -> f64 {
        match self.problem.conventions.span {
            SpanRule::BearingCenters => f64::from(*self.jacks.at(end)) * JACK_THICKNESS / 2.0,
            SpanRule::ClearOpening => 0.0,
        }
    }

    /// The bridge under a combination.
    pub fn under(&self, combination: &Combination) -> CombinedCase<'a> {
        let span = self.design_span_inches();
        let offset = self.half_bearing(End::Left);
        let total = |amounts: ByKind<f64>| combination.total(&self.at_stress_level(amounts));
        let mut full_length = if self.problem.conventions.self_weight {
            combination.factors.dead * self.header.weight_per_foot_lbf() / 12.0
        } else {
            0.0
        };
        let mut loads = Vec::with_capacity(self.problem.loads.len() + 1);
        for load in &self.problem.loads {
            match load {
                OpeningLoad::Line { amount, extent } => {
                    let pounds_per_inch = total(amount.map(|line| line.to_pounds_per_inch()));
                    let (from, to) = self.clipped(*extent, offset, span);
                    if extent.is_none() {
                        full_length += pounds_per_inch;
                    } else if from < to && pounds_per_inch > 0.0 {
                        loads.push(BeamLoad::Uniform { pounds_per_inch, from, to });
                    }
                }
                OpeningLoad::Point { amount, at } => {
                    let pounds = total(amount.map(|force| force.to_lbf()));
                    if pack_under(*at, self.problem).is_none() && pounds > 0.0 {
                        loads.push(BeamLoad::Point { pounds, at: at.to_inches() + offset });
                    }
                }
            }
        }
        if full_length > 0.0 {
            loads.push(BeamLoad::Uniform { pounds_per_inch: full_length, from: 0.0, to: span });
        }
        CombinedCase { bridge: *self, combination: *combination, loads }
    }

    /// What each pack carries by kind of load, lb: the header's reaction and what stands on the pack. Reactions are
    /// linear in the loads, so any combination's follow from these.
    pub fn reactions_by_kind(&self) -> Ends<ByKind<f64>> {
        let span = self.design_span_inches();
        let offset = self.half_bearing(End::Left);
        let mut ends: Ends<ByKind<f64>> = Ends::default();
        for load in &self.problem.loads {
            match load {
                OpeningLoad::Line { amount, extent } => {
                    let (from, to) = self.clipped(*extent, offset, span);
                    let amounts = self.at_stress_level(amount.map(|line| line.to_pounds_per_inch() * (to - from)));
                    share(&mut ends, &amounts, f64::midpoint(from, to) / span);
                }
                OpeningLoad::Point { amount, at } => {
                    let amounts = self.at_stress_level(amount.map(|force| force.to_lbf()));
                    match pack_under(*at, self.problem) {
                        Some(End::Left) => share(&mut ends, &amounts, 0.0),
                        Some(End::Right) => share(&mut ends, &amounts, 1.0),
                        None => share(&mut ends, &amounts, (at.to_inches() + offset) / span),
                    }
                }
            }
        }
        if self.problem.conventions.self_weight {
            let dead = self.header.weight_per_foot_lbf() / 12.0 * span;
            share(&mut ends, &ByKind { dead, ..ByKind::default() }, 0.5);
        }
        ends
    }

    /// Where on the design span a load acts that is given from the left face of the opening.
    fn clipped(&self, extent: Option<(Length, Length)>, offset: f64, span: f64) -> (f64, f64) {
        extent.map_or((0.0, span), |(from, to)| {
            let place = |at: Length| (at.to_inches() + offset).clamp(0.0, span);
            (place(from), place(to).max(place(from)))
        })
    }

    fn at_stress_level(&self, mut amounts: ByKind<f64>) -> ByKind<f64> {
        amounts.snow *= self.problem.conventions.snow_level;
        amounts
    }
}

/// Adds amounts to both ends, the part `rightward` to the right one.
fn share(ends: &mut Ends<ByKind<f64>>, amounts: &ByKind<f64>, rightward: f64) {
    ends.left = ends.left + amounts.map(|amount| amount * (1.0 - rightward));
    ends.right = ends.right + amounts.map(|amount| amount * rightward);
}

fn pack_under(at: Length, problem: &OpeningProblem) -> Option<End> {
    if at <= Length::ZERO {
        Some(End::Left)
    } else if problem.clear <= at {
        Some(End::Right)
    } else {
        None
    }
}

impl CombinedCase<'_> {
    /// The span with its loads.
    pub fn span(&self) -> SimpleSpan<'_> {
        SimpleSpan::new(self.bridge.design_span_inches(), &self.loads)
    }

    /// The uniform load, lb/in., if that is all there is.
    pub fn only_uniform(&self) -> Option<f64> {
        match self.loads.as_slice() {
            [BeamLoad::Uniform { pounds_per_inch, from, to }]
                if *from <= 0.0 && self.bridge.design_span_inches() <= *to =>
            {
                Some(*pounds_per_inch)
            }
            _ => None,
        }
    }
}
