//! # Deflection
//!
//! **What it checks.** Sag under everything that is not dead load against span/360, and under everything (dead load
//! times the creep factor) against span/240; both limits are settable.
//!
//! **Source.** Elastic statics; NDS 2018 3.5; limits as IRC 2021 Table R301.7, from memory. E takes no load duration.
//!
//! **Worked example.** 2-2x6 SPF over 3 ft, S = 336 lb/ft = 28 lb/in.:
//! 5 · 28 · 37.5⁴ / (384 · 1 400 000 · 41.6) = 0.0124 in.; limit 37.5 / 360 = 0.104 in.; ratio 0.119.

use super::{CheckKind, CheckResult, Comparison};
use crate::codes::Topic;
use crate::sizing::bridge::CombinedCase;
use crate::working::{Clause, Number, Pen, Silent, Unit};

/// Sag of one case beside the limit span/`limit`, in. Over several spans, the one that comes nearest to its limit.
pub fn deflection<P: Pen>(pen: &mut P, case: &CombinedCase<'_>, limit: f64) -> Comparison {
    let (sag, span) = match worst_span(case) {
        Some((sag_ei, span)) => (sag_over(pen, case, sag_ei), span),
        None => (largest_sag(pen, case), case.bridge.design_span_inches()),
    };
    let allowed = pen.given("L", span) / P::Number::constant(limit);
    let allowed = pen.step("step-allowed", "Δ_max", Unit::Inches, Clause::irc("Table R301.7"), allowed);
    Comparison { demand: sag.value(), capacity: allowed.value() }
}

/// The largest sag of one case, in.
pub(super) fn largest_sag<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> P::Number {
    if let Some((sag_ei, _)) = worst_span(case) {
        return sag_over(pen, case, sag_ei);
    }
    match case.only_uniform {
        Some(load) => {
            let length = pen.given("L", case.bridge.design_span_inches());
            let load = pen.given("w", load);
            let stiffness = stiffness(pen, case).times(384.0);
            let sag = (load * length.power(4.0)).times(5.0) / stiffness;
            pen.step(
                "step-deflection",
                "Δ",
                Unit::Inches,
                case.bridge.problem.conventions.code.clause(Topic::Deflection),
                sag,
            )
        }
        None => sag_over(pen, case, case.sag_from_pack_to_pack()),
    }
}

fn sag_over<P: Pen>(pen: &mut P, case: &CombinedCase<'_>, sag_ei: f64) -> P::Number {
    let sag = P::Number::constant(sag_ei) / stiffness(pen, case);
    pen.step("step-deflection", "Δ", Unit::Inches, case.bridge.problem.conventions.code.clause(Topic::Deflection), sag)
}

/// The sag at midspan of a simple span is never less than this part of its largest sag, wherever loads press it down: for a
/// single load it is 0.974 or more (textbook), and sags add up.
const LEAST_AT_MIDSPAN: f64 = 0.974;

/// Whether a deflection case cannot be harder than what was found, by its sag at midspan alone. Saves the search for the
/// station of the largest sag in most cases; answers no where it cannot tell, and for other checks.
pub fn surely_below(worst: &CheckResult, case: &CombinedCase<'_>) -> bool {
    let conventions = &case.bridge.problem.conventions;
    let span = case.bridge.design_span_inches();
    let allowed = match worst.kind {
        CheckKind::LiveDeflection => span / conventions.live_deflection_limit,
        CheckKind::TotalDeflection => span / conventions.total_deflection_limit,
        CheckKind::DoorSag => conventions.most_sag_over_door.map_or(f64::INFINITY, |most| most.to_inches()),
        _ => return false,
    };
    if !case.bridge.is_simple() || case.only_uniform.is_some() || case.swept.is_some() {
        return false;
    }
    let at_midspan = case.span().deflection_ei(span / 2.0) / stiffness(&mut Silent, case);
    at_midspan / LEAST_AT_MIDSPAN / allowed <= worst.ratio()
}

/// E · I of a header, lb·in².
pub fn stiffness_of(case: &CombinedCase<'_>) -> f64 {
    stiffness(&mut Silent, case).value()
}

/// E · I.
fn stiffness<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> P::Number {
    let bridge = case.bridge;
    let conventions = &bridge.problem.conventions;
    let modulus = conventions.code.stiffness(pen, &bridge.values, bridge.header.board.family(), conventions.service);
    modulus * pen.given("I", bridge.section.inertia)
}

/// E·I times the sag of the span that uses up most of its limit, and that span, in.; an overhang counts twice its length.
/// `None` for a header from pack to pack.
fn worst_span(case: &CombinedCase<'_>) -> Option<(f64, f64)> {
    case.sags_of_spans()?.into_iter().max_by(|a, b| (a.0 / a.1).total_cmp(&(b.0 / b.1)))
}

#[cfg(test)]
mod tests {
    use super::LEAST_AT_MIDSPAN;
    use crate::sizing::header::CheckKind;
    use crate::sizing::testing::{evaluated, roof_window};
    use crate::statics::{BeamLoad, SimpleSpan};

    #[test]
    fn worked_example() {
        let result = evaluated(&roof_window()).check(CheckKind::LiveDeflection);
        assert!((result.comparison.demand - 0.01238).abs() < 0.00001, "{:?}", result.comparison);
        assert!((result.ratio() - 0.1189).abs() < 0.0001);
    }

    #[test]
    fn midspan_sag_is_nearly_the_largest_wherever_a_load_stands() {
        let least = (1..1200).map(|tenth| {
            let loads = [BeamLoad::Point { pounds: 1.0, at: f64::from(tenth) / 10.0 }];
            let span = SimpleSpan::new(120.0, &loads);
            span.deflection_ei(60.0) / span.largest_deflection_ei().value
        });
        let least = least.fold(1.0, f64::min);
        assert!((LEAST_AT_MIDSPAN..1.0).contains(&least), "{least}");
    }

    #[test]
    fn creep_multiplies_dead_load_only() {
        let mut problem = roof_window();
        let before = evaluated(&problem);
        problem.conventions.creep = 2.0;
        let after = evaluated(&problem);
        let live = |e: &crate::sizing::Evaluation| e.check(CheckKind::LiveDeflection).comparison.demand;
        let total = |e: &crate::sizing::Evaluation| e.check(CheckKind::TotalDeflection).comparison.demand;
        assert!((live(&before) - live(&after)).abs() < 1e-12);
        assert!((total(&after) - total(&before) - (total(&before) - live(&before))).abs() < 1e-9);
    }
}
