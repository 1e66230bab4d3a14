//! Settings of a job: the place, the wind, the limits, the school that governs, the shop's own rules.

use super::WallId;
use super::rough_opening::RoughOpeningRules;
use crate::loads::{Answer, Enclosure, SiteLoads, SiteSnow, SnowEdition, Standing, WindExposure, WindSpeed};
use crate::lumber::Moisture;
use crate::measure::{Length, Pressure};
use crate::sizing::candidates::{Aim, Margin};
use crate::sizing::kings::KingTable;
use crate::sizing::schools::{School, ShopRules};

/// Settings of a job.
#[derive(Clone, Debug, PartialEq)]
pub struct Settings {
    /// Loads of the place.
    pub site: SiteLoads,
    /// Where snow and wind come from, where a place was asked for them.
    pub place: Option<PlaceFigures>,
    /// Wind on the kings.
    pub wind: KingWindBasis,
    /// Whether snow and wind were said.
    pub said: SiteSaid,
    /// Whether walls have a brittle finish, which kings bend less for.
    pub brittle_finish: Answer,
    /// Whether the building is partially enclosed.
    pub partially_enclosed: Answer,
    /// Whether it stands on a hill or ridge, where wind is stronger than is calculated here.
    pub on_a_hill: Answer,
    /// Live-load deflection limit: span over this.
    pub live_deflection_limit: f64,
    /// Total deflection limit: span over this.
    pub total_deflection_limit: f64,
    /// Creep factor on dead-load deflection.
    pub creep: f64,
    /// The most a header may sag under live load over a sliding or overhead door; `None` sets no such limit.
    pub most_sag_over_door: Option<Length>,
    /// Deflection limit of kings in wind: height over this.
    pub king_deflection_limit: f64,
    /// Which code table counts kings.
    pub king_table: KingTable,
    /// Which school governs.
    pub school: School,
    /// What is looked for in a header.
    pub aim: Aim,
    /// Only what is needed, or one more.
    pub margin: Margin,
    /// The shop's own rules.
    pub shop: ShopRules,
    /// How much larger rough openings are than their units.
    pub rough: RoughOpeningRules,
    /// Thickness of the finish floor, on which doors stand.
    pub finish_floor: Length,
    /// Top of a kitchen's counter above the finish floor.
    pub counter: Length,
    /// The backsplash over it.
    pub backsplash: Length,
    /// How wet the lumber is and who raises walls.
    pub raising: Raising,
    /// Walls that somebody put first in the order of raising, as they were put; the others follow as is usual.
    pub raising_order: Vec<WallId>,
}

/// How wet the lumber is, and who raises walls: the crew is a size, not people.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Raising {
    /// Moisture of sawn lumber, percent.
    pub moisture_percent: f64,
    /// How many people lift.
    pub crew: u32,
    /// The most that each is asked to hold at the top plate, lb.
    pub pounds_each: f64,
}

impl Raising {
    /// Its lumber's moisture; as it is sold where what is kept is out of bounds.
    pub fn moisture(self) -> Moisture {
        Moisture::percent(self.moisture_percent).unwrap_or(Moisture::USUAL)
    }
}

impl Default for Raising {
    /// Lumber as it is sold, 19 %; four people, 95 lb each at the most. Common practice, no source.
    fn default() -> Self {
        Self { moisture_percent: 19.0, crew: 4, pounds_each: 95.0 }
    }
}

/// What somebody said of a place: a job's snow and wind come from it for as long as they are these.
#[derive(Clone, Debug, PartialEq)]
pub struct PlaceFigures {
    /// What the place is called.
    pub name: String,
    /// Who says so.
    pub source: String,
    /// How deep the ground freezes there.
    pub frost_depth: Length,
    /// Ground snow.
    pub ground_snow: Pressure,
    /// The edition it belongs to.
    pub edition: SnowEdition,
    /// Basic wind speed, mph.
    pub miles_per_hour: f64,
    /// Exposure.
    pub exposure: WindExposure,
}

/// Which figures of the place were said. One that nobody said is not used: what needs it has no number.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct SiteSaid {
    /// Snow.
    pub snow: Standing,
    /// Wind.
    pub wind: Standing,
}

impl SiteSaid {
    /// Both said.
    pub const SAID: Self = Self { snow: Standing::Said, wind: Standing::Said };
}

impl Settings {
    /// How open the building is to the wind.
    pub fn enclosure(&self) -> Enclosure {
        if self.partially_enclosed == Answer::Yes { Enclosure::PartiallyEnclosed } else { Enclosure::Enclosed }
    }

    /// Deflection limit of kings: height over this; a brittle finish asks for 360 (IRC 2021 Table R301.7, from memory).
    pub fn king_limit(&self) -> f64 {
        const BRITTLE: f64 = 360.0;
        if self.brittle_finish == Answer::Yes {
            self.king_deflection_limit.max(BRITTLE)
        } else {
            self.king_deflection_limit
        }
    }
}

/// Where the wind on the kings comes from.
#[derive(Clone, Copy, Debug, Default, PartialEq)]
pub enum KingWindBasis {
    /// Not calculated: the code's table counts them.
    #[default]
    CodeTableOnly,
    /// A strength-level pressure that somebody worked out.
    Pressure(Pressure),
    /// From the wind speed of the place.
    Speed(WindSpeed),
}

impl Default for Settings {
    fn default() -> Self {
        let ground = Pressure::psf(30.0);
        Self {
            site: SiteLoads {
                snow: SiteSnow { unbalanced: true, ..SiteSnow::even(ground) },
                roof_live: Pressure::psf(20.0),
            },
            place: None,
            wind: KingWindBasis::CodeTableOnly,
            said: SiteSaid::default(),
            brittle_finish: Answer::NotSaid,
            partially_enclosed: Answer::NotSaid,
            on_a_hill: Answer::NotSaid,
            live_deflection_limit: 360.0,
            total_deflection_limit: 240.0,
            creep: 1.5,
            most_sag_over_door: Some(Length::inches_and(0, 3, 8)),
            king_deflection_limit: 240.0,
            king_table: KingTable::Irc2018LowWind,
            school: School::Calculation,
            aim: Aim::Cheapest,
            margin: Margin::Lean,
            shop: ShopRules { doubles_jacks_from: Some(Length::feet(5)), ..ShopRules::default() },
            rough: RoughOpeningRules::default(),
            finish_floor: Length::ZERO,
            counter: Length::inches(36),
            backsplash: Length::inches(4),
            raising: Raising::default(),
            raising_order: Vec::new(),
        }
    }
}
