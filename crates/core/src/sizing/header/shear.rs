//! # Shear
//!
//! **What it checks.** The largest shear against what the header carries by its design code.
//!
//! **Source.** NDS 2018 3.4.3.1 (loads within a depth of the support), from memory; the code's own file has the rest.
//!
//! **Assumptions and limits.** Loads on the top edge; no notches. Which of the two places V is taken at is stated: at the
//! support where joists hang on the header's side. Each load counts what of it lies outside d; none relieves another.
//!
//! **Worked example.** 2-2x6 over 3 ft under 580 lb/ft: V = 906 − 48.3 · 5.5 = 640 lb at d; fv = 1.5 · 640 / 16.5 =
//! 58.2 psi; Fv' = 135 · 1.15 = 155 psi; ratio 0.375.

use super::Comparison;
use crate::codes::Topic;
use crate::codes::question::Shear;
use crate::say;
use crate::sizing::bridge::CombinedCase;
use crate::speech::decimal;
use crate::working::{Clause, Number, Pen, Unit};

/// Shear stress and strength of one case.
pub fn shear<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> Comparison {
    let force = largest_shear(pen, case);
    let bridge = case.bridge;
    let asked = Shear {
        values: bridge.values,
        area: bridge.section.area,
        family: bridge.header.board.family(),
        service: bridge.problem.conventions.service,
        duration: case.combination.duration,
    };
    bridge.problem.conventions.code.shear(pen, &asked, force)
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
            P::Number::constant(case.shear_over_supports(depth).unwrap_or_else(|| case.shear_from_pack_to_pack(depth)))
        }
    };
    let force = pen.step(
        "step-largest-shear",
        "V",
        Unit::Pounds,
        case.bridge.problem.conventions.code.clause(Topic::ShearNearSupport),
        force,
    );
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
