//! What a wall carries: kinds of load and their combinations, and the take-down from framing to pounds per foot.

pub mod bearing_evidence;
pub mod floor;
pub mod kind;
pub mod roof;
pub mod snow;
pub mod take_down;
pub mod wind;

pub use bearing_evidence::{BearingConclusion, BearingEvidence, Seen};
pub use floor::{FloorFraming, FloorOnWall, FloorUse};
pub use kind::{ByKind, Combination, LoadKind};
pub use roof::{RidgePost, RoofFraming, RoofOnWall, SnowTrouble};
pub use snow::{SiteSnow, SnowBasis, SnowEdition};
pub use take_down::{
    Carried, CarriedLimit, Extent, Framing, GableAbove, LoadLine, LoadPoint, SiteLoads, TakeDown, WallAbove,
    WallCarries, limits_of, take_down, take_down_working,
};
pub use wind::{WallZone, WindExposure, WindSpeed, wall_pressure};
