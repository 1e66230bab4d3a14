//! One edit of a job.

use sea_orm::entity::prelude::*;

/// One edit of a job.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "log_entry")]
pub struct Model {
    #[sea_orm(primary_key)]
    pub id: i64,
    pub job_id: Uuid,
    pub version: i64,
    pub action: String,
    pub state: Option<String>,
    pub of_version: Option<i64>,
    #[sea_orm(column_type = "JsonBinary")]
    pub command: Option<Json>,
    #[sea_orm(column_type = "JsonBinary")]
    pub inverse: Option<Json>,
    pub form: i16,
    #[sea_orm(column_type = "JsonBinary")]
    pub summary: Json,
    pub author: String,
    pub written_at: DateTimeUtc,
    pub key: Option<Uuid>,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
