//! # A beam on a wall
//!
//! **What it checks.** The beam crushing where it lies on a wall, or the wall's plate under it, whichever is softer: the reaction over what of the
//! wall's thickness the beam covers times its width, against Fc⊥.
//!
//! **Source.** NDS 2018 3.10.2, from memory. No load duration on Fc⊥, and no C_b: the beam ends there.
//!
//! **Assumptions and limits.** Two pieces that meet over a wall have half of it each. On a post the post is sized for it; in a hanger its maker's
//! tables say what the beam bears.
//!
//! **Worked example.** 3000 lb of a beam 3 in. wide on a wall 3 1/2 in. thick with SPF plates: 3000 / (3 · 3.5) = 286 psi of 425.

use super::spec::{BeamPiece, BeamSpec, Under, pressed_with};
use crate::codes::question::{Bearing, BearingPlace};
use crate::codes::{Combination, PlateEnd};
use crate::measure::Length;
use crate::sizing::bridge::Bridge;
use crate::sizing::header::{CheckKind, CheckResult, Comparison};
use crate::sizing::load_pattern::LoadPattern;
use crate::working::{Pen, Silent};

/// The support on a wall where the beam crushes hardest; `None` where it lies on none.
pub(super) fn hardest(spec: &BeamSpec, piece: &BeamPiece, bridge: &Bridge<'_>) -> Option<CheckResult> {
    let places = piece.supports.clone().filter_map(|support| worst(spec, piece, bridge, support));
    let results = places.map(|(place, load, combination)| {
        let comparison = compare(&mut Silent, bridge, &place, load);
        let combination = Some(combination.index);
        CheckResult { kind: CheckKind::BeamBearing, comparison, combination, pattern: LoadPattern::ALL }
    });
    results.max_by(|a, b| a.ratio().total_cmp(&b.ratio()))
}

/// Where a beam lies on a wall, in.
#[derive(Clone, Copy, Debug)]
pub(super) struct OnWall {
    /// Its center from the beam's start.
    pub at: Length,
    length: f64,
    plate: f64,
}

/// What a piece presses a wall with in the combination that presses it most, lb; `None` where it lies on no wall.
pub(super) fn worst(
    spec: &BeamSpec,
    piece: &BeamPiece,
    bridge: &Bridge<'_>,
    support: usize,
) -> Option<(OnWall, f64, &'static Combination)> {
    let on = spec.supports[support];
    let Under::Wall { thickness, plate } = on.under else { return None };
    let (low, high) = ((on.at - thickness.half()).max(piece.from), (on.at + thickness.half()).min(piece.to));
    let place = OnWall { at: on.at, length: (high - low).to_inches(), plate: plate.to_psi() };
    let pounds = pressed_with(spec, piece, bridge, support);
    let code = spec.conventions.code;
    let present = bridge.present;
    let all = code.strength().iter().filter(|combination| combination.applies_to(&present));
    let most = all.max_by(|a, b| a.total(&pounds).total_cmp(&b.total(&pounds)))?;
    Some((place, most.total(&pounds).max(0.0), most))
}

/// The stress there beside what the softer wood bears.
pub(super) fn compare<P: Pen>(pen: &mut P, bridge: &Bridge<'_>, place: &OnWall, load: f64) -> Comparison {
    let conventions = &bridge.problem.conventions;
    let plate = crate::measure::Stress::psi(place.plate);
    let softer = if plate < bridge.values.bearing { plate } else { bridge.values.bearing };
    let asked = Bearing {
        symbol: "Fc⊥",
        reference: softer,
        family: bridge.header.board.family(),
        service: conventions.service,
    };
    let lies = BearingPlace { length: place.length, width: bridge.section.width, end: PlateEnd::Cut };
    conventions.code.bearing(pen, &asked, load, &lies)
}

#[cfg(test)]
mod tests {
    use super::super::size::{BeamStock, SizedBeam, size_beam};
    use super::super::spec::{BeamSupport, HeldEdges};
    use super::*;
    use crate::loads::{ByKind, LoadKind};
    use crate::lumber::{Depth, Grade, HeaderBoard, SawnSize, Species};
    use crate::measure::{LineLoad, Stress};
    use crate::sizing::candidates::{Aim, Margin, StockBoard};
    use crate::sizing::problem::{Conventions, OpeningLoad};
    use crate::statics::Joints;

    fn on_two_walls(ends_at: Length) -> SizedBeam {
        let wall = |at| BeamSupport {
            at,
            under: Under::Wall { thickness: Length::inches_and(3, 1, 2), plate: Stress::psi(425.0) },
        };
        let amount = ByKind::of([(LoadKind::Dead, LineLoad::plf(600.0))]);
        let spec = BeamSpec {
            length: ends_at,
            joints: Joints::None,
            supports: vec![wall(Length::inches_and(1, 3, 4)), wall(Length::inches_and(121, 3, 4))],
            loads: vec![OpeningLoad::Line { amount, extent: None }],
            held: HeldEdges::Upper,
            chosen: None,
            conventions: Conventions { self_weight: false, ..Conventions::default() },
        };
        let size = SawnSize::two_by(Depth::Twelve);
        let board = HeaderBoard::Sawn { species: Species::DouglasFirLarch, grade: Grade::SelectStructural, size };
        let boards = [StockBoard { board, price_per_foot: None }];
        size_beam(spec, BeamStock { boards: &boards, aim: Aim::Leanest, margin: Margin::Lean }).expect("within limits")
    }

    #[test]
    fn worked_example() {
        let sized = on_two_walls(Length::inches_and(123, 1, 2));
        let two = sized.candidates.iter().find(|tried| tried.beam.plies == 2).expect("two plies");
        let bearing = two.checks.iter().find(|check| check.result.kind == CheckKind::BeamBearing).expect("on walls");
        let Comparison { demand, capacity } = bearing.result.comparison;
        // 600 lb/ft over 10 ft: 3000 lb.
        assert!((demand - 3000.0 / 10.5).abs() < 0.01 && (capacity - 425.0).abs() < 1e-9, "{demand} {capacity}");
    }

    #[test]
    fn a_beam_that_ends_half_way_has_half_of_the_wall() {
        let sized = on_two_walls(Length::inches_and(121, 3, 4));
        let two = sized.candidates.iter().find(|tried| tried.beam.plies == 2).expect("two plies");
        let bearing = two.checks.iter().find(|check| check.result.kind == CheckKind::BeamBearing).expect("on walls");
        assert!((bearing.result.comparison.demand - 3000.0 / 5.25).abs() < 0.01 && !bearing.result.passes());
    }
}
