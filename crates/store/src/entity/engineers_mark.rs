//! An engineer's mark on a house.

use sea_orm::entity::prelude::*;

/// An engineer's mark on a house.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "engineers_mark")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub id: Uuid,
    pub level_id: Uuid,
    pub position: i32,
    pub name: String,
    pub reason: String,
    pub x_nm: i64,
    pub y_nm: i64,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
