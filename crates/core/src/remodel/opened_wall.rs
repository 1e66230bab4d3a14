//! # A wall that is opened
//!
//! **What it does.** Takes a wall out of the house, puts temporary walls beside it, and says of every floor and ceiling that lies on it what stands
//! in between: what each temporary wall and each wall that stays takes, how far the joists span then and before, and how hard the studs and headers of
//! the temporary walls work. A wall that stands over it is shored the same way, first; and below they go on, each exactly under the other, to the ground.
//!
//! **Source.** The moment in between (`shoring`); loads and lines of the house (`path`). A plank on soil: presumptive bearing, IRC 2021 Table R401.4.1,
//! from memory.
//!
//! **Assumptions and limits.** One section, at the middle of the wall. The opened wall's own studs stand in the temporary ones, on every storey as long as
//! that storey's. Where roofs lie on it, anything but one wall comes down on it, or a wall stands on its joists, there is no number at all: it is said, and
//! is an engineer's. Every storey takes what comes from above on top of its own floors, as if they were snug: nothing is taken off for the walls that help.
//!
//! **Worked example.** A middle wall at 12 ft of 24, joists lapped over it, 12 and 40 psf: temporary walls 30 in. off take 91 lb/ft dead, 303 live.

use super::header_boards::header_boards;
use super::on_storey::{OpenedField, Shored, Shoring, TemporaryWall};
use super::opening::Opening;
use crate::codes::DesignCode;
use crate::framing::opening_problem::plate_bearing;
use crate::house::Line;
use crate::job::{Wall, WallId};
use crate::loads::ByKind;
use crate::measure::{Length, LineLoad};
use crate::path::support::bearing_lines;
use crate::path::{Carrier, Part, Source};
use crate::plan::{FollowedHouse, JobPlan, Storey, WallOnStorey};
use crate::say;
use crate::shoring::header_over_studs::{HeaderOverStuds, MeetsAStud};
use crate::shoring::joists_meanwhile::{JoistWorks, Joists};
use crate::shoring::moment_between::{APART, JoistSection};
use crate::shoring::temporary_wall::{MOST_SLENDER, NoColumn, TemporaryStud, WallWorks};
use crate::sizing::limits::OutsideLimits;
use crate::sizing::problem::Conventions;
use crate::speech::{Phrase, distance};
use crate::working::{Entry, Ink};

/// What stands while a wall is gone.
#[derive(Clone, Debug, PartialEq)]
pub struct Opened {
    /// Where temporary walls stand, along the joists.
    pub temporary: Vec<Length>,
    /// The storey that it stands on.
    pub here: ShoredStorey,
    /// The storeys above with a wall over it, from the next one up: they are shored first.
    pub above: Vec<ShoredStorey>,
    /// The storeys below that temporary walls go down through, from the next one down.
    pub below: Vec<ShoredStorey>,
    /// What they come down to, in sentences.
    pub ground: Vec<Phrase>,
    /// Why temporary walls stand on both sides, or which of them would do alone.
    pub sides: Option<Phrase>,
    /// Whether something on the way down has no number here.
    pub beyond: bool,
    /// What is not worked out, or has to be minded, in sentences.
    pub findings: Vec<Phrase>,
}

/// A storey with temporary walls.
#[derive(Clone, Debug, PartialEq)]
pub struct ShoredStorey {
    /// Its place, from the lowest up.
    pub storey: usize,
    /// Every floor or ceiling over them.
    pub fields: Vec<OpenedField>,
    /// What each takes; none where a piece cannot stand, or something comes from elsewhere that has no number here.
    pub walls: Vec<TemporaryWall>,
    /// Their studs, where they have a number.
    pub stud: Option<TemporaryStud>,
    /// How hard those work; likewise.
    pub studs: Option<Result<WallWorks, NoColumn>>,
    /// Their header, or the boards across under the joists; nothing where there is a plate only.
    pub header: Option<HeaderOverStuds>,
}

impl ShoredStorey {
    /// What each temporary wall takes.
    pub fn takes(&self) -> Vec<ByKind<LineLoad>> {
        self.walls.iter().map(|wall| wall.takes).collect()
    }

    /// How hard its studs work, where they have a number.
    pub fn works(&self) -> Option<&WallWorks> {
        self.studs.as_ref()?.as_ref().ok()
    }

