//! One header over one opening on so many jacks, and the loads on it for one combination.

use super::problem::{OpeningLoad, OpeningProblem, SpanRule};
use crate::loads::kind::{ByKind, Combination, LoadKind};
use crate::lumber::{DesignValues, HeaderSpec};
use crate::measure::{End, Ends};
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
        let snow_level = self.problem.conventions.snow_level;
        let part =
            |kind: LoadKind| combination.factors.get(kind) * if kind == LoadKind::Snow { snow_level } else { 1.0 };
        let mut full_length = if self.problem.conventions.self_weight {
            part(LoadKind::Dead) * self.header.weight_per_foot_lbf() / 12.0
        } else {
            0.0
        };
        let mut loads = Vec::with_capacity(self.problem.loads.len() + 1);
        for load in &self.problem.loads {
            match load {
                OpeningLoad::Line { amount, extent } => {
                    let total: f64 =
                        LoadKind::ALL.iter().map(|kind| part(*kind) * amount.get(*kind).to_pounds_per_inch()).sum();
                    match extent {
                        None => full_length += total,
                        Some((from, to)) => {
                            let from = (from.to_inches() + offset).clamp(0.0, span);
                            let to = (to.to_inches() + offset).clamp(0.0, span);
                            if from < to && total > 0.0 {
                                loads.push(BeamLoad::Uniform { pounds_per_inch: total, from, to });
                            }
                        }
                    }
                }
                OpeningLoad::Point { amount, at } => {
                    let pounds: f64 = LoadKind::ALL.iter().map(|kind| part(*kind) * amount.get(*kind).to_lbf()).sum();
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

    /// Point loads that stand on a pack rather than on the header, lb.
    pub fn on_pack(&self, end: End, combination: &Combination) -> f64 {
        let snow_level = self.problem.conventions.snow_level;
        let mut pounds = 0.0;
        for load in &self.problem.loads {
            let OpeningLoad::Point { amount, at } = load else { continue };
            if pack_under(*at, self.problem) == Some(end) {
                let mut amounts = amount.map(|force| force.to_lbf());
                amounts.snow *= snow_level;
                pounds += combination.total(&amounts);
            }
        }
        pounds
    }

    /// What each pack carries by kind of load, lb: the header's reaction and what stands on the pack.
    pub fn reactions_by_kind(&self) -> Ends<ByKind<f64>> {
        let mut ends: Ends<ByKind<f64>> = Ends::default();
        for kind in LoadKind::ALL {
            let mut factors = ByKind::default();
            *factors.get_mut(kind) = 1.0;
            let alone = Combination { name: kind.symbol(), factors, duration: 1.0 };
            let reactions = self.under(&alone).pack_reactions();
            for end in End::BOTH {
                *ends.at_mut(end).get_mut(kind) = *reactions.at(end);
            }
        }
        ends
    }
}

fn pack_under(at: crate::measure::Length, problem: &OpeningProblem) -> Option<End> {
    if at <= crate::measure::Length::ZERO {
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

    /// What each pack carries, lb.
    pub fn pack_reactions(&self) -> Ends<f64> {
        let header = self.span().reactions();
        Ends {
            left: header.left + self.bridge.on_pack(End::Left, &self.combination),
            right: header.right + self.bridge.on_pack(End::Right, &self.combination),
        }
    }
}
