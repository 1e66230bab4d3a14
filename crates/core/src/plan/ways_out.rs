//! # Ways out of a break
//!
//! **What it does.** For a load that goes no further it offers what would carry it on: the wall moved over a line below, an opening moved so that its
//! pack stands on one; a beam between two lines, a pad or a foundation, a post with its pad, a beam on posts, posts under the ends of a beam. Each is a
//! set of edits that can be taken as one.
//!
//! **Source.** Common practice, no source. How large a pad: [`crate::path::pad_size`].
//!
//! **Limits.** What is added is of the usual size and is sized once it stands there; what stands in the way of it is not looked at. A wall is moved up to
//! 4 ft, an opening up to 4 ft, a beam spans up to 20 ft between two lines, posts under a beam stand up to 10 ft apart. For a strip of a field no way out
//! is offered: where a line could stand is a question of the rooms.
//!
//! **Worked example.** A post of the lowest storey on bare ground with 3000 lb: a pad of 17 in. under it, at 1500 psf.

use super::in_house::FollowedHouse;
use crate::codes::DesignCode;
use crate::house::plan::Axis;
use crate::house::usual::{BEAM, FOUNDATION, POST_FROM_THE_END, POST_WEIGHT};
use crate::house::{Beam, Foundation, HousePart, Line, Pad, PartId, Post, Spot};
use crate::job::command::{AT_THE_END, apply};
use crate::job::{Command, Job};
use crate::loads::ByCase;
use crate::measure::{Force, Length};
use crate::path::loaded::Carrier;
use crate::path::pad_size::pad_side;
use crate::path::support::bearing_lines;
use crate::path::{Break, Part, Source, Why};
use crate::say;
use crate::sizing::limits::LONGEST_SPAN;
use crate::speech::{Phrase, distance};
use crate::statics::Joints;
use crate::working::Silent;

/// A way out: what it is, and the edits that take it.
#[derive(Clone, Debug, PartialEq)]
pub struct WayOfBreak {
    /// What it is.
    pub phrase: Phrase,
    /// The edits, to be taken as one.
    pub commands: Vec<Command>,
}

/// Common practice, no source.
const LEAST_PAD: Length = Length::inches(12);
/// An end of a beam this near its one support is carried by it.
const CARRIED_BY_IT: Length = Length::inches(6);
/// How far a wall or an opening is moved at the most.
const FARTHEST_MOVE: Length = Length::feet(4);
/// How far apart posts under a beam stand at the most.
const POSTS_APART: Length = Length::feet(10);

/// Breaks of one part of the house that are one to whoever mends them: a wall's own and those of its packs.
pub fn mended_as_one(a: &Break, b: &Break) -> bool {
    let of = |broken: &Break| match broken.from.part {
        Part::Opening(wall, ..) => Part::Wall(wall),
        part => part,
    };
    a.from.storey == b.from.storey && of(a) == of(b)
}

/// The ways out of breaks that are mended as one; `None` where there are none. Whatever is added gets its identity from `name`.
pub fn ways_out(
    job: &Job,
    house: &FollowedHouse,
    breaks: &[&Break],
    name: &mut dyn FnMut() -> u128,
) -> Vec<WayOfBreak> {
    let Some(first) = breaks.first() else { return Vec::new() };
    let mut finder = Finder { job, house, breaks, storey: first.from.storey, ways: Vec::new(), name };
    match first.from.part {
        Part::Wall(wall) | Part::Opening(wall, ..) => finder.of_wall(wall),
        Part::Beam(_) => finder.of_beam(first),
        Part::Post(_) | Part::Point(_) => finder.of_point(first.at.0, &first.amount),
        Part::Field(_) | Part::Gable(_) => {}
    }
    // What would be refused is no way out.
    let together = |commands: &[Command]| Command::Together { commands: commands.to_vec() };
    finder.ways.retain(|way| !way.commands.is_empty() && apply(job, &together(&way.commands)).is_ok());
    finder.ways
}

