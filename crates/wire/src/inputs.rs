//! A job's inputs on the wire.

use serde::{Deserialize, Serialize};
use sturvek_core::job::{self, OpeningId, PointLoadId, WallId};
use sturvek_core::loads::{self, ByKind};
use sturvek_core::lumber;
use sturvek_core::lumber::sheet::LONGEST_SHEET_NAME;
use sturvek_core::measure::{Ends, Force, Length, Money, Pressure};
use sturvek_core::sizing::candidates::StockBoard;
use sturvek_core::sizing::schools::{self, ShopRules};
use sturvek_core::sizing::{self, JackLumber};
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::{
    Aim, Depth, End, EngineeredClass, FloorFraming, FloorUse, Grade, HeaderPlace, JackSeat, KingTable, Margin,
    OpeningKind, RoofFraming, School, Seen, Service, SnowEdition, SnowTrouble, SpecialCase, Species, TableBlock,
    Thickness, TopEdgeWidth, Underside, WallEnd, WindExposure,
};
use crate::typed::{FieldError, TypedLength};

/// A job: everything that was described, nothing that is computed.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Job {
    /// Its name.
    pub name: String,
    /// Its settings.
    pub settings: Settings,
    /// What headers can be made of.
    pub stock: Vec<StockItem>,
    /// The jurisdiction's own header table, where one was loaded.
    #[serde(default)]
    pub code_table: Option<CodeTable>,
    /// Its walls.
    pub walls: Vec<Wall>,
}

/// Settings of a job. What is left out is as usual.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(default)]
pub struct Settings {
    /// Whether `snow` is ground snow or the user's own roof snow.
    pub snow_basis: SnowBasis,
    /// Snow, lb/ft².
    pub snow: f64,
    /// Edition of the ground snow.
    pub snow_edition: SnowEdition,
    /// Exposure factor, Ce.
    pub snow_exposure: f64,
    /// Thermal factor, Ct.
    pub snow_thermal: f64,
    /// Importance factor, I.
    pub snow_importance: f64,
    /// Whether gables are also checked with the snow blown to one side.
    pub unbalanced_snow: bool,
    /// Winter wind parameter, W2.
    pub winter_wind: f64,
    /// Roof live load, lb/ft².
    pub roof_live: f64,
    /// Wind on the kings.
    pub wind: KingWind,
    /// Live-load deflection limit: span over this.
    pub live_deflection_limit: f64,
    /// Total deflection limit: span over this.
    pub total_deflection_limit: f64,
    /// Creep factor on dead-load deflection.
    pub creep: f64,
    /// The most a header may sag under live load over a sliding or overhead door.
    pub most_sag_over_door: Option<TypedLength>,
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
    /// The shop doubles jacks from this width on.
    pub shop_doubles_jacks_from: Option<TypedLength>,
    /// The shop doubles kings from this width on.
    pub shop_doubles_kings_from: Option<TypedLength>,
    /// Which header the shop puts over what; the first that holds counts.
    pub shop_headers: Vec<ShopHeader>,
}

impl Default for Settings {
    fn default() -> Self {
        Self::from(&job::Settings::default())
    }
}

/// A header rule of the shop.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct ShopHeader {
    /// Over openings up to this width; over everything where it is left out.
    pub up_to: Option<TypedLength>,
    /// On buildings up to this width; on every building where it is left out.
    pub building_up_to: Option<TypedLength>,
    /// The header.
    pub header: Header,
}

/// Where the wind on the kings comes from.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "by", rename_all = "snake_case")]
pub enum KingWind {
    /// The code's table counts the kings.
    CodeTable,
    /// A strength-level pressure.
    Pressure {
        /// lb/ft².
        psf: f64,
    },
    /// The wind speed of the place.
    Speed {
        /// mph.
        miles_per_hour: f64,
        /// Exposure.
        exposure: WindExposure,
        /// Mean roof height.
        mean_roof_height: TypedLength,
    },
}

/// A jurisdiction's header table.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct CodeTable {
    /// What the user calls it.
    pub name: String,
    /// Its rows.
    pub rows: Vec<CodeTableRow>,
}

/// One cell of a jurisdiction's table.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct CodeTableRow {
    /// What the header carries.
    pub block: TableBlock,
    /// Plies.
    pub plies: u8,
    /// Nominal depth.
    pub nominal_depth: Depth,
    /// Ground snow, lb/ft²; left out where the block carries no roof.
    pub snow: Option<f64>,
    /// Width of the building.
    pub width: TypedLength,
    /// How far the header goes.
    pub span: TypedLength,
    /// Jacks at each end.
    pub jacks: u8,
}

/// What a snow figure is.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum SnowBasis {
    /// Ground snow.
    Ground,
    /// Roof snow, taken as it is.
    Roof,
}

/// A board on the pile.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct StockItem {
    /// What it is.
    pub board: Board,
    /// Price per foot of one ply, in cents.
    pub price_cents_per_foot: f64,
}

/// One board of a header.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "made", rename_all = "snake_case")]
pub enum Board {
    /// Sawn lumber.
    Sawn {
        /// Species group.
        species: Species,
        /// Grade.
        grade: Grade,
        /// Nominal thickness.
        thickness: Thickness,
        /// Nominal depth.
        nominal_depth: Depth,
    },
    /// Engineered lumber.
    Engineered {
        /// Stress class.
        class: EngineeredClass,
        /// Width of a ply.
        ply_width: TypedLength,
        /// Depth.
        depth: TypedLength,
    },
    /// Lumber with the user's own values, from the sheet that came with it. Stresses are whole psi.
    Sheet {
        /// What the user calls it.
        sheet_name: String,
        /// Fb.
        bending_psi: u32,
        /// Fv.
        shear_psi: u32,
        /// Fc⊥.
        bearing_psi: u32,
        /// E.
        stiffness_psi: u32,
        /// Emin.
        stability_stiffness_psi: u32,
        /// Weight, lb/ft³.
        density_pcf: u32,
        /// Width of a ply.
        ply_width: TypedLength,
        /// Depth.
        depth: TypedLength,
    },
}

