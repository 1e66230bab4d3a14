//! A device that may reach the server over the network.

use sea_orm::entity::prelude::*;

/// A device that may reach the server over the network.
#[allow(missing_docs, reason = "the columns are described where the table is made")]
#[derive(Clone, Debug, PartialEq, Eq, DeriveEntityModel)]
#[sea_orm(table_name = "paired_device")]
pub struct Model {
    #[sea_orm(primary_key, auto_increment = false)]
    pub id: Uuid,
    pub name: String,
    pub token_hash: Vec<u8>,
    pub paired_at: DateTimeUtc,
    pub last_used_at: DateTimeUtc,
}

#[derive(Clone, Copy, Debug, EnumIter, DeriveRelation)]
/// It belongs to no job.
pub enum Relation {}

impl ActiveModelBehavior for ActiveModel {}
