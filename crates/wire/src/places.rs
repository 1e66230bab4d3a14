//! Where on the wire a value of the job stands.

use sturvek_core::house::PartId;
use sturvek_core::job::bounds::{PartList, Within};
use sturvek_core::job::{self, Input, OpeningKind, OutOfBounds, Refused, StudRole};
use sturvek_core::measure::End;

use crate::reading::{FieldError, FieldErrors};

impl From<Refused> for FieldErrors {
    /// In a job.
    fn from(refused: Refused) -> Self {
        let place =
            |error: &OutOfBounds| FieldError { pointer: pointer(&error.within, error.input), phrase: error.phrase() };
        Self(refused.0.iter().map(place).collect())
    }
}

/// What a command is refused for: at the field that brought the value, or at the command as a whole where it is the job that does not
/// allow its effect.
pub fn in_command(command: &job::Command, refused: &Refused) -> FieldErrors {
    let place = |error: &OutOfBounds| FieldError {
        pointer: field_of(command, error).unwrap_or_default(),
        phrase: error.phrase(),
    };
    FieldErrors(refused.0.iter().map(place).collect())
}

/// The field of a command that brought a value.
fn field_of(command: &job::Command, error: &OutOfBounds) -> Option<String> {
    use job::Command as C;
    let (to, part, field) = match command {
        C::RenameJob { .. } => (To::Job, "/name", "/name"),
        C::ChangeParticulars { .. } => (To::Job, "/particulars", "/particulars"),
        C::ChangeSettings { .. } => (To::Job, "/settings", "/settings"),
        C::ChangeStock { .. } => (To::Job, "/stock", "/stock"),
        C::LoadCodeTable { .. } => (To::Job, "/code_table", "/table"),
        C::AddWall { wall, .. } => (To::Wall(wall.id.0), "", "/wall"),
        C::ChangeWall { wall, .. } => (To::Wall(wall.0), "/frame", "/frame"),
        C::ChangeCarries { wall, .. } => (To::Wall(wall.0), "/carries", "/carries"),
        C::AddOpening { opening, .. } => (To::Part(opening.id.0), "", "/opening"),
        C::MoveOpening { opening, .. } => (To::Part(opening.0), "/design/center", "/to"),
        C::ChangeOpening { opening, .. } => (To::Part(opening.0), "/design", "/design"),
        C::ChooseHeader { opening, .. } => (To::Part(opening.0), "/design/header", "/header"),
        C::OverrideCount { opening, role, end, .. } => (To::Part(opening.0), decided(*role, *end), "/decided"),
        C::MarkFramed { opening, .. } => (To::Part(opening.0), "/framed_as", "/framed"),
        C::AddPointLoad { load, .. } | C::ChangePointLoad { load } => (To::Part(load.id.0), "", "/load"),
        C::PlaceWall { wall, .. } => (To::Wall(wall.0), "/place", "/place"),
        C::AddPart { part, .. } | C::ChangePart { part } => (To::House(part.id()), "", "/part"),
        C::ChangeGround { .. } => (To::Job, "/house/ground", "/ground"),
        C::Together { commands } => {
            let brought = commands.iter().enumerate().find_map(|(place, each)| Some((place, field_of(each, error)?)));
            return brought.map(|(place, field)| format!("/commands/{place}{field}"));
        }
        C::ChangeEvidence { .. }
        | C::RemoveWall { .. }
        | C::MirrorWall { .. }
        | C::MoveWall { .. }
        | C::RemoveOpening { .. }
        | C::RemovePart { .. }
        | C::RemovePointLoad { .. } => return None,
    };
    let rest = pointer(to.beyond(&error.within)?, error.input);
    Some(format!("{field}{}", rest.strip_prefix(part)?))
}

/// What a command changes.
enum To {
    Job,
    Wall(u128),
    /// An opening or a point load.
    Part(u128),
    /// A part of the house.
    House(PartId),
}

impl To {
    /// The way beyond it, if the way leads through it.
    fn beyond(self, within: &[Within]) -> Option<&[Within]> {
        match (self, within) {
            (Self::Job, _) => Some(within),
            (Self::Wall(wanted), [Within::Wall { id, .. }, rest @ ..]) if id.0 == wanted => Some(rest),
            (Self::Part(wanted), [Within::Wall { .. }, part, rest @ ..]) => {
                let id = match part {
                    Within::Opening { id, .. } => id.0,
                    Within::PointLoad { id, .. } => id.0,
                    _ => return None,
                };
                (id == wanted).then_some(rest)
            }
            (Self::House(wanted), [Within::House, Within::Part { id, .. }, rest @ ..]) if *id == wanted => Some(rest),
            // What is asked of a design by itself is asked of the one that the command brings.
            (Self::Part(_), [Within::Design, ..]) => Some(within),
            _ => None,
        }
    }
}

