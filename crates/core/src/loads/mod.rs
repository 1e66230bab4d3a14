//! What a wall carries: kinds of load and their combinations, and the take-down from framing to pounds per foot.

pub mod kind;
pub mod take_down;

pub use kind::{ByKind, Combination, LoadKind};
pub use take_down::{
    CarriedFraming, FloorOnWall, LoadLine, RoofFraming, RoofOnWall, SiteLoads, SnowBasis, TakeDown, WallAbove,
    WallCarries, take_down, take_down_working,
};
