//! The database that is used now: another one once its standby was promoted.

use std::sync::{Arc, Mutex, PoisonError, RwLock, Weak};

use sea_orm::DatabaseConnection;
use tokio::sync::watch;

use crate::standby::Commits;

/// How the database stands with its standby.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Standing {
    /// What an edit waits for before it is acknowledged.
    pub commits: Commits,
    /// How often the standby was dropped.
    pub dropped: u64,
    /// How often the other database was moved to.
    pub moved: u64,
}

/// The database that is used now.
#[derive(Clone, Debug)]
pub struct Current(Arc<Shared>);

#[derive(Debug)]
struct Shared {
    db: RwLock<DatabaseConnection>,
    /// How often another one was taken.
    replaced: watch::Sender<u64>,
    standing: Mutex<Option<Standing>>,
}

/// The same, for somebody who goes when nobody else uses it.
#[derive(Clone, Debug)]
pub struct WeakCurrent(Weak<Shared>);

impl Current {
    /// This one, for now.
    pub fn new(db: DatabaseConnection) -> Self {
        Self(Arc::new(Shared { db: RwLock::new(db), replaced: watch::channel(0).0, standing: Mutex::new(None) }))
    }

    /// The one that is used now.
    pub fn get(&self) -> DatabaseConnection {
        self.0.db.read().unwrap_or_else(PoisonError::into_inner).clone()
    }

    /// Uses another one from here on.
    ///
    /// # Returns
    /// The one that was used.
    pub fn replace(&self, db: DatabaseConnection) -> DatabaseConnection {
        let before = std::mem::replace(&mut *self.0.db.write().unwrap_or_else(PoisonError::into_inner), db);
        self.0.replaced.send_modify(|times| *times += 1);
        before
    }

    /// Ends when another one is used than now.
    pub async fn replaced(&self) {
        let mut replaced = self.0.replaced.subscribe();
        // Its sender is held here: it does not go away.
        let _ = replaced.changed().await;
    }

    /// How it stands with its standby; `None` where there is none.
    pub fn standing(&self) -> Option<Standing> {
        *self.0.standing.lock().unwrap_or_else(PoisonError::into_inner)
    }

    /// Says how it stands with its standby.
    pub fn set_standing(&self, standing: Standing) {
        *self.0.standing.lock().unwrap_or_else(PoisonError::into_inner) = Some(standing);
    }

    /// For somebody who goes when nobody else uses it.
    pub fn weak(&self) -> WeakCurrent {
        WeakCurrent(Arc::downgrade(&self.0))
    }
}

impl WeakCurrent {
    /// The one that is used now, if anybody uses it.
    pub fn upgrade(&self) -> Option<Current> {
        self.0.upgrade().map(Current)
    }
}
