//! What a call-out means on a wall: sizes in full, kinds, and where everything stands.

use super::grammar::{Called, Place};
use super::lengths::SaidSize;
use super::misread::{Misread, SayError, Takes};
use super::said::{Said, Wanted};
use super::tokens::Span;
use crate::framing::even_gaps::{even_gaps, mark_of};
use crate::framing::hole::usual_sill;
use crate::job::command::MOST_OPENINGS_AT_ONCE;
use crate::job::rough_opening::rough_opening;
use crate::job::usual_sizes::{self, WhichUnit, in_feet};
use crate::job::{OpeningDesign, OpeningKind, Settings, Size, Wall};
use crate::measure::{End, Length, LengthStyle};
use crate::say;
use crate::speech::{Argument, Joined, Phrase, distance};

/// A head tall enough to walk under: openings at least this tall are taken for doors when nothing is said.
const DOOR_HEIGHT: Length = Length::feet_inches(6, 6);
/// A door at least this wide is taken for a pair.
const PAIR_WIDTH: Length = Length::feet_inches(4, 6);
/// How high doors and cased openings are when nothing is said.
const USUAL_HEIGHT: Length = Length::inches(80);
/// How high overhead doors are when nothing is said.
const OVERHEAD_HEIGHT: Length = Length::feet(7);

/// The openings of call-outs, each where it stands, and all of them said back.
pub(super) fn openings(
    called: &[Called],
    wall: &Wall,
    settings: &Settings,
    style: LengthStyle,
) -> Result<Said, Misread> {
    let mut designs: Vec<OpeningDesign> = Vec::new();
    let mut phrases = Vec::new();
    for one in called {
        let site = Site { wall, settings, style, before: &designs };
        let (new, phrase) = site.call(one)?;
        designs.extend(new);
        phrases.push(phrase);
        if MOST_OPENINGS_AT_ONCE < designs.len() {
            return Err(Misread { what: SayError::TooMany { most: MOST_OPENINGS_AT_ONCE }, at: one.span, takes: None });
        }
    }
    Ok(Said { what: Wanted::Openings(designs), understood: Phrase::several(phrases, Joined::Semicolons) })
}

/// The wall that is spoken of, with what was called out before.
struct Site<'a> {
    wall: &'a Wall,
    settings: &'a Settings,
    style: LengthStyle,
    before: &'a [OpeningDesign],
}

