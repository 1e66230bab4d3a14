//! The way of every load from the roof to the ground: fields onto lines, along beams and walls, down a storey, and where it breaks.

mod along_beam;
mod along_wall;
pub mod described;
mod down;
mod fields;
pub mod follow;
pub mod gables;
pub mod loaded;
pub mod pad_size;
pub mod roofs;
pub mod structure;
pub mod support;
#[cfg(test)]
mod testing;
pub mod trace;

pub use fields::field_working;
pub use follow::{Following, follow};
pub use loaded::{
    Break, Carrier, Footing, Grounded, LoadPath, LoadedBeam, LoadedPost, LoadedStorey, LoadedWall, OnTop, Part, Press,
    Reaction, Source, Stretch, Why,
};
pub use structure::{
    Field, FieldRun, GroundStructure, OnField, Pad, PointAbove, StandingBeam, StandingPost, StandingWall,
    StoreyStructure, Structure, WallOpening,
};
