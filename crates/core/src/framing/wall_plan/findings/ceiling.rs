//! A partition that hangs free under a dropped ceiling.

use super::planned::Planned;
use crate::finding::{Finding, Rule};
use crate::job::CeilingOver;
use crate::say;

/// Nothing holds its top plate.
pub(super) static HANGS_FREE: Rule = Rule::caution("hangs-free");

pub(super) fn findings(planned: &Planned<'_>) -> Option<Finding> {
    let free = planned.wall.frame.framing.ceiling == CeilingOver::HangsFree;
    free.then(|| HANGS_FREE.on_the_wall(say!("finding-hangs-free")).way(say!("way-hold-the-ends")))
}
