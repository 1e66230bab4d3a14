//! Everything that is put into a job, with its name and what it may be.

use super::most::{
    LONGEST_ADDRESS, LONGEST_NAME, MOST_BEAMS, MOST_BLOCKING_ROWS, MOST_BOARDS, MOST_CARRIED, MOST_FIELDS,
    MOST_FOUNDATIONS, MOST_HOUSE_POSTS, MOST_KEPT_CLEAR, MOST_LET_DOWNS, MOST_LEVELS, MOST_MARKS, MOST_OPENINGS,
    MOST_PADS, MOST_PANEL_ENDS, MOST_PARTITIONS, MOST_PLACES, MOST_POINT_LOADS, MOST_STOCK, MOST_STUDS, MOST_WALLS,
};
use crate::lumber::MOST_PLIES;
use crate::measure::{Length, Range, Unit};
use crate::sizing::schools::jurisdiction::MOST_ROWS;
use crate::sizing::schools::shop::MOST_HEADER_RULES;
use crate::speech::Phrase;

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
            pub const fn phrase(self) -> Phrase {
                match self {
                    $(Self::$name => Phrase::plain($label)),+
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
    Range::number(0.0, most, Unit::PoundsPerSquareFoot)
}

const fn plain(least: f64, most: f64) -> Range {
    Range::number(least, most, Unit::None)
}

const fn psi(least: f64, most: f64) -> Range {
    Range::number(least, most, Unit::Psi)
}

/// A place in the plan of a house, either way from where it is measured.
const IN_PLAN: Range = Range::inches(-500 * 12, 500 * 12);

const SIXTEENTH: Length = Length::inches_and(0, 1, 16);

inputs! {
    Author: "input-author", NAME;
    Device: "input-device", NAME;
    JobName: "input-job-name", NAME;
    Address: "input-address", Range::Text { most: LONGEST_ADDRESS };
    Permit: "input-permit", NAME;
    AdoptedCode: "input-adopted-code", NAME;
    CodeEdition: "input-code-edition", NAME;
    AnswersForIt: "input-answers-for-it", NAME;
    Walls: "input-walls", Range::count(0, MOST_WALLS);
    RaisingOrder: "input-raising-order", Range::count(0, MOST_WALLS);

    Snow: "input-snow", psf(300.0);
    SnowExposure: "input-snow-exposure", plain(0.7, 1.2);
    SnowThermal: "input-snow-thermal", plain(0.85, 1.3);
    SnowImportance: "input-snow-importance", plain(0.8, 1.2);
    WinterWind: "input-winter-wind", plain(0.25, 0.65);
    RoofLive: "input-roof-live", psf(100.0);
    WindPressure: "input-wind-pressure", psf(150.0);
    WindSpeed: "input-wind-speed", Range::number(85.0, 200.0, Unit::MilesPerHour);
    MeanRoofHeight: "input-mean-roof-height", Range::inches(8 * 12, 60 * 12);
    LiveDeflectionLimit: "input-live-deflection-limit", plain(120.0, 1200.0);
    TotalDeflectionLimit: "input-total-deflection-limit", plain(120.0, 1200.0);
    Creep: "input-creep", plain(1.0, 3.0);
    MostSagOverDoor: "input-most-sag-over-door", Range::Length { least: SIXTEENTH, most: Length::inches(2) };
    KingDeflectionLimit: "input-king-deflection-limit", plain(120.0, 720.0);
    RoughWider: "input-rough-wider", Range::inches(0, 12);
    RoughHigher: "input-rough-higher", Range::inches(0, 12);
    FinishFloor: "input-finish-floor", Range::inches(0, 4);
    Counter: "input-counter", Range::inches(24, 48);
    Backsplash: "input-backsplash", Range::inches(0, 24);
    Moisture: "input-moisture", Range::number(0.0, 60.0, Unit::None);
    Crew: "input-crew", Range::count(1, 40);
    PoundsEach: "input-pounds-each", Range::number(20.0, 300.0, Unit::Pounds);
    ShopDoublesJacksFrom: "input-shop-doubles-jacks-from", Range::inches(12, 240);
    ShopDoublesKingsFrom: "input-shop-doubles-kings-from", Range::inches(12, 240);
    ShopHeaders: "input-shop-headers", Range::count(0, MOST_HEADER_RULES);
    ShopHeaderUpTo: "input-shop-header-up-to", Range::inches(12, 240);
    ShopHeaderBuildingUpTo: "input-shop-header-building-up-to", Range::inches(48, 80 * 12);

    Stock: "input-stock", Range::count(0, MOST_STOCK);
    Price: "input-price", Range::number(0.0, 1e7, Unit::Cents);
    Plies: "input-plies", PLIES;
    PlyWidth: "input-ply-width", Range::inches(1, 12);
    HeaderDepth: "input-header-depth", Range::inches(3, 36);
    SawnSize: "input-sawn-size", Range::Follows;
    SheetName: "input-sheet-name", NAME;
    SheetBending: "input-sheet-bending", psi(100.0, 10_000.0);
    SheetShear: "input-sheet-shear", psi(20.0, 2_000.0);
    SheetBearing: "input-sheet-bearing", psi(50.0, 5_000.0);
    SheetStiffness: "input-sheet-stiffness", psi(200_000.0, 5_000_000.0);
    SheetStability: "input-sheet-stability", Range::Follows;
    SheetDensity: "input-sheet-density", Range::number(10.0, 100.0, Unit::PoundsPerCubicFoot);

    TableName: "input-table-name", NAME;
    TableRows: "input-table-rows", Range::count(0, MOST_ROWS);
    TablePlies: "input-table-plies", PLIES;
    TableSpan: "input-table-span", Range::inches(6, 40 * 12);
    TableWidth: "input-table-width", Range::inches(48, 120 * 12);
    TableSnow: "input-table-snow", psf(300.0);
    TableJacks: "input-table-jacks", STUDS;

    WallName: "input-wall-name", NAME;
    WallLength: "input-wall-length", Range::inches(24, 200 * 12);
    WallHeight: "input-wall-height", Range::inches(48, 20 * 12);
    StudLength: "input-stud-length", Range::inches(40, 236);
    RoomLeft: "input-room-left", Range::inches(24, 20 * 12);
    RoomRight: "input-room-right", Range::inches(24, 20 * 12);
    Clearance: "input-clearance", Range::inches(0, 12);
    RakeLeft: "input-rake-left", Range::inches(24, 20 * 12);
    RakeRight: "input-rake-right", Range::inches(24, 20 * 12);
    PeakAt: "input-peak-at", Range::Follows;
    PeakHeight: "input-peak-height", Range::inches(24, 20 * 12);
    RakeRise: "input-rake-rise", Range::Follows;
    StudSpacing: "input-stud-spacing", Range::inches(8, 24);
    StudDepth: "input-stud-depth", Range::Follows;
    PlateStock: "input-plate-stock", Range::inches(8 * 12, 40 * 12);
    BreaksApart: "input-breaks-apart", Range::inches(0, 8 * 12);
    SheathingThickness: "input-sheathing-thickness", Range::Length { least: Length::inches_and(0, 1, 8), most: Length::inches(6) };
    LayoutStart: "input-layout-start", Range::Follows;
    Lap: "input-lap", Range::Follows;
    Bolts: "input-bolts", Range::inches(12, 72);
    Partitions: "input-partitions", Range::count(0, MOST_PARTITIONS);
    PartitionAt: "input-partition-at", Range::Follows;
    PartitionDepth: "input-partition-depth", Range::Follows;
    BlockingRows: "input-blocking-rows", Range::count(0, MOST_BLOCKING_ROWS);
    Blocking: "input-blocking", Range::Follows;
    LetDowns: "input-let-downs", Range::count(0, MOST_LET_DOWNS);
    LetDownFrom: "input-let-down-from", Range::Follows;
    LetDownTo: "input-let-down-to", Range::Follows;
    LetDownHeight: "input-let-down-height", Range::Follows;
    LetDownMeasured: "input-let-down-measured", Range::inches(24, 20 * 12);
    LetDownClearance: "input-let-down-clearance", Range::inches(0, 12);
    LetDownPlates: "input-let-down-plates", Range::count(1, 2);
    Boards: "input-boards", Range::count(0, MOST_BOARDS);
    BoardName: "input-board-name", NAME;
    BoardFrom: "input-board-from", Range::Follows;
    BoardTo: "input-board-to", Range::Follows;
    BoardHeight: "input-board-height", Range::Follows;
    CeilingClear: "input-ceiling-clear", Range::inches(6, 48);
    CeilingEvery: "input-ceiling-every", Range::inches(8, 48);
    KeptClear: "input-kept-clear", Range::count(0, MOST_KEPT_CLEAR);
    KeptClearName: "input-kept-clear-name", NAME;
    KeptClearAt: "input-kept-clear-at", Range::Follows;
    KeptClearWidth: "input-kept-clear-width", Range::Length { least: SIXTEENTH, most: Length::inches(72) };
    CastBolts: "input-cast-bolts", Range::count(0, MOST_PLACES);
    CastBolt: "input-cast-bolt", Range::Follows;
    PanelEnds: "input-panel-ends", Range::count(0, MOST_PANEL_ENDS);
    PanelEnd: "input-panel-end", Range::Follows;
    PlateBreaks: "input-plate-breaks", Range::count(0, MOST_PLACES);
    PlateBreak: "input-plate-break", Range::Follows;

    Carried: "input-carried", Range::count(0, MOST_CARRIED);
    Extent: "input-extent", Range::Follows;
    BuildingWidth: "input-building-width", Range::inches(4 * 12, 80 * 12);
    Overhang: "input-overhang", Range::inches(0, 6 * 12);
    RiseInTwelve: "input-rise-in-twelve", plain(0.0, 24.0);
    RafterBay: "input-rafter-bay", Range::inches(8, 96);
    RoofDead: "input-roof-dead", psf(100.0);
    CeilingDead: "input-ceiling-dead", psf(100.0);
    AtticLive: "input-attic-live", psf(125.0);
    RidgePostAt: "input-ridge-post-at", Range::Follows;
    RidgeSpanOneSide: "input-ridge-span-one-side", Range::inches(12, 40 * 12);
    RidgeSpanOtherSide: "input-ridge-span-other-side", Range::inches(0, 40 * 12);
    RidgeBeamWeight: "input-ridge-beam-weight", Range::number(0.0, 500.0, Unit::PoundsPerFoot);
    JoistSpanOneSide: "input-joist-span-one-side", Range::inches(12, 40 * 12);
    JoistSpanOtherSide: "input-joist-span-other-side", Range::inches(0, 40 * 12);
    JoistSpanBeyond: "input-joist-span-beyond", Range::inches(12, 40 * 12);
    JoistBay: "input-joist-bay", Range::inches(8, 96);
    FloorDead: "input-floor-dead", psf(150.0);
    FloorLive: "input-floor-live", psf(250.0);
    WallAboveHeight: "input-wall-above-height", Range::inches(12, 20 * 12);
    WallAboveDead: "input-wall-above-dead", psf(150.0);
    OpeningAbove: "input-opening-above", Range::Follows;
    GableDead: "input-gable-dead", psf(150.0);

    Levels: "input-levels", Range::count(0, MOST_LEVELS);
    LevelHeight: "input-level-height", Range::inches(48, 20 * 12);
    Fields: "input-fields", Range::count(0, MOST_FIELDS);
    Beams: "input-beams", Range::count(0, MOST_BEAMS);
    HousePosts: "input-house-posts", Range::count(0, MOST_HOUSE_POSTS);
    Foundations: "input-foundations", Range::count(0, MOST_FOUNDATIONS);
    Pads: "input-pads", Range::count(0, MOST_PADS);
    Marks: "input-marks", Range::count(0, MOST_MARKS);
    MarkReason: "input-mark-reason", NAME;
    PartName: "input-part-name", NAME;
    PartLevel: "input-part-level", Range::Follows;
    LineOffset: "input-line-offset", IN_PLAN;
    LineStart: "input-line-start", IN_PLAN;
    LineLength: "input-line-length", Range::inches(3, 200 * 12);
    LineThickness: "input-line-thickness", Range::inches(1, 48);
    FieldLeft: "input-field-left", IN_PLAN;
    FieldRight: "input-field-right", IN_PLAN;
    FieldNear: "input-field-near", IN_PLAN;
    FieldFar: "input-field-far", IN_PLAN;
    SpotX: "input-spot-x", IN_PLAN;
    SpotY: "input-spot-y", IN_PLAN;
    BeamWeight: "input-beam-weight", Range::number(0.0, 500.0, Unit::PoundsPerFoot);
    PostWeight: "input-post-weight", Range::number(0.0, 5000.0, Unit::Pounds);
    JoistDepth: "input-joist-depth", Range::inches(3, 36);
    GableWeight: "input-gable-weight", psf(60.0);
    StudsOfAPost: "input-studs-of-a-post", Range::count(2, 5);
    PadSize: "input-pad-size", Range::inches(6, 20 * 12);
    Soil: "input-soil", Range::number(500.0, 12_000.0, Unit::PoundsPerSquareFoot);
    ThickSlabOver: "input-thick-slab-over", Range::number(0.0, 100_000.0, Unit::Pounds);

    PointLoads: "input-point-loads", Range::count(0, MOST_POINT_LOADS);
    PointLoadName: "input-point-load-name", NAME;
    PointLoadAt: "input-point-load-at", Range::Follows;
    PointLoadDead: "input-point-load-dead", Range::number(0.0, 100_000.0, Unit::Pounds);
    PointLoadFloorLive: "input-point-load-floor-live", Range::number(0.0, 100_000.0, Unit::Pounds);
    PointLoadRoofLive: "input-point-load-roof-live", Range::number(0.0, 100_000.0, Unit::Pounds);
    PointLoadSnow: "input-point-load-snow", Range::number(0.0, 100_000.0, Unit::Pounds);

    Openings: "input-openings", Range::count(0, MOST_OPENINGS);
    OpeningLetter: "input-opening-letter", Range::Follows;
    KindWidth: "input-kind-width", Range::Follows;
    KindHeight: "input-kind-height", Range::Follows;
    UnitWidth: "input-unit-width", Range::inches(6, 60 * 12);
    UnitHeight: "input-unit-height", Range::inches(6, 20 * 12);
    RoughWidth: "input-rough-width", Range::inches(6, 60 * 12);
    RoughHeight: "input-rough-height", Range::inches(6, 20 * 12);
    Center: "input-center", Range::Follows;
    Sill: "input-sill", Range::inches(0, 15 * 12);
    SheathingReturn: "input-sheathing-return", Range::inches(0, 2);
    SillFall: "input-sill-fall", Range::Length { least: SIXTEENTH, most: Length::inches(2) };
    RunPast: "input-run-past", Range::inches(6, 16 * 12);
    FarStuds: "input-far-studs", Range::count(0, MOST_STUDS as usize);
    PostAt: "input-post-at", Range::Follows;
    PostsApart: "input-posts-apart", Range::Follows;
    PostStuds: "input-post-studs", STUDS;
    DecidedCount: "input-decided-count", STUDS;
    DecidedReason: "input-decided-reason", NAME;
    PlaceName: "input-place-name", NAME;
    PlaceSource: "input-place-source", NAME;
    FrostDepth: "input-frost-depth", Range::inches(0, 20 * 12);
    PlaceSnow: "input-place-snow", psf(300.0);
    PlaceWind: "input-place-wind", Range::number(85.0, 200.0, Unit::MilesPerHour);
}
