//! What a wall carries: kinds of load, and the take-down from framing to pounds per foot.

pub mod bearing_evidence;
pub mod carried;
pub mod floor;
pub mod kind;
pub mod lines;
pub mod load_case;
pub mod roof;
pub mod said;
pub mod snow;
pub mod take_down;
pub mod wind;

pub use bearing_evidence::{BearingConclusion, BearingEvidence, Seen};
pub use carried::{
    Carried, CarriedLimit, Framing, GableAbove, MOST_OPENINGS_ABOVE, OpeningsAbove, WallAbove, WallCarries, asked_of,
    limits_of,
};
pub use floor::{FloorFraming, FloorOnWall, FloorUse, Tail};
pub use kind::{ByKind, LoadKind};
pub use lines::{Extent, Lifted, LoadLine, LoadPoint, SiteLoads, TakeDown};
pub use load_case::{ByCase, LoadCase, SnowLies};
pub use roof::{DeadLoadOn, RidgePost, RoofFraming, RoofOnWall, RoofWarmth, SnowTrouble};
pub use said::{Answer, Asked, Standing};
pub use snow::{BlownSnow, Gable, LeansOn, SiteSnow, SnowBasis, SnowEdition, blown_over_ridge, roof_snow};
pub use take_down::{take_down, take_down_working};
pub use wind::{Enclosure, WallZone, WindExposure, WindSpeed, roof_uplift, wall_pressure};
