//! # Temporary walls on one storey
//!
//! **What it does.** Puts temporary walls under what lies on top of one storey, beside a wall that goes or on the way of others down to the ground, and
//! says what each of them takes: of the floors and ceilings over it, of a wall that stands on their joists, of the temporary walls right above.
//!
//! **Source.** The moment in between (`shoring`); loads and lines of the house (`path`). Floors that are cleared: 20 psf of construction load, common
//! practice, no source.
//!
//! **Assumptions and limits.** One section, at the middle of the wall that is opened. Roofs, and what stands on the joists with no line under it, have no
//! number.

use std::collections::BTreeSet;

use super::opening::Opening;
use crate::house::plan::Line;
use crate::house::{Axis, PartId, Spot};
use crate::loads::{ByKind, LoadKind};
use crate::measure::{Length, LineLoad};
use crate::path::structure::{Field, FieldRun};
use crate::path::support::{Strip, bearing_lines, strips};
use crate::path::{Carrier, Part, Source};
use crate::plan::{FollowedHouse, Storey};
use crate::say;
use crate::shoring::joists_meanwhile::JoistWorks;
use crate::shoring::moment_between::{APART, Falls, JoistPiece, JoistSection, Tributaries};
use crate::sizing::problem::Conventions;
use crate::speech::{Phrase, distance};

/// What people who work bring where floors are cleared, psf.
const CONSTRUCTION: f64 = 20.0;

/// A floor or ceiling over temporary walls.
#[derive(Clone, Debug, PartialEq)]
pub struct OpenedField {
    /// Which.
    pub field: PartId,
    /// Its joists over its lines.
    pub section: JoistSection,
    /// What each line takes of a pound on each square foot, or what cannot stand.
    pub takes: Result<Tributaries, Vec<Falls>>,
    /// What lies on it meanwhile, psf.
    pub loads: ByKind<f64>,
    /// How its joists work meanwhile, where somebody said what they are and they have a number.
    pub joists: Option<JoistWorks>,
}

/// A temporary wall and what comes down on it.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct TemporaryWall {
    /// Where it stands, along the joists.
    pub at: Length,
    /// What it takes.
    pub takes: ByKind<LineLoad>,
}

/// What is put under one storey's top.
#[derive(Clone, Copy)]
pub(super) struct Shoring<'a> {
    pub house: &'a FollowedHouse,
    pub storey: Storey<'a>,
    /// The line of the wall that is opened: which way it runs, and where its middle is.
    pub line: &'a Line,
    /// The wall that is opened: its storey, and its place there.
    pub opened: Source,
    /// The wall of this storey that goes, where one does.
    pub goes: Option<usize>,
    /// Temporary walls, with what comes down on each from the storey above.
    pub walls: &'a [TemporaryWall],
    /// A wall that stands on the joists over the one that goes: where, and its weight.
    pub stands: Option<(Length, LineLoad)>,
    pub asked: &'a Opening,
    pub conventions: Conventions,
}

/// What temporary walls of one storey take.
#[derive(Debug)]
pub(super) struct Shored {
    pub fields: Vec<OpenedField>,
    /// None where there is no number.
    pub walls: Vec<TemporaryWall>,
    pub findings: Vec<Phrase>,
    /// Whether joists cross there at all.
    pub crossed: bool,
    /// Whether something comes from elsewhere that has no number here: then the whole has none.
    pub beyond: bool,
}

