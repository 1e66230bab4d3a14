//! Which sticks to buy, and what to cut from each.
//!
//! A stick of length S takes pieces when their lengths and a kerf between every two of them are at most S: a last remainder under
//! the kerf is just consumed. Everything is in whole nanometers and whole cents. One section and grade at a time; the sections of
//! a job are planned each by itself, as no stick serves two.
//!
//! **Worked example.** Two pieces of 47 15/16 in. and a kerf of 1/8 in. fill a 96 in. stick exactly; two of 48 in. do not fit on it.

mod first_fit;
mod knapsack;
mod relaxed;
mod search;
mod section;
mod simplex;

use std::collections::BTreeMap;

use thiserror::Error;

use crate::measure::{Cents, Length};
use first_fit::first_fit;
use relaxed::Work;
use search::{Plan, cost_of, search};
use section::Section;

/// A length that is wanted.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Wanted {
    /// Cut to this.
    pub length: Length,
    /// How many.
    pub count: u32,
}

/// A stick that can be had.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct StickStock {
    /// Its length.
    pub length: Length,
    /// What one costs.
    pub price: Cents,
    /// How many there are; `None` if there are always more.
    pub available: Option<u32>,
}

/// What is lost at a cut, and how exactly a length is meant.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Saw {
    /// Width of the cut.
    pub kerf: Length,
    /// By how much the pieces on a stick may be over and still fit: less than anybody can cut.
    pub tolerance: Length,
}

impl Default for Saw {
    /// A kerf of 1/8 in. (common practice, no source), and a hundred-thousandth of an inch.
    fn default() -> Self {
        Self { kerf: Length::inches_and(0, 1, 8), tolerance: Length::from_nanometers(254) }
    }
}

/// Sticks that are cut alike.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Stick {
    /// From which stock, by its place in the list.
    pub stock: usize,
    /// What is cut from each, longest first.
    pub cuts: Vec<Length>,
    /// How many there are.
    pub count: u32,
}

/// A plan for one section.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct StickPlan {
    /// The sticks.
    pub sticks: Vec<Stick>,
    /// What they cost.
    pub cost: Cents,
    /// No plan costs less: proven.
    pub bound: Cents,
    /// What first fit would have cost; `None` if it finds no plan with the sticks there are.
    pub first_fit: Option<Cents>,
    /// What a stick for every piece would have cost; `None` if there are not so many.
    pub one_stick_each: Option<Cents>,
}

impl StickPlan {
    /// What is bought and not in a piece, kerfs and offcuts together: sticks less pieces.
    pub fn waste(&self, stock: &[StickStock]) -> Length {
        let of_each = |stick: &Stick| stock[stick.stock].length - stick.cuts.iter().copied().sum();
        self.sticks.iter().flat_map(|stick| std::iter::repeat_n(of_each(stick), stick.count as usize)).sum()
    }

    /// Whether no plan can cost less.
    pub fn is_optimal(&self) -> bool {
        self.cost == self.bound
    }
}

/// Why there is no plan.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Error)]
pub enum NoPlan {
    /// A piece is longer than any stick.
    #[error("a piece is longer than the longest stick")]
    TooLong {
        /// The piece.
        piece: Length,
        /// The longest stick there is; `None` if there is no stick at all.
        longest: Option<Length>,
    },
    /// There are not sticks enough.
    #[error("there are not sticks enough")]
    NotEnough {
        /// How many pieces are wanted.
        pieces: u32,
        /// Whether that is proven, or only nothing was found.
        proven: bool,
    },
}

/// How much may be tried before the best plan so far counts. Counted, not timed, so that a job has one plan everywhere.
#[derive(Clone, Copy, Debug)]
pub struct Effort(pub i64);

impl Default for Effort {
    /// Two thirds of a second or so, for a whole job; most are done in a tenth of it.
    fn default() -> Self {
        Self(14_000_000)
    }
}

