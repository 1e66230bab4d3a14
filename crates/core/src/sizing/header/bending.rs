//! # Bending
//!
//! **What it checks.** fb = M/S against Fb' = Fb · C_D · C_F · C_r · C_L (sawn) or Fb · C_D · C_V · C_r · C_L (composites; of
//! C_V and C_L the lesser when C_V ≤ 1).
//!
//! **Source.** NDS 2018 3.3, 4.3, 8.3, from memory.
//!
//! **Assumptions and limits.** Normal temperature, no notches or holes. Tight under the plates the top edge
//! is held (C_L = 1); hung with cripples on it, it is free over the design span. Over a post the lower edge is pressed and free,
//! and an unbalanced glulam has its lesser value there.
//!
//! **Worked example.** 2-2x6 SPF No.2 over 3 ft, D 240 and S 336 lb/ft: w = 580 lb/ft with its own weight,
//! L = 37.5 in., M = 8496 lb·in., fb = 8496 / 15.125 = 561.7 psi; Fb' = 875 · 1.15 · 1.3 = 1308 psi; ratio 0.429.

use super::Comparison;
use super::moment::{largest_moment, moment_over_supports};
use crate::lumber::HeaderBoard;
use crate::lumber::factors::beam_stability::{Loading, UnbracedBeam, beam_stability_factor, slenderness_ratio};
use crate::lumber::factors::repetitive_member::repetitive_member_factor;
use crate::lumber::factors::size::size_factor_bending;
use crate::lumber::factors::volume::{depth_factor, volume_factor};
use crate::lumber::factors::wet_service::{Property, with_wet_service};
use crate::say;
use crate::sizing::bridge::{Bridge, CombinedCase};
use crate::sizing::problem::{TopEdge, TopEdgeWidth};
use crate::statics::Extreme;
use crate::working::{Clause, Number, Pen, Silent, Unit};

const CLAUSE: Clause = Clause::nds("3.3");

/// Which edge of the header is pressed.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
enum Bent {
    /// The upper one.
    Sagging,
    /// The lower one, over a support: nothing holds it.
    Hogging,
}

/// Bending stress and strength of one case, psi. Over several supports, of sagging and hogging the one that works harder.
pub fn bending<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> Comparison {
    let Some(beam) = case.beam() else {
        let moment = largest_moment(pen, case);
        return held_against(pen, case, moment, Bent::Sagging);
    };
    let [sagging, hogging] = beam.largest_by_sign();
    let work = |moment: Extreme, bent: Bent| moment.value / bending_strength(&mut Silent, case, bent).value();
    let (largest, bent) = if work(sagging, Bent::Sagging) < work(hogging, Bent::Hogging) {
        (hogging, Bent::Hogging)
    } else {
        (sagging, Bent::Sagging)
    };
    let moment = moment_over_supports(pen, &beam, largest, bent == Bent::Hogging);
    held_against(pen, case, moment, bent)
}

fn held_against<P: Pen>(pen: &mut P, case: &CombinedCase<'_>, moment: P::Number, bent: Bent) -> Comparison {
    let section_modulus = pen.given("S", case.bridge.section.modulus);
    let stress = pen.step("step-bending-stress", "fb", Unit::Psi, CLAUSE, moment / section_modulus);
    let strength = bending_strength(pen, case, bent);
    Comparison { demand: stress.value(), capacity: strength.value() }
}

/// Fb' of a sagging header, and FbE where its top edge is free, psi.
pub(super) fn upright_strength<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> (P::Number, Option<P::Number>) {
    let strength = bending_strength(pen, case, Bent::Sagging);
    let rolling = free_edge(case.bridge, Bent::Sagging).map(|acting| {
        let beam = unbraced_beam(pen, case.bridge, acting, Loading::Mixed);
        let ratio = slenderness_ratio(pen, &beam);
        let stiffness = pen.given("Emin", case.bridge.values.stability_stiffness.to_psi());
        let buckling = stiffness.times(1.2) / ratio.power(2.0);
        pen.step("step-buckling-stress", "FbE", Unit::Psi, Clause::nds("3.3.3"), buckling)
    });
    (strength, rolling)
}

/// Fb' of one case, psi.
fn bending_strength<P: Pen>(pen: &mut P, case: &CombinedCase<'_>, bent: Bent) -> P::Number {
    let header = case.bridge.header;
    let reference = match (header.board, bent) {
        (HeaderBoard::Engineered { class, .. }, Bent::Hogging) => class.hogging_bending().to_psi(),
        _ => case.bridge.values.bending.to_psi(),
    };
    let mut strength = pen.given("Fb", reference) * pen.given("C_D", case.combination.duration);
    let mut composite = None;
    let (service, family) = (case.bridge.problem.conventions.service, header.board.family());
    match header.board {
        HeaderBoard::Sawn { species, grade, size } => {
            let size_factor = size_factor_bending(species, grade, size);
            strength = strength * pen.given("C_F", size_factor);
            let with_size = Property::Bending(reference * size_factor);
            strength = with_wet_service(pen, strength, service, family, with_size);
        }
        HeaderBoard::Engineered { class, depth, .. } => {
            let property = Property::Bending(reference);
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
            pen.note(|| say!("note-own-bending"));
        }
    }
    let repetitive = repetitive_member_factor(header, case.bridge.problem.conventions.repetitive);
    strength = strength * pen.given("C_r", repetitive);
    let stability = rolling_factor(pen, case, bent, &strength, composite.as_ref());
    for factor in lesser_when_reducing(stability, composite) {
        strength = strength * factor;
    }
    pen.step("step-bending-strength", "Fb'", Unit::Psi, CLAUSE, strength)
}