impl Site<'_> {
    fn call(&self, called: &Called) -> Result<(Vec<OpeningDesign>, Phrase), Misread> {
        let refused = |what| Misread { what, at: called.span, takes: None };
        let (unit, kind) = meant_size(called)?;
        let design = OpeningDesign::usual(kind, self.unit_of(called, kind, unit));
        let rough_said = called.is_rough.then_some(unit);
        let design = OpeningDesign { rough: rough_said, cut_out_later: called.is_later, ..design };
        let rough = rough_opening(&design, &self.settings.rough);
        let sill = self.sill_of(called, kind, rough).map_err(refused)?;
        let centers = self.centers_of(called, rough.width)?;
        let wall = self.wall.frame.length;
        if let Some(center) = centers.iter().find(|center| **center < Length::ZERO || wall < **center) {
            let at = called.place.map_or(called.span, |(_, at)| at);
            let what = SayError::OffTheWall { center: *center, wall };
            return Err(Misread { what, at, takes: None });
        }
        let designs: Vec<OpeningDesign> =
            centers.iter().map(|center| OpeningDesign { center: *center, sill, ..design }).collect();
        let phrase = said_back(&designs, rough, called);
        Ok((designs, phrase))
    }

    /// The unit that stands in a rough opening of this size: smaller by what the job's rule adds.
    fn unit_of(&self, called: &Called, kind: OpeningKind, said: Size) -> Size {
        if !called.is_rough {
            return said;
        }
        let rough = self.settings.rough.rough(kind, said);
        Size { width: said.width * 2 - rough.width, height: said.height * 2 - rough.height }
    }

    fn sill_of(&self, called: &Called, kind: OpeningKind, rough: Size) -> Result<Length, SayError> {
        match (called.sill, called.head) {
            (Some(sill), _) => Ok(sill),
            (None, Some(head)) if head < rough.height => Err(SayError::HeadTooLow { least: rough.height }),
            (None, Some(head)) => Ok(head - rough.height),
            (None, None) => Ok(usual_sill(kind, rough.height, &self.wall.frame, self.settings)),
        }
    }

    fn centers_of(&self, called: &Called, width: Length) -> Result<Vec<Length>, Misread> {
        let count = called.count.unwrap_or(1);
        let length = self.wall.frame.length;
        let half = width.half();
        let one = |center: Length| match count {
            1 => Ok(vec![center]),
            _ => Err(SayError::SeveralInOnePlace),
        };
        let Some((place, at)) = called.place else {
            let (from, to) = self.widest_gap();
            return if count == 1 {
                Ok(vec![from + (to - from).half()])
            } else {
                self.evenly(count, width, from, to).map_err(|what| Misread { what, at: called.span, takes: None })
            };
        };
        let centers = match place {
            Place::Center(center) => one(center),
            Place::FromEnd(End::Left, face) => one(face + half),
            Place::FromEnd(End::Right, face) => one(length - face - half),
            Place::Middle => one(length.half()),
            Place::FromPartition { which, side, by } => self.beside_partition(which, side, by, half).and_then(one),
            Place::Evenly(Some((from, to))) => self.evenly(count, width, from, to),
            Place::Evenly(None) => self.evenly(count, width, Length::ZERO, length),
        };
        centers.map_err(|what| {
            let takes = (what == SayError::SeveralInOnePlace).then_some(Takes::Place);
            Misread { what, at, takes }
        })
    }

    fn beside_partition(&self, which: Option<usize>, side: End, by: Length, half: Length) -> Result<Length, SayError> {
        let partitions = &self.wall.frame.framing.partitions;
        let index = match (which, partitions.len()) {
            (Some(index), _) => index - 1,
            (None, 1) => 0,
            (None, there) => return Err(SayError::NoSuchPartition { there }),
        };
        let partition = partitions.get(index).ok_or(SayError::NoSuchPartition { there: partitions.len() })?;
        let (left, right) = self.wall.frame.faces_of(partition);
        Ok(match side {
            End::Left => left - by - half,
            End::Right => right + by + half,
        })
    }

    /// Openings with equal gaps between them and to both places, each center on a mark that a tape has.
    fn evenly(&self, count: u8, width: Length, from: Length, to: Length) -> Result<Vec<Length>, SayError> {
        let widths = vec![width; usize::from(count)];
        let (takes, room) = (width * i64::from(count), to - from);
        even_gaps(&widths, from, to, mark_of(self.style)).ok_or(SayError::NoRoom { takes, room })
    }

    fn widest_gap(&self) -> (Length, Length) {
        let there = self.wall.openings.iter().map(|opening| &opening.design).chain(self.before);
        let mut taken: Vec<(Length, Length)> = there
            .map(|design| {
                let half = rough_opening(design, &self.settings.rough).width.half();
                (design.center - half, design.center + half)
            })
            .collect();
        taken.sort();
        let end = self.wall.frame.length;
        let mut from = Length::ZERO;
        let mut widest = (Length::ZERO, Length::ZERO);
        for (left, right) in taken.into_iter().chain([(end, end)]) {
            if widest.1 - widest.0 < left - from {
                widest = (from, left);
            }
            from = from.max(right);
        }
        widest
    }
}

/// The size and the kind that were meant.
fn meant_size(called: &Called) -> Result<(Size, OpeningKind), Misread> {
    let at = called.span;
    let refused = |what, takes| Misread { what, at: Span { from: at.to, to: at.to }, takes };
    if let Some(size) = &called.size {
        let meant = with_kind(size, called).map_err(|what| Misread { what, at, takes: None })?;
        return Ok(meant);
    }
    let Some(width) = called.width else { return Err(refused(SayError::NoSize, Some(Takes::Size))) };
    let high = |kind| match kind {
        OpeningKind::OverheadDoor => Some(OVERHEAD_HEIGHT),
        OpeningKind::Window => None,
        _ => Some(USUAL_HEIGHT),
    };
    let spans = called.is_beam || called.is_opening;
    let kind = called.kind.or_else(|| spans.then_some(OpeningKind::CasedOpening));
    let kind = kind.ok_or_else(|| refused(SayError::NoSize, Some(Takes::HeightOfSize)))?;
    let height = high(kind).ok_or_else(|| refused(SayError::NoHeight, Some(Takes::HeightOfSize)))?;
    let range = if called.is_beam { usual_sizes::BEAM } else { usual_sizes::of_kind(as_pair(kind, width.inches())).0 };
    let width = width.meant(range).map_err(|what| Misread { what, at, takes: None })?;
    Ok((Size { width, height }, as_pair(kind, width)))
}

