//! # Bending
//!
//! **What it checks.** fb = M/S against Fb' = Fb · C_D · C_F · C_r · C_L (sawn) or Fb · C_D · C_V · C_r · C_L (composites; of
//! C_V and C_L the lesser when C_V ≤ 1).
//!
//! **Source.** NDS 2018 3.3, 4.3, 8.3, from memory.
//!
//! **Assumptions and limits.** Normal temperature, no notches or holes. Tight under the plates the top edge
//! is held (C_L = 1); hung with cripples on it, it is free over the design span.
//!
//! **Worked example.** 2-2x6 SPF No.2 over 3 ft, D 240 and S 336 lb/ft: w = 580 lb/ft with its own weight,
//! L = 37.5 in., M = 8496 lb·in., fb = 8496 / 15.125 = 561.7 psi; Fb' = 875 · 1.15 · 1.3 = 1308 psi; ratio 0.429.

use super::Comparison;
use super::moment::largest_moment;
use crate::lumber::factors::beam_stability::{UnbracedBeam, beam_stability_factor, slenderness_ratio};
use crate::lumber::factors::repetitive_member::repetitive_member_factor;
use crate::lumber::factors::size::size_factor_bending;
use crate::lumber::factors::volume::depth_factor;
use crate::lumber::factors::wet_service::{Property, with_wet_service};
use crate::lumber::header_stock::HeaderBoard;
use crate::sizing::bridge::CombinedCase;
use crate::sizing::problem::{TopEdge, TopEdgeWidth};
use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("3.3");

/// Bending stress and strength of one case, psi.
pub fn bending<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> Comparison {
    let moment = largest_moment(pen, case);
    let section_modulus = pen.given("S", case.bridge.header.section().section_modulus_cubic_inches());
    let stress = pen.step("bending stress", "fb", Unit::Psi, CLAUSE, moment / section_modulus);
    let strength = bending_strength(pen, case);
    Comparison { demand: stress.value(), capacity: strength.value() }
}

/// Fb' of one case, psi.
fn bending_strength<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> P::Number {
    let header = case.bridge.header;
    let mut strength =
        pen.given("Fb", case.bridge.values.bending.to_psi()) * pen.given("C_D", case.combination.duration);
    let mut composite = None;
    match header.board {
        HeaderBoard::Sawn { species, grade, size } => {
            let size_factor = size_factor_bending(species, grade, size);
            strength = strength * pen.given("C_F", size_factor);
            let with_size = Property::Bending(case.bridge.values.bending.to_psi() * size_factor);
            strength = with_wet_service(pen, strength, case.bridge.problem.conventions.service, with_size);
        }
        HeaderBoard::Engineered { class, depth, .. } => {
            let depth = pen.given("d", depth.to_inches());
            composite = Some(depth_factor(pen, &depth, class.depth_exponent()));
        }
    }
    let repetitive = repetitive_member_factor(header, case.bridge.problem.conventions.repetitive);
    strength = strength * pen.given("C_r", repetitive);
    let stability = top_edge_factor(pen, case, &strength, composite.as_ref());
    for factor in lesser_when_reducing(stability, composite) {
        strength = strength * factor;
    }
    pen.step("bending strength", "Fb'", Unit::Psi, CLAUSE, strength)
}

/// C_L, or `None` where the top edge is held. Fb* is Fb with every factor but C_L, C_V ≤ 1 and C_fu.
fn top_edge_factor<P: Pen>(
    pen: &mut P,
    case: &CombinedCase<'_>,
    strength: &P::Number,
    depth_factor: Option<&P::Number>,
) -> Option<P::Number> {
    let TopEdge::Free(acting) = case.bridge.problem.conventions.top_edge else {
        return None;
    };
    let header = case.bridge.header;
    if case.bridge.problem.conventions.deepest == Some(header.board.depth()) {
        pen.note(|| "The header fills the room up to the top plates, which hold its top edge: C_L = 1.".into());
        return None;
    }
    let width = match acting {
        TopEdgeWidth::AllPlies => header.section().width,
        TopEdgeWidth::OnePly => header.board.ply_width(),
    };
    let beam = UnbracedBeam {
        unbraced_length: pen.given("l_u", case.bridge.design_span_inches()),
        depth: pen.given("d", header.board.depth().to_inches()),
        width: pen.given("b", width.to_inches()),
    };
    let ratio = slenderness_ratio(pen, &beam);
    let starred = match depth_factor {
        Some(factor) if factor.value() > 1.0 => strength.clone() * factor.clone(),
        _ => strength.clone(),
    };
    let starred = pen.step("bending strength if it could not roll over", "Fb*", Unit::Psi, CLAUSE, starred);
    let stiffness = pen.given("Emin", case.bridge.values.stability_stiffness.to_psi());
    let service = case.bridge.problem.conventions.service;
    let stiffness = with_wet_service(pen, stiffness, service, Property::Stiffness);
    Some(beam_stability_factor(pen, &starred, &stiffness, &ratio))
}

/// NDS 2018 8.3.6: C_V ≤ 1 is not applied together with C_L; the lesser is. C_V > 1 is applied beside C_L.
fn lesser_when_reducing<N: Number>(stability: Option<N>, depth_factor: Option<N>) -> impl Iterator<Item = N> {
    let (first, second) = match (stability, depth_factor) {
        (Some(stability), Some(depth)) if depth.value() <= 1.0 => (Some(stability.smaller(depth)), None),
        pair => pair,
    };
    first.into_iter().chain(second)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::sizing::header::CheckKind;
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn worked_example() {
        let problem = roof_window();
        let result = evaluated(&problem).check(CheckKind::Bending);
        assert_eq!(result.combination, "D+S");
        assert!((result.comparison.demand - 561.7).abs() < 0.1, "{:?}", result.comparison);
        assert!((result.comparison.capacity - 875.0 * 1.15 * 1.3).abs() < 1e-9);
    }

    #[test]
    fn a_free_top_edge_is_weaker_and_one_ply_weaker_still() {
        let mut problem = roof_window();
        let held = evaluated(&problem).check(CheckKind::Bending).ratio();
        problem.conventions.top_edge = TopEdge::Free(TopEdgeWidth::AllPlies);
        let hung = evaluated(&problem).check(CheckKind::Bending).ratio();
        problem.conventions.top_edge = TopEdge::Free(TopEdgeWidth::OnePly);
        let one_ply = evaluated(&problem).check(CheckKind::Bending).ratio();
        assert!(held < hung && hung < one_ply, "{held} {hung} {one_ply}");
    }

    #[test]
    fn the_lesser_of_depth_and_stability_factors_counts() {
        let factors: Vec<f64> = lesser_when_reducing(Some(0.9), Some(0.95)).collect();
        assert_eq!(factors, [0.9]);
        let factors: Vec<f64> = lesser_when_reducing(Some(0.9), Some(1.05)).collect();
        assert_eq!(factors, [0.9, 1.05]);
    }
}
