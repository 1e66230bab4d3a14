//! A job's settings and its jurisdiction's header table.

use serde::{Deserialize, Serialize};
use sturvek_core::job::rough_opening::RoughOpeningRules;
use sturvek_core::job::{self, usual_sizes};
use sturvek_core::loads;
use sturvek_core::measure::Pressure;
use sturvek_core::sizing::schools::{self, ShopRules};
use utoipa::ToSchema;
use uuid::Uuid;

use super::stock::Header;
use crate::choices::{Aim, Answer, Depth, KingTable, Margin, School, SnowEdition, Standing, TableBlock, WindExposure};
use crate::reading::{Reader, Resolve};
use crate::typed::TypedLength;

/// Settings of a job. What is left out is as usual.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(default)]
pub struct Settings {
    /// Whether `snow` is ground snow or the user's own roof snow.
    pub snow_basis: SnowBasis,
    /// Snow, lb/ft².
    pub snow: f64,
    /// Edition of the ground snow.
    pub snow_edition: SnowEdition,
    /// Exposure factor, Ce.
    pub snow_exposure: f64,
    /// Thermal factor, Ct.
    pub snow_thermal: f64,
    /// Importance factor, I.
    pub snow_importance: f64,
    /// Whether gables are also checked with the snow blown to one side.
    pub unbalanced_snow: bool,
    /// Winter wind parameter, W2.
    pub winter_wind: f64,
    /// Roof live load, lb/ft².
    pub roof_live: f64,
    /// Where snow and wind come from, where a place was asked for them.
    pub place: Option<PlaceFigures>,
    /// Wind on the kings.
    pub wind: KingWind,
    /// Whether the snow was said.
    pub snow_said: Standing,
    /// Whether the wind was said.
    pub wind_said: Standing,
    /// Whether walls have a brittle finish.
    pub brittle_finish: Answer,
    /// Whether the building is partially enclosed.
    pub partially_enclosed: Answer,
    /// Whether it stands on a hill or ridge.
    pub on_a_hill: Answer,
    /// Live-load deflection limit: span over this.
    pub live_deflection_limit: f64,
    /// Total deflection limit: span over this.
    pub total_deflection_limit: f64,
    /// Creep factor on dead-load deflection.
    pub creep: f64,
    /// The most a header may sag under live load over a sliding or overhead door.
    pub most_sag_over_door: Option<TypedLength>,
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
    /// The shop doubles jacks from this width on.
    pub shop_doubles_jacks_from: Option<TypedLength>,
    /// The shop doubles kings from this width on.
    pub shop_doubles_kings_from: Option<TypedLength>,
    /// Which header the shop puts over what; the first that holds counts.
    pub shop_headers: Vec<ShopHeader>,
    /// How much larger rough openings are than their units.
    pub rough_rules: RoughRules,
    /// Thickness of the finish floor, on which doors stand.
    pub finish_floor: TypedLength,
    /// How wet the lumber is and who raises walls.
    pub raising: Raising,
    /// Walls that somebody put first in the order of raising, as they were put.
    #[serde(default)]
    pub raising_order: Vec<Uuid>,
    /// Top of a kitchen's counter above the finish floor.
    pub counter: TypedLength,
    /// The backsplash over it.
    pub backsplash: TypedLength,
}

/// What somebody said of a place.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct PlaceFigures {
    /// What the place is called.
    pub name: String,
    /// Who says so.
    pub source: String,
    /// How deep the ground freezes there.
    pub frost_depth: TypedLength,
    /// Ground snow, lb/ft².
    pub ground_snow: f64,
    /// The edition it belongs to.
    pub edition: SnowEdition,
    /// Basic wind speed, mph.
    pub miles_per_hour: f64,
    /// Exposure.
    pub exposure: WindExposure,
}

/// How much larger rough openings are than their units, by kind.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct RoughRules {
    /// Windows.
    pub window: Larger,
    /// Single doors.
    pub door: Larger,
    /// Pairs of doors.
    pub pair_of_doors: Larger,
    /// Sliding doors.
    pub sliding_door: Larger,
    /// Overhead doors.
    pub overhead_door: Larger,
    /// Pocket doors, over twice the slab's width.
    pub pocket_door: Larger,
    /// Cased openings.
    pub cased_opening: Larger,
}

