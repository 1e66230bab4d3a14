//! A value that is not allowed, and the way to it.

use std::fmt;

use thiserror::Error;

use super::input::Input;
use crate::house::PartId;
use crate::job::{Letter, OpeningId, OpeningKind, PointLoadId, StudRole, WallId};
use crate::measure::End;
use crate::say;
use crate::speech::{Argument, Joined, Phrase};

/// One step on the way to a value.
#[derive(Clone, Debug, PartialEq, Eq)]
pub enum Within {
    /// In the job's particulars.
    Particulars,
    /// In the job's settings.
    Settings,
    /// In the rule for how much larger rough openings of a kind are.
    RoughRule(OpeningKind),
    /// In one of the shop's header rules.
    ShopHeader(usize),
    /// In a board in stock.
    Stock(usize),
    /// In the jurisdiction's table.
    CodeTable,
    /// In one of its rows.
    Row(usize),
    /// In a wall.
    Wall {
        /// Its place in the list.
        place: usize,
        /// Its identity.
        id: WallId,
        /// What it is called.
        name: String,
    },
    /// In where the wall stands.
    Place,
    /// In the house.
    House,
    /// In where a part of it runs.
    Line,
    /// In what was chosen for it.
    Chosen,
    /// In what holds for the ground as a whole.
    Ground,
    /// In a part of the house.
    Part {
        /// In which list.
        list: PartList,
        /// Its place in the list.
        place: usize,
        /// Its identity.
        id: PartId,
        /// What it is called.
        name: String,
    },
    /// At a crossing wall.
    Partition(usize),
    /// Where the plates are let down.
    LetDown(usize),
    /// At a board that something is fastened to.
    Board(usize),
    /// At a stretch that studs keep clear of.
    KeptClear(usize),
    /// At the lap of an end.
    Lap(End),
    /// At a row of blocking.
    BlockingRow(usize),
    /// At a bolt that stands already.
    CastBolt(usize),
    /// At the end of a panel.
    PanelEnd(usize),
    /// At a break of the lower top plate.
    LowerBreak(usize),
    /// At a break of the upper top plate.
    UpperBreak(usize),
    /// In something that the wall carries.
    Carried(usize),
    /// At an opening of a wall above.
    OpeningAbove(usize),
    /// In a point load.
    PointLoad {
        /// Its place in the list.
        place: usize,
        /// Its identity.
        id: PointLoadId,
        /// What it is called.
        name: String,
    },
    /// In an opening.
    Opening {
        /// Its place in the list.
        place: usize,
        /// Its identity.
        id: OpeningId,
        /// Its letter, once it has one.
        letter: Option<Letter>,
    },
    /// In what it was when it was framed.
    FramedAs,
    /// In the design.
    Design,
    /// In its header, or in a rule's.
    Header,
    /// Where the header runs past its pack.
    Past(End),
    /// At a post under the header.
    Post(usize),
    /// In a decision about studs.
    Decided(StudRole, End),
}

/// A list of parts of the house.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum PartList {
    /// Storeys.
    Levels,
    /// Floors, ceilings, roofs.
    Fields,
    /// Beams.
    Beams,
    /// Posts.
    Posts,
    /// Foundations along lines.
    Foundations,
    /// Pads.
    Pads,
    /// Engineer's marks.
    Marks,
}

/// A value that is not allowed: where it stands, what it is, what was given, what is allowed.
#[derive(Clone, Debug, PartialEq, Error)]
pub struct OutOfBounds {
    /// The way to it.
    pub within: Vec<Within>,
    /// What it is.
    pub input: Input,
    /// What was given.
    pub given: Argument,
    /// What is allowed.
    pub allowed: Phrase,
}

impl OutOfBounds {
    /// The sentence without the place.
    pub fn sentence(&self) -> Phrase {
        say!("refused", input = self.input.phrase(), given = self.given.clone(), allowed = self.allowed.clone())
    }

    /// The wall, opening or load by what the user calls it, then the sentence.
    pub fn phrase(&self) -> Phrase {
        let named = self.within.iter().filter_map(|step| match step {
            Within::Wall { name, .. } | Within::PointLoad { name, .. } | Within::Part { name, .. }
                if !name.trim().is_empty() =>
            {
                Some(Phrase::verbatim(name.as_str()))
            }
            Within::Opening { letter: Some(letter), .. } => Some(say!("place-opening", letter = letter.to_string())),
            _ => None,
        });
        let named: Vec<Phrase> = named.collect();
        if named.is_empty() {
            return self.sentence();
        }
        let place = Argument::Phrases(named, Joined::Commas);
        let (input, given, allowed) = (self.input.phrase(), self.given.clone(), self.allowed.clone());
        say!("refused-at", place, input, given, allowed)
    }
}

/// For logs.
impl fmt::Display for OutOfBounds {
    fn fmt(&self, formatter: &mut fmt::Formatter<'_>) -> fmt::Result {
        write!(formatter, "{}", self.phrase())
    }
}

/// Everything that is not allowed, at least one.
#[derive(Clone, Debug, PartialEq, Error)]
#[error("{}", .0.first().map(ToString::to_string).unwrap_or_default())]
pub struct Refused(pub Vec<OutOfBounds>);

impl Refused {
    /// The first of them, which stands for all where only one sentence has room.
    pub fn phrase(&self) -> Phrase {
        self.0.first().map_or_else(|| say!("nothing-to-say"), OutOfBounds::phrase)
    }
}
