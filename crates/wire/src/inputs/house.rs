//! A house on the wire: everything of it but its walls, which stand in their list with their places.

use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};
use sturvek_core::house;
use sturvek_core::lumber::{JackLumber, SawnLumber, SawnSize};
use sturvek_core::measure::{Force, LineLoad, Pressure};
use sturvek_core::sizing::post;
use utoipa::ToSchema;
use uuid::Uuid;

use super::stock::Header;
use crate::choices::{
    Axis, DeadLoadOn, Depth, FloorUse, Grade, Joints, RoofFieldFraming, RoofWarmth, SnowTrouble, Species, Thickness,
};
use crate::reading::{Reader, Resolve};
use crate::typed::TypedLength;

/// A house without its walls. What nobody said is empty.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields, default)]
pub struct House {
    /// Its storeys, from the bottom.
    pub levels: Vec<Level>,
    /// What lies on top of them.
    pub fields: Vec<Field>,
    /// Beams.
    pub beams: Vec<Beam>,
    /// Posts.
    pub posts: Vec<HousePost>,
    /// Foundation walls and footings along lines.
    pub foundations: Vec<Foundation>,
    /// Pads.
    pub pads: Vec<Pad>,
    /// What engineers answer for.
    pub marks: Vec<EngineersMark>,
    /// What holds for the ground as a whole.
    pub ground: Ground,
}

impl Default for House {
    fn default() -> Self {
        Self::from(&house::House::default())
    }
}

/// A storey.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Level {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// What it is called.
    pub name: String,
    /// How high its walls usually are, over the plates.
    pub height: TypedLength,
}

/// Where a wall stands.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Place {
    /// On which storey.
    pub level: Uuid,
    /// Along which axis it runs.
    pub axis: Axis,
    /// Its center line on the other axis.
    pub offset: TypedLength,
    /// Where it begins along its axis.
    pub start: TypedLength,
    /// Whether its left end is the one farther along its axis.
    #[serde(default)]
    pub turned: bool,
}

/// Where a line runs in plan.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct PlanLine {
    /// Along which axis.
    pub axis: Axis,
    /// Its center line on the other axis.
    pub offset: TypedLength,
    /// Where it begins.
    pub start: TypedLength,
    /// How long it is.
    pub length: TypedLength,
    /// How thick it is.
    pub thickness: TypedLength,
}

/// A floor, a ceiling or a roof.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Field {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// On top of which storey.
    pub level: Uuid,
    /// What it is called.
    pub name: String,
    /// Its left edge; a roof's eaves are its edges.
    pub left: TypedLength,
    /// Its near edge.
    pub near: TypedLength,
    /// Its right edge.
    pub right: TypedLength,
    /// Its far edge.
    pub far: TypedLength,
    /// Along which its joists, rafters or trusses run.
    pub span: Axis,
    /// What it is.
    pub what: FieldOf,
}

/// What a field is. Pressures are lb/ft².
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "kind", rename_all = "snake_case")]
pub enum FieldOf {
    /// A floor or deck.
    FloorField(FloorField),
    /// A ceiling under a roof of rafters.
    CeilingField(CeilingField),
    /// A roof.
    RoofField(RoofField),
}

/// A floor or deck. Pressures are lb/ft².
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct FloorField {
    /// What it is for.
    #[serde(rename = "use")]
    pub floor_use: FloorUse,
    /// Whether its joists are cut or lapped at their supports, or run over them.
    pub joints: Joints,
    /// Dead load.
    pub dead: f64,
    /// Live load.
    pub live: f64,
    /// Whether a deck has a roof over it.
    #[serde(default)]
    pub roofed: bool,
    /// How deep its joists are, where somebody said so.
    pub joist_depth: Option<TypedLength>,
}

