//! What changes in the jobs, as the database tells it to every server: also what another server changed.

use std::time::Duration;

use sea_orm::DbErr;
use sea_orm::sqlx::postgres::{PgListener, PgPoolOptions};
use uuid::Uuid;

use crate::error::StoreError;
use crate::jobs::Jobs;

/// The channel that new versions are told on.
const CHANNEL: &str = "sturvek_job";
/// How long is waited before a database that does not answer is asked again.
const AGAIN_AFTER: Duration = Duration::from_millis(500);

/// What was heard.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Heard {
    /// A job has a new version, or was put away or brought back.
    Changed {
        /// Which.
        job: Uuid,
        /// Its version now.
        version: i64,
    },
    /// It is listened again: what changed meanwhile was not heard.
    Again,
}

impl Jobs {
    /// Listens for changes, for good: over a connection of its own, anew when that breaks or the database is another one.
    pub async fn listen(&self, tell: impl Fn(Heard)) {
        loop {
            tokio::select! {
                () = self.moved() => {}
                ended = self.listen_once(&tell) => {
                    if let Err(error) = ended {
                        tracing::warn!(%error, "changes are not heard; listening again");
                    }
                    tokio::time::sleep(AGAIN_AFTER).await;
                }
            }
        }
    }

    async fn listen_once(&self, tell: &impl Fn(Heard)) -> Result<(), StoreError> {
        let failed = |error: sea_orm::sqlx::Error| StoreError::from(DbErr::Custom(error.to_string()));
        let address = self.database().get_postgres_connection_pool().connect_options();
        let own = PgPoolOptions::new().max_connections(1).connect_with((*address).clone()).await.map_err(failed)?;
        let mut listener = PgListener::connect_with(&own).await.map_err(failed)?;
        listener.listen(CHANNEL).await.map_err(failed)?;
        tell(Heard::Again);
        loop {
            let heard = listener.try_recv().await.map_err(failed)?;
            tell(heard.and_then(|told| read(told.payload())).unwrap_or(Heard::Again));
        }
    }
}

/// `job version`; `None` of anything else.
fn read(told: &str) -> Option<Heard> {
    let (job, version) = told.split_once(' ')?;
    Some(Heard::Changed { job: job.parse().ok()?, version: version.parse().ok()? })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_is_told_is_read() {
        let job = Uuid::from_u128(7);
        assert_eq!(read(&format!("{job} 12")), Some(Heard::Changed { job, version: 12 }));
        assert_eq!((read("12"), read("job 12"), read(&format!("{job} twelve"))), (None, None, None));
    }
}
