//! The whole job, worked out once for a version: everybody who asks reads the same plan, and walls that did not change keep theirs.

pub mod house_working;
mod in_house;
pub mod member_choices;
pub mod members;
pub mod stations;
mod storeys;
mod wall_breaks;
pub mod ways_out;

use std::sync::Arc;

use crate::framing::{Landed, OpeningPlan, WallPlan, plan_one, plan_wall, plan_wall_as_said};
use crate::house::PartId;
use crate::job::{Job, Opening, OpeningId, PointLoad, StockItem, Wall, WallId};
use crate::sizing::schools::JurisdictionRow;
pub use in_house::FollowedHouse;
use in_house::InHouse;
use members::Member;
pub use storeys::{Storey, WallOnStorey};
use wall_breaks::{told_on_walls, untold};

/// The form of what is computed: raised with every change of it, so that what was counted before is counted again.
pub const COMPUTATION: i32 = 1;

/// A job and the plans of its walls. The headers that were tried and did not go in are left out: they are most of a plan and are looked at
/// for one opening at a time, by [`JobPlan::opening_alone`].
#[derive(Clone, Debug, PartialEq)]
pub struct JobPlan {
    job: Job,
    walls: Vec<Arc<WallPlan>>,
    house: Option<FollowedHouse>,
}

/// How much of a job is settled.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct Settled {
    /// Openings.
    pub openings: usize,
    /// Openings that do not carry, or need an engineer, or have trouble in their framing.
    pub unresolved: usize,
}

impl JobPlan {
    /// Plans a job.
    pub fn of(job: Job) -> Self {
        Planning::anew(job).finish()
    }

    /// Plans a job that was this one before an edit: a wall keeps its plan where the rules, the wall and what lands on it are what they
    /// were.
    #[must_use]
    pub fn again(&self, job: Job) -> Self {
        Planning::after(self, job).finish()
    }

    /// The plan of a wall that stands in the list at a place, if it is the same wall.
    fn kept(&self, place: usize, wall: &Wall) -> Option<Arc<WallPlan>> {
        let same = |at: usize| self.job.walls.get(at).is_some_and(|before| before == wall);
        // Most edits leave a wall's place in the list as it is.
        let at = if same(place) { Some(place) } else { (0..self.walls.len()).find(|at| same(*at)) };
        at.and_then(|at| self.walls.get(at)).cloned()
    }

    /// The beams and posts of the house, from the lowest storey up.
    pub fn members(&self) -> impl Iterator<Item = (PartId, Member<'_>)> {
        self.house().into_iter().flat_map(|house| {
            house.named.storeys.iter().enumerate().flat_map(|(storey, named)| {
                let beams = named.beams.iter().zip(&house.members.beams[storey]);
                let posts = named.posts.iter().zip(&house.members.posts[storey]);
                let beams = beams.map(|(id, plan)| (*id, Member::Beam(plan)));
                beams.chain(posts.map(|(id, plan)| (*id, Member::Post(plan))))
            })
        })
    }

