//! # Shear
//!
//! **What it checks.** fv = 1.5·V/A against Fv' = Fv · C_D.
//!
//! **Source.** NDS 2018 3.4.2 and 3.4.3.1 (loads within a depth of the support), from memory.
//!
//! **Assumptions and limits.** Loads on the top edge; no notches. Which of the two places V is taken at is stated: at the
//! support where joists hang on the header's side. Each load counts what of it lies outside d; none relieves another.
//!
//! **Worked example.** 2-2x6 over 3 ft under 580 lb/ft: V = 906 − 48.3 · 5.5 = 640 lb at d; fv = 1.5 · 640 / 16.5 =
//! 58.2 psi; Fv' = 135 · 1.15 = 155 psi; ratio 0.375.

use super::Comparison;
use crate::lumber::factors::wet_service::{Property, with_wet_service};
use crate::say;
use crate::sizing::bridge::CombinedCase;
use crate::speech::decimal;
use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("3.4.2");

/// Shear stress and strength of one case, psi.
pub fn shear<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> Comparison {
    let header = case.bridge.header;
    let force = largest_shear(pen, case);
    let area = pen.given("A", case.bridge.section.area);
    let stress = pen.step("step-shear-stress", "fv", Unit::Psi, CLAUSE, force.times(1.5) / area);
    let strength = pen.given("Fv", case.bridge.values.shear.to_psi()) * pen.given("C_D", case.combination.duration);
    let service = case.bridge.problem.conventions.service;
    let strength = with_wet_service(pen, strength, service, header.board.family(), Property::Shear);
    let strength = pen.step("step-shear-strength", "Fv'", Unit::Psi, CLAUSE, strength);
    Comparison { demand: stress.value(), capacity: strength.value() }
}

fn largest_shear<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> P::Number {
    let depth = case.bridge.section.depth;
    let at_depth = case.bridge.problem.conventions.shear_at_depth;
    let length = case.bridge.design_span_inches();
    if at_depth {
        pen.note(|| say!("note-shear-at-depth", depth = decimal(depth, Unit::Inches, 3)));
    }
    // A header so short that its supports are within a depth of each other keeps the plain expression.
    let force = match case.only_uniform {
        Some(load) if !at_depth => pen.given("w", load) * pen.given("L", length) / P::Number::constant(2.0),
        Some(load) if depth < length / 2.0 => {
            let w = pen.given("w", load);
            w.clone() * pen.given("L", length) / P::Number::constant(2.0) - w * pen.given("d", depth)
        }
        _ => {
            let depth = at_depth.then_some(depth);
            let over_supports = case.beam().map(|beam| beam.largest_shear(depth));
            P::Number::constant(over_supports.unwrap_or_else(|| case.span().largest_shear(depth)))
        }
    };
    let force = pen.step("step-largest-shear", "V", Unit::Pounds, Clause::nds("3.4.3.1"), force);
    match case.spaced {
        Some((load, effect)) if 0.0 < load * effect.shear => {
            let more = force + pen.given("w_points", load) * pen.given("⟨symbol-more-for-1-lb-in⟩", effect.shear);
            pen.step("step-with-points-at-their-worst-place", "V", Unit::Pounds, Clause::STATICS, more)
        }
        _ => force,
    }
}

#[cfg(test)]
mod tests {
    use crate::sizing::header::CheckKind;
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn worked_example() {
        let result = evaluated(&roof_window()).check(CheckKind::Shear);
        assert!((result.comparison.demand - 58.22).abs() < 0.01, "{:?}", result.comparison);
        assert!((result.comparison.capacity - 155.25).abs() < 1e-9);
    }

    #[test]
    fn at_the_support_it_is_larger() {
        let mut problem = roof_window();
        let at_depth = evaluated(&problem).check(CheckKind::Shear).ratio();
        problem.conventions.shear_at_depth = false;
        assert!(at_depth < evaluated(&problem).check(CheckKind::Shear).ratio());
    }
}