/// A ceiling under a roof of rafters. Pressures are lb/ft².
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct CeilingField {
    /// Whether its joists lap on what stands between the outside walls.
    pub lapped: bool,
    /// Dead load.
    pub ceiling_dead: f64,
    /// Live load in the attic.
    pub attic_live: f64,
}

/// A roof. Pressures are lb/ft².
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct RoofField {
    /// How it is framed.
    pub framing: RoofFieldFraming,
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Distance between its trusses or rafters.
    pub bay: TypedLength,
    /// How far it hangs over at each eave.
    pub overhang: TypedLength,
    /// Roof dead load.
    pub roof_dead: f64,
    /// Whether that is on the level or on the slope.
    pub dead_on: DeadLoadOn,
    /// How warm it is.
    pub warmth: RoofWarmth,
    /// Ceiling dead load of trusses.
    pub ceiling_dead: f64,
    /// Attic live load in trusses.
    pub attic_live: f64,
    /// What else the snow does.
    pub snow_trouble: SnowTrouble,
    /// What its gables weigh per face.
    pub gable_weight: f64,
}

/// A beam.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Beam {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// Of which storey.
    pub level: Uuid,
    /// What it is called.
    pub name: String,
    /// Where it runs.
    pub line: PlanLine,
    /// Its own weight, lb/ft.
    pub weight: f64,
    /// Whether it is cut at its supports or runs over them.
    pub joints: Joints,
    /// What goes in where somebody chose it.
    pub chosen: Option<Header>,
}

/// A post of a house.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct HousePost {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// Of which storey.
    pub level: Uuid,
    /// What it is called.
    pub name: String,
    /// To the right.
    pub x: TypedLength,
    /// Away from the viewer.
    pub y: TypedLength,
    /// Its own weight, lb.
    pub weight: f64,
    /// What goes in where somebody chose it.
    pub chosen: Option<PostSection>,
}

/// What a post is made of.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "made", rename_all = "snake_case")]
pub enum PostSection {
    /// Studs nailed to one another.
    Studs {
        /// Species.
        species: Species,
        /// Grade.
        grade: Grade,
        /// Nominal depth.
        nominal_depth: Depth,
        /// How many.
        count: u8,
    },
    /// One stick.
    Solid {
        /// Species.
        species: Species,
        /// Grade.
        grade: Grade,
        /// Nominal thickness.
        thickness: Thickness,
        /// Nominal depth.
        nominal_depth: Depth,
    },
}

/// A foundation along a line.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Foundation {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// What it is called.
    pub name: String,
    /// Where it runs.
    pub line: PlanLine,
}

/// A pad of concrete.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Pad {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// What it is called.
    pub name: String,
    /// To the right.
    pub x: TypedLength,
    /// Away from the viewer.
    pub y: TypedLength,
    /// Its sides.
    pub size: TypedLength,
}

/// An engineer's mark on a place where the load goes no further: he answers for it.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct EngineersMark {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// Of the storey whose load stops there.
    pub level: Uuid,
    /// Who answers for it.
    pub name: String,
    /// Why it is right, or what is to be built there.
    pub reason: String,
    /// To the right.
    pub x: TypedLength,
    /// Away from the viewer.
    pub y: TypedLength,
}

/// What holds for the ground as a whole.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Ground {
    /// Whether a slab lies under all of the lowest storey.
    pub slab: bool,
    /// What the soil is presumed to bear, lb/ft².
    pub soil: f64,
    /// A point that brings more than this to a slab wants it thicker there, lb.
    pub thick_slab_over: f64,
}

/// One part of a house.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "part", rename_all = "snake_case")]
pub enum HousePart {
    /// A storey.
    Level(Level),
    /// A floor, a ceiling or a roof.
    Field(Field),
    /// A beam.
    Beam(Beam),
    /// A post.
    Post(HousePost),
    /// A foundation along a line.
    Foundation(Foundation),
    /// A pad.
    Pad(Pad),
    /// What an engineer answers for.
    Mark(EngineersMark),
}

