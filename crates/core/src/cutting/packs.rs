//! # Packs
//!
//! **What it does.** Says what is nailed together apart from the wall, before it is laid out: the ends of openings, headers with their
//! filler, corners, channels, ladder blocks, posts, and the studs under point loads. Each has a name, its pieces and its nails; those
//! that are alike stand together, with where each of them goes.
//!
//! **Source.** Common practice, no source: packs are built first, away from the wall. A built-up header of 2x fills a 3 1/2 in. wall with
//! a 1/2 in. filler between its two plies.
//!
//! **Worked example.** A window with one jack and one king a side between two full cripples: `A left` is a king, a jack and a cripple,
//! and `A right` is alike.

use std::collections::BTreeMap;
use std::sync::Arc;

use super::pieces::{CutPiece, For, Of, PieceId, named};
use crate::framing::member::{Bevel, Member, Minded, Rect, Role, Stock};
use crate::framing::nailing::{Nailing, opening_nailing, wall_nailing};
use crate::framing::{OpeningPlan, WallPlan};
use crate::house::PartId;
use crate::job::{Backing, Job, Letter, Partition, Wall, WallEnd, WallId};
use crate::lumber::Moisture;
use crate::measure::{End, Length};
use crate::plan::JobPlan;
use crate::say;
use crate::speech::{Phrase, distance};

/// What a pack is.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum PackIs {
    /// King, jacks and cripples of an end of an opening.
    OpeningEnd(Letter, End),
    /// The header of an opening.
    Header(Letter),
    /// Studs under a header besides its ends.
    HeaderPost(Letter),
    /// The studs of a wall's end.
    Corner(End),
    /// What a crossing wall is nailed to, at a place along the wall.
    Channel(Length),
    /// Blocks between studs that a crossing wall is nailed to, at a place along the wall.
    Ladder(Length),
    /// Studs under a point load, at a place along the wall.
    Point(Length),
    /// A beam of the house.
    Beam(PartId),
    /// A post of the house.
    Post(PartId),
}

/// Where a pack goes.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub struct Goes {
    /// To which wall; `None` for what stands beside walls.
    pub wall: Option<WallId>,
    /// What it is there.
    pub is: PackIs,
}

impl PackIs {
    /// What it is called on its wall.
    pub fn phrase(self, job: &Job) -> Phrase {
        match self {
            Self::OpeningEnd(letter, end) => say!("pack-opening-end", letter = letter.to_string(), end),
            Self::Header(letter) => say!("pack-header", letter = letter.to_string()),
            Self::HeaderPost(letter) => say!("pack-header-post", letter = letter.to_string()),
            Self::Corner(end) => say!("pack-corner", end),
            Self::Channel(at) => say!("pack-channel", at = distance(at)),
            Self::Ladder(at) => say!("pack-ladder", at = distance(at)),
            Self::Point(at) => say!("pack-point", at = distance(at)),
            Self::Beam(part) | Self::Post(part) => named(job, part),
        }
    }

    /// What packs of this kind are, as a heading.
    pub fn kind(self) -> Phrase {
        match self {
            Self::OpeningEnd(..) => say!("packs-opening-ends"),
            Self::Header(_) => say!("packs-headers"),
            Self::HeaderPost(_) => say!("packs-header-posts"),
            Self::Corner(_) => say!("packs-corners"),
            Self::Channel(_) => say!("packs-channels"),
            Self::Ladder(_) => say!("packs-ladders"),
            Self::Point(_) => say!("packs-points"),
            Self::Beam(_) => say!("packs-beams"),
            Self::Post(_) => say!("packs-posts"),
        }
    }
}

impl Goes {
    /// Where it goes, with the wall.
    pub fn phrase(&self, job: &Job) -> Phrase {
        let what = self.is.phrase(job);
        match self.wall.and_then(|wall| job.wall(wall)) {
            Some(wall) => say!("in-a-wall", what = what, wall = &wall.frame.name),
            None => what,
        }
    }
}

