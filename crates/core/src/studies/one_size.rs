//! # One size for the whole job
//!
//! **What it does.** The fewest different headers that carry over every opening, of those the ones with the fewest different
//! jack lengths, of those the cheapest; and what that costs against choosing for each opening alone.
//!
//! **Source.** Common practice, no source: one header over everything saves mistakes and cuts. Found by trying every set of
//! one, then two, then three headers of the stock.
//!
//! **Assumptions and limits.** Openings for which nothing in stock carries, or that are outside the limits, are left out and
//! counted. With more than three different headers needed there is no answer.
//!
//! **Worked example.** A 3 ft window that 2-2x6 carries and a 6 ft door that 2-2x10 carries: 2-2x10 over both.

use crate::framing::{OpeningOutcome, OpeningPlan, plan_wall_as_said};
use crate::job::{Job, OpeningId};
use crate::lumber::HeaderSpec;
use crate::measure::{Length, Money};
use crate::sizing::candidates::Candidate;

/// What one opening can take.
#[derive(Clone, Debug, PartialEq)]
pub struct OpeningOptions {
    /// Which opening.
    pub opening: OpeningId,
    /// Every header that carries over it, with what it costs there and the jack it needs.
    pub carrying: Vec<HeaderOption>,
}

/// One header over one opening.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct HeaderOption {
    /// The header.
    pub header: HeaderSpec,
    /// Cost of the cut header; `None` where nobody said a price.
    pub cost: Option<Money>,
    /// Length of its jacks.
    pub jack: Length,
}

impl HeaderOption {
    /// Its cost in cents; one without a price is never the cheapest.
    fn cents(&self) -> f64 {
        self.cost.map_or(f64::INFINITY, Money::to_cents)
    }
}

/// The answer.
#[derive(Clone, Debug, PartialEq)]
pub struct OneSize {
    /// Which header goes over which opening.
    pub assigned: Vec<(OpeningId, HeaderSpec)>,
    /// How many different headers.
    pub headers: usize,
    /// How many different jack lengths.
    pub jack_lengths: usize,
    /// What the headers cost; `None` where one of them has no price.
    pub cost: Option<Money>,
    /// What they would cost with the cheapest over each opening; `None` where nothing over one of them has a price.
    pub cheapest: Option<Money>,
    /// Openings that nothing in stock carries over.
    pub left_out: Vec<OpeningId>,
}

/// Every header of the stock that carries over each sized opening of a job.
pub fn options(job: &Job) -> Vec<OpeningOptions> {
    let of_opening = |plan: OpeningPlan| {
        let OpeningOutcome::Header(sized) = &plan.outcome else { return None };
        let carrying = sized.candidates.iter().filter(|candidate| candidate.evaluation.carries());
        let option = |candidate: &Candidate| {
            let header = candidate.evaluation.header;
            let feet = plan.header_length().to_feet();
            let cost = candidate.price_per_foot.map(|price| Money::cents(price.to_cents() * feet));
            HeaderOption { header, cost, jack: sized.problem.jack_length.under(header.board.depth()) }
        };
        Some(OpeningOptions { opening: plan.id, carrying: carrying.map(option).collect() })
    };
    let rules = job.rules();
    job.walls.iter().flat_map(|wall| plan_wall_as_said(&rules, wall).openings).filter_map(of_opening).collect()
}

/// The most different headers that are looked for.
const MOST_HEADERS: usize = 3;

/// The fewest headers for all openings; `None` if more than three are needed or there is nothing to choose for.
pub fn one_size(openings: &[OpeningOptions]) -> Option<OneSize> {
    let (wanted, left_out): (Vec<_>, Vec<_>) = openings.iter().partition(|opening| !opening.carrying.is_empty());
    if wanted.is_empty() {
        return None;
    }
    let mut stock: Vec<HeaderSpec> =
        wanted.iter().flat_map(|opening| &opening.carrying).map(|option| option.header).collect();
    stock.sort_unstable();
    stock.dedup();
    let cheapest_of =
        |opening: &OpeningOptions| opening.carrying.iter().map(HeaderOption::cents).fold(f64::INFINITY, f64::min);
    let priced = |cents: f64| cents.is_finite().then(|| Money::cents(cents));
    let cheapest = priced(wanted.iter().map(|opening| cheapest_of(opening)).sum());
    for count in 1..=MOST_HEADERS {
        let mut best: Option<Attempt> = None;
        for_each_set(&stock, count, &mut |set| {
            if let Some(attempt) = assign(&wanted, set)
                && best.as_ref().is_none_or(|best| attempt.is_better_than(best))
            {
                best = Some(attempt);
            }
        });
        if let Some(Attempt { assigned, jack_lengths, cost }) = best {
            let left_out = left_out.iter().map(|opening| opening.opening).collect();
            return Some(OneSize { assigned, headers: count, jack_lengths, cost: priced(cost), cheapest, left_out });
        }
    }
    None
}