/// The JSON pointer to a value, along the way to it.
fn pointer(within: &[Within], input: Input) -> String {
    let mut pointer: String = within.iter().map(step).collect();
    pointer.push_str(field(input));
    pointer
}

fn step(within: &Within) -> String {
    match within {
        Within::Particulars => "/particulars".into(),
        Within::Settings => "/settings".into(),
        Within::RoughRule(kind) => format!("/rough_rules/{}", rough_rule(*kind)),
        Within::ShopHeader(place) => format!("/shop_headers/{place}"),
        Within::Stock(place) => format!("/stock/{place}"),
        Within::CodeTable => "/code_table".into(),
        Within::Row(place) => format!("/rows/{place}"),
        Within::Wall { place, .. } => format!("/walls/{place}"),
        Within::Place => "/place".into(),
        Within::House => "/house".into(),
        Within::Line => "/line".into(),
        Within::Chosen => "/chosen".into(),
        Within::Ground => "/ground".into(),
        Within::Part { list, place, .. } => format!("/{}/{place}", part_list(*list)),
        Within::Partition(place) => format!("/frame/framing/partitions/{place}"),
        Within::LetDown(place) => format!("/frame/framing/let_downs/{place}"),
        Within::Board(place) => format!("/frame/framing/boards/{place}"),
        Within::KeptClear(place) => format!("/frame/framing/kept_clear/{place}"),
        Within::Lap(End::Left) => "/frame/framing/left_lap".into(),
        Within::Lap(End::Right) => "/frame/framing/right_lap".into(),
        Within::BlockingRow(place) => format!("/frame/framing/blocking/{place}"),
        Within::PanelEnd(place) => format!("/frame/framing/panel_ends/{place}"),
        Within::CastBolt(place) => format!("/frame/framing/cast_bolts/{place}"),
        Within::LowerBreak(place) => format!("/frame/framing/own_breaks/lower/{place}"),
        Within::UpperBreak(place) => format!("/frame/framing/own_breaks/upper/{place}"),
        Within::Carried(place) => format!("/carries/items/{place}"),
        Within::OpeningAbove(place) => format!("/what/openings_above/places/{place}"),
        Within::PointLoad { place, .. } => format!("/point_loads/{place}"),
        Within::Opening { place, .. } => format!("/openings/{place}"),
        Within::FramedAs => "/framed_as".into(),
        Within::Design => "/design".into(),
        Within::Header => "/header".into(),
        Within::Past(End::Left) => "/options/past_left".into(),
        Within::Past(End::Right) => "/options/past_right".into(),
        Within::Post(place) => format!("/options/posts/{place}"),
        Within::Decided(role, end) => decided(*role, *end).into(),
    }
}

const fn part_list(list: PartList) -> &'static str {
    match list {
        PartList::Levels => "levels",
        PartList::Fields => "fields",
        PartList::Beams => "beams",
        PartList::Posts => "posts",
        PartList::Foundations => "foundations",
        PartList::Pads => "pads",
        PartList::Marks => "marks",
    }
}

const fn decided(role: StudRole, end: End) -> &'static str {
    match (role, end) {
        (StudRole::Jack, End::Left) => "/jacks_left",
        (StudRole::Jack, End::Right) => "/jacks_right",
        (StudRole::King, End::Left) => "/kings_left",
        (StudRole::King, End::Right) => "/kings_right",
    }
}

const fn rough_rule(kind: OpeningKind) -> &'static str {
    match kind {
        OpeningKind::Window => "window",
        OpeningKind::Door => "door",
        OpeningKind::PairOfDoors => "pair_of_doors",
        OpeningKind::SlidingDoor => "sliding_door",
        OpeningKind::OverheadDoor => "overhead_door",
        OpeningKind::PocketDoor => "pocket_door",
        OpeningKind::CasedOpening => "cased_opening",
    }
}

