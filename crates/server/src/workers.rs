//! Who computes: a bounded number of threads beside those of the network, so that a heavy job delays nobody else's answer.
//!
//! A request takes a place in a queue of bounded length, waits there for a turn, computes on a thread of its own, and writes
//! its answer there as well. Whoever goes away, or waits longer than a request may take, is not computed for any further:
//! long work asks between its parts whether it is still [`Wanted`].

use std::sync::Arc;
use std::sync::atomic::{AtomicBool, AtomicUsize, Ordering};
use std::time::{Duration, Instant};

use metrics::{counter, histogram};
use serde::Serialize;
use tokio::sync::{OwnedSemaphorePermit, Semaphore};

use crate::extract::Written;
use crate::metrics_names::{GIVEN_UP, TURNED_AWAY, WORK_SECONDS};
use crate::problem::Problem;

/// How many requests may wait for a turn or have one.
const MOST_AT_ONCE: usize = 256;
/// How long a request may wait and compute in all.
const BUDGET: Duration = Duration::from_secs(10);

/// The threads that compute, and the queue before them.
#[derive(Clone, Debug)]
pub struct Workers {
    places: Arc<Semaphore>,
    turns: Arc<Semaphore>,
    waiting: Arc<AtomicUsize>,
}

/// A place in the queue.
#[derive(Debug)]
pub struct Place {
    workers: Workers,
    _place: OwnedSemaphorePermit,
    until: Instant,
}

/// Whether what is computed is still wanted.
#[derive(Debug)]
pub struct Wanted {
    gone: Arc<AtomicBool>,
    until: Option<Instant>,
}

/// Nobody waits for it any more.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct GivenUp;

impl Wanted {
    /// By somebody who waits as long as it takes.
    #[cfg(test)]
    pub fn always() -> Self {
        Self { gone: Arc::default(), until: None }
    }

    /// Goes on only while somebody waits.
    ///
    /// # Errors
    /// [`GivenUp`] once whoever asked is gone, or has waited as long as a request may take.
    pub fn still(&self) -> Result<(), GivenUp> {
        let late = self.until.is_some_and(|until| until < Instant::now());
        if late || self.gone.load(Ordering::Relaxed) {
            counter!(GIVEN_UP).increment(1);
            return Err(GivenUp);
        }
        Ok(())
    }
}

impl From<GivenUp> for Problem {
    fn from(_: GivenUp) -> Self {
        Self::took_too_long()
    }
}

/// Says that whoever asked is gone, when it is dropped.
struct Asker(Arc<AtomicBool>);

impl Drop for Asker {
    fn drop(&mut self) {
        self.0.store(true, Ordering::Relaxed);
    }
}

impl Workers {
    /// So many threads at once.
    pub fn new(threads: usize) -> Self {
        Self {
            places: Arc::new(Semaphore::new(MOST_AT_ONCE)),
            turns: Arc::new(Semaphore::new(threads)),
            waiting: Arc::default(),
        }
    }

    /// Two threads for each core: where every core is at a heavy job, a light one still has its turn and its share of time.
    pub fn two_a_core() -> Self {
        Self::new(2 * std::thread::available_parallelism().map_or(1, usize::from))
    }

    /// How many wait for a turn.
    pub fn waiting(&self) -> usize {
        self.waiting.load(Ordering::Relaxed)
    }

    /// A place in the queue, held until the work on it is done.
    ///
    /// # Errors
    /// 503 where the queue is full.
    pub fn place(&self) -> Result<Place, Problem> {
        let place = self.places.clone().try_acquire_owned().map_err(|_| {
            counter!(TURNED_AWAY).increment(1);
            Problem::busy()
        })?;
        Ok(Place { workers: self.clone(), _place: place, until: Instant::now() + BUDGET })
    }

    /// Whether anything can be asked for now. An edit asks this before it is kept, and takes its place after that: while it waits for a job
    /// that somebody else holds it takes none from others.
    ///
    /// # Errors
    /// 503 where the queue is full.
    pub fn is_open(&self) -> Result<(), Problem> {
        self.place().map(drop)
    }

    /// A place for what is kept already: waited for.
    ///
    /// # Errors
    /// Never, while the server lives.
    pub async fn place_for_what_is_kept(&self) -> Result<Place, Problem> {
        let place = self.places.clone().acquire_owned().await.map_err(|error| Problem::internal(&error))?;
        Ok(Place { workers: self.clone(), _place: place, until: Instant::now() + BUDGET })
    }

