//! # Deliveries
//!
//! **What it does.** Puts the pieces of a job together by the truck that brings what they are cut from: sole plates and what is treated
//! come first, then the rest, all at once or storey by storey, from below. What a delivery leaves in lengths worth keeping is offered to
//! the next before anything is bought for it.
//!
//! **Source.** Common practice, no source.
//!
//! **Worked example.** A house of two storeys, storey by storey: a truck with the sole plates, one for the first storey, one for the
//! second.

use std::cmp::Reverse;
use std::collections::BTreeMap;

use super::job_sticks::{Allowance, SectionSticks, WORTH_KEEPING, board_feet_of, rest_of, sticks_of};
use super::lists::cut_list;
use super::pieces::{CutPiece, For};
use super::sold::Sold;
use super::sticks::{Saw, StickStock};
use crate::framing::member::{Minded, Role};
use crate::house::PartId;
use crate::job::Job;
use crate::lumber::Moisture;
use crate::measure::{Cents, Length};
use crate::say;
use crate::speech::Phrase;

/// How often the truck comes.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum Trucks {
    /// Once, with everything.
    Once,
    /// With sole plates and treated lumber, then with the rest.
    #[default]
    Twice,
    /// With sole plates and treated lumber, then once for each storey.
    ByStorey,
}

/// What a truck brings.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Delivery {
    /// Everything.
    Everything,
    /// Sole plates, and what is treated.
    PlatesAndTreated,
    /// All but the sole plates and what is treated.
    Rest,
    /// The rest of a storey.
    Storey(PartId),
    /// The rest of what stands on no storey that anybody said.
    NoStorey,
}

/// What a truck brings, and how it is cut.
#[derive(Clone, Debug, PartialEq)]
pub struct PlannedDelivery {
    /// Which.
    pub delivery: Delivery,
    /// Its sticks.
    pub sections: Vec<SectionSticks>,
}

/// All deliveries of a job, and what they leave.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Planned {
    /// In the order in which they come.
    pub deliveries: Vec<PlannedDelivery>,
    /// Offcuts worth keeping that none of them uses.
    pub left: Vec<Sold>,
}

impl Delivery {
    /// What it is called.
    pub fn phrase(self, job: &Job) -> Phrase {
        match self {
            Self::Everything => say!("delivery-everything"),
            Self::PlatesAndTreated => say!("delivery-plates-and-treated"),
            Self::Rest => say!("delivery-rest"),
            Self::Storey(level) => {
                let name = job.house.level(level).map_or("", |level| level.name.as_str());
                say!("delivery-storey", storey = name)
            }
            Self::NoStorey => say!("delivery-no-storey"),
        }
    }
}

/// The deliveries of a job in the order in which they come, each with the places of its pieces.
fn places_of(job: &Job, pieces: &[(usize, &CutPiece)], trucks: Trucks) -> Vec<(Delivery, Vec<usize>)> {
    let order: Vec<Delivery> = match trucks {
        Trucks::Once => vec![Delivery::Everything],
        Trucks::Twice => vec![Delivery::PlatesAndTreated, Delivery::Rest],
        Trucks::ByStorey => {
            let storeys = job.house.levels.iter().map(|level| Delivery::Storey(level.id));
            std::iter::once(Delivery::PlatesAndTreated).chain(storeys).chain([Delivery::NoStorey]).collect()
        }
    };
    let brings = |piece: &CutPiece| {
        let first = piece.id.for_ == For::Wall(Role::SolePlate) || piece.stock.minded == Minded::Treated;
        match trucks {
            Trucks::Once => Delivery::Everything,
            _ if first => Delivery::PlatesAndTreated,
            Trucks::Twice => Delivery::Rest,
            Trucks::ByStorey => piece.id.of.level(job).map_or(Delivery::NoStorey, Delivery::Storey),
        }
    };
    let of = |delivery: Delivery| {
        let mine = pieces.iter().filter(|(_, piece)| brings(piece) == delivery).map(|(place, _)| *place);
        (delivery, mine.collect::<Vec<usize>>())
    };
    order.into_iter().map(of).filter(|(_, pieces)| !pieces.is_empty()).collect()
}

