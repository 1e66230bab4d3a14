//! A job's history.

use sea_orm::{ColumnTrait, EntityTrait, QueryFilter, QueryOrder, QuerySelect};
use uuid::Uuid;

use crate::entity::{job as job_table, log_entry};
use crate::error::StoreError;
use crate::jobs::Jobs;
use crate::log::{of_job, told};
use crate::told::LogEntry;

impl Jobs {
    /// A job's history, newest first.
    ///
    /// # Errors
    /// [`StoreError::NoSuchJob`] of a job that is not there, or whatever the database says.
    pub async fn history(&self, id: Uuid, most: u64) -> Result<Vec<LogEntry>, StoreError> {
        let there = job_table::Entity::find_by_id(id).filter(job_table::Column::DeletedAt.is_null());
        there
            .select_only()
            .column(job_table::Column::Id)
            .into_tuple::<Uuid>()
            .one(&self.database())
            .await?
            .ok_or(StoreError::NoSuchJob(id))?;
        let entries = of_job(id).order_by_desc(log_entry::Column::Version).limit(most);
        told(entries, &self.database()).await
    }
}
