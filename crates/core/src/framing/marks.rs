//! The marks on the plates: one for every upright member that meets them.

use std::collections::BTreeSet;

use super::member::{Member, PlatesMarked, Role};
use crate::job::wall_frame::along;
use crate::job::{ClearFor, KeptClear, OpeningId, WallFrame};
use crate::measure::Length;
use crate::say;
use crate::speech::Phrase;

/// The letter that is written on the plate.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum MarkKind {
    /// X: stud.
    Stud,
    /// K: king.
    King,
    /// J: jack.
    Jack,
    /// C: cripple.
    Cripple,
    /// P: stud under a point load.
    PointLoad,
    /// T: channel of a crossing wall.
    Partition,
    /// O: a pipe or a duct through the plates.
    Pipe,
    /// B: backing in the bay.
    Backing,
}

impl MarkKind {
    /// What is written.
    pub const fn letter(self) -> char {
        match self {
            Self::Stud => 'X',
            Self::King => 'K',
            Self::Jack => 'J',
            Self::Cripple => 'C',
            Self::PointLoad => 'P',
            Self::Partition => 'T',
            Self::Pipe => 'O',
            Self::Backing => 'B',
        }
    }
}

/// One mark.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Mark {
    /// Left edge of the member, as the tape reads along the sole plate.
    pub at: Length,
    /// The same as a tape reads along the top plates: farther where they climb, measured from the left end of their run.
    pub at_on_top: Length,
    /// Width of the member on the plate.
    pub width: Length,
    /// Which plates it is made on.
    pub on: PlatesMarked,
    /// The letter.
    pub kind: MarkKind,
    /// Which of several lengths, from 1 for the longest; none where there is one length only.
    pub number: Option<u8>,
    /// The opening it belongs to, if any.
    pub opening: Option<OpeningId>,
}

impl Mark {
    /// What is written: `X`, `Ja`. Lengths are told apart by a small letter: a figure would be read as a count.
    pub fn label(&self) -> String {
        let letter = self.kind.letter();
        self.length_sign().map_or_else(|| letter.to_string(), |sign| format!("{letter}{sign}"))
    }

    /// The small letter of its length: `a` for the longest.
    pub fn length_sign(&self) -> Option<char> {
        self.number.map(|number| char::from(b'a' + (number - 1) % 26))
    }
}

/// Marks for the members of a wall, from left to right: one for every upright that meets a plate, one for every pipe through it, one for every
/// bay with backing.
pub fn marks(members: &[Member], frame: &WallFrame) -> Vec<Mark> {
    let jacks = jack_lengths(members);
    let mut marks: Vec<Mark> = members
        .iter()
        .filter_map(|member| {
            let (at, width) = (member.rect.x, member.rect.width);
            let number = if member.role == Role::Jack { jacks.iter().position(|cut| *cut == member.cut) } else { None };
            Some(Mark {
                at,
                at_on_top: along_the_top(frame, at),
                width,
                on: member.meets?,
                kind: mark_kind(member.role)?,
                number: number.filter(|_| jacks.len() > 1).and_then(|place| u8::try_from(place + 1).ok()),
                opening: member.opening,
            })
        })
        .collect();
    marks.extend(
        frame.framing.kept_clear.iter().filter(|each| each.for_ == ClearFor::Pipe).map(|pipe| pipe_mark(frame, pipe)),
    );
    marks.extend(backing_marks(members, frame));
    marks.sort_by_key(|mark| (mark.at, mark.on, mark.kind));
    marks
}

/// In the middle of each bay that has backing, on the sole plate, once for all its boards.
fn backing_marks(members: &[Member], frame: &WallFrame) -> impl Iterator<Item = Mark> {
    let blocks = members.iter().filter(|member| member.role == Role::BackingBlock);
    let width = frame.thickness();
    let places: BTreeSet<Length> = blocks.map(|block| block.rect.x + (block.rect.width - width).half()).collect();
    places.into_iter().map(move |at| Mark {
        at,
        at_on_top: at,
        width,
        on: PlatesMarked::Sole,
        kind: MarkKind::Backing,
        number: None,
        opening: None,
    })
}

/// Where a pipe goes through the plates, as wide as it is.
fn pipe_mark(frame: &WallFrame, pipe: &KeptClear) -> Mark {
    let (at, _) = pipe.edges();
    Mark {
        at,
        at_on_top: along_the_top(frame, at),
        width: pipe.width,
        on: PlatesMarked::Both,
        kind: MarkKind::Pipe,
        number: None,
        opening: None,
    }
}

