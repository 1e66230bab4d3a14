//! The least that a section can cost, were sticks divisible: a bound, and where to look for a plan.
//!
//! **What it does.** Solves the linear program over all ways to fill a stick, of which only those are ever written down that make
//! it cheaper: the program's prices say what each length is worth, and the best fill under them is a new way or the proof that
//! there is none. The bound is computed from those prices anew, in whole numbers: for any worth of the lengths, what all pieces
//! are worth together, and for each length of stick what its best fill is worth less than its price, times as many sticks as make
//! the sum least. It holds whether or not the program was solved to its end, and however the floating point came out.
//!
//! **Source.** Gilmore and Gomory's column generation, and the Lagrangian bound of the same relaxation; from memory.

use super::knapsack::{A_FEW, ALL, best_fills};
use super::section::{Pattern, Pool, Section, TO_A_CENT};
use super::simplex::{Asks, Simplex};

/// No worth is larger: a few of them can be added.
const MOST: i64 = i64::MAX / 8;

/// How much work may still be done. Counted, not timed, so that the same question has the same answer everywhere.
#[derive(Clone, Copy, Debug)]
pub(super) struct Work(pub i64);

impl Work {
    pub const fn is_left(self) -> bool {
        0 < self.0
    }
}

/// How many sticks of each length may be taken.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(super) struct Counts {
    pub least: Vec<u32>,
    pub most: Vec<u32>,
}

/// What came out.
#[derive(Clone, Debug)]
pub(super) struct Relaxed {
    /// No plan costs less: a bound, in parts of a cent.
    pub bound: i128,
    /// How often each way is taken, by its number.
    pub ways: Vec<(usize, f64)>,
    /// How many sticks of each length that makes.
    pub sticks: Vec<f64>,
    /// What each length is worth.
    pub worth: Vec<i64>,
    /// What no fill of each stick is worth more than, under those.
    pub best_fills: Vec<i64>,
    /// Whether the pieces fit on so many sticks at all.
    pub fits: bool,
}

/// The bound that some worth of the lengths proves within `counts`, where no fill of a stick is worth more than `fills`.
pub(super) fn bound_of(section: &Section, wanted: &[u32], counts: &Counts, worth: &[i64], fills: &[i64]) -> i128 {
    let pieces: i128 = wanted.iter().zip(worth).map(|(count, worth)| i128::from(*count) * i128::from(*worth)).sum();
    let sticks = (0..section.rooms.len()).map(|stick| {
        let left = i128::from(section.prices[stick]) * i128::from(TO_A_CENT) - i128::from(fills[stick]);
        left * i128::from(if 0 < left { counts.least[stick] } else { counts.most[stick] })
    });
    pieces + sticks.sum::<i128>()
}

/// The program of one question: so many pieces of each length. It is asked again and again with other counts of sticks.
pub(super) struct Relaxation<'a> {
    section: &'a Section,
    wanted: &'a [u32],
    program: Simplex,
    /// Columns before this one stand for what is over and what is missing.
    first_column: usize,
    /// The number of the way that each column stands for.
    numbers: Vec<usize>,
    /// Which ways have a column.
    known: Vec<bool>,
}

impl<'a> Relaxation<'a> {
    /// For `wanted` pieces of each length.
    pub fn new(section: &'a Section, wanted: &'a [u32]) -> Self {
        let (kinds, sticks) = (section.takes.len(), section.rooms.len());
        // Dearer than any stick; more so where that does not do.
        let missing = 2.0 * section.prices.iter().copied().max().unwrap_or(0).max(1) as f64;
        let nothing = Counts { least: vec![0; sticks], most: vec![wanted.iter().sum(); sticks] };
        let asks: Vec<(Asks, f64)> = amounts(wanted, &nothing)
            .into_iter()
            .enumerate()
            .map(|(row, amount)| (if row < kinds + sticks { Asks::AtLeast } else { Asks::AtMost }, amount))
            .collect();
        let program = Simplex::new(&asks, &vec![missing; asks.len()]);
        Self { section, wanted, first_column: program.columns(), program, numbers: Vec::new(), known: Vec::new() }
    }

    fn put_in(&mut self, number: usize, pattern: &Pattern) {
        let (kinds, sticks) = (self.section.takes.len() as u32, self.section.rooms.len() as u32);
        let stick = u32::from(pattern.stick);
        let fill = pattern.fill.iter().map(|(kind, count)| (u32::from(*kind), f64::from(*count)));
        let entries = fill.chain([(kinds + stick, 1.0), (kinds + sticks + stick, 1.0)]);
        self.program.add(self.section.prices[stick as usize] as f64, entries);
        self.numbers.push(number);
        self.known[number] = true;
    }

