//! What handlers share, and how much they read.

use sturvek_store::Jobs;

use crate::plans::Plans;

/// The largest request that is read, bytes.
pub const LARGEST_REQUEST: usize = 1024 * 1024;

/// What handlers share.
#[derive(Clone, Debug)]
pub struct AppState {
    /// The jobs.
    pub jobs: Jobs,
    /// Their plans, while they are asked for.
    pub plans: Plans,
}