/// A header: so many plies of one board.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Header {
    /// What each ply is.
    pub board: Board,
    /// How many plies.
    pub plies: u8,
}

/// A wall.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Wall {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// Its frame.
    pub frame: WallFrame,
    /// What was looked at to find out whether it bears.
    #[serde(default)]
    pub evidence: Evidence,
    /// What comes down on it.
    pub carries: Carries,
    /// Its openings.
    pub openings: Vec<Opening>,
    /// Point loads on its top plate.
    pub point_loads: Vec<PointLoad>,
}

/// A wall's frame.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct WallFrame {
    /// Its name.
    pub name: String,
    /// Length along the plates.
    pub length: TypedLength,
    /// Height over all plates.
    pub height: TypedLength,
    /// Species of the studs.
    pub stud_species: Species,
    /// Grade of the studs.
    pub stud_grade: Grade,
    /// Nominal depth of the studs.
    pub stud_depth: Depth,
    /// Stud layout, center to center.
    pub spacing: TypedLength,
    /// Species of the plates.
    pub plate_species: Species,
    /// How its plates, ends and crossing walls are framed.
    #[serde(default)]
    pub framing: FramingOptions,
}

/// How a wall's plates, ends and crossing walls are framed. What is left out is as usual.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(default)]
pub struct FramingOptions {
    /// From which end the stud layout is pulled.
    pub layout_from: End,
    /// How the left end is built.
    pub left_end: WallEnd,
    /// How the right end is built.
    pub right_end: WallEnd,
    /// Crossing walls.
    pub partitions: Vec<Partition>,
    /// The longest board that plates are cut from.
    pub plate_stock: TypedLength,
    /// How far a break in one top plate stays from a break in the other.
    pub breaks_apart: TypedLength,
    /// Anchor bolts of a wall on concrete, at most so far apart; left out on a wood floor.
    pub bolts: Option<TypedLength>,
}

impl Default for FramingOptions {
    fn default() -> Self {
        Self::from(&job::FramingOptions::default())
    }
}

/// A wall that meets this one from the inside.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Partition {
    /// Its center, from this wall's left end.
    pub partition_at: TypedLength,
    /// Nominal depth of its studs.
    pub partition_depth: Depth,
}

/// What was looked at to find out whether a wall bears.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Evidence {
    /// Floor or ceiling joists end or lap on it.
    pub joists_land: Seen,
    /// Rafters, trusses or a ridge post land on it.
    pub roof_lands: Seen,
    /// A wall, post or beam above stands on it.
    pub stands_above: Seen,
    /// A girder, wall or footing runs below it.
    pub support_below: Seen,
}

impl Default for Evidence {
    fn default() -> Self {
        Self::from(&loads::BearingEvidence::default())
    }
}

/// What a wall carries.
#[derive(Clone, Debug, Default, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(from = "CarriesForm")]
pub struct Carries {
    /// Whether framing lands on it at all.
    pub bearing: bool,
    /// What lands on it.
    pub items: Vec<CarriedItem>,
}

/// Something that lands on a wall.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct CarriedItem {
    /// Where it starts along the wall; all along where both ends are left out.
    pub from: Option<TypedLength>,
    /// Where it ends.
    pub to: Option<TypedLength>,
    /// What it is.
    pub what: CarriedFraming,
}

/// Framing that lands on a wall.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "kind", rename_all = "snake_case")]
pub enum CarriedFraming {
    /// A roof.
    Roof(Roof),
    /// A post under a ridge beam.
    RidgePost(RidgePost),
    /// A floor or deck.
    Floor(Floor),
    /// A wall.
    WallAbove(WallAbove),
    /// The triangle of a gable wall.
    Gable(Gable),
}

/// What a wall carries, as it is written now and as it was before a wall could carry more than one of a kind. The log of
/// older jobs holds the older form.
#[derive(Deserialize)]
struct CarriesForm {
    bearing: bool,
    #[serde(default)]
    items: Vec<CarriedItem>,
    roof: Option<Roof>,
    floor: Option<Floor>,
    wall_above: Option<WallAbove>,
}

impl From<CarriesForm> for Carries {
    fn from(form: CarriesForm) -> Self {
        let before = [
            form.roof.map(CarriedFraming::Roof),
            form.floor.map(CarriedFraming::Floor),
            form.wall_above.map(CarriedFraming::WallAbove),
        ];
        let mut items = form.items;
        items.extend(before.into_iter().flatten().map(|what| CarriedItem { from: None, to: None, what }));
        Self { bearing: form.bearing, items }
    }
}

/// A roof on a wall. Pressures are lb/ft².
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Roof {
    /// How it reaches the wall.
    pub framing: RoofFraming,
    /// Width of the building across the ridge.
    pub building_width: TypedLength,
    /// Overhang past the wall.
    pub overhang: TypedLength,
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Distance between trusses or rafters; counts where they are parallel to the wall.
    #[serde(default = "usual_rafter_bay")]
    pub bay: TypedLength,
    /// Roof dead load.
    pub roof_dead: f64,
    /// Ceiling dead load.
    pub ceiling_dead: f64,
    /// Attic live load.
    pub attic_live: f64,
    /// What else the snow does.
    #[serde(default = "no_snow_trouble")]
    pub snow_trouble: SnowTrouble,
}

