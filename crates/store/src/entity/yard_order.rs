//! An order of sticks.

use sea_orm::entity::prelude::*;

/// An order of sticks.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, Eq, DeriveEntityModel)]
#[sea_orm(table_name = "yard_order")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub key: Uuid,
    pub delivery: String,
    pub lines: Json,
    pub state: String,
    pub number: Option<String>,
    pub given: Option<Json>,
    pub cost_cents: Option<i64>,
    pub at: DateTimeUtc,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// It is asked for by its job only.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
