//! Plans of jobs, kept while they are asked for. A plan follows from a job's version alone, so keeping it is no state: any server works the
//! same one out.

use std::collections::HashMap;
use std::sync::{Arc, Mutex, MutexGuard, PoisonError};

use bytes::Bytes;
use sturvek_core::plan::{JobPlan, Planning};
use sturvek_store::{Jobs, Known, StoreError, StoredJob, Version};
use uuid::Uuid;

use crate::workers::{GivenUp, Wanted};

/// How much memory all plans may take, bytes.
const MOST_BYTES: usize = 96 * 1024 * 1024;

/// How many walls of a job have their answers kept.
const MOST_WRITTEN: usize = 8;

/// A job's plan at a version.
#[derive(Debug)]
pub struct Planned {
    /// The job's version.
    pub version: Version,
    /// The job and its walls, planned.
    pub plan: JobPlan,
    /// Answers about walls as they are sent, the one written last at the end: they follow from the plan, and everybody who looks at a job asks
    /// for the same ones.
    written: Mutex<Vec<(Uuid, Bytes)>>,
}

impl Planned {
    /// A plan of a version.
    pub const fn new(version: Version, plan: JobPlan) -> Self {
        Self { version, plan, written: Mutex::new(Vec::new()) }
    }

    /// The answer about a wall as it is sent, compressed, where it is kept.
    pub fn written(&self, wall: Uuid) -> Option<Bytes> {
        let written = self.written.lock().unwrap_or_else(PoisonError::into_inner);
        written.iter().find(|(of, _)| *of == wall).map(|(_, bytes)| bytes.clone())
    }

    /// Keeps the answer about a wall.
    pub fn keep_written(&self, wall: Uuid, bytes: Bytes) {
        let mut written = self.written.lock().unwrap_or_else(PoisonError::into_inner);
        written.retain(|(of, _)| *of != wall);
        if MOST_WRITTEN <= written.len() {
            written.remove(0);
        }
        written.push((wall, bytes));
    }

    /// The job as it was then.
    pub const fn known(&self) -> Known<'_> {
        Known { version: self.version, job: self.plan.job() }
    }
}

/// A job whose plan is wanted.
#[derive(Debug)]
pub enum ToPlan {
    /// Its plan is kept.
    Kept(Arc<Planned>),
    /// It was read.
    Read(Box<StoredJob>),
}

impl ToPlan {
    /// Its plan.
    ///
    /// # Errors
    /// [`GivenUp`] if nobody waits for it any more.
    pub fn planned(&self, plans: &Plans, wanted: &Wanted) -> Result<Arc<Planned>, GivenUp> {
        match self {
            Self::Kept(planned) => Ok(planned.clone()),
            Self::Read(stored) => plans.of(stored, wanted),
        }
    }
}

/// The plans that are kept.
#[derive(Clone, Debug, Default)]
pub struct Plans {
    kept: Arc<Mutex<Kept>>,
}

#[derive(Debug, Default)]
struct Kept {
    plans: HashMap<Uuid, Entry>,
    bytes: usize,
    /// Counts what is asked for, so that the longest unasked goes first.
    asked: u64,
}

#[derive(Debug)]
struct Entry {
    planned: Arc<Planned>,
    bytes: usize,
    asked: u64,
}

impl Plans {
    /// A job as it is now, to be planned by a worker. Of a job whose plan is kept only the version is read.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`], or whatever the database says.
    pub async fn now(&self, jobs: &Jobs, id: Uuid) -> Result<ToPlan, StoreError> {
        let version = jobs.version(id).await?;
        match self.at(id, version) {
            Some(planned) => Ok(ToPlan::Kept(planned)),
            None => Ok(ToPlan::Read(Box::new(jobs.get(id).await?))),
        }
    }

    /// The plan of a job that was read: the kept one, or worked out from the kept one of another version, or anew.
    ///
    /// # Errors
    /// [`GivenUp`] if nobody waits for it any more.
    pub fn of(&self, stored: &StoredJob, wanted: &Wanted) -> Result<Arc<Planned>, GivenUp> {
        let before = self.latest(stored.id);
        if let Some(planned) = before.as_ref().filter(|planned| planned.version == stored.made()) {
            return Ok(planned.clone());
        }
        let mut planning = match &before {
            Some(before) => Planning::after(&before.plan, stored.job.clone()),
            None => Planning::anew(stored.job.clone()),
        };
        while planning.next_wall() {
            wanted.still()?;
        }
        let planned = Arc::new(Planned::new(stored.made(), planning.finish()));
        self.keep(stored.id, planned.clone());
        Ok(planned)
    }

