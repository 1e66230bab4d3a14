//! # Width and depth
//!
//! **What it checks.** The header is no wider than the wall's studs, and no deeper than the room between the head of the
//! opening and the top plates.
//!
//! **Source.** Common practice, no source.

use super::{CheckKind, CheckResult, Comparison};
use crate::lumber::HeaderSpec;
use crate::measure::Length;
use crate::sizing::load_pattern::LoadPattern;

/// Header width against wall depth, in.
pub fn width_in_wall(header: HeaderSpec, wall_depth: Length) -> CheckResult {
    room(CheckKind::Width, header.section().width, wall_depth)
}

/// Header depth against the room there is, in.
pub fn depth_in_room(header: HeaderSpec, deepest: Length) -> CheckResult {
    room(CheckKind::Depth, header.board.depth(), deepest)
}

fn room(kind: CheckKind, needed: Length, there: Length) -> CheckResult {
    // No room at all is a ratio over one, not a division by zero.
    let capacity = there.to_inches().max(1e-3);
    CheckResult {
        kind,
        comparison: Comparison { demand: needed.to_inches(), capacity },
        combination: None,
        pattern: LoadPattern::ALL,
    }
}
