//! The floor that lands on a wall.

use sea_orm::entity::prelude::*;

/// The floor that lands on a wall.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "floor_on_wall")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub wall_id: Uuid,
    pub span_one_side_nm: i64,
    pub span_other_side_nm: i64,
    pub dead_psf: f64,
    pub live_psf: f64,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