/// By how much a rough opening is larger than its unit.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct Larger {
    /// In width.
    pub wider: TypedLength,
    /// In height.
    pub higher: TypedLength,
}

impl Default for Settings {
    fn default() -> Self {
        Self::from(&job::Settings::default())
    }
}

/// A header rule of the shop.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
pub struct ShopHeader {
    /// Over openings up to this width; over everything where it is left out.
    pub up_to: Option<TypedLength>,
    /// On buildings up to this width; on every building where it is left out.
    pub building_up_to: Option<TypedLength>,
    /// The header.
    pub header: Header,
}

/// Where the wind on the kings comes from.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(tag = "by", rename_all = "snake_case")]
pub enum KingWind {
    /// The code's table counts the kings.
    CodeTable,
    /// A strength-level pressure.
    Pressure {
        /// lb/ft².
        psf: f64,
    },
    /// The wind speed of the place.
    Speed {
        /// mph.
        miles_per_hour: f64,
        /// Exposure.
        exposure: WindExposure,
        /// Mean roof height.
        mean_roof_height: TypedLength,
    },
}

/// A jurisdiction's header table.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct CodeTable {
    /// What the user calls it.
    pub name: String,
    /// Its rows.
    pub rows: Vec<CodeTableRow>,
}

/// One cell of a jurisdiction's table.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct CodeTableRow {
    /// What the header carries.
    pub block: TableBlock,
    /// Plies.
    pub plies: u8,
    /// Nominal depth.
    pub nominal_depth: Depth,
    /// Ground snow, lb/ft²; left out where the block carries no roof.
    pub snow: Option<f64>,
    /// Width of the building.
    pub width: TypedLength,
    /// How far the header goes.
    pub span: TypedLength,
    /// Jacks at each end.
    pub jacks: u8,
}

/// What a snow figure is.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize, Deserialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum SnowBasis {
    /// Ground snow.
    Ground,
    /// Roof snow, taken as it is.
    Roof,
}

impl Resolve for PlaceFigures {
    type Core = job::PlaceFigures;
    fn read(&self, reader: &mut Reader) -> job::PlaceFigures {
        job::PlaceFigures {
            name: self.name.trim().to_owned(),
            source: self.source.trim().to_owned(),
            frost_depth: reader.length("frost_depth", &self.frost_depth),
            ground_snow: Pressure::psf(self.ground_snow),
            edition: self.edition.into(),
            miles_per_hour: self.miles_per_hour,
            exposure: self.exposure.into(),
        }
    }
}

impl From<&job::PlaceFigures> for PlaceFigures {
    fn from(place: &job::PlaceFigures) -> Self {
        Self {
            name: place.name.clone(),
            source: place.source.clone(),
            frost_depth: place.frost_depth.into(),
            ground_snow: place.ground_snow.to_psf(),
            edition: place.edition.into(),
            miles_per_hour: place.miles_per_hour,
            exposure: place.exposure.into(),
        }
    }
}

impl Resolve for Settings {
    type Core = job::Settings;
    fn read(&self, reader: &mut Reader) -> job::Settings {
        let snow = Pressure::psf(self.snow);
        let basis = match self.snow_basis {
            SnowBasis::Ground => loads::SnowBasis::Ground(snow),
            SnowBasis::Roof => loads::SnowBasis::Roof(snow),
        };
        job::Settings {
            site: loads::SiteLoads {
                snow: loads::SiteSnow {
                    basis,
                    edition: self.snow_edition.into(),
                    exposure: self.snow_exposure,
                    thermal: self.snow_thermal,
                    importance: self.snow_importance,
                    unbalanced: self.unbalanced_snow,
                    winter_wind: self.winter_wind,
                },
                roof_live: Pressure::psf(self.roof_live),
            },
            place: self.place.as_ref().map(|place| reader.part("place", place)),
            wind: reader.part("wind", &self.wind),
            said: job::SiteSaid { snow: self.snow_said.into(), wind: self.wind_said.into() },
            brittle_finish: self.brittle_finish.into(),
            partially_enclosed: self.partially_enclosed.into(),
            on_a_hill: self.on_a_hill.into(),
            live_deflection_limit: self.live_deflection_limit,
            total_deflection_limit: self.total_deflection_limit,
            creep: self.creep,
            most_sag_over_door: reader.maybe("most_sag_over_door", self.most_sag_over_door.as_ref()),
            king_deflection_limit: self.king_deflection_limit,
            king_table: self.king_table.into(),
            school: self.school.into(),
            aim: self.aim.into(),
            margin: self.margin.into(),
            shop: ShopRules {
                doubles_jacks_from: reader.maybe("shop_doubles_jacks_from", self.shop_doubles_jacks_from.as_ref()),
                doubles_kings_from: reader.maybe("shop_doubles_kings_from", self.shop_doubles_kings_from.as_ref()),
                headers: reader.parts("shop_headers", &self.shop_headers),
            },
            rough: reader.part("rough_rules", &self.rough_rules),
            finish_floor: reader.length("finish_floor", &self.finish_floor),
            raising: self.raising.into(),
            raising_order: self.raising_order.iter().map(|id| job::WallId(id.as_u128())).collect(),
            counter: reader.length("counter", &self.counter),
            backsplash: reader.length("backsplash", &self.backsplash),
        }
    }
}

