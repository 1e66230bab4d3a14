//! The cheapest plan of a section, and the proof of how cheap one can be.
//!
//! **What it does.** Branches on how many sticks of each length are taken: the cost depends on nothing else, and a branch leaves the
//! search for the best fill as it is. Every branch is relaxed ([`super::relaxed`]); one whose bound reaches the best plan so far is
//! shut. Plans are found by diving: the ways that the relaxation takes whole are taken, the rest is relaxed again. The bound of
//! the whole is the least of the bounds of the branches that are still open when the plan is settled, or the work used up.
//!
//! **Source.** Branch and bound over aggregated variables, as is usual for stock of several lengths; from memory.

use super::relaxed::{Counts, Relaxation, Relaxed, Work, bound_of};
use super::section::{Pattern, Pool, Section, TO_A_CENT};

/// Sticks by the way they are filled, each with how many there are.
pub(super) type Plan = Vec<(Pattern, u32)>;

/// What a search came to.
#[derive(Clone, Debug)]
pub(super) struct Found {
    /// The cheapest plan found, with its cost in cents; `None` if there are not sticks enough, as far as was seen.
    pub plan: Option<(i64, Plan)>,
    /// No plan costs less, cents.
    pub bound: i64,
    /// Whether it is proven that there is no plan at all.
    pub none: bool,
}

/// What a dive takes of a relaxation before it relaxes the rest again.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Takes {
    /// Every way as often as it is taken whole.
    AllWays,
    /// The way that is taken most often.
    OneWay,
}

struct Branch {
    counts: Counts,
    bound: i128,
    depth: u32,
}

struct Search<'a> {
    section: &'a Section,
    pool: Pool,
    best: Option<(i64, Plan)>,
    work: &'a mut Work,
}

/// A bound in whole cents: a plan costs whole cents, so a part of one more is a whole one more.
fn in_cents(bound: i128) -> i64 {
    let cent = i128::from(TO_A_CENT);
    let cents = bound.div_euclid(cent) + i128::from(bound.rem_euclid(cent) != 0);
    cents.clamp(0, i128::from(i64::MAX)) as i64
}

/// What a plan costs, cents.
pub(super) fn cost_of(section: &Section, plan: &Plan) -> i64 {
    plan.iter().map(|(way, count)| section.prices[usize::from(way.stick)] * i64::from(*count)).sum()
}

/// Puts a stick into a plan, with those that are filled alike.
pub(super) fn put(plan: &mut Plan, stick: Pattern) {
    match plan.iter_mut().find(|(way, _)| *way == stick) {
        Some((_, count)) => *count += 1,
        None => plan.push((stick, 1)),
    }
}

/// Looks for the cheapest plan, starting from one that may be known.
pub(super) fn search<'a>(section: &'a Section, known: Option<Plan>, work: &'a mut Work) -> Found {
    let mut pool = Pool::default();
    for pattern in section.alone() {
        pool.number(pattern);
    }
    for (pattern, _) in known.iter().flatten() {
        pool.number(pattern.clone());
    }
    let best = known.map(|plan| (cost_of(section, &plan), plan));
    let mut search = Search { section, pool, best, work };
    let bound = search.run();
    search.set_less_often();
    let none = search.best.is_none() && search.enough() <= bound;
    Found { plan: search.best, bound, none }
}

/// How often the saw is set when sticks that are filled alike are cut together: once for every length on each.
fn settings(plan: &Plan) -> usize {
    plan.iter().map(|(way, _)| way.fill.len()).sum()
}