/// Plans the sticks of every delivery, one after the other: what one leaves the next may use, and of what is short it has what is left.
pub fn plan_deliveries(job: &Job, pieces: &[(usize, &CutPiece)], trucks: Trucks, sold: &[Sold], saw: Saw) -> Planned {
    let mut sold = sold.to_vec();
    let Planned { mut deliveries, left: mut at_hand } = Planned::default();
    for (delivery, places) in places_of(job, pieces, trucks) {
        let mine = pieces.iter().filter(|(place, _)| places.binary_search(place).is_ok()).copied();
        let sections = sticks_of(&cut_list(mine), &sold, &at_hand, saw);
        for section in &sections {
            take(&mut sold, &mut at_hand, section, saw);
        }
        deliveries.push(PlannedDelivery { delivery, sections });
    }
    Planned { deliveries, left: at_hand }
}

/// Takes what a plan uses from what is sold and what is at hand, and puts by what it leaves.
fn take(sold: &mut [Sold], at_hand: &mut Vec<Sold>, section: &SectionSticks, saw: Saw) {
    let mut kept: BTreeMap<Reverse<Length>, u32> = BTreeMap::new();
    for stick in section.plan.iter().flat_map(|plan| &plan.sticks) {
        let stock = section.stock[stick.stock];
        let of_it = |each: &&mut Sold| {
            let StickStock { length, price, available } = each.stick;
            each.section == section.section && (length, price) == (stock.length, stock.price) && available != Some(0)
        };
        let from: &mut [Sold] = if section.is_at_hand(stick.stock) { at_hand } else { sold };
        let mut left = stick.count;
        for each in from.iter_mut().filter(of_it) {
            if let Some(available) = &mut each.stick.available {
                let here = left.min(*available);
                *available -= here;
                left -= here;
            }
        }
        let offcut = rest_of(stick, stock.length, saw).offcut;
        if WORTH_KEEPING <= offcut {
            *kept.entry(Reverse(offcut)).or_default() += stick.count;
        }
    }
    at_hand.retain(|each| each.stick.available != Some(0));
    at_hand.extend(kept.into_iter().map(|(Reverse(length), count)| Sold {
        section: section.section.clone(),
        stick: StickStock { length, price: Cents::ZERO, available: Some(count) },
    }));
}

/// What all deliveries come to.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Totals {
    /// What the sticks cost.
    pub cost: Cents,
    /// No plan of these deliveries costs less, each planned after the one before.
    pub bound: Cents,
    /// What first fit would have cost; `None` where a section has no such plan.
    pub first_fit: Option<Cents>,
    /// What a stick for every piece would have cost; likewise.
    pub one_stick_each: Option<Cents>,
    /// What the allowance on top of it costs.
    pub allowance: Cents,
    /// Board feet of sawn lumber that are bought.
    pub board_feet: f64,
    /// What is bought and in no piece, percent of length.
    pub waste_percent: f64,
}

/// What all deliveries come to.
pub fn totals(planned: &[PlannedDelivery], allowance: Allowance) -> Totals {
    let sections = || planned.iter().flat_map(|delivery| &delivery.sections);
    let plans = || sections().filter_map(|section| section.plan.as_ref().ok());
    let bought: Length = sections().map(SectionSticks::bought_length).sum();
    let used: Length = sections().map(SectionSticks::used_length).sum();
    Totals {
        cost: plans().map(|plan| plan.cost).sum(),
        bound: plans().map(|plan| plan.bound).sum(),
        first_fit: plans().map(|plan| plan.first_fit).sum(),
        one_stick_each: plans().map(|plan| plan.one_stick_each).sum(),
        allowance: sections().flat_map(|section| section.lines(allowance)).map(|line| line.price * line.spare).sum(),
        board_feet: sections().map(board_feet_of).sum(),
        waste_percent: (bought - used).max(Length::ZERO).percent_of(bought),
    }
}

/// Weight of what a truck brings, with the allowance, lb.
pub fn truck_load(delivery: &PlannedDelivery, allowance: Allowance, moisture: Moisture) -> f64 {
    delivery.sections.iter().map(|section| section.pounds(allowance, moisture)).sum()
}
