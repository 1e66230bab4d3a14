//! One job: what the user described. Every result is computed from it; none is kept in it.

pub mod bounds;
pub mod command;
mod mirror;
pub mod opening;
pub mod wall_frame;
pub mod what_if;

use crate::framing::rough_opening::RoughOpeningRules;
use crate::loads::{BearingEvidence, ByKind, SiteLoads, SiteSnow, WallCarries, WindSpeed};
use crate::measure::{Force, Length, Pressure};
use crate::sizing::candidates::{Aim, Margin, StockBoard};
use crate::sizing::kings::KingTable;
use crate::sizing::schools::{JurisdictionTable, School, ShopRules};

pub use bounds::OutOfBounds;
pub use command::{Applied, Command, CommandError};
pub use opening::{
    CountOverride, FramedAs, HeaderChoice, HeaderPlace, Opening, OpeningDesign, OpeningKind, Room, RunDesign, RunPast,
    SillStyle, Size, SpecialCase, Underside,
};
pub use wall_frame::{
    Backing, FramingOptions, HeadLine, LayoutStart, MeasuredRoom, OwnBreaks, Partition, PlateLap, Rake, Sawn, TWO_BY,
    WallEnd, WallFace, WallFrame, WallHeight,
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
    /// How much larger rough openings are than their units.
    pub rough: RoughOpeningRules,
    /// Thickness of the finish floor, on which doors stand.
    pub finish_floor: Length,
    /// Top of a kitchen's counter above the finish floor.
    pub counter: Length,
    /// The backsplash over it.
    pub backsplash: Length,
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
            rough: RoughOpeningRules::default(),
            finish_floor: Length::ZERO,
            counter: Length::inches(36),
            backsplash: Length::inches(4),
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
