//! Migrations that are SQL both ways.

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
pub(super) use sql_migration;