impl Shoring<'_> {
    pub fn shored(&self) -> Shored {
        let structure = self.storey.structure;
        let mut all =
            Shored { fields: Vec::new(), walls: Vec::new(), findings: Vec::new(), crossed: false, beyond: false };
        let places: Vec<Length> = self.walls.iter().map(|wall| wall.at).collect();
        for (index, field) in structure.fields.iter().enumerate() {
            let Some((strip, remove)) = self.strip_over(field) else { continue };
            all.crossed = true;
            if field.loads.iter().any(|load| load.part.is_some()) {
                all.findings.push(say!("shore-roof-lies-on-it"));
                all.beyond = true;
                continue;
            }
            let section = section_of(field, &strip, remove, &places);
            if let Some(at) = too_near(&section) {
                all.findings.push(say!("shore-too-near", at = distance(at)));
                all.beyond = true;
                continue;
            }
            let on_joists = self.stands_on_joists(field);
            all.beyond |= !on_joists.is_empty();
            all.findings.extend(on_joists.into_iter().map(|at| say!("shore-stands-on-joists", at = distance(at))));
            let takes = section.tributaries();
            let loads = loads(field, self.asked);
            let joists = self.joists_work(&section, &loads, takes.is_ok(), &mut all.findings);
            all.fields.push(OpenedField { field: self.storey.named.fields[index], section, takes, loads, joists });
        }
        if self.goes.is_some() {
            all.findings.extend(all.fields.iter().flat_map(found));
        }
        let idle = places.iter().filter(|at| {
            let is_over = |field: &OpenedField| field.section.lies_over(**at);
            self.goes.is_some() && all.crossed && !all.fields.iter().any(is_over)
        });
        all.findings.extend(idle.map(|at| say!("shore-under-nothing", at = distance(*at))));
        let stands = !all.beyond && all.fields.iter().all(|field| field.takes.is_ok());
        if stands && (all.crossed || self.goes.is_none()) {
            self.walls_take(&mut all);
        }
        all
    }

    /// How the joists of a floor work that loses a wall, where somebody said what they are.
    fn joists_work(
        &self,
        section: &JoistSection,
        loads: &ByKind<f64>,
        stands: bool,
        findings: &mut Vec<Phrase>,
    ) -> Option<JoistWorks> {
        let joists = self.asked.joists.filter(|_| stands && self.goes.is_some())?;
        match joists.work(section, loads, self.stands, self.conventions) {
            Ok(works) => works,
            Err(limit) => {
                findings.push(limit.phrase());
                None
            }
        }
    }

    /// What each temporary wall takes, once everything stands.
    fn walls_take(&self, all: &mut Shored) {
        let mut on_line = Vec::new();
        if let Some((at, weight)) = self.stands {
            let over = |field: &&OpenedField| field.section.lies_over(at);
            let floor = all.fields.iter().filter(over).max_by_key(|field| 0.0 < field.loads[LoadKind::FloorLive]);
            let shares = floor.and_then(|floor| {
                let (temporary, staying) = floor.section.shares_of_a_line(at)?;
                let takes = floor.takes.as_ref().ok()?;
                let dead = |((at, feet), share): (&(Length, f64), f64)| {
                    let pounds = feet * floor.loads[LoadKind::Dead] + share * weight.to_plf();
                    (0.0 <= *feet && pounds < 0.0).then(|| say!("shore-lifts", at = distance(*at)))
                };
                let lifts: Vec<Phrase> = takes.staying.iter().zip(staying).filter_map(dead).collect();
                Some((temporary, lifts))
            });
            let Some((temporary, lifts)) = shares else {
                all.findings.push(say!("shore-comes-from-above"));
                all.beyond = true;
                return;
            };
            all.findings.extend(lifts);
            on_line = temporary.into_iter().map(|share| share * weight.to_plf()).collect();
        }
        let takes = |(place, wall): (usize, &TemporaryWall)| {
            let mut takes = wall.takes.map(|load| load.to_plf());
            for field in &all.fields {
                let feet = field.takes.as_ref().ok().and_then(|takes| takes.temporary.get(place)).copied();
                for kind in LoadKind::ALL {
                    takes[kind] += field.loads[kind] * feet.unwrap_or(0.0);
                }
            }
            takes[LoadKind::Dead] += on_line.get(place).copied().unwrap_or(0.0);
            TemporaryWall { at: wall.at, takes: takes.map(LineLoad::plf) }
        };
        all.walls = self.walls.iter().enumerate().map(takes).collect();
    }

    /// The strip of a field over the middle of the wall that is opened, and which of its supports is taken out.
    fn strip_over(&self, field: &Field) -> Option<(Strip, Option<usize>)> {
        if field.span == self.line.axis || field.run == FieldRun::Clear {
            return None;
        }
        let middle = self.line.start + self.line.length.half();
        let on_it = |strip: Strip| match self.goes {
            Some(wall) => {
                let place = strip.supports.iter().position(|(_, carrier)| *carrier == Carrier::Wall(wall))?;
                Some((strip, Some(place)))
            }
            None => (2 <= strip.supports.len()).then_some((strip, None)),
        };
        let all: Vec<(Strip, Option<usize>)> =
            strips(self.storey.structure, field).into_iter().filter_map(on_it).collect();
        let here = all.iter().find(|(strip, _)| strip.low <= middle && middle <= strip.high);
        // The wall that goes may bear in another strip only; what others go down through is where they stand.
        here.or_else(|| all.first().filter(|_| self.goes.is_some())).cloned()
    }

    /// Where along its joists something from the storeys above stands on a field instead of on a line: walls with no line all along under them, and
    /// whatever else the path of the loads loses there. What it brings is no load of the field. The wall that is opened brings nothing any more.
    pub fn stands_on_joists(&self, field: &Field) -> BTreeSet<Length> {
        let (house, storey) = (self.house, self.storey.place);
        let below = self.storey.structure;
        let has_line = |wall: &Line| {
            bearing_lines(below).any(|(_, line)| {
                line.axis == wall.axis && line.is_under(wall.offset) && line.runs_under(wall.start, wall.end())
            })
        };
        let is_opened = |wall: usize| self.opened.is_as(Source { storey: storey + 1, part: Part::Wall(wall) });
        let above =
            house.structure.storeys.get(storey + 1).into_iter().flat_map(|above| above.walls.iter().enumerate());
        let walls =
            above.filter(|(place, wall)| !is_opened(*place) && !has_line(&wall.line)).map(|(_, wall)| &wall.line);
        let lost = house.path.breaks.iter().filter(|each| storey < each.from.storey && !self.opened.is_as(each.from));
        let lost = lost.map(|each| (each.at.0, each.at.0));
        let ends = walls.map(|line| (line.spot(line.start), line.spot(line.end()))).chain(lost);
        let meets = |axis: Axis, (start, end): (Spot, Spot)| {
            let (low, high) = field.over.along(axis);
            start.along(axis) <= high && low <= end.along(axis)
        };
        let on_field = ends.filter(|each| meets(field.span, *each) && meets(field.span.across(), *each));
        let (low, _) = field.over.along(field.span);
        on_field.map(|(start, _)| start.along(field.span).max(low)).collect()
    }
}

