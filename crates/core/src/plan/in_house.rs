//! The house of a job while its walls are planned: what comes down on each, and what its headers make of it.

use super::members::{Members, Sizing, snow_unsaid};
use crate::framing::house_sources;
use crate::framing::solid_floor::SolidFloor;
use crate::framing::{FromHouse, Landed, OpeningOutcome, OpeningPlan, WallPlan};
use crate::house::plan::between;
use crate::house::{Axis, Field, FieldOf, PartId, RoofFieldFraming, Spot};
use crate::job::{Job, Wall};
use crate::loads::carried::FLATTEST_RIDGE_BOARD;
use crate::loads::{ByCase, CarriedLimit, LoadCase, LoadKind, LoadLine, LoadPoint, SnowTrouble, Standing, TakeDown};
use crate::measure::{Force, Length, LineLoad};
use crate::path::described::{Named, along_axis, described, from_left_end};
use crate::path::gables::slopes_on;
use crate::path::{Following, LoadPath, Part, Source, Structure, WallOpening};
use crate::say;
use crate::sizing::OutsideLimits;
use crate::working::Silent;

/// A house whose loads were followed.
#[derive(Clone, Debug, PartialEq)]
pub struct FollowedHouse {
    /// What stands in it.
    pub structure: Structure,
    /// By which identity each part goes.
    pub named: Named,
    /// Where its loads go.
    pub path: LoadPath,
    /// Its beams and posts.
    pub members: Members,
}

/// A house whose walls are being planned, from the top storey down.
#[derive(Debug)]
pub(super) struct InHouse {
    following: Following,
    named: Named,
    /// Storeys that nothing has come down on yet.
    above_ground: usize,
}

/// Storeys above a wall of which there is a number.
const MOST_STOREYS_ABOVE: usize = 2;

impl InHouse {
    /// The house of a job; `None` where none of its walls stands in one.
    pub fn of(job: &Job) -> Option<Self> {
        if job.house.is_empty() {
            return None;
        }
        let (structure, named) = described(job);
        let above_ground = structure.storeys.len();
        Some(Self { following: Following::new(structure), named, above_ground })
    }

    /// The places of the walls in the job's list, in the order in which loads come down on them; the others after them.
    pub fn order(&self, walls: usize) -> Vec<usize> {
        let mut order: Vec<usize> =
            self.named.storeys.iter().rev().flat_map(|storey| &storey.walls).map(|wall| wall.in_job).collect();
        let others = (0..walls).filter(|place| !order.contains(place)).collect::<Vec<_>>();
        order.extend(others);
        order
    }

    /// What lands on a wall; `None` where it has no place in the house.
    pub fn landed_on(&mut self, job: &Job, in_job: usize) -> Option<Landed> {
        let (storey, place) = self.place_of(in_job)?;
        self.come_down_to(storey);
        let wall = &job.walls[in_job];
        let top = &self.following.path.storeys[storey].walls[place].top;
        let mut down = TakeDown::default();
        self.gables(wall, (storey, place), &mut down);
        for stretch in &top.stretches {
            if matches!(stretch.from.part, Part::Gable(_)) {
                continue;
            }
            let plf = stretch.plf + stretch.more;
            self.lines(job, wall, stretch.from, &plf, (stretch.low, stretch.high), &mut down);
        }
        for press in &top.presses {
            let at = self.place_from_left(wall, press.at);
            let amount = press.pounds.without_lift().most().map(Force::lbf);
            down.points.push(LoadPoint { source: self.source(job, press.from), at, amount });
        }
        let carries = |case| top.stretches.iter().any(|stretch| 0.0 < stretch.plf.get(case));
        let roofed = carries(LoadCase::RoofLive);
        let limit = self.limit(job, storey, roofed);
        let house = FromHouse {
            brings: !top.is_empty(),
            asks_snow: job.settings.said.snow == Standing::NotSaid && (roofed || carries(LoadCase::DeckLive)),
            limit: limit.filter(|_| !top.is_empty()),
        };
        Some(Landed::in_house(&job.rules(), wall, down, self.solid_floors(job, wall, (storey, place)), house))
    }