    /// Solves it within `counts`. Stops early once the bound has reached `enough`, in cents.
    pub fn solve(&mut self, counts: &Counts, pool: &mut Pool, enough: i64, work: &mut Work) -> Relaxed {
        let section = self.section;
        let (kinds, sticks) = (section.takes.len(), section.rooms.len());
        self.known.resize(pool.patterns.len(), false);
        for (number, pattern) in pool.patterns.iter().enumerate() {
            let proper = pattern.fill.iter().all(|(kind, count)| *count <= self.wanted[usize::from(*kind)]);
            if proper && !self.known[number] && pool.may_help(section, pattern) {
                self.put_in(number, pattern);
            }
        }
        let rows = (kinds + 2 * sticks) as i64;
        let steps = self.program.steps();
        self.program.ask(&amounts(self.wanted, counts), 2_000);
        work.0 -= (self.program.steps() - steps) as i64 * (rows + 20);
        let mut relaxed = Relaxed {
            bound: i128::MIN,
            ways: Vec::new(),
            sticks: vec![0.0; sticks],
            worth: vec![0; kinds],
            best_fills: Vec::new(),
            fits: false,
        };
        let mut dearer = 0;
        while work.is_left() {
            let steps = self.program.steps();
            self.program.run(5_000);
            work.0 -= (self.program.steps() - steps) as i64 * (rows + 20) + 1_000;
            let prices = self.program.prices();
            let scaled = |price: f64| (price * TO_A_CENT as f64).round() as i64;
            // All pieces on one stick are still a number; a worth that is cut down proves less, and nothing wrong.
            let most_worth = MOST / (1 + self.wanted.iter().copied().map(i64::from).sum::<i64>());
            let worth: Vec<i64> = prices[..kinds].iter().map(|price| scaled(price.max(0.0)).min(most_worth)).collect();
            let least: Vec<i64> = (0..sticks)
                .map(|stick| {
                    let for_count = prices[kinds + stick] + prices[kinds + sticks + stick];
                    // A trifle, so that a fill is better beyond any doubt.
                    scaled(section.prices[stick] as f64 - for_count).clamp(-MOST, MOST) + 64
                })
                .collect();
            let kinds = section.kinds(self.wanted, &worth);
            let mut fills = best_fills(&kinds, &section.rooms, &least, A_FEW);
            work.0 -= fills.looked_at / 4;
            if fills.better.iter().all(Option::is_none) {
                fills = best_fills(&kinds, &section.rooms, &least, ALL);
                work.0 -= fills.looked_at / 4;
            }
            let bound = bound_of(section, self.wanted, counts, &worth, &fills.at_most);
            if relaxed.bound < bound {
                (relaxed.bound, relaxed.worth, relaxed.best_fills) = (bound, worth, fills.at_most);
            }
            if i128::from(enough - 1) * i128::from(TO_A_CENT) < relaxed.bound {
                break;
            }
            let columns = self.numbers.len();
            for (stick, fill) in fills.better.into_iter().enumerate() {
                let Some((_, fill)) = fill else { continue };
                let pattern = Pattern { stick: stick as u16, fill };
                let number = pool.number(pattern.clone());
                self.known.resize(pool.patterns.len(), false);
                if !self.known[number] {
                    self.put_in(number, &pattern);
                }
            }
            if columns == self.numbers.len() {
                if self.program.missing() < 1e-5 {
                    relaxed.fits = true;
                    break;
                }
                if 3 < dearer {
                    break;
                }
                self.program.missing_costs_more(30.0);
                dearer += 1;
            }
        }
        for (column, times) in self.program.taken() {
            if self.first_column <= column {
                let number = self.numbers[column - self.first_column];
                relaxed.ways.push((number, times));
                relaxed.sticks[usize::from(pool.patterns[number].stick)] += times;
            }
        }
        relaxed.ways.sort_by_key(|way| way.0);
        relaxed
    }
}

/// What the rows ask: so many of each length; so many sticks at least; so many at most.
fn amounts(wanted: &[u32], counts: &Counts) -> Vec<f64> {
    // A trifle more of each than is wanted, another of each: else many steps in a row would change nothing.
    let trifle = |kind: usize, count: u32| if count == 0 { 0.0 } else { 1e-8 * (kind + 1) as f64 };
    let wanted = wanted.iter().enumerate().map(|(kind, count)| f64::from(*count) + trifle(kind, *count));
    wanted.chain(counts.least.iter().chain(&counts.most).map(|count| f64::from(*count))).collect()
}
