//! What lands on a wall.

use sea_orm::entity::prelude::*;

/// What lands on a wall.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "carried_item")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub wall_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub position: i32,
    pub from_nm: Option<i64>,
    pub to_nm: Option<i64>,
    pub on_tail: bool,
    pub what: Json,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
