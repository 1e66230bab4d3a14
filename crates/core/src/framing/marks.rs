//! The marks on the plates: one for every upright member that meets them.

use super::member::{Member, Role};
use crate::job::{OpeningId, TWO_BY};
use crate::measure::Length;

/// The letter that is written on the plate.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum MarkKind {
    /// X: stud.
    Stud,
    /// K: king.
    King,
    /// J: jack.
    Jack,
    /// C: cripple.
    Cripple,
    /// P: stud under a point load.
    PointLoad,
    /// T: channel of a crossing wall.
    Partition,
}

impl MarkKind {
    /// What is written.
    pub const fn letter(self) -> char {
        match self {
            Self::Stud => 'X',
            Self::King => 'K',
            Self::Jack => 'J',
            Self::Cripple => 'C',
            Self::PointLoad => 'P',
            Self::Partition => 'T',
        }
    }
}

/// One mark.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Mark {
    /// Left edge of the member, as the tape reads.
    pub at: Length,
    /// Width of the member on the plate.
    pub width: Length,
    /// Which plates it is made on.
    pub on: PlatesMarked,
    /// The letter.
    pub kind: MarkKind,
    /// The opening it belongs to, if any.
    pub opening: Option<OpeningId>,
}

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

    const fn of(sole: bool, top: bool) -> Option<Self> {
        match (sole, top) {
            (true, true) => Some(Self::Both),
            (true, false) => Some(Self::Sole),
            (false, true) => Some(Self::Top),
            (false, false) => None,
        }
    }
}

/// Marks for the members, from left to right: one for every upright that meets a plate. `under_top` is the underside of the
/// top plates.
pub fn marks(members: &[Member], under_top: Length) -> Vec<Mark> {
    let mut marks: Vec<Mark> = members
        .iter()
        .filter_map(|member| {
            let kind = mark_kind(member.role)?;
            let on = PlatesMarked::of(member.rect.y == TWO_BY, member.rect.top() == under_top)?;
            Some(Mark { at: member.rect.x, width: member.rect.width, on, kind, opening: member.opening })
        })
        .collect();
    marks.sort_by_key(|mark| (mark.at, mark.on, mark.kind));
    marks
}

const fn mark_kind(role: Role) -> Option<MarkKind> {
    match role {
        Role::Stud | Role::CornerStud => Some(MarkKind::Stud),
        Role::PartitionStud | Role::PartitionBacker => Some(MarkKind::Partition),
        Role::King => Some(MarkKind::King),
        Role::Jack => Some(MarkKind::Jack),
        Role::CrippleAbove | Role::CrippleBelow => Some(MarkKind::Cripple),
        Role::PointLoadStud | Role::HeaderPost => Some(MarkKind::PointLoad),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::member::Rect;

    fn upright(role: Role, from: i64, to: i64) -> Member {
        let rect =
            Rect { x: Length::inches(20), y: Length::inches(from), width: TWO_BY, height: Length::inches(to - from) };
        Member { role, opening: None, rect, cut: rect.height, plies: 1, stock: String::new() }
    }

    #[test]
    fn what_stands_on_one_plate_is_marked_on_that_one() {
        let half = Length::inches_and(0, 1, 2);
        let lift = |mut member: Member| {
            member.rect.y += half;
            member.rect.height -= half;
            member
        };
        // Underside of the top plates at 94; the sole plate's top at 1 1/2.
        let stud = lift(upright(Role::Stud, 1, 94));
        let jack = lift(upright(Role::Jack, 1, 82));
        let cripple = upright(Role::CrippleAbove, 90, 94);
        let packing = upright(Role::CrippleAbove, 84, 88);
        let on: Vec<PlatesMarked> =
            marks(&[stud, jack, cripple, packing], Length::inches(94)).iter().map(|mark| mark.on).collect();
        assert_eq!(on, [PlatesMarked::Sole, PlatesMarked::Top, PlatesMarked::Both], "packing meets no plate");
    }
}