impl From<&job::Settings> for Settings {
    fn from(settings: &job::Settings) -> Self {
        let snow = &settings.site.snow;
        let (snow_basis, amount) = match snow.basis {
            loads::SnowBasis::Ground(amount) => (SnowBasis::Ground, amount),
            loads::SnowBasis::Roof(amount) => (SnowBasis::Roof, amount),
        };
        Self {
            snow_basis,
            snow: amount.to_psf(),
            snow_edition: snow.edition.into(),
            snow_exposure: snow.exposure,
            snow_thermal: snow.thermal,
            snow_importance: snow.importance,
            unbalanced_snow: snow.unbalanced,
            winter_wind: snow.winter_wind,
            roof_live: settings.site.roof_live.to_psf(),
            place: settings.place.as_ref().map(Into::into),
            wind: (&settings.wind).into(),
            snow_said: settings.said.snow.into(),
            wind_said: settings.said.wind.into(),
            brittle_finish: settings.brittle_finish.into(),
            partially_enclosed: settings.partially_enclosed.into(),
            on_a_hill: settings.on_a_hill.into(),
            live_deflection_limit: settings.live_deflection_limit,
            total_deflection_limit: settings.total_deflection_limit,
            creep: settings.creep,
            most_sag_over_door: settings.most_sag_over_door.map(Into::into),
            king_deflection_limit: settings.king_deflection_limit,
            king_table: settings.king_table.into(),
            school: settings.school.into(),
            aim: settings.aim.into(),
            margin: settings.margin.into(),
            shop_doubles_jacks_from: settings.shop.doubles_jacks_from.map(Into::into),
            shop_doubles_kings_from: settings.shop.doubles_kings_from.map(Into::into),
            shop_headers: settings.shop.headers.iter().map(Into::into).collect(),
            rough_rules: (&settings.rough).into(),
            finish_floor: settings.finish_floor.into(),
            raising: settings.raising.into(),
            raising_order: settings.raising_order.iter().map(|id| Uuid::from_u128(id.0)).collect(),
            counter: settings.counter.into(),
            backsplash: settings.backsplash.into(),
        }
    }
}

impl Resolve for Larger {
    type Core = job::Size;
    fn read(&self, reader: &mut Reader) -> job::Size {
        job::Size { width: reader.length("wider", &self.wider), height: reader.length("higher", &self.higher) }
    }
}

impl From<job::Size> for Larger {
    fn from(size: job::Size) -> Self {
        Self { wider: size.width.into(), higher: size.height.into() }
    }
}

impl Resolve for RoughRules {
    type Core = RoughOpeningRules;
    fn read(&self, reader: &mut Reader) -> RoughOpeningRules {
        RoughOpeningRules {
            window: reader.part("window", &self.window),
            door: reader.part("door", &self.door),
            pair_of_doors: reader.part("pair_of_doors", &self.pair_of_doors),
            sliding_door: reader.part("sliding_door", &self.sliding_door),
            overhead_door: reader.part("overhead_door", &self.overhead_door),
            pocket_door: reader.part("pocket_door", &self.pocket_door),
            cased_opening: reader.part("cased_opening", &self.cased_opening),
        }
    }
}

