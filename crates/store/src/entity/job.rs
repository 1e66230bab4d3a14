//! A job and its settings.

use sea_orm::entity::prelude::*;

/// A job and its settings.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, DeriveEntityModel)]
#[sea_orm(table_name = "job")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub id: Uuid,
    pub name: String,
    pub address: String,
    pub permit: String,
    pub adopted_code: String,
    pub code_edition: String,
    pub answers_for_it: String,
    pub slab: bool,
    pub soil_psf: f64,
    pub thick_slab_over_lb: f64,
    pub version: i64,
    pub settings: Json,
    pub code_table: Option<Json>,
    pub form: i16,
    pub counted_version: Option<i64>,
    pub counted_as: Option<i32>,
    pub openings: Option<i32>,
    pub unresolved: Option<i32>,
    pub log_bytes: i64,
    pub created_at: DateTimeUtc,
    pub updated_at: DateTimeUtc,
    pub deleted_at: Option<DateTimeUtc>,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// Relations are followed by hand: a job is always read whole.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
