//! Lumber: what a piece measures, how strong its wood is, and the factors that adjust that strength.

pub mod design_values;
pub mod factors;
pub mod header_stock;
pub mod insulation;
pub mod section;
pub mod sheet;

pub use design_values::{DesignValues, EngineeredClass, Grade, Species};
pub use header_stock::{Family, HeaderBoard, HeaderSpec, MOST_PLIES};
pub use section::{Depth, Rectangle, SawnSize, SectionProperties, Thickness};
pub use sheet::SheetValues;