fn usual_rafter_bay() -> TypedLength {
    Length::inches(24).into()
}

const fn no_snow_trouble() -> SnowTrouble {
    SnowTrouble::None
}

/// A post under a ridge beam.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct RidgePost {
    /// Its center, from the wall's left end.
    pub at: TypedLength,
    /// Width of the building across the ridge.
    pub building_width: TypedLength,
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Span of the ridge beam on one side.
    pub span_one_side: TypedLength,
    /// Span on the other side; zero at the beam's end.
    pub span_other_side: TypedLength,
    /// Roof dead load, lb/ft².
    pub roof_dead: f64,
}

/// The triangle of a gable wall, its peak in the middle of its stretch.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Gable {
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Its weight, lb/ft² of face.
    pub gable_dead: f64,
}

/// A floor on a wall. Pressures are lb/ft².
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Floor {
    /// What it is for.
    #[serde(default = "living_space")]
    pub floor_use: FloorUse,
    /// How its joists bear.
    #[serde(default = "simple_joists")]
    pub floor_framing: FloorFraming,
    /// Joist span on one side.
    pub span_one_side: TypedLength,
    /// Joist span on the other side, or of the next span; zero for an outside wall. For a cantilever, the tail.
    pub span_other_side: TypedLength,
    /// Distance between joists; counts where they are parallel to the wall.
    #[serde(default = "usual_joist_bay")]
    pub bay: TypedLength,
    /// Dead load.
    pub floor_dead: f64,
    /// Live load.
    pub floor_live: f64,
}

fn usual_joist_bay() -> TypedLength {
    Length::inches(16).into()
}

const fn living_space() -> FloorUse {
    FloorUse::Living
}

const fn simple_joists() -> FloorFraming {
    FloorFraming::Simple
}

/// A wall standing on a wall.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct WallAbove {
    /// Its height.
    pub wall_above_height: TypedLength,
    /// Its weight, lb/ft² of face.
    pub wall_above_dead: f64,
}

/// An opening.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Opening {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// Its design.
    pub design: Design,
    /// Jacks decided by somebody, left end.
    pub jacks_left: Option<Decided>,
    /// Jacks decided by somebody, right end.
    pub jacks_right: Option<Decided>,
    /// Kings decided by somebody, left end.
    pub kings_left: Option<Decided>,
    /// Kings decided by somebody, right end.
    pub kings_right: Option<Decided>,
}

/// What an opening is and how it is to be framed.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Design {
    /// Kind.
    pub kind: OpeningKind,
    /// The unit's width.
    pub unit_width: TypedLength,
    /// The unit's height.
    pub unit_height: TypedLength,
    /// Rough width its maker asks for; the rule for its kind where both are left out.
    pub rough_width: Option<TypedLength>,
    /// Rough height its maker asks for.
    pub rough_height: Option<TypedLength>,
    /// Center of the rough opening, from the wall's left end.
    pub center: TypedLength,
    /// Bottom of the rough opening above the subfloor.
    pub sill: TypedLength,
    /// Where the header hangs.
    pub place: HeaderPlace,
    /// How its underside is finished.
    pub underside: Underside,
    /// The header; the one the job's school leads to where it is left out.
    pub header: Option<Header>,
    /// What is out of the usual.
    #[serde(default)]
    pub options: DesignOptions,
}

/// What of an opening is out of the usual.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(default)]
pub struct DesignOptions {
    /// What resists rolling over where the top edge is free.
    pub acting: TopEdgeWidth,
    /// Dry or wet.
    pub service: Service,
    /// How the header sits on its jacks.
    pub seat: JackSeat,
    /// What takes it out of the ordinary.
    pub special: SpecialCase,
    /// How the header runs on past its left pack.
    pub past_left: Option<RunPast>,
    /// How the header runs on past its right pack.
    pub past_right: Option<RunPast>,
    /// Posts within the opening, at most two.
    pub posts: Vec<PostUnder>,
}

impl Default for DesignOptions {
    fn default() -> Self {
        let size = job::Size { width: Length::ZERO, height: Length::ZERO };
        Self::from(&job::OpeningDesign::usual(job::OpeningKind::Window, size))
    }
}

/// How a header runs on past its pack.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct RunPast {
    /// How far past the face of the opening.
    pub run_past: TypedLength,
    /// Studs under its far end; none where it ends free.
    pub far_studs: u8,
}

/// A post under a header.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct PostUnder {
    /// Its center, from the left face of the opening.
    pub post_at: TypedLength,
    /// Studs in it.
    pub post_studs: u8,
}

/// A count somebody decided.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Decided {
    /// How many.
    pub count: u8,
    /// Why.
    pub reason: String,
}

/// A point load on the top plate, lb.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct PointLoad {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// What brings it.
    pub name: String,
    /// Its center, from the wall's left end.
    pub at: TypedLength,
    /// Dead.
    pub dead: f64,
    /// Floor live.
    pub floor_live: f64,
    /// Roof live.
    pub roof_live: f64,
    /// Snow.
    pub snow: f64,
}

impl Job {
    /// The same job with a new identity for every wall, opening and point load.
    #[must_use]
    pub fn with_new_identities(mut self) -> Self {
        let anew = || Some(Uuid::new_v4());
        for wall in &mut self.walls {
            wall.id = anew();
            wall.openings.iter_mut().for_each(|opening| opening.id = anew());
            wall.point_loads.iter_mut().for_each(|load| load.id = anew());
        }
        self
    }
}

