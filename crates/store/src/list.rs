//! The list of jobs, without what is in them.

use std::collections::HashMap;

use chrono::{DateTime, Utc};
use sea_orm::sea_query::extension::postgres::PgExpr;
use sea_orm::sea_query::{Expr, ExprTrait};
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
    /// Where it is built; empty where nobody said it.
    pub address: String,
    /// Its permit; likewise.
    pub permit: String,
    /// Its version.
    pub version: i64,
    /// When it was last changed.
    pub updated_at: DateTime<Utc>,
    /// Its walls, by name.
    pub walls: Vec<String>,
    /// How much of it is settled; `None` where it was not counted at this version, or by another form of the computation.
    pub settled: Option<Settled>,
}

/// Which jobs are asked for.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Listing {
    /// Those after this one; from the first where nothing is said.
    pub after: Option<Mark>,
    /// Those with this in their name, address or permit, in large or small letters.
    pub named: Option<String>,
    /// Those that were put away, instead of those that were not.
    pub put_away: bool,
    /// How many at most.
    pub most: u64,
}

/// A place in the list.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Mark {
    /// When the job there was last changed.
    pub updated_at: DateTime<Utc>,
    /// Its identity.
    pub id: Uuid,
}

/// A page of the list.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct ListedPage {
    /// Its jobs.
    pub jobs: Vec<ListedJob>,
    /// Where the next page begins; `None` after the last.
    pub next: Option<Mark>,
}

/// A pattern for names that contain these words as they stand.
fn containing(words: &str) -> String {
    let plain: String =
        words.chars().flat_map(|c| matches!(c, '%' | '_' | '\\').then_some('\\').into_iter().chain([c])).collect();
    format!("%{plain}%")
}

#[derive(FromQueryResult)]
struct JobRow {
    id: Uuid,
    name: String,
    address: String,
    permit: String,
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
    /// A page of the jobs that are not put away, or of those that are, newest change first. Two queries, however many there are.
    ///
    /// # Errors
    /// Whatever the database says.
    pub async fn list(&self, asked: &Listing) -> Result<ListedPage, StoreError> {
        use job::Column as C;
        let mut jobs = job::Entity::find()
            .select_only()
            .columns([C::Id, C::Name, C::Address, C::Permit, C::Version, C::UpdatedAt])
            .columns([C::CountedVersion, C::CountedAs, C::Openings, C::Unresolved])
            .filter(if asked.put_away { C::DeletedAt.is_not_null() } else { C::DeletedAt.is_null() });
        if let Some(Mark { updated_at, id }) = asked.after {
            let place = Expr::tuple([Expr::col(C::UpdatedAt), Expr::col(C::Id)]);
            jobs = jobs.filter(place.lt(Expr::tuple([Expr::val(updated_at), Expr::val(id)])));
        }
        if let Some(words) = &asked.named {
            let has = |column: C| Expr::col(column).ilike(containing(words));
            jobs = jobs.filter(has(C::Name).or(has(C::Address)).or(has(C::Permit)));
        }
        let jobs = jobs.order_by_desc(C::UpdatedAt).order_by_desc(C::Id).limit(asked.most + 1);
        let mut rows: Vec<JobRow> = jobs.into_model().all(&self.database()).await?;
        let more = usize::try_from(asked.most).is_ok_and(|most| most < rows.len());
        if more {
            rows.pop();
        }
        let next = rows.last().filter(|_| more).map(|row| Mark { updated_at: row.updated_at, id: row.id });
        let mut names = self.names_of_walls(rows.iter().map(|row| row.id).collect()).await?;
        let listed = rows.into_iter().map(|row| ListedJob {
            settled: row.settled(),
            walls: names.remove(&row.id).unwrap_or_default(),
            id: row.id,
            name: row.name,
            address: row.address,
            permit: row.permit,
            version: row.version,
            updated_at: row.updated_at,
        });
        Ok(ListedPage { jobs: listed.collect(), next })
    }

    async fn names_of_walls(&self, jobs: Vec<Uuid>) -> Result<HashMap<Uuid, Vec<String>>, StoreError> {
        let walls = wall::Entity::find()
            .select_only()
            .columns([wall::Column::JobId, wall::Column::Name])
            .filter(wall::Column::JobId.is_in(jobs))
            .order_by_asc(wall::Column::Position)
            .into_model::<WallRow>()
            .all(&self.database())
            .await?;
        let mut names: HashMap<Uuid, Vec<String>> = HashMap::new();
        for wall in walls {
            names.entry(wall.job_id).or_default().push(wall.name);
        }
        Ok(names)
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
        here.filter(job::Column::Version.eq(version)).exec(&self.database()).await?;
        Ok(())
    }
}
