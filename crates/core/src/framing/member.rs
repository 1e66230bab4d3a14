//! A member of the framed wall: the one list that screen, print and cut list are drawn from.

use crate::job::OpeningId;
use crate::measure::Length;

/// What a member does.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Role {
    /// Bottom plate.
    SolePlate,
    /// Part of the sole plate in a doorway: nailed down with the rest, cut out last.
    SolePlateCutLast,
    /// Lower top plate.
    TopPlate,
    /// Upper top plate.
    SecondTopPlate,
    /// Full-height stud on the layout.
    Stud,
    /// Stud of a corner besides the end stud.
    CornerStud,
    /// Stud of the channel that a crossing wall nails to.
    PartitionStud,
    /// The flat stud of that channel.
    PartitionBacker,
    /// Stud under a point load.
    PointLoadStud,
    /// Full-height stud beside an opening.
    King,
    /// Stud under the header's end.
    Jack,
    /// Stud under a header besides its packs: a post in the opening, or under its far end on a return.
    HeaderPost,
    /// The header.
    Header,
    /// Flat 2x under the header.
    Nailer,
    /// Flat 2x or strip between the head of the opening and a header tight to the plates.
    HeadPacking,
    /// Flat 2x over an opening in a wall that carries nothing.
    FlatHead,
    /// Sill of a window.
    Sill,
    /// Short stud above.
    CrippleAbove,
    /// Short stud below a sill.
    CrippleBelow,
}

/// A rectangle in the plane of the wall; x from the left end, y up from the subfloor.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Rect {
    /// Left edge.
    pub x: Length,
    /// Lower edge.
    pub y: Length,
    /// Width.
    pub width: Length,
    /// Height.
    pub height: Length,
}

impl Rect {
    /// Right edge.
    pub fn right(&self) -> Length {
        self.x + self.width
    }

    /// Upper edge.
    pub fn top(&self) -> Length {
        self.y + self.height
    }

    /// Whether the two share any area.
    pub fn overlaps(&self, other: &Self) -> bool {
        self.x < other.right() && other.x < self.right() && self.y < other.top() && other.y < self.top()
    }
}

/// One piece of the wall.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Member {
    /// Its role.
    pub role: Role,
    /// The opening it belongs to, if any.
    pub opening: Option<OpeningId>,
    /// Where it is.
    pub rect: Rect,
    /// The length it is cut to.
    pub cut: Length,
    /// How many lie behind one another, as header plies do.
    pub plies: u8,
    /// What it is cut from, such as `2x4 SPF Stud`.
    pub stock: String,
}

impl Role {
    /// Whether the member stands upright, so that its cut length is its height.
    pub const fn stands(self) -> bool {
        matches!(
            self,
            Self::Stud
                | Self::CornerStud
                | Self::PartitionStud
                | Self::PartitionBacker
                | Self::PointLoadStud
                | Self::King
                | Self::Jack
                | Self::HeaderPost
                | Self::CrippleAbove
                | Self::CrippleBelow
        )
    }

    /// The name on a cut list.
    pub const fn name(self) -> &'static str {
        match self {
            Self::SolePlate => "sole plate",
            Self::SolePlateCutLast => "sole plate, cut out last",
            Self::TopPlate => "top plate",
            Self::SecondTopPlate => "second top plate",
            Self::Stud => "stud",
            Self::CornerStud => "corner stud",
            Self::PartitionStud => "partition stud",
            Self::PartitionBacker => "partition backer, flat",
            Self::PointLoadStud => "stud under point load",
            Self::King => "king",
            Self::Jack => "jack",
            Self::HeaderPost => "post under header",
            Self::Header => "header",
            Self::Nailer => "flat nailer",
            Self::HeadPacking => "head packing",
            Self::FlatHead => "flat head",
            Self::Sill => "sill",
            Self::CrippleAbove => "cripple above",
            Self::CrippleBelow => "cripple below",
        }
    }
}
