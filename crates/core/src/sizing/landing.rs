//! # What a load at one place stands on
//!
//! **What it does.** Says of a place beside or over an opening whether the header takes a load there, a pack, or neither. A pack reaches
//! to the outside of its kings; a header that runs on past its pack takes what stands on it there.
//!
//! **Source.** Common practice, no source: what the top plates bring onto a pack, its studs take together.
//!
//! **Assumptions and limits.** At the seam of two packs the right one takes it, so that every load counts once.
//!
//! **Worked example.** Two jacks and six kings are 12 in.: a girder 8 in. outside the face stands on the pack.

use crate::measure::{End, Ends, Length};

/// What a load at one place stands on.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Landing {
    /// The header.
    Header,
    /// A pack: its jacks and kings.
    Pack(End),
    /// Neither: it is past the packs.
    Beyond,
}

/// An opening and what stands beside it, as far as loads reach it.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Reach {
    /// The rough opening.
    pub clear: Length,
    /// Thickness of a stud.
    pub stud: Length,
    /// Jacks at each end.
    pub jacks: Ends<u8>,
    /// Kings at each end; `None` where what stands beyond the jacks is not known, and the pack takes it all.
    pub kings: Ends<Option<u8>>,
    /// How far the header runs past each face; `None` where it ends on the pack.
    pub past: Ends<Option<Length>>,
}

impl Reach {
    /// What a load stands on, its place measured from the left face of the opening.
    pub fn landing(&self, at: Length) -> Landing {
        if Length::ZERO < at && at < self.clear {
            return Landing::Header;
        }
        let (end, beyond) = if at <= Length::ZERO { (End::Left, -at) } else { (End::Right, at - self.clear) };
        let jacks = self.stud * i64::from(*self.jacks.at(end));
        if self.past.at(end).is_some_and(|past| jacks < beyond && beyond <= past) {
            return Landing::Header;
        }
        let Some(kings) = *self.kings.at(end) else { return Landing::Pack(end) };
        let edge = jacks + self.stud * i64::from(kings);
        let within = match end {
            End::Left => beyond <= edge,
            End::Right => beyond < edge,
        };
        if within { Landing::Pack(end) } else { Landing::Beyond }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn beside_a_door() -> Reach {
        Reach {
            clear: Length::inches(192),
            stud: Length::inches_and(1, 1, 2),
            jacks: Ends::both(2),
            kings: Ends::both(Some(6)),
            past: Ends::both(None),
        }
    }

    #[test]
    fn a_pack_reaches_to_the_outside_of_its_kings() {
        let reach = beside_a_door();
        let landing = |inches: i64| reach.landing(Length::inches(inches));
        assert_eq!(landing(-8), Landing::Pack(End::Left));
        assert_eq!([-12, -13].map(landing), [Landing::Pack(End::Left), Landing::Beyond]);
        // At its right edge the next pack begins.
        assert_eq!(
            [192, 203, 204].map(landing),
            [Landing::Pack(End::Right), Landing::Pack(End::Right), Landing::Beyond]
        );
        assert_eq!(landing(96), Landing::Header);
    }

    #[test]
    fn a_header_that_runs_on_takes_what_stands_on_it_there() {
        let past = Ends { left: Some(Length::inches(40)), right: None };
        let reach = Reach { past, ..beside_a_door() };
        let landing = |inches: i64| reach.landing(Length::inches(inches));
        assert_eq!(
            [-3, -4, -40, -41].map(landing),
            [Landing::Pack(End::Left), Landing::Header, Landing::Header, Landing::Beyond]
        );
    }
}