struct Attempt {
    assigned: Vec<(OpeningId, HeaderSpec)>,
    jack_lengths: usize,
    cost: f64,
}

impl Attempt {
    fn is_better_than(&self, other: &Self) -> bool {
        (self.jack_lengths, self.cost) < (other.jack_lengths, other.cost)
    }
}

/// The cheapest of a set over each opening; `None` if one of them has none.
fn assign(openings: &[&OpeningOptions], set: &[HeaderSpec]) -> Option<Attempt> {
    let mut attempt = Attempt { assigned: Vec::with_capacity(openings.len()), jack_lengths: 0, cost: 0.0 };
    let mut jacks = Vec::with_capacity(openings.len());
    for opening in openings {
        let options = opening.carrying.iter().filter(|option| set.contains(&option.header));
        let option = options.min_by(|a, b| a.cents().total_cmp(&b.cents()))?;
        attempt.assigned.push((opening.opening, option.header));
        attempt.cost += option.cents();
        jacks.push(option.jack);
    }
    jacks.sort_unstable();
    jacks.dedup();
    attempt.jack_lengths = jacks.len();
    Some(attempt)
}

/// Calls back with every set of so many headers.
fn for_each_set(stock: &[HeaderSpec], count: usize, call: &mut impl FnMut(&[HeaderSpec])) {
    fn extend(rest: &[HeaderSpec], count: usize, chosen: &mut Vec<HeaderSpec>, call: &mut impl FnMut(&[HeaderSpec])) {
        if count == 0 {
            return call(chosen);
        }
        for (index, header) in rest.iter().enumerate() {
            chosen.push(*header);
            extend(&rest[index + 1..], count - 1, chosen, call);
            chosen.pop();
        }
    }
    extend(stock, count, &mut Vec::with_capacity(count), call);
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, HeaderBoard, SawnSize, Species};

    fn option(depth: Depth, cents: f64) -> HeaderOption {
        let size = SawnSize::two_by(depth);
        let board = HeaderBoard::Sawn { species: Species::HemFir, grade: Grade::Number2, size };
        let jack = Length::inches(93) - depth.actual();
        HeaderOption { header: HeaderSpec { board, plies: 2 }, cost: Some(Money::cents(cents)), jack }
    }

    fn opening(id: u128, carrying: &[HeaderOption]) -> OpeningOptions {
        OpeningOptions { opening: OpeningId(id), carrying: carrying.to_vec() }
    }

    #[test]
    fn worked_example() {
        let window = opening(1, &[option(Depth::Six, 400.0), option(Depth::Ten, 700.0)]);
        let door = opening(2, &[option(Depth::Ten, 1300.0), option(Depth::Twelve, 1600.0)]);
        let found = one_size(&[window, door, opening(3, &[])]).expect("2-2x10 carries over both");
        assert_eq!((found.headers, found.jack_lengths), (1, 1));
        assert!(found.assigned.iter().all(|(_, header)| header.board.depth() == Depth::Ten.actual()));
        assert_eq!((found.cost, found.cheapest), (Some(Money::cents(2000.0)), Some(Money::cents(1700.0))));
        assert_eq!(found.left_out, [OpeningId(3)]);
    }

    #[test]
    fn a_header_without_a_price_costs_nothing_that_can_be_said() {
        let unpriced = HeaderOption { cost: None, ..option(Depth::Ten, 0.0) };
        let found = one_size(&[opening(1, &[option(Depth::Twelve, 900.0), unpriced])]).expect("two carry");
        assert_eq!((found.assigned[0].1, found.cost), (option(Depth::Twelve, 0.0).header, Some(Money::cents(900.0))));
        let found = one_size(&[opening(1, &[unpriced])]).expect("one carries");
        assert_eq!((found.cost, found.cheapest), (None, None));
    }

    #[test]
    fn two_sizes_where_one_does_not_do() {
        let low = opening(1, &[option(Depth::Six, 400.0)]);
        let wide = opening(2, &[option(Depth::Twelve, 1300.0)]);
        assert_eq!(one_size(&[low, wide]).map(|found| found.headers), Some(2));
        assert_eq!(one_size(&[]), None);
    }
}
