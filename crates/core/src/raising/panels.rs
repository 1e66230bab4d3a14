//! # Panels
//!
//! **What it does.** Says in how many pieces a wall is raised: in one where the crew lifts it with its second top plate on, else in the fewest panels that it
//! lifts, cut at the faces of studs. The second top plate goes on afterwards, across the joints.
//!
//! **Source.** Common practice, no source: a panel ends on a stud, never in an opening, its packs or its header.
//!
//! **Assumptions and limits.** Across a joint stands a stud; where none touches one is added, and weighs. Of as many panels those are taken whose
//! heaviest is the lightest. A stretch that cannot be cut and is too heavy stands alone, and is said to be. Rakes are held at the mean height of what
//! is lifted. Blocks for the floor or ceiling above go on when the wall stands.
//!
//! **Worked example.** A bare 2x6 wall of 44 ft for three people: two panels where one would take four.

use super::crew::{Crew, easily, have_room};
use super::tilt::lift;
use super::weight::{Mass, comes_with_the_floor_above, mean_height, member_between, of_member, sheathing_between};
use crate::framing::WallPlan;
use crate::framing::member::{Member, Role};
use crate::framing::panel_joints::{Joint, joints};
use crate::job::Wall;
use crate::lumber::Moisture;
use crate::measure::{End, Force, Length};
use crate::say;
use crate::speech::{Phrase, distance};

/// How a wall is raised.
#[derive(Clone, Debug, PartialEq)]
pub struct Raised {
    /// Everything that is framed and sheathed, with what comes later.
    pub whole: Mass,
    /// Its members, with the studs that are added at joints, lb.
    pub frame: f64,
    /// Its sheathing, lb.
    pub sheathing: f64,
    /// What goes on when it stands, lb.
    pub later: f64,
    /// What would be held at its top plate if it were lifted in one piece, without the studs that joints add, lb.
    pub lift: f64,
    /// How many people that takes at the least.
    pub people: u32,
    /// How many do it easily.
    pub easy: u32,
    /// What is lifted at once, from left to right.
    pub panels: Vec<Panel>,
}

/// What is lifted at once.
#[derive(Clone, Debug, PartialEq)]
pub struct Panel {
    /// From the wall's left end.
    pub from: Length,
    /// To here.
    pub to: Length,
    /// What it weighs, and where.
    pub mass: Mass,
    /// What is held at its top plate at the start, lb.
    pub lift: f64,
    /// How many people that takes at the least.
    pub people: u32,
    /// How many have room along it.
    pub room: u32,
    /// Whether the crew lifts it.
    pub is_lifted: bool,
}

/// A wall without a number: an opening has no header yet.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct NotSized;

/// A wall as it is lifted in one piece, its second top plate on.
///
/// # Errors
/// [`NotSized`].
pub fn in_one_piece(wall: &Wall, plan: &WallPlan, moisture: Moisture, crew: Crew) -> Result<Panel, NotSized> {
    if plan.openings.iter().any(|opening| !opening.has_numbers()) {
        return Err(NotSized);
    }
    let goes_up = |member: &&Member| !comes_with_the_floor_above(member.role);
    let members: Mass = plan.members.iter().filter(goes_up).map(|member| of_member(member, moisture)).sum();
    let sheathing = sheathing_between(&wall.frame, plan, f64::NEG_INFINITY, f64::INFINITY);
    let lifting = Lifting { wall, plan, moisture, crew };
    Ok(lifting.panel(Length::ZERO, wall.frame.length, members + sheathing))
}

/// How a wall is raised by a crew.
///
/// # Errors
/// [`NotSized`].
pub fn raised(wall: &Wall, plan: &WallPlan, moisture: Moisture, crew: Crew) -> Result<Raised, NotSized> {
    let in_one = in_one_piece(wall, plan, moisture, crew)?;
    let lifting = Lifting { wall, plan, moisture, crew };
    let frame = &wall.frame;
    let with = |takes: &dyn Fn(&Member) -> bool| -> Mass {
        plan.members.iter().filter(|member| takes(member)).map(|member| of_member(member, moisture)).sum()
    };
    let sheathing = sheathing_between(frame, plan, f64::NEG_INFINITY, f64::INFINITY);
    let above = with(&|member| comes_with_the_floor_above(member.role));
    let second = with(&|member| member.role == Role::SecondTopPlate);
    let members = with(&|_| true);
    let joints = joints(frame, &plan.openings, &plan.members);
    let own: Vec<Joint> = plan.panel_ends.iter().map(|at| Joint { at: *at, added: None }).collect();
    if own.is_empty() && (in_one.is_lifted || joints.is_empty()) {
        let whole = members + sheathing;
        let lift = in_one.lift;
        return Ok(lifting.raised(whole, (members.pounds, sheathing.pounds), above.pounds, (lift, vec![in_one])));
    }
    let panels = if own.is_empty() { lifting.fewest(&joints) } else { lifting.cut_at(&own) };
    let ends: Vec<Length> = panels.iter().map(|panel| panel.to).collect();
    let added: Mass = joints
        .iter()
        .filter(|joint| own.is_empty() && ends.contains(&joint.at))
        .filter_map(|joint| joint.added.as_ref())
        .map(|(_, stud)| of_member(stud, moisture))
        .sum();
    let whole = members + sheathing + added;
    let later = above.pounds + second.pounds;
    let framed = members.pounds + added.pounds;
    Ok(lifting.raised(whole, (framed, sheathing.pounds), later, (in_one.lift, panels)))
}

