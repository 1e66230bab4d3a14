//! An opening: what it is and how it is to be framed.

use serde::{Deserialize, Serialize};
use sturvek_core::job::{self, OpeningId, usual_sizes};
use sturvek_core::measure::{Ends, Length};
use sturvek_core::say;
use sturvek_core::sizing;
use utoipa::ToSchema;
use uuid::Uuid;

use super::stock::Header;
use crate::choices::{HeaderFace, HeaderPlace, JackSeat, OpeningKind, Room, Service, SpecialCase, Underside};
use crate::reading::{Reader, Resolve};
use crate::typed::TypedLength;

/// An opening.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Opening {
    /// Its identity; left out when it is added.
    pub id: Option<Uuid>,
    /// The letter it goes by, A being 0; given when it is added.
    #[serde(default)]
    pub letter: Option<u16>,
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
    /// What it was when it was framed, once it is.
    #[serde(default)]
    pub framed_as: Option<FramedAs>,
}

/// What an opening was when it was framed.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct FramedAs {
    /// Its design then.
    pub design: Design,
    /// Jacks decided then, left end.
    pub jacks_left: Option<Decided>,
    /// Jacks decided then, right end.
    pub jacks_right: Option<Decided>,
    /// Kings decided then, left end.
    pub kings_left: Option<Decided>,
    /// Kings decided then, right end.
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
    /// Whether somebody confirmed that the plies are nailed as the ticket says.
    pub nailing_confirmed: bool,
    /// Where in the depth of the wall the header stands, if it is thinner.
    pub face: HeaderFace,
    /// Whether joists hang on the header's side.
    pub side_loaded: bool,
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
    /// How its sill is built.
    pub sill_style: SillStyle,
    /// Thickness of sheathing returned into the jambs.
    pub sheathing_return: TypedLength,
    /// What room it gives on.
    pub room: Room,
    /// Whether it is cut out once its sill and its unit are known.
    pub cut_out_later: bool,
}

/// How a sill is built.
#[derive(Clone, Debug, Default, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "built", rename_all = "snake_case")]
pub enum SillStyle {
    /// One flat 2x.
    #[default]
    Single,
    /// Two, one on the other.
    Double,
    /// One that falls to the outside.
    Sloped {
        /// By so much over the depth of the wall.
        slope: TypedLength,
    },
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
    pub length: TypedLength,
    /// Studs under its far end; none where it ends free.
    pub far_studs: u8,
}

/// A post under a header.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct PostUnder {
    /// Its center, from the left face of the opening.
    pub at: TypedLength,
    /// Studs in it.
    pub studs: u8,
}

/// A count somebody decided.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Decided {
    /// How many.
    pub count: u8,
    /// Why.
    pub reason: String,
}

impl Resolve for Design {
    type Core = job::OpeningDesign;
    fn read(&self, reader: &mut Reader) -> job::OpeningDesign {
        let rough = match (&self.rough_width, &self.rough_height) {
            (None, None) => None,
            (Some(width), Some(height)) => Some(job::Size {
                width: reader.length("rough_width", width),
                height: reader.length("rough_height", height),
            }),
            (None, Some(_)) => {
                reader.refuse("rough_width", say!("rough-width-missing"));
                None
            }
            (Some(_), None) => {
                reader.refuse("rough_height", say!("rough-height-missing"));
                None
            }
        };
        job::OpeningDesign {
            kind: self.kind.into(),
            unit: self.unit(reader),
            rough,
            center: reader.length("center", &self.center),
            sill: reader.length("sill", &self.sill),
            place: self.place.into(),
            underside: self.underside.into(),
            header: match &self.header {
                Some(header) => job::HeaderChoice::Chosen(reader.part("header", header)),
                None => job::HeaderChoice::BySchool,
            },
            nailing_confirmed: self.options.nailing_confirmed,
            face: self.options.face.into(),
            side_loaded: self.options.side_loaded,
            service: self.options.service.into(),
            seat: self.options.seat.into(),
            run: reader.under("options", |reader| self.options.run(reader)),
            special: self.options.special.into(),
            sill_style: match &self.options.sill_style {
                SillStyle::Single => job::SillStyle::Single,
                SillStyle::Double => job::SillStyle::Double,
                SillStyle::Sloped { slope } => job::SillStyle::Sloped(reader.length("options/sill_style/slope", slope)),
            },
            sheathing_return: reader.length("options/sheathing_return", &self.options.sheathing_return),
            room: self.options.room.into(),
            cut_out_later: self.options.cut_out_later,
        }
    }
}

