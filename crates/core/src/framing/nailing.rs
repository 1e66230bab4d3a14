//! # Nailing
//!
//! **What it does.** Which nails join the pieces of an opening's packs, and the plates of a wall, in the terms of the code's
//! fastening table.
//!
//! **Source.** IRC 2021 Table R602.3(1), from memory; where the table is silent, common practice, no source.
//!
//! **Assumptions and limits.** Walls that brace the building are nailed closer, by the bracing plan. Engineered plies are fastened by
//! their maker's sheet. 16d common is 3 1/2 x 0.162 in., 16d box 3 1/2 x 0.135 in., 10d box 3 x 0.128 in.
//!
//! **Worked example.** A built-up header of two 2x10s: 16d common, 16 in. apart along each edge.

use super::member::{Member, Role};
use super::opening_plan::OpeningPlan;
use crate::job::{PlateLap, Wall};
use crate::lumber::{HeaderBoard, HeaderSpec};
use crate::measure::{End, Length};

/// How one joint is nailed.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Nailing {
    /// What is joined.
    pub joint: &'static str,
    /// The nails, how many or how far apart, and how they are driven.
    pub nails: String,
    /// Where it comes from.
    pub source: &'static str,
}

const TABLE: &str = "IRC 2021 Table R602.3(1), from memory";
const PRACTICE: &str = "common practice, no source";
const MAKER: &str = "the maker's sheet decides";
/// Engineered plies up to this depth take two rows.
const TWO_ROWS: Length = Length::inches(12);

fn nailing(joint: &'static str, nails: impl Into<String>, source: &'static str) -> Nailing {
    Nailing { joint, nails: nails.into(), source }
}

/// The nailing of an opening's packs and of what lies over and under it.
pub fn opening_nailing(plan: &OpeningPlan, members: &[Member]) -> Vec<Nailing> {
    let has = |role: Role| members.iter().any(|member| member.opening == Some(plan.id) && member.role == role);
    let most = |count: fn(&OpeningPlan, End) -> u8| count(plan, End::Left).max(count(plan, End::Right));
    let jacks = most(|plan, end| *plan.jacks.at(end));
    let kings = most(OpeningPlan::kings_framed);
    let mut lines: Vec<Nailing> = plan.header().and_then(plies).into_iter().collect();
    if has(Role::Header) {
        lines.push(nailing("king to the end of the header", "3-16d common or 4-16d box, through the king", TABLE));
    }
    if has(Role::FlatHead) {
        lines.push(nailing("king or stud to the end of the flat head", "2-16d common, through the upright", PRACTICE));
    }
    if 0 < jacks {
        lines.push(nailing("jack to king", "10d box, two rows staggered, 12 in. apart; one near each end", PRACTICE));
    }
    if 1 < jacks {
        lines.push(nailing("jack to jack", "16d common 24 in. apart or 10d box 16 in. apart", TABLE));
    }
    if 1 < kings {
        lines.push(nailing("king to king", "16d common 24 in. apart or 10d box 16 in. apart", TABLE));
    }
    if 0 < kings {
        lines.push(stud_to_plate("king to sole plate and top plate"));
    }
    if has(Role::Nailer) {
        lines.push(nailing("flat nailer to the header", "10d box, staggered, 16 in. apart", PRACTICE));
    }
    if has(Role::HeadPacking) {
        lines.push(nailing("head piece to the jacks", "2-16d common each end, through the jack", PRACTICE));
    }
    if has(Role::Sill) {
        lines.push(nailing("sill to the jacks", "2-16d common each end, through the jack", PRACTICE));
    }
    if has(Role::CrippleBelow) || has(Role::CrippleAbove) {
        lines.push(stud_to_plate("cripple to plate, sill or head"));
    }
    lines
}

/// What a built-up header's plies are fastened with to act as one, in words.
pub fn plies_to_act_as_one(header: HeaderSpec) -> String {
    plies(header).map_or_else(|| "one piece".to_owned(), |line| line.nails)
}