    /// A beam or a post by its identity.
    pub fn member(&self, part: PartId) -> Option<Member<'_>> {
        self.members().find(|(id, _)| *id == part).map(|(_, member)| member)
    }

    /// The job.
    pub const fn job(&self) -> &Job {
        &self.job
    }

    /// Every wall with its plan, in the job's order.
    pub fn walls(&self) -> impl Iterator<Item = (&Wall, &WallPlan)> {
        self.job.walls.iter().zip(self.walls.iter().map(|plan| &**plan))
    }

    /// A wall and its plan.
    pub fn wall(&self, id: WallId) -> Option<(&Wall, &WallPlan)> {
        self.walls().find(|(wall, _)| wall.id == id)
    }

    /// The house with its loads followed; `None` where nothing is said of one.
    pub const fn house(&self) -> Option<&FollowedHouse> {
        self.house.as_ref()
    }

    /// An opening planned alone, with every header that was tried; `None` if it is not there.
    pub fn opening_alone(&self, id: OpeningId) -> Option<OpeningPlan> {
        let (wall, plan, _) = self.opening(id)?;
        plan_one(&self.job.rules(), wall, &plan.ground.landed, id)
    }

    /// A wall as it would be planned in a job that was this one before an edit: by itself where it has no place in a house.
    pub fn wall_after(&self, job: &Job, id: WallId) -> Option<Arc<WallPlan>> {
        let wall = job.wall(id)?;
        if wall.place.is_none() {
            return Some(Arc::new(plan_wall_as_said(&job.rules(), wall)));
        }
        let after = self.again(job.clone());
        let place = after.job.walls.iter().position(|wall| wall.id == id)?;
        after.walls.get(place).cloned()
    }

    /// An opening planned alone in a job that was this one before an edit.
    pub fn opening_after(&self, job: &Job, id: OpeningId) -> Option<OpeningPlan> {
        let (wall, _) = job.opening(id)?;
        if wall.place.is_none() {
            return plan_one(&job.rules(), wall, &Landed::as_said(&job.rules(), wall), id);
        }
        self.again(job.clone()).opening_alone(id)
    }

    /// An opening, with its wall and that wall's plan.
    pub fn opening(&self, id: OpeningId) -> Option<(&Wall, &WallPlan, &OpeningPlan)> {
        self.walls().find_map(|(wall, plan)| {
            let opening = plan.openings.iter().find(|opening| opening.id == id)?;
            Some((wall, plan, opening))
        })
    }

    /// How much of it is settled.
    pub fn settled(&self) -> Settled {
        self.walls().map(|(_, plan)| plan.settled()).fold(Settled::default(), |sum, wall| Settled {
            openings: sum.openings + wall.openings,
            unresolved: sum.unresolved + wall.unresolved,
        })
    }

    /// About how much memory it takes, the job with it, bytes.
    pub fn bytes(&self) -> usize {
        let Job { stock, code_table, walls, .. } = &self.job;
        let rows = code_table.as_ref().map_or(0, |table| table.rows.capacity() * size_of::<JurisdictionRow>());
        let of_wall = |wall: &Wall| {
            size_of::<Wall>()
                + wall.openings.capacity() * size_of::<Opening>()
                + wall.point_loads.capacity() * size_of::<PointLoad>()
        };
        let job = size_of::<Job>() + stock.capacity() * size_of::<StockItem>() + rows;
        job + walls.iter().map(of_wall).sum::<usize>() + self.walls.iter().map(|plan| plan.bytes()).sum::<usize>()
    }
}

/// A job being planned, wall by wall: whoever plans a large one can stop between two walls when nobody waits for it any more.
#[derive(Debug)]
pub struct Planning<'a> {
    before: Option<&'a JobPlan>,
    job: Job,
    house: Option<InHouse>,
    /// The walls' places in the list, in the order in which they are planned.
    order: Vec<usize>,
    /// Those that are planned, in that order.
    planned: Vec<Arc<WallPlan>>,
}

impl<'a> Planning<'a> {
    /// Of a job that nothing is known of.
    pub fn anew(job: Job) -> Self {
        Self::begun(None, job)
    }

    /// Of a job that was another one before an edit.
    pub fn after(before: &'a JobPlan, job: Job) -> Self {
        // The rules hold for every wall.
        let before = (before.job.rules() == job.rules()).then_some(before);
        Self::begun(before, job)
    }

    fn begun(before: Option<&'a JobPlan>, job: Job) -> Self {
        let house = InHouse::of(&job);
        let walls = job.walls.len();
        let order = house.as_ref().map_or_else(|| (0..walls).collect(), |house| house.order(walls));
        Self { before, job, house, order, planned: Vec::with_capacity(walls) }
    }

    /// Plans the next wall, from the top storey down; false where all are planned.
    pub fn next_wall(&mut self) -> bool {
        let Some(place) = self.order.get(self.planned.len()).copied() else { return false };
        let wall = &self.job.walls[place];
        let in_house = self.house.as_mut().and_then(|house| house.landed_on(&self.job, place));
        let landed = in_house.unwrap_or_else(|| Landed::as_said(&self.job.rules(), wall));
        let kept = self.before.and_then(|before| before.kept(place, wall));
        let kept = kept.filter(|plan| plan.ground.landed == landed);
        let plan = kept.unwrap_or_else(|| planned(&self.job, wall, &landed));
        if let Some(house) = &mut self.house {
            house.planned(&self.job, place, &plan);
        }
        self.planned.push(plan);
        true
    }

