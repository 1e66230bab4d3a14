//! Trying a whole stock: every header that could go in, how hard each works, and the one that costs least and carries.

use super::evaluate::{Evaluation, Known, evaluate_among};
use super::limits::OutsideLimits;
use super::problem::OpeningProblem;
use crate::lumber::{HeaderBoard, HeaderSpec, MOST_PLIES};
use crate::measure::{Length, Money};
use crate::say;
use crate::speech::Phrase;

/// A board on the pile and its price.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct StockBoard {
    /// What it is.
    pub board: HeaderBoard,
    /// Price per foot of one ply; `None` where nobody said one.
    pub price_per_foot: Option<Money>,
}

/// One header that was tried.
#[derive(Clone, Debug, PartialEq)]
pub struct Candidate {
    /// Price per foot of all plies; `None` where nobody said one.
    pub price_per_foot: Option<Money>,
    /// How it did.
    pub evaluation: Evaluation,
}

/// Every header the stock allows in a wall of this depth: as many plies as fit, at least one even where it does not fit,
/// so that the answer can say so.
pub fn headers_from<'a>(
    stock: impl IntoIterator<Item = &'a StockBoard>,
    wall_depth: Length,
) -> Vec<(HeaderSpec, Option<Money>)> {
    let mut headers = Vec::new();
    for item in stock {
        let one_piece = item.board.is_one_piece();
        let (fewest, most) = if one_piece { (1, 1) } else { (2, MOST_PLIES) };
        for plies in fewest..=most {
            let header = HeaderSpec { board: item.board, plies };
            if plies == fewest || header.section().width <= wall_depth {
                headers.push((header, item.price_per_foot.map(|price| price * f64::from(plies))));
            }
        }
    }
    headers
}

/// A price to sort by: what has none comes after everything that has one.
fn cents(price: Option<Money>) -> f64 {
    price.map_or(f64::INFINITY, Money::to_cents)
}

/// Headers in the order in which they are tried: the cheapest first; equal prices, and those without one, by area and depth.
pub fn cheapest_first(headers: &[(HeaderSpec, Option<Money>)]) -> Vec<&(HeaderSpec, Option<Money>)> {
    let mut order: Vec<&(HeaderSpec, Option<Money>)> = headers.iter().collect();
    order.sort_by(|(a, a_price), (b, b_price)| {
        let area = |header: &HeaderSpec| header.section().area_square_inches();
        let by_area = if a_price.is_none() { area(a).total_cmp(&area(b)) } else { std::cmp::Ordering::Equal };
        cents(*a_price).total_cmp(&cents(*b_price)).then(by_area).then(a.board.depth().cmp(&b.board.depth()))
    });
    order
}

/// Tries every header, cheapest first; equal prices, and those without one, by area and depth.
///
/// # Errors
/// [`OutsideLimits`] if the opening itself is outside; a board without design values, or not for wet service, is left out.
pub fn try_all(
    problem: &OpeningProblem,
    headers: &[(HeaderSpec, Option<Money>)],
) -> Result<Vec<Candidate>, OutsideLimits> {
    let mut candidates = Vec::with_capacity(headers.len());
    let mut known = Known::default();
    // Sorted before they are tried: an evaluation is large to move about.
    for (header, price_per_foot) in cheapest_first(headers) {
        match evaluate_among(problem, *header, &mut known) {
            Ok(evaluation) => candidates.push(Candidate { price_per_foot: *price_per_foot, evaluation }),
            Err(limit) if limit.is_of_the_header() => {}
            Err(limit) => return Err(limit),
        }
    }
    Ok(candidates)
}

/// What is looked for in a header.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Aim {
    /// Least money.
    #[default]
    Cheapest,
    /// Least wood.
    Leanest,
    /// Least depth.
    Shallowest,
    /// Least weight.
    Lightest,
    /// Fewest plies.
    FewestPlies,
}

/// What was tried as a header or as a beam, as far as it is chosen by.
pub trait Tried: PartialEq {
    /// What it is.
    fn header(&self) -> HeaderSpec;
    /// Price per foot of all plies; `None` where nobody said one.
    fn price_per_foot(&self) -> Option<Money>;
    /// Whether everything is met.
    fn carries(&self) -> bool;
}

impl Tried for Candidate {
    fn header(&self) -> HeaderSpec {
        self.evaluation.header
    }

    fn price_per_foot(&self) -> Option<Money> {
        self.price_per_foot
    }

    fn carries(&self) -> bool {
        self.evaluation.carries()
    }
}

impl Aim {
    /// Every aim.
    pub const ALL: [Self; 5] = [Self::Cheapest, Self::Leanest, Self::Shallowest, Self::Lightest, Self::FewestPlies];