    /// Computes an answer and writes it.
    ///
    /// # Errors
    /// 503 where the queue is full or the budget is used up; whatever the work says.
    pub async fn answer<T: Serialize + Send + 'static>(
        &self,
        work: impl FnOnce(&Wanted) -> Result<T, Problem> + Send + 'static,
    ) -> Result<Written<T>, Problem> {
        self.place()?.answer(work).await
    }

    /// Runs work at once, beside the queue: for what is short and comes after a turn, such as compressing.
    pub async fn after<T: Send + 'static>(&self, work: impl FnOnce() -> T + Send + 'static) -> Result<T, Problem> {
        tokio::task::spawn_blocking(work).await.map_err(|error| Problem::internal(&error))
    }
}

impl Place {
    /// Computes when its turn comes, and gives up when nobody waits or the budget is used up.
    ///
    /// # Errors
    /// 503 where the budget is used up; whatever the work says.
    pub async fn compute<T: Send + 'static>(
        self,
        work: impl FnOnce(&Wanted) -> Result<T, Problem> + Send + 'static,
    ) -> Result<T, Problem> {
        let until = Some(self.until);
        self.run(until, work).await
    }

    /// Computes and writes an answer.
    ///
    /// # Errors
    /// 503 where the budget is used up; whatever the work says.
    pub async fn answer<T: Serialize + Send + 'static>(
        self,
        work: impl FnOnce(&Wanted) -> Result<T, Problem> + Send + 'static,
    ) -> Result<Written<T>, Problem> {
        self.compute(move |wanted| Written::of(&work(wanted)?)).await
    }

    /// Computes and writes the answer to an edit that is kept already: for as long as whoever asked waits.
    ///
    /// # Errors
    /// Whatever the work says.
    pub async fn answer_at_length<T: Serialize + Send + 'static>(
        self,
        work: impl FnOnce(&Wanted) -> Result<T, Problem> + Send + 'static,
    ) -> Result<Written<T>, Problem> {
        self.run(None, move |wanted| Written::of(&work(wanted)?)).await
    }

    async fn run<T: Send + 'static>(
        self,
        until: Option<Instant>,
        work: impl FnOnce(&Wanted) -> Result<T, Problem> + Send + 'static,
    ) -> Result<T, Problem> {
        let asker = Asker(Arc::default());
        let wanted = Wanted { gone: asker.0.clone(), until };
        let Workers { turns, waiting, .. } = self.workers.clone();
        let turn = {
            let _one_more = Counted::one_more(&waiting);
            turns.acquire_owned().await.map_err(|error| Problem::internal(&error))?
        };
        wanted.still()?;
        // The turn and the place go with the work: they are free when it ends, not when nobody waits for it any more.
        let held = (turn, self);
        let done = tokio::task::spawn_blocking(move || {
            let (_held, begun) = (held, Instant::now());
            let done = work(&wanted);
            histogram!(WORK_SECONDS).record(begun.elapsed().as_secs_f64());
            done
        });
        done.await.map_err(|error| Problem::internal(&error))?
    }
}

/// Counts one more for as long as it lives.
struct Counted<'a>(&'a AtomicUsize);

impl<'a> Counted<'a> {
    fn one_more(count: &'a AtomicUsize) -> Self {
        count.fetch_add(1, Ordering::Relaxed);
        Self(count)
    }
}

impl Drop for Counted<'_> {
    fn drop(&mut self) {
        self.0.fetch_sub(1, Ordering::Relaxed);
    }
}

#[cfg(test)]
mod tests {
    use std::sync::mpsc;

    use super::*;

    #[tokio::test]
    async fn whoever_goes_away_is_not_computed_for() {
        let workers = Workers::new(1);
        let (started, has_started) = mpsc::channel();
        let (ended, has_ended) = mpsc::channel();
        let work = move |wanted: &Wanted| {
            started.send(()).expect("somebody listens");
            while wanted.still().is_ok() {
                std::thread::sleep(Duration::from_millis(1));
            }
            ended.send(()).expect("somebody listens");
            Ok(())
        };
        let asked = tokio::spawn(workers.place().expect("a place").compute(work));
        tokio::task::spawn_blocking(move || has_started.recv()).await.expect("joined").expect("it started");
        asked.abort();
        let ended = tokio::task::spawn_blocking(move || has_ended.recv_timeout(Duration::from_secs(5)));
        ended.await.expect("joined").expect("it was given up");
        // Its turn is free again.
        assert_eq!(workers.place().expect("a place").compute(|_| Ok(7)).await.expect("computed"), 7);
    }

    #[tokio::test]
    async fn a_full_queue_says_so_and_a_late_turn_is_not_taken() {
        let workers = Workers::new(1);
        let places: Vec<Place> = (0..MOST_AT_ONCE).map(|_| workers.place().expect("a place")).collect();
        assert_eq!(workers.place().expect_err("full").status, 503);
        drop(places);
        let late = Place { until: Instant::now() - Duration::from_millis(1), ..workers.place().expect("free again") };
        assert_eq!(late.compute(|_| Ok(())).await.expect_err("too late").status, 503);
        assert_eq!(workers.waiting(), 0);
    }
}
