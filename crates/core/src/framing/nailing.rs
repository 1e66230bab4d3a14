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

/// A nail, as it is bought.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Nail {
    /// 3 1/2 x 0.162 in.
    SixteenCommon,
    /// 3 x 0.128 in.
    TenBox,
}

/// How many nails a line of nailing takes; where it leaves a choice, of the kind that it names first.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct NailCount {
    /// Which.
    pub nail: Nail,
    /// How many.
    pub count: u32,
}

impl Nail {
    /// Its name at the yard.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::SixteenCommon => say!("nail-16d-common"),
            Self::TenBox => say!("nail-10d-box"),
        }
    }
}

/// A line of nailing, and the nails that it takes; none where it is bolted.
#[derive(Clone, Debug, PartialEq)]
pub struct NailedJoint {
    /// How it is nailed.
    pub nailing: Nailing,
    /// With how many.
    pub nails: Option<NailCount>,
}

impl NailedJoint {
    fn with(nailing: Nailing, nail: Nail, count: u32) -> Self {
        Self { nailing, nails: Some(NailCount { nail, count }) }
    }
}

/// Nails along a joint: one at each end and so far apart between.
fn along(length: Length, apart: Length) -> u32 {
    let spaces = (length.nanometers().max(0) + apart.nanometers() - 1) / apart.nanometers();
    u32::try_from(spaces + 1).unwrap_or(u32::MAX)
}

/// Where a line of nailing comes from.
#[derive(Clone, Copy)]
enum Source {
    Table,
    Practice,
    Maker,
}

/// Nails of studs side by side are so far apart.
const UPRIGHTS: Length = Length::inches(24);
/// What stands between the plates of a wall besides what its openings bring.
const STANDING: [Role; 7] = [
    Role::Stud,
    Role::CornerStud,
    Role::PartitionStud,
    Role::PartitionBacker,
    Role::PointLoadStud,
    Role::StepStud,
    Role::TemporaryStud,
];
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
    say!("nails-uprights", common = UPRIGHTS, closer = Length::inches(16))
}

/// The nailing of an opening's packs and of what lies over and under it.
pub fn opening_nailing(plan: &OpeningPlan, members: &[Member]) -> Vec<Nailing> {
    opening_joints(plan, members).into_iter().map(|joint| joint.nailing).collect()
}

/// The same with the nails of each joint, counted from the members.
pub fn opening_joints(plan: &OpeningPlan, members: &[Member]) -> Vec<NailedJoint> {
    let of = |role: Role| members.iter().filter(move |member| member.opening == Some(plan.id) && member.role == role);
    let has = |role: Role| of(role).next().is_some();
    let count = |role: Role| of(role).count() as u32;
    let run = |role: Role, apart: Length| of(role).map(|member| along(member.cut, apart)).sum::<u32>();
    let most = |count: fn(&OpeningPlan, End) -> u8| count(plan, End::Left).max(count(plan, End::Right));
    let jacks = most(|plan, end| *plan.jacks.at(end));
    let kings = most(OpeningPlan::kings_framed);
    let (sixteen, ten) = (Nail::SixteenCommon, Nail::TenBox);
    let side = |role: Role, end: End| of(role).filter(move |member| plan.is_at(end, member.rect.x));
    // Between two alike side by side; between the first of them and what stands against it.
    let between = |role: Role, apart: Length| -> u32 {
        End::BOTH
            .into_iter()
            .map(|end| side(role, end).skip(1).map(|member| along(member.cut, apart)).sum::<u32>())
            .sum()
    };
    let against = |role: Role, apart: Length| -> u32 {
        End::BOTH.into_iter().filter_map(|end| side(role, end).next()).map(|member| 2 * along(member.cut, apart)).sum()
    };
    let foot = Length::inches(12);
    let mut lines: Vec<NailedJoint> =
        plan.header().and_then(|header| plies(header, plan.header_length())).into_iter().collect();
    if has(Role::Header) {
        let line = nailing(say!("joint-king-header"), say!("nails-through-king"), Source::Table);
        lines.push(NailedJoint::with(line, sixteen, 2 * 3));
    }
    if has(Role::FlatHead) {
        let line = nailing(say!("joint-king-flat-head"), say!("nails-through-upright"), Source::Practice);
        lines.push(NailedJoint::with(line, sixteen, 2 * 2 * count(Role::FlatHead)));
    }
    if 0 < jacks {
        let line = nailing(say!("joint-jack-king"), say!("nails-two-rows", apart = foot), Source::Practice);
        lines.push(NailedJoint::with(line, ten, against(Role::Jack, foot)));
    }
    if 1 < jacks {
        let line = nailing(say!("joint-jack-jack"), uprights(), Source::Table);
        lines.push(NailedJoint::with(line, sixteen, between(Role::Jack, UPRIGHTS)));
    }
    if 1 < kings {
        let line = nailing(say!("joint-king-king"), uprights(), Source::Table);
        lines.push(NailedJoint::with(line, sixteen, between(Role::King, UPRIGHTS)));
    }
    if 0 < kings {
        lines.push(stud_to_plate(say!("joint-king-plates"), count(Role::King)));
    }
    if has(Role::Nailer) {
        let apart = Length::inches(16);
        let line = nailing(say!("joint-nailer-header"), say!("nails-staggered", apart), Source::Practice);
        lines.push(NailedJoint::with(line, ten, run(Role::Nailer, apart)));
    }
    if has(Role::HeadPacking) {
        let line = nailing(say!("joint-head-piece-jacks"), say!("nails-through-jack"), Source::Practice);
        lines.push(NailedJoint::with(line, sixteen, 2 * 2 * count(Role::HeadPacking)));
    }
    if has(Role::Sill) {
        let line = nailing(say!("joint-sill-jacks"), say!("nails-through-jack"), Source::Practice);
        lines.push(NailedJoint::with(line, sixteen, 2 * 2 * count(Role::Sill)));
    }
    if has(Role::CrippleBelow) || has(Role::CrippleAbove) {
        lines.push(stud_to_plate(say!("joint-cripple"), count(Role::CrippleBelow) + count(Role::CrippleAbove)));
    }
    lines
}

