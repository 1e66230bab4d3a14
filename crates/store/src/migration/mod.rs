//! The database's shape, one topic a migration, named by date and subject.

use sea_orm::{ConnectionTrait, DatabaseConnection, DbErr, TransactionTrait};
use sea_orm_migration::{MigrationTrait, MigratorTrait};

/// A migration that is SQL both ways.
macro_rules! sql_migration {
    ($doc:literal up: $up:literal, down: $down:literal $(,)?) => {
        use sea_orm_migration::prelude::*;

        #[doc = $doc]
        #[derive(DeriveMigrationName)]
        pub struct Migration;

        #[async_trait::async_trait]
        impl MigrationTrait for Migration {
            async fn up(&self, manager: &SchemaManager) -> Result<(), DbErr> {
                manager.get_connection().execute_unprepared($up).await.map(drop)
            }

            async fn down(&self, manager: &SchemaManager) -> Result<(), DbErr> {
                manager.get_connection().execute_unprepared($down).await.map(drop)
            }
        }
    };
}
use sql_migration;

mod m20261123_000001_job;
mod m20261123_000002_stock_item;
mod m20261123_000003_wall;
mod m20261123_000004_roof_and_floor;
mod m20261123_000005_opening;
mod m20261123_000006_point_load;
mod m20261123_000007_log_entry;
mod m20261123_000008_settings;
mod m20261123_000009_carried_item;
mod m20261123_000010_evidence_of_bearing;
mod m20261123_000011_own_sheets_and_options;
mod m20261123_000012_wall_framing;
mod m20261123_000013_opening_as_framed;

struct Migrator;

impl MigratorTrait for Migrator {
    fn migrations() -> Vec<Box<dyn MigrationTrait>> {
        vec![
            Box::new(m20261123_000001_job::Migration),
            Box::new(m20261123_000002_stock_item::Migration),
            Box::new(m20261123_000003_wall::Migration),
            Box::new(m20261123_000004_roof_and_floor::Migration),
            Box::new(m20261123_000005_opening::Migration),
            Box::new(m20261123_000006_point_load::Migration),
            Box::new(m20261123_000007_log_entry::Migration),
            Box::new(m20261123_000008_settings::Migration),
            Box::new(m20261123_000009_carried_item::Migration),
            Box::new(m20261123_000010_evidence_of_bearing::Migration),
            Box::new(m20261123_000011_own_sheets_and_options::Migration),
            Box::new(m20261123_000012_wall_framing::Migration),
            Box::new(m20261123_000013_opening_as_framed::Migration),
        ]
    }
}

/// Any number: whoever migrates holds this lock, so that several servers may start at once.
const ADVISORY_LOCK: i64 = 7_305_511;

/// Brings the database to the newest shape.
///
/// # Errors
/// Whatever the database says.
pub async fn migrate(db: &DatabaseConnection) -> Result<(), DbErr> {
    let transaction = db.begin().await?;
    transaction.execute_unprepared(&format!("select pg_advisory_xact_lock({ADVISORY_LOCK})")).await?;
    Migrator::up(&transaction, None).await?;
    transaction.commit().await
}
