//! Changes of the jobs, told to every window that listens.

use std::sync::Arc;

use sturvek_store::Jobs;
use sturvek_store::changes::Heard;
use tokio::sync::broadcast;
use tokio_util::sync::CancellationToken;

/// How many changes a window may be behind before it reads everything again.
const KEPT: usize = 256;

/// What is told, and until when.
#[derive(Clone, Debug)]
pub struct Changes(Arc<Shared>);

#[derive(Debug)]
struct Shared {
    told: broadcast::Sender<Heard>,
    closing: CancellationToken,
}

impl Default for Changes {
    fn default() -> Self {
        Self(Arc::new(Shared { told: broadcast::channel(KEPT).0, closing: CancellationToken::new() }))
    }
}

impl Changes {
    /// Hears what the database tells, for good.
    pub async fn hear(self, jobs: Jobs) {
        // Nobody may listen yet.
        jobs.listen(|heard| drop(self.0.told.send(heard))).await;
    }

    /// What is told from here on.
    pub fn told(&self) -> broadcast::Receiver<Heard> {
        self.0.told.subscribe()
    }

    /// Ends every stream: the server stops.
    pub fn close(&self) {
        self.0.closing.cancel();
    }

    /// Ends when the server stops.
    pub async fn closed(self) {
        self.0.closing.cancelled().await;
    }
}