/// Raw input that becomes a core value, or says which field is wrong.
pub trait Resolve {
    /// The core's type.
    type Core;
    /// Reads every field.
    ///
    /// # Errors
    /// [`FieldError`] for the first field that cannot be read.
    fn resolve(&self) -> Result<Self::Core, FieldError>;
}

/// The identity. Whoever adds something gives it one before it is resolved.
fn identity(id: Option<Uuid>) -> Result<u128, FieldError> {
    id.map(|id| id.as_u128()).ok_or_else(|| FieldError::new("id", "The id is missing."))
}

impl Resolve for Settings {
    type Core = job::Settings;
    fn resolve(&self) -> Result<job::Settings, FieldError> {
        let snow = Pressure::psf(self.snow);
        let basis = match self.snow_basis {
            SnowBasis::Ground => loads::SnowBasis::Ground(snow),
            SnowBasis::Roof => loads::SnowBasis::Roof(snow),
        };
        Ok(job::Settings {
            site: loads::SiteLoads {
                snow: loads::SiteSnow {
                    basis,
                    edition: self.snow_edition.into(),
                    exposure: self.snow_exposure,
                    thermal: self.snow_thermal,
                    importance: self.snow_importance,
                    unbalanced: self.unbalanced_snow,
                    winter_wind: self.winter_wind,
                },
                roof_live: Pressure::psf(self.roof_live),
            },
            wind: self.wind.resolve()?,
            live_deflection_limit: self.live_deflection_limit,
            total_deflection_limit: self.total_deflection_limit,
            creep: self.creep,
            most_sag_over_door: maybe("most_sag_over_door", self.most_sag_over_door.as_ref())?,
            king_deflection_limit: self.king_deflection_limit,
            king_table: self.king_table.into(),
            school: self.school.into(),
            aim: self.aim.into(),
            margin: self.margin.into(),
            shop: ShopRules {
                doubles_jacks_from: maybe("shop_doubles_jacks_from", self.shop_doubles_jacks_from.as_ref())?,
                doubles_kings_from: maybe("shop_doubles_kings_from", self.shop_doubles_kings_from.as_ref())?,
                headers: self.shop_headers.iter().map(Resolve::resolve).collect::<Result<_, _>>()?,
            },
        })
    }
}

/// A length that may be left out.
fn maybe(field: &str, length: Option<&TypedLength>) -> Result<Option<Length>, FieldError> {
    length.map(|length| length.read(field)).transpose()
}

impl From<&job::Settings> for Settings {
    fn from(settings: &job::Settings) -> Self {
        let snow = &settings.site.snow;
        let (snow_basis, amount) = match snow.basis {
            loads::SnowBasis::Ground(amount) => (SnowBasis::Ground, amount),
            loads::SnowBasis::Roof(amount) => (SnowBasis::Roof, amount),
        };
        Self {
            snow_basis,
            snow: amount.to_psf(),
            snow_edition: snow.edition.into(),
            snow_exposure: snow.exposure,
            snow_thermal: snow.thermal,
            snow_importance: snow.importance,
            unbalanced_snow: snow.unbalanced,
            winter_wind: snow.winter_wind,
            roof_live: settings.site.roof_live.to_psf(),
            wind: (&settings.wind).into(),
            live_deflection_limit: settings.live_deflection_limit,
            total_deflection_limit: settings.total_deflection_limit,
            creep: settings.creep,
            most_sag_over_door: settings.most_sag_over_door.map(Into::into),
            king_deflection_limit: settings.king_deflection_limit,
            king_table: settings.king_table.into(),
            school: settings.school.into(),
            aim: settings.aim.into(),
            margin: settings.margin.into(),
            shop_doubles_jacks_from: settings.shop.doubles_jacks_from.map(Into::into),
            shop_doubles_kings_from: settings.shop.doubles_kings_from.map(Into::into),
            shop_headers: settings.shop.headers.iter().map(Into::into).collect(),
        }
    }
}

impl Resolve for ShopHeader {
    type Core = schools::ShopHeader;
    fn resolve(&self) -> Result<schools::ShopHeader, FieldError> {
        Ok(schools::ShopHeader {
            up_to: maybe("up_to", self.up_to.as_ref())?,
            building_up_to: maybe("building_up_to", self.building_up_to.as_ref())?,
            header: self.header.resolve()?,
        })
    }
}

impl From<&schools::ShopHeader> for ShopHeader {
    fn from(rule: &schools::ShopHeader) -> Self {
        Self {
            up_to: rule.up_to.map(Into::into),
            building_up_to: rule.building_up_to.map(Into::into),
            header: rule.header.into(),
        }
    }
}

impl Resolve for KingWind {
    type Core = job::KingWindBasis;
    fn resolve(&self) -> Result<job::KingWindBasis, FieldError> {
        Ok(match self {
            Self::CodeTable => job::KingWindBasis::CodeTableOnly,
            Self::Pressure { psf } => job::KingWindBasis::Pressure(Pressure::psf(*psf)),
            Self::Speed { miles_per_hour, exposure, mean_roof_height } => job::KingWindBasis::Speed(loads::WindSpeed {
                miles_per_hour: *miles_per_hour,
                exposure: (*exposure).into(),
                mean_roof_height: mean_roof_height.read("mean_roof_height")?,
            }),
        })
    }
}

impl From<&job::KingWindBasis> for KingWind {
    fn from(wind: &job::KingWindBasis) -> Self {
        match wind {
            job::KingWindBasis::CodeTableOnly => Self::CodeTable,
            job::KingWindBasis::Pressure(pressure) => Self::Pressure { psf: pressure.to_psf() },
            job::KingWindBasis::Speed(speed) => Self::Speed {
                miles_per_hour: speed.miles_per_hour,
                exposure: speed.exposure.into(),
                mean_roof_height: speed.mean_roof_height.into(),
            },
        }
    }
}

