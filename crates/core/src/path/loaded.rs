//! What comes down on the parts of a house, and where each of it comes from.

use crate::house::plan::{Line, ONE_SUPPORT, Spot};
use crate::loads::ByCase;
use crate::measure::{End, Ends, Length};
use crate::say;
use crate::speech::Phrase;

/// A part of a house that hands load on; its storey is known from where it is met.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Part {
    /// A field.
    Field(usize),
    /// The gables of a roof, by the place of its field.
    Gable(usize),
    /// A point load.
    Point(usize),
    /// A wall, beside its openings.
    Wall(usize),
    /// An end of an opening's header, on its pack.
    Opening(usize, usize, End),
    /// A beam.
    Beam(usize),
    /// A post.
    Post(usize),
}

/// A part and the storey it belongs to.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub struct Source {
    /// Its storey.
    pub storey: usize,
    /// Which it is.
    pub part: Part,
}

/// A load along a line.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Stretch {
    /// Where it begins, along the line's axis.
    pub low: Length,
    /// Where it ends.
    pub high: Length,
    /// How much, lb/ft.
    pub plf: ByCase,
    /// What a member is sized for besides: what comes and goes standing only where it presses here, lb/ft.
    pub more: ByCase,
    /// What brings it.
    pub from: Source,
    /// Across the line, where it came down, before it moved onto the center line.
    pub came_down: Length,
}

/// A load at one place of a line.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Press {
    /// Where, along the line's axis.
    pub at: Length,
    /// How much, lb.
    pub pounds: ByCase,
    /// What brings it.
    pub from: Source,
    /// Where it came down, before it moved onto the center line.
    pub came_down: Spot,
}

/// What stands on a line's top, without its own weight.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct OnTop {
    /// Along it.
    pub stretches: Vec<Stretch>,
    /// At places of it.
    pub presses: Vec<Press>,
}

impl OnTop {
    /// Whether nothing stands on it.
    pub fn is_empty(&self) -> bool {
        self.stretches.iter().all(|each| each.plf.is_nothing())
            && self.presses.iter().all(|each| each.pounds.is_nothing())
    }

    /// What stands along it, piece by piece, from its start to its end; what comes to nothing is left out.
    pub fn pieces(&self, line: &Line) -> Vec<(Length, Length, ByCase)> {
        self.pieces_of(line, |stretch| stretch.plf)
    }

    /// The same as a member is sized for it.
    pub fn pieces_for_sizing(&self, line: &Line) -> Vec<(Length, Length, ByCase)> {
        self.pieces_of(line, |stretch| stretch.plf + stretch.more)
    }

    fn pieces_of(&self, line: &Line, amount: fn(&Stretch) -> ByCase) -> Vec<(Length, Length, ByCase)> {
        let edges = self.stretches.iter().flat_map(|each| [each.low, each.high]).chain([line.start, line.end()]);
        let mut edges: Vec<Length> = edges.collect();
        edges.sort_unstable();
        edges.dedup();
        let mut pieces: Vec<(Length, Length, ByCase)> = Vec::with_capacity(edges.len());
        for pair in edges.windows(2) {
            let here = self.stretches.iter().filter(|each| each.low <= pair[0] && pair[1] <= each.high);
            let sum: ByCase = here.map(amount).sum();
            match pieces.last_mut() {
                Some(last) if last.1 == pair[0] && last.2 == sum => last.1 = pair[1],
                _ => pieces.push((pair[0], pair[1], sum)),
            }
        }
        pieces.retain(|piece| !piece.2.is_nothing());
        pieces
    }

    /// What stands at places of it, what stands at one place together.
    pub fn places(&self) -> Vec<(Length, ByCase)> {
        let mut presses: Vec<(Length, ByCase)> = self.presses.iter().map(|press| (press.at, press.pounds)).collect();
        presses.sort_by_key(|(at, _)| *at);
        let mut places: Vec<(Length, ByCase)> = Vec::with_capacity(presses.len());
        for (at, pounds) in presses {
            match places.last_mut() {
                Some(last) if last.0 == at => last.1 = last.1 + pounds,
                _ => places.push((at, pounds)),
            }
        }
        places.retain(|place| !place.1.is_nothing());
        places
    }
}

/// A wall with what comes down on it.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct LoadedWall {
    /// On its top.
    pub top: OnTop,
    /// What the header of each opening presses its packs with, lb.
    pub openings: Vec<Ends<ByCase>>,
}

/// What carries a beam.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Carrier {
    /// A post under it.
    Post(usize),
    /// A wall that it ends on or crosses.
    Wall(usize),
    /// A beam that it ends on.
    Beam(usize),
}

/// Where a beam presses one of its carriers.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Reaction {
    /// Which.
    pub on: Carrier,
    /// Where, on the beam's center line.
    pub at: Spot,
    /// How much, lb.
    pub pounds: ByCase,
}

/// A beam with what comes down on it.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct LoadedBeam {
    /// On its top.
    pub top: OnTop,
    /// On what it stands; none where it breaks.
    pub reactions: Vec<Reaction>,
}

/// A post with what comes down on it.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct LoadedPost {
    /// On its top, as it came down.
    pub presses: Vec<Press>,
    /// At its bottom, its own weight with it, lb.
    pub bottom: ByCase,
}