impl Search<'_> {
    /// What a plan has to cost less than. Before there is one: more than a stick for every piece, each the dearest.
    fn enough(&self) -> i64 {
        let dearest = self.section.prices.iter().copied().max().unwrap_or(0);
        let pieces: i64 = self.section.wanted.iter().copied().map(i64::from).sum();
        self.best.as_ref().map_or(dearest * pieces + 1, |(cost, _)| *cost)
    }

    fn better(&mut self, plan: Plan) {
        let cost = cost_of(self.section, &plan);
        let sooner = |known: &(i64, Plan)| (cost, settings(&plan)) < (known.0, settings(&known.1));
        if self.best.as_ref().is_none_or(sooner) {
            self.best = Some((cost, plan));
        }
    }

    /// Looks once more for a plan with the same sticks that sets the saw less often.
    fn set_less_often(&mut self) {
        let Some((_, plan)) = &self.best else { return };
        let mut sticks = vec![0; self.section.rooms.len()];
        for (way, count) in plan {
            sticks[usize::from(way.stick)] += count;
        }
        self.dive(&sticks, Takes::OneWay);
    }

    fn run(&mut self) -> i64 {
        let counts = Counts { least: vec![0; self.section.rooms.len()], most: self.section.available.clone() };
        let mut open = vec![Branch { counts, bound: 0, depth: 0 }];
        let section = self.section;
        let mut relaxation = Relaxation::new(section, &section.wanted);
        let mut root: Option<(Vec<i64>, i128)> = None;
        let mut proven: Vec<Vec<i64>> = Vec::new();
        // Branches that could not be settled keep the bound down.
        let mut unsettled = i64::MAX;
        while let Some(next) = next_of(&open) {
            let mut branch = open.swap_remove(next);
            for worth in &proven {
                let fills = &worth[self.section.takes.len()..];
                let again = bound_of(
                    self.section,
                    &self.section.wanted,
                    &branch.counts,
                    &worth[..self.section.takes.len()],
                    fills,
                );
                branch.bound = branch.bound.max(again);
            }
            if self.enough() <= in_cents(branch.bound) {
                continue;
            }
            if !self.work.is_left() {
                unsettled = unsettled.min(in_cents(branch.bound));
                continue;
            }
            let enough = self.enough();
            let relaxed = relaxation.solve(&branch.counts, &mut self.pool, enough, self.work);
            branch.bound = branch.bound.max(relaxed.bound);
            if branch.depth == 0 {
                root = Some((relaxed.worth.clone(), relaxed.bound));
            }
            if !relaxed.best_fills.is_empty() {
                proven.push(relaxed.worth.iter().chain(&relaxed.best_fills).copied().collect());
            }
            if self.enough() <= in_cents(branch.bound) {
                continue;
            }
            if !relaxed.fits {
                // Not solved to its end: the work ran out.
                unsettled = unsettled.min(in_cents(branch.bound));
                continue;
            }
            self.pool.worth = root.as_ref().map(|(worth, bound)| {
                let gap = i128::from(self.enough()) * i128::from(TO_A_CENT) - bound;
                (worth.clone(), gap.clamp(0, i128::from(i64::MAX)) as i64)
            });
            self.branch(branch, &relaxed, &mut open, &mut unsettled);
        }
        unsettled.min(self.enough())
    }

    /// Tries for a plan within a branch, and parts it.
    fn branch(&mut self, branch: Branch, relaxed: &Relaxed, open: &mut Vec<Branch>, unsettled: &mut i64) {
        let near = |count: f64| (count - count.round()).abs() < 1e-6;
        let parted = (0..relaxed.sticks.len()).filter(|stick| !near(relaxed.sticks[*stick])).min_by(|a, b| {
            let off = |stick: usize| (relaxed.sticks[stick].fract() - 0.5).abs();
            off(*a).total_cmp(&off(*b))
        });
        let mut part = |counts: Counts| open.push(Branch { counts, bound: branch.bound, depth: branch.depth + 1 });
        if let Some(stick) = parted {
            let floor = relaxed.sticks[stick].floor() as u32;
            let mut fewer = branch.counts.clone();
            fewer.most[stick] = floor;
            let mut more = branch.counts.clone();
            more.least[stick] = floor + 1;
            part(fewer);
            part(more);
            if branch.depth.is_multiple_of(4) {
                self.dive(&branch.counts.most.clone(), Takes::AllWays);
            }
            return;
        }
        let settled: Vec<u32> = relaxed.sticks.iter().map(|count| count.round() as u32).collect();
        self.dive(&settled, Takes::AllWays);
        let cost = self.section.cost(&settled);
        if self.enough() <= cost {
            // The rest of the branch costs at least as much as this.
            if self.enough() <= in_cents(branch.bound) {
                return;
            }
        } else {
            *unsettled = (*unsettled).min(cost);
        }
        let mut rest = branch.counts.clone();
        for (stick, &count) in settled.iter().enumerate() {
            if rest.least[stick] < count {
                let mut fewer = rest.clone();
                fewer.most[stick] = count - 1;
                part(fewer);
            }
            if count < rest.most[stick] {
                let mut more = rest.clone();
                more.least[stick] = count + 1;
                part(more);
            }
            rest.least[stick] = count;
            rest.most[stick] = count;
        }
    }

    /// Takes what the relaxation takes whole, and relaxes the rest again, with at most `most` sticks of each length.
    fn dive(&mut self, most: &[u32], takes: Takes) {
        let section = self.section;
        let mut wanted = section.wanted.clone();
        let mut most = most.to_vec();
        let mut plan: Plan = Vec::new();
        let mut spent = 0;
        while wanted.iter().any(|count| 0 < *count) {
            let counts = Counts { least: vec![0; most.len()], most: most.clone() };
            let enough = self.enough() + i64::from(takes == Takes::OneWay) - spent;
            let relaxed = Relaxation::new(section, &wanted).solve(&counts, &mut self.pool, enough, self.work);
            if !relaxed.fits || enough <= in_cents(relaxed.bound) {
                return;
            }
            let mut ways: Vec<(usize, f64)> = relaxed.ways;
            match takes {
                Takes::AllWays => ways.sort_by(|a, b| b.1.fract().total_cmp(&a.1.fract()).then(a.0.cmp(&b.0))),
                Takes::OneWay => {
                    ways.sort_by(|a, b| b.1.total_cmp(&a.1).then(a.0.cmp(&b.0)));
                    ways.truncate(1);
                }
            }
            let whole = ways.iter().any(|(_, times)| 1.0 - 1e-6 <= *times);
            let mut took = false;
            for (number, times) in ways {
                let pattern = self.pool.patterns[number].clone();
                let times = if whole { (times + 1e-6).floor() as u32 } else { u32::from(!took) };
                for _ in 0..times {
                    let stick = usize::from(pattern.stick);
                    if most[stick] == 0 {
                        break;
                    }
                    let fill: Vec<(u16, u32)> = pattern
                        .fill
                        .iter()
                        .map(|(kind, count)| (*kind, (*count).min(wanted[usize::from(*kind)])))
                        .filter(|(_, count)| 0 < *count)
                        .collect();
                    if fill.is_empty() {
                        break;
                    }
                    for (kind, count) in &fill {
                        wanted[usize::from(*kind)] -= count;
                    }
                    most[stick] -= 1;
                    spent += section.prices[stick];
                    took = true;
                    let taken = Pattern { stick: pattern.stick, fill };
                    put(&mut plan, taken);
                }
            }
            if !took {
                return;
            }
        }
        self.better(plan);
    }
}

/// The branch with the least bound; of equals the deepest.
fn next_of(open: &[Branch]) -> Option<usize> {
    let key = |branch: &Branch| (in_cents(branch.bound), std::cmp::Reverse(branch.depth));
    (0..open.len()).min_by_key(|&number| key(&open[number]))
}
