//! # A hung header bent sideways by wind
//!
//! **What it checks.** Nothing holds a header at head height sideways between its kings: it takes the wind on half of the wall
//! above it, on itself and on half of the opening, bent flatwise, together with what it carries upright: fb₁/Fb₁' +
//! fb₂ / (Fb₂'·(1 − (fb₁/FbE)²)) ≤ 1 in D + 0.6W and D + 0.75(L + S or Lr) + 0.45W.
//!
//! **Source.** NDS 2018 3.9.2 without axial load, from memory. C_D 1.6.
//!
//! **Assumptions and limits.** From pack to pack. Sheathing and cripples share nothing. Composites flatwise as on edge; glulam
//! flatwise 1450 psi (24F-V4, from memory). The user's own sheet: as on edge.
//!
//! **Worked example.** 2-2x10 SPF over 8 ft, 25 psf on 4 ft: w = 0.6·25·4 = 60 lb/ft, M = 60·8.06²/8·12 = 5850 lb·in., S = 2 ·
//! 9.25·1.5²/6 = 6.94 in.³, 843 psi of 875·1.1·1.2·1.6 = 1848.

use super::Comparison;
use super::bending::upright_strength;
use super::moment::largest_moment;
use crate::loads::load_duration::WIND_DURATION_FACTOR;
use crate::loads::{ByKind, Combination};
use crate::lumber::HeaderBoard;
use crate::lumber::factors::flat_use::flat_use_factor;
use crate::lumber::factors::size::size_factor_bending;
use crate::sizing::bridge::{Bridge, CombinedCase, LoadPattern};
use crate::sizing::problem::SidewaysWind;
use crate::working::{Clause, Number, Pen, Silent, Unit};

const CLAUSE: Clause = Clause::nds("3.9.2");

/// What acts upright with the wind: a name, the part of each kind, and the part of 0.6 W.
pub const WITH_WIND: [(&str, ByKind<f64>, f64); 3] = [
    ("D+0.6W", with_wind(0.0, 0.0, 0.0), 1.0),
    ("D+0.75L+0.75S+0.45W", with_wind(0.75, 0.0, 0.75), 0.75),
    ("D+0.75L+0.75Lr+0.45W", with_wind(0.75, 0.75, 0.0), 0.75),
];

const fn with_wind(floor_live: f64, roof_live: f64, snow: f64) -> ByKind<f64> {
    ByKind { dead: 1.0, floor_live, roof_live, snow, deck_live: 0.0, deck_snow: snow }
}

/// The combination of so many a number in [`WITH_WIND`], as the upright loads see it.
pub fn upright(index: usize) -> Combination {
    let (name, factors, _) = WITH_WIND[index];
    Combination { name, factors, duration: WIND_DURATION_FACTOR }
}

/// The hardest of the combinations with wind: its number, and how hard the header works.
pub fn hardest(bridge: &Bridge<'_>) -> Option<(usize, Comparison)> {
    let wind = bridge.problem.sideways.filter(|_| bridge.is_simple())?;
    let all = (0..WITH_WIND.len()).map(|index| (index, sideways(&mut Silent, bridge, &wind, index)));
    all.max_by(|a, b| a.1.ratio().total_cmp(&b.1.ratio()))
}

/// Bent both ways in one combination: the sum against 1.
pub fn sideways<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, wind: &SidewaysWind, index: usize) -> Comparison {
    let combination = upright(index);
    let case = bridge.under_pattern(&combination, LoadPattern::ALL);
    let over_edge = over_the_edge(pen, &case);
    let (upright, strength, rolling) = over_edge;
    let line = pen.given("W", wind.pressure.to_psf())
        * pen.given("⟨symbol-height⟩", wind.height_on(bridge.section.depth))
        / P::Number::constant(144.0);
    let line = line.times(0.6 * WITH_WIND[index].2);
    let line = pen.step("step-wind-along-the-header", "w_W", Unit::PoundsPerInch, Clause::asce7("2.4"), line);
    let moment = line * pen.given("L", bridge.design_span_inches()).power(2.0) / P::Number::constant(8.0);
    let moment = pen.step("step-moment-sideways", "M_W", Unit::PoundInches, Clause::STATICS, moment);
    let plies = f64::from(bridge.header.plies);
    let ply = bridge.header.board.ply_width().to_inches();
    let modulus =
        pen.given("⟨symbol-plies⟩", plies) * pen.given("d", bridge.section.depth) * pen.given("b", ply).power(2.0)
            / P::Number::constant(6.0);
    let stress = pen.step("step-bending-stress-sideways", "fb2", Unit::Psi, CLAUSE, moment / modulus);
    let flat = pen.given("⟨symbol-fb-flatwise⟩", flat_strength(bridge)) * pen.given("C_D", WIND_DURATION_FACTOR);
    let flat = pen.step("step-bending-strength-sideways", "Fb2'", Unit::Psi, CLAUSE, flat);
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

/// fb, Fb' and FbE upright.
fn over_the_edge<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> (P::Number, P::Number, Option<P::Number>) {
    let moment = largest_moment(pen, case);
    let stress = moment / pen.given("S", case.bridge.section.modulus);
    let stress = pen.step("step-bending-stress-upright", "fb1", Unit::Psi, Clause::nds("3.3"), stress);
    let (strength, rolling) = upright_strength(pen, case);
    (stress, strength, rolling)
}

/// Fb flatwise with every factor but C_D, psi.
fn flat_strength(bridge: &Bridge<'_>) -> f64 {
    let reference = bridge.values.bending.to_psi();
    match bridge.header.board {
        HeaderBoard::Sawn { species, grade, size } => {
            reference * size_factor_bending(species, grade, size) * flat_use_factor(size)
        }
        HeaderBoard::Engineered { class, .. } => class.flatwise_bending().to_psi(),
        HeaderBoard::Sheet { .. } => reference,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::measure::{Length, Pressure};
    use crate::sizing::header::CheckKind;
    use crate::sizing::problem::{OpeningLoad, TopEdge, TopEdgeWidth};
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn wind_alone_by_hand() {
        // 2-2x6 over 36 in. on one jack a side, 37.5 in.: 0.6 · 25 · 48/144 = 5 lb/in.; M = 5·37.5²/8 = 879 lb·in.; S = 2·5.5·1.5²/6
        // = 4.125: 213 psi of 875·1.3·1.15·1.6 = 2093: 0.102.
        let mut problem = roof_window();
        problem.loads = vec![OpeningLoad::Line { amount: ByKind::default(), extent: None }];
        problem.conventions.self_weight = false;
        problem.conventions.top_edge = TopEdge::Free(TopEdgeWidth::AllPlies);
        problem.sideways = Some(SidewaysWind {
            pressure: Pressure::psf(25.0),
            above: Length::inches_and(90, 1, 2),
            opening: Length::ZERO,
        });
        let check = evaluated(&problem).check(CheckKind::Sideways);
        assert!((check.ratio() - 0.1018).abs() < 0.0005, "{check:?}");
    }

    #[test]
    fn what_it_carries_upright_adds_to_it() {
        let mut problem = roof_window();
        problem.conventions.top_edge = TopEdge::Free(TopEdgeWidth::OnePly);
        problem.sideways = Some(SidewaysWind {
            pressure: Pressure::psf(25.0),
            above: Length::inches_and(90, 1, 2),
            opening: Length::ZERO,
        });
        let check = evaluated(&problem).check(CheckKind::Sideways);
        assert!(check.ratio() > 0.1018 + 0.1, "{check:?}");
        assert_eq!(check.combination, "D+0.75L+0.75S+0.45W");
    }
}