/// C_L, or `None` where the pressed edge is held. Fb* is Fb with every factor but C_L, C_V ≤ 1 and C_fu.
fn rolling_factor<P: Pen>(
    pen: &mut P,
    case: &CombinedCase<'_>,
    bent: Bent,
    strength: &P::Number,
    depth_factor: Option<&P::Number>,
) -> Option<P::Number> {
    let acting = free_edge(case.bridge, bent)?;
    if bent == Bent::Hogging {
        pen.note(|| say!("note-hogging"));
    }
    if acting == TopEdgeWidth::OnePly && case.bridge.header.plies > 1 {
        pen.note(|| say!("note-one-ply-rolls"));
    }
    let loading = match bent {
        Bent::Sagging if case.only_uniform.is_some() => Loading::Even,
        _ => Loading::Mixed,
    };
    let beam = unbraced_beam(pen, case.bridge, acting, loading);
    let ratio = slenderness_ratio(pen, &beam);
    let starred = match depth_factor {
        Some(factor) if factor.value() > 1.0 => strength.clone() * factor.clone(),
        _ => strength.clone(),
    };
    let starred = pen.step("step-bending-strength-if-it-could-not-roll-over", "Fb*", Unit::Psi, CLAUSE, starred);
    let stiffness = pen.given("Emin", case.bridge.values.stability_stiffness.to_psi());
    let service = case.bridge.problem.conventions.service;
    let family = case.bridge.header.board.family();
    let stiffness = with_wet_service(pen, stiffness, service, family, Property::Stiffness);
    Some(beam_stability_factor(pen, &starred, &stiffness, &ratio))
}

/// What width resists rolling over, if the pressed edge is free. Only framing makes a hung header tight: one that fills the room
/// up to level plates.
fn free_edge(bridge: &Bridge<'_>, bent: Bent) -> Option<TopEdgeWidth> {
    let conventions = &bridge.problem.conventions;
    match (bent, conventions.top_edge) {
        (Bent::Hogging, _) => Some(conventions.lower_edge),
        (Bent::Sagging, TopEdge::Free(acting)) => Some(acting),
        (Bent::Sagging, TopEdge::FreeBelow { width, fills }) => (bridge.header.board.depth() != fills).then_some(width),
        (Bent::Sagging, TopEdge::Braced) => None,
    }
}

/// The header as a beam that could roll over.
fn unbraced_beam<P: Pen>(
    pen: &mut P,
    bridge: &Bridge<'_>,
    acting: TopEdgeWidth,
    loading: Loading,
) -> UnbracedBeam<P::Number> {
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
        loading,
    }
}

/// R_B of a header whose pressed edge is free; `None` where it is held.
pub fn slenderness(bridge: &Bridge<'_>) -> Option<f64> {
    let ratio = |bent: Bent| {
        let acting = free_edge(bridge, bent)?;
        let even = bent == Bent::Sagging && bridge.problem.is_evenly_loaded();
        let loading = if even { Loading::Even } else { Loading::Mixed };
        Some(slenderness_ratio(&mut Silent, &unbraced_beam(&mut Silent, bridge, acting, loading)))
    };
    let hogging = if bridge.is_simple() { None } else { ratio(Bent::Hogging) };
    [ratio(Bent::Sagging), hogging].into_iter().flatten().reduce(f64::max)
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
    use crate::loads::ByKind;
    use crate::lumber::{EngineeredClass, HeaderSpec};
    use crate::measure::{Length, LineLoad};
    use crate::sizing::evaluate;
    use crate::sizing::header::CheckKind;
    use crate::sizing::problem::{OpeningLoad, Post};
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
    fn an_unbalanced_glulam_hogs_with_its_lesser_value() {
        // Checked against a worked opening: 3 1/2 x 12, two spans of 120.5 in. under 1000.5 plf, M = 151 328 lb·in., fb 1802 of
        // 1450·1.15 = 1667, with C_L of the lower edge 0.973: 108 % without it, 111 % with it.
        let mut problem = roof_window();
        problem.clear = Length::inches(238);
        problem.loads = vec![OpeningLoad::Line {
            amount: ByKind { dead: LineLoad::plf(290.0), snow: LineLoad::plf(700.0), ..ByKind::default() },
            extent: None,
        }];
        problem.run.posts = [Post { at: Length::inches(119), studs: 4 }].into_iter().collect();
        problem.conventions.fixed_jacks = crate::measure::Ends::both(Some(2));
        let board = HeaderBoard::Engineered {
            class: EngineeredClass::Glulam24F18E,
            ply_width: Length::inches_and(3, 1, 2),
            depth: Length::inches(12),
        };
        let evaluation = evaluate(&problem, HeaderSpec { board, plies: 1 }).expect("within limits");
        let bending = evaluation.check(CheckKind::Bending);
        assert!((bending.comparison.demand - 1802.0).abs() < 1.0, "{bending:?}");
        assert!((1.08..1.112).contains(&bending.ratio()), "{}", bending.ratio());
    }

    #[test]
    fn the_lesser_of_depth_and_stability_factors_counts() {
        let factors: Vec<f64> = lesser_when_reducing(Some(0.9), Some(0.95)).collect();
        assert_eq!(factors, [0.9]);
        let factors: Vec<f64> = lesser_when_reducing(Some(0.9), Some(1.05)).collect();
        assert_eq!(factors, [0.9, 1.05]);
    }
}
