//! What is wrong or worth knowing about a planned wall, topic by topic.

mod boards;
mod ceiling;
mod counts;
mod heights;
mod loads;
mod pipes;
mod places;
mod planned;
mod plate_breaks;
mod sole_bolts;
mod steps;

use super::super::path_breaks::PATH_BREAKS;
use crate::finding::{Finding, Rule};
pub(super) use planned::Planned;

/// Every kind of finding there is; a test provokes each.
pub static CATALOG: [&Rule; 56] = [
    &places::PAST_THE_END,
    &places::PACKS_OVERLAP,
    &places::PARTITION_IN_THE_WAY,
    &places::CHANNEL_LOST,
    &places::PACK_IN_CORNER,
    &places::SHORT_RETURN,
    &places::GAP_IN_BAY,
    &heights::HEADER_TOO_DEEP,
    &heights::CRIPPLE_TOO_SHORT,
    &heights::OPENING_TOO_TALL,
    &heights::HEAD_OFF_LINE,
    &heights::SILL_IN_BACKSPLASH,
    &heights::ESCAPE_WINDOW,
    &heights::ESCAPE_SILL_HIGH,
    &heights::ESCAPE_TOO_SMALL,
    &heights::BATHROOM_SILL,
    &heights::TIP_UP,
    &heights::UNEVEN_ROOM,
    &counts::FEWER_THAN_NEEDED,
    &counts::RULE_ASKS_FOR_MORE,
    &counts::KINGS_TOO_WEAK,
    &counts::CALCULATION_DISAGREES,
    &counts::GRADE_ASSUMED,
    &counts::UPLIFT,
    &counts::HEADER_TOO_WIDE,
    &counts::DEEP_NOTCH,
    &counts::OFF_MIDDLE,
    &counts::PLY_FASTENING,
    &loads::FAR_END_LIFTED,
    &loads::JOIST_END_LIFTED,
    &loads::SNOW_ASSUMED,
    &loads::WIND_ASSUMED,
    &loads::TAIL_ASSUMED,
    &loads::OPENINGS_ABOVE_ASSUMED,
    &loads::NOBODY_IN_ATTIC,
    &loads::POINT_LOAD_STUDS,
    &loads::POINT_LOAD_TOO_LARGE,
    &loads::NET_UPLIFT,
    &plate_breaks::BREAK_OVER_OPENING,
    &plate_breaks::BREAKS_TOO_NEAR,
    &plate_breaks::BOARD_TOO_SHORT,
    &plate_breaks::BREAKS_MISSING,
    &sole_bolts::BOLT_IN_DOORWAY,
    &sole_bolts::BOLT_UNDER_STUD,
    &sole_bolts::BOLT_MISSING,
    &PATH_BREAKS,
    &steps::STEP_IN_PACK,
    &steps::LOAD_ON_LET_DOWN,
    &boards::BOARD_LOST,
    &boards::BOARD_BEHIND_DOOR,
    &ceiling::HANGS_FREE,
    &pipes::PIPE_IN_PACK,
    &pipes::PLATE_STRAP,
    &pipes::PIPE_TOO_WIDE,
    &pipes::BAY_TOO_WIDE,
    &pipes::STUDS_BORED,
];

/// Everything found, opening by opening, then about the wall.
pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let mut findings = Vec::new();
    for (index, plan) in planned.openings.iter().enumerate() {
        findings.extend(places::findings(planned.wall, plan, planned.openings.get(index + 1)));
        findings.extend(heights::of_opening(planned, plan));
        findings.extend(counts::findings(planned.wall, plan));
        findings.extend(loads::uplift(planned, plan));
    }
    findings.extend(loads::of_wall(planned));
    findings.extend(places::lost_channels(planned));
    findings.extend(heights::of_room(planned.wall));
    findings.extend(plate_breaks::findings(planned));
    findings.extend(sole_bolts::findings(planned));
    findings.extend(steps::findings(planned));
    findings.extend(boards::findings(planned));
    findings.extend(pipes::findings(planned));
    findings.extend(ceiling::findings(planned));
    findings
}
