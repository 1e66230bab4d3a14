//! Who edits a job next: one edit of a job at a time waits for the database, the others of this server wait here and hold no connection.

use std::collections::HashMap;
use std::sync::{Arc, Mutex, PoisonError, Weak};
use std::time::Duration;

use tokio::sync::{Mutex as AsyncMutex, OwnedMutexGuard};
use uuid::Uuid;

use crate::error::StoreError;

/// How long anybody waits for a job that somebody else edits. The database waits as long for a row that somebody else holds.
pub const LONGEST_WAIT: Duration = Duration::from_secs(3);

/// One gate for each job that is being edited.
#[derive(Clone, Debug, Default)]
pub struct Gates(Arc<Mutex<HashMap<Uuid, Weak<AsyncMutex<()>>>>>);

impl Gates {
    /// Waits until nobody else edits the job; says whether somebody did.
    ///
    /// # Errors
    /// [`StoreError::Held`] if that takes too long.
    pub async fn pass(&self, job: Uuid) -> Result<(OwnedMutexGuard<()>, bool), StoreError> {
        let gate = self.of(job);
        if let Ok(passed) = gate.clone().try_lock_owned() {
            return Ok((passed, false));
        }
        let passed = tokio::time::timeout(LONGEST_WAIT, gate.lock_owned()).await.map_err(|_| StoreError::Held)?;
        Ok((passed, true))
    }

    fn of(&self, job: Uuid) -> Arc<AsyncMutex<()>> {
        let mut gates = self.0.lock().unwrap_or_else(PoisonError::into_inner);
        if let Some(gate) = gates.get(&job).and_then(Weak::upgrade) {
            return gate;
        }
        // Gates that nobody waits at go when there are many of them.
        if MANY <= gates.len() {
            gates.retain(|_, gate| gate.strong_count() != 0);
        }
        let gate = Arc::new(AsyncMutex::new(()));
        gates.insert(job, Arc::downgrade(&gate));
        gate
    }
}

const MANY: usize = 256;

#[cfg(test)]
mod tests {
    use super::*;

    #[tokio::test(start_paused = true)]
    async fn one_passes_at_a_time_and_nobody_waits_for_ever() {
        let gates = Gates::default();
        let first = gates.pass(Uuid::from_u128(1)).await.expect("nobody is there");
        gates.pass(Uuid::from_u128(2)).await.expect("another job");
        assert!(matches!(gates.pass(Uuid::from_u128(1)).await, Err(StoreError::Held)));
        drop(first);
        gates.pass(Uuid::from_u128(1)).await.expect("free again");
        for job in 0..3 * MANY as u128 {
            gates.pass(Uuid::from_u128(job)).await.expect("nobody is there");
        }
        assert!(gates.0.lock().expect("not poisoned").len() <= MANY);
    }
}
