//! # The pieces of a job
//!
//! **What it does.** Says of everything that is framed what has to be cut: each piece once, under a name that it keeps when
//! something else in the job changes. Pieces of an opening that nobody has decided, or that does not carry, are held back and said
//! to be; so are beams and posts. What stands in an opening that is framed already, and is wanted as it stands, is not cut again.
//!
//! **Source.** Common practice, no source: a sole plate runs through its doorways until the wall stands, so it is cut as one piece.
//!
//! **Worked example.** A 12 ft wall with a door in its middle: one sole plate of 12 ft, not two.

use std::collections::BTreeMap;
use std::sync::Arc;

use crate::framing::changes::plan_as_framed;
use crate::framing::member::{Bevel, Member, Minded, Role, Stock};
use crate::framing::{OpeningPlan, WallPlan};
use crate::house::PartId;
use crate::job::{Job, Letter, OpeningId, Rules, Wall, WallId};
use crate::lumber::SawnLumber;
use crate::measure::Length;
use crate::plan::JobPlan;
use crate::plan::members::Member as HouseMember;
use crate::say;
use crate::sizing::candidates::Tried;
use crate::sizing::post::PostSection;
use crate::sizing::verdict::Verdict;
use crate::speech::Phrase;

/// What a piece belongs to.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Of {
    /// An opening of a wall.
    Opening(WallId, OpeningId),
    /// A bay of a wall: so many spacings of its layout from its left end.
    Bay(WallId, u16),
    /// A beam or a post of the house.
    Part(PartId),
}

/// What a piece is, in the wall or beside it.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum For {
    /// A member of a wall.
    Wall(Role),
    /// A beam of the house.
    Beam,
    /// A post of the house.
    Post,
}

/// By which name a piece goes: what it belongs to, what it is for, and which of those it is. Something changed elsewhere in the job
/// leaves it as it is.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct PieceId {
    /// What it belongs to.
    pub of: Of,
    /// What it is for.
    pub for_: For,
    /// Which, from the left and from below, counted from nothing.
    pub ordinal: u16,
}

/// What is bought by one name.
#[derive(Clone, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub struct Section {
    /// Size, species and grade.
    pub wood: Arc<str>,
    /// Whether it is treated.
    pub treated: bool,
}

impl Section {
    /// As it is called on a list.
    pub fn phrase(&self) -> Phrase {
        let minded = if self.treated { Minded::Treated } else { Minded::Nothing };
        minded.said_of(&self.wood)
    }
}

/// A piece to cut.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct CutPiece {
    /// Its name.
    pub id: PieceId,
    /// What it is cut to, at its longest.
    pub length: Length,
    /// How its end is cut where it is not square.
    pub bevel: Option<Bevel>,
    /// What it is cut from, with what has to be minded.
    pub stock: Stock,
    /// The members of its wall that it is, by their places in the plan's list.
    pub members: Vec<usize>,
}

impl CutPiece {
    /// Under which name it is bought.
    pub fn section(&self) -> Section {
        Section { wood: self.stock.wood.clone(), treated: self.stock.minded == Minded::Treated }
    }
}

/// What is not cut yet, and why.
#[derive(Clone, Debug, PartialEq)]
pub enum HeldBack {
    /// An opening.
    Opening {
        /// Its wall.
        wall: WallId,
        /// Which.
        opening: OpeningId,
        /// Its letter.
        letter: Letter,
        /// Why.
        why: Phrase,
    },
    /// A beam or a post of the house.
    Part {
        /// Which.
        part: PartId,
        /// Why.
        why: Phrase,
    },
}

/// The pieces of a job.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct JobPieces {
    /// To cut, wall by wall, then the house's beams and posts.
    pub pieces: Vec<CutPiece>,
    /// Standing in openings that are framed already: not cut again.
    pub standing: Vec<CutPiece>,
    /// Not to cut yet.
    pub held_back: Vec<HeldBack>,
}

impl JobPieces {
    /// What stands already, opening by opening, in sentences.
    pub fn standing_phrases(&self, job: &Job) -> Vec<Phrase> {
        let mut counts: BTreeMap<Of, usize> = BTreeMap::new();
        for piece in &self.standing {
            *counts.entry(piece.id.of).or_default() += 1;
        }
        counts.into_iter().map(|(of, count)| say!("cut-standing", what = of.phrase(job), count)).collect()
    }
}

impl For {
    /// What it is called on a list.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Wall(role) => role.phrase(),
            Self::Beam => say!("cut-beam"),
            Self::Post => say!("cut-post"),
        }
    }
}

impl Of {
    /// The wall that it belongs to; `None` for what stands beside walls.
    pub const fn wall(self) -> Option<WallId> {
        match self {
            Self::Opening(wall, _) | Self::Bay(wall, _) => Some(wall),
            Self::Part(_) => None,
        }
    }

    /// The opening that it belongs to, if it is one's.
    pub const fn opening(self) -> Option<OpeningId> {
        match self {
            Self::Opening(_, opening) => Some(opening),
            Self::Bay(..) | Self::Part(_) => None,
        }
    }

