//! What brings a load to a wall in a house, by the ids of their messages.

/// A roof that lies on it.
pub const ROOF: &str = "load-house-roof";
/// A ceiling.
pub const CEILING: &str = "load-house-ceiling";
/// A floor or deck.
pub const FLOOR: &str = "load-house-floor";
/// A gable of a roof.
pub const GABLE: &str = "load-house-gable";
/// A wall that stands on it.
pub const WALL: &str = "load-house-wall";
/// The pack beside an opening of a wall above.
pub const PACK: &str = "load-house-pack";
/// A beam that ends on it.
pub const BEAM: &str = "load-house-beam";
/// A post.
pub const POST: &str = "load-house-post";
/// A load at one place.
pub const POINT: &str = "load-house-point";

/// All of them.
pub const HOUSE_SOURCES: [&str; 9] = [ROOF, CEILING, FLOOR, GABLE, WALL, PACK, BEAM, POST, POINT];
