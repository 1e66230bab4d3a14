//! # The stations of a house
//!
//! **What it does.** Tells of every part that load comes to, or starts from, what it is called, where it is, what arrives there by kind,
//! where it goes on to; of a pad how large it should be, of a point on a slab whether it wants the slab thicker; and of every break
//! what stops there and why.
//!
//! **Source.** Common practice, no source: a pad and a thicker slab are hints.

use super::JobPlan;
use super::in_house::FollowedHouse;
use super::members::Member;
use super::wall_breaks::mark_on;
use super::ways_out::{WayOfBreak, mended_as_one, ways_out};
use crate::codes::DesignCode;
use crate::framing::OpeningOutcome;
use crate::framing::bears_by_house::concluded;
use crate::framing::layout::stud_positions;
use crate::house::{Axis, EngineersMark, Line, PartId, Spot};
use crate::job::{Job, OpeningId, WallId};
use crate::loads::{ByCase, ByKind, WallCarries};
use crate::measure::{Force, Length};
use crate::path::loaded::{Break, Carrier, Part};
use crate::path::pad_size::pad_side;
use crate::path::trace::{Flow, Station, flows, station};
use crate::say;
use crate::speech::{Argument, Joined, Phrase};
use crate::working::Silent;

/// By which identity a station goes.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum StationIs {
    /// A field, a beam, a post, a foundation or a pad.
    Part(PartId),
    /// A wall.
    Wall(WallId),
    /// An opening.
    Opening(OpeningId),
    /// The slab, or a break.
    Nothing,
}

/// What a station is, in one word.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum StationKind {
    /// A floor, a ceiling or a roof.
    Field,
    /// A load at one place.
    Point,
    /// A wall beside its openings.
    Wall,
    /// An opening's header and packs.
    Opening,
    /// A beam.
    Beam,
    /// A post.
    Post,
    /// A foundation line.
    Foundation,
    /// A pad.
    Pad,
    /// The slab.
    Slab,
    /// Where a load breaks.
    Break,
}

/// A station with what arrives at it.
#[derive(Clone, Debug, PartialEq)]
pub struct StationTold {
    /// What it is.
    pub kind: StationKind,
    /// By which identity it goes.
    pub is: StationIs,
    /// On which storey, from the bottom; none of what is in the ground.
    pub storey: Option<usize>,
    /// What it is called.
    pub name: Phrase,
    /// What arrives there in all, its own weight left out; of snow the most that any way of lying brings.
    pub arrives: ByKind<Force>,
    /// The largest combination of it.
    pub largest: Force,
    /// A hint, or why it breaks.
    pub note: Option<Phrase>,
    /// Ways out of a break.
    pub ways: Vec<WayOfBreak>,
    /// Where it lies in plan, from its near left corner to its far right one; of a break both ends.
    pub lies: Option<(Spot, Spot)>,
    /// How hard an opening's header, a beam or a post works, and whether it carries; `None` where there is no number.
    pub works: Option<(f64, bool)>,
    /// Of a break: the engineer's mark on it, where there is one.
    pub mark: Option<PartId>,
    /// Whether it is a wall that is marked as a partition.
    pub partition: bool,
    /// Along which axis its joists, rafters or trusses run.
    pub span: Option<Axis>,
    /// Of a wall: where the middle of one of its studs stands along it in plan, and how far apart they are.
    pub layout: Option<(Length, Length)>,
}

/// What one station brings to another, by their places in the list.
#[derive(Clone, Debug, PartialEq)]
pub struct FlowTold {
    /// From which.
    pub from: usize,
    /// To which.
    pub to: usize,
    /// How much in all.
    pub brings: ByKind<Force>,
}

/// The stations of a house, and what flows between them.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Stations {
    /// Every station, the highest first.
    pub stations: Vec<StationTold>,
    /// Between them.
    pub flows: Vec<FlowTold>,
}

