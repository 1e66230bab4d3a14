//! # A wall that is opened
//!
//! **What it does.** Takes a wall out of the house, puts temporary walls beside it, and says of every floor and ceiling that lies on it what stands
//! in between: what each temporary wall and each wall that stays takes, how far the joists span then and before, and how hard the studs work.
//!
//! **Source.** The moment in between (`shoring`); loads and lines of the house (`path`). Floors that are cleared: 20 psf of construction load, common
//! practice, no source.
//!
//! **Assumptions and limits.** One floor at a time, at the middle of the wall. The wall's own studs, as long as they are, stand in the temporary ones. Where
//! roofs lie on it, something comes down on it from the storey above, or a wall stands on its joists, there is no number at all: it is said, and is an
//! engineer's.
//!
//! **Worked example.** A middle wall at 12 ft of 24, joists lapped over it, 12 and 40 psf: temporary walls 30 in. off take 91 lb/ft dead, 303 live.

use std::collections::BTreeSet;

use crate::codes::DesignCode;
use crate::framing::opening_problem::plate_bearing;
use crate::house::plan::Line;
use crate::house::{Axis, PartId, Spot};
use crate::job::{Wall, WallId};
use crate::loads::{ByKind, LoadKind};
use crate::measure::{Length, LineLoad};
use crate::path::structure::{Field, FieldRun, StoreyStructure};
use crate::path::support::{Strip, bearing_lines, strips};
use crate::path::{Carrier, Part};
use crate::plan::{FollowedHouse, JobPlan};
use crate::say;
use crate::shoring::moment_between::{APART, Falls, JoistPiece, JoistSection, Tributaries};
use crate::shoring::temporary_wall::{MOST_PLIES, MOST_SLENDER, NoColumn, TemporaryStud, WallWorks};
use crate::sizing::limits::OutsideLimits;
use crate::speech::{Phrase, distance};
use crate::working::{Entry, Ink};

/// How a wall is opened.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Opening {
    /// How far off the wall's middle a temporary wall stands at its lower side; none stands there where nothing is said.
    pub lower: Option<Length>,
    /// And at its upper side.
    pub upper: Option<Length>,
    /// Studs nailed to one another.
    pub plies: u8,
    /// Rows of blocking between the studs.
    pub rows: u8,
    /// Whether the floors above are cleared of people and furniture.
    pub floors_cleared: bool,
    /// Whether snow is out of season.
    pub no_snow: bool,
}

impl Opening {
    /// Temporary walls 30 in. off on both sides, single studs with one row of blocking, floors in use, snow. Common practice, no source.
    pub const USUAL: Self = Self {
        lower: Some(Length::inches(30)),
        upper: Some(Length::inches(30)),
        plies: 1,
        rows: 1,
        floors_cleared: false,
        no_snow: false,
    };

    /// Whether temporary walls are built so.
    ///
    /// # Errors
    /// The field that is out of bounds, and the bounds in a sentence.
    pub fn within_bounds(&self) -> Result<(), (&'static str, Phrase)> {
        let off = say!("shore-off-bounds", least = distance(APART), most = distance(FARTHEST));
        let stands = |off: Option<Length>| off.is_none_or(|off| (APART..=FARTHEST).contains(&off));
        if !stands(self.lower) {
            return Err(("lower", off));
        }
        if !stands(self.upper) {
            return Err(("upper", off));
        }
        if !(1..=MOST_PLIES).contains(&self.plies) {
            return Err(("plies", say!("shore-plies-bounds", most = MOST_PLIES)));
        }
        if MOST_ROWS < self.rows {
            return Err(("rows", say!("shore-rows-bounds", most = MOST_ROWS)));
        }
        Ok(())
    }
}

/// What people who work bring where floors are cleared, psf.
const CONSTRUCTION: f64 = 20.0;
/// The most rows of blocking.
const MOST_ROWS: u8 = 5;
/// Temporary walls stand no farther off.
pub const FARTHEST: Length = Length::feet(8);

/// What stands while a wall is gone.
#[derive(Clone, Debug, PartialEq)]
pub struct Opened {
    /// Every floor or ceiling that lies on it.
    pub fields: Vec<OpenedField>,
    /// Where temporary walls stand, along the joists.
    pub temporary: Vec<Length>,
    /// What each takes of all fields; nothing where a piece cannot stand, or something comes from elsewhere that has no number here.
    pub on_temporary: Vec<ByKind<LineLoad>>,
    /// How hard their studs work; likewise.
    pub studs: Option<Result<WallWorks, NoColumn>>,
    /// What is not worked out, or has to be minded, in sentences.
    pub findings: Vec<Phrase>,
}

/// A floor or ceiling that lies on the wall.
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
}