impl House {
    /// Gives every part another identity; which storey is called what from then on.
    pub(super) fn with_new_identities(&mut self) -> BTreeMap<Uuid, Uuid> {
        let levels: BTreeMap<Uuid, Uuid> =
            self.levels.iter().filter_map(|level| Some((level.id?, Uuid::new_v4()))).collect();
        for level in &mut self.levels {
            level.id = level.id.and_then(|id| levels.get(&id).copied());
        }
        let now = |level: Uuid| levels.get(&level).copied().unwrap_or(level);
        let anew = || Some(Uuid::new_v4());
        self.fields.iter_mut().for_each(|part| (part.id, part.level) = (anew(), now(part.level)));
        self.beams.iter_mut().for_each(|part| (part.id, part.level) = (anew(), now(part.level)));
        self.posts.iter_mut().for_each(|part| (part.id, part.level) = (anew(), now(part.level)));
        self.foundations.iter_mut().for_each(|part| part.id = anew());
        self.pads.iter_mut().for_each(|part| part.id = anew());
        self.marks.iter_mut().for_each(|part| (part.id, part.level) = (anew(), now(part.level)));
        levels
    }
}

impl HousePart {
    /// Its identity.
    pub const fn id_mut(&mut self) -> &mut Option<Uuid> {
        match self {
            Self::Level(part) => &mut part.id,
            Self::Field(part) => &mut part.id,
            Self::Beam(part) => &mut part.id,
            Self::Post(part) => &mut part.id,
            Self::Foundation(part) => &mut part.id,
            Self::Pad(part) => &mut part.id,
            Self::Mark(part) => &mut part.id,
        }
    }
}

const fn part_id(id: Uuid) -> house::PartId {
    house::PartId(id.as_u128())
}

const fn uuid(id: house::PartId) -> Uuid {
    Uuid::from_u128(id.0)
}

impl Resolve for House {
    type Core = house::House;
    fn read(&self, reader: &mut Reader) -> house::House {
        house::House {
            levels: reader.parts("levels", &self.levels),
            fields: reader.parts("fields", &self.fields),
            beams: reader.parts("beams", &self.beams),
            posts: reader.parts("posts", &self.posts),
            foundations: reader.parts("foundations", &self.foundations),
            pads: reader.parts("pads", &self.pads),
            marks: reader.parts("marks", &self.marks),
            ground: reader.part("ground", &self.ground),
        }
    }
}

impl From<&house::House> for House {
    fn from(of: &house::House) -> Self {
        Self {
            levels: of.levels.iter().map(Into::into).collect(),
            fields: of.fields.iter().map(Into::into).collect(),
            beams: of.beams.iter().map(Into::into).collect(),
            posts: of.posts.iter().map(Into::into).collect(),
            foundations: of.foundations.iter().map(Into::into).collect(),
            pads: of.pads.iter().map(Into::into).collect(),
            marks: of.marks.iter().map(Into::into).collect(),
            ground: (&of.ground).into(),
        }
    }
}

impl Resolve for Level {
    type Core = house::Level;
    fn read(&self, reader: &mut Reader) -> house::Level {
        house::Level {
            id: house::PartId(reader.identity(self.id)),
            name: self.name.trim().to_owned(),
            height: reader.length("height", &self.height),
        }
    }
}

impl From<&house::Level> for Level {
    fn from(level: &house::Level) -> Self {
        Self { id: Some(uuid(level.id)), name: level.name.clone(), height: level.height.into() }
    }
}

impl Resolve for Place {
    type Core = house::Place;
    fn read(&self, reader: &mut Reader) -> house::Place {
        house::Place {
            level: part_id(self.level),
            axis: self.axis.into(),
            offset: reader.place("offset", &self.offset),
            start: reader.place("start", &self.start),
            turned: self.turned,
        }
    }
}