impl From<&RoughOpeningRules> for RoughRules {
    fn from(rules: &RoughOpeningRules) -> Self {
        Self {
            window: rules.window.into(),
            door: rules.door.into(),
            pair_of_doors: rules.pair_of_doors.into(),
            sliding_door: rules.sliding_door.into(),
            overhead_door: rules.overhead_door.into(),
            pocket_door: rules.pocket_door.into(),
            cased_opening: rules.cased_opening.into(),
        }
    }
}

impl Resolve for ShopHeader {
    type Core = schools::ShopHeader;
    fn read(&self, reader: &mut Reader) -> schools::ShopHeader {
        schools::ShopHeader {
            up_to: reader.maybe("up_to", self.up_to.as_ref()),
            building_up_to: reader.maybe("building_up_to", self.building_up_to.as_ref()),
            header: reader.part("header", &self.header),
        }
    }
}

impl From<&schools::ShopHeader> for ShopHeader {
    fn from(rule: &schools::ShopHeader) -> Self {
        Self {
            up_to: rule.up_to.map(Into::into),
            building_up_to: rule.building_up_to.map(Into::into),
            header: rule.header.into(),
        }
    }
}

impl Resolve for KingWind {
    type Core = job::KingWindBasis;
    fn read(&self, reader: &mut Reader) -> job::KingWindBasis {
        match self {
            Self::CodeTable => job::KingWindBasis::CodeTableOnly,
            Self::Pressure { psf } => job::KingWindBasis::Pressure(Pressure::psf(*psf)),
            Self::Speed { miles_per_hour, exposure, mean_roof_height } => job::KingWindBasis::Speed(loads::WindSpeed {
                miles_per_hour: *miles_per_hour,
                exposure: (*exposure).into(),
                mean_roof_height: reader.meant("mean_roof_height", mean_roof_height, usual_sizes::ROOF_HEIGHT),
            }),
        }
    }
}

impl From<&job::KingWindBasis> for KingWind {
    fn from(wind: &job::KingWindBasis) -> Self {
        match wind {
            job::KingWindBasis::CodeTableOnly => Self::CodeTable,
            job::KingWindBasis::Pressure(pressure) => Self::Pressure { psf: pressure.to_psf() },
            job::KingWindBasis::Speed(speed) => Self::Speed {
                miles_per_hour: speed.miles_per_hour,
                exposure: speed.exposure.into(),
                mean_roof_height: speed.mean_roof_height.into(),
            },
        }
    }
}

impl Resolve for CodeTable {
    type Core = schools::JurisdictionTable;
    fn read(&self, reader: &mut Reader) -> schools::JurisdictionTable {
        let rows = reader.each("rows", &self.rows, |reader, row| schools::JurisdictionRow {
            block: row.block.into(),
            plies: row.plies,
            depth: row.nominal_depth.into(),
            snow: row.snow.map(Pressure::psf),
            width: reader.length("width", &row.width),
            span: reader.length("span", &row.span),
            jacks: row.jacks,
        });
        schools::JurisdictionTable { name: self.name.trim().to_owned(), rows }
    }
}

impl From<&schools::JurisdictionTable> for CodeTable {
    fn from(table: &schools::JurisdictionTable) -> Self {
        let row = |row: &schools::JurisdictionRow| CodeTableRow {
            block: row.block.into(),
            plies: row.plies,
            nominal_depth: row.depth.into(),
            snow: row.snow.map(Pressure::to_psf),
            width: row.width.into(),
            span: row.span.into(),
            jacks: row.jacks,
        };
        Self { name: table.name.clone(), rows: table.rows.iter().map(row).collect() }
    }
}

/// How wet the lumber is, and who raises walls. What is left out is as usual.
#[derive(Clone, Copy, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(default)]
pub struct Raising {
    /// Moisture of sawn lumber, percent.
    pub moisture_percent: f64,
    /// How many people lift.
    pub crew: u32,
    /// The most that each is asked to hold at the top plate, lb.
    pub pounds_each: f64,
}

impl Default for Raising {
    fn default() -> Self {
        job::Raising::default().into()
    }
}

impl From<job::Raising> for Raising {
    fn from(raising: job::Raising) -> Self {
        let job::Raising { moisture_percent, crew, pounds_each } = raising;
        Self { moisture_percent, crew, pounds_each }
    }
}

impl From<Raising> for job::Raising {
    fn from(raising: Raising) -> Self {
        let Raising { moisture_percent, crew, pounds_each } = raising;
        Self { moisture_percent, crew, pounds_each }
    }
}