    /// Where the floor over a wall must be solid: under the packs and posts of the storey above that press on it.
    fn solid_floors(&self, job: &Job, wall: &Wall, (storey, place): (usize, usize)) -> Vec<SolidFloor> {
        let presses = self.following.path.storeys[storey].walls[place].top.presses.iter();
        let from_above = presses.filter(|press| storey < press.from.storey);
        let solid = from_above.filter_map(|press| {
            let of_above = press.from.storey;
            let (wide, under) = match press.from.part {
                Part::Opening(above, opening, end) => {
                    let standing = &self.following.structure.storeys[of_above].walls[above];
                    let jacks = i64::from(*standing.openings.get(opening)?.jacks.at(end));
                    let of_wall = &job.walls[self.named.storeys[of_above].walls[above].in_job];
                    let name = &of_wall.frame.name;
                    (Some(of_wall.frame.thickness() * jacks), say!("solid-under-a-pack", name))
                }
                Part::Post(post) => {
                    let id = *self.named.storeys[of_above].posts.get(post)?;
                    let name = job.house.part(id).map_or_else(String::new, |part| part.name().to_owned());
                    (None, say!("solid-under-a-post", name))
                }
                Part::Field(_) | Part::Gable(_) | Part::Point(_) | Part::Wall(_) | Part::Beam(_) => return None,
            };
            let joists = self.joists_at(job, storey, press.came_down);
            Some(SolidFloor { at: self.place_from_left(wall, press.at), wide, joists, under })
        });
        let mut solid: Vec<SolidFloor> = solid.collect();
        solid.sort_by_key(|each| each.at);
        solid.dedup();
        solid
    }

    /// How deep the joists of the floor on top of a storey are at a spot, where somebody said so.
    fn joists_at(&self, job: &Job, storey: usize, at: Spot) -> Option<Length> {
        let level = self.named.storeys[storey].level;
        let over = |field: &&Field| {
            field.level == level
                && [Axis::X, Axis::Y].into_iter().all(|axis| {
                    let (low, high) = field.over.along(axis);
                    between(low, at.along(axis), high)
                })
        };
        job.house.fields.iter().filter(over).find_map(|field| match field.of {
            FieldOf::Floor(floor) => floor.joist_depth,
            FieldOf::Ceiling(_) | FieldOf::Roof(_) => None,
        })
    }

    /// Takes a wall's openings as they were planned: the load goes on over their headers.
    pub fn planned(&mut self, job: &Job, in_job: usize, plan: &WallPlan) {
        let Some((storey, place)) = self.place_of(in_job) else { return };
        let wall = &job.walls[in_job];
        let Some(stands) = wall.place else { return };
        let bridged = plan.openings.iter().filter(|opening| !matches!(opening.outcome, OpeningOutcome::InBay(_)));
        let (ids, openings) =
            bridged.map(|opening| (opening.id, along_axis(wall, &stands, as_followed(opening)))).unzip();
        self.named.storeys[storey].walls[place].openings = ids;
        self.following.structure.storeys[storey].walls[place].openings = openings;
    }

    /// The rest of the way to the ground, and its beams and posts.
    pub fn finish(mut self, job: &Job, before: Option<&Members>) -> FollowedHouse {
        self.come_down_to(0);
        if !self.following.structure.storeys.is_empty() {
            self.following.goes_on_down(0);
        }
        let limits = (0..self.named.storeys.len()).map(|storey| {
            let limit = self.limit(job, storey, true).map(OutsideLimits::from);
            limit.or_else(|| snow_unsaid(job))
        });
        let limits: Vec<Option<OutsideLimits>> = limits.collect();
        let Self { following: Following { structure, path }, named, .. } = self;
        let sizing = Sizing { job, structure: &structure, named: &named, path: &path, limits: &limits, before };
        let members = sizing.members();
        FollowedHouse { structure, named, path, members }
    }

    fn come_down_to(&mut self, storey: usize) {
        while storey < self.above_ground {
            if self.above_ground < self.following.structure.storeys.len() {
                self.following.goes_on_down(self.above_ground);
            }
            self.above_ground -= 1;
            self.following.comes_down_on(&mut Silent, self.above_ground);
        }
    }

    fn place_of(&self, in_job: usize) -> Option<(usize, usize)> {
        self.named.storeys.iter().enumerate().find_map(|(storey, named)| {
            let place = named.walls.iter().position(|wall| wall.in_job == in_job)?;
            Some((storey, place))
        })
    }

    fn place_from_left(&self, wall: &Wall, along: Length) -> Length {
        let at = wall.place.map_or(along, |place| from_left_end(wall, &place, along));
        at.max(Length::ZERO).min(wall.frame.length)
    }

