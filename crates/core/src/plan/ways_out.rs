//! # Ways out of a break
//!
//! **What it does.** For a load that goes no further it offers what would carry it on: a pad or a foundation under it, a post with its pad,
//! a beam on two posts, posts under the ends of a beam. Each is a set of edits that can be taken as one.
//!
//! **Source.** Common practice, no source. How large a pad: [`crate::path::pad_size`].
//!
//! **Limits.** What is added is of the usual size and is sized by whoever answers for it; what stands in the way of it is not looked at. For a
//! strip of a field no way out is offered: where a line could stand is a question of the rooms.
//!
//! **Worked example.** A post of the lowest storey on bare ground with 3000 lb: a pad of 17 in. under it, at 1500 psf.

use super::in_house::FollowedHouse;
use crate::codes::DesignCode;
use crate::house::plan::Axis;
use crate::house::usual::{BEAM, FOUNDATION, POST_FROM_THE_END, POST_WEIGHT};
use crate::house::{Beam, Foundation, HousePart, Line, Pad, PartId, Post, Spot};
use crate::job::command::AT_THE_END;
use crate::job::{Command, Job};
use crate::loads::ByCase;
use crate::measure::{Force, Length};
use crate::path::pad_size::pad_side;
use crate::path::{Break, Part, Source, Why};
use crate::say;
use crate::speech::Phrase;
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

/// The ways out of a break. Whatever is added gets its identity from `name`.
pub fn ways_out(job: &Job, house: &FollowedHouse, broken: &Break, name: &mut dyn FnMut() -> u128) -> Vec<WayOfBreak> {
    let mut maker = Maker { job, code: job.rules().code(), name, commands: Vec::new() };
    let storey = broken.from.storey;
    let way = match (broken.why, broken.at) {
        (Why::NothingUnder, (spot, _)) => match storey.checked_sub(1) {
            None => {
                maker.pad(spot, &broken.amount);
                Some(say!("way-pad-under"))
            }
            Some(below) => {
                maker.post(below, spot, &broken.amount);
                Some(say!("way-post-under"))
            }
        },
        (Why::NoLineUnder, (low, Some(high))) => {
            let (axis, line) = line_between(low, high);
            match storey.checked_sub(1) {
                None => {
                    maker.foundation(line);
                    Some(say!("way-foundation-under"))
                }
                Some(below) => {
                    let half = broken.amount.times((high.along(axis) - low.along(axis)).to_feet() / 2.0);
                    maker.beam_on_posts(below, line, &half);
                    Some(say!("way-beam-under"))
                }
            }
        }
        (Why::BeamNeedsTwo { .. }, _) => maker.under_ends(house, broken.from).then(|| say!("way-posts-under-ends")),
        (Why::NoLineUnder | Why::FieldNeedsTwo(_), _) => None,
    };
    let commands = maker.commands;
    way.filter(|_| !commands.is_empty()).map(|phrase| WayOfBreak { phrase, commands }).into_iter().collect()
}

fn line_between(low: Spot, high: Spot) -> (Axis, Line) {
    let axis = if low.y == high.y { Axis::X } else { Axis::Y };
    let (start, end) = (low.along(axis), high.along(axis));
    let (thickness, _) = BEAM;
    (axis, Line { axis, offset: low.along(axis.across()), start, length: end - start, thickness })
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
        let post = Post { id: self.id(), level, name: format!("Post {number}"), at, weight: POST_WEIGHT };
        self.adds(HousePart::Post(post));
        if storey == 0 && !self.job.house.ground.slab {
            self.pad(at, pounds);
        }
    }

    fn beam_on_posts(&mut self, storey: usize, line: Line, half: &ByCase) {
        let Some(level) = self.job.house.levels.get(storey).map(|level| level.id) else { return };
        let number = self.number(self.job.house.beams.len(), |part| matches!(part, HousePart::Beam(_)));
        let (_, weight) = BEAM;
        let beam =
            Beam { id: self.id(), level, name: format!("Beam {number}"), line, weight, joints: Joints::AtEverySupport };
        self.adds(HousePart::Beam(beam));
        for at in [line.start + POST_FROM_THE_END, line.end() - POST_FROM_THE_END] {
            self.post(storey, line.spot(at), half);
        }
    }

    /// Posts under the ends of a beam that nothing carries; whether there is such an end.
    fn under_ends(&mut self, house: &FollowedHouse, from: Source) -> bool {
        let Part::Beam(place) = from.part else { return false };
        let storey = &house.structure.storeys[from.storey];
        let Some(beam) = storey.beams.get(place) else { return false };
        let (supports, _) = &crate::path::support::carriers(storey)[place];
        let loaded = &house.path.storeys[from.storey].beams[place];
        let along = loaded.top.stretches.iter().map(|each| each.plf.times((each.high - each.low).to_feet()));
        let all: ByCase = along.chain(loaded.top.presses.iter().map(|each| each.pounds)).sum();
        let ends = [beam.line.start + POST_FROM_THE_END, beam.line.end() - POST_FROM_THE_END];
        let bare = ends.into_iter().filter(|end| supports.iter().all(|(at, _)| CARRIED_BY_IT < (*at - *end).abs()));
        let bare: Vec<Length> = bare.collect();
        for end in &bare {
            self.post(from.storey, beam.line.spot(*end), &all.times(0.5));
        }
        !bare.is_empty()
    }
}