/// A panel that the crew does not lift, in a sentence.
pub fn too_heavy(panel: &Panel, crew: Crew) -> Phrase {
    say!(
        "raise-too-heavy",
        from = distance(panel.from),
        to = distance(panel.to),
        lift = Force::lbf(panel.lift),
        people = panel.people,
        crew = crew.people,
        room = panel.room
    )
}

struct Lifting<'a> {
    wall: &'a Wall,
    plan: &'a WallPlan,
    moisture: Moisture,
    crew: Crew,
}

/// How good a way to the end of a panel is: panels that nobody lifts, panels, the heaviest.
type Way = (usize, usize, f64);

impl Lifting<'_> {
    fn raised(
        &self,
        whole: Mass,
        (frame, sheathing): (f64, f64),
        later: f64,
        (lift, panels): (f64, Vec<Panel>),
    ) -> Raised {
        let (people, easy) = (self.crew.least_for(lift), easily(lift));
        Raised { whole, frame, sheathing, later, lift, people, easy, panels }
    }

    fn panel(&self, from: Length, to: Length, mass: Mass) -> Panel {
        let lift = lift(mass, self.held_at(from, to));
        let (people, room) = (self.crew.least_for(lift), have_room(to - from));
        let is_lifted = lift <= self.crew.holds() && people <= room;
        Panel { from, to, mass, lift, people, room, is_lifted }
    }

    /// How far up what is lifted is held, in.: over its plates; on a rake the mean of its stretch.
    fn held_at(&self, from: Length, to: Length) -> f64 {
        let frame = &self.wall.frame;
        if frame.rake().is_none() {
            return frame.height().to_inches();
        }
        mean_height(frame, from.to_inches(), to.to_inches())
    }

    /// What a panel between two joints weighs, without its second top plate.
    fn between(&self, from: Option<&Joint>, to: Option<&Joint>) -> Mass {
        let left = from.map_or(f64::NEG_INFINITY, |joint| joint.at.to_inches());
        let right = to.map_or(f64::INFINITY, |joint| joint.at.to_inches());
        let goes_up =
            |member: &&Member| member.role != Role::SecondTopPlate && !comes_with_the_floor_above(member.role);
        let members = self.plan.members.iter().filter(goes_up);
        let framed: Mass = members.map(|member| member_between(member, self.moisture, left, right)).sum();
        let added = |joint: Option<&Joint>, side: End| {
            let stud = joint.and_then(|joint| joint.added.as_ref()).filter(|(on, _)| *on == side);
            stud.map_or_else(Mass::default, |(_, stud)| of_member(stud, self.moisture))
        };
        // A stud that stands to the right of a joint begins the panel there.
        framed
            + added(from, End::Right)
            + added(to, End::Left)
            + sheathing_between(&self.wall.frame, self.plan, left, right)
    }

    /// The panels between joints.
    fn cut_at(&self, joints: &[Joint]) -> Vec<Panel> {
        let ends = joints.iter().map(Some).chain([None]);
        let starts = std::iter::once(None).chain(joints.iter().map(Some));
        let panel = |(from, to): (Option<&Joint>, Option<&Joint>)| {
            let at = |joint: Option<&Joint>, otherwise| joint.map_or(otherwise, |joint| joint.at);
            let (left, right) = (at(from, Length::ZERO), at(to, self.wall.frame.length));
            self.panel(left, right, self.between(from, to))
        };
        starts.zip(ends).map(panel).collect()
    }

    /// The fewest panels that the crew lifts, at least two.
    fn fewest(&self, joints: &[Joint]) -> Vec<Panel> {
        let (start, end) = (Length::ZERO, self.wall.frame.length);
        let place = |index: usize| index.checked_sub(1).and_then(|index| joints.get(index));
        let at = |index: usize| if index == 0 { start } else { joints.get(index - 1).map_or(end, |joint| joint.at) };
        let last = joints.len() + 1;
        let mut best: Vec<Option<(Way, usize, Panel)>> = vec![None; last + 1];
        for to in 1..=last {
            for from in (0..to).rev() {
                if from == 0 && to == last {
                    continue;
                }
                let before: Way = match (from, &best[from]) {
                    (0, _) => (0, 0, 0.0),
                    (_, Some((way, ..))) => *way,
                    (_, None) => continue,
                };
                let panel = self.panel(at(from), at(to), self.between(place(from), place(to).filter(|_| to < last)));
                // What could be cut is never left too heavy.
                if !panel.is_lifted && 1 < to - from {
                    continue;
                }
                let way = (before.0 + usize::from(!panel.is_lifted), before.1 + 1, before.2.max(panel.lift));
                let better = best[to].as_ref().is_none_or(|(known, ..)| is_better(way, *known));
                if better {
                    best[to] = Some((way, from, panel));
                }
            }
        }
        let mut panels = Vec::new();
        let mut to = last;
        while let Some((_, from, panel)) = best[to].clone() {
            panels.push(panel);
            to = from;
        }
        panels.reverse();
        panels
    }
}

fn is_better(way: Way, known: Way) -> bool {
    (way.0, way.1).cmp(&(known.0, known.1)).then(way.2.total_cmp(&known.2)).is_lt()
}
