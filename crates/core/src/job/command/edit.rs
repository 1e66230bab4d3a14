//! The edits there are.

use thiserror::Error;

use crate::house::{Ground, HousePart, PartId, Place};
use crate::job::bounds::Refused;
use crate::job::{
    CountOverride, FramedAs, HeaderChoice, Opening, OpeningDesign, OpeningId, Particulars, PointLoad, PointLoadId,
    Settings, StockItem, StudRole, Wall, WallFrame, WallId,
};
use crate::loads::{BearingEvidence, WallCarries};
use crate::measure::{End, Length};
use crate::say;
use crate::sizing::schools::JurisdictionTable;
use crate::speech::Phrase;

/// Where an opening stands, as somebody measures it.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Placement {
    /// Its center, from the wall's left end.
    Center(Length),
    /// The left face of its rough opening, from the wall's left end.
    LeftFace(Length),
    /// The right face of its rough opening, from the wall's right end.
    RightFace(Length),
}

impl Placement {
    pub(super) fn center(self, rough_width: Length, wall_length: Length) -> Length {
        match self {
            Self::Center(center) => center,
            Self::LeftFace(gap) => gap + rough_width.half(),
            Self::RightFace(gap) => wall_length - gap - rough_width.half(),
        }
    }
}

/// An edit.
#[derive(Clone, Debug, PartialEq)]
pub enum Command {
    /// Gives the job another name.
    RenameJob {
        /// The name.
        name: String,
    },
    /// Changes what the job's papers are headed with.
    ChangeParticulars {
        /// The particulars.
        particulars: Particulars,
    },
    /// Changes the job's settings.
    ChangeSettings {
        /// The settings.
        settings: Box<Settings>,
    },
    /// Changes what headers can be made of.
    ChangeStock {
        /// The whole stock.
        stock: Vec<StockItem>,
    },
    /// Loads the jurisdiction's own header table, or puts it away.
    LoadCodeTable {
        /// The table; `None` goes back to the code tables' basis.
        table: Option<JurisdictionTable>,
    },
    /// Changes what was looked at to find out whether a wall bears.
    ChangeEvidence {
        /// Which wall.
        wall: WallId,
        /// What was seen.
        evidence: BearingEvidence,
    },
    /// Adds a wall, with whatever is in it.
    AddWall {
        /// The wall.
        wall: Box<Wall>,
        /// Its place in the list.
        at: usize,
    },
    /// Takes a wall out.
    RemoveWall {
        /// Which.
        wall: WallId,
    },
    /// Turns a wall end for end, with everything in it.
    MirrorWall {
        /// Which.
        wall: WallId,
    },
    /// Moves a wall to another place in the list.
    MoveWall {
        /// Which.
        wall: WallId,
        /// Its place.
        to: usize,
    },
    /// Gives a wall its place in the house, or takes it out of it.
    PlaceWall {
        /// Which.
        wall: WallId,
        /// Where; nowhere where it is left out.
        place: Option<Place>,
    },
    /// Adds a part to the house.
    AddPart {
        /// The part.
        part: Box<HousePart>,
        /// Its place in its list; the end where there are fewer.
        at: usize,
    },
    /// Changes a part of the house.
    ChangePart {
        /// The part as it shall be, with its identity.
        part: Box<HousePart>,
    },
    /// Takes a part out of the house.
    RemovePart {
        /// Which.
        part: PartId,
    },
    /// Changes what holds for the ground as a whole.
    ChangeGround {
        /// The ground.
        ground: Ground,
    },
    /// Changes a wall's frame.
    ChangeWall {
        /// Which.
        wall: WallId,
        /// Its frame.
        frame: WallFrame,
    },
    /// Changes what a wall carries.
    ChangeCarries {
        /// Which wall.
        wall: WallId,
        /// What it carries.
        carries: WallCarries,
    },
    /// Adds an opening.
    AddOpening {
        /// To which wall.
        wall: WallId,
        /// The opening.
        opening: Box<Opening>,
        /// Its place in the list.
        at: usize,
    },
    /// Takes an opening out.
    RemoveOpening {
        /// Which.
        opening: OpeningId,
        /// How many letters the wall had given before it was added, where this takes its adding back.
        letters_given: Option<u16>,
    },
    /// Moves an opening along its wall.
    MoveOpening {
        /// Which.
        opening: OpeningId,
        /// Where to.
        to: Placement,
    },
    /// Changes what an opening is: kind, sizes, heights, how its header hangs.
    ChangeOpening {
        /// Which.
        opening: OpeningId,
        /// Its design.
        design: OpeningDesign,
    },
    /// Chooses a header, or leaves it to the leanest.
    ChooseHeader {
        /// For which opening.
        opening: OpeningId,
        /// Which.
        header: HeaderChoice,
    },
    /// Decides a count of jacks or kings, with a reason, or takes the decision back.
    OverrideCount {
        /// For which opening.
        opening: OpeningId,
        /// Jacks or kings.
        role: StudRole,
        /// At which end.
        end: End,
        /// The decision; `None` goes back to the count that is computed.
        decided: Option<CountOverride>,
    },
    /// Marks an opening as framed the way it is now, so that later changes are held against it; or takes the mark back.
    MarkFramed {
        /// Which opening.
        opening: OpeningId,
        /// What it was when it was framed; `None` if it is not.
        framed: Option<Box<FramedAs>>,
    },
    /// Adds a point load.
    AddPointLoad {
        /// On which wall.
        wall: WallId,
        /// The load.
        load: PointLoad,
        /// Its place in the list.
        at: usize,
    },
    /// Changes a point load: its name, place or size.
    ChangePointLoad {
        /// The load as it shall be, under the identity it has.
        load: PointLoad,
    },
    /// Takes a point load away.
    RemovePointLoad {
        /// Which.
        load: PointLoadId,
    },
    /// Several as one: they are one version, and one undo takes them all back.
    Together {
        /// In this order; none of them several itself.
        commands: Vec<Command>,
    },
}