    /// Whether studs, header and joists carry; not where studs have no number.
    pub fn carries(&self) -> bool {
        let header = self.header.iter().map(HeaderOverStuds::ratio);
        let joists = self.fields.iter().filter_map(|field| field.joists.as_ref()).map(JoistWorks::ratio);
        self.works().is_some_and(WallWorks::carries) && header.chain(joists).all(|ratio| ratio <= 1.0)
    }

    /// How hard its header works, in a sentence.
    pub fn header_phrase(&self) -> Option<Phrase> {
        let ratio = self.header.as_ref()?.ratio();
        let percent = percent(ratio);
        Some(if ratio <= 1.0 { say!("shore-header-carries", percent) } else { say!("shore-header-fails", percent) })
    }
}

impl Opened {
    /// The storeys that are shored, from the top down.
    pub fn storeys(&self) -> impl Iterator<Item = &ShoredStorey> {
        self.above.iter().rev().chain([&self.here]).chain(&self.below)
    }

    /// Whether all temporary walls carry: not where anything has no number.
    pub fn carries(&self) -> bool {
        !self.beyond && self.storeys().all(ShoredStorey::carries)
    }
}

/// Why a wall cannot be opened here.
#[derive(Clone, Debug, PartialEq)]
pub enum NotOpened {
    /// It stands in no house.
    InNoHouse,
    /// No joists cross it, and none run along it over it.
    NothingCrosses,
    /// Its plates have no values.
    Outside(OutsideLimits),
}

impl NotOpened {
    /// In a sentence.
    pub fn phrase(&self) -> Phrase {
        match self {
            Self::InNoHouse => say!("shore-in-no-house"),
            Self::NothingCrosses => say!("shore-nothing-crosses"),
            Self::Outside(limit) => limit.phrase(),
        }
    }
}

/// What a wall is opened in.
#[derive(Clone, Copy)]
struct Work<'a> {
    plan: &'a JobPlan,
    house: &'a FollowedHouse,
    /// The wall that is opened.
    wall: &'a Wall,
    /// Where it stands.
    opened: Source,
    asked: &'a Opening,
    code: DesignCode,
}

/// The storeys above a wall, from the next one up, and what they bring.
struct FromAbove {
    storeys: Vec<ShoredStorey>,
    /// What comes down on each temporary wall.
    walls: Vec<TemporaryWall>,
    /// The wall right above, and its weight.
    stands: Option<(Length, LineLoad)>,
    findings: Vec<Phrase>,
    beyond: bool,
}

/// The storeys below, from the next one down, and what they come down to.
#[derive(Default)]
struct ToTheGround {
    storeys: Vec<ShoredStorey>,
    ground: Vec<Phrase>,
    findings: Vec<Phrase>,
    beyond: bool,
}

/// Opens a wall of a planned job.
///
/// # Errors
/// [`NotOpened`].
pub fn opened(plan: &JobPlan, id: WallId, asked: &Opening) -> Result<Opened, NotOpened> {
    let house = plan.house().ok_or(NotOpened::InNoHouse)?;
    let (storey, standing) = plan.storey_of(id).ok_or(NotOpened::InNoHouse)?;
    let line = &standing.standing.line;
    let code = plan.job().rules().code();
    plate_bearing(code, &standing.wall.frame).map_err(NotOpened::Outside)?;
    let source = Source { storey: storey.place, part: Part::Wall(standing.place) };
    let work = Work { plan, house, wall: standing.wall, opened: source, asked, code };
    let temporary: Vec<Length> = [asked.lower.map(|off| line.offset - off), asked.upper.map(|off| line.offset + off)]
        .into_iter()
        .flatten()
        .collect();
    let FromAbove { storeys: above, walls, stands, mut findings, mut beyond } =
        work.shore_above((storey, standing.place), &temporary);
    let shoring = Shoring {
        house,
        storey,
        line,
        opened: source,
        goes: Some(standing.place),
        walls: &walls,
        stands,
        asked,
        conventions: work.conventions(),
    };
    let mut shored = shoring.shored();
    findings.append(&mut shored.findings);
    beyond |= shored.beyond;
    let mut board = None;
    if !shored.crossed {
        let legs = standing.wall.frame.stud;
        match header_boards(&shoring, legs, work.conventions()) {
            None if findings.is_empty() => return Err(NotOpened::NothingCrosses),
            None => findings.push(NotOpened::NothingCrosses.phrase()),
            Some(Err(why)) => findings.push(why),
            Some(Ok(_)) if beyond || stands.is_some() => {
                findings.push(say!("shore-comes-from-above"));
                beyond = true;
            }
            Some(Ok(boards)) => match boards.board {
                Err(limit) => findings.push(limit.phrase()),
                Ok(one) => {
                    shored.walls = boards.walls;
                    board = Some(one);
                }
            },
        }
    }
    if beyond {
        shored.walls = Vec::new();
    }
    let here = work.storey(storey, shored, Some(standing.wall), board, &mut findings);
    let ToTheGround { storeys: below, ground, findings: further, beyond: lost } = work.below(storey, line, &here.walls);
    findings.extend(further);
    let findings = findings.iter().enumerate().filter(|(place, each)| !findings[..*place].contains(each));
    let findings = findings.map(|(_, each)| each.clone()).collect();
    let sides = sides(&here, &temporary);
    Ok(Opened { temporary, here, above, below, ground, sides, beyond: beyond || lost, findings })
}

