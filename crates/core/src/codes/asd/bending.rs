//! # Bending
//!
//! **What it checks.** fb = M/S against Fb' = Fb · C_D · C_F · C_r · C_L (sawn) or Fb · C_D · C_V · C_r · C_L (composites; of
//! C_V and C_L the lesser when C_V ≤ 1).
//!
//! **Source.** NDS 2018 3.3, 4.3, 8.3, from memory.
//!
//! **Assumptions and limits.** Normal temperature, no notches or holes. Where nothing holds the pressed edge C_L counts. An
//! unbalanced glulam has its lesser value where it hogs.
//!
//! **Worked example.** 2-2x6 SPF No.2 under 8496 lb·in. of snow: fb = 8496 / 15.125 = 561.7 psi; Fb' = 875 · 1.15 · 1.3 = 1308 psi;
//! ratio 0.429.

use super::factors::beam_stability::{UnbracedBeam, beam_stability_factor, slenderness_ratio};
use super::factors::repetitive_member::repetitive_member_factor;
use super::factors::size::size_factor_bending;
use super::factors::volume::{depth_factor, volume_factor};
use super::factors::wet_service::{Property, with_wet_service};
use super::values::{depth_exponent, hogging_bending};
use crate::codes::question::{Bending, Bent, Comparison, FreeEdge};
use crate::lumber::HeaderBoard;
use crate::say;
use crate::working::{Clause, Number, Pen, Silent, Unit};

const CLAUSE: Clause = Clause::nds("3.3");

/// Stress of a moment, lb·in., beside the strength, psi.
pub fn bending<P: Pen>(pen: &mut P, asked: &Bending, moment: P::Number) -> Comparison {
    let section_modulus = pen.given("S", asked.modulus);
    let stress = pen.step("step-bending-stress", "fb", Unit::Psi, CLAUSE, moment / section_modulus);
    let strength = bending_strength(pen, asked);
    Comparison { demand: stress.value(), capacity: strength.value() }
}

/// Fb', psi.
pub fn bending_strength<P: Pen>(pen: &mut P, asked: &Bending) -> P::Number {
    let beam = asked.beam;
    let reference = match (beam.board, asked.bent) {
        (HeaderBoard::Engineered { class, .. }, Bent::Hogging) => hogging_bending(class).to_psi(),
        _ => asked.values.bending.to_psi(),
    };
    let mut strength = pen.given("Fb", reference) * pen.given("C_D", asked.duration);
    let mut composite = None;
    let (service, family) = (asked.service, beam.board.family());
    match beam.board {
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
            composite = Some(match depth_exponent(class) {
                Some(exponent) => depth_factor(pen, &depth, exponent),
                None => {
                    let span = pen.given("L", asked.span);
                    let width = pen.given("b", asked.width);
                    volume_factor(pen, &span, &depth, &width)
                }
            });
        }
        HeaderBoard::Sheet { .. } => {
            pen.note(|| say!("note-own-bending"));
        }
    }
    let repetitive = repetitive_member_factor(beam, asked.repetitive);
    strength = strength * pen.given("C_r", repetitive);
    let stability = rolling_factor(pen, asked, &strength, composite.as_ref());
    for factor in lesser_when_reducing(stability, composite) {
        strength = strength * factor;
    }
    pen.step("step-bending-strength", "Fb'", Unit::Psi, CLAUSE, strength)
}

/// FbE of a beam whose pressed edge is free, psi.
pub fn buckling_stress<P: Pen>(pen: &mut P, asked: &Bending, free: &FreeEdge) -> P::Number {
    let beam = unbraced_beam(pen, free);
    let ratio = slenderness_ratio(pen, &beam);
    let stiffness = pen.given("Emin", asked.values.stability_stiffness.to_psi());
    let buckling = stiffness.times(1.2) / ratio.power(2.0);
    pen.step("step-buckling-stress", "FbE", Unit::Psi, Clause::nds("3.3.3"), buckling)
}

/// R_B.
pub fn slenderness(free: &FreeEdge) -> f64 {
    let beam = unbraced_beam(&mut Silent, free);
    slenderness_ratio(&mut Silent, &beam)
}

/// C_L, or `None` where the pressed edge is held. Fb* is Fb with every factor but C_L, C_V ≤ 1 and C_fu.
fn rolling_factor<P: Pen>(
    pen: &mut P,
    asked: &Bending,
    strength: &P::Number,
    depth_factor: Option<&P::Number>,
) -> Option<P::Number> {
    let free = asked.free?;
    if asked.bent == Bent::Hogging {
        pen.note(|| say!("note-hogging"));
    }
    if free.one_ply_of_several {
        pen.note(|| say!("note-one-ply-rolls"));
    }
    let beam = unbraced_beam(pen, &free);
    let ratio = slenderness_ratio(pen, &beam);
    let starred = match depth_factor {
        Some(factor) if factor.value() > 1.0 => strength.clone() * factor.clone(),
        _ => strength.clone(),
    };
    let starred = pen.step("step-bending-strength-if-it-could-not-roll-over", "Fb*", Unit::Psi, CLAUSE, starred);
    let stiffness = pen.given("Emin", asked.values.stability_stiffness.to_psi());
    let stiffness = with_wet_service(pen, stiffness, asked.service, asked.beam.board.family(), Property::Stiffness);
    Some(beam_stability_factor(pen, &starred, &stiffness, &ratio))
}

fn unbraced_beam<P: Pen>(pen: &mut P, free: &FreeEdge) -> UnbracedBeam<P::Number> {
    UnbracedBeam {
        unbraced_length: pen.given("l_u", free.length),
        depth: pen.given("d", free.depth),
        width: pen.given("b", free.width),
        loading: free.loading,
    }
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

    #[test]
    fn the_lesser_of_depth_and_stability_factors_counts() {
        let factors: Vec<f64> = lesser_when_reducing(Some(0.9), Some(0.95)).collect();
        assert_eq!(factors, [0.9]);
        let factors: Vec<f64> = lesser_when_reducing(Some(0.9), Some(1.05)).collect();
        assert_eq!(factors, [0.9, 1.05]);
    }
}