    fn lines(
        &self,
        job: &Job,
        wall: &Wall,
        from: Source,
        plf: &ByCase,
        (low, high): (Length, Length),
        down: &mut TakeDown,
    ) {
        let ends = [self.place_from_left(wall, low), self.place_from_left(wall, high)];
        let extent = (ends[0].min(ends[1]), ends[0].max(ends[1]));
        if extent.1 <= extent.0 {
            return;
        }
        let bay = self.field(job, from).and_then(|field| match field.of {
            FieldOf::Roof(roof) => Some(roof.bay),
            _ => None,
        });
        let most = plf.without_lift().most();
        for kind in LoadKind::ALL {
            let amount = LineLoad::plf(most[kind]);
            if amount != LineLoad::ZERO {
                let source = self.source(job, from);
                down.lines.push(LoadLine {
                    source,
                    kind,
                    area: None,
                    at_start: amount,
                    at_end: amount,
                    extent: Some(extent),
                    bay,
                });
            }
        }
    }

    /// The slopes of the gables that stand on a wall.
    fn gables(&self, wall: &Wall, (storey, place): (usize, usize), down: &mut TakeDown) {
        let top = &self.following.path.storeys[storey].walls[place].top;
        let standing = &self.following.structure.storeys[storey];
        for gable in &standing.gables {
            let from = Source { storey, part: Part::Gable(gable.field) };
            if !top.stretches.iter().any(|stretch| stretch.from == from) {
                continue;
            }
            for slope in slopes_on(gable, &standing.walls[place].line) {
                let ends = [(slope.low, slope.at_low), (slope.high, slope.at_high)];
                let mut ends = ends.map(|(at, plf)| (self.place_from_left(wall, at), LineLoad::plf(plf)));
                ends.sort_unstable_by_key(|(at, _)| *at);
                let [(start, at_start), (end, at_end)] = ends;
                down.lines.push(LoadLine {
                    source: house_sources::GABLE,
                    kind: LoadKind::Dead,
                    area: None,
                    at_start,
                    at_end,
                    extent: Some((start, end)),
                    bay: None,
                });
            }
        }
    }

    fn field<'a>(&self, job: &'a Job, from: Source) -> Option<&'a Field> {
        let Part::Field(place) = from.part else { return None };
        let id: PartId = *self.named.storeys[from.storey].fields.get(place)?;
        job.house.fields.iter().find(|field| field.id == id)
    }

    fn source(&self, job: &Job, from: Source) -> &'static str {
        match from.part {
            Part::Field(_) => match self.field(job, from).map(|field| field.of) {
                Some(FieldOf::Roof(_)) => house_sources::ROOF,
                Some(FieldOf::Ceiling(_)) => house_sources::CEILING,
                Some(FieldOf::Floor(_)) | None => house_sources::FLOOR,
            },
            Part::Gable(_) => house_sources::GABLE,
            Part::Point(_) => house_sources::POINT,
            Part::Wall(_) => house_sources::WALL,
            Part::Opening(..) => house_sources::PACK,
            Part::Beam(_) => house_sources::BEAM,
            Part::Post(_) => house_sources::POST,
        }
    }

    /// What of the house above a wall is outside the limits.
    fn limit(&self, job: &Job, storey: usize, roofed: bool) -> Option<CarriedLimit> {
        let above = self.named.storeys.len() - storey - 1;
        if MOST_STOREYS_ABOVE < above {
            return Some(CarriedLimit::TooManyStoreys);
        }
        let levels: Vec<PartId> = self.named.storeys[storey..].iter().map(|storey| storey.level).collect();
        let roofs = job.house.fields.iter().filter(|field| roofed && levels.contains(&field.level));
        roofs.filter_map(|field| if let FieldOf::Roof(roof) = field.of { Some(roof) } else { None }).find_map(|roof| {
            let flat = roof.framing == RoofFieldFraming::RaftersOnBoard && roof.rise_in_twelve < FLATTEST_RIDGE_BOARD;
            match roof.snow_trouble {
                SnowTrouble::None => flat.then_some(CarriedLimit::RidgeBoardTooFlat),
                trouble => Some(CarriedLimit::Snow(trouble)),
            }
        })
    }
}

/// An opening as the load goes over it: what has no count of jacks has one at each side.
fn as_followed(opening: &OpeningPlan) -> WallOpening {
    let header = match &opening.outcome {
        OpeningOutcome::Header(sized) => LineLoad::plf(sized.evaluation.header.weight_per_foot_lbf()),
        OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => LineLoad::ZERO,
    };
    WallOpening { left: opening.left(), right: opening.right(), jacks: opening.jacks.map(|jacks| jacks.max(1)), header }
}
