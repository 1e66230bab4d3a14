//! How a wall is opened: where its temporary walls stand, and what of.

use crate::measure::Length;
use crate::say;
use crate::shoring::header_over_studs::{FARTHEST_STUDS, NEAREST_STUDS, TemporaryHeader};
use crate::shoring::joists_meanwhile::{FARTHEST_JOISTS, Joists, NEAREST_JOISTS};
use crate::shoring::moment_between::APART;
use crate::shoring::temporary_wall::MOST_PLIES;
use crate::speech::{Phrase, distance};

/// How a wall is opened.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Opening {
    /// How far off the wall's middle a temporary wall stands at its lower side; none stands there where nothing is said.
    pub lower: Option<Length>,
    /// And at its upper side.
    pub upper: Option<Length>,
    /// Studs nailed to one another.
    pub plies: u8,
    /// Rows of blocking between the studs.
    pub rows: u8,
    /// A header over studs that stand farther apart; a plate over studs as far apart as the wall's where nothing is said.
    pub header: Option<TemporaryHeader>,
    /// What the joists over it are; nothing where nobody said, and then they are not checked.
    pub joists: Option<Joists>,
    /// Whether the floors above are cleared of people and furniture.
    pub floors_cleared: bool,
    /// Whether snow is out of season.
    pub no_snow: bool,
}

/// The most rows of blocking.
const MOST_ROWS: u8 = 5;
/// Temporary walls stand no farther off.
pub const FARTHEST: Length = Length::feet(8);

impl Opening {
    /// Temporary walls 30 in. off on both sides, single studs with one row of blocking, floors in use, snow. Common practice, no source.
    pub const USUAL: Self = Self {
        lower: Some(Length::inches(30)),
        upper: Some(Length::inches(30)),
        plies: 1,
        rows: 1,
        header: None,
        joists: None,
        floors_cleared: false,
        no_snow: false,
    };

    /// Whether temporary walls are built so.
    ///
    /// # Errors
    /// The field that is out of bounds, and the bounds in a sentence.
    pub fn within_bounds(&self) -> Result<(), (&'static str, Phrase)> {
        let off = say!("shore-off-bounds", least = distance(APART), most = distance(FARTHEST));
        let stands = |off: Option<Length>| off.is_none_or(|off| (APART..=FARTHEST).contains(&off));
        if !stands(self.lower) {
            return Err(("lower", off));
        }
        if !stands(self.upper) {
            return Err(("upper", off));
        }
        if !(1..=MOST_PLIES).contains(&self.plies) {
            return Err(("plies", say!("shore-plies-bounds", most = MOST_PLIES)));
        }
        if MOST_ROWS < self.rows {
            return Err(("rows", say!("shore-rows-bounds", most = MOST_ROWS)));
        }
        let studs = NEAREST_STUDS..=FARTHEST_STUDS;
        if self.header.is_some_and(|header| !studs.contains(&header.apart)) {
            let (least, most) = (distance(NEAREST_STUDS), distance(FARTHEST_STUDS));
            return Err(("apart", say!("shore-apart-bounds", least, most)));
        }
        let joists = NEAREST_JOISTS..=FARTHEST_JOISTS;
        if self.joists.is_some_and(|each| !joists.contains(&each.spacing)) {
            let (least, most) = (distance(NEAREST_JOISTS), distance(FARTHEST_JOISTS));
            return Err(("joist_spacing", say!("shore-joists-bounds", least, most)));
        }
        Ok(())
    }
}
