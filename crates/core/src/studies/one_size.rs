//! # One size for the whole job
//!
//! **What it does.** The fewest different headers that carry over every opening, of those the ones with the fewest different
//! jack lengths, of those the cheapest; and what that costs against choosing for each opening alone.
//!
//! **Source.** Common practice, no source: one header over everything saves mistakes and cuts. Found by an exact search among all sets of
//! one, then two, then three headers of the stock.
//!
//! **Assumptions and limits.** Openings for which nothing in stock carries, or that are outside the limits, are left out and
//! counted. With more than three different headers needed there is no answer.
//!
//! **Worked example.** A 3 ft window that 2-2x6 carries and a 6 ft door that 2-2x10 carries: 2-2x10 over both.

use crate::framing::{OpeningOutcome, OpeningPlan, WallPlan, plan_wall};
use crate::job::{Job, OpeningId, Wall};
use crate::lumber::HeaderSpec;
use crate::measure::{Length, Money};
use crate::plan::JobPlan;
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
pub fn options(plan: &JobPlan) -> Vec<OpeningOptions> {
    plan.walls().flat_map(|(wall, planned)| options_in(plan.job(), wall, planned)).collect()
}

/// Every header of the stock that carries over each sized opening of one of a job's walls.
pub fn options_in(job: &Job, wall: &Wall, planned: &WallPlan) -> Vec<OpeningOptions> {
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
    let whole = plan_wall(&job.rules(), wall, &planned.ground.landed);
    whole.openings.into_iter().filter_map(of_opening).collect()
}

/// The most different headers that are looked for.
const MOST_HEADERS: usize = 3;

/// The fewest headers for all openings; `None` if more than three are needed or there is nothing to choose for.
pub fn one_size(openings: &[OpeningOptions]) -> Option<OneSize> {
    let (wanted, left_out): (Vec<_>, Vec<_>) = openings.iter().partition(|opening| !opening.carrying.is_empty());
    if wanted.is_empty() {
        return None;
    }
    let cheapest_of =
        |opening: &OpeningOptions| opening.carrying.iter().map(HeaderOption::cents).fold(f64::INFINITY, f64::min);
    let priced = |cents: f64| cents.is_finite().then(|| Money::cents(cents));
    let cheapest = priced(wanted.iter().map(|opening| cheapest_of(opening)).sum());
    let table = Table::of(&wanted);
    let best = (1..=MOST_HEADERS).find_map(|count| table.best_set(count))?;
    let choices = table.choices(&best.headers);
    let assigned = |(opening, choice): (&&OpeningOptions, Choice)| {
        (opening.opening, opening.carrying[usize::from(choice.place)].header)
    };
    Some(OneSize {
        assigned: wanted.iter().zip(choices).map(assigned).collect(),
        headers: best.headers.len(),
        jack_lengths: best.jack_lengths,
        cost: priced(best.cents),
        cheapest,
        left_out: left_out.iter().map(|opening| opening.opening).collect(),
    })
}

/// What a header comes to over an opening.
#[derive(Clone, Copy, Debug)]
struct Choice {
    cents: f64,
    /// Its place among those that carry there: of equal cost the first is taken.
    place: u16,
    /// Which of all jack lengths it needs.
    jack: u16,
}

impl Choice {
    /// Of a header that does not carry there.
    const NONE: Self = Self { cents: f64::NAN, place: u16::MAX, jack: 0 };

    const fn carries(self) -> bool {
        self.place != u16::MAX
    }

    /// The one that is taken of two.
    fn or(self, other: Self) -> Self {
        if !other.carries() {
            return self;
        }
        let nearer = || (other.cents, other.place) < (self.cents, self.place);
        if !self.carries() || nearer() { other } else { self }
    }
}

/// Openings as one bit each.
type Bits = Vec<u64>;

/// Every header over every opening.
struct Table {
    openings: usize,
    jacks: usize,
    /// By header, then by opening.
    choices: Vec<Vec<Choice>>,
    /// Over which openings each carries.
    carries: Vec<Bits>,
    /// By opening: the headers that carry over it.
    carrying: Vec<Vec<usize>>,
}

/// A set of headers that carries over everything.
#[derive(Clone, Debug)]
struct Found {
    headers: Vec<usize>,
    jack_lengths: usize,
    cents: f64,
}

