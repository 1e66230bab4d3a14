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
use crate::lumber::HeaderBoard;
use crate::lumber::factors::beam_stability::{UnbracedBeam, beam_stability_factor, slenderness_ratio};
use crate::lumber::factors::repetitive_member::repetitive_member_factor;
use crate::lumber::factors::size::size_factor_bending;
use crate::lumber::factors::volume::{depth_factor, volume_factor};
use crate::lumber::factors::wet_service::{Property, with_wet_service};
use crate::sizing::bridge::{Bridge, CombinedCase};
use crate::sizing::problem::{TopEdge, TopEdgeWidth};
use crate::working::{Clause, Number, Pen, Silent, Unit};

const CLAUSE: Clause = Clause::nds("3.3");

/// Bending stress and strength of one case, psi.
pub fn bending<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> Comparison {
    let moment = largest_moment(pen, case);
    let section_modulus = pen.given("S", case.bridge.section.modulus);
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
    let (service, family) = (case.bridge.problem.conventions.service, header.board.family());
    match header.board {
        HeaderBoard::Sawn { species, grade, size } => {
            let size_factor = size_factor_bending(species, grade, size);
            strength = strength * pen.given("C_F", size_factor);
            let with_size = Property::Bending(case.bridge.values.bending.to_psi() * size_factor);
            strength = with_wet_service(pen, strength, service, family, with_size);
        }
        HeaderBoard::Engineered { class, depth, .. } => {
            let property = Property::Bending(case.bridge.values.bending.to_psi());
            strength = with_wet_service(pen, strength, service, family, property);
            let depth = pen.given("d", depth.to_inches());
            composite = Some(match class.depth_exponent() {
                Some(exponent) => depth_factor(pen, &depth, exponent),
                None => {
                    let span = pen.given("L", case.bridge.design_span_inches());
                    let width = pen.given("b", case.bridge.section.width);
                    volume_factor(pen, &span, &depth, &width)
                }
            });
        }
        HeaderBoard::Sheet { .. } => {
            pen.note(|| "Fb is the user's own value, taken as adjusted for depth on its sheet.".into());
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
    let acting = free_top_edge(case.bridge)?;
    if fills_the_room(case.bridge) {
        pen.note(|| "The header fills the room up to the top plates, which hold its top edge: C_L = 1.".into());
        return None;
    }
    if acting == TopEdgeWidth::OnePly && case.bridge.header.plies > 1 {
        pen.note(|| "The plies are not fastened to act as one, so one ply's thickness resists rolling over.".into());
    }
    let beam = unbraced_beam(pen, case.bridge, acting);
    let ratio = slenderness_ratio(pen, &beam);
    let starred = match depth_factor {
        Some(factor) if factor.value() > 1.0 => strength.clone() * factor.clone(),
        _ => strength.clone(),
    };
    let starred = pen.step("bending strength if it could not roll over", "Fb*", Unit::Psi, CLAUSE, starred);
    let stiffness = pen.given("Emin", case.bridge.values.stability_stiffness.to_psi());
    let service = case.bridge.problem.conventions.service;
    let family = case.bridge.header.board.family();
    let stiffness = with_wet_service(pen, stiffness, service, family, Property::Stiffness);
    Some(beam_stability_factor(pen, &starred, &stiffness, &ratio))
}

/// What width resists rolling over, if the top edge is free.
fn free_top_edge(bridge: &Bridge<'_>) -> Option<TopEdgeWidth> {
    match bridge.problem.conventions.top_edge {
        TopEdge::Free(acting) => Some(acting),
        TopEdge::Braced => None,
    }
}

fn fills_the_room(bridge: &Bridge<'_>) -> bool {
    bridge.problem.conventions.deepest == Some(bridge.header.board.depth())
}

/// The header as a beam that could roll over.
fn unbraced_beam<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, acting: TopEdgeWidth) -> UnbracedBeam<P::Number> {
    let width = match acting {
        TopEdgeWidth::AllPlies => bridge.header.section().width,
        TopEdgeWidth::OnePly => bridge.header.board.ply_width(),
    };
    let unbraced = bridge.problem.conventions.unbraced_length;
    UnbracedBeam {
        unbraced_length: pen
            .given("l_u", unbraced.map_or_else(|| bridge.design_span_inches(), |length| length.to_inches())),
        depth: pen.given("d", bridge.header.board.depth().to_inches()),
        width: pen.given("b", width.to_inches()),
    }
}

/// R_B of a header whose top edge is free; `None` where it is held.
pub fn slenderness(bridge: &Bridge<'_>) -> Option<f64> {
    let acting = free_top_edge(bridge).filter(|_| !fills_the_room(bridge))?;
    Some(slenderness_ratio(&mut Silent, &unbraced_beam(&mut Silent, bridge, acting)))
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
