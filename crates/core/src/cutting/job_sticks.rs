//! The sticks of a job: what its cut list is cut from, section by section, with what is sold of each.

use super::lists::SectionList;
use super::pieces::Section;
use super::sticks::{Effort, NoPlan, Saw, SectionWanted, Stick, StickPlan, StickStock, Wanted, plan_sections};
use crate::measure::Length;

/// An offcut of this length becomes a cripple or a block. Common practice, no source.
pub const WORTH_KEEPING: Length = Length::inches(12);

/// A stick that is sold.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Sold {
    /// Under which name.
    pub section: Section,
    /// How long, for how much, and how many there are.
    pub stick: StickStock,
}

/// The sticks of one section.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct SectionSticks {
    /// Which.
    pub section: Section,
    /// What is sold of it.
    pub stock: Vec<StickStock>,
    /// The plan, its sticks in the order in which they are cut: the largest waste last.
    pub plan: Result<StickPlan, NoPlan>,
}

/// What is left of a stick.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Rest {
    /// What the saw takes.
    pub kerfs: Length,
    /// What falls off at the end.
    pub offcut: Length,
}

/// What a stick leaves: a kerf between every two pieces, and one before what falls off, or what there is of it.
pub fn rest_of(stick: &Stick, length: Length, saw: Saw) -> Rest {
    let pieces: Length = stick.cuts.iter().copied().sum();
    let between = saw.kerf * (stick.cuts.len() as i64 - 1).max(0);
    let left = (length - pieces - between).max(Length::ZERO);
    let last = left.min(saw.kerf);
    // Pieces within the saw's tolerance fill the stick: what the kerfs are short of is not wood.
    Rest { kerfs: (length - pieces - left).max(Length::ZERO) + last, offcut: left - last }
}

/// Plans the sticks of a cut list.
pub fn sticks_of(lists: &[SectionList], sold: &[Sold], saw: Saw) -> Vec<SectionSticks> {
    let asked: Vec<(Vec<Wanted>, Vec<StickStock>)> = lists
        .iter()
        .map(|list| {
            let wanted = list.settings.iter().map(|setting| {
                Wanted { length: setting.length, count: u32::try_from(setting.pieces.len()).unwrap_or(u32::MAX) }
            });
            let stock = sold.iter().filter(|sold| sold.section == list.section).map(|sold| sold.stick);
            (wanted.collect(), stock.collect())
        })
        .collect();
    let sections: Vec<SectionWanted<'_>> =
        asked.iter().map(|(wanted, stock)| SectionWanted { wanted, stock }).collect();
    let plans = plan_sections(&sections, saw, Effort::default());
    lists
        .iter()
        .zip(plans)
        .zip(&asked)
        .map(|((list, plan), (_, stock))| {
            let plan = plan.map(|mut plan| {
                plan.sticks.sort_by_key(|stick| rest_of(stick, stock[stick.stock].length, saw).offcut);
                plan
            });
            SectionSticks { section: list.section.clone(), stock: stock.clone(), plan }
        })
        .collect()
}