/// What is written on the plates of a wall and what it means, in the order of the marks.
pub fn legend(members: &[Member], marks: &[Mark]) -> Vec<(String, Phrase)> {
    let meaning = |kind: MarkKind| match kind {
        MarkKind::Stud => say!("mark-stud"),
        MarkKind::King => say!("mark-king"),
        MarkKind::Jack => say!("mark-jack"),
        MarkKind::Cripple => say!("mark-cripple"),
        MarkKind::PointLoad => say!("mark-point-load"),
        MarkKind::Partition => say!("mark-partition"),
        MarkKind::Pipe => say!("mark-pipe"),
        MarkKind::Backing => say!("mark-backing"),
    };
    let jacks = jack_lengths(members);
    let mut lines: Vec<(MarkKind, String, Phrase)> = Vec::new();
    for mark in marks {
        let label = mark.label();
        if lines.iter().any(|(_, known, _)| *known == label) {
            continue;
        }
        let length = mark.number.and_then(|number| jacks.get(usize::from(number) - 1));
        let what = meaning(mark.kind);
        let meaning = match length {
            Some(length) => say!("mark-of-length", what, length),
            None => what,
        };
        lines.push((mark.kind, label, meaning));
    }
    lines.sort_by(|a, b| (a.0, &a.1).cmp(&(b.0, &b.1)));
    lines.into_iter().map(|(_, label, meaning)| (label, meaning)).collect()
}

/// The lengths of the wall's jacks, longest first.
fn jack_lengths(members: &[Member]) -> Vec<Length> {
    let mut lengths: Vec<Length> =
        members.iter().filter(|member| member.role == Role::Jack).map(|member| member.cut).collect();
    lengths.sort_unstable_by(|a, b| b.cmp(a));
    lengths.dedup();
    lengths
}

/// A place as a tape reads it along the top plates, from the left end of their straight run.
fn along_the_top(frame: &WallFrame, x: Length) -> Length {
    if frame.rake().is_none() {
        return x;
    }
    let lines = frame.top_lines();
    let line = lines.iter().find(|[_, (to, _)]| x < *to).unwrap_or(&lines[lines.len() - 1]);
    along(*line, x - line[0].0, frame.sawn)
}

const fn mark_kind(role: Role) -> Option<MarkKind> {
    match role {
        Role::Stud | Role::CornerStud | Role::StepStud | Role::TemporaryStud | Role::BayFiller => Some(MarkKind::Stud),
        Role::PartitionStud | Role::PartitionBacker => Some(MarkKind::Partition),
        Role::King => Some(MarkKind::King),
        Role::Jack => Some(MarkKind::Jack),
        Role::CrippleAbove | Role::CrippleBelow => Some(MarkKind::Cripple),
        Role::PointLoadStud | Role::HeaderPost => Some(MarkKind::PointLoad),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::member::Rect;
    use crate::job::{Rake, WallHeight};
    use crate::lumber::{Depth, Grade, SawnLumber, SawnSize, Species};

    fn upright(role: Role, meets: Option<PlatesMarked>, cut: i64) -> Member {
        let height = Length::inches(cut);
        let rect = Rect { x: Length::inches(20), y: Length::inches(2), width: Length::inches(2), height };
        let size = SawnSize::two_by(Depth::Four);
        let spruce = SawnLumber { species: Species::SprucePineFir, grade: Grade::Stud, size };
        Member { meets, cut: height, ..Member::new(role, None, rect, spruce.into()) }
    }

    #[test]
    fn what_stands_on_one_plate_is_marked_on_that_one() {
        let stud = upright(Role::Stud, Some(PlatesMarked::Both), 92);
        let jack = upright(Role::Jack, Some(PlatesMarked::Sole), 80);
        let cripple = upright(Role::CrippleAbove, Some(PlatesMarked::Top), 4);
        let packing = upright(Role::CrippleAbove, None, 4);
        let marks = marks(&[stud, jack, cripple, packing], &WallFrame::usual("any"));
        let on: Vec<PlatesMarked> = marks.iter().map(|mark| mark.on).collect();
        assert_eq!(on, [PlatesMarked::Sole, PlatesMarked::Top, PlatesMarked::Both], "packing meets no plate");
        let labels: Vec<String> = marks.iter().map(Mark::label).collect();
        assert_eq!(labels, ["J", "C", "X"]);
    }

    #[test]
    fn jacks_of_two_lengths_are_told_apart() {
        let jack = |cut| upright(Role::Jack, Some(PlatesMarked::Sole), cut);
        let labels: Vec<String> =
            marks(&[jack(80), jack(84), jack(80)], &WallFrame::usual("any")).iter().map(Mark::label).collect();
        assert_eq!(labels, ["Jb", "Ja", "Jb"]);
    }

    #[test]
    fn on_a_rake_the_top_plates_are_marked_along_the_slope() {
        let rake = Rake { left: Length::inches(96), right: Length::inches(168), peak: None };
        let frame = WallFrame { height: WallHeight::Rake(rake), ..WallFrame::usual("shed") };
        let marks = marks(&[upright(Role::Stud, Some(PlatesMarked::Both), 92)], &frame);
        // 6 in 12: 20 · √(1 + 1/4) = 22.361, 22 23/64.
        assert_eq!(marks[0].at_on_top, Length::inches_and(22, 23, 64));
    }
}
