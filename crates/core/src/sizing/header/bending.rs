//! # Bending
//!
//! **What it checks.** The largest moment against what the header carries by its design code: sagging, and over a support hogging;
//! of both the one that works harder.
//!
//! **Source.** Statics; the code's own file has the rest.
//!
//! **Assumptions and limits.** Tight under the plates the top edge is held; hung with cripples on it, it is free over the design span.
//! Over a post the lower edge is pressed and free.
//!
//! **Worked example.** 2-2x6 SPF No.2 over 3 ft, D 240 and S 336 lb/ft: w = 580 lb/ft with its own weight,
//! L = 37.5 in., M = 8496 lb·in.; ratio 0.429.

use super::Comparison;
use super::moment::{largest_moment, moment_over_supports};
use crate::codes::question::{Bending, Bent, FreeEdge, Loading};
use crate::sizing::bridge::{Bridge, CombinedCase};
use crate::sizing::problem::{TopEdge, TopEdgeWidth};
use crate::working::{Number, Pen, Silent};

/// Bending stress and strength of one case. Over several supports, of sagging and hogging the one that works harder.
pub fn bending<P: Pen>(pen: &mut P, case: &CombinedCase<'_>) -> Comparison {
    let code = case.bridge.problem.conventions.code;
    let Some([sagging, hogging]) = case.largest_by_sign() else {
        let moment = largest_moment(pen, case);
        return code.bending(pen, &asked(case, Bent::Sagging), moment);
    };
    let strengths = strengths(case);
    let (largest, bent) = if sagging / strengths[0] < hogging / strengths[1] {
        (hogging, Bent::Hogging)
    } else {
        (sagging, Bent::Sagging)
    };
    let moment = moment_over_supports(pen, case, largest, bent == Bent::Hogging);
    code.bending(pen, &asked(case, bent), moment)
}

/// The strength of a header over several supports, sagging and hogging.
pub fn strengths(case: &CombinedCase<'_>) -> [f64; 2] {
    let code = case.bridge.problem.conventions.code;
    [Bent::Sagging, Bent::Hogging].map(|bent| code.bending_strength(&mut Silent, &asked(case, bent)).value())
}

/// What the code is asked in one case.
pub(super) fn asked(case: &CombinedCase<'_>, bent: Bent) -> Bending {
    let Bridge { header, values, section, problem, .. } = *case.bridge;
    let even = bent == Bent::Sagging && case.only_uniform.is_some();
    Bending {
        beam: header,
        values,
        modulus: section.modulus,
        width: section.width,
        span: case.bridge.design_span_inches(),
        bent,
        free: free_edge(case.bridge, bent, if even { Loading::Even } else { Loading::Mixed }),
        repetitive: problem.conventions.repetitive,
        service: problem.conventions.service,
        duration: case.combination.duration,
    }
}

/// What width resists rolling over, if the pressed edge is free. Only framing makes a hung header tight: one that fills the room
/// up to level plates.
fn acting_width(bridge: &Bridge<'_>, bent: Bent) -> Option<TopEdgeWidth> {
    let conventions = &bridge.problem.conventions;
    match (bent, conventions.top_edge) {
        (Bent::Hogging, _) => conventions.lower_edge,
        (Bent::Sagging, TopEdge::Free(acting)) => Some(acting),
        (Bent::Sagging, TopEdge::FreeBelow { width, fills }) => (bridge.header.board.depth() != fills).then_some(width),
        (Bent::Sagging, TopEdge::Braced) => None,
    }
}

/// The pressed edge, if it is free.
fn free_edge(bridge: &Bridge<'_>, bent: Bent, loading: Loading) -> Option<FreeEdge> {
    let acting = acting_width(bridge, bent)?;
    let width = match acting {
        TopEdgeWidth::AllPlies => bridge.header.section().width,
        TopEdgeWidth::OnePly => bridge.header.board.ply_width(),
    };
    let held = bridge.problem.conventions.unbraced_length;
    Some(FreeEdge {
        length: held.map_or_else(|| bridge.design_span_inches(), |length| length.to_inches()),
        depth: bridge.header.board.depth().to_inches(),
        width: width.to_inches(),
        loading,
        one_ply_of_several: acting == TopEdgeWidth::OnePly && bridge.header.plies > 1,
    })
}

/// How slender a header is whose pressed edge is free; `None` where it is held.
pub fn slenderness(bridge: &Bridge<'_>) -> Option<f64> {
    let code = bridge.problem.conventions.code;
    let ratio = |bent: Bent| {
        let even = bent == Bent::Sagging && bridge.problem.is_evenly_loaded();
        let loading = if even { Loading::Even } else { Loading::Mixed };
        free_edge(bridge, bent, loading).map(|free| code.beam_slenderness(&free))
    };
    let hogging = if bridge.is_simple() { None } else { ratio(Bent::Hogging) };
    [ratio(Bent::Sagging), hogging].into_iter().flatten().reduce(f64::max)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::codes::CombinationIndex;
    use crate::loads::{ByKind, LoadKind};
    use crate::lumber::{EngineeredClass, HeaderBoard, HeaderSpec};
    use crate::measure::{Length, LineLoad};
    use crate::sizing::evaluate;
    use crate::sizing::header::CheckKind;
    use crate::sizing::problem::{OpeningLoad, Post};
    use crate::sizing::testing::{evaluated, roof_window};

    #[test]
    fn worked_example() {
        let problem = roof_window();
        let result = evaluated(&problem).check(CheckKind::Bending);
        assert_eq!(result.combination.map(CombinationIndex::name), Some("D+S"));
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
            amount: ByKind::of([(LoadKind::Dead, LineLoad::plf(290.0)), (LoadKind::Snow, LineLoad::plf(700.0))]),
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
}