impl From<&house::Place> for Place {
    fn from(place: &house::Place) -> Self {
        Self {
            level: uuid(place.level),
            axis: place.axis.into(),
            offset: place.offset.into(),
            start: place.start.into(),
            turned: place.turned,
        }
    }
}

impl Resolve for PlanLine {
    type Core = house::Line;
    fn read(&self, reader: &mut Reader) -> house::Line {
        house::Line {
            axis: self.axis.into(),
            offset: reader.place("offset", &self.offset),
            start: reader.place("start", &self.start),
            length: reader.length("length", &self.length),
            thickness: reader.length("thickness", &self.thickness),
        }
    }
}

impl From<&house::Line> for PlanLine {
    fn from(line: &house::Line) -> Self {
        Self {
            axis: line.axis.into(),
            offset: line.offset.into(),
            start: line.start.into(),
            length: line.length.into(),
            thickness: line.thickness.into(),
        }
    }
}

impl Resolve for Field {
    type Core = house::Field;
    fn read(&self, reader: &mut Reader) -> house::Field {
        let near = house::Spot { x: reader.place("left", &self.left), y: reader.place("near", &self.near) };
        let far = house::Spot { x: reader.place("right", &self.right), y: reader.place("far", &self.far) };
        house::Field {
            id: house::PartId(reader.identity(self.id)),
            level: part_id(self.level),
            name: self.name.trim().to_owned(),
            over: house::Rectangle { near, far },
            span: self.span.into(),
            of: reader.part("what", &self.what),
        }
    }
}

impl From<&house::Field> for Field {
    fn from(field: &house::Field) -> Self {
        Self {
            id: Some(uuid(field.id)),
            level: uuid(field.level),
            name: field.name.clone(),
            left: field.over.near.x.into(),
            near: field.over.near.y.into(),
            right: field.over.far.x.into(),
            far: field.over.far.y.into(),
            span: field.span.into(),
            what: (&field.of).into(),
        }
    }
}

impl Resolve for FieldOf {
    type Core = house::FieldOf;
    fn read(&self, reader: &mut Reader) -> house::FieldOf {
        match self {
            Self::FloorField(floor) => house::FieldOf::Floor(house::FloorField {
                use_: floor.floor_use.into(),
                joints: floor.joints.into(),
                dead: Pressure::psf(floor.dead),
                live: Pressure::psf(floor.live),
                roofed: floor.roofed,
                joist_depth: reader.maybe("joist_depth", floor.joist_depth.as_ref()),
            }),
            Self::CeilingField(ceiling) => house::FieldOf::Ceiling(house::CeilingField {
                lapped: ceiling.lapped,
                dead: Pressure::psf(ceiling.ceiling_dead),
                attic_live: Pressure::psf(ceiling.attic_live),
            }),
            Self::RoofField(roof) => house::FieldOf::Roof(house::RoofField {
                framing: roof.framing.into(),
                rise_in_twelve: roof.rise_in_twelve,
                bay: reader.length("bay", &roof.bay),
                overhang: reader.length("overhang", &roof.overhang),
                dead: Pressure::psf(roof.roof_dead),
                dead_on: roof.dead_on.into(),
                warmth: roof.warmth.into(),
                ceiling_dead: Pressure::psf(roof.ceiling_dead),
                attic_live: Pressure::psf(roof.attic_live),
                snow_trouble: roof.snow_trouble.into(),
                gable_weight: Pressure::psf(roof.gable_weight),
            }),
        }
    }
}

