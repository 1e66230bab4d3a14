//! From sized openings to a wall that can be marked and cut: rough openings, heights, members, marks, pieces.

pub mod assembly;
pub mod changes;
pub mod finding;
#[cfg(test)]
mod fixture;
pub mod king_count;
pub mod layout;
pub mod margins;
pub mod marks;
pub mod member;
pub mod nailing;
pub mod opening_plan;
pub mod opening_problem;
pub mod opening_sheet;
pub mod pieces;
pub mod plates;
pub mod rough_opening;
pub mod say;
pub mod schools_of_opening;
pub mod snap;
pub mod stack;
pub mod stud_bay;
pub mod wall_plan;
pub mod words;

pub use finding::{Finding, Severity};
pub use king_count::{KingCount, KingReason, KingsBy};
pub use marks::{Mark, MarkKind, PlatesMarked};
pub use member::{Member, Rect, Role};
pub use opening_plan::{OpeningOutcome, OpeningPlan, plan_opening};
pub use opening_sheet::opening_sheet;
pub use pieces::Piece;
pub use snap::{Snap, SnapKind};
pub use stack::{Stack, StackLine};
pub use wall_plan::{WallPlan, plan_wall};