struct Finder<'a, 'n> {
    job: &'a Job,
    house: &'a FollowedHouse,
    breaks: &'a [&'a Break],
    storey: usize,
    ways: Vec<WayOfBreak>,
    name: &'n mut dyn FnMut() -> u128,
}

impl Finder<'_, '_> {
    /// Offers what is made.
    fn make(&mut self, phrase: Phrase, make: impl FnOnce(&mut Maker<'_>)) {
        let code = self.job.rules().code();
        let mut maker = Maker { job: self.job, code, name: self.name, commands: Vec::new() };
        make(&mut maker);
        let commands = maker.commands;
        self.offer(phrase, commands);
    }

    fn offer(&mut self, phrase: Phrase, commands: Vec<Command>) {
        self.ways.push(WayOfBreak { phrase, commands });
    }

    /// Lines of the storey below that bear, and in the ground the foundations, with their names.
    fn lines_below(&self) -> Vec<(Line, String)> {
        let job = self.job;
        let Some(below) = self.storey.checked_sub(1) else {
            let named = job.house.foundations.iter();
            return named.map(|part| (part.line, part.name.clone())).collect();
        };
        let named = &self.house.named.storeys[below];
        let beam = |beam: usize| named.beams.get(beam).and_then(|id| job.house.part(*id));
        let name = |carrier: Carrier| match carrier {
            Carrier::Wall(wall) => job.walls[named.walls[wall].in_job].frame.name.clone(),
            Carrier::Beam(place) => beam(place).map_or_else(String::new, |part| part.name().into()),
            // A post is no line.
            Carrier::Post(_) => String::new(),
        };
        bearing_lines(&self.house.structure.storeys[below]).map(|(carrier, line)| (*line, name(carrier))).collect()
    }

    /// A wall, or packs of it, with nothing under them.
    fn of_wall(&mut self, wall: usize) {
        let line = self.house.structure.storeys[self.storey].walls[wall].line;
        let along = self.breaks.iter().filter_map(|broken| {
            let (low, high) = (broken.at.0.along(line.axis), broken.at.1?.along(line.axis));
            Some((low, high, broken.amount.times((high - low).to_feet())))
        });
        let along: Vec<(Length, Length, ByCase)> = along.collect();
        let packs: Vec<&Break> = self.breaks.iter().copied().filter(|broken| broken.at.1.is_none()).collect();
        let on_packs: ByCase = packs.iter().map(|pack| pack.amount).sum();
        let (Some(low), Some(high)) = (along.iter().map(|each| each.0).min(), along.iter().map(|each| each.1).max())
        else {
            self.opening_moved(wall, &packs);
            packs.into_iter().for_each(|pack| self.of_point(pack.at.0, &pack.amount));
            return;
        };
        self.wall_moved(wall, &line, (low, high));
        let all: ByCase = along.iter().map(|each| each.2).chain([on_packs]).sum();
        let (thickness, _) = BEAM;
        let under = Line { axis: line.axis, offset: line.offset, start: low, length: high - low, thickness };
        match self.storey.checked_sub(1) {
            None => {
                self.make(say!("way-foundation-under"), |maker| maker.foundation(under));
            }
            Some(below) => {
                self.beam_between(below, &under);
                let posts = posts_under(under.length);
                self.make(say!("way-beam-under", posts), |maker| maker.beam_on_posts(below, under, posts, &all));
            }
        }
        self.opening_moved(wall, &packs);
    }

    /// The wall moved over the nearest line below that runs under all of what breaks.
    fn wall_moved(&mut self, wall: usize, line: &Line, (low, high): (Length, Length)) {
        let id = self.house.named.storeys[self.storey].walls[wall].id;
        let Some(place) = self.job.wall(id).and_then(|wall| wall.place) else { return };
        let near = self.lines_below().into_iter().filter(|(below, _)| {
            below.axis == line.axis
                && below.runs_under(low, high)
                && (below.offset - line.offset).abs() <= FARTHEST_MOVE
        });
        let Some((over, name)) = near.min_by_key(|(below, _)| (below.offset - line.offset).abs()) else { return };
        let by = distance((over.offset - line.offset).abs());
        let place = crate::house::Place { offset: over.offset, ..place };
        self.offer(say!("way-wall-over", by, name), vec![Command::PlaceWall { wall: id, place: Some(place) }]);
    }

    /// The opening moved whose pack has the least way to a line across, so far that it stands over that.
    fn opening_moved(&mut self, wall: usize, packs: &[&Break]) {
        let line = self.house.structure.storeys[self.storey].walls[wall].line;
        let crossing = self.lines_below().into_iter();
        let crossing: Vec<(Line, String)> =
            crossing.filter(|(below, _)| below.axis != line.axis && below.reaches(line.offset)).collect();
        let moves = packs.iter().flat_map(|pack| {
            let at = pack.at.0.along(line.axis);
            crossing.iter().map(move |(below, name)| (below.offset - at, name, pack.from.part))
        });
        let Some((along, name, Part::Opening(_, place, _))) = moves.min_by_key(|(along, ..)| along.abs()) else {
            return;
        };
        let named = &self.house.named.storeys[self.storey].walls[wall];
        let (Some(id), Some(stands)) = (named.openings.get(place), self.job.wall(named.id).and_then(|wall| wall.place))
        else {
            return;
        };
        let Some((_, opening)) = self.job.opening(*id).filter(|_| along.abs() <= FARTHEST_MOVE) else { return };
        let mut design = opening.design;
        design.center = if stands.turned { design.center - along } else { design.center + along };
        let phrase = say!("way-opening-over", by = distance(along.abs()), name);
        self.offer(phrase, vec![Command::ChangeOpening { opening: *id, design }]);
    }

    /// A beam of the storey below under a line, from the nearest line across its one end to the nearest across its other.
    fn beam_between(&mut self, below: usize, under: &Line) {
        let crossing: Vec<Length> = self
            .lines_below()
            .into_iter()
            .filter(|(line, _)| line.axis != under.axis && line.reaches(under.offset))
            .map(|(line, _)| line.offset)
            .collect();
        let from = crossing.iter().filter(|at| **at <= under.start + CARRIED_BY_IT).max();
        let to = crossing.iter().filter(|at| under.end() - CARRIED_BY_IT <= **at).min();
        let (Some(from), Some(to)) = (from.copied(), to.copied()) else { return };
        if to <= from || LONGEST_SPAN < to - from {
            return;
        }
        self.make(say!("way-beam-between", span = distance(to - from)), |maker| {
            maker.beam(below, Line { start: from, length: to - from, ..*under })
        });
    }

    /// A load at one place with nothing under it.
    fn of_point(&mut self, spot: Spot, pounds: &ByCase) {
        let Some(below) = self.storey.checked_sub(1) else {
            self.make(say!("way-pad-under"), |maker| maker.pad(spot, pounds));
            return;
        };
        self.make(say!("way-post-under"), |maker| maker.post(below, spot, pounds));
        let (thickness, _) = BEAM;
        for axis in [Axis::X, Axis::Y] {
            let (start, offset) = (spot.along(axis), spot.along(axis.across()));
            self.beam_between(below, &Line { axis, offset, start, length: Length::ZERO, thickness });
        }
    }

    /// A beam that lacks supports.
    fn of_beam(&mut self, broken: &Break) {
        if !matches!(broken.why, Why::BeamNeedsTwo { .. }) {
            return;
        }
        let (house, from) = (self.house, broken.from);
        self.make(say!("way-posts-under-ends"), |maker| maker.under_ends(house, from));
    }
}

/// How many posts a beam so long stands on.
fn posts_under(length: Length) -> usize {
    (2..).find(|posts: &usize| length <= POSTS_APART * i64::try_from(posts - 1).unwrap_or(1)).unwrap_or(2)
}

struct Maker<'a> {
    job: &'a Job,
    code: DesignCode,
    name: &'a mut dyn FnMut() -> u128,
    commands: Vec<Command>,
}

