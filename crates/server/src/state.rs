//! What handlers share.

use std::sync::Arc;

use sturvek_store::Jobs;

use crate::changes::Changes;
use crate::on_site::OnSite;
use crate::places::Places;
use crate::plans::Plans;
use crate::workers::Workers;
use crate::yard::Yard;

/// What handlers share.
#[derive(Clone, Debug)]
pub struct AppState {
    /// The jobs.
    pub jobs: Jobs,
    /// Their plans, while they are asked for.
    pub plans: Plans,
    /// Who works them out.
    pub workers: Workers,
    /// What is told of their changes.
    pub changes: Changes,
    /// Where the figures of a place are asked, if anywhere.
    pub places: Option<Places>,
    /// Where lumber is bought, if anywhere.
    pub yard: Option<Yard>,
    /// This machine as its owner's devices reach it, where they do.
    pub site: Option<Arc<OnSite>>,
}
