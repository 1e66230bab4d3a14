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
use super::bending::asked;
use super::moment::largest_moment;
use crate::codes::question::{Bent, Flatwise};
use crate::codes::{Combination, CombinationSet, Topic};
use crate::sizing::bridge::Bridge;
use crate::sizing::load_pattern::LoadPattern;
use crate::sizing::problem::SidewaysWind;
use crate::working::{Clause, Number, Pen, Silent, Unit};

/// The hardest of the combinations with wind, and how hard the header works.
pub fn hardest(bridge: &Bridge<'_>) -> Option<(&'static Combination, Comparison)> {
    let wind = bridge.problem.sideways.filter(|_| bridge.is_simple())?;
    let combinations = bridge.problem.conventions.code.combinations(CombinationSet::WithWind);
    let all = combinations.iter().map(|combination| (combination, sideways(&mut Silent, bridge, &wind, combination)));
    all.max_by(|a, b| a.1.ratio().total_cmp(&b.1.ratio()))
}

/// Bent both ways in one combination: the sum against 1.
pub fn sideways<P: Pen>(
    pen: &mut P,
    bridge: &Bridge<'_>,
    wind: &SidewaysWind,
    combination: &Combination,
) -> Comparison {
    let code = bridge.problem.conventions.code;
    let case = bridge.under_pattern(combination, LoadPattern::ALL);
    let moment = largest_moment(pen, &case);
    let upright = code.upright(pen, &asked(&case, Bent::Sagging), moment);
    let line = pen.given("W", wind.pressure.to_psf())
        * pen.given("⟨symbol-height⟩", wind.height_on(bridge.section.depth))
        / P::Number::constant(144.0);
    let line = line.times(combination.wind);
    let clause = code.clause(Topic::Combinations);
    let line = pen.step("step-wind-along-the-header", "w_W", Unit::PoundsPerInch, clause, line);
    let moment = line * pen.given("L", bridge.design_span_inches()).power(2.0) / P::Number::constant(8.0);
    let moment = pen.step("step-moment-sideways", "M_W", Unit::PoundInches, Clause::STATICS, moment);
    let plies = f64::from(bridge.header.plies);
    let ply = bridge.header.board.ply_width().to_inches();
    let modulus =
        pen.given("⟨symbol-plies⟩", plies) * pen.given("d", bridge.section.depth) * pen.given("b", ply).power(2.0)
            / P::Number::constant(6.0);
    let flat = Flatwise { board: bridge.header.board, values: bridge.values, duration: combination.duration };
    code.both_ways(pen, upright, &flat, moment, modulus)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::codes::CombinationIndex;
    use crate::loads::ByKind;
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
        assert_eq!(check.combination.map(CombinationIndex::name), Some("D+0.75L+0.75S+0.45W"));
    }
}
