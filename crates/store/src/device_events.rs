//! Events of devices: each has a number that its device counts, so that sent twice it is kept once. They are no edits and touch no version of a job:
//! nobody at a desk is refused because somebody works on the site.

use sea_orm::sea_query::OnConflict;
use sea_orm::{ActiveModelTrait, ColumnTrait, EntityTrait, PaginatorTrait, QueryFilter};
use uuid::Uuid;

use crate::entity::job;
use crate::error::StoreError;
use crate::jobs::Jobs;

/// How events of one kind are kept.
pub(crate) struct Kept<C> {
    /// The columns of the job, of the device, and of its number.
    pub names: [C; 3],
    /// The most that are kept of one job.
    pub most: u32,
    /// What is said where that is passed.
    pub too_many: StoreError,
}

impl Jobs {
    /// Keeps events of a job, each once.
    pub(crate) async fn keep_each_once<A>(
        &self,
        of: Uuid,
        kept: Kept<<A::Entity as EntityTrait>::Column>,
        rows: Vec<A>,
    ) -> Result<(), StoreError>
    where
        A: ActiveModelTrait + Send,
        <A::Entity as EntityTrait>::Model: Sync,
    {
        let db = self.database();
        let Kept { names, most, too_many } = kept;
        if job::Entity::find_by_id(of).count(&db).await? == 0 {
            return Err(StoreError::NoSuchJob(of));
        }
        let before = A::Entity::find().filter(names[0].eq(of)).count(&db).await?;
        if u64::from(most) < before + rows.len() as u64 {
            return Err(too_many);
        }
        if !rows.is_empty() {
            let once = OnConflict::columns(names).do_nothing().to_owned();
            A::Entity::insert_many(rows).on_conflict(once).exec_without_returning(&db).await?;
        }
        Ok(())
    }
}