impl Resolve for CodeTable {
    type Core = schools::JurisdictionTable;
    fn resolve(&self) -> Result<schools::JurisdictionTable, FieldError> {
        let row = |row: &CodeTableRow| {
            Ok(schools::JurisdictionRow {
                block: row.block.into(),
                plies: row.plies,
                depth: row.nominal_depth.into(),
                snow: row.snow.map(Pressure::psf),
                width: row.width.read("width")?,
                span: row.span.read("span")?,
                jacks: row.jacks,
            })
        };
        let rows = self.rows.iter().map(row).collect::<Result<_, FieldError>>()?;
        Ok(schools::JurisdictionTable { name: self.name.trim().to_owned(), rows })
    }
}

impl From<&schools::JurisdictionTable> for CodeTable {
    fn from(table: &schools::JurisdictionTable) -> Self {
        let row = |row: &schools::JurisdictionRow| CodeTableRow {
            block: row.block.into(),
            plies: row.plies,
            nominal_depth: row.depth.into(),
            snow: row.snow.map(Pressure::to_psf),
            width: row.width.into(),
            span: row.span.into(),
            jacks: row.jacks,
        };
        Self { name: table.name.clone(), rows: table.rows.iter().map(row).collect() }
    }
}

impl Resolve for Board {
    type Core = lumber::HeaderBoard;
    fn resolve(&self) -> Result<lumber::HeaderBoard, FieldError> {
        Ok(match self {
            Self::Sawn { species, grade, thickness, nominal_depth } => lumber::HeaderBoard::Sawn {
                species: (*species).into(),
                grade: (*grade).into(),
                size: lumber::SawnSize { thickness: (*thickness).into(), depth: (*nominal_depth).into() },
            },
            Self::Engineered { class, ply_width, depth } => lumber::HeaderBoard::Engineered {
                class: (*class).into(),
                ply_width: ply_width.read("ply_width")?,
                depth: depth.read("depth")?,
            },
            Self::Sheet {
                sheet_name,
                bending_psi,
                shear_psi,
                bearing_psi,
                stiffness_psi,
                stability_stiffness_psi,
                density_pcf,
                ply_width,
                depth,
            } => {
                let name = lumber::sheet::Name::from(sheet_name.trim()).map_err(|_| {
                    let message = format!("The sheet's name can be at most {LONGEST_SHEET_NAME} bytes long.");
                    FieldError::new("sheet_name", message)
                })?;
                lumber::HeaderBoard::Sheet {
                    values: lumber::SheetValues {
                        name,
                        bending_psi: *bending_psi,
                        shear_psi: *shear_psi,
                        bearing_psi: *bearing_psi,
                        stiffness_psi: *stiffness_psi,
                        stability_stiffness_psi: *stability_stiffness_psi,
                        density_pcf: *density_pcf,
                    },
                    ply_width: ply_width.read("ply_width")?,
                    depth: depth.read("depth")?,
                }
            }
        })
    }
}

impl From<lumber::HeaderBoard> for Board {
    fn from(board: lumber::HeaderBoard) -> Self {
        match board {
            lumber::HeaderBoard::Sawn { species, grade, size } => Self::Sawn {
                species: species.into(),
                grade: grade.into(),
                thickness: size.thickness.into(),
                nominal_depth: size.depth.into(),
            },
            lumber::HeaderBoard::Engineered { class, ply_width, depth } => {
                Self::Engineered { class: class.into(), ply_width: ply_width.into(), depth: depth.into() }
            }
            lumber::HeaderBoard::Sheet { values, ply_width, depth } => Self::Sheet {
                sheet_name: values.name.to_string(),
                bending_psi: values.bending_psi,
                shear_psi: values.shear_psi,
                bearing_psi: values.bearing_psi,
                stiffness_psi: values.stiffness_psi,
                stability_stiffness_psi: values.stability_stiffness_psi,
                density_pcf: values.density_pcf,
                ply_width: ply_width.into(),
                depth: depth.into(),
            },
        }
    }
}

impl Resolve for Header {
    type Core = lumber::HeaderSpec;
    fn resolve(&self) -> Result<lumber::HeaderSpec, FieldError> {
        Ok(lumber::HeaderSpec { board: self.board.resolve()?, plies: self.plies })
    }
}

impl From<lumber::HeaderSpec> for Header {
    fn from(header: lumber::HeaderSpec) -> Self {
        Self { board: header.board.into(), plies: header.plies }
    }
}

impl Resolve for StockItem {
    type Core = StockBoard;
    fn resolve(&self) -> Result<StockBoard, FieldError> {
        Ok(StockBoard { board: self.board.resolve()?, price_per_foot: Money::cents(self.price_cents_per_foot) })
    }
}

impl From<&StockBoard> for StockItem {
    fn from(item: &StockBoard) -> Self {
        Self { board: item.board.into(), price_cents_per_foot: item.price_per_foot.to_cents() }
    }
}

impl Resolve for WallFrame {
    type Core = job::WallFrame;
    fn resolve(&self) -> Result<job::WallFrame, FieldError> {
        Ok(job::WallFrame {
            name: self.name.trim().to_owned(),
            length: self.length.read("length")?,
            height: self.height.read("height")?,
            stud: JackLumber {
                species: self.stud_species.into(),
                grade: self.stud_grade.into(),
                depth: self.stud_depth.into(),
            },
            spacing: self.spacing.read("spacing")?,
            plate_species: self.plate_species.into(),
            framing: self.framing.resolve()?,
        })
    }
}