    /// The storey that it stands on; `None` where nobody said one.
    pub fn level(self, job: &Job) -> Option<PartId> {
        match self {
            Self::Opening(wall, _) | Self::Bay(wall, _) => job.wall(wall)?.place.map(|place| place.level),
            Self::Part(part) => {
                let beam = job.house.beams.iter().find(|beam| beam.id == part).map(|beam| beam.level);
                beam.or_else(|| job.house.posts.iter().find(|post| post.id == part).map(|post| post.level))
            }
        }
    }

    /// Who gets it: the opening's letter and its wall, the wall, or the beam or post by its name.
    pub fn phrase(self, job: &Job) -> Phrase {
        let wall_of = |id: WallId| job.wall(id).map(|wall| &wall.frame.name);
        match self {
            Self::Opening(wall, opening) => {
                let letter = job.opening(opening).and_then(|(_, opening)| opening.letter);
                match (letter, wall_of(wall)) {
                    (Some(letter), Some(wall)) => {
                        say!("in-a-wall", what = Phrase::verbatim(letter.to_string()), wall = wall)
                    }
                    _ => say!("nothing-to-say"),
                }
            }
            Self::Bay(wall, _) => {
                wall_of(wall).map_or_else(|| say!("nothing-to-say"), |wall| Phrase::verbatim(wall.as_str()))
            }
            Self::Part(part) => named(job, part),
        }
    }
}

/// What a beam or a post of the house is called.
pub(super) fn named(job: &Job, part: PartId) -> Phrase {
    let beam = job.house.beams.iter().find(|beam| beam.id == part).map(|beam| &beam.name);
    let post = || job.house.posts.iter().find(|post| post.id == part).map(|post| &post.name);
    beam.or_else(post).map_or_else(|| say!("nothing-to-say"), |name| Phrase::verbatim(name.as_str()))
}

impl HeldBack {
    /// What is held back.
    pub fn what(&self, job: &Job) -> Phrase {
        match self {
            Self::Opening { wall, opening, .. } => Of::Opening(*wall, *opening).phrase(job),
            Self::Part { part, .. } => Of::Part(*part).phrase(job),
        }
    }

    /// Why.
    pub const fn why(&self) -> &Phrase {
        match self {
            Self::Opening { why, .. } | Self::Part { why, .. } => why,
        }
    }
}

/// Whether an opening is decided so far that its pieces can be cut.
pub fn is_decided(opening: &OpeningPlan) -> bool {
    let settled = match opening.verdict {
        Verdict::Carries | Verdict::CarriesBarely | Verdict::OnlyTheTable => true,
        Verdict::DoesNotCarry | Verdict::AskAnEngineer => false,
    };
    settled && opening.has_numbers()
}

/// The pieces of a planned job.
pub fn pieces_of_job(plan: &JobPlan) -> JobPieces {
    let mut all = JobPieces::default();
    let rules = plan.job().rules();
    for (wall, planned) in plan.walls() {
        let (standing, pieces) = parted_by_standing(&rules, wall, planned, pieces_of_wall(wall, planned));
        all.pieces.extend(pieces);
        all.standing.extend(standing);
        all.held_back.extend(planned.openings.iter().filter(|opening| !is_decided(opening)).map(|opening| {
            let OpeningPlan { id, letter, .. } = *opening;
            HeldBack::Opening { wall: wall.id, opening: id, letter, why: opening.verdict_phrase() }
        }));
    }
    for (part, member) in plan.members() {
        match of_the_house(part, member) {
            Some(pieces) => all.pieces.extend(pieces),
            None => all.held_back.push(HeldBack::Part { part, why: member.answer() }),
        }
    }
    all
}

/// Parts what stands in framed openings from what is still to be cut. Where an opening changed since it was framed, a piece of it stands if
/// one that is alike was framed.
fn parted_by_standing(
    rules: &Rules<'_>,
    wall: &Wall,
    plan: &WallPlan,
    pieces: Vec<CutPiece>,
) -> (Vec<CutPiece>, Vec<CutPiece>) {
    let framed = wall.openings.iter().filter(|opening| opening.framed_as.is_some());
    let mut built: BTreeMap<OpeningId, Option<Vec<CutPiece>>> = framed
        .map(|opening| {
            let before = plan_as_framed(rules, wall, plan, opening);
            (opening.id, before.map(|before| pieces_of_wall(wall, &before)))
        })
        .collect();
    pieces.into_iter().partition(|piece| {
        let opening = piece.id.of.opening().and_then(|opening| built.get_mut(&opening));
        let Some(built) = opening else { return false };
        // Nothing changed: all of it stands.
        let Some(built) = built else { return true };
        let alike = |other: &CutPiece| {
            (other.id.of, other.id.for_, other.length, other.bevel, &other.stock)
                == (piece.id.of, piece.id.for_, piece.length, piece.bevel, &piece.stock)
        };
        let found = built.iter().position(alike);
        found.map(|place| built.swap_remove(place)).is_some()
    })
}

