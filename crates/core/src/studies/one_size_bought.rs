//! # One size, bought
//!
//! **What it does.** Puts each header that carries over every opening of the job over all of them, frames and sizes the job anew with it,
//! and prices the whole pile through the same plan of sticks: ten of them, the cheapest first.
//!
//! **Source.** Common practice, no source: one header over everything saves mistakes; what it saves or costs, the pile says.
//!
//! **Assumptions and limits.** Only headers that carry over every opening that has a header; none where there is no such one. Which ten are
//! priced is chosen by their wood over all openings; what leaves out more than the job as it is planned has no price and comes last.
//!
//! **Worked example.** A 3 ft window that 2-2x6 carries and a 6 ft door that 2-2x10 carries: 2-2x10 over both, with all studs and jacks
//! as they are then.

use super::one_size::OpeningOptions;
use crate::cutting::deliveries::{Trucks, plan_deliveries};
use crate::cutting::pieces::pieces_of_job;
use crate::cutting::sold::Sold;
use crate::cutting::sticks::Saw;
use crate::job::{HeaderChoice, Job};
use crate::lumber::HeaderSpec;
use crate::measure::Cents;
use crate::plan::JobPlan;

/// The most that are priced.
pub const MOST: usize = 10;

/// One header over all openings, and what the job's sticks cost with it.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Bought {
    /// The header.
    pub header: HeaderSpec,
    /// What all sticks cost; `None` where they leave out more than as it is planned.
    pub cost: Option<Cents>,
}

/// The headers that carry over every opening, the least wood first; no more than are priced.
pub fn over_everything(openings: &[OpeningOptions]) -> Vec<HeaderSpec> {
    let wanted: Vec<&OpeningOptions> = openings.iter().filter(|opening| !opening.carrying.is_empty()).collect();
    let Some((first, others)) = wanted.split_first() else { return Vec::new() };
    let everywhere = |header: &HeaderSpec| {
        others.iter().all(|opening| opening.carrying.iter().any(|option| option.header == *header))
    };
    let mut headers: Vec<HeaderSpec> = first.carrying.iter().map(|option| option.header).filter(everywhere).collect();
    headers.sort_by(|a, b| {
        let area = |header: &HeaderSpec| header.section().area_square_inches();
        area(a).total_cmp(&area(b)).then(a.cmp(b))
    });
    headers.dedup();
    headers.truncate(MOST);
    headers
}

/// A job with one header over each of the openings.
pub fn with_one_size(job: &Job, openings: &[OpeningOptions], header: HeaderSpec) -> Job {
    let mut job = job.clone();
    let takes = |id| openings.iter().any(|opening| opening.opening == id && !opening.carrying.is_empty());
    for opening in job.walls.iter_mut().flat_map(|wall| &mut wall.openings) {
        if takes(opening.id) {
            opening.design.header = HeaderChoice::Chosen(header);
        }
    }
    job
}

/// What the sticks of a job come to, and how much of it they leave out.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Pile {
    /// What the sticks cost.
    pub cost: Cents,
    /// Pieces that no stick gives, sections that have no plan, and openings and parts that are held back.
    pub left_out: usize,
}

/// The pile of a planned job, brought at once.
pub fn pile_of(plan: &JobPlan, sold: &[Sold]) -> Pile {
    let all = pieces_of_job(plan);
    let pieces: Vec<_> = all.pieces.iter().enumerate().collect();
    let planned = plan_deliveries(plan.job(), &pieces, Trucks::Once, sold, Saw::default());
    let sections = || planned.deliveries.iter().flat_map(|delivery| &delivery.sections);
    let too_long = sections().flat_map(|section| &section.too_long).map(|pieces| pieces.count as usize);
    let unplanned = sections().filter(|section| section.plan.is_err()).count();
    Pile {
        cost: sections().filter_map(|section| section.plan.as_ref().ok()).map(|plan| plan.cost).sum(),
        left_out: too_long.sum::<usize>() + unplanned + all.held_back.len(),
    }
}

/// What a planned job costs with one header over everything, against the pile as it is planned.
pub fn bought_with(
    plan: &JobPlan,
    openings: &[OpeningOptions],
    header: HeaderSpec,
    sold: &[Sold],
    as_planned: Pile,
) -> Bought {
    let pile = pile_of(&JobPlan::of(with_one_size(plan.job(), openings, header)), sold);
    Bought { header, cost: (pile.left_out <= as_planned.left_out).then_some(pile.cost) }
}

/// The cheapest first; what has no price last.
pub fn ranked(mut bought: Vec<Bought>) -> Vec<Bought> {
    bought.sort_by_key(|each| (each.cost.is_none(), each.cost));
    bought
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::OpeningId;
    use crate::lumber::{Depth, Grade, HeaderBoard, SawnSize, Species};
    use crate::measure::Length;
    use crate::studies::one_size::HeaderOption;

    fn header(depth: Depth) -> HeaderSpec {
        let size = SawnSize::two_by(depth);
        HeaderSpec { board: HeaderBoard::Sawn { species: Species::HemFir, grade: Grade::Number2, size }, plies: 2 }
    }

    fn opening(id: u128, depths: &[Depth]) -> OpeningOptions {
        let option = |depth: &Depth| HeaderOption { header: header(*depth), cost: None, jack: Length::inches(80) };
        OpeningOptions { opening: OpeningId(id), carrying: depths.iter().map(option).collect() }
    }

    #[test]
    fn worked_example() {
        let (window, door) = (opening(1, &[Depth::Six, Depth::Ten]), opening(2, &[Depth::Twelve, Depth::Ten]));
        assert_eq!(over_everything(&[window.clone(), door.clone(), opening(3, &[])]), [header(Depth::Ten)]);
        assert_eq!(over_everything(&[window, door, opening(4, &[Depth::Twelve])]), []);
        assert_eq!(over_everything(&[]), []);
    }

    #[test]
    fn what_has_no_price_comes_last() {
        let bought = |depth, cents: Option<i64>| Bought { header: header(depth), cost: cents.map(Cents) };
        let ranked = ranked(vec![bought(Depth::Six, None), bought(Depth::Eight, Some(9)), bought(Depth::Ten, Some(4))]);
        assert_eq!(ranked.iter().map(|each| each.cost).collect::<Vec<_>>(), [Some(Cents(4)), Some(Cents(9)), None]);
    }
}