impl Table {
    fn of(wanted: &[&OpeningOptions]) -> Self {
        let all = || wanted.iter().flat_map(|opening| &opening.carrying);
        let mut stock: Vec<HeaderSpec> = all().map(|option| option.header).collect();
        stock.sort_unstable();
        stock.dedup();
        let mut jacks: Vec<Length> = all().map(|option| option.jack).collect();
        jacks.sort_unstable();
        jacks.dedup();
        let mut choices = vec![vec![Choice::NONE; wanted.len()]; stock.len()];
        for (opening, options) in wanted.iter().enumerate() {
            for (place, option) in options.carrying.iter().enumerate() {
                let (Ok(header), Ok(jack)) = (stock.binary_search(&option.header), jacks.binary_search(&option.jack))
                else {
                    continue;
                };
                let small = |number: usize| u16::try_from(number).unwrap_or(u16::MAX - 1);
                choices[header][opening] = Choice { cents: option.cents(), place: small(place), jack: small(jack) };
            }
        }
        choices.retain({
            let kept = not_outdone(&choices);
            let mut header = 0;
            move |_| {
                header += 1;
                kept[header - 1]
            }
        });
        let bits = |row: &Vec<Choice>| {
            let mut bits = vec![0; wanted.len().div_ceil(64)];
            for opening in (0..wanted.len()).filter(|opening| row[*opening].carries()) {
                bits[opening / 64] |= 1 << (opening % 64);
            }
            bits
        };
        let carries = choices.iter().map(bits).collect();
        let over = |opening: usize| (0..choices.len()).filter(|header| choices[*header][opening].carries()).collect();
        let carrying = (0..wanted.len()).map(over).collect();
        Self { openings: wanted.len(), jacks: jacks.len(), choices, carries, carrying }
    }

    /// What is taken over each opening of a set of headers.
    fn choices(&self, headers: &[usize]) -> Vec<Choice> {
        let of =
            |opening: usize| headers.iter().fold(Choice::NONE, |best, header| best.or(self.choices[*header][opening]));
        (0..self.openings).map(of).collect()
    }

    /// The best set of so many headers, where none of fewer carries over everything.
    fn best_set(&self, count: usize) -> Option<Found> {
        let mut all: Bits = vec![0; self.openings.div_ceil(64)];
        for opening in 0..self.openings {
            all[opening / 64] |= 1 << (opening % 64);
        }
        let mut search = Search {
            table: self,
            best: None,
            passed: vec![false; self.choices.len()],
            seen: vec![0; self.jacks],
            round: 0,
        };
        search.extend(&all, &mut Vec::new(), &vec![Choice::NONE; self.openings], count);
        search.best
    }
}

/// Which headers are worth looking at: one is not where another carries over all that it does, for no more money and on the same jacks.
fn not_outdone(choices: &[Vec<Choice>]) -> Vec<bool> {
    let outdoes = |better: &[Choice], worse: &[Choice]| {
        let mut equal = true;
        let no_worse = better.iter().zip(worse).all(|(better, worse)| {
            equal &= better.carries() == worse.carries()
                && (!better.carries() || better.cents.total_cmp(&worse.cents).is_eq());
            !worse.carries() || better.carries() && better.jack == worse.jack && better.cents <= worse.cents
        });
        (no_worse, equal)
    };
    let mut kept = vec![true; choices.len()];
    for header in 0..choices.len() {
        kept[header] = !(0..choices.len()).any(|other| {
            let (no_worse, equal) = outdoes(&choices[other], &choices[header]);
            // Of two alike the first stays.
            other != header && no_worse && (!equal || other < header)
        });
    }
    kept
}

/// The search for sets that carry over everything. Some header of a set has to carry over the opening that fewest carry over: only those are
/// tried, and what was tried there is not tried again further in.
struct Search<'a> {
    table: &'a Table,
    best: Option<Found>,
    passed: Vec<bool>,
    /// In which round each jack length was seen last.
    seen: Vec<u32>,
    round: u32,
}

