//! Lumber: what a piece is called and what it measures. What it may carry the design codes say.

pub mod header_stock;
pub mod insulation;
pub mod jack_lumber;
pub mod sawn_lumber;
pub mod section;
pub mod sheet;
pub mod species;
pub mod stress_class;
pub mod weight;

pub use header_stock::{Family, HeaderBoard, HeaderSpec, MOST_PLIES};
pub use jack_lumber::JackLumber;
pub use sawn_lumber::SawnLumber;
pub use section::{Depth, Rectangle, SawnSize, SectionProperties, Thickness};
pub use sheet::SheetValues;
pub use species::{Grade, Species};
pub use stress_class::EngineeredClass;
pub use weight::{Moisture, WeighsAs};
