//! The sticks of a job: what its cut list is cut from, section by section, with what is sold of each.

use std::cmp::Reverse;
use std::collections::BTreeMap;

use super::cut_next::pieces_on_sticks;
use super::lists::SectionList;
use super::pieces::Section;
use super::sold::Sold;
use super::sticks::{Effort, NoPlan, Saw, SectionWanted, Stick, StickPlan, StickStock, Wanted, plan_sections};
use crate::framing::member::Stock;
use crate::lumber::{Moisture, SawnSize};
use crate::measure::{Cents, Length};
use crate::say;
use crate::speech::{Phrase, distance};

/// An offcut of this length becomes a cripple or a block. Common practice, no source.
pub const WORTH_KEEPING: Length = Length::inches(12);

/// The sticks of one section.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct SectionSticks {
    /// Which.
    pub section: Section,
    /// What a foot of it is.
    pub wood: Stock,
    /// What is sold of it, and after that what is at hand.
    pub stock: Vec<StickStock>,
    /// How many lines of it are sold; the others are offcuts of what came before.
    pub sold: usize,
    /// Pieces that no stick gives: they are left out of the plan.
    pub too_long: Vec<Wanted>,
    /// The plan, its sticks in the order in which they are cut: the largest waste last.
    pub plan: Result<StickPlan, NoPlan>,
    /// Of each line of the plan, of each stick that is cut so, its pieces by their places in what was listed, as its cuts lie.
    pub pieces: Vec<Vec<Vec<usize>>>,
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
    let feet = |stick: &Stick| section.stock[stick.stock].length.to_feet() * f64::from(stick.count);
    size.nominal_square_inches() as f64 / 12.0 * section.bought().map(feet).sum::<f64>()
}

impl SectionSticks {
    /// Whether a line of its stock is an offcut at hand, which nobody buys.
    pub const fn is_at_hand(&self, place: usize) -> bool {
        self.sold <= place
    }

    /// Its planned sticks that are bought.
    pub fn bought(&self) -> impl Iterator<Item = &Stick> {
        let sticks = self.plan.iter().flat_map(|plan| &plan.sticks);
        sticks.filter(|stick| !self.is_at_hand(stick.stock))
    }

    /// How long all that is bought is.
    pub fn bought_length(&self) -> Length {
        self.bought().map(|stick| self.stock[stick.stock].length * i64::from(stick.count)).sum()
    }

    /// How long all its pieces are, whatever they are cut from.
    pub fn used_length(&self) -> Length {
        let pieces = |stick: &Stick| stick.cuts.iter().copied().sum::<Length>() * i64::from(stick.count);
        self.plan.iter().flat_map(|plan| &plan.sticks).map(pieces).sum()
    }

    /// What is bought, the longest first.
    pub fn lines(&self, allowance: Allowance) -> Vec<BuyLine> {
        let mut lines: BTreeMap<(Reverse<Length>, Cents), u32> = BTreeMap::new();
        for stick in self.bought() {
            let stock = self.stock[stick.stock];
            *lines.entry((Reverse(stock.length), stock.price)).or_default() += stick.count;
        }
        let line = |((Reverse(length), price), count): ((Reverse<Length>, Cents), u32)| BuyLine {
            length,
            price,
            count,
            spare: allowance.of(count),
        };
        lines.into_iter().map(line).collect()
    }

    /// What the sticks that are bought weigh, with the allowance, lb.
    pub fn pounds(&self, allowance: Allowance, moisture: Moisture) -> f64 {
        let feet = |line: BuyLine| line.length.to_feet() * f64::from(line.sticks());
        self.lines(allowance).into_iter().map(feet).sum::<f64>() * self.wood.pounds_a_foot(moisture)
    }
}

/// Sticks of one length to buy.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct BuyLine {
    /// How long.
    pub length: Length,
    /// What one costs.
    pub price: Cents,
    /// How many the plan needs.
    pub count: u32,
    /// How many more, for those that are crowned or split.
    pub spare: u32,
}

impl BuyLine {
    /// How many are bought.
    pub const fn sticks(self) -> u32 {
        self.count + self.spare
    }

    /// What they cost.
    pub fn cost(self) -> Cents {
        self.price * self.sticks()
    }
}

/// Sticks on top of a plan, percent: for those that are crowned or split, and for ends that are trimmed. It is in no plan's cost.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct Allowance(u32);

impl Allowance {
    /// The most that is asked for, percent.
    pub const MOST: u32 = 30;

    /// So many percent; `None` beyond the most.
    pub fn percent(percent: u32) -> Option<Self> {
        (percent <= Self::MOST).then_some(Self(percent))
    }

    /// How many more than so many, rounded up.
    pub fn of(self, count: u32) -> u32 {
        count.saturating_mul(self.0).div_ceil(100)
    }
}

/// Plans the sticks of a cut list, from what is sold and from offcuts that are at hand already, which cost nothing.
pub fn sticks_of(lists: &[SectionList], sold: &[Sold], at_hand: &[Sold], saw: Saw) -> Vec<SectionSticks> {
    let asked: Vec<Asked> = lists.iter().map(|list| Asked::of(list, sold, at_hand, saw)).collect();
    let sections: Vec<SectionWanted<'_>> =
        asked.iter().map(|asked| SectionWanted { wanted: &asked.wanted, stock: &asked.stock }).collect();
    let plans = plan_sections(&sections, saw, Effort::default());
    let planned = |((list, plan), asked): ((&SectionList, Result<StickPlan, NoPlan>), Asked)| {
        let Asked { stock, sold, too_long, .. } = asked;
        let plan = plan.map(|mut plan| {
            plan.sticks.sort_by_key(|stick| rest_of(stick, stock[stick.stock].length, saw).offcut);
            plan
        });
        let pieces = plan.as_ref().map(|plan| pieces_on_sticks(list, plan)).unwrap_or_default();
        SectionSticks { section: list.section.clone(), wood: list.stock.clone(), stock, sold, too_long, plan, pieces }
    };
    lists.iter().zip(plans).zip(asked).map(planned).collect()
}

/// What is asked of the sticks of one section.
struct Asked {
    wanted: Vec<Wanted>,
    too_long: Vec<Wanted>,
    stock: Vec<StickStock>,
    sold: usize,
}

impl Asked {
    fn of(list: &SectionList, sold: &[Sold], at_hand: &[Sold], saw: Saw) -> Self {
        let of_it = |all: &[Sold]| -> Vec<StickStock> {
            all.iter().filter(|each| each.section == list.section).map(|each| each.stick).collect()
        };
        let mut stock = of_it(sold);
        let sold = stock.len();
        stock.extend(of_it(at_hand));
        let longest = stock.iter().map(|stick| stick.length).max();
        let wanted = list.settings.iter().map(|setting| Wanted {
            length: setting.length,
            count: u32::try_from(setting.pieces.len()).unwrap_or(u32::MAX),
        });
        // Where nothing is sold, that is what is said.
        let fits = |piece: &Wanted| longest.is_none_or(|longest| piece.length <= longest + saw.tolerance);
        let (wanted, too_long) = wanted.partition(fits);
        Self { wanted, too_long, stock, sold }
    }
}
