//! One job: what the user described. Every result is computed from it; none is kept in it.

pub mod bounds;
pub mod command;
pub mod what_if;

use crate::loads::{BearingEvidence, ByKind, SiteLoads, SiteSnow, WallCarries, WindSpeed};
use crate::lumber::factors::wet_service::Service;
use crate::lumber::{Depth, Grade, HeaderSpec, Species};
use crate::measure::{End, Ends, Force, Length, Pressure};
use crate::sizing::candidates::{Aim, Margin, StockBoard};
use crate::sizing::kings::KingTable;
use crate::sizing::problem::{JackLumber, JackSeat, Post, TopEdgeWidth};
use crate::sizing::schools::{JurisdictionTable, School, ShopRules};

pub use bounds::OutOfBounds;
pub use command::{Applied, Command, CommandError};
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

/// A job.
#[derive(Clone, Debug, PartialEq)]
pub struct Job {
    /// What it is called.
    pub name: String,
    /// Its settings.
    pub settings: Settings,
    /// What headers can be made of.
    pub stock: Vec<StockBoard>,
    /// The jurisdiction's own header table, where one was loaded.
    pub code_table: Option<JurisdictionTable>,
    /// Its walls, in the user's order.
    pub walls: Vec<Wall>,
}

/// Settings of a job.
#[derive(Clone, Debug, PartialEq)]
pub struct Settings {
    /// Loads of the place.
    pub site: SiteLoads,
    /// Wind on the kings.
    pub wind: KingWindBasis,
    /// Live-load deflection limit: span over this.
    pub live_deflection_limit: f64,
    /// Total deflection limit: span over this.
    pub total_deflection_limit: f64,
    /// Creep factor on dead-load deflection.
    pub creep: f64,
    /// The most a header may sag under live load over a sliding or overhead door; `None` sets no such limit.
    pub most_sag_over_door: Option<Length>,
    /// Deflection limit of kings in wind: height over this.
    pub king_deflection_limit: f64,
    /// Which code table counts kings.
    pub king_table: KingTable,
    /// Which school governs.
    pub school: School,
    /// What is looked for in a header.
    pub aim: Aim,
    /// Only what is needed, or one more.
    pub margin: Margin,
    /// The shop's own rules.
    pub shop: ShopRules,
}

/// Where the wind on the kings comes from.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub enum KingWindBasis {
    /// Not calculated: the code's table counts them.
    #[default]
    CodeTableOnly,
    /// A strength-level pressure that somebody worked out.
    Pressure(Pressure),
    /// From the wind speed of the place.
    Speed(WindSpeed),
}

impl Default for Settings {
    fn default() -> Self {
        let ground = Pressure::psf(30.0);
        Self {
            site: SiteLoads {
                snow: SiteSnow { unbalanced: true, ..SiteSnow::even(ground) },
                roof_live: Pressure::psf(20.0),
            },
            wind: KingWindBasis::CodeTableOnly,
            live_deflection_limit: 360.0,
            total_deflection_limit: 240.0,
            creep: 1.5,
            most_sag_over_door: Some(Length::inches_and(0, 3, 8)),
            king_deflection_limit: 240.0,
            king_table: KingTable::Irc2018LowWind,
            school: School::Calculation,
            aim: Aim::Cheapest,
            margin: Margin::Lean,
            shop: ShopRules { doubles_jacks_from: Some(Length::feet(5)), ..ShopRules::default() },
        }
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
    /// Point loads on its top plate.
    pub point_loads: Vec<PointLoad>,
}

/// The frame of a wall.
#[derive(Clone, Debug, PartialEq)]
pub struct WallFrame {
    /// What it is called.
    pub name: String,
    /// Length along the plates.
    pub length: Length,
    /// Height over all three plates.
    pub height: Length,
    /// The studs: species, grade, depth.
    pub stud: JackLumber,
    /// Stud layout, center to center.
    pub spacing: Length,
    /// Species of the plates.
    pub plate_species: Species,
    /// How its plates, ends and crossing walls are framed.
    pub framing: FramingOptions,
}

/// How a wall's plates, ends and crossing walls are framed.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct FramingOptions {
    /// From which end the stud layout is pulled.
    pub layout_from: End,
    /// How each end is built.
    pub ends: Ends<WallEnd>,
    /// Crossing walls, from left to right.
    pub partitions: Vec<Partition>,
    /// The longest board that plates are cut from.
    pub plate_stock: Length,
    /// How far a break in one top plate stays from a break in the other.
    pub breaks_apart: Length,
    /// Anchor bolts of a wall on concrete, at most so far apart; `None` on a wood floor. On concrete the sole plate is
    /// treated.
    pub bolts: Option<Length>,
}

impl Default for FramingOptions {
    fn default() -> Self {
        Self {
            layout_from: End::Left,
            ends: Ends { left: WallEnd::Plain, right: WallEnd::Plain },
            partitions: Vec::new(),
            plate_stock: Length::feet(16),
            breaks_apart: Length::feet(4),
            bolts: None,
        }
    }
}

/// How a wall ends.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum WallEnd {
    /// A single stud: it butts against another wall.
    #[default]
    Plain,
    /// A corner of three studs.
    ThreeStudCorner,
    /// A corner of two studs with a backer between.
    TwoStudCorner,
}

/// A wall that meets this one from the inside.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Partition {
    /// Its center, from this wall's left end.
    pub at: Length,
    /// Depth of its studs.
    pub depth: Depth,
}