impl From<&job::WallFrame> for WallFrame {
    fn from(frame: &job::WallFrame) -> Self {
        Self {
            name: frame.name.clone(),
            length: frame.length.into(),
            height: frame.height.into(),
            stud_species: frame.stud.species.into(),
            stud_grade: frame.stud.grade.into(),
            stud_depth: frame.stud.depth.into(),
            spacing: frame.spacing.into(),
            plate_species: frame.plate_species.into(),
            framing: (&frame.framing).into(),
        }
    }
}

impl Resolve for FramingOptions {
    type Core = job::FramingOptions;
    fn resolve(&self) -> Result<job::FramingOptions, FieldError> {
        let partition = |partition: &Partition| {
            Ok(job::Partition {
                at: partition.partition_at.read("partition_at")?,
                depth: partition.partition_depth.into(),
            })
        };
        Ok(job::FramingOptions {
            layout_from: self.layout_from.into(),
            ends: Ends { left: self.left_end.into(), right: self.right_end.into() },
            partitions: self.partitions.iter().map(partition).collect::<Result<_, FieldError>>()?,
            plate_stock: self.plate_stock.read("plate_stock")?,
            breaks_apart: self.breaks_apart.read("breaks_apart")?,
            bolts: maybe("bolts", self.bolts.as_ref())?,
        })
    }
}

impl From<&job::FramingOptions> for FramingOptions {
    fn from(options: &job::FramingOptions) -> Self {
        let partition = |partition: &job::Partition| Partition {
            partition_at: partition.at.into(),
            partition_depth: partition.depth.into(),
        };
        Self {
            layout_from: options.layout_from.into(),
            left_end: options.ends.left.into(),
            right_end: options.ends.right.into(),
            partitions: options.partitions.iter().map(partition).collect(),
            plate_stock: options.plate_stock.into(),
            breaks_apart: options.breaks_apart.into(),
            bolts: options.bolts.map(Into::into),
        }
    }
}

impl Resolve for Evidence {
    type Core = loads::BearingEvidence;
    fn resolve(&self) -> Result<loads::BearingEvidence, FieldError> {
        Ok(loads::BearingEvidence {
            joists_land: self.joists_land.into(),
            roof_lands: self.roof_lands.into(),
            stands_above: self.stands_above.into(),
            support_below: self.support_below.into(),
        })
    }
}

impl From<&loads::BearingEvidence> for Evidence {
    fn from(evidence: &loads::BearingEvidence) -> Self {
        Self {
            joists_land: evidence.joists_land.into(),
            roof_lands: evidence.roof_lands.into(),
            stands_above: evidence.stands_above.into(),
            support_below: evidence.support_below.into(),
        }
    }
}

impl Resolve for Carries {
    type Core = loads::WallCarries;
    fn resolve(&self) -> Result<loads::WallCarries, FieldError> {
        if !self.bearing {
            return Ok(loads::WallCarries::Nothing);
        }
        Ok(loads::WallCarries::Framing(self.items.iter().map(Resolve::resolve).collect::<Result<_, _>>()?))
    }
}

impl From<&loads::WallCarries> for Carries {
    fn from(carries: &loads::WallCarries) -> Self {
        match carries {
            loads::WallCarries::Nothing => Self::default(),
            loads::WallCarries::Framing(items) => Self { bearing: true, items: items.iter().map(Into::into).collect() },
        }
    }
}

impl Resolve for CarriedItem {
    type Core = loads::Carried;
    fn resolve(&self) -> Result<loads::Carried, FieldError> {
        let extent = match (&self.from, &self.to) {
            (None, None) => None,
            (Some(from), Some(to)) => Some((from.read("from")?, to.read("to")?)),
            (None, Some(_)) => return Err(FieldError::new("from", "Say where it starts as well as where it ends.")),
            (Some(_), None) => return Err(FieldError::new("to", "Say where it ends as well as where it starts.")),
        };
        let framing = match &self.what {
            CarriedFraming::Roof(roof) => loads::Framing::Roof(roof.resolve()?),
            CarriedFraming::RidgePost(post) => loads::Framing::RidgePost(post.resolve()?),
            CarriedFraming::Floor(floor) => loads::Framing::Floor(floor.resolve()?),
            CarriedFraming::WallAbove(wall) => loads::Framing::WallAbove(wall.resolve()?),
            CarriedFraming::Gable(gable) => loads::Framing::Gable(loads::GableAbove {
                rise_in_twelve: gable.rise_in_twelve,
                dead: Pressure::psf(gable.gable_dead),
            }),
        };
        Ok(loads::Carried { framing, extent })
    }
}

impl From<&loads::Carried> for CarriedItem {
    fn from(item: &loads::Carried) -> Self {
        let what = match &item.framing {
            loads::Framing::Roof(roof) => CarriedFraming::Roof(roof.into()),
            loads::Framing::RidgePost(post) => CarriedFraming::RidgePost(post.into()),
            loads::Framing::Floor(floor) => CarriedFraming::Floor(floor.into()),
            loads::Framing::WallAbove(wall) => CarriedFraming::WallAbove(wall.into()),
            loads::Framing::Gable(gable) => {
                CarriedFraming::Gable(Gable { rise_in_twelve: gable.rise_in_twelve, gable_dead: gable.dead.to_psf() })
            }
        };
        Self { from: item.extent.map(|(from, _)| from.into()), to: item.extent.map(|(_, to)| to.into()), what }
    }
}

impl Resolve for RidgePost {
    type Core = loads::RidgePost;
    fn resolve(&self) -> Result<loads::RidgePost, FieldError> {
        Ok(loads::RidgePost {
            at: self.at.read("at")?,
            building_width: self.building_width.read("building_width")?,
            rise_in_twelve: self.rise_in_twelve,
            span_one_side: self.span_one_side.read("span_one_side")?,
            span_other_side: self.span_other_side.read("span_other_side")?,
            roof_dead: Pressure::psf(self.roof_dead),
        })
    }
}

