//! The margins of an opening: to the wall's ends, as it is seen from outside, and to the nearest crossing walls, as it is seen
//! from the room inside.

use super::opening_plan::OpeningPlan;
use crate::job::WallFrame;
use crate::measure::{Ends, Length};

/// Margins beside a rough opening.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Margins {
    /// To the wall's ends.
    pub outside: Ends<Length>,
    /// To the faces of the nearest crossing walls; to the wall's end where none stands between.
    pub inside: Ends<Length>,
}

/// The margins of a planned opening.
pub fn margins(plan: &OpeningPlan, frame: &WallFrame) -> Margins {
    let (left, right) = (plan.left(), plan.right());
    let walls = || frame.framing.partitions.iter().map(|partition| frame.faces_of(partition));
    let before = walls().map(|(_, face)| face).filter(|face| *face <= plan.design.center).max();
    let after = walls().map(|(face, _)| face).filter(|face| plan.design.center <= *face).min();
    Margins {
        outside: Ends { left, right: frame.length - right },
        inside: Ends { left: left - before.unwrap_or(Length::ZERO), right: after.unwrap_or(frame.length) - right },
    }
}