/// The working of the studs and headers of the temporary walls, storey by storey from the top; nothing where they have no number.
///
/// # Errors
/// [`NotOpened`].
pub fn shoring_working(plan: &JobPlan, id: WallId, asked: &Opening) -> Result<Vec<Entry>, NotOpened> {
    let opened = opened(plan, id, asked)?;
    let code = plan.job().rules().code();
    let mut entries = Vec::new();
    for shored in opened.storeys() {
        let Some(stud) = shored.stud.filter(|_| shored.works().is_some()) else { continue };
        let name = plan.storey(shored.storey).map_or("", |storey| storey.name());
        entries.push(Entry::Note(say!("note-on-storey", storey = name)));
        let mut ink = Ink::default();
        stud.working(&mut ink, code, &shored.takes());
        entries.extend(ink.into_entries());
        entries.extend(shored.header.iter().flat_map(HeaderOverStuds::working));
        let joists = shored.fields.iter().filter_map(|field| field.joists.as_ref());
        entries.extend(joists.flat_map(JoistWorks::working));
    }
    Ok(entries)
}

impl<'a> Work<'a> {
    fn conventions(&self) -> Conventions {
        Conventions { code: self.code, ..Conventions::default() }
    }

    /// What comes down on a wall from above it: nothing, or one wall, that is shored first with temporary walls at the same places.
    fn shore_above(&self, (storey, place): (Storey<'a>, usize), temporary: &[Length]) -> FromAbove {
        let nothing = |at: &Length| TemporaryWall { at: *at, takes: ByKind::default() };
        let mut all = FromAbove {
            storeys: Vec::new(),
            walls: temporary.iter().map(nothing).collect(),
            stands: None,
            findings: Vec::new(),
            beyond: false,
        };
        let top = &storey.loaded.walls[place].top;
        let own_field = |from: &Source| from.storey == storey.place && matches!(from.part, Part::Field(_));
        let others = top.stretches.iter().map(|each| each.from).filter(|from| !own_field(from));
        let walls = others.chain(top.presses.iter().map(|press| press.from)).map(|from| match from.part {
            Part::Wall(wall) | Part::Opening(wall, ..) if from.storey == storey.place + 1 => Some(wall),
            _ => None,
        });
        let mut walls: Vec<Option<usize>> = walls.collect();
        walls.sort_unstable();
        walls.dedup();
        let upper = match walls[..] {
            [] => return all,
            [Some(upper)] => self.plan.storey(storey.place + 1).zip(Some(upper)),
            _ => None,
        };
        let Some((above, upper)) = upper else {
            all.findings.push(say!("shore-comes-from-above"));
            all.beyond = true;
            return all;
        };
        let higher = self.shore_above((above, upper), temporary);
        let standing = &above.structure.walls[upper];
        let shoring = Shoring {
            house: self.house,
            storey: above,
            line: &standing.line,
            opened: self.opened,
            goes: Some(upper),
            walls: &higher.walls,
            stands: higher.stands,
            asked: self.asked,
            conventions: self.conventions(),
        };
        let mut shored = shoring.shored();
        all.findings = higher.findings;
        let mut told = std::mem::take(&mut shored.findings);
        all.beyond = higher.beyond || shored.beyond || shored.fields.iter().any(|field| field.takes.is_err());
        all.stands = Some((standing.line.offset, standing.weight()));
        all.storeys = higher.storeys;
        // Over a wall that only weighs there is nothing to shore.
        if shored.crossed || !all.storeys.is_empty() {
            let wall = above.walls().nth(upper).map(|each| each.wall);
            let one = self.storey(above, shored, wall, None, &mut told);
            if !one.walls.is_empty() {
                all.walls.clone_from(&one.walls);
            }
            all.storeys.insert(0, one);
        }
        all.findings.extend(told.into_iter().map(|found| on_storey(above, found)));
        all
    }

    /// A storey with its temporary walls, their studs as long as the walls there.
    fn storey(
        &self,
        storey: Storey<'a>,
        shored: Shored,
        like: Option<&Wall>,
        board: Option<HeaderOverStuds>,
        findings: &mut Vec<Phrase>,
    ) -> ShoredStorey {
        let walls = shored.walls;
        let takes: Vec<ByKind<LineLoad>> = walls.iter().map(|wall| wall.takes).collect();
        let stud = like.filter(|_| !walls.is_empty()).and_then(|like| self.stud(like));
        let studs = stud.map(|stud| stud.works(self.code, &takes));
        if let Some(Err(none)) = studs {
            findings.push(no_column(none));
        }
        let header = board.or_else(|| {
            let header = self.asked.header?;
            let hardest = takes.iter().max_by(|a, b| self.largest(a).total_cmp(&self.largest(b)))?;
            let studs = (self.wall.frame.stud, self.asked.plies);
            match header.under(studs, (header.apart, MeetsAStud::TwoSpans), *hardest, self.conventions()) {
                Ok(header) => Some(header),
                Err(limit) => {
                    findings.push(limit.phrase());
                    None
                }
            }
        });
        ShoredStorey { storey: storey.place, fields: shored.fields, walls, stud, studs, header }
    }

    fn stud(&self, like: &Wall) -> Option<TemporaryStud> {
        let plate = plate_bearing(self.code, &self.wall.frame).ok()?;
        Some(TemporaryStud {
            lumber: self.wall.frame.stud,
            plies: self.asked.plies,
            length: like.frame.stud_length(),
            spacing: self.asked.header.map_or(self.wall.frame.spacing, |header| header.apart),
            rows: self.asked.rows,
            plate,
        })
    }

    /// The largest combination of what a temporary wall takes, lb/ft.
    fn largest(&self, takes: &ByKind<LineLoad>) -> f64 {
        self.code.largest(&takes.map(|load| load.to_plf()))
    }

    /// Temporary walls under temporary walls down to the ground, and what they come down to.
    fn below(&self, storey: Storey<'a>, line: &Line, walls: &[TemporaryWall]) -> ToTheGround {
        let mut all = ToTheGround::default();
        let mut go_on = walls.to_vec();
        for under in self.plan.storeys_below(storey.place) {
            go_on.retain(|wall| match self.stands_under(under, line, wall.at) {
                None => true,
                Some(Carrier::Wall(carries)) => {
                    let name = under.walls().nth(carries).map_or("", |each| each.wall.frame.name.as_str());
                    let load = LineLoad::plf(self.largest(&wall.takes));
                    all.ground.push(say!("shore-down-in-a-wall", storey = under.name(), wall = name, load));
                    false
                }
                Some(Carrier::Beam(_) | Carrier::Post(_)) => {
                    all.findings.push(on_storey(under, say!("shore-down-on-a-beam", at = distance(wall.at))));
                    all.beyond = true;
                    false
                }
            });
            if go_on.is_empty() {
                return all;
            }
            let (one, findings) = self.under_the_others(under, line, &go_on);
            all.beyond |= one.walls.is_empty();
            go_on.clone_from(&one.walls);
            all.storeys.push(one);
            all.findings.extend(findings.into_iter().map(|found| on_storey(under, found)));
        }
        all.ground.extend(go_on.iter().map(|wall| self.on_the_ground(wall)));
        all
    }

    /// A storey below, with temporary walls under those of the storey over it; its floors are in use.
    fn under_the_others(&self, under: Storey<'a>, line: &Line, walls: &[TemporaryWall]) -> (ShoredStorey, Vec<Phrase>) {
        let asked = Opening { floors_cleared: false, ..*self.asked };
        let shoring = Shoring {
            house: self.house,
            storey: under,
            line,
            opened: self.opened,
            goes: None,
            walls,
            stands: None,
            asked: &asked,
            conventions: self.conventions(),
        };
        let mut shored = shoring.shored();
        let mut findings = std::mem::take(&mut shored.findings);
        let off = |each: &WallOnStorey<'_>| (each.standing.line.offset - line.offset).abs();
        let nearest = under.walls().filter(|each| each.standing.line.axis == line.axis).min_by_key(off);
        let like = nearest.or_else(|| under.walls().next()).map(|each| each.wall);
        if like.is_none() {
            findings.push(say!("shore-no-wall-to-measure"));
        }
        let one = self.storey(under, shored, like, None, &mut findings);
        (one, findings)
    }

    /// The line that runs right under a temporary wall, at the middle of the wall that is opened.
    fn stands_under(&self, under: Storey<'a>, line: &Line, at: Length) -> Option<Carrier> {
        let middle = line.start + line.length.half();
        let right_under =
            |other: &Line| other.axis == line.axis && (other.offset - at).abs() < APART && other.reaches(middle);
        bearing_lines(under.structure).find(|(_, line)| right_under(line)).map(|(carrier, _)| carrier)
    }

    /// What a temporary wall stands on in the end.
    fn on_the_ground(&self, wall: &TemporaryWall) -> Phrase {
        let ground = &self.plan.job().house.ground;
        let plf = self.largest(&wall.takes);
        let (at, load) = (distance(wall.at), LineLoad::plf(plf));
        if !ground.slab {
            let width = Length::inches((plf / ground.soil.to_psf() * 12.0).ceil() as i64);
            return say!("shore-on-a-plank", at, load, width = distance(width), soil = ground.soil);
        }
        let spacing = self.asked.header.map_or(self.wall.frame.spacing, |header| header.apart);
        if ground.thick_slab_over.to_lbf() < plf * spacing.to_feet() {
            say!("shore-slab-too-thin", at, load)
        } else {
            say!("shore-on-the-slab", at, load)
        }
    }
}

/// Of temporary walls on both sides: why both, or which one would do alone. Nothing where only one stands, or none has a number.
fn sides(here: &ShoredStorey, temporary: &[Length]) -> Option<Phrase> {
    if temporary.len() < 2 || here.walls.is_empty() || here.fields.is_empty() {
        return None;
    }
    // Its longest span then, and the one there is now, where everything stands on one side's wall alone and nothing comes up.
    let alone = |at: Length| -> Option<(Length, Length, Length)> {
        let mut longest: Option<(Length, Length)> = None;
        for field in &here.fields {
            let one = JoistSection { temporary: vec![at], ..field.section.clone() };
            let takes = one.tributaries().ok().filter(|takes| takes.staying.iter().all(|(_, share)| 0.0 <= *share))?;
            let spans = takes.spans.iter().map(|(before, now)| (*now, before.unwrap_or(*now)));
            longest = longest.into_iter().chain(spans).max();
        }
        longest.map(|(now, before)| (at, now, before))
    };
    let best = temporary.iter().filter_map(|at| alone(*at)).min_by_key(|(_, now, _)| *now);
    Some(best.map_or_else(
        || say!("shore-both-needed"),
        |(at, now, before)| {
            say!("shore-one-would-do", at = distance(at), now = distance(now), before = distance(before))
        },
    ))
}

/// What is found on another storey than the wall's.
fn on_storey(storey: Storey<'_>, words: Phrase) -> Phrase {
    say!("order-on-storey", storey = storey.name(), words)
}

fn no_column(none: NoColumn) -> Phrase {
    match none {
        NoColumn::TooSlender(slenderness) => {
            say!("shore-too-slender", slenderness = slenderness.ceil() as i64, most = MOST_SLENDER as i64)
        }
        NoColumn::NoValues => say!("shore-no-values"),
    }
}

fn percent(ratio: f64) -> i64 {
    (ratio * 100.0).ceil() as i64
}

/// How hard joists work meanwhile, in a sentence.
pub fn joists_phrase(joists: Joists, works: &JoistWorks) -> Phrase {
    let (what, percent) = (joists.phrase(), percent(works.ratio()));
    if works.ratio() <= 1.0 {
        say!("shore-joists-carry", what, percent)
    } else {
        say!("shore-joists-fail", what, percent)
    }
}

/// How hard the studs work, in a sentence.
pub fn works_phrase(works: &WallWorks) -> Phrase {
    let (column, plate) = (percent(works.column.0), percent(works.plate));
    if works.carries() { say!("shore-studs-carry", column, plate) } else { say!("shore-studs-fail", column, plate) }
}
