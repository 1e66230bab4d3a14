//! A wall: its frame, the evidence of bearing, its point loads.

use serde::{Deserialize, Serialize};
use sturvek_core::job::{self, PointLoadId, WallId, usual_sizes};
use sturvek_core::loads::{self, ByKind, LoadKind};
use sturvek_core::lumber::JackLumber;
use sturvek_core::measure::{Ends, Force, Length};
use utoipa::ToSchema;
use uuid::Uuid;

use super::carries::Carries;
use super::house::Place;
use super::opening::Opening;
use crate::choices::{
    Backing, ClearFor, Depth, End, Grade, HeadLine, Sawn, Seen, SheathingKind, Species, WallEnd, WallFace,
};
use crate::reading::{Reader, Resolve};
use crate::typed::TypedLength;

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
    /// How many letters its openings were given.
    #[serde(default)]
    pub letters_given: u16,
    /// Point loads on its top plate.
    pub point_loads: Vec<PointLoad>,
    /// Where it stands in the house; nowhere where it is left out.
    #[serde(default)]
    pub place: Option<Place>,
}

/// A wall's frame.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct WallFrame {
    /// Its name.
    pub name: String,
    /// Length along the plates.
    pub length: TypedLength,
    /// Height over all plates; read only where `framing.height_by` says so, else it follows from that.
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
    /// How the height is given.
    pub height_by: HeightBy,
    /// Whether studs and plates are sawn to inches or to millimeters.
    pub sawn: Sawn,
    /// Whether the wind stands on it.
    pub face: WallFace,
    /// From which end the stud layout is pulled.
    pub layout_from: End,
    /// Depth of the wall that it butts against there, if the layout is hooked on that wall's far face.
    pub layout_from_face_of: Option<Depth>,
    /// How the left end is built.
    pub left_end: WallEnd,
    /// How the right end is built.
    pub right_end: WallEnd,
    /// How the second top plate ends at the left.
    pub left_lap: PlateLap,
    /// How the second top plate ends at the right.
    pub right_lap: PlateLap,
    /// Crossing walls.
    pub partitions: Vec<Partition>,
    /// The longest board that plates are cut from.
    pub plate_stock: TypedLength,
    /// How far a break in one top plate stays from a break in the other.
    pub breaks_apart: TypedLength,
    /// Breaks of the top plates that somebody decided on; placed by the stock where they are left out.
    pub own_breaks: Option<OwnBreaks>,
    /// Where panels end in which it is framed and raised, from the left end; none where it is framed in one piece.
    #[serde(default)]
    pub panel_ends: Vec<TypedLength>,
    /// Anchor bolts of a wall on concrete, at most so far apart; left out on a wood floor.
    pub bolts: Option<TypedLength>,
    /// Bolts that stand in the concrete already, from the left end.
    pub cast_bolts: Vec<TypedLength>,
    /// Rows of blocking, by the height of their middle.
    pub blocking: Vec<TypedLength>,
    /// Whether the heads are meant to line up.
    pub heads: HeadLine,
    /// Stretches over which the top plates are let down, from left to right.
    pub let_downs: Vec<LetDown>,
    /// Boards and blocks between the studs that something is fastened to.
    pub boards: Vec<BackingBoard>,
    /// Stretches that studs keep clear of.
    pub kept_clear: Vec<KeptClear>,
    /// What its top plate is held by.
    pub ceiling: CeilingOver,
    /// What it is sheathed with before it is raised; left out where it is raised bare.
    pub sheathing: Option<Sheathing>,
}

/// What a wall is sheathed with.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Sheathing {
    /// What it is.
    pub kind: SheathingKind,
    /// How thick.
    pub thickness: TypedLength,
}

/// What a partition's top plate is held by.
#[derive(Clone, Debug, Default, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "over", rename_all = "snake_case")]
pub enum CeilingOver {
    /// Not said, or joists that cross it.
    #[default]
    NotSaid,
    /// Joists that run along it, with blocks between them.
    JoistsAlong {
        /// From face to face of the two joists.
        clear: TypedLength,
        /// From block to block, at most.
        every: TypedLength,
    },
    /// Nothing: it hangs free under a dropped ceiling.
    HangsFree,
}