impl Maker<'_> {
    fn adds(&mut self, part: HousePart) {
        self.commands.push(Command::AddPart { part: Box::new(part), at: AT_THE_END });
    }

    fn id(&mut self) -> PartId {
        PartId((self.name)())
    }

    /// How many of a kind there will be with the next one.
    fn number(&self, there: usize, is_one: fn(&HousePart) -> bool) -> usize {
        let added = self.commands.iter().filter(|command| match command {
            Command::AddPart { part, .. } => is_one(part),
            _ => false,
        });
        there + added.count() + 1
    }

    fn pad(&mut self, at: Spot, pounds: &ByCase) {
        let loads = pounds.most();
        let largest = self.code.strength().iter().map(|combination| combination.total(&loads)).fold(0.0, f64::max);
        let side = pad_side(&mut Silent, Force::lbf(largest), self.job.house.ground.soil).max(LEAST_PAD);
        let number = self.number(self.job.house.pads.len(), |part| matches!(part, HousePart::Pad(_)));
        let pad = Pad { id: self.id(), name: format!("Pad {number}"), at, size: side };
        self.adds(HousePart::Pad(pad));
    }

    fn foundation(&mut self, line: Line) {
        let number = self.number(self.job.house.foundations.len(), |part| matches!(part, HousePart::Foundation(_)));
        let line = Line { thickness: FOUNDATION, ..line };
        let part = Foundation { id: self.id(), name: format!("Foundation {number}"), line };
        self.adds(HousePart::Foundation(part));
    }

    /// A post of a storey, on a pad where that is the lowest and no slab lies there.
    fn post(&mut self, storey: usize, at: Spot, pounds: &ByCase) {
        let Some(level) = self.job.house.levels.get(storey).map(|level| level.id) else { return };
        let number = self.number(self.job.house.posts.len(), |part| matches!(part, HousePart::Post(_)));
        let post = Post { id: self.id(), level, name: format!("Post {number}"), at, weight: POST_WEIGHT, chosen: None };
        self.adds(HousePart::Post(post));
        if storey == 0 && !self.job.house.ground.slab {
            self.pad(at, pounds);
        }
    }

    fn beam(&mut self, storey: usize, line: Line) {
        let Some(level) = self.job.house.levels.get(storey).map(|level| level.id) else { return };
        let number = self.number(self.job.house.beams.len(), |part| matches!(part, HousePart::Beam(_)));
        let (_, weight) = BEAM;
        let beam = Beam {
            id: self.id(),
            level,
            name: format!("Beam {number}"),
            line,
            weight,
            joints: Joints::AtEverySupport,
            chosen: None,
        };
        self.adds(HousePart::Beam(beam));
    }

    /// A beam on so many posts, as far apart from one another, under so much in all.
    fn beam_on_posts(&mut self, storey: usize, line: Line, posts: usize, pounds: &ByCase) {
        self.beam(storey, line);
        let (first, last) = (line.start + POST_FROM_THE_END, line.end() - POST_FROM_THE_END);
        let spaces = i64::try_from(posts.max(2) - 1).unwrap_or(1);
        let each = pounds.times(1.0 / f64::from(u32::try_from(spaces).unwrap_or(1)));
        for place in 0..=spaces {
            let at = first + (last - first) * place / spaces;
            self.post(storey, line.spot(at), &each);
        }
    }

    /// Posts under the ends of a beam that nothing carries.
    fn under_ends(&mut self, house: &FollowedHouse, from: Source) {
        let Part::Beam(place) = from.part else { return };
        let storey = &house.structure.storeys[from.storey];
        let Some(beam) = storey.beams.get(place) else { return };
        let (supports, _) = &crate::path::support::carriers(storey)[place];
        let loaded = &house.path.storeys[from.storey].beams[place];
        let along = loaded.top.stretches.iter().map(|each| each.plf.times((each.high - each.low).to_feet()));
        let all: ByCase = along.chain(loaded.top.presses.iter().map(|each| each.pounds)).sum();
        let ends = [beam.line.start + POST_FROM_THE_END, beam.line.end() - POST_FROM_THE_END];
        let bare = ends.into_iter().filter(|end| supports.iter().all(|(at, _)| CARRIED_BY_IT < (*at - *end).abs()));
        for end in bare {
            self.post(from.storey, beam.line.spot(end), &all.times(0.5));
        }
    }
}
