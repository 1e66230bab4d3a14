//! The least that a section can cost, were sticks divisible: a bound, and where to look for a plan.
//!
//! **What it does.** Solves the linear program over all ways to fill a stick, of which only those are ever written down that make
//! it cheaper: the program's prices say what each length is worth, and the best fill under them is a new way or the proof that
//! there is none. The bound is computed from those prices anew, in whole numbers: for any worth of the lengths, what all pieces
//! are worth together, and for each length of stick what its best fill is worth less than its price, times as many sticks as make
//! the sum least. It holds whether or not the program was solved to its end, and however the floating point came out.
//!
//! **Source.** Gilmore and Gomory's column generation, and the Lagrangian bound of the same relaxation; from memory.

use super::knapsack::best_fills;
use super::section::{Pattern, Pool, Section};
use super::simplex::{Asks, Simplex};

/// Worth of a length: this many to a cent.
pub(super) const TO_A_CENT: i64 = 1 << 20;

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

/// Solves it for `wanted` pieces within `counts`. Stops early once the bound has reached `enough`, in cents.
pub(super) fn relax(
    section: &Section,
    wanted: &[u32],
    counts: &Counts,
    pool: &mut Pool,
    enough: i64,
    work: &mut Work,
) -> Relaxed {
    let kinds = section.takes.len();
    let dearest = section.prices.iter().copied().max().unwrap_or(0).max(1) as f64;
    let total: u32 = wanted.iter().sum();
    // A trifle more of each than is wanted, another of each: else many steps in a row would change nothing.
    let trifle = |kind: usize, count: u32| if count == 0 { 0.0 } else { 1e-8 * (kind + 1) as f64 };
    let mut asks: Vec<(Asks, f64)> = wanted
        .iter()
        .enumerate()
        .map(|(kind, count)| (Asks::AtLeast, f64::from(*count) + trifle(kind, *count)))
        .collect();
    let mut missing_costs = vec![2.0 * dearest; kinds];
    let mut rows_of: Vec<[Option<u32>; 2]> = Vec::new();
    for stick in 0..section.rooms.len() {
        let mut rows = [None; 2];
        if 0 < counts.least[stick] {
            rows[0] = Some(asks.len() as u32);
            asks.push((Asks::AtLeast, f64::from(counts.least[stick])));
            missing_costs.push(2.0 * dearest);
        }
        if counts.most[stick] < total {
            rows[1] = Some(asks.len() as u32);
            asks.push((Asks::AtMost, f64::from(counts.most[stick])));
            missing_costs.push(0.0);
        }
        rows_of.push(rows);
    }
    let mut program = Simplex::new(&asks, &missing_costs);
    let mut numbers = Vec::new();
    let first_column = program.columns();
    let mut known = vec![false; pool.patterns.len()];
    let put_in = |program: &mut Simplex, numbers: &mut Vec<usize>, number: usize, pattern: &Pattern| {
        let stick = usize::from(pattern.stick);
        let mut entries: Vec<(u32, f64)> =
            pattern.fill.iter().map(|(kind, count)| (u32::from(*kind), f64::from(*count))).collect();
        entries.extend(rows_of[stick].iter().flatten().map(|row| (*row, 1.0)));
        program.add(section.prices[stick] as f64, entries);
        numbers.push(number);
    };
    for (number, pattern) in pool.patterns.iter().enumerate() {
        let proper = pattern.fill.iter().all(|(kind, count)| *count <= wanted[usize::from(*kind)]);
        if proper && 0 < counts.most[usize::from(pattern.stick)] {
            known[number] = true;
            put_in(&mut program, &mut numbers, number, pattern);
        }
    }
    let mut bound = i128::MIN;
    let mut worth = vec![0; kinds];
    let mut at_most = Vec::new();
    let mut dearer = 0;
    let mut solved = false;
    while work.is_left() {
        let steps = program.steps();
        program.run(20_000);
        work.0 -= (program.steps() - steps) as i64 * (asks.len() as i64 + 20);
        let prices = program.prices();
        let scaled = |price: f64| (price * TO_A_CENT as f64).round() as i64;
        let now: Vec<i64> = prices[..kinds].iter().map(|price| scaled(price.max(0.0))).collect();
        let least: Vec<i64> = (0..section.rooms.len())
            .map(|stick| {
                let for_count: f64 = rows_of[stick].iter().flatten().map(|row| prices[*row as usize]).sum();
                scaled(section.prices[stick] as f64 - for_count) + 64
            })
            .collect();
        let fills = best_fills(&section.kinds(wanted, &now), &section.rooms, &least);
        work.0 -= 2000;
        let best: Vec<i64> =
            fills.iter().zip(&least).map(|(fill, least)| fill.as_ref().map_or(*least, |(worth, _)| *worth)).collect();
        let proven = bound_of(section, wanted, counts, &now, &best);
        if bound < proven {
            bound = proven;
            worth = now;
            at_most = best;
        }
        if i128::from(enough - 1) * i128::from(TO_A_CENT) < bound {
            break;
        }
        let mut new = 0;
        for (stick, fill) in fills.into_iter().enumerate() {
            let Some((_, fill)) = fill else { continue };
            let pattern = Pattern { stick: stick as u16, fill };
            let number = pool.number(pattern.clone());
            known.resize(pool.patterns.len(), false);
            if !known[number] {
                known[number] = true;
                put_in(&mut program, &mut numbers, number, &pattern);
                new += 1;
            }
        }
        if new == 0 {
            if program.missing() < 1e-5 || 3 < dearer {
                solved = true;
                break;
            }
            program.missing_costs_more(30.0);
            dearer += 1;
        }
    }
    let mut ways = Vec::new();
    let mut sticks = vec![0.0; section.rooms.len()];
    for (column, times) in program.taken() {
        if first_column <= column {
            let number = numbers[column - first_column];
            ways.push((number, times));
            sticks[usize::from(pool.patterns[number].stick)] += times;
        }
    }
    ways.sort_by(|a, b| a.0.cmp(&b.0));
    Relaxed { bound, ways, sticks, worth, best_fills: at_most, fits: solved && program.missing() < 1e-5 }
}