/// A value's field, from the last step of the way to it.
pub(crate) const fn field(input: Input) -> &'static str {
    match input {
        Input::Author => "/author",
        Input::JobName | Input::Device | Input::TableName | Input::PointLoadName => "/name",
        Input::Address => "/address",
        Input::Permit => "/permit",
        Input::AdoptedCode => "/adopted_code",
        Input::CodeEdition => "/edition",
        Input::AnswersForIt => "/answers_for_it",
        Input::Walls => "/walls",
        Input::Snow | Input::TableSnow | Input::PointLoadSnow => "/snow",
        Input::SnowExposure => "/snow_exposure",
        Input::SnowThermal => "/snow_thermal",
        Input::SnowImportance => "/snow_importance",
        Input::WinterWind => "/winter_wind",
        Input::RoofLive | Input::PointLoadRoofLive => "/roof_live",
        Input::WindPressure => "/wind/psf",
        Input::WindSpeed => "/wind/miles_per_hour",
        Input::MeanRoofHeight => "/wind/mean_roof_height",
        Input::LiveDeflectionLimit => "/live_deflection_limit",
        Input::TotalDeflectionLimit => "/total_deflection_limit",
        Input::Creep => "/creep",
        Input::MostSagOverDoor => "/most_sag_over_door",
        Input::KingDeflectionLimit => "/king_deflection_limit",
        Input::RoughWider => "/wider",
        Input::RoughHigher => "/higher",
        Input::FinishFloor => "/finish_floor",
        Input::Moisture => "/raising/moisture_percent",
        Input::Crew => "/raising/crew",
        Input::PoundsEach => "/raising/pounds_each",
        Input::RaisingOrder => "/raising_order",
        Input::Counter => "/counter",
        Input::Backsplash => "/backsplash",
        Input::ShopDoublesJacksFrom => "/shop_doubles_jacks_from",
        Input::ShopDoublesKingsFrom => "/shop_doubles_kings_from",
        Input::ShopHeaders => "/shop_headers",
        Input::ShopHeaderUpTo => "/up_to",
        Input::ShopHeaderBuildingUpTo => "/building_up_to",
        Input::Stock => "/stock",
        Input::Price => "/price_cents_per_foot",
        Input::Plies | Input::TablePlies => "/plies",
        Input::PlyWidth => "/board/ply_width",
        Input::HeaderDepth => "/board/depth",
        Input::SawnSize => "/board/thickness",
        Input::SheetName => "/board/sheet_name",
        Input::SheetBending => "/board/bending_psi",
        Input::SheetShear => "/board/shear_psi",
        Input::SheetBearing => "/board/bearing_psi",
        Input::SheetStiffness => "/board/stiffness_psi",
        Input::SheetStability => "/board/stability_stiffness_psi",
        Input::SheetDensity => "/board/density_pcf",
        Input::TableRows => "/rows",
        Input::TableSpan => "/span",
        Input::TableWidth => "/width",
        Input::TableJacks => "/jacks",
        Input::WallName => "/frame/name",
        Input::WallLength => "/frame/length",
        Input::WallHeight => "/frame/height",
        Input::StudLength => "/frame/framing/height_by/length",
        Input::RoomLeft => "/frame/framing/height_by/left",
        Input::RoomRight => "/frame/framing/height_by/right",
        Input::Clearance => "/frame/framing/height_by/clearance",
        Input::RakeLeft => "/frame/framing/height_by/left",
        Input::RakeRight | Input::RakeRise => "/frame/framing/height_by/right",
        Input::PeakAt => "/frame/framing/height_by/peak/at",
        Input::PeakHeight => "/frame/framing/height_by/peak/height",
        Input::StudSpacing => "/frame/spacing",
        Input::StudDepth => "/frame/stud_depth",
        Input::PlateStock => "/frame/framing/plate_stock",
        Input::SheathingThickness => "/frame/framing/sheathing/thickness",
        Input::BreaksApart => "/frame/framing/breaks_apart",
        Input::LayoutStart => "/frame/framing/layout_from_face_of",
        Input::Lap => "/depth",
        Input::Bolts => "/frame/framing/bolts",
        Input::Partitions => "/frame/framing/partitions",
        Input::PartitionAt => "/at",
        Input::PartitionDepth => "/depth",
        Input::CeilingClear => "/frame/framing/ceiling/clear",
        Input::CeilingEvery => "/frame/framing/ceiling/every",
        Input::KeptClear => "/frame/framing/kept_clear",
        Input::KeptClearName => "/name",
        Input::KeptClearAt => "/at",
        Input::KeptClearWidth => "/width",
        Input::LetDowns => "/frame/framing/let_downs",
        Input::Boards => "/frame/framing/boards",
        Input::LetDownFrom | Input::BoardFrom => "/from",
        Input::LetDownTo | Input::BoardTo => "/to",
        Input::LetDownHeight => "/height/over",
        Input::LetDownMeasured => "/height/measured",
        Input::LetDownClearance => "/height/clearance",
        Input::LetDownPlates => "/plates",
        Input::BoardName => "/name",
        Input::BoardHeight => "/middle",
        Input::BlockingRows => "/frame/framing/blocking",
        // The step before names the one in the list.
        Input::Blocking | Input::CastBolt | Input::PanelEnd | Input::PlateBreak => "",
        Input::CastBolts => "/frame/framing/cast_bolts",
        Input::PanelEnds => "/frame/framing/panel_ends",
        Input::PlateBreaks => "/frame/framing/own_breaks",
        Input::Carried => "/carries/items",
        Input::Extent | Input::OpeningAbove => "/from",
        Input::BuildingWidth => "/what/building_width",
        Input::Overhang => "/what/overhang",
        Input::RiseInTwelve => "/what/rise_in_twelve",
        Input::RafterBay | Input::JoistBay => "/what/bay",
        Input::RoofDead => "/what/roof_dead",
        Input::CeilingDead => "/what/ceiling_dead",
        Input::AtticLive => "/what/attic_live",
        Input::RidgePostAt => "/what/at",
        Input::RidgeSpanOneSide | Input::JoistSpanOneSide => "/what/span_one_side",
        Input::RidgeSpanOtherSide | Input::JoistSpanOtherSide | Input::JoistSpanBeyond => "/what/span_other_side",
        Input::RidgeBeamWeight => "/what/beam_weight",
        Input::FloorDead => "/what/dead",
        Input::FloorLive => "/what/live",
        Input::WallAboveHeight => "/what/height",
        Input::WallAboveDead => "/what/dead",
        Input::GableDead => "/what/dead",
        Input::Levels => "/levels",
        Input::LevelHeight => "/height",
        Input::Fields => "/fields",
        Input::Beams => "/beams",
        Input::HousePosts => "/posts",
        Input::Foundations => "/foundations",
        Input::Pads => "/pads",
        Input::Marks => "/marks",
        Input::MarkReason => "/reason",
        Input::PartName => "/name",
        Input::PartLevel => "/level",
        Input::LineOffset => "/offset",
        Input::LineStart => "/start",
        Input::LineLength => "/length",
        Input::LineThickness => "/thickness",
        Input::FieldLeft => "/left",
        Input::FieldRight => "/right",
        Input::FieldNear => "/near",
        Input::FieldFar => "/far",
        Input::SpotX => "/x",
        Input::SpotY => "/y",
        Input::BeamWeight | Input::PostWeight => "/weight",
        Input::PadSize => "/size",
        Input::JoistDepth => "/what/joist_depth",
        Input::GableWeight => "/what/gable_weight",
        Input::StudsOfAPost => "/count",
        Input::Soil => "/soil",
        Input::ThickSlabOver => "/thick_slab_over",
        Input::PointLoads => "/point_loads",
        Input::PointLoadAt => "/at",
        Input::PointLoadDead => "/dead",
        Input::PointLoadFloorLive => "/floor_live",
        Input::Openings => "/openings",
        Input::OpeningLetter => "/letter",
        Input::UnitWidth | Input::KindWidth => "/unit_width",
        Input::UnitHeight | Input::KindHeight => "/unit_height",
        Input::RoughWidth => "/rough_width",
        Input::RoughHeight => "/rough_height",
        Input::Center => "/center",
        Input::Sill => "/sill",
        Input::SheathingReturn => "/options/sheathing_return",
        Input::SillFall => "/options/sill_style/slope",
        Input::RunPast => "/length",
        Input::FarStuds => "/far_studs",
        Input::PostAt => "/at",
        Input::PostsApart => "/options/posts",
        Input::PostStuds => "/studs",
        Input::DecidedCount => "/count",
        Input::DecidedReason => "/reason",
        Input::PlaceName => "/place/name",
        Input::PlaceSource => "/place/source",
        Input::PlaceSnow => "/place/ground_snow",
        Input::PlaceWind => "/place/miles_per_hour",
        Input::FrostDepth => "/place/frost_depth",
    }
}