/// What is wanted of one section and what it can be cut from.
#[derive(Clone, Copy, Debug)]
pub struct SectionWanted<'a> {
    /// Its pieces.
    pub wanted: &'a [Wanted],
    /// Its sticks.
    pub stock: &'a [StickStock],
}

/// Plans all sections of a job, in their order. First each by itself, quickly; what is not proven then shares the effort that is
/// left.
pub fn plan_sections(sections: &[SectionWanted<'_>], saw: Saw, effort: Effort) -> Vec<Result<StickPlan, NoPlan>> {
    let mut left = effort.0;
    let quickly = effort.0 / (8 * sections.len().max(1)) as i64;
    let mut plans = Vec::new();
    for section in sections {
        plans.push(planned(section, saw, quickly, &mut left));
    }
    let open = |plan: &Result<StickPlan, NoPlan>| match plan {
        Ok(plan) => !plan.is_optimal(),
        Err(NoPlan::NotEnough { proven, .. }) => !proven,
        Err(NoPlan::TooLong { .. }) => false,
    };
    let gap = |plan: &Result<StickPlan, NoPlan>| plan.as_ref().map_or(i64::MAX, |plan| plan.cost.0 - plan.bound.0);
    let mut again: Vec<usize> = (0..plans.len()).filter(|&place| open(&plans[place])).collect();
    again.sort_by_key(|&place| (gap(&plans[place]), place));
    for (done, &place) in again.iter().enumerate() {
        let share = left / (again.len() - done) as i64;
        plans[place] = match (planned(&sections[place], saw, share, &mut left), plans[place].clone()) {
            (Ok(new), Ok(old)) => {
                let bound = new.bound.max(old.bound);
                Ok(StickPlan { bound, ..if new.cost <= old.cost { new } else { old } })
            }
            (new @ Ok(_), Err(_)) | (Err(_), new) => new,
        };
    }
    plans
}

/// The cheapest plan of one section.
///
/// # Errors
/// [`NoPlan`] if a piece is too long for every stick, or the sticks do not reach.
pub fn plan_sticks(wanted: &[Wanted], stock: &[StickStock], saw: Saw, effort: Effort) -> Result<StickPlan, NoPlan> {
    let mut left = effort.0;
    planned(&SectionWanted { wanted, stock }, saw, effort.0, &mut left)
}

/// The plan of a section with a share of the effort that is left.
fn planned(asked: &SectionWanted<'_>, saw: Saw, share: i64, left: &mut i64) -> Result<StickPlan, NoPlan> {
    let SectionWanted { wanted, stock } = *asked;
    let mut work = Work(share);
    let mut by_length: BTreeMap<Length, u32> = BTreeMap::new();
    for piece in wanted.iter().filter(|piece| 0 < piece.count) {
        *by_length.entry(piece.length).or_default() += piece.count;
    }
    let lengths: Vec<Length> = by_length.keys().rev().copied().collect();
    let counts: Vec<u32> = by_length.values().rev().copied().collect();
    let pieces: u32 = counts.iter().sum();
    let Some(&longest) = lengths.first() else {
        let nothing = Some(Cents::ZERO);
        let (cost, bound) = (Cents::ZERO, Cents::ZERO);
        return Ok(StickPlan { sticks: Vec::new(), cost, bound, first_fit: nothing, one_stick_each: nothing });
    };
    let longest_stick = stock.iter().filter(|stick| stick.available != Some(0)).map(|stick| stick.length).max();
    if longest_stick.is_none_or(|stick| stick + saw.tolerance < longest) {
        return Err(NoPlan::TooLong { piece: longest, longest: longest_stick });
    }
    let kinds = kinds_of(stock, *lengths.last().unwrap_or(&longest), saw, pieces);
    let section = Section {
        takes: lengths.iter().map(|length| (*length + saw.kerf).nanometers()).collect(),
        wanted: counts,
        rooms: kinds
            .iter()
            .map(|kind| (stock[kind.places[0]].length + saw.kerf + saw.tolerance).nanometers())
            .collect(),
        prices: kinds.iter().map(|kind| stock[kind.places[0]].price.0).collect(),
        available: kinds.iter().map(|kind| kind.available).collect(),
    };
    let simple = first_fit(&section);
    let simple_cost = simple.as_ref().map(|plan| cost_of(&section, plan));
    let found = search(&section, simple, &mut work);
    *left -= share - work.0.max(0);
    let Some((cost, plan)) = found.plan else {
        return Err(NoPlan::NotEnough { pieces, proven: found.none });
    };
    Ok(StickPlan {
        sticks: sticks_of(&plan, &kinds, &lengths, stock),
        cost: Cents(cost),
        bound: Cents(found.bound),
        first_fit: simple_cost.map(Cents),
        one_stick_each: one_stick_each(&section),
    })
}

/// Stock of one length and price, which may stand in several lines.
struct StockKind {
    places: Vec<usize>,
    available: u32,
}

/// The stock that can be of use: long enough for some piece, and not beaten by one at least as long that costs no more.
fn kinds_of(stock: &[StickStock], shortest: Length, saw: Saw, pieces: u32) -> Vec<StockKind> {
    let mut by_kind: BTreeMap<(Length, Cents), StockKind> = BTreeMap::new();
    for (place, stick) in stock.iter().enumerate() {
        let available = stick.available.unwrap_or(pieces).min(pieces);
        if available == 0 || stick.length + saw.tolerance < shortest {
            continue;
        }
        let kind = by_kind.entry((stick.length, stick.price)).or_insert(StockKind { places: Vec::new(), available: 0 });
        kind.places.push(place);
        kind.available = kind.available.saturating_add(available).min(pieces);
    }
    let keys: Vec<(Length, Cents)> = by_kind.keys().copied().collect();
    for key in keys.iter().copied() {
        let beaten = keys.iter().any(|other| {
            *other != key
                && key.0 <= other.0
                && other.1 <= key.1
                && by_kind.get(other).is_some_and(|kind| kind.available == pieces)
        });
        if beaten {
            by_kind.remove(&key);
        }
    }
    by_kind.into_values().collect()
}

/// A stick for every piece, the longest pieces first, each the cheapest that it fits on and that is left.
fn one_stick_each(section: &Section) -> Option<Cents> {
    let mut left = section.available.clone();
    let mut cost = 0;
    for (takes, wanted) in section.takes.iter().zip(&section.wanted) {
        for _ in 0..*wanted {
            let fits = (0..left.len()).filter(|&stick| 0 < left[stick] && *takes <= section.rooms[stick]);
            let stick = fits.min_by_key(|&stick| section.prices[stick])?;
            left[stick] -= 1;
            cost += section.prices[stick];
        }
    }
    Some(Cents(cost))
}

fn sticks_of(plan: &Plan, kinds: &[StockKind], lengths: &[Length], stock: &[StickStock]) -> Vec<Stick> {
    let mut left: Vec<u32> = stock.iter().map(|stick| stick.available.unwrap_or(u32::MAX)).collect();
    let mut sticks = Vec::new();
    for (way, count) in plan {
        let cuts: Vec<Length> = way
            .fill
            .iter()
            .flat_map(|(kind, count)| std::iter::repeat_n(lengths[usize::from(*kind)], *count as usize))
            .collect();
        let mut count = *count;
        for &place in &kinds[usize::from(way.stick)].places {
            let here = count.min(left[place]);
            if 0 < here {
                left[place] -= here;
                count -= here;
                sticks.push(Stick { stock: place, cuts: cuts.clone(), count: here });
            }
        }
    }
    sticks.sort_by(|a, b| {
        let key = |stick: &Stick| (stock[stick.stock].length, stick.cuts.clone());
        key(b).cmp(&key(a)).then(a.stock.cmp(&b.stock))
    });
    sticks
}
