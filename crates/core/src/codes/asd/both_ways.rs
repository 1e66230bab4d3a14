//! # A beam bent both ways
//!
//! **What it checks.** fb₁/Fb₁' + fb₂ / (Fb₂'·(1 − (fb₁/FbE)²)) ≤ 1.
//!
//! **Source.** NDS 2018 3.9.2 without axial load, from memory.
//!
//! **Assumptions and limits.** Composites flatwise as on edge; glulam by the value of its other axis. FbE counts where nothing holds
//! the pressed edge.

use super::bending::{bending_strength, buckling_stress};
use super::factors::flat_use::flat_use_factor;
use super::factors::size::size_factor_bending;
use super::values::flatwise_bending;
use crate::codes::question::{Bending, Comparison, Flatwise, FreeEdge, Loading};
use crate::lumber::HeaderBoard;
use crate::working::{Clause, Number, Pen, Unit};

const CLAUSE: Clause = Clause::nds("3.9.2");

/// How hard a beam works upright, psi.
#[derive(Clone, Debug)]
pub struct Upright<N> {
    /// fb₁.
    stress: N,
    /// Fb₁'.
    strength: N,
    /// FbE, where the pressed edge is free.
    rolling: Option<N>,
}

/// Upright under a moment, lb·in.
pub fn upright<P: Pen>(pen: &mut P, asked: &Bending, moment: P::Number) -> Upright<P::Number> {
    let stress = moment / pen.given("S", asked.modulus);
    let stress = pen.step("step-bending-stress-upright", "fb1", Unit::Psi, Clause::nds("3.3"), stress);
    let strength = bending_strength(pen, asked);
    // With wind it is no longer loaded evenly alone.
    let rolling = asked.free.map(|free| buckling_stress(pen, asked, &FreeEdge { loading: Loading::Mixed, ..free }));
    Upright { stress, strength, rolling }
}

/// Both ways: the sum against 1. The moment sideways in lb·in., the modulus of all plies flatwise in in.³.
pub fn both_ways<P: Pen>(
    pen: &mut P,
    upright: Upright<P::Number>,
    asked: &Flatwise,
    moment: P::Number,
    modulus: P::Number,
) -> Comparison {
    let stress = pen.step("step-bending-stress-sideways", "fb2", Unit::Psi, CLAUSE, moment / modulus);
    let flat = pen.given("⟨symbol-fb-flatwise⟩", flat_strength(asked)) * pen.given("C_D", asked.duration);
    let flat = pen.step("step-bending-strength-sideways", "Fb2'", Unit::Psi, CLAUSE, flat);
    let Upright { stress: upright, strength, rolling } = upright;
    let left = match rolling {
        Some(rolling) => P::Number::constant(1.0) - (upright.clone() / rolling).power(2.0),
        None => P::Number::constant(1.0),
    };
    if left.value() <= 0.0 {
        return Comparison { demand: f64::INFINITY, capacity: 1.0 };
    }
    let sum = upright / strength + stress / (flat * left);
    let sum = pen.step("step-bent-both-ways", "⟨symbol-sum⟩", Unit::None, CLAUSE, sum);
    Comparison { demand: sum.value(), capacity: 1.0 }
}

/// Fb flatwise with every factor but C_D, psi.
fn flat_strength(asked: &Flatwise) -> f64 {
    let reference = asked.values.bending.to_psi();
    match asked.board {
        HeaderBoard::Sawn { species, grade, size } => {
            reference * size_factor_bending(species, grade, size) * flat_use_factor(size)
        }
        HeaderBoard::Engineered { class, .. } => flatwise_bending(class).to_psi(),
        HeaderBoard::Sheet { .. } => reference,
    }
}