/// The stations of a planned job's house; none where nothing is said of one. What a way out of a break would add gets its identity from `name`.
pub fn stations(plan: &JobPlan, name: &mut dyn FnMut() -> u128) -> Stations {
    let Some(house) = plan.house() else { return Stations::default() };
    let flows = flows(&house.structure, &house.path);
    let mut order = all_stations(house);
    order.sort_by_key(|station| std::cmp::Reverse(height(*station)));
    let breaks = &house.path.breaks;
    let first_of =
        |broken: usize| (0..broken).find(|first| mended_as_one(&breaks[*first], &breaks[broken])).unwrap_or(broken);
    let firsts: Vec<usize> = (0..breaks.len()).map(first_of).collect();
    order.retain(|station| !matches!(station, Station::Break(place) if firsts[*place] != *place));
    let place = |station: Station| {
        let as_one = match station {
            Station::Break(place) => Station::Break(firsts[place]),
            station => station,
        };
        order.iter().position(|other| *other == as_one)
    };
    let teller = Teller { plan, job: plan.job(), house, code: plan.job().rules().code(), flows: &flows };
    let mut told: Vec<FlowTold> = Vec::new();
    let mut sums: Vec<((usize, usize), ByCase)> = Vec::new();
    for flow in &flows {
        let (Some(from), Some(to)) = (place(flow.from), place(flow.to)) else { continue };
        match sums.iter_mut().find(|(ends, _)| *ends == (from, to)) {
            Some((_, sum)) => *sum = *sum + flow.pounds,
            None => sums.push(((from, to), flow.pounds)),
        }
    }
    for ((from, to), pounds) in sums {
        told.push(FlowTold { from, to, brings: pounds.most().map(Force::lbf) });
    }
    Stations { stations: order.iter().map(|station| teller.tell(*station, name)).collect(), flows: told }
}

/// From the roof down: the storey, and on it what lies on top, beams, what stands under them.
fn height(station: Station) -> (usize, usize) {
    match station {
        Station::Field(storey, _) => (storey + 2, 5),
        Station::Point(storey, _) => (storey + 2, 4),
        Station::Beam(storey, _) => (storey + 2, 3),
        Station::Opening(storey, ..) => (storey + 2, 2),
        Station::Wall(storey, _) => (storey + 2, 1),
        Station::Post(storey, _) => (storey + 2, 0),
        Station::Foundation(_) | Station::Pad(_) | Station::Slab => (1, 0),
        Station::Break(_) => (0, 0),
    }
}

fn all_stations(house: &FollowedHouse) -> Vec<Station> {
    let mut all = Vec::new();
    for (place, storey) in house.structure.storeys.iter().enumerate() {
        all.extend((0..storey.fields.len()).map(|field| Station::Field(place, field)));
        all.extend((0..storey.points.len()).map(|point| Station::Point(place, point)));
        all.extend((0..storey.beams.len()).map(|beam| Station::Beam(place, beam)));
        for (index, wall) in storey.walls.iter().enumerate() {
            all.push(Station::Wall(place, index));
            all.extend((0..wall.openings.len()).map(|opening| Station::Opening(place, index, opening)));
        }
        all.extend((0..storey.posts.len()).map(|post| Station::Post(place, post)));
    }
    all.extend((0..house.structure.ground.lines.len()).map(Station::Foundation));
    all.extend((0..house.structure.ground.pads.len()).map(Station::Pad));
    all.extend(house.structure.ground.slab.then_some(Station::Slab));
    all.extend((0..house.path.breaks.len()).map(Station::Break));
    all
}

struct Teller<'a> {
    plan: &'a JobPlan,
    job: &'a Job,
    house: &'a FollowedHouse,
    code: DesignCode,
    flows: &'a [Flow],
}