impl Search<'_> {
    fn extend(&mut self, open: &Bits, chosen: &mut Vec<usize>, taken: &[Choice], left: usize) {
        let table = self.table;
        let is_open = |opening: &usize| open[opening / 64] >> (opening % 64) & 1 == 1;
        let pivot = (0..table.openings).filter(is_open).min_by_key(|opening| table.carrying[*opening].len());
        let Some(pivot) = pivot else { return };
        let mut tried = Vec::new();
        for header in &table.carrying[pivot] {
            if self.passed[*header] {
                continue;
            }
            let still: Bits = open.iter().zip(&table.carries[*header]).map(|(open, carries)| open & !carries).collect();
            let all_done = still.iter().all(|word| *word == 0);
            chosen.push(*header);
            if left == 1 && all_done {
                self.consider(chosen, taken, *header);
            } else if 1 < left && !all_done {
                let row = &table.choices[*header];
                let now: Vec<Choice> = taken.iter().zip(row).map(|(taken, here)| taken.or(*here)).collect();
                self.extend(&still, chosen, &now, left - 1);
            }
            chosen.pop();
            self.passed[*header] = true;
            tried.push(*header);
        }
        for header in tried {
            self.passed[header] = false;
        }
    }

    /// Keeps a set if it is better than the best so far; stops counting where it cannot be.
    fn consider(&mut self, chosen: &[usize], taken: &[Choice], last: usize) {
        self.round += 1;
        let (most_lengths, most_cents) =
            self.best.as_ref().map_or((usize::MAX, f64::INFINITY), |best| (best.jack_lengths, best.cents));
        let (mut jack_lengths, mut cents) = (0, 0.0);
        for (taken, here) in taken.iter().zip(&self.table.choices[last]) {
            let choice = taken.or(*here);
            cents += choice.cents;
            let seen = &mut self.seen[usize::from(choice.jack)];
            if *seen != self.round {
                *seen = self.round;
                jack_lengths += 1;
                if most_lengths < jack_lengths {
                    return;
                }
            }
        }
        if self.best.is_none() || (jack_lengths, cents) < (most_lengths, most_cents) {
            self.best = Some(Found { headers: chosen.to_vec(), jack_lengths, cents });
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, Grade, HeaderBoard, SawnSize, Species};
    use proptest::prelude::*;

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

    /// Every set of so many, tried one by one.
    fn by_trying_all(openings: &[OpeningOptions]) -> Option<(usize, usize, f64)> {
        let mut stock: Vec<HeaderSpec> =
            openings.iter().flat_map(|opening| &opening.carrying).map(|option| option.header).collect();
        stock.sort_unstable();
        stock.dedup();
        let of_set = |set: &[HeaderSpec]| {
            let taken = openings.iter().map(|opening| {
                let options = opening.carrying.iter().filter(|option| set.contains(&option.header));
                options.min_by(|a, b| a.cents().total_cmp(&b.cents()))
            });
            let taken: Vec<&HeaderOption> = taken.collect::<Option<_>>()?;
            let mut jacks: Vec<Length> = taken.iter().map(|option| option.jack).collect();
            jacks.sort_unstable();
            jacks.dedup();
            Some((jacks.len(), taken.iter().map(|option| option.cents()).sum::<f64>()))
        };
        let n = stock.len();
        let sets = |count: usize| -> Vec<Vec<HeaderSpec>> {
            let all = (0..n.pow(count as u32))
                .map(|number| (0..count as u32).map(|digit| number / n.pow(digit) % n).collect::<Vec<usize>>());
            let rising = all.filter(|set| set.windows(2).all(|pair| pair[0] < pair[1]));
            rising.map(|set| set.into_iter().map(|place| stock[place]).collect()).collect()
        };
        (1..=MOST_HEADERS).find_map(|count| {
            let found = sets(count).iter().filter_map(|set| of_set(set)).collect::<Vec<_>>();
            let best = found.into_iter().min_by(|a, b| a.0.cmp(&b.0).then(a.1.total_cmp(&b.1)));
            best.map(|(jacks, cents)| (count, jacks, cents))
        })
    }

    proptest! {
        #[test]
        fn the_search_finds_what_trying_all_finds(
            carrying in prop::collection::vec(prop::collection::vec((0_usize..10, 1_u8..30), 1..6), 1..9),
        ) {
            let openings: Vec<OpeningOptions> = carrying
                .iter()
                .enumerate()
                .map(|(id, options)| {
                    let mut options = options.clone();
                    options.sort_unstable();
                    options.dedup_by_key(|(header, _)| *header);
                    let option = |(header, cents): (usize, u8)| {
                        let depth = Depth::ALL[header % 5];
                        let plies = 2 + u8::from(4 < header);
                        let option = option(depth, f64::from(cents));
                        HeaderOption { header: HeaderSpec { plies, ..option.header }, ..option }
                    };
                    opening(id as u128, &options.into_iter().map(option).collect::<Vec<_>>())
                })
                .collect();
            let found = one_size(&openings).map(|found| {
                (found.headers, found.jack_lengths, found.cost.expect("all have a price").to_cents())
            });
            prop_assert_eq!(found, by_trying_all(&openings));
        }
    }

    #[test]
    fn two_sizes_where_one_does_not_do() {
        let low = opening(1, &[option(Depth::Six, 400.0)]);
        let wide = opening(2, &[option(Depth::Twelve, 1300.0)]);
        assert_eq!(one_size(&[low, wide]).map(|found| found.headers), Some(2));
        assert_eq!(one_size(&[]), None);
    }
}