impl Filler {
    /// What is cut for it.
    pub fn phrase(&self) -> Phrase {
        say!("pack-filler", thickness = self.thickness, depth = self.depth, length = self.length)
    }
}

/// A piece of a pack, and how many are alike.
#[derive(Clone, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub struct PackPiece {
    /// What it is for.
    pub for_: For,
    /// How many.
    pub count: u32,
    /// What it is cut to.
    pub length: Length,
    /// How its end is cut where it is not square.
    pub bevel: Option<Bevel>,
    /// What it is cut from.
    pub wood: Arc<str>,
    /// Whether it lies with its TOP stamp up.
    pub top_up: bool,
}

/// A sheet of plywood or OSB between the plies of a header.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub struct Filler {
    /// How many.
    pub count: u32,
    /// How thick each.
    pub thickness: Length,
    /// As deep as the header.
    pub depth: Length,
    /// As long.
    pub length: Length,
}

/// A pack, with all that are alike.
#[derive(Clone, Debug, PartialEq)]
pub struct Pack {
    /// Its pieces, the longest first.
    pub pieces: Vec<PackPiece>,
    /// What fills it out to the wall's thickness.
    pub filler: Option<Filler>,
    /// How it is nailed.
    pub nails: Vec<Nailing>,
    /// Where those that are alike go: as many as there are.
    pub goes: Vec<Goes>,
    /// The pieces of each, by their names, in the order of `goes`.
    pub named: Vec<Vec<PieceId>>,
    /// What the pieces of one are cut from, how long each is, and where its middle is along the pack, from the pack's lower or left end.
    sticks: Vec<(Stock, Length, Length)>,
}

impl Pack {
    /// What one of them weighs, lb; its filler and its nails weigh nothing.
    pub fn pounds(&self, moisture: Moisture) -> f64 {
        self.sticks.iter().map(|(stock, length, _)| stock.pounds_a_foot(moisture) * length.to_feet()).sum()
    }

    /// Where one of them is in balance, from its lower or left end, to a whole inch: nobody takes hold of it more finely.
    pub fn balances(&self, moisture: Moisture) -> Length {
        let turning = |(stock, length, middle): &(Stock, Length, Length)| {
            stock.pounds_a_foot(moisture) * length.to_feet() * middle.to_inches()
        };
        let pounds = self.pounds(moisture);
        if pounds <= 0.0 {
            return Length::ZERO;
        }
        Length::inches((self.sticks.iter().map(turning).sum::<f64>() / pounds).round() as i64)
    }
}

/// Where the middle of each piece of a pack is, from the pack's lower or left end: upright ones along their height, lying ones along the wall.
fn middles(plan: &WallPlan, pieces: &[&CutPiece]) -> Vec<Length> {
    let rects: Vec<Rect> = pieces.iter().map(|piece| plan.members[piece.members[0]].rect).collect();
    let longest = rects.iter().max_by_key(|rect| rect.width.max(rect.height));
    let is_upright = longest.is_some_and(|rect| rect.width < rect.height);
    let along = |rect: &Rect| if is_upright { (rect.y, rect.top()) } else { (rect.x, rect.right()) };
    let end = rects.iter().map(|rect| along(rect).0).min().unwrap_or(Length::ZERO);
    let middle = |rect: &Rect| (along(rect).0 + along(rect).1).half() - end;
    rects.iter().map(middle).collect()
}

