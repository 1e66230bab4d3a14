//! Something that was said of the order in which a wall is opened.

use sea_orm::entity::prelude::*;

/// Something that was said of the order in which a wall is opened.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, Eq, DeriveEntityModel)]
#[sea_orm(table_name = "order_mark")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub job_id: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub device: Uuid,
    #[sea_orm(primary_key, auto_increment = false)]
    pub sequence: i64,
    pub number: i64,
    pub wall: Uuid,
    pub said_by: String,
    pub said_at: DateTimeUtc,
    pub mark: Json,
    pub at: DateTimeUtc,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// It is asked for by its job only.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
