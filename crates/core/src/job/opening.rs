//! An opening: what it is, how it is to be framed, and what somebody decided about it.

use crate::codes::Service;
use crate::lumber::HeaderSpec;
use crate::measure::{Ends, Length};
pub use crate::sizing::limits::SpecialCase;
use crate::sizing::problem::{HeaderFace, JackSeat, Post};

use super::OpeningId;
use crate::say;
use crate::speech::Phrase;

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

impl OpeningKind {
    /// Every kind.
    pub const ALL: [Self; 7] = [
        Self::Window,
        Self::Door,
        Self::PairOfDoors,
        Self::SlidingDoor,
        Self::OverheadDoor,
        Self::PocketDoor,
        Self::CasedOpening,
    ];

    /// The kind in words.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Window => say!("kind-of-opening-window"),
            Self::Door => say!("kind-of-opening-door"),
            Self::PairOfDoors => say!("kind-of-opening-pair-of-doors"),
            Self::SlidingDoor => say!("kind-of-opening-sliding-door"),
            Self::OverheadDoor => say!("kind-of-opening-overhead-door"),
            Self::PocketDoor => say!("kind-of-opening-pocket-door"),
            Self::CasedOpening => say!("kind-of-opening-cased-opening"),
        }
    }

    /// Whether it reaches the floor, so that the sole plate is cut out of it.
    pub const fn reaches_the_floor(self) -> bool {
        !matches!(self, Self::Window)
    }

    /// Whether it stands on the finish floor. An overhead door closes on the slab.
    pub const fn stands_on_finish_floor(self) -> bool {
        !matches!(self, Self::Window | Self::OverheadDoor)
    }
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

/// Jacks or kings.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum StudRole {
    /// Jack studs.
    Jack,
    /// King studs.
    King,
}

/// A count somebody decided, and why.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct CountOverride {
    /// How many.
    pub count: u8,
    /// Why.
    pub reason: String,
}

/// The letter an opening goes by on its wall, for good: A is 0.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct Letter(pub u16);

impl Letter {
    /// The last one that is given: ZZ.
    pub const LAST: Self = Self(26 * 27 - 1);
}

impl std::fmt::Display for Letter {
    /// A, B, … Z, then AA, AB, …
    fn fmt(&self, formatter: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        let letter = |index: u16| char::from(b'A' + (index % 26) as u8);
        if 26 <= self.0 {
            write!(formatter, "{}", letter(self.0 / 26 - 1))?;
        }
        write!(formatter, "{}", letter(self.0))
    }
}

/// An opening in a wall.
#[derive(Clone, Debug, PartialEq)]
pub struct Opening {
    /// Its identity.
    pub id: OpeningId,
    /// Its letter on the wall; given when it is added.
    pub letter: Option<Letter>,
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
        Self { id, letter: None, design, jacks: Ends::default(), kings: Ends::default(), framed_as: None }
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
    /// Somebody confirmed that its plies are nailed as the ticket says: then they resist rolling over as one piece.
    pub nailing_confirmed: bool,
    /// Where in the depth of the wall it stands, if it is thinner.
    pub face: HeaderFace,
    /// Joists hang on its side rather than standing on its top.
    pub side_loaded: bool,
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
    /// Whether it is cut out once its sill and its unit are known: until then studs of the layout run through.
    pub cut_out_later: bool,
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
            nailing_confirmed: false,
            face: HeaderFace::default(),
            side_loaded: false,
            service: Service::default(),
            seat: JackSeat::default(),
            run: RunDesign::default(),
            special: SpecialCase::default(),
            sill_style: SillStyle::default(),
            sheathing_return: Length::ZERO,
            room: Room::default(),
            cut_out_later: false,
        }
    }
}

#[cfg(test)]
mod tests {
    use super::Letter;

    #[test]
    fn letters_go_on_after_z() {
        let letters = [0, 25, 26, 27, 51, 52, 701].map(|index| Letter(index).to_string());
        assert_eq!(letters, ["A", "Z", "AA", "AB", "AZ", "BA", "ZZ"]);
        assert_eq!(Letter::LAST.to_string(), "ZZ");
    }
}