    /// The kept plan of a version.
    pub fn at(&self, id: Uuid, version: Version) -> Option<Arc<Planned>> {
        self.latest(id).filter(|planned| planned.version == version)
    }

    /// The newest plan that is kept of a job, whatever the job is now.
    pub fn latest(&self, id: Uuid) -> Option<Arc<Planned>> {
        let mut kept = self.lock();
        kept.asked += 1;
        let asked = kept.asked;
        let entry = kept.plans.get_mut(&id)?;
        entry.asked = asked;
        Some(entry.planned.clone())
    }

    fn keep(&self, id: Uuid, planned: Arc<Planned>) {
        let bytes = planned.plan.bytes();
        let mut kept = self.lock();
        // Somebody else may have worked out a newer one meanwhile.
        if kept.plans.get(&id).is_some_and(|entry| planned.version.made_at < entry.planned.version.made_at) {
            return;
        }
        kept.asked += 1;
        let entry = Entry { planned, bytes, asked: kept.asked };
        let before = kept.plans.insert(id, entry).map_or(0, |entry| entry.bytes);
        kept.bytes = kept.bytes + bytes - before;
        while MOST_BYTES < kept.bytes {
            let Some(oldest) = kept.plans.iter().min_by_key(|(_, entry)| entry.asked).map(|(id, _)| *id) else { break };
            let gone = kept.plans.remove(&oldest).map_or(0, |entry| entry.bytes);
            kept.bytes -= gone;
        }
    }

    /// A panic while it was held leaves at worst a plan less.
    fn lock(&self) -> MutexGuard<'_, Kept> {
        self.kept.lock().unwrap_or_else(PoisonError::into_inner)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use chrono::{DateTime, TimeDelta};
    use sturvek_core::job::{Job, Wall, WallId};

    fn stored(id: u128, version: i64, walls: u128) -> StoredJob {
        let mut job = Job::empty("job", vec![]);
        job.walls.extend((0..walls).map(|wall| Wall::new(WallId(wall), "wall")));
        let updated_at = DateTime::UNIX_EPOCH + TimeDelta::seconds(version);
        StoredJob {
            id: Uuid::from_u128(id),
            version,
            job,
            updated_at,
            can_undo: None,
            can_redo: None,
            made_of: None,
            log_bytes: 0,
        }
    }

    fn of(plans: &Plans, stored: &StoredJob) -> Arc<Planned> {
        plans.of(stored, &Wanted::always()).expect("wanted")
    }

    #[test]
    fn a_version_is_planned_once_and_an_older_one_does_not_come_back() {
        let plans = Plans::default();
        let first = of(&plans, &stored(1, 4, 2));
        assert!(Arc::ptr_eq(&first, &of(&plans, &stored(1, 4, 2))));
        let second = of(&plans, &stored(1, 5, 3));
        assert_eq!(second.plan.walls().count(), 3);
        assert!(plans.at(Uuid::from_u128(1), first.version).is_none());
        // A request that was slow brings the older version: answered, but not kept.
        assert_eq!(of(&plans, &stored(1, 4, 2)).version, first.version);
        assert!(Arc::ptr_eq(&second, &of(&plans, &stored(1, 5, 3))));
    }

    #[test]
    fn a_number_alone_does_not_tell_a_version() {
        let plans = Plans::default();
        of(&plans, &stored(1, 4, 2));
        let put_back = StoredJob { updated_at: DateTime::UNIX_EPOCH + TimeDelta::days(1), ..stored(1, 4, 5) };
        assert_eq!(of(&plans, &put_back).plan.walls().count(), 5);
    }

    #[test]
    fn what_is_longest_unasked_makes_room() {
        let plans = Plans::default();
        let large = |id: u128| of(&plans, &stored(id, 0, 200));
        let first = large(0);
        let each = first.plan.bytes();
        let fit = MOST_BYTES / each;
        let jobs = fit as u128 + 3;
        for id in 1..jobs {
            large(id);
            plans.at(Uuid::from_u128(0), first.version).expect("asked for again and again");
        }
        assert!(plans.latest(Uuid::from_u128(1)).is_none(), "the longest unasked");
        let kept = plans.lock();
        assert!(kept.bytes <= MOST_BYTES);
        assert_eq!(kept.bytes, kept.plans.values().map(|entry| entry.bytes).sum::<usize>());
    }
}
