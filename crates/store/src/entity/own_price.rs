//! What a stick costs by the user's own list.

use sea_orm::entity::prelude::*;

/// What a stick costs by the user's own list.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, Eq, DeriveEntityModel)]
#[sea_orm(table_name = "own_price")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub section: String,
    #[sea_orm(primary_key, auto_increment = false)]
    pub treated: bool,
    #[sea_orm(primary_key, auto_increment = false)]
    pub length: i64,
    pub price_cents: i64,
    pub available: Option<i32>,
    pub place: i32,
    pub at: DateTimeUtc,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// It stands alone.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