/// The joists of a strip: cut or lapped at every support, or in one piece over all of them.
fn section_of(field: &Field, strip: &Strip, remove: Option<usize>, temporary: &[Length]) -> JoistSection {
    let supports: Vec<Length> = strip.supports.iter().map(|(at, _)| *at).collect();
    let (low, high) = field.over.along(field.span);
    let mut ends = vec![low.min(supports[0])];
    if field.run == FieldRun::Simple && 2 < supports.len() {
        ends.extend(&supports[1..supports.len() - 1]);
    }
    ends.push(high.max(supports[supports.len() - 1]));
    let pieces = ends.windows(2).map(|pair| JoistPiece { from: pair[0], to: pair[1] }).collect();
    JoistSection { pieces, remove, temporary: temporary.to_vec(), supports }
}

/// A line that stays and that a temporary wall would stand against.
fn too_near(section: &JoistSection) -> Option<Length> {
    let near = |at: &Length| section.temporary.iter().any(|temporary| (*temporary - *at).abs() < APART);
    section.staying().find(near)
}

/// What lies on a field meanwhile, psf.
pub(super) fn loads(field: &Field, asked: &Opening) -> ByKind<f64> {
    let mut all = ByKind::<f64>::default();
    for load in &field.loads {
        let psf = load.psf.most();
        for kind in LoadKind::ALL {
            all[kind] += psf[kind];
        }
    }
    if asked.floors_cleared {
        all[LoadKind::FloorLive] = all[LoadKind::FloorLive].min(CONSTRUCTION);
    }
    if asked.no_snow {
        (all[LoadKind::Snow], all[LoadKind::DeckSnow]) = (0.0, 0.0);
    }
    all
}

/// What has to be minded of a field.
fn found(field: &OpenedField) -> Vec<Phrase> {
    match &field.takes {
        Err(falls) => falls.iter().map(|falls| falls_phrase(&field.section, falls)).collect(),
        Ok(takes) => {
            let lifted = takes.staying.iter().filter(|(_, share)| *share < 0.0);
            let lifts = lifted.map(|(at, _)| say!("shore-lifts", at = distance(*at)));
            let longer = takes.spans.iter().filter(|(before, now)| before.is_some_and(|before| before < *now));
            let unknown = longer.filter(|_| field.joists.is_none());
            let spans = unknown.map(|(before, now)| {
                say!("shore-longer-span", now = distance(*now), before = distance(before.unwrap_or_default()))
            });
            lifts.chain(spans).collect()
        }
    }
}

fn falls_phrase(section: &JoistSection, falls: &Falls) -> Phrase {
    let piece = section.pieces[falls.piece];
    match falls.keeps.first() {
        Some(at) => {
            say!("shore-falls", from = distance(piece.from), to = distance(piece.to), at = distance(*at))
        }
        None => say!("shore-falls-free", from = distance(piece.from), to = distance(piece.to)),
    }
}
