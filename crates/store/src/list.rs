//! The list of jobs, without what is in them.

use std::collections::HashMap;

use chrono::{DateTime, Utc};
use sea_orm::{ColumnTrait, EntityTrait, FromQueryResult, QueryFilter, QueryOrder, QuerySelect, Set};
use sturvek_core::plan::{COMPUTATION, Settled};
use uuid::Uuid;

use crate::entity::{job, wall};
use crate::error::StoreError;
use crate::jobs::Jobs;

/// A job in the list.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct ListedJob {
    /// Its identity.
    pub id: Uuid,
    /// Its name.
    pub name: String,
    /// Its version.
    pub version: i64,
    /// When it was last changed.
    pub updated_at: DateTime<Utc>,
    /// Its walls, by name.
    pub walls: Vec<String>,
    /// How much of it is settled; `None` where it was not counted at this version, or by another form of the computation.
    pub settled: Option<Settled>,
}

#[derive(FromQueryResult)]
struct JobRow {
    id: Uuid,
    name: String,
    version: i64,
    updated_at: DateTime<Utc>,
    counted_version: Option<i64>,
    counted_as: Option<i32>,
    openings: Option<i32>,
    unresolved: Option<i32>,
}

#[derive(FromQueryResult)]
struct WallRow {
    job_id: Uuid,
    name: String,
}

impl JobRow {
    fn settled(&self) -> Option<Settled> {
        let counted = self.counted_version == Some(self.version) && self.counted_as == Some(COMPUTATION);
        let count = |column: Option<i32>| usize::try_from(column?).ok();
        Some(Settled { openings: count(self.openings)?, unresolved: count(self.unresolved)? }).filter(|_| counted)
    }
}

impl Jobs {
    /// Every job that is not deleted, newest change first. Two queries, however many there are.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn list(&self) -> Result<Vec<ListedJob>, StoreError> {
        use job::Column as C;
        let rows = job::Entity::find()
            .select_only()
            .columns([C::Id, C::Name, C::Version, C::UpdatedAt])
            .columns([C::CountedVersion, C::CountedAs, C::Openings, C::Unresolved])
            .filter(C::DeletedAt.is_null())
            .order_by_desc(C::UpdatedAt)
            .into_model::<JobRow>()
            .all(self.database())
            .await?;
        let walls = wall::Entity::find()
            .select_only()
            .columns([wall::Column::JobId, wall::Column::Name])
            .order_by_asc(wall::Column::Position)
            .into_model::<WallRow>()
            .all(self.database())
            .await?;
        let mut names: HashMap<Uuid, Vec<String>> = HashMap::new();
        for wall in walls {
            names.entry(wall.job_id).or_default().push(wall.name);
        }
        let listed = rows.into_iter().map(|row| ListedJob {
            settled: row.settled(),
            walls: names.remove(&row.id).unwrap_or_default(),
            id: row.id,
            name: row.name,
            version: row.version,
            updated_at: row.updated_at,
        });
        Ok(listed.collect())
    }

    /// Keeps how much of a job is settled at a version, unless it has changed since.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn keep_settled(&self, id: Uuid, version: i64, settled: Settled) -> Result<(), StoreError> {
        let count = |count: usize| i32::try_from(count).unwrap_or(i32::MAX);
        let change = job::ActiveModel {
            counted_version: Set(Some(version)),
            counted_as: Set(Some(COMPUTATION)),
            openings: Set(Some(count(settled.openings))),
            unresolved: Set(Some(count(settled.unresolved))),
            ..Default::default()
        };
        let here = job::Entity::update_many().set(change).filter(job::Column::Id.eq(id));
        here.filter(job::Column::Version.eq(version)).exec(self.database()).await?;
        Ok(())
    }
}