/// The most commands that are one.
pub const MOST_TOGETHER: usize = 120;
/// A place in a list beyond all others: the end, however long it is.
pub const AT_THE_END: usize = usize::MAX;
/// The most openings that are said, or chosen, at once.
pub const MOST_OPENINGS_AT_ONCE: usize = 40;

/// What a job has lists of.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Listing {
    /// Walls.
    Wall,
    /// Openings.
    Opening,
    /// Point loads.
    PointLoad,
    /// Boards in stock.
    Board,
    /// Letters of openings.
    Letter,
    /// Parts of the house.
    Part,
}

/// Why a command cannot be applied.
#[derive(Clone, Debug, PartialEq, Error)]
pub enum CommandError {
    /// Values are not allowed.
    #[error(transparent)]
    Refused(#[from] Refused),
    /// What it names is not in the job any more.
    #[error("{0:?} is not there")]
    NotFound(Listing),
    /// Something with that identity is in the job already.
    #[error("{0:?} is there already")]
    AlreadyThere(Listing),
    /// A place beyond the end of its list.
    #[error("there are {places} places")]
    NoSuchPlace {
        /// So many there are.
        places: usize,
    },
    /// Too many as one, or several within several.
    #[error("not together")]
    NotTogether,
}

impl CommandError {
    /// A sentence for who made the edit.
    pub fn phrase(&self) -> Phrase {
        match self {
            Self::Refused(refused) => refused.phrase(),
            Self::NotFound(Listing::Wall) => say!("wall-not-there"),
            Self::NotFound(Listing::Opening) => say!("opening-not-there"),
            Self::NotFound(Listing::PointLoad) => say!("point-load-not-there"),
            Self::NotFound(Listing::Letter) | Self::AlreadyThere(Listing::Letter) => say!("letter-already-there"),
            Self::NotFound(Listing::Board) => say!("board-not-there"),
            Self::NotFound(Listing::Part) => say!("part-not-there"),
            Self::AlreadyThere(Listing::Part) => say!("part-already-there"),
            Self::AlreadyThere(Listing::Wall) => say!("wall-already-there"),
            Self::AlreadyThere(Listing::Opening) => say!("opening-already-there"),
            Self::AlreadyThere(Listing::PointLoad) => say!("point-load-already-there"),
            Self::AlreadyThere(Listing::Board) => say!("board-already-there"),
            Self::NoSuchPlace { places } => say!("no-such-place", most = places.saturating_sub(1)),
            Self::NotTogether => say!("not-together", most = MOST_TOGETHER),
        }
    }
}
