//! What handlers share.

use sturvek_store::Jobs;

use crate::plans::Plans;
use crate::workers::Workers;

/// What handlers share.
#[derive(Clone, Debug)]
pub struct AppState {
    /// The jobs.
    pub jobs: Jobs,
    /// Their plans, while they are asked for.
    pub plans: Plans,
    /// Who works them out.
    pub workers: Workers,
}