impl Design {
    /// The unit's size. Numbers without a unit are what makes sense for its kind.
    fn unit(&self, reader: &mut Reader) -> job::Size {
        let (wide, high) = usual_sizes::of_kind(self.kind.into());
        let width = reader.meant("unit_width", &self.unit_width, wide);
        let height = reader.meant("unit_height", &self.unit_height, high);
        job::Size { width, height }
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
    fn run(&self, reader: &mut Reader) -> job::RunDesign {
        let mut past = |field: &str, past: &Option<RunPast>| {
            let past = past.as_ref()?;
            let length = reader.under(field, |reader| reader.length("length", &past.length));
            Some(job::RunPast { length, far_studs: past.far_studs })
        };
        let past = Ends { left: past("past_left", &self.past_left), right: past("past_right", &self.past_right) };
        let mut posts = [None; 2];
        if posts.len() < self.posts.len() {
            reader.refuse("posts", say!("too-many-posts"));
        }
        let read = reader.each("posts", &self.posts, |reader, post| sizing::Post {
            at: reader.length("at", &post.at),
            studs: post.studs,
        });
        for (place, post) in posts.iter_mut().zip(read) {
            *place = Some(post);
        }
        job::RunDesign { past, posts }
    }
}

impl From<&job::OpeningDesign> for DesignOptions {
    fn from(design: &job::OpeningDesign) -> Self {
        let past = |past: Option<job::RunPast>| {
            past.map(|past| RunPast { length: past.length.into(), far_studs: past.far_studs })
        };
        let post = |post: &sizing::Post| PostUnder { at: post.at.into(), studs: post.studs };
        Self {
            nailing_confirmed: design.nailing_confirmed,
            face: design.face.into(),
            side_loaded: design.side_loaded,
            service: design.service.into(),
            seat: design.seat.into(),
            special: design.special.into(),
            past_left: past(design.run.past.left),
            past_right: past(design.run.past.right),
            posts: design.run.posts.iter().flatten().map(post).collect(),
            sill_style: match design.sill_style {
                job::SillStyle::Single => SillStyle::Single,
                job::SillStyle::Double => SillStyle::Double,
                job::SillStyle::Sloped(drop) => SillStyle::Sloped { slope: drop.into() },
            },
            sheathing_return: design.sheathing_return.into(),
            room: design.room.into(),
            cut_out_later: design.cut_out_later,
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

/// What was decided at the two ends.
fn ends(left: &Option<Decided>, right: &Option<Decided>) -> Ends<Option<job::CountOverride>> {
    Ends { left: left.as_ref().map(Into::into), right: right.as_ref().map(Into::into) }
}

fn decided(decided: &Option<job::CountOverride>) -> Option<Decided> {
    decided.as_ref().map(Into::into)
}

impl Resolve for Opening {
    type Core = job::Opening;
    fn read(&self, reader: &mut Reader) -> job::Opening {
        job::Opening {
            id: OpeningId(reader.identity(self.id)),
            letter: self.letter.map(job::Letter),
            design: reader.part("design", &self.design),
            jacks: ends(&self.jacks_left, &self.jacks_right),
            kings: ends(&self.kings_left, &self.kings_right),
            framed_as: reader.maybe_part("framed_as", self.framed_as.as_ref()),
        }
    }
}

impl From<&job::Opening> for Opening {
    fn from(opening: &job::Opening) -> Self {
        Self {
            id: Some(Uuid::from_u128(opening.id.0)),
            letter: opening.letter.map(|letter| letter.0),
            design: (&opening.design).into(),
            jacks_left: decided(&opening.jacks.left),
            jacks_right: decided(&opening.jacks.right),
            kings_left: decided(&opening.kings.left),
            kings_right: decided(&opening.kings.right),
            framed_as: opening.framed_as.as_ref().map(Into::into),
        }
    }
}

impl Resolve for FramedAs {
    type Core = job::FramedAs;
    fn read(&self, reader: &mut Reader) -> job::FramedAs {
        job::FramedAs {
            design: reader.part("design", &self.design),
            jacks: ends(&self.jacks_left, &self.jacks_right),
            kings: ends(&self.kings_left, &self.kings_right),
        }
    }
}

impl From<&job::FramedAs> for FramedAs {
    fn from(framed: &job::FramedAs) -> Self {
        Self {
            design: (&framed.design).into(),
            jacks_left: decided(&framed.jacks.left),
            jacks_right: decided(&framed.jacks.right),
            kings_left: decided(&framed.kings.left),
            kings_right: decided(&framed.kings.right),
        }
    }
}