impl From<&loads::RidgePost> for RidgePost {
    fn from(post: &loads::RidgePost) -> Self {
        Self {
            at: post.at.into(),
            building_width: post.building_width.into(),
            rise_in_twelve: post.rise_in_twelve,
            span_one_side: post.span_one_side.into(),
            span_other_side: post.span_other_side.into(),
            roof_dead: post.roof_dead.to_psf(),
        }
    }
}

impl Resolve for Roof {
    type Core = loads::RoofOnWall;
    fn resolve(&self) -> Result<loads::RoofOnWall, FieldError> {
        Ok(loads::RoofOnWall {
            framing: self.framing.into(),
            building_width: self.building_width.read("building_width")?,
            overhang: self.overhang.read("overhang")?,
            rise_in_twelve: self.rise_in_twelve,
            bay: self.bay.read("bay")?,
            roof_dead: Pressure::psf(self.roof_dead),
            ceiling_dead: Pressure::psf(self.ceiling_dead),
            attic_live: Pressure::psf(self.attic_live),
            snow_trouble: self.snow_trouble.into(),
        })
    }
}

impl From<&loads::RoofOnWall> for Roof {
    fn from(roof: &loads::RoofOnWall) -> Self {
        Self {
            framing: roof.framing.into(),
            building_width: roof.building_width.into(),
            overhang: roof.overhang.into(),
            rise_in_twelve: roof.rise_in_twelve,
            bay: roof.bay.into(),
            roof_dead: roof.roof_dead.to_psf(),
            ceiling_dead: roof.ceiling_dead.to_psf(),
            attic_live: roof.attic_live.to_psf(),
            snow_trouble: roof.snow_trouble.into(),
        }
    }
}

impl Resolve for Floor {
    type Core = loads::FloorOnWall;
    fn resolve(&self) -> Result<loads::FloorOnWall, FieldError> {
        Ok(loads::FloorOnWall {
            use_: self.floor_use.into(),
            framing: self.floor_framing.into(),
            span_one_side: self.span_one_side.read("span_one_side")?,
            span_other_side: self.span_other_side.read("span_other_side")?,
            bay: self.bay.read("bay")?,
            dead: Pressure::psf(self.floor_dead),
            live: Pressure::psf(self.floor_live),
        })
    }
}

impl From<&loads::FloorOnWall> for Floor {
    fn from(floor: &loads::FloorOnWall) -> Self {
        Self {
            floor_use: floor.use_.into(),
            floor_framing: floor.framing.into(),
            span_one_side: floor.span_one_side.into(),
            span_other_side: floor.span_other_side.into(),
            bay: floor.bay.into(),
            floor_dead: floor.dead.to_psf(),
            floor_live: floor.live.to_psf(),
        }
    }
}

impl Resolve for WallAbove {
    type Core = loads::WallAbove;
    fn resolve(&self) -> Result<loads::WallAbove, FieldError> {
        Ok(loads::WallAbove {
            height: self.wall_above_height.read("wall_above_height")?,
            dead: Pressure::psf(self.wall_above_dead),
        })
    }
}

impl From<&loads::WallAbove> for WallAbove {
    fn from(wall: &loads::WallAbove) -> Self {
        Self { wall_above_height: wall.height.into(), wall_above_dead: wall.dead.to_psf() }
    }
}

impl Resolve for Design {
    type Core = job::OpeningDesign;
    fn resolve(&self) -> Result<job::OpeningDesign, FieldError> {
        let rough = match (&self.rough_width, &self.rough_height) {
            (None, None) => None,
            (Some(width), Some(height)) => {
                Some(job::Size { width: width.read("rough_width")?, height: height.read("rough_height")? })
            }
            (None, Some(_)) => {
                return Err(FieldError::new("rough_width", "Give the rough opening's width as well as its height."));
            }
            (Some(_), None) => {
                return Err(FieldError::new("rough_height", "Give the rough opening's height as well as its width."));
            }
        };
        Ok(job::OpeningDesign {
            kind: self.kind.into(),
            unit: job::Size {
                width: self.unit_width.read("unit_width")?,
                height: self.unit_height.read("unit_height")?,
            },
            rough,
            center: self.center.read("center")?,
            sill: self.sill.read("sill")?,
            place: self.place.into(),
            underside: self.underside.into(),
            header: match &self.header {
                Some(header) => job::HeaderChoice::Chosen(header.resolve()?),
                None => job::HeaderChoice::BySchool,
            },
            acting: self.options.acting.into(),
            service: self.options.service.into(),
            seat: self.options.seat.into(),
            run: self.options.run()?,
            special: self.options.special.into(),
        })
    }
}

impl From<&job::OpeningDesign> for Design {
    fn from(design: &job::OpeningDesign) -> Self {
        Self {
            kind: design.kind.into(),
            unit_width: design.unit.width.into(),
            unit_height: design.unit.height.into(),
            rough_width: design.rough.map(|rough| rough.width.into()),
            rough_height: design.rough.map(|rough| rough.height.into()),
            center: design.center.into(),
            sill: design.sill.into(),
            place: design.place.into(),
            underside: design.underside.into(),
            header: match design.header {
                job::HeaderChoice::BySchool => None,
                job::HeaderChoice::Chosen(header) => Some(header.into()),
            },
            options: design.into(),
        }
    }
}

