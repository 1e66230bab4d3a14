//! The marks on the plates: one for every upright member that meets them.

use super::member::{Member, Role};
use crate::job::OpeningId;
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
    /// The letter.
    pub kind: MarkKind,
    /// The opening it belongs to, if any.
    pub opening: Option<OpeningId>,
}

/// Marks for the members, from left to right. Members over one another share a mark: a cripple over a jack stands on the
/// jack's.
pub fn marks(members: &[Member]) -> Vec<Mark> {
    let mut marks: Vec<Mark> = members
        .iter()
        .filter_map(|member| {
            let kind = mark_kind(member.role)?;
            Some(Mark { at: member.rect.x, width: member.rect.width, kind, opening: member.opening })
        })
        .collect();
    marks.sort_by_key(|mark| (mark.at, mark.kind));
    marks.dedup_by_key(|mark| mark.at);
    marks
}

const fn mark_kind(role: Role) -> Option<MarkKind> {
    match role {
        Role::Stud => Some(MarkKind::Stud),
        Role::King => Some(MarkKind::King),
        Role::Jack => Some(MarkKind::Jack),
        Role::CrippleAbove | Role::CrippleBelow => Some(MarkKind::Cripple),
        Role::PointLoadStud | Role::HeaderPost => Some(MarkKind::PointLoad),
        _ => None,
    }
}