/// Why a wall cannot be opened here.
#[derive(Clone, Debug, PartialEq)]
pub enum NotOpened {
    /// It stands in no house.
    InNoHouse,
    /// No joists cross it: they run along it, or none lie there.
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

/// Opens a wall of a planned job.
///
/// # Errors
/// [`NotOpened`].
pub fn opened(plan: &JobPlan, id: WallId, asked: &Opening) -> Result<Opened, NotOpened> {
    let house = plan.house().ok_or(NotOpened::InNoHouse)?;
    let at = house
        .named
        .storeys
        .iter()
        .enumerate()
        .find_map(|(storey, named)| named.walls.iter().position(|wall| wall.id == id).map(|place| (storey, place)));
    let ((storey, place), (wall, _)) = at.zip(plan.wall(id)).ok_or(NotOpened::InNoHouse)?;
    let structure = &house.structure.storeys[storey];
    let line = &structure.walls[place].line;
    let mut findings = Vec::new();
    let top = &house.path.storeys[storey].walls[place].top;
    let of_field = |part: Part| matches!(part, Part::Field(_));
    let from_above = top.stretches.iter().any(|each| each.from.storey != storey || !of_field(each.from.part))
        || !top.presses.is_empty();
    if from_above {
        findings.push(say!("shore-comes-from-above"));
    }
    let temporary: Vec<Length> = [asked.lower.map(|off| line.offset - off), asked.upper.map(|off| line.offset + off)]
        .into_iter()
        .flatten()
        .collect();
    let middle = line.start + line.length.half();
    let mut fields = Vec::new();
    // What comes from elsewhere has no number here: then the whole has none.
    let (mut crossed, mut beyond) = (false, from_above);
    for (index, field) in structure.fields.iter().enumerate() {
        let Some((strip, remove)) = strip_over(structure, field, line.axis, middle, place) else { continue };
        crossed = true;
        if field.loads.iter().any(|load| load.part.is_some()) {
            findings.push(say!("shore-roof-lies-on-it"));
            beyond = true;
            continue;
        }
        let section = section_of(field, &strip, remove, &temporary);
        if let Some(at) = too_near(&section) {
            findings.push(say!("shore-too-near", at = distance(at)));
            beyond = true;
            continue;
        }
        let on_joists = stands_on_joists(house, storey, field);
        beyond |= !on_joists.is_empty();
        findings.extend(on_joists.into_iter().map(|at| say!("shore-stands-on-joists", at = distance(at))));
        let takes = section.tributaries();
        fields.push(OpenedField {
            field: house.named.storeys[storey].fields[index],
            section,
            takes,
            loads: loads(field, asked),
        });
    }
    if !crossed {
        if findings.is_empty() {
            return Err(NotOpened::NothingCrosses);
        }
        findings.push(NotOpened::NothingCrosses.phrase());
    }
    let idle = temporary.iter().filter(|at| crossed && !fields.iter().any(|field| field.section.lies_over(**at)));
    findings.extend(idle.map(|at| say!("shore-under-nothing", at = distance(*at))));
    let stands = !beyond && !fields.is_empty() && fields.iter().all(|field| field.takes.is_ok());
    let walls = if stands { temporary.len() } else { 0 };
    let on_temporary: Vec<ByKind<LineLoad>> = (0..walls).map(|wall| on_wall(&fields, wall)).collect();
    let code = plan.job().rules().code();
    let stud = stud(code, wall, asked)?;
    let studs = stands.then(|| stud.works(code, &on_temporary));
    findings.extend(fields.iter().flat_map(found));
    if let Some(Err(none)) = studs {
        findings.push(no_column(none));
    }
    Ok(Opened { fields, temporary, on_temporary, studs, findings })
}

/// The working of the studs of the temporary walls; nothing where they have no number.
///
/// # Errors
/// [`NotOpened`].
pub fn stud_working(plan: &JobPlan, id: WallId, asked: &Opening) -> Result<Vec<Entry>, NotOpened> {
    let opened = opened(plan, id, asked)?;
    let (wall, _) = plan.wall(id).ok_or(NotOpened::InNoHouse)?;
    let code = plan.job().rules().code();
    let mut ink = Ink::default();
    if let Some(Ok(_)) = opened.studs {
        stud(code, wall, asked)?.working(&mut ink, code, &opened.on_temporary);
    }
    Ok(ink.into_entries())
}

/// The strip of a field that lies on the wall at its middle, and which of its supports the wall is.
fn strip_over(
    structure: &StoreyStructure,
    field: &Field,
    along: Axis,
    middle: Length,
    wall: usize,
) -> Option<(Strip, usize)> {
    if field.span == along || field.run == FieldRun::Clear {
        return None;
    }
    let on_it = |strip: Strip| {
        let place = strip.supports.iter().position(|(_, carrier)| *carrier == Carrier::Wall(wall))?;
        Some((strip, place))
    };
    let all: Vec<(Strip, usize)> = strips(structure, field).into_iter().filter_map(on_it).collect();
    let here = all.iter().find(|(strip, _)| strip.low <= middle && middle <= strip.high);
    here.or_else(|| all.first()).cloned()
}

/// The joists of a strip: cut or lapped at every support, or in one piece over all of them.
fn section_of(field: &Field, strip: &Strip, remove: usize, temporary: &[Length]) -> JoistSection {
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

/// Where along its joists something from the storeys above stands on a field instead of on a line: walls with no line all along under them, and
/// whatever else the path of the loads loses there. What it brings is no load of the field.
fn stands_on_joists(house: &FollowedHouse, storey: usize, field: &Field) -> BTreeSet<Length> {
    let below = &house.structure.storeys[storey];
    let has_line = |wall: &Line| {
        bearing_lines(below).any(|(_, line)| {
            line.axis == wall.axis && line.is_under(wall.offset) && line.runs_under(wall.start, wall.end())
        })
    };
    let above = house.structure.storeys.get(storey + 1).into_iter().flat_map(|above| &above.walls);
    let walls = above.map(|wall| &wall.line).filter(|line| !has_line(line));
    let lost = house.path.breaks.iter().filter(|each| storey < each.from.storey).map(|each| (each.at.0, each.at.0));
    let ends = walls.map(|line| (line.spot(line.start), line.spot(line.end()))).chain(lost);
    let meets = |axis: Axis, (start, end): (Spot, Spot)| {
        let (low, high) = field.over.along(axis);
        start.along(axis) <= high && low <= end.along(axis)
    };
    let on_field = ends.filter(|each| meets(field.span, *each) && meets(field.span.across(), *each));
    let (low, _) = field.over.along(field.span);
    on_field.map(|(start, _)| start.along(field.span).max(low)).collect()
}

/// A line that stays and that a temporary wall would stand against.
fn too_near(section: &JoistSection) -> Option<Length> {
    let staying = section.supports.iter().enumerate().filter(|(place, _)| *place != section.remove).map(|(_, at)| *at);
    let near = |at: &Length| section.temporary.iter().any(|temporary| (*temporary - *at).abs() < APART);
    staying.into_iter().find(near)
}

fn loads(field: &Field, asked: &Opening) -> ByKind<f64> {
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

fn on_wall(fields: &[OpenedField], wall: usize) -> ByKind<LineLoad> {
    let mut all = ByKind::<f64>::default();
    for field in fields {
        let feet = field.takes.as_ref().ok().and_then(|takes| takes.temporary.get(wall)).copied().unwrap_or(0.0);
        for kind in LoadKind::ALL {
            all[kind] += field.loads[kind] * feet;
        }
    }
    all.map(LineLoad::plf)
}

fn stud(code: DesignCode, wall: &Wall, asked: &Opening) -> Result<TemporaryStud, NotOpened> {
    let plate = plate_bearing(code, &wall.frame).map_err(NotOpened::Outside)?;
    Ok(TemporaryStud {
        lumber: wall.frame.stud,
        plies: asked.plies,
        length: wall.frame.stud_length(),
        spacing: wall.frame.spacing,
        rows: asked.rows,
        plate,
    })
}

/// What has to be minded of a field.
fn found(field: &OpenedField) -> Vec<Phrase> {
    match &field.takes {
        Err(falls) => falls.iter().map(|falls| falls_phrase(&field.section, falls)).collect(),
        Ok(takes) => {
            let lifted = takes.staying.iter().filter(|(_, share)| *share < 0.0);
            let lifts = lifted.map(|(at, _)| say!("shore-lifts", at = distance(*at)));
            let longer = takes.spans.iter().filter(|(before, now)| before.is_some_and(|before| before < *now));
            let spans = longer.map(|(before, now)| {
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

fn no_column(none: NoColumn) -> Phrase {
    match none {
        NoColumn::TooSlender(slenderness) => {
            say!("shore-too-slender", slenderness = slenderness.ceil() as i64, most = MOST_SLENDER as i64)
        }
        NoColumn::NoValues => say!("shore-no-values"),
    }
}

/// How hard the studs work, in a sentence.
pub fn works_phrase(works: &WallWorks) -> Phrase {
    let percent = |ratio: f64| (ratio * 100.0).ceil() as i64;
    let (column, plate) = (percent(works.column.0), percent(works.plate));
    if works.carries() { say!("shore-studs-carry", column, plate) } else { say!("shore-studs-fail", column, plate) }
}