impl From<&house::FieldOf> for FieldOf {
    fn from(of: &house::FieldOf) -> Self {
        match of {
            house::FieldOf::Floor(floor) => Self::FloorField(FloorField {
                floor_use: floor.use_.into(),
                joints: floor.joints.into(),
                dead: floor.dead.to_psf(),
                live: floor.live.to_psf(),
                roofed: floor.roofed,
                joist_depth: floor.joist_depth.map(Into::into),
            }),
            house::FieldOf::Ceiling(ceiling) => Self::CeilingField(CeilingField {
                lapped: ceiling.lapped,
                ceiling_dead: ceiling.dead.to_psf(),
                attic_live: ceiling.attic_live.to_psf(),
            }),
            house::FieldOf::Roof(roof) => Self::RoofField(RoofField {
                framing: roof.framing.into(),
                rise_in_twelve: roof.rise_in_twelve,
                bay: roof.bay.into(),
                overhang: roof.overhang.into(),
                roof_dead: roof.dead.to_psf(),
                dead_on: roof.dead_on.into(),
                warmth: roof.warmth.into(),
                ceiling_dead: roof.ceiling_dead.to_psf(),
                attic_live: roof.attic_live.to_psf(),
                snow_trouble: roof.snow_trouble.into(),
                gable_weight: roof.gable_weight.to_psf(),
            }),
        }
    }
}

impl Resolve for Beam {
    type Core = house::Beam;
    fn read(&self, reader: &mut Reader) -> house::Beam {
        house::Beam {
            id: house::PartId(reader.identity(self.id)),
            level: part_id(self.level),
            name: self.name.trim().to_owned(),
            line: reader.part("line", &self.line),
            weight: LineLoad::plf(self.weight),
            joints: self.joints.into(),
            chosen: self.chosen.as_ref().map(|chosen| reader.part("chosen", chosen)),
        }
    }
}

impl From<&house::Beam> for Beam {
    fn from(beam: &house::Beam) -> Self {
        Self {
            id: Some(uuid(beam.id)),
            level: uuid(beam.level),
            name: beam.name.clone(),
            line: (&beam.line).into(),
            weight: beam.weight.to_plf(),
            joints: beam.joints.into(),
            chosen: beam.chosen.map(Into::into),
        }
    }
}

impl Resolve for HousePost {
    type Core = house::Post;
    fn read(&self, reader: &mut Reader) -> house::Post {
        house::Post {
            id: house::PartId(reader.identity(self.id)),
            level: part_id(self.level),
            name: self.name.trim().to_owned(),
            at: house::Spot { x: reader.place("x", &self.x), y: reader.place("y", &self.y) },
            weight: Force::lbf(self.weight),
            chosen: self.chosen.map(Into::into),
        }
    }
}

impl From<&house::Post> for HousePost {
    fn from(post: &house::Post) -> Self {
        Self {
            id: Some(uuid(post.id)),
            level: uuid(post.level),
            name: post.name.clone(),
            x: post.at.x.into(),
            y: post.at.y.into(),
            weight: post.weight.to_lbf(),
            chosen: post.chosen.map(Into::into),
        }
    }
}

impl From<PostSection> for post::PostSection {
    fn from(section: PostSection) -> Self {
        match section {
            PostSection::Studs { species, grade, nominal_depth, count } => {
                let lumber = JackLumber { species: species.into(), grade: grade.into(), depth: nominal_depth.into() };
                Self::Studs { lumber, count }
            }
            PostSection::Solid { species, grade, thickness, nominal_depth } => {
                let size = SawnSize { thickness: thickness.into(), depth: nominal_depth.into() };
                Self::Solid(SawnLumber { species: species.into(), grade: grade.into(), size })
            }
        }
    }
}

impl From<post::PostSection> for PostSection {
    fn from(section: post::PostSection) -> Self {
        match section {
            post::PostSection::Studs { lumber, count } => Self::Studs {
                species: lumber.species.into(),
                grade: lumber.grade.into(),
                nominal_depth: lumber.depth.into(),
                count,
            },
            post::PostSection::Solid(lumber) => Self::Solid {
                species: lumber.species.into(),
                grade: lumber.grade.into(),
                thickness: lumber.size.thickness.into(),
                nominal_depth: lumber.size.depth.into(),
            },
        }
    }
}