/// Thickness of a plate, a stud, a sill.
pub const TWO_BY: Length = Length::inches_and(1, 1, 2);

impl WallFrame {
    /// A 2x4 wall of 92 5/8 precuts at 16 in., 12 ft long.
    pub fn usual(name: &str) -> Self {
        Self {
            name: name.to_owned(),
            length: Length::feet(12),
            height: Length::inches_and(97, 1, 8),
            stud: JackLumber { species: Species::SprucePineFir, grade: Grade::Stud, depth: Depth::Four },
            spacing: Length::inches(16),
            plate_species: Species::SprucePineFir,
            framing: FramingOptions::default(),
        }
    }

    /// Length of a full stud: the height less three plates.
    pub fn stud_length(&self) -> Length {
        self.height - TWO_BY * 3
    }

    /// Underside of the top plates, above the subfloor.
    pub fn under_top_plates(&self) -> Length {
        self.height - TWO_BY * 2
    }
}

/// Kind of an opening.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum OpeningKind {
    /// A window.
    Window,
    /// A single door.
    Door,
    /// A pair of doors.
    PairOfDoors,
    /// A sliding door.
    SlidingDoor,
    /// An overhead door.
    OverheadDoor,
    /// A cased opening without a door.
    CasedOpening,
}

/// A width and a height.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Size {
    /// Width.
    pub width: Length,
    /// Height.
    pub height: Length,
}

/// Where the header hangs.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum HeaderPlace {
    /// Hard up under the top plates, the head packed down below it.
    #[default]
    TightToPlates,
    /// At head height, with cripples above.
    AtHeadHeight,
}

/// How the header's underside is finished.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Underside {
    /// Bare on the jacks.
    #[default]
    Bare,
    /// A flat 2x nailer across.
    FlatNailer,
}

/// Which header.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum HeaderChoice {
    /// The one in stock that the job's school and aim lead to.
    #[default]
    BySchool,
    /// This one.
    Chosen(HeaderSpec),
}

/// What takes an opening out of the ordinary, and with one exception out of the tool's limits.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum SpecialCase {
    /// Nothing.
    #[default]
    Ordinary,
    /// A steel beam or a flitch plate.
    Steel,
    /// A sloped or curved beam.
    SlopedOrCurved,
    /// A header that is notched or drilled.
    NotchedOrDrilled,
    /// A wall with a fire rating, or fire-retardant-treated lumber.
    FireRated,
    /// Incised or preservative-treated lumber.
    PreservativeTreated,
    /// The wall braces the building against wind or earthquake here.
    BracedWallPanel,
    /// Lumber in an existing wall, its grade unknown: No.2 is assumed and said.
    UnknownGrade,
}

/// How a header runs on past its pack.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct RunPast {
    /// How far past the face of the opening.
    pub length: Length,
    /// Studs under its far end; none where it ends free.
    pub far_studs: u8,
}

/// Where a header runs besides from pack to pack.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct RunDesign {
    /// Past its packs: over a return to the corner, or free.
    pub past: Ends<Option<RunPast>>,
    /// Posts within the opening, their places measured from the left face of the rough opening.
    pub posts: [Option<Post>; 2],
}

/// A count somebody decided, and why.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct CountOverride {
    /// How many.
    pub count: u8,
    /// Why.
    pub reason: String,
}

/// An opening in a wall.
#[derive(Clone, Debug, PartialEq)]
pub struct Opening {
    /// Its identity.
    pub id: OpeningId,
    /// Its design.
    pub design: OpeningDesign,
    /// Jacks decided by somebody.
    pub jacks: Ends<Option<CountOverride>>,
    /// Kings decided by somebody.
    pub kings: Ends<Option<CountOverride>>,
}

/// What an opening is and how it is to be framed.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct OpeningDesign {
    /// Kind.
    pub kind: OpeningKind,
    /// The unit's own size.
    pub unit: Size,
    /// The rough opening its maker asks for; `None` takes the rule for its kind.
    pub rough: Option<Size>,
    /// Center of the rough opening, from the wall's left end.
    pub center: Length,
    /// Bottom of the rough opening above the subfloor; zero for doors.
    pub sill: Length,
    /// Where the header hangs.
    pub place: HeaderPlace,
    /// How its underside is finished.
    pub underside: Underside,
    /// Which header.
    pub header: HeaderChoice,
    /// What resists rolling over where the top edge is free.
    pub acting: TopEdgeWidth,
    /// Dry or wet.
    pub service: Service,
    /// How the header sits on its jacks.
    pub seat: JackSeat,
    /// Where the header runs besides from pack to pack.
    pub run: RunDesign,
    /// What takes it out of the ordinary.
    pub special: SpecialCase,
}

impl OpeningDesign {
    /// An opening of a kind and size, everything else as it is usually done.
    pub fn usual(kind: OpeningKind, unit: Size) -> Self {
        Self {
            kind,
            unit,
            rough: None,
            center: Length::ZERO,
            sill: Length::ZERO,
            place: HeaderPlace::default(),
            underside: Underside::default(),
            header: HeaderChoice::default(),
            acting: TopEdgeWidth::default(),
            service: Service::default(),
            seat: JackSeat::default(),
            run: RunDesign::default(),
            special: SpecialCase::default(),
        }
    }
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

impl Job {
    /// A job with nothing in it yet.
    pub fn empty(name: &str, stock: Vec<StockBoard>) -> Self {
        Self { name: name.to_owned(), settings: Settings::default(), stock, code_table: None, walls: Vec::new() }
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
