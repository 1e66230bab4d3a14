//! What lands on a wall.

use serde::{Deserialize, Serialize};
use sturvek_core::job::usual_sizes;
use sturvek_core::loads;
use sturvek_core::measure::{Length, LineLoad, Pressure};
use sturvek_core::say;
use utoipa::ToSchema;

use crate::choices::{DeadLoadOn, FloorFraming, FloorUse, RoofFraming, RoofWarmth, SnowTrouble, Tail};
use crate::reading::{Reader, Resolve};
use crate::typed::TypedLength;

/// What a wall carries.
#[derive(Clone, Debug, Default, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Carries {
    /// Whether framing lands on it at all.
    pub bearing: bool,
    /// What lands on it.
    #[serde(default)]
    #[schema(required)]
    pub items: Vec<CarriedItem>,
}

/// Something that lands on a wall.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct CarriedItem {
    /// Where it starts along the wall; all along where both ends are left out.
    pub from: Option<TypedLength>,
    /// Where it ends.
    pub to: Option<TypedLength>,
    /// Whether it stands on the end of a floor's tail.
    #[serde(default)]
    pub on_tail: bool,
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
    /// Whether that is on the level or on the slope.
    #[serde(default = "on_the_level")]
    pub dead_on: DeadLoadOn,
    /// How warm it is; by the job's thermal factor where it is left out.
    #[serde(default = "as_the_job_says")]
    pub warmth: RoofWarmth,
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

const fn on_the_level() -> DeadLoadOn {
    DeadLoadOn::Level
}

const fn as_the_job_says() -> RoofWarmth {
    RoofWarmth::AsTheJobSays
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
    /// Whether the beam runs over the post in one piece.
    #[serde(default)]
    pub runs_over: bool,
    /// The beam's own weight, lb/ft.
    #[serde(default)]
    pub beam_weight: f64,
}

/// The triangle of a gable wall, its peak in the middle of its stretch.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Gable {
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Its weight, lb/ft² of face.
    pub dead: f64,
}

/// A floor on a wall. Pressures are lb/ft².
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Floor {
    /// What it is for.
    #[serde(rename = "use", default = "living_space")]
    pub floor_use: FloorUse,
    /// How its joists bear.
    #[serde(default = "simple_joists")]
    pub framing: FloorFraming,
    /// Joist span on one side.
    pub span_one_side: TypedLength,
    /// Joist span on the other side, or of the next span; zero for an outside wall. For a cantilever, the tail.
    pub span_other_side: TypedLength,
    /// Distance between joists; counts where they are parallel to the wall.
    #[serde(default = "usual_joist_bay")]
    pub bay: TypedLength,
    /// Dead load.
    pub dead: f64,
    /// Live load.
    pub live: f64,
    /// Whether a deck has a roof over it.
    #[serde(default)]
    pub roofed: bool,
    /// What stands on its tail, where it runs past the wall.
    #[serde(default = "nobody_said")]
    pub tail: Tail,
    /// Whether somebody said that no wall stands on it and the roof lands on this wall itself.
    #[serde(default)]
    pub no_wall_above: bool,
}

const fn nobody_said() -> Tail {
    Tail::NotSaid
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
    pub height: TypedLength,
    /// Its weight, lb/ft² of face.
    pub dead: f64,
    /// Its own openings.
    #[serde(default)]
    pub openings_above: OpeningsAbove,
    /// Whether it is of brick or stone.
    #[serde(default)]
    pub brick: bool,
}

/// Openings of a wall above.
#[derive(Clone, Debug, Default, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "are", rename_all = "snake_case")]
pub enum OpeningsAbove {
    /// Nobody said.
    #[default]
    NotSaid,
    /// None, assumed before anybody was asked.
    AssumedNone,
    /// None over this wall's openings.
    None,
    /// At these places.
    At {
        /// From face to face, from this wall's left end; at most six.
        places: Vec<Stretch>,
    },
}

/// A stretch of wall.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Stretch {
    /// Where it starts.
    pub from: TypedLength,
    /// Where it ends.
    pub to: TypedLength,
}

impl Resolve for Carries {
    type Core = loads::WallCarries;
    fn read(&self, reader: &mut Reader) -> loads::WallCarries {
        if !self.bearing {
            return loads::WallCarries::Nothing;
        }
        loads::WallCarries::Framing(reader.parts("items", &self.items))
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
    fn read(&self, reader: &mut Reader) -> loads::Carried {
        let extent = match (&self.from, &self.to) {
            (None, None) => None,
            (Some(from), Some(to)) => Some((reader.length("from", from), reader.length("to", to))),
            (None, Some(_)) => {
                reader.refuse("from", say!("from-missing"));
                None
            }
            (Some(_), None) => {
                reader.refuse("to", say!("to-missing"));
                None
            }
        };
        let framing = reader.under("what", |reader| match &self.what {
            CarriedFraming::Roof(roof) => loads::Framing::Roof(roof.read(reader)),
            CarriedFraming::RidgePost(post) => loads::Framing::RidgePost(post.read(reader)),
            CarriedFraming::Floor(floor) => loads::Framing::Floor(floor.read(reader)),
            CarriedFraming::WallAbove(wall) => loads::Framing::WallAbove(wall.read(reader)),
            CarriedFraming::Gable(gable) => loads::Framing::Gable(loads::GableAbove {
                rise_in_twelve: gable.rise_in_twelve,
                dead: Pressure::psf(gable.dead),
            }),
        });
        loads::Carried { framing, extent, on_tail: self.on_tail }
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
                CarriedFraming::Gable(Gable { rise_in_twelve: gable.rise_in_twelve, dead: gable.dead.to_psf() })
            }
        };
        Self {
            from: item.extent.map(|(from, _)| from.into()),
            to: item.extent.map(|(_, to)| to.into()),
            on_tail: item.on_tail,
            what,
        }
    }
}