impl Teller<'_> {
    fn tell(&self, station: Station, identity: &mut dyn FnMut() -> u128) -> StationTold {
        let into = self.flows.iter().filter(|flow| match (flow.to, station) {
            (Station::Break(one), Station::Break(other)) => {
                mended_as_one(&self.house.path.breaks[one], &self.house.path.breaks[other])
            }
            (to, station) => to == station,
        });
        let arrives = into.clone().map(|flow| flow.pounds).sum::<ByCase>().most();
        let (kind, is, storey) = self.identity(station);
        let largest = self.largest(&arrives);
        let note = match station {
            Station::Break(place) => Some(self.why(place)),
            Station::Pad(place) => self.pad_hint(place, largest),
            Station::Beam(..) | Station::Post(..) => self.member(station).map(Member::answer),
            Station::Wall(storey, place) => self.why_it_bears(storey, place),
            Station::Slab => self.thick_slab(into.filter(|flow| flow.at.1.is_none()).map(|flow| flow.pounds)),
            _ => None,
        };
        let span = match station {
            Station::Field(storey, place) => Some(self.house.structure.storeys[storey].fields[place].span),
            _ => None,
        };
        let mark = self.mark(station);
        let ways = match station {
            Station::Break(place) if mark.is_none() => {
                ways_out(self.job, self.house, &self.mended_with(place), identity)
            }
            _ => Vec::new(),
        };
        let arrives = arrives.map(Force::lbf);
        StationTold {
            kind,
            is,
            storey,
            name: self.name(station),
            arrives,
            largest,
            note,
            ways,
            works: self.works(station, is),
            mark: mark.map(|mark| mark.id),
            lies: self.lies(station),
            partition: self.is_partition(is),
            layout: self.layout(is),
            span,
        }
    }

    fn member(&self, station: Station) -> Option<Member<'_>> {
        let members = &self.house.members;
        match station {
            Station::Beam(storey, place) => Some(Member::Beam(members.beams.get(storey)?.get(place)?)),
            Station::Post(storey, place) => Some(Member::Post(members.posts.get(storey)?.get(place)?)),
            _ => None,
        }
    }

    fn works(&self, station: Station, is: StationIs) -> Option<(f64, bool)> {
        let StationIs::Opening(id) = is else { return self.member(station)?.works() };
        let (_, _, opening) = self.plan.opening(id)?;
        match &opening.outcome {
            OpeningOutcome::Header(sized) => Some((sized.evaluation.largest_ratio(), sized.evaluation.carries())),
            OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => None,
        }
    }

    fn largest(&self, pounds: &ByKind<f64>) -> Force {
        let sums = self.code.strength().iter().map(|combination| combination.total(pounds));
        Force::lbf(sums.fold(0.0, f64::max))
    }

    fn identity(&self, station: Station) -> (StationKind, StationIs, Option<usize>) {
        let named = &self.house.named;
        match station {
            Station::Field(storey, place) => {
                (StationKind::Field, StationIs::Part(named.storeys[storey].fields[place]), Some(storey))
            }
            Station::Point(storey, _) => (StationKind::Point, StationIs::Nothing, Some(storey)),
            Station::Wall(storey, place) => {
                (StationKind::Wall, StationIs::Wall(named.storeys[storey].walls[place].id), Some(storey))
            }
            Station::Opening(storey, wall, place) => {
                let id = named.storeys[storey].walls[wall].openings[place];
                (StationKind::Opening, StationIs::Opening(id), Some(storey))
            }
            Station::Beam(storey, place) => {
                (StationKind::Beam, StationIs::Part(named.storeys[storey].beams[place]), Some(storey))
            }
            Station::Post(storey, place) => {
                (StationKind::Post, StationIs::Part(named.storeys[storey].posts[place]), Some(storey))
            }
            Station::Foundation(place) => (StationKind::Foundation, StationIs::Part(named.foundations[place]), None),
            Station::Pad(place) => (StationKind::Pad, StationIs::Part(named.pads[place]), None),
            Station::Slab => (StationKind::Slab, StationIs::Nothing, None),
            Station::Break(place) => {
                (StationKind::Break, StationIs::Nothing, Some(self.house.path.breaks[place].from.storey))
            }
        }
    }

    fn name(&self, station: Station) -> Phrase {
        let (_, is, _) = self.identity(station);
        match (station, is) {
            (_, StationIs::Part(id)) => {
                Phrase::verbatim(self.job.house.part(id).map_or_else(String::new, |part| part.name().to_owned()))
            }
            (_, StationIs::Wall(id)) => Phrase::verbatim(self.wall_name(id)),
            (_, StationIs::Opening(id)) => match self.job.opening(id) {
                Some((wall, opening)) => {
                    let letter = opening.letter.map(|letter| letter.to_string()).unwrap_or_default();
                    say!("station-opening", letter, wall = &wall.frame.name)
                }
                None => say!("nothing-to-say"),
            },
            (Station::Slab, _) => say!("station-slab"),
            (Station::Break(place), _) => {
                let from = station_of(&self.house.path.breaks[place]);
                say!("station-break", what = self.name(from))
            }
            _ => say!("station-point"),
        }
    }

    fn lies(&self, station: Station) -> Option<(Spot, Spot)> {
        let structure = &self.house.structure;
        let square = |at: Spot, size: Length| {
            let half = size.half();
            (Spot { x: at.x - half, y: at.y - half }, Spot { x: at.x + half, y: at.y + half })
        };
        Some(match station {
            Station::Field(storey, place) => {
                let over = &structure.storeys[storey].fields[place].over;
                (over.near, over.far)
            }
            Station::Wall(storey, place) => along(&structure.storeys[storey].walls[place].line, None),
            Station::Opening(storey, wall, place) => {
                let wall = &structure.storeys[storey].walls[wall];
                let opening = &wall.openings[place];
                along(&wall.line, Some((wall.line.start + opening.left, wall.line.start + opening.right)))
            }
            Station::Beam(storey, place) => along(&structure.storeys[storey].beams[place].line, None),
            Station::Post(storey, place) => square(structure.storeys[storey].posts[place].at, DRAWN_POST),
            Station::Point(storey, place) => square(structure.storeys[storey].points[place].at, DRAWN_POST),
            Station::Foundation(place) => along(&structure.ground.lines[place], None),
            Station::Pad(place) => square(structure.ground.pads[place].at, structure.ground.pads[place].size),
            Station::Slab => return None,
            Station::Break(place) => {
                let all = self.mended_with(place);
                let spots = || all.iter().flat_map(|broken| [Some(broken.at.0), broken.at.1]).flatten();
                let (x, y) = (|| spots().map(|spot| spot.x), || spots().map(|spot| spot.y));
                (Spot { x: x().min()?, y: y().min()? }, Spot { x: x().max()?, y: y().max()? })
            }
        })
    }

    fn wall_name(&self, id: WallId) -> String {
        self.job.wall(id).map_or_else(String::new, |wall| wall.frame.name.clone())
    }

    /// Why it breaks, or who answers for it.
    fn why(&self, place: usize) -> Phrase {
        if let Some(mark) = self.mark(Station::Break(place)) {
            return say!("break-is-the-engineers", who = &mark.name, reason = &mark.reason);
        }
        let mut whys: Vec<Phrase> = Vec::new();
        for broken in self.mended_with(place) {
            let storey = broken.from.storey;
            let carrier = |on: Carrier| self.name(crate::path::trace::carrier(storey, on));
            let why = broken.why.phrase(self.name(station_of(broken)), carrier);
            if !whys.contains(&why) {
                whys.push(why);
            }
        }
        Phrase::several(whys, Joined::Sentences)
    }

    /// The breaks that are mended together with one.
    fn mended_with(&self, place: usize) -> Vec<&Break> {
        let breaks = &self.house.path.breaks;
        breaks.iter().filter(|other| mended_as_one(&breaks[place], other)).collect()
    }

    /// The engineer's mark on a break.
    fn mark(&self, station: Station) -> Option<&EngineersMark> {
        let Station::Break(place) = station else { return None };
        mark_on(self.job, self.house, &self.mended_with(place))
    }

    /// Why a wall bears or does not, and whether what somebody saw says otherwise.
    fn why_it_bears(&self, storey: usize, place: usize) -> Option<Phrase> {
        let wall = self.job.wall(self.house.named.storeys[storey].walls[place].id)?;
        let top = &self.house.path.storeys[storey].walls[place].top;
        let along = top.stretches.iter().filter(|each| !each.plf.is_nothing()).map(|each| each.from);
        let at_places = top.presses.iter().filter(|each| !each.pounds.is_nothing()).map(|each| each.from);
        let mut bring: Vec<(Station, bool)> =
            along.chain(at_places).map(|from| (station(from), matches!(from.part, Part::Gable(_)))).collect();
        bring.sort_unstable();
        bring.dedup();
        let bears = !bring.is_empty();
        Some(concluded(wall, bears, || {
            let named = |(from, gable)| match (self.name(from), gable) {
                (of, true) => say!("station-gable", of),
                (of, false) => of,
            };
            let what = bring.into_iter().map(named).collect();
            say!("bears-because", what = Argument::Phrases(what, Joined::Commas))
        }))
    }

    fn is_partition(&self, is: StationIs) -> bool {
        let StationIs::Wall(id) = is else { return false };
        self.job.wall(id).is_some_and(|wall| wall.carries == WallCarries::Nothing)
    }

    fn layout(&self, is: StationIs) -> Option<(Length, Length)> {
        let StationIs::Wall(id) = is else { return None };
        let wall = self.job.wall(id)?;
        let (place, studs) = (wall.place?, stud_positions(&wall.frame));
        // Those at the ends may stand nearer to their neighbors.
        let stud = *studs.get(studs.len() / 2)? + wall.frame.thickness().half();
        let from_start = if place.turned { wall.frame.length - stud } else { stud };
        Some((place.start + from_start, wall.frame.spacing))
    }

    fn pad_hint(&self, place: usize, largest: Force) -> Option<Phrase> {
        let soil = self.job.house.ground.soil;
        let (is, wanted) = (self.house.structure.ground.pads[place].size, pad_side(&mut Silent, largest, soil));
        if wanted == Length::ZERO {
            return None;
        }
        Some(if is < wanted { say!("pad-too-small", wanted, is, soil) } else { say!("pad-enough", wanted, is, soil) })
    }

    fn thick_slab(&self, points: impl Iterator<Item = ByCase>) -> Option<Phrase> {
        let over = self.job.house.ground.thick_slab_over;
        let heavy = points.map(|pounds| self.largest(&pounds.most())).filter(|load| over < *load);
        let count = heavy.count();
        (0 < count).then(|| say!("slab-thicker", count, over))
    }
}

/// A post as it is drawn.
const DRAWN_POST: Length = Length::inches_and(5, 1, 2);

/// A stretch of a line with its thickness.
fn along(line: &Line, stretch: Option<(Length, Length)>) -> (Spot, Spot) {
    let (from, to) = stretch.unwrap_or((line.start, line.end()));
    let half = line.thickness.half();
    (Spot::on(line.axis, from, line.offset - half), Spot::on(line.axis, to, line.offset + half))
}

fn station_of(broken: &Break) -> Station {
    station(broken.from)
}
