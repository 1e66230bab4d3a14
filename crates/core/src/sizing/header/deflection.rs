//! # Deflection
//!
//! **What it checks.** Sag under everything that is not dead load against span/360, and under everything (dead load
//! times the creep factor) against span/240; both limits are settable.
//!
//! **Source.** Elastic statics; NDS 2018 3.5; limits as IRC 2021 Table R301.7, from memory. E takes no load duration.
//!
//! **Worked example.** 2-2x6 SPF over 3 ft, S = 336 lb/ft = 28 lb/in.:
//! 5 · 28 · 37.5⁴ / (384 · 1 400 000 · 41.6) = 0.0124 in.; limit 37.5 / 360 = 0.104 in.; ratio 0.119.

use super::Comparison;
use crate::lumber::factors::wet_service::{Property, with_wet_service};
use crate::sizing::bridge::CombinedCase;
use crate::working::{Clause, Number, Pen, Unit};

/// Sag of one case beside the limit span/`limit`, in.
pub fn deflection<P: Pen>(pen: &mut P, case: &CombinedCase<'_>, limit: f64) -> Comparison {
    let length = pen.given("L", case.bridge.design_span_inches());
    let stiffness = pen.given("E", case.bridge.values.stiffness.to_psi());
    let stiffness = with_wet_service(pen, stiffness, case.bridge.problem.conventions.service, Property::Stiffness);
    let inertia = pen.given("I", case.bridge.header.section().moment_of_inertia_inches_fourth());
    let sag = match case.only_uniform() {
        Some(load) => {
            let load = pen.given("w", load);
            (load * length.clone().power(4.0)).times(5.0) / (stiffness * inertia).times(384.0)
        }
        None => P::Number::constant(case.span().largest_deflection_ei().value) / (stiffness * inertia),
    };
    let sag = pen.step("deflection", "Δ", Unit::Inches, Clause::nds("3.5"), sag);
    let allowed = length / P::Number::constant(limit);
    let allowed = pen.step("allowed", "Δ_max", Unit::Inches, Clause::irc("Table R301.7"), allowed);
    Comparison { demand: sag.value(), capacity: allowed.value() }
}

#[cfg(test)]
mod tests {
    use crate::sizing::header::CheckKind;
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn worked_example() {
        let result = evaluated(&roof_window()).check(CheckKind::LiveDeflection);
        assert!((result.comparison.demand - 0.01238).abs() < 0.00001, "{:?}", result.comparison);
        assert!((result.ratio() - 0.1189).abs() < 0.0001);
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
