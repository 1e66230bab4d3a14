//! One job: what the user described. Every result is computed from it; none is kept in it.

pub mod bounds;
pub mod command;
mod mirror;
pub mod opening;
pub mod particulars;
pub mod place_figures;
pub mod rough_opening;
pub mod settings;
pub mod usual_sizes;
pub mod wall_frame;
pub mod what_if;

use crate::codes::DesignCode;
use crate::house::{House, Place};
use crate::loads::{BearingEvidence, ByKind, WallCarries};
use crate::measure::{Force, Length};
use crate::sizing::candidates::StockBoard;
use crate::sizing::schools::JurisdictionTable;

pub use bounds::{Input, OutOfBounds, Refused};
pub use command::{Applied, Command, CommandError};
pub use opening::{
    CountOverride, FramedAs, HeaderChoice, HeaderPlace, Letter, Opening, OpeningDesign, OpeningKind, Room, RunDesign,
    RunPast, SillStyle, Size, SpecialCase, StudRole, Underside,
};
pub use particulars::Particulars;
pub use settings::{KingWindBasis, PlaceFigures, Raising, Settings, SiteSaid};
pub use wall_frame::{
    Backing, BackingBoard, CeilingOver, ClearFor, FramingOptions, HeadLine, KeptClear, LayoutStart, LetDown, LetDownTo,
    MeasuredRoom, OwnBreaks, Partition, PlateLap, Rake, Sawn, Sheathing, SheathingKind, TWO_BY, WallEnd, WallFace,
    WallFrame, WallHeight,
};
pub use what_if::WhatIf;

macro_rules! id {
    ($(#[$doc:meta])* $name:ident) => {
        $(#[$doc])*
        #[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
        pub struct $name(pub u128);
    };
}

id!(
    /// Names a wall. Given from outside: the core makes none up.
    WallId
);
id!(
    /// Names an opening.
    OpeningId
);
id!(
    /// Names a point load.
    PointLoadId
);

id!(
    /// Names a board in stock.
    StockId
);

/// A board in stock.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct StockItem {
    /// Its identity.
    pub id: StockId,
    /// What it is, and its price.
    pub board: StockBoard,
}

impl StockItem {
    /// Boards under identities of their own, counted from one.
    pub fn counted(boards: impl IntoIterator<Item = StockBoard>) -> Vec<Self> {
        (1..).zip(boards).map(|(id, board)| Self { id: StockId(id), board }).collect()
    }
}

/// A job.
#[derive(Clone, Debug, PartialEq)]
pub struct Job {
    /// What it is called.
    pub name: String,
    /// What its papers are headed with.
    pub particulars: Particulars,
    /// Its settings.
    pub settings: Settings,
    /// What headers can be made of.
    pub stock: Vec<StockItem>,
    /// The jurisdiction's own header table, where one was loaded.
    pub code_table: Option<JurisdictionTable>,
    /// Its walls, in the user's order.
    pub walls: Vec<Wall>,
    /// The rest of the house that they stand in.
    pub house: House,
}

/// What of a job holds for every one of its walls: a wall is framed from these, from itself and from what lands on it.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Rules<'a> {
    /// The job's settings.
    pub settings: &'a Settings,
    /// What headers can be made of.
    pub stock: &'a [StockItem],
    /// The jurisdiction's own header table, where one was loaded.
    pub code_table: Option<&'a JurisdictionTable>,
}

impl<'a> Rules<'a> {
    /// The code that its wood is designed by.
    pub const fn code(&self) -> DesignCode {
        DesignCode::AllowableStress
    }

    /// What is in stock.
    pub fn boards(&self) -> impl Iterator<Item = &'a StockBoard> + use<'a> {
        self.stock.iter().map(|item| &item.board)
    }
}

/// A straight wall, seen from the side its left and right are named from.
#[derive(Clone, Debug, PartialEq)]
pub struct Wall {
    /// Its identity.
    pub id: WallId,
    /// Its frame.
    pub frame: WallFrame,
    /// What was looked at to find out whether it bears.
    pub evidence: BearingEvidence,
    /// What comes down on it.
    pub carries: WallCarries,
    /// Its openings, in the order they were added.
    pub openings: Vec<Opening>,
    /// How many letters its openings were given, those that are gone counted: none is given twice.
    pub letters_given: u16,
    /// Point loads on its top plate.
    pub point_loads: Vec<PointLoad>,
    /// Where it stands in the house; nowhere yet where it was described by itself.
    pub place: Option<Place>,
}

/// A point load on the top plate.
#[derive(Clone, Debug, PartialEq)]
pub struct PointLoad {
    /// Its identity.
    pub id: PointLoadId,
    /// What brings it.
    pub name: String,
    /// Its center, from the wall's left end.
    pub at: Length,
    /// How much of each kind.
    pub amount: ByKind<Force>,
}

impl Wall {
    /// Whether an opening of it stands already, as it was framed.
    pub fn is_framed(&self, opening: OpeningId) -> bool {
        self.openings.iter().any(|each| each.id == opening && each.framed_as.is_some())
    }

    /// A wall of the usual kind about which nothing is said yet.
    pub fn new(id: WallId, name: &str) -> Self {
        Self {
            id,
            frame: WallFrame::usual(name),
            evidence: BearingEvidence::default(),
            carries: WallCarries::Framing(Vec::new()),
            openings: Vec::new(),
            letters_given: 0,
            point_loads: Vec::new(),
            place: None,
        }
    }

    /// Gives a letter to every opening that has none, from left to right.
    pub fn give_letters(&mut self) {
        let taken = self.openings.iter().filter_map(|opening| opening.letter).map(|letter| letter.0 + 1).max();
        self.letters_given = self.letters_given.max(taken.unwrap_or(0));
        let mut without: Vec<&mut Opening> = self.openings.iter_mut().filter(|each| each.letter.is_none()).collect();
        without.sort_by_key(|opening| (opening.design.center, opening.id));
        for opening in without {
            opening.letter = Some(Letter(self.letters_given));
            self.letters_given += 1;
        }
    }
}

impl Job {
    /// A job with nothing in it yet.
    pub fn empty(name: &str, stock: Vec<StockItem>) -> Self {
        Self {
            name: name.to_owned(),
            particulars: Particulars::default(),
            settings: Settings::default(),
            stock,
            code_table: None,
            walls: Vec::new(),
            house: House::default(),
        }
    }

    /// What is in stock.
    pub fn boards(&self) -> impl Iterator<Item = &StockBoard> {
        self.stock.iter().map(|item| &item.board)
    }

    /// What holds for every wall.
    pub fn rules(&self) -> Rules<'_> {
        Rules { settings: &self.settings, stock: &self.stock, code_table: self.code_table.as_ref() }
    }

    /// A wall by its identity.
    pub fn wall(&self, id: WallId) -> Option<&Wall> {
        self.walls.iter().find(|wall| wall.id == id)
    }

    /// The wall an opening is in, and the opening.
    pub fn opening(&self, id: OpeningId) -> Option<(&Wall, &Opening)> {
        self.walls.iter().find_map(|wall| Some((wall, wall.openings.iter().find(|opening| opening.id == id)?)))
    }
}
