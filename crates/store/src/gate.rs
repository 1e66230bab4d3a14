//! Who edits a job next: one edit of a job at a time waits for the database, the others of this server wait here and hold no connection.
//! When it is kept, those that were made on the version before it know at once that they are stale: none of them has to come to its turn for that.

use std::collections::HashMap;
use std::sync::{Arc, Mutex, PoisonError, Weak};
use std::time::Duration;

use tokio::sync::{Mutex as AsyncMutex, OwnedMutexGuard, watch};
use uuid::Uuid;

use crate::error::StoreError;
use crate::told::LogEntry;

/// How long anybody waits for a job that somebody else edits. The database waits as long for a row that somebody else holds.
pub const LONGEST_WAIT: Duration = Duration::from_secs(3);
/// So many gates are kept before those that nobody waits at go.
const MANY: usize = 256;

/// One gate for each job that is being edited.
#[derive(Clone, Debug, Default)]
pub struct Gates(Arc<Mutex<HashMap<Uuid, Weak<Gate>>>>);

/// The gate of a job.
#[derive(Debug)]
struct Gate {
    turn: Arc<AsyncMutex<()>>,
    /// What was kept last by whoever passed.
    kept: watch::Sender<Option<Kept>>,
}

/// An edit that was kept while others waited.
#[derive(Clone, Debug)]
pub struct Kept {
    /// What the log says of it.
    pub entry: LogEntry,
    /// Its key.
    pub key: Option<Uuid>,
}

/// Whoever has passed a job's gate; the next one passes when it is dropped.
#[derive(Debug)]
pub struct Turn {
    gate: Arc<Gate>,
    _turn: OwnedMutexGuard<()>,
}

/// How waiting at a gate ends.
#[derive(Debug)]
pub enum Passed {
    /// It is this one's turn; whether it had to wait.
    Turn(Turn, bool),
    /// Somebody else's edit was kept on the version that this one was made on.
    Overtaken(Kept),
}

impl Turn {
    /// Tells those that wait what was kept.
    pub fn tell(&self, kept: Kept) {
        self.gate.kept.send_replace(Some(kept));
    }
}

impl Gates {
    /// Waits until nobody else edits the job, or until what was made on version `on` is stale.
    ///
    /// # Errors
    /// [`StoreError::Held`] if that takes too long.
    pub async fn pass(&self, job: Uuid, on: Option<i64>) -> Result<Passed, StoreError> {
        let gate = self.of(job);
        if let Ok(turn) = gate.turn.clone().try_lock_owned() {
            return Ok(Passed::Turn(Turn { gate, _turn: turn }, false));
        }
        let mut kept = gate.kept.subscribe();
        let overtaken = async {
            let is_later = |kept: &Option<Kept>| kept.as_ref().is_some_and(|kept| on == Some(kept.entry.version - 1));
            let found = kept.wait_for(is_later).await.ok().and_then(|kept| kept.clone());
            match found {
                Some(kept) => kept,
                // The gate is held here: it does not go away.
                None => std::future::pending().await,
            }
        };
        tokio::select! {
            biased;
            kept = overtaken => Ok(Passed::Overtaken(kept)),
            turn = gate.turn.clone().lock_owned() => Ok(Passed::Turn(Turn { gate: gate.clone(), _turn: turn }, true)),
            () = tokio::time::sleep(LONGEST_WAIT) => Err(StoreError::Held),
        }
    }

    fn of(&self, job: Uuid) -> Arc<Gate> {
        let mut gates = self.0.lock().unwrap_or_else(PoisonError::into_inner);
        if let Some(gate) = gates.get(&job).and_then(Weak::upgrade) {
            return gate;
        }
        if MANY <= gates.len() {
            gates.retain(|_, gate| gate.strong_count() != 0);
        }
        let gate = Arc::new(Gate { turn: Arc::default(), kept: watch::channel(None).0 });
        gates.insert(job, Arc::downgrade(&gate));
        gate
    }
}

#[cfg(test)]
mod tests {
    use chrono::DateTime;
    use sturvek_wire::speech::Phrase;

    use super::*;

    fn job(number: u128) -> Uuid {
        Uuid::from_u128(number)
    }

    async fn turn(gates: &Gates, number: u128) -> Turn {
        match gates.pass(job(number), Some(4)).await {
            Ok(Passed::Turn(turn, _)) => turn,
            other => panic!("{other:?}"),
        }
    }

    #[tokio::test(start_paused = true)]
    async fn one_passes_at_a_time_and_nobody_waits_for_ever() {
        let gates = Gates::default();
        let first = turn(&gates, 1).await;
        turn(&gates, 2).await;
        assert!(matches!(gates.pass(job(1), Some(4)).await, Err(StoreError::Held)));
        drop(first);
        turn(&gates, 1).await;
        for number in 0..3 * MANY as u128 {
            turn(&gates, number).await;
        }
        assert!(gates.0.lock().expect("not poisoned").len() <= MANY);
    }

    #[tokio::test]
    async fn whoever_is_overtaken_leaves_at_once_and_nobody_else_does() {
        let gates = Gates::default();
        let first = turn(&gates, 1).await;
        let wait = |on| {
            let gates = gates.clone();
            tokio::spawn(async move { gates.pass(job(1), on).await })
        };
        let (stale, next, put_away) = (wait(Some(4)), wait(Some(5)), wait(None));
        tokio::task::yield_now().await;
        let summary: Phrase = serde_json::from_value(serde_json::json!({ "id": "did-add" })).expect("a phrase");
        let entry = LogEntry {
            version: 5,
            action: "do".into(),
            summary,
            author: "Ada".into(),
            written_at: DateTime::UNIX_EPOCH,
        };
        first.tell(Kept { entry, key: None });
        let Ok(Passed::Overtaken(kept)) = stale.await.expect("joined") else { panic!("it is stale") };
        assert_eq!(kept.entry.version, 5);
        drop(first);
        let Ok(Passed::Turn(turn, true)) = next.await.expect("joined") else { panic!("its turn") };
        drop(turn);
        assert!(matches!(put_away.await.expect("joined"), Ok(Passed::Turn(_, true))));
    }
}
