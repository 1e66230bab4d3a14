//! Everything that is put into a job, with its name and what it may be.

use super::most::{
    LONGEST_NAME, MOST_BLOCKING_ROWS, MOST_CARRIED, MOST_OPENINGS, MOST_PARTITIONS, MOST_PLACES, MOST_POINT_LOADS,
    MOST_STOCK, MOST_STUDS, MOST_WALLS,
};
use crate::lumber::MOST_PLIES;
use crate::measure::{Length, Range, Unit};
use crate::sizing::schools::jurisdiction::MOST_ROWS;
use crate::sizing::schools::shop::MOST_HEADER_RULES;

macro_rules! inputs {
    ($($name:ident: $label:literal, $range:expr;)+) => {
        /// Something that is put into a job.
        #[allow(missing_docs, reason = "each is named in words beside it")]
        #[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
        pub enum Input {
            $($name),+
        }

        impl Input {
            /// Every one.
            pub const ALL: &'static [Self] = &[$(Self::$name),+];

            /// As a carpenter knows it.
            pub const fn label(self) -> &'static str {
                match self {
                    $(Self::$name => $label),+
                }
            }

            /// What it may be.
            pub const fn range(self) -> Range {
                match self {
                    $(Self::$name => $range),+
                }
            }
        }
    };
}

const NAME: Range = Range::Text { most: LONGEST_NAME };
const STUDS: Range = Range::count(1, MOST_STUDS as usize);
const PLIES: Range = Range::count(1, MOST_PLIES as usize);

const fn psf(most: f64) -> Range {
    Range::number(0.0, most, Unit::Psf)
}

const fn plain(least: f64, most: f64) -> Range {
    Range::number(least, most, Unit::Plain)
}

const fn psi(least: f64, most: f64) -> Range {
    Range::number(least, most, Unit::Psi)
}

const SIXTEENTH: Length = Length::inches_and(0, 1, 16);

