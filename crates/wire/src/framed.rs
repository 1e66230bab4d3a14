//! A framed wall on the wire: members, marks, pieces, nailing, and what changed since an opening was framed. Lengths are whole
//! nanometers.

use serde::Serialize;
use sturvek_core::framing;
use sturvek_core::framing::changes::Changes;
use sturvek_core::framing::margins::Margins;
use sturvek_core::framing::member::Bevel;
use sturvek_core::framing::nailing::Nailing;
use sturvek_core::lumber::HeaderSpec;
use sturvek_core::measure::{Ends, Length};
use utoipa::ToSchema;
use uuid::Uuid;

use crate::choices::{MemberRole, Minded, PlateMarkKind, PlatesMarked};
use crate::speech::Phrase;

/// A member: the box around it, from its lower left corner, and how far its edges climb within that.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct Member {
    /// Its role.
    pub role: MemberRole,
    /// The opening it belongs to.
    pub opening: Option<Uuid>,
    /// Left edge.
    pub x: i64,
    /// Lower edge, above the subfloor.
    pub y: i64,
    /// Width.
    pub width: i64,
    /// Height.
    pub height: i64,
    /// How far its lower edge climbs from left to right; negative where it falls.
    pub climb_bottom: i64,
    /// How far its upper edge climbs.
    pub climb_top: i64,
    /// The length it is cut to, at its longest.
    pub cut: i64,
    /// How its end is cut where it is not square: degrees off square.
    pub bevel_degrees: Option<f64>,
    /// Pieces behind one another.
    pub plies: u8,
    /// What it is cut from: size, species and grade.
    pub stock: String,
    /// What has to be minded with it.
    pub minded: Minded,
}

/// A mark on the plates.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct Mark {
    /// Left edge, as the tape reads along the sole plate.
    pub at: i64,
    /// The same along the top plates, which are longer where they climb.
    pub at_on_top: i64,
    /// Width on the plate.
    pub width: i64,
    /// Which plates carry it.
    pub on: PlatesMarked,
    /// What it marks.
    pub kind: PlateMarkKind,
    /// What is written: `X`, `J2`.
    pub label: String,
    /// The opening it belongs to.
    pub opening: Option<Uuid>,
}

/// A line of the cut list.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct PieceView {
    /// What it is for.
    pub role: MemberRole,
    /// How many.
    pub count: u32,
    /// Cut length, at its longest.
    pub length: i64,
    /// How its end is cut where it is not square: degrees off square.
    pub bevel_degrees: Option<f64>,
    /// What it is cut from: size, species and grade.
    pub stock: String,
    /// What has to be minded with it.
    pub minded: Minded,
}

/// How one joint is nailed.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct NailingView {
    /// What is joined.
    pub joint: Phrase,
    /// The nails.
    pub nails: Phrase,
    /// Where it comes from.
    pub source: Phrase,
}

/// What is left beside a rough opening, at the left and at the right.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct MarginsView {
    /// To the wall's ends, as it is seen from outside.
    pub outside: [i64; 2],
    /// To the nearest crossing walls, as it is seen from the room.
    pub inside: [i64; 2],
}

/// What changed since an opening was framed.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct ChangesView {
    /// The header then; left out where it is the same one, or there was none.
    pub header_before: Option<HeaderCut>,
    /// The header now; left out where it is the same one, or there is none.
    pub header_now: Option<HeaderCut>,
    /// Pieces that come out.
    pub out: Vec<PieceView>,
    /// Pieces that go in.
    pub new: Vec<PieceView>,
    /// Marks to strike.
    pub struck: Vec<Mark>,
    /// Marks to make.
    pub made: Vec<Mark>,
}

/// A header as it is cut.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct HeaderCut {
    /// Its name.
    pub name: String,
    /// Its length.
    pub length: i64,
}

impl From<&framing::Member> for Member {
    fn from(member: &framing::Member) -> Self {
        Self {
            role: member.role.into(),
            opening: member.opening.map(|id| Uuid::from_u128(id.0)),
            x: member.rect.x.nanometers(),
            y: member.rect.y.nanometers(),
            width: member.rect.width.nanometers(),
            height: member.rect.height.nanometers(),
            climb_bottom: member.climb.bottom.nanometers(),
            climb_top: member.climb.top.nanometers(),
            cut: member.cut.nanometers(),
            bevel_degrees: member.bevel.map(Bevel::degrees),
            plies: member.plies,
            stock: member.stock.wood.to_string(),
            minded: member.stock.minded.into(),
        }
    }
}

impl From<&framing::Mark> for Mark {
    fn from(mark: &framing::Mark) -> Self {
        Self {
            at: mark.at.nanometers(),
            at_on_top: mark.at_on_top.nanometers(),
            width: mark.width.nanometers(),
            on: mark.on.into(),
            kind: mark.kind.into(),
            label: mark.label(),
            opening: mark.opening.map(|id| Uuid::from_u128(id.0)),
        }
    }
}

impl From<&framing::Piece> for PieceView {
    fn from(piece: &framing::Piece) -> Self {
        Self {
            role: piece.role.into(),
            count: piece.count,
            length: piece.length.nanometers(),
            bevel_degrees: piece.bevel.map(Bevel::degrees),
            stock: piece.stock.wood.to_string(),
            minded: piece.stock.minded.into(),
        }
    }
}

impl From<&Nailing> for NailingView {
    fn from(nailing: &Nailing) -> Self {
        Self { joint: (&nailing.joint).into(), nails: (&nailing.nails).into(), source: (&nailing.source).into() }
    }
}

impl From<&Margins> for MarginsView {
    fn from(margins: &Margins) -> Self {
        let both = |ends: Ends<Length>| [ends.left.nanometers(), ends.right.nanometers()];
        Self { outside: both(margins.outside), inside: both(margins.inside) }
    }
}

impl From<&Changes> for ChangesView {
    fn from(changes: &Changes) -> Self {
        let cut =
            |(header, length): (HeaderSpec, Length)| HeaderCut { name: header.name(), length: length.nanometers() };
        let [before, now] = changes.header.unwrap_or_default();
        Self {
            header_before: before.map(cut),
            header_now: now.map(cut),
            out: changes.out.iter().map(Into::into).collect(),
            new: changes.new.iter().map(Into::into).collect(),
            struck: changes.struck.iter().map(Into::into).collect(),
            made: changes.made.iter().map(Into::into).collect(),
        }
    }
}
