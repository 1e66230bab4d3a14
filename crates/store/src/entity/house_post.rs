//! A post of a house.

use sea_orm::entity::prelude::*;

/// A post of a house.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "house_post")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub id: Uuid,
    pub level_id: Uuid,
    pub position: i32,
    pub name: String,
    pub x_nm: i64,
    pub y_nm: i64,
    pub weight_lb: f64,
    pub chosen: Option<Json>,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
