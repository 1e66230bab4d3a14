//! A point load on a wall.

use sea_orm::entity::prelude::*;

/// A point load on a wall.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "point_load")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub id: Uuid,
    pub wall_id: Uuid,
    pub position: i32,
    pub name: String,
    pub at_nm: i64,
    pub dead_lb: f64,
    pub floor_live_lb: f64,
    pub roof_live_lb: f64,
    pub snow_lb: f64,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
