//! An opening: what it is, how it is to be framed, and what somebody decided about it.

use crate::lumber::HeaderSpec;
use crate::lumber::factors::wet_service::Service;
use crate::measure::{Ends, Length};
use crate::sizing::problem::{JackSeat, Post, TopEdgeWidth};

use super::OpeningId;

/// Kind of an opening.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum OpeningKind {
    /// A window.
    Window,
    /// A single door.
    Door,
    /// A pair of doors.
    PairOfDoors,
    /// A sliding door.
    SlidingDoor,
    /// An overhead door.
    OverheadDoor,
    /// A door that slides into the wall beside it.
    PocketDoor,
    /// A cased opening without a door.
    CasedOpening,
}

/// A width and a height.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Size {
    /// Width.
    pub width: Length,
    /// Height.
    pub height: Length,
}

/// Where the header hangs.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum HeaderPlace {
    /// Hard up under the top plates, the head packed down below it.
    #[default]
    TightToPlates,
    /// At head height, with cripples above.
    AtHeadHeight,
}

/// How the header's underside is finished.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Underside {
    /// Bare on the jacks.
    #[default]
    Bare,
    /// A flat 2x nailer across.
    FlatNailer,
}

/// Which header.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum HeaderChoice {
    /// The one in stock that the job's school and aim lead to.
    #[default]
    BySchool,
    /// This one.
    Chosen(HeaderSpec),
}

/// What takes an opening out of the ordinary, and with one exception out of the tool's limits.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum SpecialCase {
    /// Nothing.
    #[default]
    Ordinary,
    /// A steel beam or a flitch plate.
    Steel,
    /// A sloped or curved beam.
    SlopedOrCurved,
    /// A header that is notched or drilled.
    NotchedOrDrilled,
    /// A wall with a fire rating, or fire-retardant-treated lumber.
    FireRated,
    /// Incised or preservative-treated lumber.
    PreservativeTreated,
    /// The wall braces the building against wind or earthquake here.
    BracedWallPanel,
    /// Lumber in an existing wall, its grade unknown: No.2 is assumed and said.
    UnknownGrade,
}

/// How a header runs on past its pack.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct RunPast {
    /// How far past the face of the opening.
    pub length: Length,
    /// Studs under its far end; none where it ends free.
    pub far_studs: u8,
}

/// Where a header runs besides from pack to pack.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct RunDesign {
    /// Past its packs: over a return to the corner, or free.
    pub past: Ends<Option<RunPast>>,
    /// Posts within the opening, their places measured from the left face of the rough opening.
    pub posts: [Option<Post>; 2],
}

/// How the sill of a window is built.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum SillStyle {
    /// One flat 2x.
    #[default]
    Single,
    /// Two, one on the other.
    Double,
    /// One that falls to the outside by this much over the depth of the wall, so that water runs off.
    Sloped(Length),
}

/// What room an opening gives on, as far as it matters to its heights.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Room {
    /// Not said, or it does not matter.
    #[default]
    Any,
    /// A bedroom, which needs a window to escape by.
    Bedroom,
    /// Over a kitchen counter.
    Kitchen,
    /// A bathroom.
    Bathroom,
}

/// What an opening was when somebody framed it: later changes are held against it.
#[derive(Clone, Debug, PartialEq)]
pub struct FramedAs {
    /// Its design then.
    pub design: OpeningDesign,
    /// Jacks decided then.
    pub jacks: Ends<Option<CountOverride>>,
    /// Kings decided then.
    pub kings: Ends<Option<CountOverride>>,
}

/// A count somebody decided, and why.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct CountOverride {
    /// How many.
    pub count: u8,
    /// Why.
    pub reason: String,
}

/// An opening in a wall.
#[derive(Clone, Debug, PartialEq)]
pub struct Opening {
    /// Its identity.
    pub id: OpeningId,
    /// Its design.
    pub design: OpeningDesign,
    /// Jacks decided by somebody.
    pub jacks: Ends<Option<CountOverride>>,
    /// Kings decided by somebody.
    pub kings: Ends<Option<CountOverride>>,
    /// What it was when it was framed, once it is.
    pub framed_as: Option<FramedAs>,
}

impl Opening {
    /// A designed opening about which nobody has decided anything.
    pub fn new(id: OpeningId, design: OpeningDesign) -> Self {
        Self { id, design, jacks: Ends::default(), kings: Ends::default(), framed_as: None }
    }
}

/// What an opening is and how it is to be framed.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct OpeningDesign {
    /// Kind.
    pub kind: OpeningKind,
    /// The unit's own size.
    pub unit: Size,
    /// The rough opening its maker asks for; `None` takes the rule for its kind.
    pub rough: Option<Size>,
    /// Center of the rough opening, from the wall's left end.
    pub center: Length,
    /// Bottom of the rough opening above the subfloor; zero for doors.
    pub sill: Length,
    /// Where the header hangs.
    pub place: HeaderPlace,
    /// How its underside is finished.
    pub underside: Underside,
    /// Which header.
    pub header: HeaderChoice,
    /// What resists rolling over where the top edge is free.
    pub acting: TopEdgeWidth,
    /// Dry or wet.
    pub service: Service,
    /// How the header sits on its jacks.
    pub seat: JackSeat,
    /// Where the header runs besides from pack to pack.
    pub run: RunDesign,
    /// What takes it out of the ordinary.
    pub special: SpecialCase,
    /// How its sill is built.
    pub sill_style: SillStyle,
    /// Thickness of sheathing that is returned into the jambs: each side of the rough opening grows by it.
    pub sheathing_return: Length,
    /// What room it gives on.
    pub room: Room,
}

impl OpeningDesign {
    /// An opening of a kind and size, everything else as it is usually done.
    pub fn usual(kind: OpeningKind, unit: Size) -> Self {
        Self {
            kind,
            unit,
            rough: None,
            center: Length::ZERO,
            sill: Length::ZERO,
            place: HeaderPlace::default(),
            underside: Underside::default(),
            header: HeaderChoice::default(),
            acting: TopEdgeWidth::default(),
            service: Service::default(),
            seat: JackSeat::default(),
            run: RunDesign::default(),
            special: SpecialCase::default(),
            sill_style: SillStyle::default(),
            sheathing_return: Length::ZERO,
            room: Room::default(),
        }
    }
}
