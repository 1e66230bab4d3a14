//! A job's inputs on the wire.

use serde::{Deserialize, Serialize};
use sturvek_core::job::{self, OpeningId, PointLoadId, WallId};
use sturvek_core::loads::{self, ByKind};
use sturvek_core::lumber;
use sturvek_core::measure::{Ends, Force, Money, Pressure};
use sturvek_core::sizing::JackLumber;
use sturvek_core::sizing::candidates::StockBoard;
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::{
    Depth, EngineeredClass, Grade, HeaderPlace, KingTable, OpeningKind, RoofFraming, Species, Thickness, Underside,
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
    /// Its walls.
    pub walls: Vec<Wall>,
}

/// Settings of a job.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Settings {
    /// Whether `snow` is ground snow or the user's own roof snow.
    pub snow_basis: SnowBasis,
    /// Snow, lb/ft².
    pub snow: f64,
    /// Roof live load, lb/ft².
    pub roof_live: f64,
    /// Live-load deflection limit: span over this.
    pub live_deflection_limit: f64,
    /// Total deflection limit: span over this.
    pub total_deflection_limit: f64,
    /// Which code table counts kings.
    pub king_table: KingTable,
    /// The shop doubles jacks from this width on.
    pub shop_doubles_jacks_from: Option<TypedLength>,
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
}

/// What a wall carries.
#[derive(Clone, Debug, Default, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Carries {
    /// Whether framing lands on it at all.
    pub bearing: bool,
    /// A roof.
    pub roof: Option<Roof>,
    /// A floor.
    pub floor: Option<Floor>,
    /// A wall standing on it.
    pub wall_above: Option<WallAbove>,
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
    /// Roof dead load.
    pub roof_dead: f64,
    /// Ceiling dead load.
    pub ceiling_dead: f64,
    /// Attic live load.
    pub attic_live: f64,
}

/// A floor on a wall. Pressures are lb/ft².
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Floor {
    /// Joist span on one side.
    pub span_one_side: TypedLength,
    /// Joist span on the other side; zero for an outside wall.
    pub span_other_side: TypedLength,
    /// Dead load.
    pub floor_dead: f64,
    /// Live load.
    pub floor_live: f64,
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
    /// The header; the leanest that carries where it is left out.
    pub header: Option<Header>,
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
        let doubles = self.shop_doubles_jacks_from.as_ref();
        Ok(job::Settings {
            site: loads::SiteLoads {
                snow: match self.snow_basis {
                    SnowBasis::Ground => loads::SnowBasis::Ground(snow),
                    SnowBasis::Roof => loads::SnowBasis::Roof(snow),
                },
                roof_live: Pressure::psf(self.roof_live),
            },
            live_deflection_limit: self.live_deflection_limit,
            total_deflection_limit: self.total_deflection_limit,
            king_table: self.king_table.into(),
            shop_doubles_jacks_from: doubles.map(|width| width.read("shop_doubles_jacks_from")).transpose()?,
        })
    }
}

impl From<&job::Settings> for Settings {
    fn from(settings: &job::Settings) -> Self {
        let (snow_basis, snow) = match settings.site.snow {
            loads::SnowBasis::Ground(snow) => (SnowBasis::Ground, snow),
            loads::SnowBasis::Roof(snow) => (SnowBasis::Roof, snow),
        };
        Self {
            snow_basis,
            snow: snow.to_psf(),
            roof_live: settings.site.roof_live.to_psf(),
            live_deflection_limit: settings.live_deflection_limit,
            total_deflection_limit: settings.total_deflection_limit,
            king_table: settings.king_table.into(),
            shop_doubles_jacks_from: settings.shop_doubles_jacks_from.map(Into::into),
        }
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
        }
    }
}

impl Resolve for Carries {
    type Core = loads::WallCarries;
    fn resolve(&self) -> Result<loads::WallCarries, FieldError> {
        if !self.bearing {
            return Ok(loads::WallCarries::Nothing);
        }
        let roof = self.roof.as_ref().map(Resolve::resolve).transpose()?;
        let floor = self.floor.as_ref().map(Resolve::resolve).transpose()?;
        let wall_above = self.wall_above.as_ref().map(Resolve::resolve).transpose()?;
        Ok(loads::WallCarries::Framing(loads::CarriedFraming { roof, floor, wall_above }))
    }
}

impl From<&loads::WallCarries> for Carries {
    fn from(carries: &loads::WallCarries) -> Self {
        match carries {
            loads::WallCarries::Nothing => Self::default(),
            loads::WallCarries::Framing(framing) => Self {
                bearing: true,
                roof: framing.roof.as_ref().map(Into::into),
                floor: framing.floor.as_ref().map(Into::into),
                wall_above: framing.wall_above.as_ref().map(Into::into),
            },
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
            roof_dead: Pressure::psf(self.roof_dead),
            ceiling_dead: Pressure::psf(self.ceiling_dead),
            attic_live: Pressure::psf(self.attic_live),
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
            roof_dead: roof.roof_dead.to_psf(),
            ceiling_dead: roof.ceiling_dead.to_psf(),
            attic_live: roof.attic_live.to_psf(),
        }
    }
}

impl Resolve for Floor {
    type Core = loads::FloorOnWall;
    fn resolve(&self) -> Result<loads::FloorOnWall, FieldError> {
        Ok(loads::FloorOnWall {
            span_one_side: self.span_one_side.read("span_one_side")?,
            span_other_side: self.span_other_side.read("span_other_side")?,
            dead: Pressure::psf(self.floor_dead),
            live: Pressure::psf(self.floor_live),
        })
    }
}

impl From<&loads::FloorOnWall> for Floor {
    fn from(floor: &loads::FloorOnWall) -> Self {
        Self {
            span_one_side: floor.span_one_side.into(),
            span_other_side: floor.span_other_side.into(),
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
                None => job::HeaderChoice::Leanest,
            },
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
                job::HeaderChoice::Leanest => None,
                job::HeaderChoice::Chosen(header) => Some(header.into()),
            },
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
            walls: job.walls.iter().map(Into::into).collect(),
        }
    }
}
