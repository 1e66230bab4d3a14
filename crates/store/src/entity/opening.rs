//! An opening of a wall.

use sea_orm::entity::prelude::*;

/// An opening of a wall.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "opening")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub id: Uuid,
    pub wall_id: Uuid,
    pub position: i32,
    pub letter: i32,
    pub kind: String,
    pub unit_width_nm: i64,
    pub unit_height_nm: i64,
    pub rough_width_nm: Option<i64>,
    pub rough_height_nm: Option<i64>,
    pub center_nm: i64,
    pub sill_nm: i64,
    pub place: String,
    pub underside: String,
    pub header_made: Option<String>,
    pub header_species: Option<String>,
    pub header_grade: Option<String>,
    pub header_thickness: Option<String>,
    pub header_nominal_depth: Option<String>,
    pub header_class: Option<String>,
    pub header_ply_width_nm: Option<i64>,
    pub header_depth_nm: Option<i64>,
    pub header_plies: Option<i16>,
    pub header_sheet: Option<Json>,
    pub options: Json,
    pub jacks_left_count: Option<i16>,
    pub jacks_left_reason: Option<String>,
    pub jacks_right_count: Option<i16>,
    pub jacks_right_reason: Option<String>,
    pub kings_left_count: Option<i16>,
    pub kings_left_reason: Option<String>,
    pub kings_right_count: Option<i16>,
    pub kings_right_reason: Option<String>,
    pub framed_as: Option<Json>,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
