//! How many there may be at most.

/// The most walls a job may have.
pub const MOST_WALLS: usize = 200;
/// The most openings a wall may have.
pub const MOST_OPENINGS: usize = 60;
/// The most point loads a wall may have.
pub const MOST_POINT_LOADS: usize = 60;
/// The most walls that may cross a wall.
pub const MOST_PARTITIONS: usize = 40;
/// The most places at which panels of one wall end.
pub const MOST_PANEL_ENDS: usize = 20;
/// The most rows of blocking in a wall.
pub const MOST_BLOCKING_ROWS: usize = 6;
/// The most plate breaks and cast bolts that may be given for a wall.
pub const MOST_PLACES: usize = 100;
/// The most things a wall may carry.
pub const MOST_CARRIED: usize = 20;
/// The most boards a job's stock may have.
pub const MOST_STOCK: usize = 100;
/// The longest name, in characters.
pub const LONGEST_NAME: usize = 80;
/// The longest address of a job, in characters.
pub const LONGEST_ADDRESS: usize = 120;
/// The most studs of one kind an end may be given.
pub const MOST_STUDS: u8 = 8;
/// The most values that are named at once: who sends more has sent nothing that a person typed.
pub const MOST_NAMED: usize = 40;
/// The most stretches of a wall over which its plates are let down.
pub const MOST_LET_DOWNS: usize = 6;
/// The most boards in a wall that something is fastened to.
pub const MOST_BOARDS: usize = 20;
/// The most stretches of a wall that studs keep clear of.
pub const MOST_KEPT_CLEAR: usize = 20;
/// The most storeys of a house: three, and a basement.
pub const MOST_LEVELS: usize = 4;
/// The most floors, ceilings and roofs of a house.
pub const MOST_FIELDS: usize = 60;
/// The most beams of a house.
pub const MOST_BEAMS: usize = 100;
/// The most posts of a house.
pub const MOST_HOUSE_POSTS: usize = 200;
/// The most foundation lines of a house.
pub const MOST_FOUNDATIONS: usize = 100;
/// The most engineer's marks on a house.
pub const MOST_MARKS: usize = 60;
/// The most pads of a house.
pub const MOST_PADS: usize = 200;
