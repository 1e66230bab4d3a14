//! From sized openings to a wall that can be marked and cut: rough openings, heights, members, marks, pieces.

pub mod assembly;
pub mod bears_by_house;
pub mod below;
pub mod changes;
pub mod corner;
pub mod even_gaps;
pub mod field_studs;
#[cfg(test)]
mod fixture;
pub mod hole;
pub mod house_sources;
pub mod judgment;
pub mod king_count;
pub mod landed;
pub mod layout;
pub mod margins;
pub mod marks;
pub mod member;
pub mod nailing;
pub mod opening_plan;
pub mod opening_problem;
pub mod opening_sheet;
pub mod pieces;
pub mod plan_opening;
pub mod plates;
pub mod say;
pub mod schools_of_opening;
pub mod snap;
pub mod solid_floor;
pub mod stack;
pub mod stud_bay;
pub mod together;
pub mod wall_plan;
pub mod why_so_many;

pub use field_studs::FieldLoad;
pub use king_count::{KingCount, KingReason, KingsAsked, KingsBy};
pub use landed::{FromHouse, Landed};
pub use marks::{Mark, MarkKind};
pub use member::{Member, PlatesMarked, Rect, Role};
pub use opening_plan::{Ground, OpeningOutcome, OpeningPlan};
pub use opening_sheet::opening_sheet;
pub use pieces::Piece;
pub use plan_opening::plan_opening;
pub use snap::{Snap, SnapKind};
pub use stack::{Stack, StackLine};
pub use wall_plan::{WallPlan, plan_one, plan_wall, plan_wall_as_said};