fn as_pair(kind: OpeningKind, width: Length) -> OpeningKind {
    if kind == OpeningKind::Door && PAIR_WIDTH <= width { OpeningKind::PairOfDoors } else { kind }
}

/// The size that makes sense for the kind: bare numbers are inches or feet, both alike. What is said only where both do is asked.
fn with_kind(said: &SaidSize, called: &Called) -> Result<(Size, OpeningKind), SayError> {
    let of = |(width, height): (Length, Length)| {
        let width = if called.is_twin { width * 2 } else { width };
        let unit = Size { width, height };
        let kind = called.kind.unwrap_or_else(|| usual_kind(unit, called));
        let kind = as_pair(kind, unit.width);
        let (wide, high) = usual_sizes::of_kind(kind);
        (unit, kind, wide.contains(unit.width) && high.contains(unit.height))
    };
    if let Some(packed) = said.packed.filter(|_| called.kind != Some(OpeningKind::Window) && !called.is_rough) {
        let (unit, kind, _) = of(packed);
        return Ok((unit, kind));
    }
    let (inches, feet) = (of(said.in_inches()), of(said.in_feet()));
    let text = |unit: Size, style| format!("{} x {}", unit.width.written(style), unit.height.written(style));
    match (inches.2, feet.2 && said.is_bare()) {
        (true, true) => Err(SayError::WhichUnit(WhichUnit {
            inches: text(inches.0, LengthStyle::Inches).replace('"', ""),
            feet: format!("{} x {}", in_feet(feet.0.width), in_feet(feet.0.height)),
        })),
        (true, false) => Ok((inches.0, inches.1)),
        (false, true) => Ok((feet.0, feet.1)),
        (false, false) => {
            let (wide, high) = usual_sizes::of_kind(inches.1);
            let (width, height) = (distance(inches.0.width), distance(inches.0.height));
            let (kind, wide, high) = (inches.1.phrase(), wide.phrase(), high.phrase());
            Err(SayError::NoSuchSize(say!("say-not-made", kind, width, height, wide, high)))
        }
    }
}

fn usual_kind(unit: Size, called: &Called) -> OpeningKind {
    if called.is_beam || called.is_opening && !called.is_rough {
        OpeningKind::CasedOpening
    } else if DOOR_HEIGHT <= unit.height {
        OpeningKind::Door
    } else {
        OpeningKind::Window
    }
}

/// The openings of a call-out, said back.
fn said_back(designs: &[OpeningDesign], rough: Size, called: &Called) -> Phrase {
    let [first, ..] = designs else { return Phrase::several(vec![], Joined::Commas) };
    let (width, height) = (distance(first.unit.width), distance(first.unit.height));
    let (rough_width, rough_height) = (distance(rough.width), distance(rough.height));
    let kind = first.kind.phrase();
    let said = if let [_, _, ..] = designs {
        let at = |design: &OpeningDesign| say!("said-at", at = distance(design.center));
        let at = Phrase::several(designs.iter().map(at).collect(), Joined::Commas);
        let count = Argument::Count(i64::try_from(designs.len()).unwrap_or(i64::MAX));
        say!("said-several", count, kind, width, height, rough_width, rough_height, at)
    } else if called.place.is_none() {
        say!("said-opening-in-gap", kind, width, height, rough_width, rough_height, at = distance(first.center))
    } else {
        say!("said-opening", kind, width, height, rough_width, rough_height, at = distance(first.center))
    };
    let heights = || say!("said-heights", sill = &first.sill, head = &(first.sill + rough.height));
    let is_high = called.sill.is_some() || called.head.is_some();
    let more = [is_high.then(heights), called.is_later.then(|| say!("said-later"))];
    let parts: Vec<Phrase> = std::iter::once(said).chain(more.into_iter().flatten()).collect();
    Phrase::several(parts, Joined::Commas)
}