    /// Plans the walls that are left.
    pub fn finish(mut self) -> JobPlan {
        while self.next_wall() {}
        let mut in_order: Vec<(usize, Arc<WallPlan>)> = self.order.into_iter().zip(self.planned).collect();
        in_order.sort_by_key(|(place, _)| *place);
        let walls = in_order.into_iter().map(|(_, plan)| plan);
        let before = self.before.and_then(JobPlan::house).map(|house| &house.members);
        let house = self.house.map(|house| house.finish(&self.job, before));
        let walls = match &house {
            Some(house) => told_on_walls(&self.job, house, walls.collect()),
            None => walls.map(untold).collect(),
        };
        JobPlan { job: self.job, walls, house }
    }
}

impl WallPlan {
    /// How much of the wall is settled.
    pub fn settled(&self) -> Settled {
        let unresolved = self.openings.iter().filter(|opening| self.is_unresolved(opening)).count();
        Settled { openings: self.openings.len(), unresolved }
    }
}

fn planned(job: &Job, wall: &Wall, landed: &Landed) -> Arc<WallPlan> {
    Arc::new(plan_wall(&job.rules(), wall, landed).without_candidates())
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::{Command, OpeningDesign, OpeningKind, Size, command};
    use crate::measure::Length;
    use crate::sizing::schools::JurisdictionTable;

    fn job() -> Job {
        let mut job = Job::empty("two walls", vec![]);
        for id in 1..3 {
            let mut wall = Wall::new(WallId(id), "wall");
            let size = Size { width: Length::inches(36), height: Length::inches(48) };
            let design = OpeningDesign {
                center: Length::feet(6),
                sill: Length::inches(34),
                ..OpeningDesign::usual(OpeningKind::Window, size)
            };
            wall.openings.push(crate::job::Opening::new(OpeningId(10 + id), design));
            wall.give_letters();
            job.walls.push(wall);
        }
        job
    }

    #[test]
    fn what_did_not_change_keeps_its_plan_and_all_is_as_planned_anew() {
        let before = JobPlan::of(job());
        let rename = |id: u128| {
            let frame = crate::job::WallFrame::usual("other");
            command::apply(before.job(), &Command::ChangeWall { wall: WallId(id), frame }).expect("applied").job
        };
        let after = before.again(rename(2));
        assert!(Arc::ptr_eq(&before.walls[0], &after.walls[0]) && !Arc::ptr_eq(&before.walls[1], &after.walls[1]));
        assert_eq!(after, JobPlan::of(rename(2)));
        let moved = command::apply(before.job(), &Command::MoveWall { wall: WallId(1), to: 1 }).expect("moved").job;
        let after = before.again(moved.clone());
        assert!(Arc::ptr_eq(&before.walls[0], &after.walls[1]) && Arc::ptr_eq(&before.walls[1], &after.walls[0]));
        let mut settings = moved.settings.clone();
        settings.creep = 2.0;
        let change = Command::ChangeSettings { settings: Box::new(settings) };
        let ruled = after.again(command::apply(&moved, &change).expect("changed").job);
        assert!(!Arc::ptr_eq(&after.walls[0], &ruled.walls[0]), "the rules hold for every wall");
    }

    #[test]
    fn a_job_without_walls_takes_memory_as_well() {
        let row = JurisdictionRow {
            block: crate::sizing::schools::code_basis::TableBlock::RoofCeiling,
            plies: 2,
            depth: crate::lumber::Depth::Ten,
            snow: None,
            width: Length::feet(24),
            span: Length::feet(7),
            jacks: 1,
        };
        let mut job = Job::empty("a table", vec![]);
        job.code_table = Some(JurisdictionTable { name: "county".into(), rows: vec![row; 1_000] });
        assert!(1_000 * size_of::<JurisdictionRow>() < JobPlan::of(job).bytes());
        assert!(0 < JobPlan::of(Job::empty("nothing", vec![])).bytes());
    }

    #[test]
    fn openings_are_found_and_counted() {
        let plan = JobPlan::of(job());
        let (wall, _, opening) = plan.opening(OpeningId(12)).expect("it is there");
        assert_eq!((wall.id, opening.id), (WallId(2), OpeningId(12)));
        assert!(plan.opening(OpeningId(1)).is_none() && plan.wall(WallId(9)).is_none());
        // Nothing is said yet about their loads.
        assert_eq!(plan.settled(), Settled { openings: 2, unresolved: 2 });
    }
}