/// The pieces of a planned wall; those of an opening that is not decided are left out.
pub fn pieces_of_wall(wall: &Wall, plan: &WallPlan) -> Vec<CutPiece> {
    let held_back = |member: &Member| {
        let of = |opening: &&OpeningPlan| member.opening == Some(opening.id);
        let role = member.role != Role::SolePlateCutLast;
        role && plan.openings.iter().find(of).is_some_and(|opening| !is_decided(opening))
    };
    let soles = sole_plates(&plan.members, wall.frame.framing.plate_stock);
    let of_sole = |place: usize| soles.iter().find(|run| run.contains(&place));
    let mut order: Vec<usize> = (0..plan.members.len()).filter(|&place| !held_back(&plan.members[place])).collect();
    order.sort_by_key(|&place| (plan.members[place].rect.x, plan.members[place].rect.y, place));
    let mut ordinals: BTreeMap<(Of, For), u16> = BTreeMap::new();
    let mut pieces = Vec::new();
    for place in order {
        let member = &plan.members[place];
        let (role, members, length) = match of_sole(place) {
            Some(run) if run.first() != Some(&place) => continue,
            Some(run) => (Role::SolePlate, run.clone(), run.iter().map(|place| plan.members[*place].cut).sum()),
            None => (member.role, vec![place], member.cut),
        };
        let of = match member.opening.filter(|_| role != Role::SolePlate) {
            Some(opening) => Of::Opening(wall.id, opening),
            None => Of::Bay(wall.id, bay_of(member.rect.x, wall.frame.spacing)),
        };
        for _ in 0..member.plies.max(1) {
            let next = ordinals.entry((of, For::Wall(role))).or_default();
            pieces.push(CutPiece {
                id: PieceId { of, for_: For::Wall(role), ordinal: *next },
                length,
                bevel: member.bevel,
                stock: member.stock.clone(),
                members: members.clone(),
            });
            *next += 1;
        }
    }
    pieces
}

fn bay_of(x: Length, spacing: Length) -> u16 {
    u16::try_from(x.nanometers().max(0) / spacing.nanometers().max(1)).unwrap_or(u16::MAX)
}

/// Sole plates as they are cut: what is taken out of a doorway later with what lies to either side of it, as far as the wall's plate stock
/// reaches.
fn sole_plates(members: &[Member], longest: Length) -> Vec<Vec<usize>> {
    let is_sole = |member: &Member| matches!(member.role, Role::SolePlate | Role::SolePlateCutLast);
    let mut soles: Vec<usize> = (0..members.len()).filter(|&place| is_sole(&members[place])).collect();
    soles.sort_by_key(|&place| (members[place].rect.x, place));
    let mut runs: Vec<Vec<usize>> = Vec::new();
    for place in soles {
        let member = &members[place];
        let goes_on = |run: &[usize]| {
            let Some(before) = run.last().map(|last| &members[*last]) else { return false };
            let length: Length = run.iter().map(|place| members[*place].cut).sum();
            // Two pieces that meet are a break; only a doorway is no end.
            before.rect.right() == member.rect.x
                && (before.role == Role::SolePlateCutLast || member.role == Role::SolePlateCutLast)
                && length + member.cut <= longest
        };
        match runs.last_mut() {
            Some(run) if goes_on(run) => run.push(place),
            _ => runs.push(vec![place]),
        }
    }
    runs
}

/// The pieces of a beam or a post; `None` where it has no number or does not carry.
fn of_the_house(part: PartId, member: HouseMember<'_>) -> Option<Vec<CutPiece>> {
    let (for_, cuts, stock, plies): (For, Vec<Length>, Stock, u8) = match member {
        HouseMember::Beam(beam) => {
            let sized = beam.outcome.as_ref().ok().filter(|sized| sized.goes_in().carries())?;
            let header = sized.goes_in().beam;
            let cuts = sized.pieces.iter().map(|piece| piece.to - piece.from).collect();
            (For::Beam, cuts, header.board.into(), header.plies)
        }
        HouseMember::Post(post) => {
            let sized = post.outcome.as_ref().ok().filter(|sized| sized.goes_in().carries())?;
            let (stock, count) = match sized.goes_in().post {
                PostSection::Studs { lumber, count } => (SawnLumber::from(lumber).into(), count),
                PostSection::Solid(lumber) => (lumber.into(), 1),
            };
            (For::Post, vec![post.spec.height], stock, count)
        }
    };
    let each = cuts.iter().flat_map(|cut| std::iter::repeat_n(*cut, usize::from(plies)));
    let pieces = each.enumerate().map(|(ordinal, length)| CutPiece {
        id: PieceId { of: Of::Part(part), for_, ordinal: ordinal as u16 },
        length,
        bevel: None,
        stock: stock.clone(),
        members: Vec::new(),
    });
    Some(pieces.collect())
}