/// A stretch that studs keep clear of.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct KeptClear {
    /// What it is kept for.
    pub name: String,
    /// Its center, from the left end.
    pub at: TypedLength,
    /// How wide it is.
    pub width: TypedLength,
    /// What stands in it.
    pub clear_for: ClearFor,
}

/// A stretch over which the top plates are let down.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct LetDown {
    /// Where it begins, from the left end.
    pub from: TypedLength,
    /// Where it ends.
    pub to: TypedLength,
    /// How high the wall is there.
    pub height: LetDownTo,
    /// How many plates lie over its studs: two, or one flat.
    pub plates: u8,
}

/// How the height of a wall is known where its plates are let down.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "by", rename_all = "snake_case")]
pub enum LetDownTo {
    /// Over the plates there.
    OverPlates {
        /// That height.
        over: TypedLength,
    },
    /// Under what hangs there.
    Under {
        /// Its underside, above the floor.
        measured: TypedLength,
        /// What is left over the plates.
        clearance: TypedLength,
    },
}

/// A board, or blocks, between the studs that something is fastened to.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct BackingBoard {
    /// What it is for.
    pub name: String,
    /// Where it begins, from the left end.
    pub from: TypedLength,
    /// Where it ends.
    pub to: TypedLength,
    /// Its middle, above the floor.
    pub middle: TypedLength,
    /// Nominal depth of the boards.
    pub board: Depth,
}

/// How the height of a wall is given.
#[derive(Clone, Debug, Default, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "by", rename_all = "snake_case")]
pub enum HeightBy {
    /// Over all plates: the frame's `height`.
    #[default]
    OverPlates,
    /// By the length of its studs.
    Studs {
        /// How long they are.
        length: TypedLength,
    },
    /// A room measured at both ends; the shorter rules.
    Room {
        /// Height at the left end.
        left: TypedLength,
        /// Height at the right end.
        right: TypedLength,
        /// What is left over the wall, so that it can be tipped up.
        clearance: TypedLength,
    },
    /// A rake: the top plates climb.
    Rake {
        /// Height over the plates at the left end.
        left: TypedLength,
        /// Height over the plates at the right end.
        right: TypedLength,
        /// A gable's peak; left out in a lean-to.
        peak: Option<Peak>,
    },
}

/// A gable's peak.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Peak {
    /// From the wall's left end.
    pub at: TypedLength,
    /// Over the plates.
    pub height: TypedLength,
}

/// How the second top plate ends.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "how", rename_all = "snake_case")]
pub enum PlateLap {
    /// With the wall.
    #[default]
    Flush,
    /// Held back for the next wall's plate.
    HeldBack {
        /// Depth of the next wall.
        depth: Depth,
    },
    /// Running on over the next wall.
    RunsOver {
        /// Depth of the next wall.
        depth: Depth,
    },
}

/// Breaks of the top plates that somebody decided on, from the left end.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct OwnBreaks {
    /// The lower plate's.
    pub lower: Vec<TypedLength>,
    /// The upper plate's.
    pub upper: Vec<TypedLength>,
}

impl Default for FramingOptions {
    fn default() -> Self {
        let usual = job::WallFrame::usual("");
        Self::from(&usual)
    }
}

/// A wall that meets this one from the inside.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Partition {
    /// Its center, from this wall's left end.
    pub at: TypedLength,
    /// Nominal depth of its studs.
    pub depth: Depth,
    /// What it is nailed to.
    #[serde(default = "channel")]
    pub backing: Backing,
    /// Whether its second top plate laps into this wall's.
    #[serde(default)]
    pub laps_in: bool,
}