impl Resolve for Foundation {
    type Core = house::Foundation;
    fn read(&self, reader: &mut Reader) -> house::Foundation {
        house::Foundation {
            id: house::PartId(reader.identity(self.id)),
            name: self.name.trim().to_owned(),
            line: reader.part("line", &self.line),
        }
    }
}

impl From<&house::Foundation> for Foundation {
    fn from(part: &house::Foundation) -> Self {
        Self { id: Some(uuid(part.id)), name: part.name.clone(), line: (&part.line).into() }
    }
}

impl Resolve for Pad {
    type Core = house::Pad;
    fn read(&self, reader: &mut Reader) -> house::Pad {
        house::Pad {
            id: house::PartId(reader.identity(self.id)),
            name: self.name.trim().to_owned(),
            at: house::Spot { x: reader.place("x", &self.x), y: reader.place("y", &self.y) },
            size: reader.length("size", &self.size),
        }
    }
}

impl From<&house::Pad> for Pad {
    fn from(pad: &house::Pad) -> Self {
        Self {
            id: Some(uuid(pad.id)),
            name: pad.name.clone(),
            x: pad.at.x.into(),
            y: pad.at.y.into(),
            size: pad.size.into(),
        }
    }
}

impl Resolve for EngineersMark {
    type Core = house::EngineersMark;
    fn read(&self, reader: &mut Reader) -> house::EngineersMark {
        house::EngineersMark {
            id: house::PartId(reader.identity(self.id)),
            level: part_id(self.level),
            name: self.name.trim().to_owned(),
            reason: self.reason.trim().to_owned(),
            at: house::Spot { x: reader.place("x", &self.x), y: reader.place("y", &self.y) },
        }
    }
}

impl From<&house::EngineersMark> for EngineersMark {
    fn from(mark: &house::EngineersMark) -> Self {
        Self {
            id: Some(uuid(mark.id)),
            level: uuid(mark.level),
            name: mark.name.clone(),
            reason: mark.reason.clone(),
            x: mark.at.x.into(),
            y: mark.at.y.into(),
        }
    }
}

impl Resolve for Ground {
    type Core = house::Ground;
    fn read(&self, _: &mut Reader) -> house::Ground {
        house::Ground {
            slab: self.slab,
            soil: Pressure::psf(self.soil),
            thick_slab_over: Force::lbf(self.thick_slab_over),
        }
    }
}

impl From<&house::Ground> for Ground {
    fn from(ground: &house::Ground) -> Self {
        Self { slab: ground.slab, soil: ground.soil.to_psf(), thick_slab_over: ground.thick_slab_over.to_lbf() }
    }
}

impl Resolve for HousePart {
    type Core = house::HousePart;
    fn read(&self, reader: &mut Reader) -> house::HousePart {
        match self {
            Self::Level(part) => house::HousePart::Level(part.read(reader)),
            Self::Field(part) => house::HousePart::Field(part.read(reader)),
            Self::Beam(part) => house::HousePart::Beam(part.read(reader)),
            Self::Post(part) => house::HousePart::Post(part.read(reader)),
            Self::Foundation(part) => house::HousePart::Foundation(part.read(reader)),
            Self::Pad(part) => house::HousePart::Pad(part.read(reader)),
            Self::Mark(part) => house::HousePart::Mark(part.read(reader)),
        }
    }
}

impl From<&house::HousePart> for HousePart {
    fn from(part: &house::HousePart) -> Self {
        match part {
            house::HousePart::Level(part) => Self::Level(part.into()),
            house::HousePart::Field(part) => Self::Field(part.into()),
            house::HousePart::Beam(part) => Self::Beam(part.into()),
            house::HousePart::Post(part) => Self::Post(part.into()),
            house::HousePart::Foundation(part) => Self::Foundation(part.into()),
            house::HousePart::Pad(part) => Self::Pad(part.into()),
            house::HousePart::Mark(part) => Self::Mark(part.into()),
        }
    }
}