impl DesignOptions {
    fn run(&self) -> Result<job::RunDesign, FieldError> {
        let past = |past: &Option<RunPast>| -> Result<Option<job::RunPast>, FieldError> {
            let Some(past) = past else { return Ok(None) };
            Ok(Some(job::RunPast { length: past.run_past.read("run_past")?, far_studs: past.far_studs }))
        };
        let mut posts = [None; 2];
        if posts.len() < self.posts.len() {
            return Err(FieldError::new("posts", "A header can have at most two posts within its opening."));
        }
        for (place, post) in posts.iter_mut().zip(&self.posts) {
            *place = Some(sizing::Post { at: post.post_at.read("post_at")?, studs: post.post_studs });
        }
        Ok(job::RunDesign { past: Ends { left: past(&self.past_left)?, right: past(&self.past_right)? }, posts })
    }
}

impl From<&job::OpeningDesign> for DesignOptions {
    fn from(design: &job::OpeningDesign) -> Self {
        let past = |past: Option<job::RunPast>| {
            past.map(|past| RunPast { run_past: past.length.into(), far_studs: past.far_studs })
        };
        let post = |post: &sizing::Post| PostUnder { post_at: post.at.into(), post_studs: post.studs };
        Self {
            acting: design.acting.into(),
            service: design.service.into(),
            seat: design.seat.into(),
            special: design.special.into(),
            past_left: past(design.run.past.left),
            past_right: past(design.run.past.right),
            posts: design.run.posts.iter().flatten().map(post).collect(),
        }
    }
}

impl From<&Decided> for job::CountOverride {
    fn from(decided: &Decided) -> Self {
        Self { count: decided.count, reason: decided.reason.trim().to_owned() }
    }
}

impl From<&job::CountOverride> for Decided {
    fn from(decided: &job::CountOverride) -> Self {
        Self { count: decided.count, reason: decided.reason.clone() }
    }
}

impl Resolve for Opening {
    type Core = job::Opening;
    fn resolve(&self) -> Result<job::Opening, FieldError> {
        let ends = |left: &Option<Decided>, right: &Option<Decided>| Ends {
            left: left.as_ref().map(Into::into),
            right: right.as_ref().map(Into::into),
        };
        Ok(job::Opening {
            id: OpeningId(identity(self.id)?),
            design: self.design.resolve()?,
            jacks: ends(&self.jacks_left, &self.jacks_right),
            kings: ends(&self.kings_left, &self.kings_right),
        })
    }
}

impl From<&job::Opening> for Opening {
    fn from(opening: &job::Opening) -> Self {
        let decided = |decided: &Option<job::CountOverride>| decided.as_ref().map(Into::into);
        Self {
            id: Some(Uuid::from_u128(opening.id.0)),
            design: (&opening.design).into(),
            jacks_left: decided(&opening.jacks.left),
            jacks_right: decided(&opening.jacks.right),
            kings_left: decided(&opening.kings.left),
            kings_right: decided(&opening.kings.right),
        }
    }
}

impl Resolve for PointLoad {
    type Core = job::PointLoad;
    fn resolve(&self) -> Result<job::PointLoad, FieldError> {
        let amount =
            ByKind { dead: self.dead, floor_live: self.floor_live, roof_live: self.roof_live, snow: self.snow };
        Ok(job::PointLoad {
            id: PointLoadId(identity(self.id)?),
            name: self.name.trim().to_owned(),
            at: self.at.read("at")?,
            amount: amount.map(Force::lbf),
        })
    }
}

impl From<&job::PointLoad> for PointLoad {
    fn from(load: &job::PointLoad) -> Self {
        let ByKind { dead, floor_live, roof_live, snow } = load.amount.map(|force| force.to_lbf());
        Self {
            id: Some(Uuid::from_u128(load.id.0)),
            name: load.name.clone(),
            at: load.at.into(),
            dead,
            floor_live,
            roof_live,
            snow,
        }
    }
}

impl Resolve for Wall {
    type Core = job::Wall;
    fn resolve(&self) -> Result<job::Wall, FieldError> {
        Ok(job::Wall {
            id: WallId(identity(self.id)?),
            frame: self.frame.resolve()?,
            evidence: self.evidence.resolve()?,
            carries: self.carries.resolve()?,
            openings: self.openings.iter().map(Resolve::resolve).collect::<Result<_, _>>()?,
            point_loads: self.point_loads.iter().map(Resolve::resolve).collect::<Result<_, _>>()?,
        })
    }
}

impl From<&job::Wall> for Wall {
    fn from(wall: &job::Wall) -> Self {
        Self {
            id: Some(Uuid::from_u128(wall.id.0)),
            frame: (&wall.frame).into(),
            evidence: (&wall.evidence).into(),
            carries: (&wall.carries).into(),
            openings: wall.openings.iter().map(Into::into).collect(),
            point_loads: wall.point_loads.iter().map(Into::into).collect(),
        }
    }
}

impl Resolve for Job {
    type Core = job::Job;
    fn resolve(&self) -> Result<job::Job, FieldError> {
        Ok(job::Job {
            name: self.name.trim().to_owned(),
            settings: self.settings.resolve()?,
            stock: self.stock.iter().map(Resolve::resolve).collect::<Result<_, _>>()?,
            code_table: self.code_table.as_ref().map(Resolve::resolve).transpose()?,
            walls: self.walls.iter().map(Resolve::resolve).collect::<Result<_, _>>()?,
        })
    }
}

impl From<&job::Job> for Job {
    fn from(job: &job::Job) -> Self {
        Self {
            name: job.name.clone(),
            settings: (&job.settings).into(),
            stock: job.stock.iter().map(Into::into).collect(),
            code_table: job.code_table.as_ref().map(Into::into),
            walls: job.walls.iter().map(Into::into).collect(),
        }
    }
}