/// The packs of a planned job, from its pieces; the largest kinds first as they are built in that order.
pub fn packs_of_job(plan: &JobPlan, pieces: &[CutPiece]) -> Vec<Pack> {
    let mut packs: Vec<Pack> = Vec::new();
    for (wall, planned) in plan.walls() {
        let mine: Vec<&CutPiece> = pieces.iter().filter(|piece| piece.id.of.wall() == Some(wall.id)).collect();
        for pack in of_wall(wall, planned, &mine) {
            put(&mut packs, pack);
        }
    }
    for (part, _) in plan.members() {
        let mine: Vec<&CutPiece> = pieces.iter().filter(|piece| piece.id.of == Of::Part(part)).collect();
        let is = match mine.first().map(|piece| piece.id.for_) {
            Some(For::Beam) => PackIs::Beam(part),
            Some(For::Post) => PackIs::Post(part),
            _ => continue,
        };
        // One stick is no pack.
        if 1 < mine.len() {
            let middles = mine.iter().map(|piece| piece.length.half()).collect();
            put(&mut packs, one(Goes { wall: None, is }, (&mine, middles), None, Vec::new()));
        }
    }
    packs
}

/// Puts a pack to those that it is like.
fn put(packs: &mut Vec<Pack>, pack: Pack) {
    let kind = |pack: &Pack| pack.goes.first().map(|goes| std::mem::discriminant(&goes.is));
    let alike = |known: &&mut Pack| {
        kind(known) == kind(&pack)
            && known.pieces == pack.pieces
            && known.filler == pack.filler
            && known.nails == pack.nails
    };
    match packs.iter_mut().find(alike) {
        Some(known) => {
            known.goes.extend(pack.goes);
            known.named.extend(pack.named);
        }
        None => packs.push(pack),
    }
}

fn one(
    goes: Goes,
    (pieces, middles): (&[&CutPiece], Vec<Length>),
    filler: Option<Filler>,
    nails: Vec<Nailing>,
) -> Pack {
    let mut counted: BTreeMap<PackPiece, u32> = BTreeMap::new();
    for piece in pieces {
        let alike = PackPiece {
            for_: piece.id.for_,
            count: 0,
            length: piece.length,
            bevel: piece.bevel,
            wood: piece.stock.wood.clone(),
            top_up: piece.stock.minded == Minded::TopUp,
        };
        *counted.entry(alike).or_default() += 1;
    }
    let mut pieces_of_it: Vec<PackPiece> =
        counted.into_iter().map(|(piece, count)| PackPiece { count, ..piece }).collect();
    pieces_of_it.sort_by(|a, b| b.length.cmp(&a.length).then(a.cmp(b)));
    let named = vec![pieces.iter().map(|piece| piece.id).collect()];
    let sticks =
        pieces.iter().zip(middles).map(|(piece, middle)| (piece.stock.clone(), piece.length, middle)).collect();
    Pack { pieces: pieces_of_it, filler, nails, goes: vec![goes], named, sticks }
}

