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
use crate::say;
use crate::speech::Phrase;

/// How one joint is nailed.
#[derive(Clone, Debug, PartialEq)]
pub struct Nailing {
    /// What is joined.
    pub joint: Phrase,
    /// The nails, how many or how far apart, and how they are driven.
    pub nails: Phrase,
    /// Where it comes from.
    pub source: Phrase,
}

/// Where a line of nailing comes from.
#[derive(Clone, Copy)]
enum Source {
    Table,
    Practice,
    Maker,
}

/// Engineered plies up to this depth take two rows.
const TWO_ROWS: Length = Length::inches(12);

fn nailing(joint: Phrase, nails: Phrase, source: Source) -> Nailing {
    let source = match source {
        Source::Table => say!("source-from-memory", table = "IRC 2021 Table R602.3(1)"),
        Source::Practice => say!("source-practice"),
        Source::Maker => say!("source-maker"),
    };
    Nailing { joint, nails, source }
}

/// Studs side by side.
fn uprights() -> Phrase {
    say!("nails-uprights", common = Length::inches(24), closer = Length::inches(16))
}

/// The nailing of an opening's packs and of what lies over and under it.
pub fn opening_nailing(plan: &OpeningPlan, members: &[Member]) -> Vec<Nailing> {
    let has = |role: Role| members.iter().any(|member| member.opening == Some(plan.id) && member.role == role);
    let most = |count: fn(&OpeningPlan, End) -> u8| count(plan, End::Left).max(count(plan, End::Right));
    let jacks = most(|plan, end| *plan.jacks.at(end));
    let kings = most(OpeningPlan::kings_framed);
    let mut lines: Vec<Nailing> = plan.header().and_then(plies).into_iter().collect();
    if has(Role::Header) {
        lines.push(nailing(say!("joint-king-header"), say!("nails-through-king"), Source::Table));
    }
    if has(Role::FlatHead) {
        lines.push(nailing(say!("joint-king-flat-head"), say!("nails-through-upright"), Source::Practice));
    }
    if 0 < jacks {
        lines.push(nailing(
            say!("joint-jack-king"),
            say!("nails-two-rows", apart = Length::inches(12)),
            Source::Practice,
        ));
    }
    if 1 < jacks {
        lines.push(nailing(say!("joint-jack-jack"), uprights(), Source::Table));
    }
    if 1 < kings {
        lines.push(nailing(say!("joint-king-king"), uprights(), Source::Table));
    }
    if 0 < kings {
        lines.push(stud_to_plate(say!("joint-king-plates")));
    }
    if has(Role::Nailer) {
        lines.push(nailing(
            say!("joint-nailer-header"),
            say!("nails-staggered", apart = Length::inches(16)),
            Source::Practice,
        ));
    }
    if has(Role::HeadPacking) {
        lines.push(nailing(say!("joint-head-piece-jacks"), say!("nails-through-jack"), Source::Practice));
    }
    if has(Role::Sill) {
        lines.push(nailing(say!("joint-sill-jacks"), say!("nails-through-jack"), Source::Practice));
    }
    if has(Role::CrippleBelow) || has(Role::CrippleAbove) {
        lines.push(stud_to_plate(say!("joint-cripple")));
    }
    lines
}

/// What a built-up header's plies are fastened with to act as one, in words.
pub fn plies_to_act_as_one(header: HeaderSpec) -> Phrase {
    plies(header).map_or_else(|| say!("nails-one-piece"), |line| line.nails)
}

/// How a built-up header's plies are fastened to act as one; nothing for one piece.
fn plies(header: HeaderSpec) -> Option<Nailing> {
    let joint = say!("joint-plies");
    match (header.board, header.plies) {
        (_, 0 | 1) => None,
        (HeaderBoard::Sawn { .. }, 2) => Some(nailing(
            joint,
            say!("nails-two-plies", common = Length::inches(16), closer = Length::inches(12)),
            Source::Table,
        )),
        (HeaderBoard::Sawn { .. }, _) => {
            Some(nailing(joint, say!("nails-more-plies", common = Length::inches(16)), Source::Table))
        }
        (board, plies) => {
            let rows = if board.depth() <= TWO_ROWS { 2_u8 } else { 3 };
            let nails = match plies {
                2 => say!("nails-engineered", rows, apart = Length::inches(12)),
                3 => say!("nails-engineered-both-sides", rows, apart = Length::inches(12)),
                _ => say!("nails-bolted-plies"),
            };
            Some(nailing(joint, nails, Source::Maker))
        }
    }
}

fn stud_to_plate(joint: Phrase) -> Nailing {
    nailing(joint, say!("nails-stud-plate"), Source::Table)
}

/// The nailing of a wall's plates, laps and studs.
pub fn wall_nailing(wall: &Wall, members: &[Member]) -> Vec<Nailing> {
    let has = |role: Role| members.iter().any(|member| member.role == role);
    let options = &wall.frame.framing;
    let mut lines = vec![
        stud_to_plate(say!("joint-stud-plates")),
        nailing(
            say!("joint-top-plates"),
            say!("nails-plate-plate", common = Length::inches(16), closer = Length::inches(12)),
            Source::Table,
        ),
    ];
    let pieces = |role: Role| members.iter().filter(|member| member.role == role).count();
    if 1 < pieces(Role::TopPlate) || 1 < pieces(Role::SecondTopPlate) {
        lines.push(nailing(
            say!("joint-top-plate-break"),
            say!("nails-plate-break", lap = Length::inches(24)),
            Source::Table,
        ));
    }
    let laps = End::BOTH.into_iter().any(|end| *options.laps.at(end) != PlateLap::Flush);
    if laps || options.partitions.iter().any(|partition| partition.laps_in) {
        lines.push(nailing(say!("joint-laps"), say!("nails-plate-laps"), Source::Table));
    }
    lines.push(match options.bolts {
        Some(_) => nailing(say!("joint-sole-concrete"), say!("nails-bolts"), Source::Practice),
        None => nailing(
            say!("joint-sole-joists"),
            say!("nails-sole-joists", common = Length::inches(16), closer = Length::inches(12)),
            Source::Table,
        ),
    });
    if has(Role::CornerStud) || has(Role::PartitionStud) {
        lines.push(nailing(say!("joint-corners"), uprights(), Source::Table));
    }
    let blocks = [Role::Blocking, Role::LadderBlock, Role::BackingBlock, Role::CornerBlock, Role::PlateEndBlock];
    if blocks.into_iter().any(has) {
        lines.push(nailing(say!("joint-blocking"), say!("nails-blocking"), Source::Practice));
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
        assert!(plies(sawn(2)).is_some_and(|line| line.nails.id == "nails-two-plies"));
        assert!(plies(sawn(3)).is_some_and(|line| line.nails.id == "nails-more-plies"));
        assert!(plies(engineered(12, 2)).is_some_and(|line| line.nails.to_string().contains("rows: 2")));
        assert!(plies(engineered(14, 3)).is_some_and(|line| line.nails.to_string().contains("rows: 3")));
        assert!(plies(engineered(14, 4)).is_some_and(|line| line.nails.id == "nails-bolted-plies"));
    }
}
