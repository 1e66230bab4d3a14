//! What headers of a job can be made of.

use sea_orm::entity::prelude::*;

/// What headers of a job can be made of.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "stock_item")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub id: Uuid,
    pub position: i32,
    pub made: String,
    pub species: Option<String>,
    pub grade: Option<String>,
    pub thickness: Option<String>,
    pub nominal_depth: Option<String>,
    pub class: Option<String>,
    pub ply_width_nm: Option<i64>,
    pub depth_nm: Option<i64>,
    pub sheet: Option<Json>,
    pub price_cents_per_foot: Option<f64>,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
