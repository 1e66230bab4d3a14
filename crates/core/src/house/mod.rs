//! A house as a carpenter reads it off a plan: storeys, where walls stand, floors, ceilings and roofs, beams, posts, and the ground. Plain
//! data, every length exact; where its loads go is worked out above.

pub mod field;
pub mod part_id;
pub mod parts;
pub mod plan;
pub mod usual;

pub use field::{CeilingField, Field, FieldOf, FloorField, RoofField, RoofFieldFraming};
pub use part_id::PartId;
pub use parts::{Beam, EngineersMark, Foundation, Ground, House, HousePart, Level, Pad, Place, Post};
pub use plan::{Axis, Line, Rectangle, Spot};