const fn channel() -> Backing {
    Backing::Channel
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

impl Resolve for WallFrame {
    type Core = job::WallFrame;
    fn read(&self, reader: &mut Reader) -> job::WallFrame {
        job::WallFrame {
            name: self.name.trim().to_owned(),
            length: reader.meant("length", &self.length, usual_sizes::WALL_LENGTH),
            height: self.framing.height_by.read(reader, &self.height),
            stud: JackLumber {
                species: self.stud_species.into(),
                grade: self.stud_grade.into(),
                depth: self.stud_depth.into(),
            },
            spacing: reader.length("spacing", &self.spacing),
            plate_species: self.plate_species.into(),
            sawn: self.framing.sawn.into(),
            face: self.framing.face.into(),
            framing: reader.part("framing", &self.framing),
        }
    }
}

impl From<&job::WallFrame> for WallFrame {
    fn from(frame: &job::WallFrame) -> Self {
        Self {
            name: frame.name.clone(),
            length: frame.length.into(),
            height: frame.height().into(),
            stud_species: frame.stud.species.into(),
            stud_grade: frame.stud.grade.into(),
            stud_depth: frame.stud.depth.into(),
            spacing: frame.spacing.into(),
            plate_species: frame.plate_species.into(),
            framing: frame.into(),
        }
    }
}

impl Resolve for FramingOptions {
    type Core = job::FramingOptions;
    fn read(&self, reader: &mut Reader) -> job::FramingOptions {
        let partitions = reader.each("partitions", &self.partitions, |reader, partition| job::Partition {
            at: reader.length("at", &partition.at),
            depth: partition.depth.into(),
            backing: partition.backing.into(),
            laps_in: partition.laps_in,
        });
        let own_breaks = self.own_breaks.as_ref().map(|own| {
            reader.under("own_breaks", |reader| job::OwnBreaks {
                lower: reader.lengths("lower", &own.lower),
                upper: reader.lengths("upper", &own.upper),
            })
        });
        job::FramingOptions {
            layout_from: self.layout_from.into(),
            layout_start: match self.layout_from_face_of {
                Some(depth) => job::LayoutStart::NeighborFace(depth.into()),
                None => job::LayoutStart::WallEnd,
            },
            ends: Ends { left: self.left_end.into(), right: self.right_end.into() },
            laps: Ends { left: self.left_lap.into(), right: self.right_lap.into() },
            partitions,
            plate_stock: reader.meant("plate_stock", &self.plate_stock, usual_sizes::PLATE_STOCK),
            breaks_apart: reader.length("breaks_apart", &self.breaks_apart),
            own_breaks,
            panel_ends: reader.lengths("panel_ends", &self.panel_ends),
            bolts: reader.maybe("bolts", self.bolts.as_ref()),
            cast_bolts: reader.lengths("cast_bolts", &self.cast_bolts),
            blocking: reader.lengths("blocking", &self.blocking),
            heads: self.heads.into(),
            let_downs: reader.each("let_downs", &self.let_downs, |reader, each| job::LetDown {
                from: reader.length("from", &each.from),
                to: reader.length("to", &each.to),
                height: reader.under("height", |reader| match &each.height {
                    LetDownTo::OverPlates { over } => job::LetDownTo::OverPlates(reader.length("over", over)),
                    LetDownTo::Under { measured, clearance } => job::LetDownTo::Under {
                        measured: reader.length("measured", measured),
                        clearance: reader.length("clearance", clearance),
                    },
                }),
                plates: each.plates,
            }),
            boards: reader.each("boards", &self.boards, |reader, board| job::BackingBoard {
                name: board.name.trim().to_owned(),
                from: reader.length("from", &board.from),
                to: reader.length("to", &board.to),
                height: reader.length("middle", &board.middle),
                board: board.board.into(),
            }),
            kept_clear: reader.each("kept_clear", &self.kept_clear, |reader, each| job::KeptClear {
                name: each.name.trim().to_owned(),
                at: reader.length("at", &each.at),
                width: reader.length("width", &each.width),
                for_: each.clear_for.into(),
            }),
            sheathing: self.sheathing.as_ref().map(|sheathing| job::Sheathing {
                kind: sheathing.kind.into(),
                thickness: reader.under("sheathing", |reader| reader.length("thickness", &sheathing.thickness)),
            }),
            ceiling: match &self.ceiling {
                CeilingOver::NotSaid => job::CeilingOver::NotSaid,
                CeilingOver::HangsFree => job::CeilingOver::HangsFree,
                CeilingOver::JoistsAlong { clear, every } => {
                    reader.under("ceiling", |reader| job::CeilingOver::JoistsAlong {
                        clear: reader.length("clear", clear),
                        every: reader.length("every", every),
                    })
                }
            },
        }
    }
}

impl From<&job::LetDown> for LetDown {
    fn from(each: &job::LetDown) -> Self {
        let height = match each.height {
            job::LetDownTo::OverPlates(over) => LetDownTo::OverPlates { over: over.into() },
            job::LetDownTo::Under { measured, clearance } => {
                LetDownTo::Under { measured: measured.into(), clearance: clearance.into() }
            }
        };
        Self { from: each.from.into(), to: each.to.into(), height, plates: each.plates }
    }
}

impl From<&job::CeilingOver> for CeilingOver {
    fn from(over: &job::CeilingOver) -> Self {
        match *over {
            job::CeilingOver::NotSaid => Self::NotSaid,
            job::CeilingOver::HangsFree => Self::HangsFree,
            job::CeilingOver::JoistsAlong { clear, every } => {
                Self::JoistsAlong { clear: clear.into(), every: every.into() }
            }
        }
    }
}

impl From<&job::KeptClear> for KeptClear {
    fn from(each: &job::KeptClear) -> Self {
        Self { name: each.name.clone(), at: each.at.into(), width: each.width.into(), clear_for: each.for_.into() }
    }
}

impl From<&job::BackingBoard> for BackingBoard {
    fn from(board: &job::BackingBoard) -> Self {
        Self {
            name: board.name.clone(),
            from: board.from.into(),
            to: board.to.into(),
            middle: board.height.into(),
            board: board.board.into(),
        }
    }
}

impl From<&job::WallFrame> for FramingOptions {
    fn from(frame: &job::WallFrame) -> Self {
        let options = &frame.framing;
        let partition = |partition: &job::Partition| Partition {
            at: partition.at.into(),
            depth: partition.depth.into(),
            backing: partition.backing.into(),
            laps_in: partition.laps_in,
        };
        let typed = |lengths: &[Length]| lengths.iter().map(|length| (*length).into()).collect();
        Self {
            height_by: (&frame.height).into(),
            sawn: frame.sawn.into(),
            face: frame.face.into(),
            layout_from: options.layout_from.into(),
            layout_from_face_of: match options.layout_start {
                job::LayoutStart::WallEnd => None,
                job::LayoutStart::NeighborFace(depth) => Some(depth.into()),
            },
            left_end: options.ends.left.into(),
            right_end: options.ends.right.into(),
            left_lap: options.laps.left.into(),
            right_lap: options.laps.right.into(),
            partitions: options.partitions.iter().map(partition).collect(),
            plate_stock: options.plate_stock.into(),
            breaks_apart: options.breaks_apart.into(),
            own_breaks: options
                .own_breaks
                .as_ref()
                .map(|own| OwnBreaks { lower: typed(&own.lower), upper: typed(&own.upper) }),
            panel_ends: typed(&options.panel_ends),
            bolts: options.bolts.map(Into::into),
            cast_bolts: typed(&options.cast_bolts),
            blocking: typed(&options.blocking),
            heads: options.heads.into(),
            let_downs: options.let_downs.iter().map(Into::into).collect(),
            boards: options.boards.iter().map(Into::into).collect(),
            kept_clear: options.kept_clear.iter().map(Into::into).collect(),
            ceiling: (&options.ceiling).into(),
            sheathing: options
                .sheathing
                .map(|sheathing| Sheathing { kind: sheathing.kind.into(), thickness: sheathing.thickness.into() }),
        }
    }
}

impl HeightBy {
    fn read(&self, reader: &mut Reader, over_plates: &TypedLength) -> job::WallHeight {
        match self {
            Self::OverPlates => {
                job::WallHeight::OverPlates(reader.meant("height", over_plates, usual_sizes::WALL_HEIGHT))
            }
            Self::Studs { length } => job::WallHeight::Studs(reader.length("framing/height_by/length", length)),
            Self::Room { left, right, clearance } => job::WallHeight::Room(job::MeasuredRoom {
                left: reader.length("framing/height_by/left", left),
                right: reader.length("framing/height_by/right", right),
                clearance: reader.length("framing/height_by/clearance", clearance),
            }),
            Self::Rake { left, right, peak } => job::WallHeight::Rake(job::Rake {
                left: reader.length("framing/height_by/left", left),
                right: reader.length("framing/height_by/right", right),
                peak: peak.as_ref().map(|peak| {
                    let at = reader.length("framing/height_by/peak/at", &peak.at);
                    (at, reader.length("framing/height_by/peak/height", &peak.height))
                }),
            }),
        }
    }
}

impl From<&job::WallHeight> for HeightBy {
    fn from(height: &job::WallHeight) -> Self {
        match *height {
            job::WallHeight::OverPlates(_) => Self::OverPlates,
            job::WallHeight::Studs(stud) => Self::Studs { length: stud.into() },
            job::WallHeight::Room(room) => {
                Self::Room { left: room.left.into(), right: room.right.into(), clearance: room.clearance.into() }
            }
            job::WallHeight::Rake(rake) => Self::Rake {
                left: rake.left.into(),
                right: rake.right.into(),
                peak: rake.peak.map(|(at, height)| Peak { at: at.into(), height: height.into() }),
            },
        }
    }
}

impl From<PlateLap> for job::PlateLap {
    fn from(lap: PlateLap) -> Self {
        match lap {
            PlateLap::Flush => Self::Flush,
            PlateLap::HeldBack { depth } => Self::HeldBack(depth.into()),
            PlateLap::RunsOver { depth } => Self::RunsOver(depth.into()),
        }
    }
}

impl From<job::PlateLap> for PlateLap {
    fn from(lap: job::PlateLap) -> Self {
        match lap {
            job::PlateLap::Flush => Self::Flush,
            job::PlateLap::HeldBack(depth) => Self::HeldBack { depth: depth.into() },
            job::PlateLap::RunsOver(depth) => Self::RunsOver { depth: depth.into() },
        }
    }
}

impl Resolve for Evidence {
    type Core = loads::BearingEvidence;
    fn read(&self, _: &mut Reader) -> loads::BearingEvidence {
        loads::BearingEvidence {
            joists_land: self.joists_land.into(),
            roof_lands: self.roof_lands.into(),
            stands_above: self.stands_above.into(),
            support_below: self.support_below.into(),
        }
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

impl Resolve for PointLoad {
    type Core = job::PointLoad;
    fn read(&self, reader: &mut Reader) -> job::PointLoad {
        let amount = ByKind::of([
            (LoadKind::Dead, self.dead),
            (LoadKind::FloorLive, self.floor_live),
            (LoadKind::RoofLive, self.roof_live),
            (LoadKind::Snow, self.snow),
        ]);
        job::PointLoad {
            id: PointLoadId(reader.identity(self.id)),
            name: self.name.trim().to_owned(),
            at: reader.length("at", &self.at),
            amount: amount.map(Force::lbf),
        }
    }
}

impl From<&job::PointLoad> for PointLoad {
    fn from(load: &job::PointLoad) -> Self {
        let pounds = |kind: LoadKind| load.amount[kind].to_lbf();
        Self {
            id: Some(Uuid::from_u128(load.id.0)),
            name: load.name.clone(),
            at: load.at.into(),
            dead: pounds(LoadKind::Dead),
            floor_live: pounds(LoadKind::FloorLive),
            roof_live: pounds(LoadKind::RoofLive),
            snow: pounds(LoadKind::Snow),
        }
    }
}

impl Resolve for Wall {
    type Core = job::Wall;
    fn read(&self, reader: &mut Reader) -> job::Wall {
        let mut wall = job::Wall {
            id: WallId(reader.identity(self.id)),
            frame: reader.part("frame", &self.frame),
            evidence: reader.part("evidence", &self.evidence),
            carries: reader.part("carries", &self.carries),
            openings: reader.parts("openings", &self.openings),
            letters_given: self.letters_given,
            point_loads: reader.parts("point_loads", &self.point_loads),
            place: reader.maybe_part("place", self.place.as_ref()),
        };
        // Openings that came without letters.
        wall.give_letters();
        wall
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
            letters_given: wall.letters_given,
            point_loads: wall.point_loads.iter().map(Into::into).collect(),
            place: wall.place.as_ref().map(Into::into),
        }
    }
}