inputs! {
    Author: "Your name", NAME;
    JobName: "The job's name", NAME;
    Walls: "The number of walls", Range::count(0, MOST_WALLS);

    Snow: "Snow", psf(300.0);
    SnowExposure: "The snow exposure factor", plain(0.7, 1.2);
    SnowThermal: "The snow thermal factor", plain(0.85, 1.3);
    SnowImportance: "The snow importance factor", plain(0.8, 1.2);
    WinterWind: "The winter wind parameter", plain(0.25, 0.65);
    RoofLive: "Roof live load", psf(100.0);
    WindPressure: "The wind pressure", psf(150.0);
    WindSpeed: "The wind speed", Range::number(85.0, 200.0, Unit::MilesPerHour);
    MeanRoofHeight: "The mean roof height", Range::inches(8 * 12, 60 * 12);
    LiveDeflectionLimit: "Live-load deflection limit", plain(120.0, 1200.0);
    TotalDeflectionLimit: "Total deflection limit", plain(120.0, 1200.0);
    Creep: "The creep factor", plain(1.0, 3.0);
    MostSagOverDoor: "The most sag over a door", Range::Length { least: SIXTEENTH, most: Length::inches(2) };
    KingDeflectionLimit: "The kings' deflection limit", plain(120.0, 720.0);
    RoughWider: "How much wider the rough opening is", Range::inches(0, 12);
    RoughHigher: "How much higher the rough opening is", Range::inches(0, 12);
    FinishFloor: "The finish floor", Range::inches(0, 4);
    Counter: "The counter's height", Range::inches(24, 48);
    Backsplash: "The backsplash's height", Range::inches(0, 24);
    ShopDoublesJacksFrom: "Width from which the shop doubles jacks", Range::inches(12, 240);
    ShopDoublesKingsFrom: "Width from which the shop doubles kings", Range::inches(12, 240);
    ShopHeaders: "The number of the shop's header rules", Range::count(0, MOST_HEADER_RULES);
    ShopHeaderUpTo: "Width up to which the shop's rule holds", Range::inches(12, 240);
    ShopHeaderBuildingUpTo: "Building width up to which the shop's rule holds", Range::inches(48, 80 * 12);

    Stock: "The number of boards in stock", Range::count(0, MOST_STOCK);
    Price: "The price per foot", Range::number(0.0, 1e7, Unit::Cents);
    Plies: "The number of plies", PLIES;
    PlyWidth: "The width of a ply", Range::inches(1, 12);
    HeaderDepth: "The depth of a header", Range::inches(3, 36);
    SawnSize: "The size", Range::Follows;
    SheetName: "The sheet's name", NAME;
    SheetBending: "Fb of your sheet", psi(100.0, 10_000.0);
    SheetShear: "Fv of your sheet", psi(20.0, 2_000.0);
    SheetBearing: "Fc⊥ of your sheet", psi(50.0, 5_000.0);
    SheetStiffness: "E of your sheet", psi(200_000.0, 5_000_000.0);
    SheetStability: "Emin of your sheet", Range::Follows;
    SheetDensity: "The weight of your sheet", Range::number(10.0, 100.0, Unit::Pcf);

    TableName: "The table's name", NAME;
    TableRows: "The number of rows of the table", Range::count(0, MOST_ROWS);
    TablePlies: "The number of plies", PLIES;
    TableSpan: "A span of the table", Range::inches(6, 40 * 12);
    TableWidth: "A building's width in the table", Range::inches(48, 120 * 12);
    TableSnow: "A snow of the table", psf(300.0);
    TableJacks: "The number of jacks", STUDS;

    WallName: "The wall's name", NAME;
    WallLength: "The wall's length", Range::inches(24, 200 * 12);
    WallHeight: "The wall's height", Range::inches(48, 20 * 12);
    StudLength: "The studs' length", Range::inches(40, 236);
    RoomLeft: "The room's height at the left end", Range::inches(24, 20 * 12);
    RoomRight: "The room's height at the right end", Range::inches(24, 20 * 12);
    Clearance: "The clearance over the wall", Range::inches(0, 12);
    RakeLeft: "The rake's height at the left end", Range::inches(24, 20 * 12);
    RakeRight: "The rake's height at the right end", Range::inches(24, 20 * 12);
    PeakAt: "The peak's place", Range::Follows;
    PeakHeight: "The peak's height", Range::inches(24, 20 * 12);
    RakeRise: "The rake's rise", Range::Follows;
    StudSpacing: "The stud spacing", Range::inches(8, 24);
    StudDepth: "The studs", Range::Follows;
    PlateStock: "The board that plates are cut from", Range::inches(8 * 12, 40 * 12);
    BreaksApart: "The distance between plate breaks", Range::inches(0, 8 * 12);
    LayoutStart: "The studs of the wall that the layout is hooked on", Range::Follows;
    Lap: "The studs of the wall that a plate laps over", Range::Follows;
    Bolts: "The distance between anchor bolts", Range::inches(12, 72);
    Partitions: "The number of crossing walls", Range::count(0, MOST_PARTITIONS);
    PartitionAt: "The crossing wall's place", Range::Follows;
    PartitionDepth: "The studs of the crossing wall", Range::Follows;
    BlockingRows: "The number of rows of blocking", Range::count(0, MOST_BLOCKING_ROWS);
    Blocking: "The height of a row of blocking", Range::Follows;
    CastBolts: "The number of bolts", Range::count(0, MOST_PLACES);
    CastBolt: "A bolt's place", Range::Follows;
    PlateBreaks: "The number of plate breaks", Range::count(0, MOST_PLACES);
    PlateBreak: "A plate break's place", Range::Follows;

    Carried: "The number of things a wall carries", Range::count(0, MOST_CARRIED);
    Extent: "The stretch of wall", Range::Follows;
    BuildingWidth: "The building's width", Range::inches(4 * 12, 80 * 12);
    Overhang: "The overhang", Range::inches(0, 6 * 12);
    RiseInTwelve: "The roof's rise in 12", plain(0.0, 24.0);
    RafterBay: "The distance between trusses or rafters", Range::inches(8, 96);
    RoofDead: "Roof dead load", psf(100.0);
    CeilingDead: "Ceiling dead load", psf(100.0);
    AtticLive: "Attic live load", psf(125.0);
    RidgePostAt: "The ridge post's place", Range::Follows;
    RidgeSpanOneSide: "The ridge's span on one side", Range::inches(12, 40 * 12);
    RidgeSpanOtherSide: "The ridge's span on the other side", Range::inches(0, 40 * 12);
    RidgeBeamWeight: "The ridge beam's weight", Range::number(0.0, 500.0, Unit::Plf);
    JoistSpanOneSide: "The joist span on one side", Range::inches(12, 40 * 12);
    JoistSpanOtherSide: "The joist span on the other side", Range::inches(0, 40 * 12);
    JoistSpanBeyond: "The joist span on the other side", Range::inches(12, 40 * 12);
    JoistBay: "The distance between joists", Range::inches(8, 96);
    FloorDead: "Floor dead load", psf(150.0);
    FloorLive: "Floor live load", psf(250.0);
    WallAboveHeight: "The height of the wall above", Range::inches(12, 20 * 12);
    WallAboveDead: "The weight of the wall above", psf(150.0);
    OpeningAbove: "An opening of the wall above", Range::Follows;
    GableDead: "The weight of the gable", psf(150.0);

    PointLoads: "The number of point loads on a wall", Range::count(0, MOST_POINT_LOADS);
    PointLoadName: "The point load's name", NAME;
    PointLoadAt: "The point load's place", Range::Follows;
    PointLoadDead: "A point load's dead load", Range::number(0.0, 100_000.0, Unit::Pounds);
    PointLoadFloorLive: "A point load's floor live load", Range::number(0.0, 100_000.0, Unit::Pounds);
    PointLoadRoofLive: "A point load's roof live load", Range::number(0.0, 100_000.0, Unit::Pounds);
    PointLoadSnow: "A point load's snow", Range::number(0.0, 100_000.0, Unit::Pounds);

    Openings: "The number of openings in a wall", Range::count(0, MOST_OPENINGS);
    OpeningLetter: "The opening's letter", Range::Follows;
    KindWidth: "The unit", Range::Follows;
    KindHeight: "The unit", Range::Follows;
    UnitWidth: "The opening's width", Range::inches(6, 60 * 12);
    UnitHeight: "The opening's height", Range::inches(6, 20 * 12);
    RoughWidth: "The rough opening's width", Range::inches(6, 60 * 12);
    RoughHeight: "The rough opening's height", Range::inches(6, 20 * 12);
    Center: "The opening's center", Range::Follows;
    Sill: "The sill height", Range::inches(0, 15 * 12);
    SheathingReturn: "The sheathing returned into the jambs", Range::inches(0, 2);
    SillFall: "The sill's fall", Range::Length { least: SIXTEENTH, most: Length::inches(2) };
    RunPast: "How far the header runs past its pack", Range::inches(6, 16 * 12);
    FarStuds: "The number of studs under its far end", Range::count(0, MOST_STUDS as usize);
    PostAt: "The post's place", Range::Follows;
    PostsApart: "The posts' distance", Range::Follows;
    PostStuds: "The studs of a post", STUDS;
    DecidedCount: "The number of studs", STUDS;
    DecidedReason: "The reason", NAME;
}