    /// In a word or two.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Cheapest => say!("aim-cheapest"),
            Self::Leanest => say!("aim-leanest"),
            Self::Shallowest => say!("aim-shallowest"),
            Self::Lightest => say!("aim-lightest"),
            Self::FewestPlies => say!("aim-fewest-plies"),
        }
    }

    fn measure(self, tried: &impl Tried) -> f64 {
        let header = tried.header();
        match self {
            Self::Cheapest => cents(tried.price_per_foot()),
            Self::Leanest => header.section().area_square_inches(),
            Self::Shallowest => header.board.depth().to_inches(),
            Self::Lightest => header.weight_per_foot_lbf(),
            Self::FewestPlies => f64::from(header.plies),
        }
    }

    /// What is really looked for: without any price nothing is cheapest, so it is the least wood.
    pub fn with_prices<T: Tried>(self, candidates: &[T]) -> Self {
        let priced = candidates.iter().any(|candidate| candidate.price_per_foot().is_some());
        if self == Self::Cheapest && !priced { Self::Leanest } else { self }
    }

    /// The candidate that serves the aim best of those that carry; of equals the first, which is the cheapest.
    pub fn best<T: Tried>(self, candidates: &[T]) -> Option<&T> {
        self.best_of(candidates.iter().filter(|candidate| candidate.carries()))
    }

    /// The candidate that serves the aim best, whether it carries or not.
    pub fn best_of<'a, T: Tried>(self, candidates: impl Iterator<Item = &'a T>) -> Option<&'a T> {
        candidates.min_by(|a, b| self.measure(*a).total_cmp(&self.measure(*b)))
    }
}

/// Only what is needed, or one more.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Margin {
    /// Only what code and arithmetic need.
    #[default]
    Lean,
    /// One size up and one stud more.
    BeltAndBraces,
}

impl Margin {
    /// As it is stated on every ticket.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Lean => say!("margin-lean"),
            Self::BeltAndBraces => say!("margin-belt-and-braces"),
        }
    }

    /// Studs more than needed at each end.
    pub const fn more_studs(self) -> u8 {
        match self {
            Self::Lean => 0,
            Self::BeltAndBraces => 1,
        }
    }

    /// The candidate that goes in where this one would be enough: the next deeper of the same plies and wood that has
    /// room, if the stock has one.
    pub fn applied<'a, T: Tried>(self, enough: &'a T, candidates: &'a [T]) -> &'a T {
        if self == Self::Lean {
            return enough;
        }
        let header = enough.header();
        let alike = |other: &&T| {
            let board = other.header().board;
            other.header().plies == header.plies
                && board.material_name() == header.board.material_name()
                && board.ply_width() == header.board.ply_width()
                && header.board.depth() < board.depth()
                && other.carries()
        };
        let deeper = candidates.iter().filter(alike);
        deeper.min_by_key(|other| other.header().board.depth()).unwrap_or(enough)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, SawnSize, Species};
    use crate::sizing::evaluate::evaluate;
    use crate::sizing::testing::{evaluated, roof_window};
    use proptest::prelude::*;

    fn spf(depth: Depth, price: f64) -> StockBoard {
        let board =
            HeaderBoard::Sawn { species: Species::SprucePineFir, grade: Grade::Number2, size: SawnSize::two_by(depth) };
        StockBoard { board, price_per_foot: Some(Money::cents(price)) }
    }

    #[test]
    fn the_cheapest_that_carries_is_chosen_and_the_rest_say_why_not() {
        let mut problem = roof_window();
        problem.clear = Length::feet(7);
        let stock =
            [spf(Depth::Twelve, 190.0), spf(Depth::Four, 50.0), spf(Depth::Ten, 150.0), spf(Depth::Eight, 110.0)];
        let candidates = try_all(&problem, &headers_from(&stock, problem.wall_depth)).expect("within limits");
        assert_eq!(candidates.len(), 4, "three plies do not fit a 2x4 wall");
        let chosen = Aim::Cheapest.best(&candidates).expect("a 2x10 carries");
        assert_eq!(chosen.evaluation.header.short_name(), "2-2x10");
        for rejected in candidates.iter().take_while(|candidate| *candidate != chosen) {
            assert!(!rejected.evaluation.failures().is_empty());
        }
    }

    #[test]
    fn every_aim_is_served_and_one_size_up_is_deeper() {
        let mut problem = roof_window();
        problem.clear = Length::feet(6);
        problem.wall_depth = Length::inches_and(5, 1, 2);
        let stock = Depth::ALL.map(|depth| spf(depth, 20.0 * depth.actual().to_inches()));
        let candidates = try_all(&problem, &headers_from(&stock, problem.wall_depth)).expect("within limits");
        let name = |aim: Aim| aim.best(&candidates).expect("something carries").evaluation.header.short_name();
        assert_eq!(name(Aim::Cheapest), name(Aim::Leanest), "prices here are by the depth");
        assert_eq!(name(Aim::Shallowest), "3-2x6");
        assert_eq!(name(Aim::FewestPlies), "2-2x10");
        let enough = Aim::FewestPlies.best(&candidates).expect("something carries");
        assert_eq!(Margin::Lean.applied(enough, &candidates), enough);
        let more = Margin::BeltAndBraces.applied(enough, &candidates);
        assert_eq!(more.evaluation.header.short_name(), "2-2x12");
    }

    #[test]
    fn a_board_without_a_price_is_never_the_cheapest() {
        let mut problem = roof_window();
        problem.clear = Length::feet(3);
        let unpriced = |depth| StockBoard { price_per_foot: None, ..spf(depth, 0.0) };
        let stock = [unpriced(Depth::Six), spf(Depth::Ten, 150.0), unpriced(Depth::Twelve)];
        let candidates = try_all(&problem, &headers_from(&stock, problem.wall_depth)).expect("within limits");
        let name = |aim: Aim| aim.best(&candidates).expect("something carries").evaluation.header.short_name();
        assert_eq!(name(Aim::Cheapest), "2-2x10");
        assert_eq!(Aim::Cheapest.with_prices(&candidates), Aim::Cheapest);
        let none = try_all(&problem, &headers_from(&stock[..1], problem.wall_depth)).expect("within limits");
        assert_eq!(Aim::Cheapest.with_prices(&none), Aim::Leanest);
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
