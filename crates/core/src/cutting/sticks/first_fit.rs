//! What goes on the first stick that has room: how it is done without a plan, and where the search begins.
//!
//! **What it does.** Takes the pieces longest first. Each goes onto the first open stick with room; if none has, a stick is opened:
//! by one rule the one that is cheapest per length, by another the cheapest that the piece fits on, by a third the longest. The
//! cheapest of the three plans counts.
//!
//! **Source.** First fit by falling length; common practice, no source.

use super::search::{Plan, cost_of, put};
use super::section::{Pattern, Section};

/// How a stick is chosen when one is opened.
#[derive(Clone, Copy)]
enum Opens {
    PerLength,
    PerPiece,
    Longest,
}

/// The cheapest of the plans by all rules; `None` if the sticks do not reach by any of them.
pub(super) fn first_fit(section: &Section) -> Option<Plan> {
    [Opens::PerLength, Opens::PerPiece, Opens::Longest]
        .into_iter()
        .filter_map(|rule| fit(section, rule))
        .min_by_key(|plan| cost_of(section, plan))
}

struct Open {
    stick: usize,
    room: i64,
    fill: Vec<(u16, u32)>,
}

fn fit(section: &Section, rule: Opens) -> Option<Plan> {
    let mut kinds: Vec<usize> = (0..section.takes.len()).collect();
    kinds.sort_by_key(|&kind| std::cmp::Reverse(section.takes[kind]));
    let mut left = section.available.clone();
    let mut open: Vec<Open> = Vec::new();
    for kind in kinds {
        let takes = section.takes[kind];
        let mut first = 0;
        for _ in 0..section.wanted[kind] {
            while first < open.len() && open[first].room < takes {
                first += 1;
            }
            if first == open.len() {
                let fits = (0..section.rooms.len()).filter(|&stick| takes <= section.rooms[stick] && 0 < left[stick]);
                let stick = match rule {
                    Opens::PerLength => fits.min_by(|&a, &b| {
                        let per = |stick: usize| section.prices[stick] as f64 / section.rooms[stick] as f64;
                        per(a).total_cmp(&per(b))
                    }),
                    Opens::PerPiece => fits.min_by_key(|&stick| section.prices[stick]),
                    Opens::Longest => fits.max_by_key(|&stick| section.rooms[stick]),
                }?;
                left[stick] -= 1;
                open.push(Open { stick, room: section.rooms[stick], fill: Vec::new() });
            }
            let on = &mut open[first];
            on.room -= takes;
            match on.fill.last_mut() {
                Some((last, count)) if usize::from(*last) == kind => *count += 1,
                _ => on.fill.push((kind as u16, 1)),
            }
        }
    }
    let mut plan = Plan::new();
    for Open { stick, mut fill, .. } in open {
        fill.sort_unstable();
        put(&mut plan, Pattern { stick: stick as u16, fill });
    }
    Some(plan)
}