impl Resolve for RidgePost {
    type Core = loads::RidgePost;
    fn read(&self, reader: &mut Reader) -> loads::RidgePost {
        loads::RidgePost {
            at: reader.length("at", &self.at),
            building_width: reader.meant("building_width", &self.building_width, usual_sizes::BUILDING_WIDTH),
            rise_in_twelve: self.rise_in_twelve,
            span_one_side: reader.meant("span_one_side", &self.span_one_side, usual_sizes::SPAN),
            span_other_side: reader.meant("span_other_side", &self.span_other_side, usual_sizes::SPAN),
            roof_dead: Pressure::psf(self.roof_dead),
            runs_over: self.runs_over,
            beam_weight: LineLoad::plf(self.beam_weight),
        }
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
            runs_over: post.runs_over,
            beam_weight: post.beam_weight.to_plf(),
        }
    }
}

impl Resolve for Roof {
    type Core = loads::RoofOnWall;
    fn read(&self, reader: &mut Reader) -> loads::RoofOnWall {
        loads::RoofOnWall {
            framing: self.framing.into(),
            building_width: reader.meant("building_width", &self.building_width, usual_sizes::BUILDING_WIDTH),
            overhang: reader.meant("overhang", &self.overhang, usual_sizes::OVERHANG),
            rise_in_twelve: self.rise_in_twelve,
            bay: reader.length("bay", &self.bay),
            roof_dead: Pressure::psf(self.roof_dead),
            dead_on: self.dead_on.into(),
            warmth: self.warmth.into(),
            ceiling_dead: Pressure::psf(self.ceiling_dead),
            attic_live: Pressure::psf(self.attic_live),
            snow_trouble: self.snow_trouble.into(),
        }
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
            dead_on: roof.dead_on.into(),
            warmth: roof.warmth.into(),
            ceiling_dead: roof.ceiling_dead.to_psf(),
            attic_live: roof.attic_live.to_psf(),
            snow_trouble: roof.snow_trouble.into(),
        }
    }
}

impl Resolve for Floor {
    type Core = loads::FloorOnWall;
    fn read(&self, reader: &mut Reader) -> loads::FloorOnWall {
        loads::FloorOnWall {
            use_: self.floor_use.into(),
            framing: self.framing.into(),
            span_one_side: reader.meant("span_one_side", &self.span_one_side, usual_sizes::SPAN),
            span_other_side: reader.meant("span_other_side", &self.span_other_side, usual_sizes::SPAN),
            bay: reader.length("bay", &self.bay),
            dead: Pressure::psf(self.dead),
            live: Pressure::psf(self.live),
            roofed: self.roofed,
            tail: self.tail.into(),
            no_wall_above: self.no_wall_above,
        }
    }
}

impl From<&loads::FloorOnWall> for Floor {
    fn from(floor: &loads::FloorOnWall) -> Self {
        Self {
            floor_use: floor.use_.into(),
            framing: floor.framing.into(),
            span_one_side: floor.span_one_side.into(),
            span_other_side: floor.span_other_side.into(),
            bay: floor.bay.into(),
            dead: floor.dead.to_psf(),
            live: floor.live.to_psf(),
            roofed: floor.roofed,
            tail: floor.tail.into(),
            no_wall_above: floor.no_wall_above,
        }
    }
}

impl Resolve for WallAbove {
    type Core = loads::WallAbove;
    fn read(&self, reader: &mut Reader) -> loads::WallAbove {
        loads::WallAbove {
            height: reader.meant("height", &self.height, usual_sizes::WALL_ABOVE_HEIGHT),
            dead: Pressure::psf(self.dead),
            openings: reader.part("openings_above", &self.openings_above),
            brick: self.brick,
        }
    }
}

impl From<&loads::WallAbove> for WallAbove {
    fn from(wall: &loads::WallAbove) -> Self {
        Self {
            height: wall.height.into(),
            dead: wall.dead.to_psf(),
            openings_above: (&wall.openings).into(),
            brick: wall.brick,
        }
    }
}

impl Resolve for OpeningsAbove {
    type Core = loads::OpeningsAbove;
    fn read(&self, reader: &mut Reader) -> loads::OpeningsAbove {
        let places = match self {
            Self::NotSaid => return loads::OpeningsAbove::NotSaid,
            Self::AssumedNone => return loads::OpeningsAbove::AssumedNone,
            Self::None => return loads::OpeningsAbove::None,
            Self::At { places } => places,
        };
        let mut at = [None; loads::MOST_OPENINGS_ABOVE];
        if at.len() < places.len() {
            let message = say!("too-many-openings-above", most = at.len());
            reader.refuse("places", message);
        }
        let read = reader.each("places", places, |reader, stretch| {
            (reader.length("from", &stretch.from), reader.length("to", &stretch.to))
        });
        for (place, stretch) in at.iter_mut().zip(read) {
            *place = Some(stretch);
        }
        loads::OpeningsAbove::At(at)
    }
}

impl From<&loads::OpeningsAbove> for OpeningsAbove {
    fn from(openings: &loads::OpeningsAbove) -> Self {
        match openings {
            loads::OpeningsAbove::NotSaid => Self::NotSaid,
            loads::OpeningsAbove::AssumedNone => Self::AssumedNone,
            loads::OpeningsAbove::None => Self::None,
            loads::OpeningsAbove::At(places) => {
                let stretch = |(from, to): &(Length, Length)| Stretch { from: (*from).into(), to: (*to).into() };
                Self::At { places: places.iter().flatten().map(stretch).collect() }
            }
        }
    }
}
