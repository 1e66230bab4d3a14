//! A wall of a job.

use sea_orm::entity::prelude::*;

/// A wall of a job.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "wall")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub id: Uuid,
    pub position: i32,
    pub name: String,
    pub length_nm: i64,
    pub height_nm: i64,
    pub stud_species: String,
    pub stud_grade: String,
    pub stud_depth: String,
    pub spacing_nm: i64,
    pub plate_species: String,
    pub bearing: bool,
    pub joists_land: String,
    pub roof_lands: String,
    pub stands_above: String,
    pub support_below: String,
    pub framing: Json,
    pub letters_given: i32,
    pub level_id: Option<Uuid>,
    pub axis: Option<String>,
    pub offset_nm: Option<i64>,
    pub start_nm: Option<i64>,
    pub turned: Option<bool>,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
