//! Trying a whole stock: every header that could go in, how hard each works, and the one that costs least and carries.

use super::evaluate::{Evaluation, evaluate};
use super::limits::OutsideLimits;
use super::problem::OpeningProblem;
use crate::lumber::{HeaderBoard, HeaderSpec, MOST_PLIES};
use crate::measure::{Length, Money};

/// A board on the pile and its price.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct StockBoard {
    /// What it is.
    pub board: HeaderBoard,
    /// Price per foot of one ply.
    pub price_per_foot: Money,
}

/// One header that was tried.
#[derive(Clone, Debug, PartialEq)]
pub struct Candidate {
    /// Price per foot of all plies.
    pub price_per_foot: Money,
    /// How it did.
    pub evaluation: Evaluation,
}

/// Every header the stock allows in a wall of this depth: as many plies as fit, at least one even where it does not fit,
/// so that the answer can say so.
pub fn headers_from(stock: &[StockBoard], wall_depth: Length) -> Vec<(HeaderSpec, Money)> {
    let mut headers = Vec::new();
    for item in stock {
        let solid = !item.board.is_two_by() && item.board.ply_width() >= Length::inches(3);
        let fewest = if solid { 1 } else { 2 };
        for plies in fewest..=MOST_PLIES {
            let header = HeaderSpec { board: item.board, plies };
            if plies == fewest || header.section().width <= wall_depth {
                headers.push((header, item.price_per_foot * f64::from(plies)));
            }
        }
    }
    headers
}

/// Tries every header, cheapest first; equal prices by depth.
///
/// # Errors
/// [`OutsideLimits`] if the opening itself is outside; a board without design values, or not for wet service, is left out.
pub fn try_all(problem: &OpeningProblem, headers: &[(HeaderSpec, Money)]) -> Result<Vec<Candidate>, OutsideLimits> {
    let mut candidates = Vec::with_capacity(headers.len());
    for (header, price_per_foot) in headers {
        match evaluate(problem, *header) {
            Ok(evaluation) => candidates.push(Candidate { price_per_foot: *price_per_foot, evaluation }),
            Err(OutsideLimits::NoDesignValues { .. } | OutsideLimits::WetEngineered { .. }) => {}
            Err(limit) => return Err(limit),
        }
    }
    candidates.sort_by(|a, b| {
        let depth = |candidate: &Candidate| candidate.evaluation.header.board.depth();
        a.price_per_foot.to_cents().total_cmp(&b.price_per_foot.to_cents()).then(depth(a).cmp(&depth(b)))
    });
    Ok(candidates)
}

/// The first that carries: the cheapest.
pub fn leanest(candidates: &[Candidate]) -> Option<&Candidate> {
    candidates.iter().find(|candidate| candidate.evaluation.carries())
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, SawnSize, Species};
    use crate::sizing::testing::{evaluated, roof_window};
    use proptest::prelude::*;

    fn spf(depth: Depth, price: f64) -> StockBoard {
        let board =
            HeaderBoard::Sawn { species: Species::SprucePineFir, grade: Grade::Number2, size: SawnSize::two_by(depth) };
        StockBoard { board, price_per_foot: Money::cents(price) }
    }

    #[test]
    fn the_cheapest_that_carries_is_chosen_and_the_rest_say_why_not() {
        let mut problem = roof_window();
        problem.clear = Length::feet(7);
        let stock =
            [spf(Depth::Twelve, 190.0), spf(Depth::Four, 50.0), spf(Depth::Ten, 150.0), spf(Depth::Eight, 110.0)];
        let candidates = try_all(&problem, &headers_from(&stock, problem.wall_depth)).expect("within limits");
        assert_eq!(candidates.len(), 4, "three plies do not fit a 2x4 wall");
        let chosen = leanest(&candidates).expect("a 2x10 carries");
        assert_eq!(chosen.evaluation.header.short_name(), "2-2x10");
        for rejected in candidates.iter().take_while(|candidate| *candidate != chosen) {
            assert!(!rejected.evaluation.failures.is_empty());
        }
    }

    #[test]
    fn too_wide_an_opening_is_an_answer_not_a_number() {
        let mut problem = roof_window();
        problem.clear = Length::feet(21);
        let result = try_all(&problem, &headers_from(&[spf(Depth::Ten, 1.0)], problem.wall_depth));
        assert_eq!(result, Err(OutsideLimits::TooWide { clear: Length::feet(21) }));
    }

    proptest! {
        #[test]
        fn shorter_deeper_or_less_load_never_turns_a_pass_into_a_fail(
            inches in 24_i64..200, factor in 0.2..3.0_f64, less in 0.1..1.0_f64,
        ) {
            let mut problem = roof_window();
            problem.clear = Length::inches(inches);
            for load in &mut problem.loads {
                if let super::super::problem::OpeningLoad::Line { amount, .. } = load {
                    *amount = amount.map(|line: crate::measure::LineLoad| line * factor);
                }
            }
            let ratio = |problem: &OpeningProblem, depth| {
                let board = spf(depth, 1.0).board;
                evaluate(problem, HeaderSpec { board, plies: 2 }).expect("within limits").largest_ratio()
            };
            let here = ratio(&problem, Depth::Ten);
            prop_assert!(ratio(&problem, Depth::Twelve) <= here + 1e-9, "deeper");
            let mut shorter = problem.clone();
            shorter.clear = Length::inches(inches - 6);
            prop_assert!(ratio(&shorter, Depth::Ten) <= here + 1e-9, "shorter");
            let mut lighter = problem.clone();
            for load in &mut lighter.loads {
                if let super::super::problem::OpeningLoad::Line { amount, .. } = load {
                    *amount = amount.map(|line: crate::measure::LineLoad| line * less);
                }
            }
            prop_assert!(ratio(&lighter, Depth::Ten) <= here + 1e-9, "lighter");
            prop_assert!(evaluated(&problem).jacks.left >= 1);
        }
    }
}