/// How a built-up header's plies are fastened to act as one; nothing for one piece.
fn plies(header: HeaderSpec) -> Option<Nailing> {
    let joint = "plies of the header";
    match (header.board, header.plies) {
        (_, 0 | 1) => None,
        (HeaderBoard::Sawn { .. }, 2) => {
            Some(nailing(joint, "16d common 16 in. apart or 16d box 12 in. apart, along each edge", TABLE))
        }
        (HeaderBoard::Sawn { .. }, _) => {
            Some(nailing(joint, "16d common 16 in. apart along each edge, from both sides, ply by ply", TABLE))
        }
        (board, plies) => {
            let rows = if board.depth() <= TWO_ROWS { "2 rows" } else { "3 rows" };
            let nails = match plies {
                2 => format!("{rows} of 16d at 12 in."),
                3 => format!("{rows} of 16d at 12 in., from both sides"),
                _ => "bolts or structural screws through all plies".into(),
            };
            Some(nailing(joint, nails, MAKER))
        }
    }
}

fn stud_to_plate(joint: &'static str) -> Nailing {
    nailing(joint, "2-16d common or 3-16d box through the plate, or 4-8d common toenailed", TABLE)
}

/// The nailing of a wall's plates, laps and studs.
pub fn wall_nailing(wall: &Wall, members: &[Member]) -> Vec<Nailing> {
    let has = |role: Role| members.iter().any(|member| member.role == role);
    let options = &wall.frame.framing;
    let mut lines = vec![
        stud_to_plate("stud to sole plate and top plate"),
        nailing("second top plate to top plate", "16d common 16 in. apart or 10d box 12 in. apart", TABLE),
    ];
    let pieces = |role: Role| members.iter().filter(|member| member.role == role).count();
    if 1 < pieces(Role::TopPlate) || 1 < pieces(Role::SecondTopPlate) {
        lines.push(nailing(
            "top plates at a break",
            "8-16d common or 12-16d box each side of the break, over a lap of 24 in. or more; up to twelve each side is local \
             practice",
            TABLE,
        ));
    }
    let laps = End::BOTH.into_iter().any(|end| *options.laps.at(end) != PlateLap::Flush);
    if laps || options.partitions.iter().any(|partition| partition.laps_in) {
        lines.push(nailing("top plates lapped at corners and crossing walls", "2-16d common or 3-10d box", TABLE));
    }
    lines.push(match options.bolts {
        Some(_) => nailing("sole plate to concrete", "the anchor bolts marked, each with its washer and nut", PRACTICE),
        None => nailing("sole plate to joists or blocking", "16d common 16 in. apart or 16d box 12 in. apart", TABLE),
    });
    if has(Role::CornerStud) || has(Role::PartitionStud) {
        lines.push(nailing(
            "studs of corners and channels to one another",
            "16d common 24 in. apart or 10d box 16 in. apart",
            TABLE,
        ));
    }
    if has(Role::Blocking) || has(Role::LadderBlock) {
        lines.push(nailing("blocking to studs", "2-16d common each end, or 2-8d toenailed each side", PRACTICE));
    }
    lines
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lumber::{Depth, EngineeredClass, Grade, SawnSize, Species};

    fn sawn(plies: u8) -> HeaderSpec {
        let size = SawnSize::two_by(Depth::Ten);
        HeaderSpec { board: HeaderBoard::Sawn { species: Species::HemFir, grade: Grade::Number2, size }, plies }
    }

    fn engineered(depth: i64, plies: u8) -> HeaderSpec {
        let (class, ply_width) = (EngineeredClass::Lvl20E, Length::inches_and(1, 3, 4));
        HeaderSpec { board: HeaderBoard::Engineered { class, ply_width, depth: Length::inches(depth) }, plies }
    }

    #[test]
    fn plies_are_fastened_by_their_thickness_and_number() {
        assert_eq!(plies(sawn(1)), None);
        assert!(plies(sawn(2)).is_some_and(|line| line.source == TABLE && line.nails.contains("along each edge")));
        assert!(plies(sawn(3)).is_some_and(|line| line.nails.contains("both sides")));
        assert!(plies(engineered(12, 2)).is_some_and(|line| line.source == MAKER && line.nails.starts_with("2 rows")));
        assert!(plies(engineered(14, 3)).is_some_and(|line| line.nails.starts_with("3 rows")));
        assert!(plies(engineered(14, 4)).is_some_and(|line| line.nails.contains("bolts")));
    }
}