/// What a built-up header's plies are fastened with to act as one, in words.
pub fn plies_to_act_as_one(header: HeaderSpec) -> Phrase {
    plies(header, Length::ZERO).map_or_else(|| say!("nails-one-piece"), |line| line.nailing.nails)
}

/// How the plies of a built-up header so long are fastened to act as one; nothing for one piece.
fn plies(header: HeaderSpec, length: Length) -> Option<NailedJoint> {
    let joint = say!("joint-plies");
    let seams = u32::from(header.plies.saturating_sub(1));
    let sixteen = |line: Nailing, rows: u32, apart: Length| {
        NailedJoint::with(line, Nail::SixteenCommon, seams * rows * along(length, apart))
    };
    let (foot, closer) = (Length::inches(12), Length::inches(16));
    match (header.board, header.plies) {
        (_, 0 | 1) => None,
        (HeaderBoard::Sawn { .. }, 2) => {
            let line = nailing(joint, say!("nails-two-plies", common = closer, closer = foot), Source::Table);
            Some(sixteen(line, 2, closer))
        }
        (HeaderBoard::Sawn { .. }, _) => {
            let line = nailing(joint, say!("nails-more-plies", common = closer), Source::Table);
            Some(sixteen(line, 2, closer))
        }
        (board, plies) => {
            let rows = if board.depth() <= TWO_ROWS { 2_u8 } else { 3 };
            let nails = match plies {
                2 => say!("nails-engineered", rows, apart = foot),
                3 => say!("nails-engineered-both-sides", rows, apart = foot),
                _ => {
                    return Some(NailedJoint {
                        nailing: nailing(joint, say!("nails-bolted-plies"), Source::Maker),
                        nails: None,
                    });
                }
            };
            Some(sixteen(nailing(joint, nails, Source::Maker), u32::from(rows), foot))
        }
    }
}

/// So many pieces nailed to what they end at, at both ends.
fn stud_to_plate(joint: Phrase, pieces: u32) -> NailedJoint {
    let line = nailing(joint, say!("nails-stud-plate"), Source::Table);
    NailedJoint::with(line, Nail::SixteenCommon, 2 * 2 * pieces)
}

/// The nailing of a wall's plates, laps and studs.
pub fn wall_nailing(wall: &Wall, members: &[Member]) -> Vec<Nailing> {
    wall_joints(wall, members).into_iter().map(|joint| joint.nailing).collect()
}

