//! Closed choices, mirrored from the core with their wire names.

use serde::{Deserialize, Serialize};
use sturvek_core::finding::Severity;
use sturvek_core::framing::{MarkKind, PlatesMarked as CorePlatesMarked, Role, SnapKind, stack::StackPart};
use sturvek_core::remodel::order::Step as CoreStep;
use sturvek_core::{codes, job, loads, lumber, measure, sizing};
use utoipa::ToSchema;

macro_rules! mirror {
    ($(#[$doc:meta])* $name:ident = $core:path { $($variant:ident),+ $(,)? }) => {
        $(#[$doc])*
        #[allow(missing_docs, reason = "the variants are documented in the core")]
        #[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Serialize, Deserialize, ToSchema)]
        #[serde(rename_all = "snake_case")]
        pub enum $name {
            $($variant),+
        }

        impl From<$core> for $name {
            fn from(value: $core) -> Self {
                use $core as Core;
                match value {
                    $(Core::$variant => Self::$variant),+
                }
            }
        }

        impl From<$name> for $core {
            fn from(value: $name) -> Self {
                use $core as Core;
                match value {
                    $($name::$variant => Core::$variant),+
                }
            }
        }
    };
}

mirror!(
    /// What is done to several openings at once.
    TogetherAim = sturvek_core::framing::together::TogetherAim { EvenOut, LineUpHeads, OneHeader }
);
mirror!(
    /// Kind of an opening.
    OpeningKind = job::OpeningKind { Window, Door, PairOfDoors, SlidingDoor, OverheadDoor, PocketDoor, CasedOpening }
);
mirror!(
    /// Where the header hangs.
    HeaderPlace = job::HeaderPlace { TightToPlates, AtHeadHeight }
);
mirror!(
    /// How the header's underside is finished.
    Underside = job::Underside { Bare, FlatNailer }
);
mirror!(
    /// Jacks or kings.
    StudRole = job::StudRole { Jack, King }
);
mirror!(
    /// An end.
    End = measure::End { Left, Right }
);
mirror!(
    /// How the roof reaches the wall.
    RoofFraming = loads::RoofFraming {
        Trusses, RaftersWithClearCeilingJoists, RaftersWithLappedCeilingJoists, MiddleWallUnderLappedCeilingJoists,
        RaftersOnRidgeBeam, ParallelToWall, RaftersFromLedger,
    }
);
mirror!(
    /// How a roof of a house is framed.
    RoofFieldFraming = sturvek_core::house::RoofFieldFraming { Trusses, RaftersOnBoard, RaftersOnBeam, OneWay }
);
mirror!(
    /// What a station on the way of the loads is.
    StationKind = sturvek_core::plan::stations::StationKind {
        Field, Point, Wall, Opening, Beam, Post, Foundation, Pad, Slab, Break,
    }
);
mirror!(
    /// Along which axis something runs in plan.
    Axis = sturvek_core::house::Axis { X, Y }
);
mirror!(
    /// How a beam or joists go over their supports: cut or lapped at every one, or in one piece.
    Joints = sturvek_core::statics::Joints { AtEverySupport, None }
);
mirror!(
    /// Kind of load.
    LoadKind = loads::LoadKind { Dead, FloorLive, RoofLive, Snow, DeckLive, DeckSnow }
);
mirror!(
    /// Species group.
    Species = lumber::Species { DouglasFirLarch, HemFir, SprucePineFir, SouthernPine }
);
mirror!(
    /// Grade.
    Grade = lumber::Grade { SelectStructural, Number1, Number2, Stud }
);
mirror!(
    /// Nominal depth.
    Depth = lumber::Depth { Four, Six, Eight, Ten, Twelve }
);
mirror!(
    /// Nominal thickness.
    Thickness = lumber::Thickness { Two, Four, Six }
);
mirror!(
    /// Stress class of engineered lumber.
    EngineeredClass = lumber::EngineeredClass { Lvl20E, Lvl19E, Psl20E, Psl22E, Lsl155E, Glulam24F18E }
);
mirror!(
    /// Which code table counts kings.
    KingTable = sizing::kings::KingTable { Irc2015, Irc2018HighWind, Irc2018LowWind }
);
mirror!(
    /// Whether it carries.
    Verdict = sizing::Verdict { Carries, CarriesBarely, OnlyTheTable, DoesNotCarry, AskAnEngineer }
);
mirror!(
    /// Which check.
    CheckKind = sizing::header::CheckKind {
        Bending, Shear, LiveDeflection, TotalDeflection, DoorSag, PostBearing, BeamBearing, PostColumn, PostPlate, Sideways, Width,
        Depth,
    }
);
mirror!(
    /// What stands in a stretch that studs keep clear of.
    ClearFor = job::ClearFor { Pipe, Fixture }
);
mirror!(
    /// A step of opening a wall, in the order of the work.
    OpeningStep = CoreStep {
        Permit, Services, Survey, FloorsCleared, BeamIn, TemporaryBelow, TemporaryStand, Snug, TakeDown, PathChecked, CutBeam, RaiseBeam,
        ShimAndFasten, LoadOnBeam, TemporaryAway, Sag, SolePlate,
    }
);
mirror!(
    /// What a member does.
    MemberRole = Role {
        SolePlate, SolePlateCutLast, TopPlate, SecondTopPlate, Stud, CornerStud, PartitionStud, PartitionBacker,
        LadderBlock, Blocking, PointLoadStud, King, Jack, HeaderPost, Header, Nailer, HeadPacking, FlatHead, Sill,
        CrippleAbove, CrippleBelow, BayFiller, StepStud, PlateEndBlock, CornerBlock, BackingBlock, TemporaryStud, CeilingBlock, SquashBlock,
    }
);
mirror!(
    /// The letter on the plate.
    PlateMarkKind = MarkKind { Stud, King, Jack, Cripple, PointLoad, Partition, Pipe, Backing }
);
mirror!(
    /// Which plates carry a mark.
    PlatesMarked = CorePlatesMarked { Sole, Top, Both }
);
mirror!(
    /// What a layer of the height stack is.
    StackLayerKind = StackPart {
        SolePlate, FinishFloor, OpenBelow, CrippleBelow, Sill, Opening, Nailer, HeadPiece, PackingStrip, PackingCripple,
        Header, FlatHead, CrippleAbove, OpenAbove, TopPlate, SecondTopPlate,
    }
);
mirror!(
    /// How much a finding matters.
    FindingSeverity = Severity { Trouble, Caution, Note }
);
mirror!(
    /// Why a place is worth stopping at.
    SnapReason = SnapKind {
        WallCenter, CenterClearOfWalls, EqualGaps, StudBay, LeftKingOnLayout, RightKingOnLayout,
    }
);
mirror!(
    /// How joists bear on the wall.
    FloorFraming = loads::FloorFraming {
        Simple, ContinuousOverThisWall, ContinuousEndingHere, CantileveredPastThisWall, ParallelToWall,
    }
);
mirror!(
    /// What a floor is for.
    FloorUse = loads::FloorUse { Living, Sleeping, AtticWithStorage, AtticWithoutStorage, Deck }
);
mirror!(
    /// What else the snow does on a roof.
    SnowTrouble = loads::SnowTrouble { None, Drift, Ice, UnbalancedHipOrValley }
);
mirror!(
    /// Edition of the snow figure.
    SnowEdition = loads::SnowEdition { Asce7To16, Asce7From22 }
);
mirror!(
    /// Exposure to wind.
    WindExposure = loads::WindExposure { B, C, D }
);
mirror!(
    /// What somebody saw.
    Seen = loads::Seen { Yes, No, NotLooked }
);
mirror!(
    /// What follows from what was seen.
    BearingConclusion = loads::BearingConclusion { Bears, CarriesNothing, TreatAsBearing }
);
mirror!(
    /// A way in which sizes are decided.
    School = sizing::schools::School { CodeTable, Calculation, ShopRule }
);
mirror!(
    /// What is looked for in a header.
    Aim = sizing::candidates::Aim { Cheapest, Leanest, Shallowest, Lightest, FewestPlies }
);
mirror!(
    /// Only what is needed, or one more.
    Margin = sizing::candidates::Margin { Lean, BeltAndBraces }
);
mirror!(
    /// A block of the header tables.
    TableBlock = sizing::schools::code_basis::TableBlock {
        RoofCeiling, RoofOneCenterFloor, RoofOneClearFloor, RoofTwoCenterFloors, RoofTwoClearFloors, OneFloor, TwoFloors,
    }
);
mirror!(
    /// Where in the depth of the wall a thin header stands.
    HeaderFace = sizing::HeaderFace { OneFace, Centered, BothFaces }
);
mirror!(
    /// Where a figure stands.
    Standing = loads::Standing { NotSaid, AssumedBefore, Said }
);
mirror!(
    /// An answer to a question of the rules.
    Answer = loads::Answer { NotSaid, No, Yes }
);
mirror!(
    /// What stands on the tail of a floor that runs past the wall.
    Tail = loads::Tail { NotSaid, AssumedFree, Free, Loaded }
);
mirror!(
    /// How warm a roof is.
    RoofWarmth = loads::RoofWarmth { AsTheJobSays, Heated, ColdAndVented, Unheated }
);
mirror!(
    /// On what area a roof's dead load is given.
    DeadLoadOn = loads::DeadLoadOn { Level, Slope }
);
mirror!(
    /// Dry or wet.
    Service = codes::Service { Dry, Wet }
);
mirror!(
    /// How the header sits on its jacks.
    JackSeat = sizing::JackSeat { Full, Notched }
);
mirror!(
    /// What takes an opening out of the ordinary.
    SpecialCase = job::SpecialCase {
        Ordinary, Steel, SlopedOrCurved, NotchedOrDrilled, FireRated, PreservativeTreated, BracedWallPanel,
        UnknownGrade,
    }
);
mirror!(
    /// How a wall ends.
    WallEnd = job::WallEnd { Plain, ThreeStudCorner, TwoStudCorner, ThreePieceCorner }
);
mirror!(
    /// How studs and plates are sawn.
    Sawn = job::Sawn { Inches, Millimeters }
);
mirror!(
    /// Whether a wall stands in the wind.
    WallFace = job::WallFace { Outside, Inside }
);
mirror!(
    /// What sheathing is.
    SheathingKind = job::SheathingKind { Osb, Plywood, Foam }
);
mirror!(
    /// Whether heads are meant to line up.
    HeadLine = job::HeadLine { Aligned, OnPurpose }
);
mirror!(
    /// What a crossing wall is nailed to.
    Backing = job::Backing { Channel, LadderBlocks }
);
mirror!(
    /// What room an opening gives on.
    Room = job::Room { Any, Bedroom, Kitchen, Bathroom }
);
mirror!(
    /// Something that an opening needs and that nobody said.
    Question = loads::Asked {
        Loads, Snow, GroundSnow, Wind, Tail, OnTail, TailOfWhat, WallBetween, OpeningsAbove,
    }
);
mirror!(
    /// What has to be minded with a piece.
    Minded = sturvek_core::framing::member::Minded { Nothing, TopUp, Treated }
);
