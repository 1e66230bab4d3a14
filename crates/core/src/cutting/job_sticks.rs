//! The sticks of a job: what its cut list is cut from, section by section, with what is sold of each.

use super::lists::SectionList;
use super::pieces::Section;
use super::sticks::{Effort, NoPlan, Saw, SectionWanted, Stick, StickPlan, StickStock, Wanted, plan_sections};
use crate::lumber::SawnSize;
use crate::measure::Length;
use crate::say;
use crate::speech::{Phrase, distance};

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
    /// Pieces that no stick gives: they are left out of the plan.
    pub too_long: Vec<Wanted>,
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

/// Pieces that no stick gives, in a sentence, with what can be done.
pub fn too_long(section: &SectionSticks, pieces: Wanted) -> Phrase {
    let longest = section.stock.iter().map(|stick| stick.length).max().unwrap_or_default();
    say!(
        "sticks-too-long",
        wood = section.section.phrase(),
        count = pieces.count,
        piece = distance(pieces.length),
        longest = distance(longest)
    )
}

/// Why a section has no plan, in a sentence, with what can be done.
pub fn why_none(section: &Section, none: NoPlan) -> Phrase {
    let wood = section.phrase();
    match none {
        NoPlan::TooLong { .. } => say!("sticks-not-sold", wood = wood),
        NoPlan::NotEnough { pieces, proven: true } => say!("sticks-not-enough", wood = wood, pieces),
        NoPlan::NotEnough { pieces, proven: false } => say!("sticks-none-found", wood = wood, pieces),
    }
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

/// Board feet of what is bought of a section: nominal inches by nominal inches by feet, over twelve, as sawn lumber is sold. Nothing of what
/// is no sawn lumber, or is named by its millimeters.
pub fn board_feet_of(section: &SectionSticks) -> f64 {
    let name = section.section.wood.split(' ').next().unwrap_or_default();
    let Some(size) = SawnSize::from_name(name) else { return 0.0 };
    let sticks = section.plan.iter().flat_map(|plan| &plan.sticks);
    let feet = |stick: &Stick| section.stock[stick.stock].length.to_feet() * f64::from(stick.count);
    size.nominal_square_inches() as f64 / 12.0 * sticks.map(feet).sum::<f64>()
}

/// Plans the sticks of a cut list.
pub fn sticks_of(lists: &[SectionList], sold: &[Sold], saw: Saw) -> Vec<SectionSticks> {
    let asked: Vec<Asked> = lists.iter().map(|list| Asked::of(list, sold, saw)).collect();
    let sections: Vec<SectionWanted<'_>> =
        asked.iter().map(|asked| SectionWanted { wanted: &asked.wanted, stock: &asked.stock }).collect();
    let plans = plan_sections(&sections, saw, Effort::default());
    let planned = |((list, plan), asked): ((&SectionList, Result<StickPlan, NoPlan>), Asked)| {
        let Asked { stock, too_long, .. } = asked;
        let plan = plan.map(|mut plan| {
            plan.sticks.sort_by_key(|stick| rest_of(stick, stock[stick.stock].length, saw).offcut);
            plan
        });
        SectionSticks { section: list.section.clone(), stock, too_long, plan }
    };
    lists.iter().zip(plans).zip(asked).map(planned).collect()
}

/// What is asked of the sticks of one section.
struct Asked {
    wanted: Vec<Wanted>,
    too_long: Vec<Wanted>,
    stock: Vec<StickStock>,
}

impl Asked {
    fn of(list: &SectionList, sold: &[Sold], saw: Saw) -> Self {
        let stock: Vec<StickStock> =
            sold.iter().filter(|sold| sold.section == list.section).map(|sold| sold.stick).collect();
        let longest = stock.iter().map(|stick| stick.length).max();
        let wanted = list.settings.iter().map(|setting| Wanted {
            length: setting.length,
            count: u32::try_from(setting.pieces.len()).unwrap_or(u32::MAX),
        });
        // Where nothing is sold, that is what is said.
        let fits = |piece: &Wanted| longest.is_none_or(|longest| piece.length <= longest + saw.tolerance);
        let (wanted, too_long) = wanted.partition(fits);
        Self { wanted, too_long, stock }
    }
}
