//! A member of the framed wall: the one list that screen, print and cut list are drawn from.

use std::sync::Arc;

use crate::job::{OpeningId, WallFrame};
use crate::lumber::{Depth, HeaderBoard, Moisture, Rectangle, SawnLumber, WeighsAs};
use crate::measure::Length;
use crate::say;
use crate::speech::Phrase;

/// Which plates carry a mark. Both are marked at once, lying together; what stands on one only is marked on that one.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum PlatesMarked {
    /// The sole plate: jacks, cripples under a sill.
    Sole,
    /// The top plates: cripples over a header.
    Top,
    /// Sole and top plates: studs and kings.
    Both,
}

impl PlatesMarked {
    /// Whether the sole plate carries it.
    pub const fn sole(self) -> bool {
        matches!(self, Self::Sole | Self::Both)
    }

    /// Whether the top plates carry it.
    pub const fn top(self) -> bool {
        matches!(self, Self::Top | Self::Both)
    }

    /// The plates that are met; `None` if neither is.
    pub const fn of(sole: bool, top: bool) -> Option<Self> {
        match (sole, top) {
            (true, true) => Some(Self::Both),
            (true, false) => Some(Self::Sole),
            (false, true) => Some(Self::Top),
            (false, false) => None,
        }
    }
}

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
    /// Flat block between two studs that a crossing wall nails to.
    LadderBlock,
    /// Block between two studs, in a row.
    Blocking,
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
    /// Upright beside an opening that is narrower than the bay it stands in.
    BayFiller,
    /// Stud at a step of the top plates.
    StepStud,
    /// Flat block under the end of the upper plates at a step.
    PlateEndBlock,
    /// Flat block between the two studs of a corner.
    CornerBlock,
    /// Block or board between studs that something is fastened to.
    BackingBlock,
    /// Stud of the layout that runs through an opening until it is cut out.
    TemporaryStud,
    /// Block between ceiling joists that run along the wall: its top plate is nailed to it.
    CeilingBlock,
    /// Block on the top plates, through the floor, under what presses from the storey above.
    SquashBlock,
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

/// How far the edges of a member climb from its left side to its right; negative where they fall.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct Climb {
    /// Its lower edge.
    pub bottom: Length,
    /// Its upper edge.
    pub top: Length,
}

/// A cut that is not square: one side of the piece is shorter than the other.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct Bevel {
    /// By so much.
    pub drop: Length,
    /// Over this thickness or depth of the piece.
    pub over: Length,
}

impl Bevel {
    /// The angle to set the saw to, degrees off square.
    pub fn degrees(self) -> f64 {
        self.drop.to_inches().atan2(self.over.to_inches()).to_degrees()
    }
}

/// One piece of the wall.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Member {
    /// Its role.
    pub role: Role,
    /// The opening it belongs to, if any.
    pub opening: Option<OpeningId>,
    /// Where it is; the box around it where its edges climb.
    pub rect: Rect,
    /// How far its edges climb.
    pub climb: Climb,
    /// The plates it meets, if it is an upright that meets any.
    pub meets: Option<PlatesMarked>,
    /// The length it is cut to, at its longest.
    pub cut: Length,
    /// How its end is cut where it is not square.
    pub bevel: Option<Bevel>,
    /// How many lie behind one another, as header plies do.
    pub plies: u8,
    /// What it is cut from.
    pub stock: Stock,
}

/// What a piece is cut from.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Stock {
    /// Size, species and grade: `2x4 SPF Stud`.
    pub wood: Arc<str>,
    /// What has to be minded with it.
    pub minded: Minded,
    /// How thick and how deep it really is: one ply of it.
    pub section: Rectangle,
    /// What it weighs by.
    pub weighs_as: WeighsAs,
}

/// What has to be minded with a piece.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Minded {
    /// Nothing.
    Nothing,
    /// It lies with its TOP stamp up.
    TopUp,
    /// It is treated, as it lies on concrete.
    Treated,
}

impl Minded {
    /// Wood, as it is called on a cut list.
    pub fn said_of(self, wood: &str) -> Phrase {
        match self {
            Self::Nothing => Phrase::verbatim(wood),
            Self::TopUp => say!("stock-top-up", wood = wood),
            Self::Treated => say!("stock-treated", wood = wood),
        }
    }
}

impl From<HeaderBoard> for Stock {
    fn from(board: HeaderBoard) -> Self {
        let section = Rectangle { width: board.ply_width(), depth: board.depth() };
        Self { wood: board.name().into(), minded: Minded::Nothing, section, weighs_as: board.into() }
    }
}

impl From<SawnLumber> for Stock {
    fn from(lumber: SawnLumber) -> Self {
        let SawnLumber { species, grade, size } = lumber;
        HeaderBoard::Sawn { species, grade, size }.into()
    }
}

impl Stock {
    /// What the studs of a wall are cut from.
    pub fn of_studs(frame: &WallFrame) -> Self {
        Self::as_wide_as(frame, frame.stud.depth)
    }

    /// A board of a wall's wood, as wide as a nominal depth.
    pub fn as_wide_as(frame: &WallFrame, depth: Depth) -> Self {
        Self {
            wood: frame.stud_stock_of(depth).into(),
            minded: Minded::Nothing,
            section: Rectangle { width: frame.thickness(), depth: frame.sawn.depth(depth) },
            weighs_as: WeighsAs::Sawn(frame.stud.species),
        }
    }