/// A storey with what comes down on it.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct LoadedStorey {
    /// Its walls.
    pub walls: Vec<LoadedWall>,
    /// Its beams.
    pub beams: Vec<LoadedBeam>,
    /// Its posts.
    pub posts: Vec<LoadedPost>,
}

impl LoadPath {
    /// What reaches the ground at places: what one part brings to one place together.
    pub fn ground_places(&self) -> Vec<Grounded<Spot>> {
        let mut together: Vec<Grounded<Spot>> = Vec::with_capacity(self.ground_points.len());
        for each in &self.ground_points {
            let same =
                |other: &&mut Grounded<Spot>| other.on == each.on && other.at == each.at && other.from.is_as(each.from);
            match together.iter_mut().rev().find(same) {
                Some(sum) => sum.amount = sum.amount + each.amount,
                None => together.push(*each),
            }
        }
        together
    }

    /// Where loads go no further: what one part brings to one place together.
    pub fn break_places(&self) -> Vec<Break> {
        let mut together: Vec<Break> = Vec::with_capacity(self.breaks.len());
        for each in &self.breaks {
            let same = |other: &&mut Break| {
                other.at == each.at && other.why == each.why && other.from.is_as(each.from) && each.at.1.is_none()
            };
            match together.iter_mut().rev().find(same) {
                Some(sum) => sum.amount = sum.amount + each.amount,
                None => together.push(*each),
            }
        }
        together
    }
}

impl Source {
    /// Whether two are one part of the house: a header's ends belong to its wall.
    pub fn is_as(self, other: Self) -> bool {
        let whole = |part: Part| match part {
            Part::Opening(wall, ..) => Part::Wall(wall),
            part => part,
        };
        self.storey == other.storey && whole(self.part) == whole(other.part)
    }
}

impl LoadedStorey {
    /// The top of a wall or a beam; a post has no length to load.
    pub(super) fn top(&mut self, line: Carrier) -> Option<&mut OnTop> {
        match line {
            Carrier::Wall(wall) => Some(&mut self.walls[wall].top),
            Carrier::Beam(beam) => Some(&mut self.beams[beam].top),
            Carrier::Post(_) => None,
        }
    }
}

/// What of the ground takes a load.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Footing {
    /// A foundation line.
    Line(usize),
    /// A pad.
    Pad(usize),
    /// The slab.
    Slab,
}

/// A load that has reached the ground, where it came down.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Grounded<Where> {
    /// What takes it.
    pub on: Footing,
    /// Where.
    pub at: Where,
    /// How much: lb, or lb/ft along a line.
    pub amount: ByCase,
    /// What brings it.
    pub from: Source,
}

/// Why a load goes no further.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Why {
    /// Under a strip of a field stands nothing, or only one line.
    FieldNeedsTwo(Option<Carrier>),
    /// A beam has no support, or one only; those in a ring do not count.
    BeamNeedsTwo {
        /// The one that it has.
        only: Option<Carrier>,
        /// Whether it had others, which it carries itself.
        ring: bool,
    },
    /// Nothing in line under this length of a wall.
    NoLineUnder,
    /// Nothing under this point.
    NothingUnder,
}

impl Why {
    /// In a sentence, with the names of what breaks and of what carries it.
    pub fn phrase(self, of: Phrase, name: impl Fn(Carrier) -> Phrase) -> Phrase {
        match self {
            Self::FieldNeedsTwo(None) => say!("break-nothing-under-a-strip", what = of),
            Self::FieldNeedsTwo(Some(only)) => say!("break-one-line-under-a-strip", what = of, only = name(only)),
            Self::BeamNeedsTwo { only: None, ring: false } => say!("break-nothing-carries-a-beam", what = of),
            Self::BeamNeedsTwo { only: None, ring: true } => say!("break-nothing-carries-a-beam-but-a-ring", what = of),
            Self::BeamNeedsTwo { only: Some(only), ring: false } => {
                say!("break-one-carries-a-beam", what = of, only = name(only))
            }
            Self::BeamNeedsTwo { only: Some(only), ring: true } => {
                say!("break-one-carries-a-beam-but-a-ring", what = of, only = name(only))
            }
            Self::NoLineUnder => say!("break-no-line-under", what = of),
            Self::NothingUnder => say!("break-nothing-under-a-point", what = of, reach = ONE_SUPPORT),
        }
    }
}

/// Where a load goes no further.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Break {
    /// What brought it there.
    pub from: Source,
    /// Where: one spot, or along a line from the first to the second.
    pub at: (Spot, Option<Spot>),
    /// What stops: lb at a spot, lb/ft along a line.
    pub amount: ByCase,
    /// Why.
    pub why: Why,
}

/// A house with every load followed to the ground, or to where it breaks.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct LoadPath {
    /// Storey by storey, from the bottom.
    pub storeys: Vec<LoadedStorey>,
    /// What reaches the ground along lines.
    pub ground_lines: Vec<Grounded<(Spot, Spot)>>,
    /// What reaches it at places.
    pub ground_points: Vec<Grounded<Spot>>,
    /// What does not.
    pub breaks: Vec<Break>,
}
