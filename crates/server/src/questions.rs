//! Questions about a job as it is now: planned and answered by a worker.

use serde::Serialize;
use uuid::Uuid;

use crate::extract::Written;
use crate::plans::Planned;
use crate::problem::Problem;
use crate::state::AppState;
use crate::workers::Wanted;

impl AppState {
    /// Answers a question about a job as it is now.
    ///
    /// # Errors
    /// 404 if there is no such job; 503 where too much is asked at once; whatever the work says.
    pub async fn about<T: Serialize + Send + 'static>(
        &self,
        job: Uuid,
        work: impl FnOnce(&Planned, &Wanted) -> Result<T, Problem> + Send + 'static,
    ) -> Result<Written<T>, Problem> {
        let place = self.workers.place()?;
        let (asked, plans) = (self.plans.now(&self.jobs, job).await?, self.plans.clone());
        place.answer(move |wanted| work(&*asked.planned(&plans, wanted)?, wanted)).await
    }
}
