//! A floor, a ceiling or a roof of a house.

use sea_orm::entity::prelude::*;

/// A floor, a ceiling or a roof of a house.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "field")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub id: Uuid,
    pub level_id: Uuid,
    pub position: i32,
    pub name: String,
    pub left_nm: i64,
    pub near_nm: i64,
    pub right_nm: i64,
    pub far_nm: i64,
    pub span: String,
    pub what: Json,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
