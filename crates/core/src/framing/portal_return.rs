//! # Braced return beside a big door
//!
//! **What it checks.** Where a big door leaves a short stretch of wall to the corner, what of the portal frame is met that the model code prints for a wall that is
//! sheathed all along: how wide the return is for the wall's height, how wide the door, the header's size, whether it really runs over the return, the studs under
//! its far end, the sheathing, the bolts. Strap, nails and washers are counted and cannot be seen from here. How many such returns a wall needs is the bracing
//! plan's.
//!
//! **Source.** IRC R602.10.6.4, method CS-PF, from memory: confirm in the adopted code.
//!
//! **Assumptions and limits.** Walls to 10 ft. A wall of 97 1/8 in. counts as one of 8 ft, as precut studs make it so.
//!
//! **Worked example.** A return of 24 in. beside a 16 ft door, 97 1/8 in. high, three 1 3/4 x 11 7/8 over it to the corner on two studs: its width is met (16), the
//! door (18 ft), the header (3 x 11 1/4), its run and its studs.

use std::collections::BTreeSet;

use crate::framing::member::{Member, Role};
use crate::framing::opening_plan::{FULL_BRACING_PANEL, OpeningPlan};
use crate::framing::wall_plan::WallPlan;
use crate::job::{OpeningKind, SheathingKind, WallFrame};
use crate::measure::{End, Force, Length};
use crate::say;
use crate::speech::{Phrase, distance};

/// What a wall may be higher than its name: plates and precut studs. Common practice, no source.
const OVER_ITS_NAME: Length = Length::inches(2);
/// The least return of walls up to so high.
const LEAST: [(Length, Length); 3] = [
    (Length::feet(8), Length::inches(16)),
    (Length::feet(9), Length::inches(18)),
    (Length::feet(10), Length::inches(20)),
];
/// The narrowest and the widest door.
const DOOR: (Length, Length) = (Length::feet(2), Length::feet(18));
/// How wide all plies are together, at least.
const HEADER_WIDTH: Length = Length::inches(3);
/// How deep the header is, at least.
const HEADER_DEPTH: Length = Length::inches_and(11, 1, 4);
/// How thick a structural sheet is, at least.
const SHEET: Length = Length::inches_and(0, 7, 16);
/// Studs under the header's end, at least.
const STUDS: u8 = 2;
/// Bolts in the sole plate, at least.
const BOLTS: usize = 2;
/// Nails stand so far apart.
pub const NAILS_APART: Length = Length::inches(3);
/// From an edge of wood, at least.
const EDGE: Length = Length::inches_and(0, 3, 4);
/// What the strap holds, lb.
const STRAP: f64 = 1000.0;
/// How thick a bolt is.
const BOLT: Length = Length::inches_and(0, 1, 2);
/// How wide a plate washer is, and how thick.
const WASHER: (Length, Length) = (Length::inches(2), Length::inches_and(0, 3, 16));
/// With which nails.
const NAIL: &str = "8d";

/// Whether something is as it has to be.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Met {
    /// It is.
    Yes,
    /// It is not.
    No,
    /// Nobody said it, or it cannot be seen from here.
    Unseen,
}

/// Something that the detail asks for.
#[derive(Clone, Debug, PartialEq)]
pub struct Asked {
    /// What, with what is there.
    pub words: Phrase,
    /// Whether it is met.
    pub met: Met,
}

/// A return beside a door, with what the detail asks of it.
#[derive(Clone, Debug, PartialEq)]
pub struct PortalReturn {
    /// At which end of the door.
    pub end: End,
    /// From here, along the wall.
    pub from: Length,
    /// To here.
    pub to: Length,
    /// What is asked.
    pub asked: Vec<Asked>,
    /// Where nails go, along the wall and up from under the sole plate: the framing under the sheet, and the grid over the header.
    pub nails: Vec<(Length, Length)>,
    /// Bolts in its sole plate.
    pub bolts: Vec<Length>,
    /// Where the strap crosses from the header onto the inner studs, along the wall and up.
    pub strap: (Length, Length),
}

/// The returns beside a planned door; none beside what is no big door, or where a full panel stands.
pub fn portal_returns(frame: &WallFrame, plan: &WallPlan, door: &OpeningPlan) -> Vec<PortalReturn> {
    if door.design.kind != OpeningKind::OverheadDoor {
        return Vec::new();
    }
    let sides = [(End::Left, Length::ZERO, door.left()), (End::Right, door.right(), frame.length)];
    let short = sides.into_iter().filter(|(_, from, to)| from < to && *to - *from < FULL_BRACING_PANEL);
    let alone = |(_, from, to): &(End, Length, Length)| {
        plan.openings.iter().all(|other| other.id == door.id || other.right() <= *from || *to <= other.left())
    };
    short.filter(alone).map(|(end, from, to)| portal_return(frame, plan, door, end, (from, to))).collect()
}

