//! What a wall carries, as the user describes it; what of it is outside the limits, and what of it has yet to be said.

use super::floor::{FloorOnWall, FloorUse, Tail};
use super::lines::{Extent, SiteLoads};
use super::roof::{RidgePost, RoofFraming, RoofOnWall, SnowTrouble};
use super::said::Asked;
use crate::measure::{Length, Pressure};

/// What a wall carries.
#[derive(Clone, Debug, Default, PartialEq)]
pub enum WallCarries {
    /// A partition: nothing but itself.
    #[default]
    Nothing,
    /// Framing lands on it, each along the whole wall or part of it.
    Framing(Vec<Carried>),
}

/// Something that lands on a wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Carried {
    /// What.
    pub framing: Framing,
    /// From where to where along the wall; `None` is all along. A ridge post has its own place.
    pub extent: Extent,
    /// Whether it stands on the end of the tail of a floor that runs past the wall, rather than on the wall.
    pub on_tail: bool,
}

/// Framing that lands on a wall.
#[derive(Clone, Copy, Debug, PartialEq)]
pub enum Framing {
    /// A roof.
    Roof(RoofOnWall),
    /// A post under a ridge beam.
    RidgePost(RidgePost),
    /// A floor or deck.
    Floor(FloorOnWall),
    /// A wall.
    WallAbove(WallAbove),
    /// The triangle of a gable wall.
    Gable(GableAbove),
}

/// A wall standing on this one.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct WallAbove {
    /// Its height.
    pub height: Length,
    /// Its dead load per face.
    pub dead: Pressure,
    /// Its own openings.
    pub openings: OpeningsAbove,
    /// Whether it is of brick or stone, which wood does not carry here.
    pub brick: bool,
}

/// The most openings of a wall above.
pub const MOST_OPENINGS_ABOVE: usize = 6;

/// Openings of a wall above: what stands on it comes down beside them.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum OpeningsAbove {
    /// Nobody said.
    #[default]
    NotSaid,
    /// None, assumed before anybody was asked.
    AssumedNone,
    /// None over this wall's openings.
    None,
    /// At these places of this wall, face to face.
    At([Option<(Length, Length)>; MOST_OPENINGS_ABOVE]),
}

/// A gable triangle standing on this wall, its peak in the middle of its extent.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct GableAbove {
    /// Rise in 12 of run.
    pub rise_in_twelve: f64,
    /// Its dead load per face.
    pub dead: Pressure,
}

/// Why there is no number for what is carried.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum CarriedLimit {
    /// Snow that drifts, ice, or a hip's unbalanced snow.
    Snow(SnowTrouble),
    /// More floors over the wall than three storeys have.
    TooManyStoreys,
    /// Rafters on a ridge board that is too flat to hold them by leaning on one another.
    RidgeBoardTooFlat,
    /// Brick or stone on wood.
    Brick,
}

/// Floors that may stand over a wall: the wall of the lowest of three storeys carries two.
const MOST_FLOORS: usize = 2;
/// The flattest roof on a ridge board, rise in 12: under it a ridge beam has to carry (IRC 2021 R802.4, from memory).
pub const FLATTEST_RIDGE_BOARD: f64 = 3.0;

/// What of the carried framing is outside the limits.
pub fn limits_of(carried: &[Carried]) -> Option<CarriedLimit> {
    let of_one = carried.iter().find_map(|item| match item.framing {
        Framing::Roof(roof) if roof.snow_trouble != SnowTrouble::None => Some(CarriedLimit::Snow(roof.snow_trouble)),
        Framing::Roof(roof) => {
            let on_board = matches!(
                roof.framing,
                RoofFraming::RaftersWithClearCeilingJoists | RoofFraming::RaftersWithLappedCeilingJoists
            );
            (on_board && roof.rise_in_twelve < FLATTEST_RIDGE_BOARD).then_some(CarriedLimit::RidgeBoardTooFlat)
        }
        Framing::WallAbove(wall) if wall.brick => Some(CarriedLimit::Brick),
        _ => None,
    });
    // Floors beside one another along the wall are one storey.
    let floors = |place: Length| {
        let storey = |item: &&Carried| matches!(item.framing, Framing::Floor(floor) if floor.use_ != FloorUse::Deck);
        carried.iter().filter(|item| item.is_at(place)).filter(storey).count()
    };
    let places = carried.iter().map(|item| item.extent.map_or(Length::ZERO, |(from, _)| from));
    let most = places.map(floors).max().unwrap_or(0);
    of_one.or((MOST_FLOORS < most).then_some(CarriedLimit::TooManyStoreys))
}

impl Carried {
    fn is_at(&self, place: Length) -> bool {
        self.extent.is_none_or(|(from, to)| from <= place && place < to)
    }

    /// Whether any of it lands between two places.
    pub fn reaches(&self, from: Length, to: Length) -> bool {
        match self.framing {
            Framing::RidgePost(post) => from <= post.at && post.at <= to,
            _ => self.extent.is_none_or(|(start, end)| start < to && from < end),
        }
    }

    /// Whether snow comes down with it.
    fn brings_snow(&self) -> bool {
        match self.framing {
            Framing::Roof(roof) => roof.framing != RoofFraming::MiddleWallUnderLappedCeilingJoists,
            Framing::RidgePost(_) => true,
            Framing::Floor(floor) => floor.carries_snow(),
            Framing::WallAbove(_) | Framing::Gable(_) => false,
        }
    }
}

/// What has yet to be said of what lands between two places of a wall: of snow, only whether the place's is said, which
/// `snow_is_said` tells.
pub fn asked_of(carried: &[Carried], site: &SiteLoads, snow_is_said: bool, stretch: (Length, Length)) -> Vec<Asked> {
    let here: Vec<&Carried> = carried.iter().filter(|item| item.reaches(stretch.0, stretch.1)).collect();
    let mut asked = Vec::new();
    if !snow_is_said && here.iter().any(|item| item.brings_snow()) {
        asked.push(Asked::Snow);
    }
    let floors =
        || here.iter().filter_map(|item| if let Framing::Floor(floor) = item.framing { Some(floor) } else { None });
    if snow_is_said && site.snow.ground_at_allowable_level().is_none() && floors().any(|floor| floor.carries_snow()) {
        asked.push(Asked::GroundSnow);
    }
    let tails = || floors().filter(|floor| floor.lever().is_some());
    let on_tail = here.iter().any(|item| item.on_tail);
    if tails().any(|floor| floor.tail == Tail::NotSaid) {
        asked.push(Asked::Tail);
    }
    if tails().any(|floor| floor.tail == Tail::Loaded) && !on_tail {
        asked.push(Asked::OnTail);
    }
    if on_tail && !tails().any(|floor| floor.tail == Tail::Loaded) {
        asked.push(Asked::TailOfWhat);
    }
    let roof = here.iter().any(|item| matches!(item.framing, Framing::Roof(_)));
    let storeys =
        floors().filter(|floor| matches!(floor.use_, FloorUse::Living | FloorUse::Sleeping) && !floor.no_wall_above);
    let walls = here.iter().filter(|item| matches!(item.framing, Framing::WallAbove(_))).count();
    if roof && walls < storeys.count() {
        asked.push(Asked::WallBetween);
    }
    let unsaid =
        |item: &&&Carried| matches!(item.framing, Framing::WallAbove(wall) if wall.openings == OpeningsAbove::NotSaid);
    if here.iter().any(|item| unsaid(&item)) {
        asked.push(Asked::OpeningsAbove);
    }
    asked
}