/// The packs of a wall.
fn of_wall(wall: &Wall, plan: &WallPlan, pieces: &[&CutPiece]) -> Vec<Pack> {
    let mut packs = Vec::new();
    let taken = |fits: &dyn Fn(&Member) -> bool| -> Vec<&CutPiece> {
        let of = |piece: &&&CutPiece| matches!(piece.members[..], [place] if fits(&plan.members[place]));
        pieces.iter().filter(of).copied().collect()
    };
    let mut add = |is: PackIs, pieces: Vec<&CutPiece>, filler: Option<Filler>, nails: Vec<Nailing>| {
        // A single stick is cut with the rest; it is nothing that is built.
        if 1 < pieces.len() || filler.is_some() {
            let middles = middles(plan, &pieces);
            packs.push(one(Goes { wall: Some(wall.id), is }, (&pieces, middles), filler, nails));
        }
    };
    for opening in &plan.openings {
        let nails = opening_nailing(opening, &plan.members);
        let only = |joints: &[&str]| -> Vec<Nailing> {
            nails.iter().filter(|nailing| joints.contains(&nailing.joint.id.as_ref())).cloned().collect()
        };
        for end in End::BOTH {
            let of_end = |member: &Member| is_of_end(opening, end, member);
            let joints = ["joint-jack-king", "joint-jack-jack", "joint-king-king"];
            add(PackIs::OpeningEnd(opening.letter, end), taken(&of_end), None, only(&joints));
        }
        let of_header =
            |member: &Member| member.opening == Some(opening.id) && matches!(member.role, Role::Header | Role::Nailer);
        let header = taken(&of_header);
        let filler = header.first().and_then(|_| filler_of(wall, opening));
        add(PackIs::Header(opening.letter), header, filler, only(&["joint-plies", "joint-nailer-header"]));
        let of_post = |member: &Member| member.opening == Some(opening.id) && member.role == Role::HeaderPost;
        add(PackIs::HeaderPost(opening.letter), taken(&of_post), None, Vec::new());
    }
    let nails = wall_nailing(wall, &plan.members);
    let only =
        |joint: &str| -> Vec<Nailing> { nails.iter().filter(|nailing| nailing.joint.id == joint).cloned().collect() };
    for end in End::BOTH {
        if *wall.frame.framing.ends.at(end) == WallEnd::Plain {
            continue;
        }
        let half = wall.frame.length.half();
        let of_corner = |member: &Member| {
            let edge = match end {
                End::Left => member.rect.x == Length::ZERO,
                End::Right => member.rect.right() == wall.frame.length,
            };
            let near = (end == End::Left) == (member.rect.x < half);
            match member.role {
                Role::CornerStud | Role::CornerBlock => near,
                Role::Stud => edge,
                _ => false,
            }
        };
        add(PackIs::Corner(end), taken(&of_corner), None, only("joint-corners"));
    }
    for partition in &wall.frame.framing.partitions {
        let (from, to) = wall.frame.channel_of(partition);
        let within = |member: &Member| from <= member.rect.x && member.rect.right() <= to;
        match partition.backing {
            Backing::Channel => {
                let of_channel = |member: &Member| {
                    within(member) && matches!(member.role, Role::PartitionStud | Role::PartitionBacker)
                };
                add(PackIs::Channel(partition.at), taken(&of_channel), None, only("joint-corners"));
            }
            Backing::LadderBlocks => {
                let of_ladder = |member: &Member| {
                    member.role == Role::LadderBlock && nearest(&wall.frame.framing.partitions, member) == partition.at
                };
                add(PackIs::Ladder(partition.at), taken(&of_ladder), None, Vec::new());
            }
        }
    }
    for load in &plan.field_loads {
        let reach = wall.frame.thickness() * i64::from(load.studs()) * 2;
        let of_point = |member: &Member| {
            let middle = (member.rect.x + member.rect.right()).half();
            member.role == Role::PointLoadStud && (middle - load.at).abs() <= reach
        };
        add(PackIs::Point(load.at), taken(&of_point), None, Vec::new());
    }
    packs
}

/// The crossing wall that a ladder block is for.
fn nearest(partitions: &[Partition], block: &Member) -> Length {
    let middle = (block.rect.x + block.rect.right()).half();
    let ladders = partitions.iter().filter(|partition| partition.backing == Backing::LadderBlocks);
    ladders.map(|partition| partition.at).min_by_key(|at| (*at - middle).abs()).unwrap_or(middle)
}

/// Kings and jacks of an end, and the cripples that stand against them.
fn is_of_end(opening: &OpeningPlan, end: End, member: &Member) -> bool {
    if member.opening != Some(opening.id) {
        return false;
    }
    let on_side = opening.is_at(end, member.rect.x);
    match member.role {
        Role::King | Role::Jack => on_side,
        Role::CrippleBelow => match end {
            End::Left => member.rect.x == opening.left(),
            End::Right => member.rect.right() == opening.right(),
        },
        _ => false,
    }
}

/// What fills a two-ply header of 2x out to a 2x4 wall.
fn filler_of(wall: &Wall, opening: &OpeningPlan) -> Option<Filler> {
    let header = opening.header().filter(|header| header.board.is_two_by() && 1 < header.plies)?;
    let section = header.section();
    let thickness = wall.frame.depth() - section.width;
    let half_inch = Length::inches_and(0, 1, 2);
    (thickness == half_inch).then(|| Filler {
        count: 1,
        thickness,
        depth: section.depth,
        length: opening.header_length(),
    })
}