fn portal_return(
    frame: &WallFrame,
    plan: &WallPlan,
    door: &OpeningPlan,
    end: End,
    (from, to): (Length, Length),
) -> PortalReturn {
    // Those that stand in the concrete already, and those that the plan puts.
    let all: BTreeSet<Length> = plan.bolts.iter().chain(&frame.framing.cast_bolts).copied().collect();
    let bolts: Vec<Length> = all.into_iter().filter(|at| from <= *at && *at <= to).collect();
    let seat = door.bottom + door.rough.height;
    let inner = if end == End::Left { to } else { from };
    let nails = nails(plan, door, (from, to));
    let asked = vec![
        width(frame, to - from),
        door_width(door),
        header_size(door),
        header_run(door, end, to - from),
        studs_under_it(door, end),
        sheathing(frame),
        bolted(frame, &bolts),
        Asked { words: say!("return-strap", strap = Force::lbf(STRAP)), met: Met::Unseen },
        Asked { words: say!("return-nails", count = nails.len(), nail = NAIL, apart = NAILS_APART), met: Met::Unseen },
    ];
    PortalReturn { end, from, to, asked, nails, bolts, strap: (inner, seat) }
}

fn asked(words: Phrase, is_met: bool) -> Asked {
    Asked { words, met: if is_met { Met::Yes } else { Met::No } }
}

fn width(frame: &WallFrame, is: Length) -> Asked {
    let high = frame.height();
    match LEAST.iter().find(|(up_to, _)| high <= *up_to + OVER_ITS_NAME) {
        Some((up_to, least)) => asked(say!("return-width", is, least = *least, high = distance(*up_to)), *least <= is),
        None => asked(say!("return-too-high", high = distance(high), most = distance(LEAST[2].0)), false),
    }
}

fn door_width(door: &OpeningPlan) -> Asked {
    let is = door.rough.width;
    let (least, most) = DOOR;
    let words = say!("return-door", is = distance(is), least = distance(least), most = distance(most));
    asked(words, least <= is && is <= most)
}

fn header_size(door: &OpeningPlan) -> Asked {
    match door.header() {
        None => Asked { words: say!("return-no-header"), met: Met::No },
        Some(header) => {
            let section = header.section();
            let words = say!("return-header", header = header.name(), width = HEADER_WIDTH, depth = HEADER_DEPTH);
            asked(words, HEADER_WIDTH <= section.width && HEADER_DEPTH <= section.depth)
        }
    }
}

fn header_run(door: &OpeningPlan, end: End, width: Length) -> Asked {
    let past = door.design.run.past.at(end).map_or(Length::ZERO, |past| past.length);
    let words = if width <= past { say!("return-run-over") } else { say!("return-run-short", width = width - past) };
    asked(words, width <= past)
}

fn studs_under_it(door: &OpeningPlan, end: End) -> Asked {
    let far = door.design.run.past.at(end).map_or(0, |past| past.far_studs);
    asked(say!("return-studs", is = i64::from(far), least = i64::from(STUDS)), STUDS <= far)
}

fn sheathing(frame: &WallFrame) -> Asked {
    match frame.framing.sheathing {
        None => Asked { words: say!("return-sheathing-not-said", least = SHEET), met: Met::Unseen },
        Some(sheathing) => {
            let is_structural = matches!(sheathing.kind, SheathingKind::Osb | SheathingKind::Plywood);
            let words = say!("return-sheathing", is = sheathing.thickness, least = SHEET);
            asked(words, is_structural && SHEET <= sheathing.thickness)
        }
    }
}

fn bolted(frame: &WallFrame, bolts: &[Length]) -> Asked {
    let words = say!("return-bolts", is = bolts.len(), least = BOLTS, bolt = BOLT, washer = WASHER.0, thick = WASHER.1);
    if bolts.is_empty() && frame.framing.bolts.is_none() && frame.framing.cast_bolts.is_empty() {
        return Asked { words, met: Met::Unseen };
    }
    asked(words, BOLTS <= bolts.len())
}

/// A row along the middle of every upright and plate under the sheet, and a grid over the header where the sheet lies on it.
fn nails(plan: &WallPlan, door: &OpeningPlan, (from, to): (Length, Length)) -> Vec<(Length, Length)> {
    let mut all = Vec::new();
    for member in &plan.members {
        let (left, right) = (member.rect.x.max(from), member.rect.right().min(to));
        if right <= left {
            continue;
        }
        let (low, high) = (member.rect.y, member.rect.top());
        match member.role {
            Role::Header if member.opening == Some(door.id) => {
                for x in along(left, right) {
                    all.extend(along(low, high).map(|y| (x, y)));
                }
            }
            _ if is_upright(member) => {
                let middle = left + (right - left).half();
                all.extend(along(low, high).map(|y| (middle, y)));
            }
            Role::SolePlate | Role::TopPlate | Role::SecondTopPlate => {
                let middle = low + (high - low).half();
                all.extend(along(left, right).map(|x| (x, middle)));
            }
            _ => {}
        }
    }
    all.sort_unstable();
    all.dedup();
    all
}

fn is_upright(member: &Member) -> bool {
    matches!(
        member.role,
        Role::Stud
            | Role::CornerStud
            | Role::King
            | Role::Jack
            | Role::HeaderPost
            | Role::CrippleAbove
            | Role::PartitionStud
    )
}

/// Places from an edge to another, as far from both as fits, none farther apart than nails stand.
fn along(from: Length, to: Length) -> impl Iterator<Item = Length> {
    let edge = EDGE.min((to - from).half());
    let (first, last) = (from + edge, to - edge);
    let spaces = (last - first).nanometers().div_euclid(NAILS_APART.nanometers())
        + i64::from((last - first).nanometers() % NAILS_APART.nanometers() != 0);
    let each = move |place: i64| {
        if spaces == 0 { first } else { first + Length::from_nanometers((last - first).nanometers() * place / spaces) }
    };
    (0..=spaces).map(each)
}
