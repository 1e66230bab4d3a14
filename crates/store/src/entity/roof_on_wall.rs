//! The roof that lands on a wall.

use sea_orm::entity::prelude::*;

/// The roof that lands on a wall.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "roof_on_wall")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub wall_id: Uuid,
    pub framing: String,
    pub building_width_nm: i64,
    pub overhang_nm: i64,
    pub rise_in_twelve: f64,
    pub roof_dead_psf: f64,
    pub ceiling_dead_psf: f64,
    pub attic_live_psf: f64,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