    /// What the plates of a wall are cut from. They weigh what their own species does.
    pub fn of_plates(frame: &WallFrame) -> Self {
        Self { weighs_as: WeighsAs::Sawn(frame.plate_species), ..Self::of_studs(frame) }
    }

    /// What a foot of it weighs, lb.
    pub fn pounds_a_foot(&self, moisture: Moisture) -> f64 {
        self.section.area_square_inches() / 144.0 * self.weighs_as.density_pcf(moisture)
    }

    /// As it is called on a cut list.
    pub fn phrase(&self) -> Phrase {
        self.minded.said_of(&self.wood)
    }
}

impl Member {
    /// A square piece: an upright is cut to its height, anything else to its width.
    pub fn new(role: Role, opening: Option<OpeningId>, rect: Rect, stock: Stock) -> Self {
        let cut = if role.stands() { rect.height } else { rect.width };
        Self { role, opening, rect, climb: Climb::default(), meets: None, cut, bevel: None, plies: 1, stock }
    }

    /// Its size through the wall, all plies together. What lies flat or stands edge to the face is as deep as its board; what shows its broad
    /// side is as thick. A ripped piece is told by the side that it comes nearer to.
    pub fn through(&self) -> Length {
        // A block over the plates is seen from its end.
        if self.role == Role::CeilingBlock {
            return self.cut;
        }
        let seen = if self.role.stands() {
            self.rect.width
        } else {
            self.rect.height - self.climb.bottom.abs().max(self.climb.top.abs())
        };
        let Rectangle { width: thick, depth: deep } = self.stock.section;
        let shows_its_edge = (seen - thick).abs() <= (seen - deep).abs();
        (if shows_its_edge { deep } else { thick }) * i64::from(self.plies.max(1))
    }

    /// Lower and upper edge at a place within it.
    pub fn edges_at(&self, x: Length) -> (Length, Length) {
        let low = self.rect.y + (-self.climb.bottom).max(Length::ZERO);
        let high = self.rect.top() - self.climb.top.max(Length::ZERO);
        let part = (x - self.rect.x).to_inches() / self.rect.width.to_inches();
        let climbed = |by: Length| Length::from_decimal_inches(by.to_inches() * part);
        (low + climbed(self.climb.bottom), high + climbed(self.climb.top))
    }

    /// Whether the two share more area than a pencil line: marks are made to 1/64 in.
    pub fn overlaps(&self, other: &Self) -> bool {
        if !self.rect.overlaps(&other.rect) {
            return false;
        }
        if self.climb == Climb::default() && other.climb == Climb::default() {
            return true;
        }
        let pencil = Length::inches_and(0, 1, 32);
        let (from, to) = (self.rect.x.max(other.rect.x), self.rect.right().min(other.rect.right()));
        // Straight edges: if they cross anywhere, they do at an end or between the two.
        [from, from + (to - from).half(), to].into_iter().any(|x| {
            let ((low, high), (other_low, other_high)) = (self.edges_at(x), other.edges_at(x));
            pencil < high.min(other_high) - low.max(other_low)
        })
    }
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
                | Self::BayFiller
                | Self::StepStud
                | Self::TemporaryStud
                | Self::SquashBlock
        )
    }

    /// Whether it is one of the two top plates.
    pub const fn is_top_plate(self) -> bool {
        matches!(self, Self::TopPlate | Self::SecondTopPlate)
    }

    /// The name on a cut list.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::SolePlate => say!("role-sole-plate"),
            Self::SolePlateCutLast => say!("role-sole-plate-cut-last"),
            Self::TopPlate => say!("role-top-plate"),
            Self::SecondTopPlate => say!("role-second-top-plate"),
            Self::Stud => say!("role-stud"),
            Self::CornerStud => say!("role-corner-stud"),
            Self::PartitionStud => say!("role-partition-stud"),
            Self::PartitionBacker => say!("role-partition-backer"),
            Self::LadderBlock => say!("role-ladder-block"),
            Self::Blocking => say!("role-blocking"),
            Self::PointLoadStud => say!("role-point-load-stud"),
            Self::King => say!("role-king"),
            Self::Jack => say!("role-jack"),
            Self::HeaderPost => say!("role-header-post"),
            Self::Header => say!("role-header"),
            Self::Nailer => say!("role-nailer"),
            Self::HeadPacking => say!("role-head-packing"),
            Self::FlatHead => say!("role-flat-head"),
            Self::Sill => say!("role-sill"),
            Self::CrippleAbove => say!("role-cripple-above"),
            Self::CrippleBelow => say!("role-cripple-below"),
            Self::BayFiller => say!("role-bay-filler"),
            Self::StepStud => say!("role-step-stud"),
            Self::PlateEndBlock => say!("role-plate-end-block"),
            Self::CornerBlock => say!("role-corner-block"),
            Self::BackingBlock => say!("role-backing-block"),
            Self::TemporaryStud => say!("role-temporary-stud"),
            Self::CeilingBlock => say!("role-ceiling-block"),
            Self::SquashBlock => say!("role-squash-block"),
        }
    }
}
