//! # Pipes and ducts in a wall, and bays kept clear
//!
//! **What it does.** Says where a pipe meets what carries, where it takes so much of the top plates that a strap goes across, where it does not fit into the
//! wall, and where a bay kept clear is wider than the layout.
//!
//! **Source.** IRC 2021 R602.6.1 (a top plate cut by more than half its width gets a metal tie, 0.054 in. thick and 1 1/2 in. wide, eight 10d nails at each
//! side, at least 6 in. past the opening) and R602.6 (studs bored to 40 % of their depth where they bear, 60 % where not or doubled; notched to 25 and 40 %),
//! from memory.
//!
//! **Assumptions and limits.** A pipe goes straight up in the middle of the wall. Studs keep clear of it and are not cut; how they may be bored and notched
//! for what runs across them is told with it.

use super::super::super::opening_plan::OpeningPlan;
use super::planned::Planned;
use crate::finding::{Finding, Rule};
use crate::framing::corner::corner_reach;
use crate::job::command::Command;
use crate::job::{ClearFor, KeptClear};
use crate::measure::{End, Length};
use crate::say;
use crate::speech::{Joined, Phrase, percent};

/// A pipe meets a pack, a header or a post.
pub(super) static PIPE_IN_PACK: Rule = Rule::trouble("pipe-in-pack").stopping_the_load();
/// A pipe takes more than half of the top plates.
pub(super) static PLATE_STRAP: Rule = Rule::caution("plate-strap");
/// A pipe is wider than the wall's studs are deep.
pub(super) static PIPE_TOO_WIDE: Rule = Rule::trouble("pipe-too-wide");
/// A bay kept clear is wider than the layout.
pub(super) static BAY_TOO_WIDE: Rule = Rule::caution("bay-too-wide");
/// How studs may be bored and notched beside a pipe.
pub(super) static STUDS_BORED: Rule = Rule::note("studs-bored");

/// The most of a stud's depth that is bored, and notched: where it bears, and where not.
const BORED: (f64, f64) = (0.40, 0.60);
const NOTCHED: (f64, f64) = (0.25, 0.40);

pub(super) fn findings(planned: &Planned<'_>) -> Vec<Finding> {
    let all = planned.wall.frame.framing.kept_clear.iter().enumerate();
    let of_each = all.flat_map(|(place, each)| {
        let meets = in_a_pack(planned, place, each).or_else(|| in_a_post(planned, each));
        let rest = if each.for_ == ClearFor::Pipe { plates(planned, each) } else { Vec::new() };
        meets.into_iter().chain(rest).collect::<Vec<_>>()
    });
    of_each.chain(wide_bays(planned)).collect()
}

/// Never through a pack or what lies over it: aside by as much as it takes, the nearer way.
fn in_a_pack(planned: &Planned<'_>, place: usize, each: &KeptClear) -> Option<Finding> {
    let (left, right) = each.edges();
    let over = |(_, (from, to)): &(&OpeningPlan, (Length, Length))| left < *to && *from < right;
    let (plan, (from, to)) = planned.openings.iter().map(|plan| (plan, plan.held_by())).find(over)?;
    let (to_the_left, to_the_right) = (right - from, to - left);
    let by = to_the_left.min(to_the_right);
    let aside = if to_the_left <= to_the_right { -by } else { by };
    let found = PIPE_IN_PACK.at(plan.id, say!("finding-pipe-in-pack", name = &each.name, by)).along(each.at);
    let (moved, frame) = (each.at + aside, &planned.wall.frame);
    let from_end = frame.thickness() + each.width.half();
    let fits = (from_end..=frame.length - from_end).contains(&moved);
    let found = if fits { found.way_by(say!("way-move-the-pipe", by), at(planned, place, moved)) } else { found };
    Some(found.way(say!("way-see-the-drawings")))
}

/// Nor through the studs under a load, at a step or in a corner.
fn in_a_post(planned: &Planned<'_>, each: &KeptClear) -> Option<Finding> {
    let (left, right) = each.edges();
    let (frame, stud) = (&planned.wall.frame, planned.wall.frame.thickness());
    let reach = |end: End| corner_reach(*frame.framing.ends.at(end), stud);
    let corners = [(Length::ZERO, reach(End::Left)), (frame.length - reach(End::Right), frame.length)];
    let steps = frame.steps().into_iter().map(|(at, _)| (at - stud, at + stud));
    let loads = planned.field_loads.iter().map(|load| {
        let half = stud.half() * i64::from(load.studs());
        (load.at - half, load.at + half)
    });
    let meets = loads.chain(steps).chain(corners).any(|(from, to)| left < to && from < right);
    let found = || PIPE_IN_PACK.on_the_wall(say!("finding-pipe-in-post", name = &each.name)).along(each.at);
    meets.then(|| found().way(say!("way-see-the-drawings")))
}

fn at(planned: &Planned<'_>, place: usize, at: Length) -> Command {
    let mut frame = planned.wall.frame.clone();
    if let Some(each) = frame.framing.kept_clear.get_mut(place) {
        each.at = at;
    }
    Command::ChangeWall { wall: planned.wall.id, frame }
}

fn plates(planned: &Planned<'_>, pipe: &KeptClear) -> Vec<Finding> {
    let deep = planned.wall.frame.depth();
    let (name, width) = (&pipe.name, pipe.width);
    if deep <= width {
        let found = PIPE_TOO_WIDE.on_the_wall(say!("finding-pipe-too-wide", name, width, deep)).along(pipe.at);
        return vec![found.way(say!("way-deeper-studs"))];
    }
    let taken = percent(width.to_inches() / deep.to_inches());
    let strap = STRAP_PAST * 2 + width;
    let found = (deep < width * 2).then(|| {
        let found = PLATE_STRAP.on_the_wall(say!("finding-plate-strap", name, taken, strap)).along(pipe.at);
        found.way(say!("way-strap-the-plates"))
    });
    let bears = !planned.ground.landed.nothing_on(planned.wall);
    let of = |(bearing, other): (f64, f64)| deep_of(deep, if bears { bearing } else { other });
    let bored =
        say!("finding-studs-bored", name, bored = of(BORED), notched = of(NOTCHED), doubled = deep_of(deep, BORED.1));
    found.into_iter().chain([STUDS_BORED.on_the_wall(bored).along(pipe.at)]).collect()
}

/// How far a strap reaches past the cut at each side.
const STRAP_PAST: Length = Length::inches(6);

/// A part of a stud's depth, down to a sixteenth.
fn deep_of(deep: Length, part: f64) -> Length {
    Length::inches_and(0, (deep.to_inches() * part * 16.0 + 1e-9).floor() as i64, 16)
}

/// What is kept clear in one stretch is wider than a bay of the layout.
fn wide_bays(planned: &Planned<'_>) -> Vec<Finding> {
    let frame = &planned.wall.frame;
    let clear = frame.spacing - frame.thickness();
    let wide = frame.clear_stretches().into_iter().filter(|(from, to)| clear < *to - *from);
    wide.map(|(from, to)| {
        let within = frame.framing.kept_clear.iter().filter(|each| from <= each.at && each.at <= to);
        let name = Phrase::several(within.map(|each| Phrase::verbatim(each.name.as_str())).collect(), Joined::Commas);
        let found = BAY_TOO_WIDE.on_the_wall(say!("finding-bay-too-wide", name, width = to - from, clear)).along(from);
        found.way(say!("way-head-over-the-bay"))
    })
    .collect()
}
