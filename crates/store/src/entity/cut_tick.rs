//! Something that was ticked off at the saw, or taken back.

use sea_orm::entity::prelude::*;

/// Something that was ticked off at the saw, or taken back.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, Eq, DeriveEntityModel)]
#[sea_orm(table_name = "cut_tick")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub device: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub sequence: i64,
    pub number: i64,
    pub piece: String,
    pub wood: String,
    pub treated: bool,
    pub length: i64,
    pub bevel_drop: Option<i64>,
    pub bevel_over: Option<i64>,
    pub taken_back: bool,
    pub at: DateTimeUtc,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// It is asked for by its job only.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