/// The same with the nails of each joint, counted from the members. Kings and cripples are the opening's.
pub fn wall_joints(wall: &Wall, members: &[Member]) -> Vec<NailedJoint> {
    let of = |role: Role| members.iter().filter(move |member| member.role == role);
    let count = |role: Role| of(role).count() as u32;
    let run = |role: Role, apart: Length| of(role).map(|member| along(member.cut, apart)).sum::<u32>();
    let options = &wall.frame.framing;
    let (apart, closer) = (Length::inches(16), Length::inches(12));
    let sixteen = Nail::SixteenCommon;
    let standing = STANDING.into_iter().map(count).sum();
    let top_plates = say!("nails-plate-plate", common = apart, closer);
    let mut lines = vec![
        stud_to_plate(say!("joint-stud-plates"), standing),
        NailedJoint::with(
            nailing(say!("joint-top-plates"), top_plates, Source::Table),
            sixteen,
            run(Role::SecondTopPlate, apart),
        ),
    ];
    let breaks = [Role::TopPlate, Role::SecondTopPlate].map(|role| count(role).saturating_sub(1)).iter().sum::<u32>();
    if 0 < breaks {
        let line = say!("nails-plate-break", lap = Length::inches(24));
        let line = nailing(say!("joint-top-plate-break"), line, Source::Table);
        lines.push(NailedJoint::with(line, sixteen, 2 * 8 * breaks));
    }
    let lapped = End::BOTH.into_iter().filter(|end| *options.laps.at(*end) != PlateLap::Flush).count();
    let laps = (lapped + options.partitions.iter().filter(|partition| partition.laps_in).count()) as u32;
    if 0 < laps {
        let line = nailing(say!("joint-laps"), say!("nails-plate-laps"), Source::Table);
        lines.push(NailedJoint::with(line, sixteen, 2 * laps));
    }
    lines.push(if options.bolts.is_some() {
        let nailing = nailing(say!("joint-sole-concrete"), say!("nails-bolts"), Source::Practice);
        NailedJoint { nailing, nails: None }
    } else {
        let line = say!("nails-sole-joists", common = apart, closer);
        let line = nailing(say!("joint-sole-joists"), line, Source::Table);
        NailedJoint::with(line, sixteen, run(Role::SolePlate, apart))
    });
    if 0 < count(Role::CornerStud) + count(Role::PartitionStud) {
        let line = nailing(say!("joint-corners"), uprights(), Source::Table);
        lines.push(NailedJoint::with(
            line,
            sixteen,
            run(Role::CornerStud, UPRIGHTS) + run(Role::PartitionStud, UPRIGHTS),
        ));
    }
    let blocks = [Role::Blocking, Role::LadderBlock, Role::BackingBlock, Role::CornerBlock, Role::PlateEndBlock];
    let blocks: u32 = blocks.into_iter().map(count).sum();
    if 0 < blocks {
        let line = nailing(say!("joint-blocking"), say!("nails-blocking"), Source::Practice);
        lines.push(NailedJoint::with(line, sixteen, 2 * 2 * blocks));
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

    fn said(header: HeaderSpec) -> Option<Phrase> {
        plies(header, Length::feet(4)).map(|line| line.nailing.nails)
    }

    #[test]
    fn plies_are_fastened_by_their_thickness_and_number() {
        assert_eq!(said(sawn(1)), None);
        assert!(said(sawn(2)).is_some_and(|nails| nails.id == "nails-two-plies"));
        assert!(said(sawn(3)).is_some_and(|nails| nails.id == "nails-more-plies"));
        assert!(said(engineered(12, 2)).is_some_and(|nails| nails.to_string().contains("rows: 2")));
        assert!(said(engineered(14, 3)).is_some_and(|nails| nails.to_string().contains("rows: 3")));
        assert!(said(engineered(14, 4)).is_some_and(|nails| nails.id == "nails-bolted-plies"));
    }

    #[test]
    fn the_nails_of_plies_are_counted_along_them() {
        let nails = |header| plies(header, Length::feet(4)).and_then(|line| line.nails).map(|nails| nails.count);
        // 4 ft at 16 in.: four nails a row, two rows, and again for the third ply.
        assert_eq!([nails(sawn(2)), nails(sawn(3))], [Some(8), Some(16)]);
        // At 12 in. five a row; three rows for the deep one.
        assert_eq!([nails(engineered(12, 2)), nails(engineered(14, 2))], [Some(10), Some(15)]);
        assert_eq!(nails(engineered(14, 4)), None);
    }
}
