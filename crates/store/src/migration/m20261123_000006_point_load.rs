//! Point loads on a wall.

use sea_orm_migration::prelude::*;

/// Point loads on a wall.
#[derive(DeriveMigrationName)]
pub struct Migration;

const UP: &str = "create table point_load (
  id uuid primary key,
  wall_id uuid not null references wall (id) on delete cascade,
  position integer not null,
  name text not null,
  at_nm bigint not null,
  dead_lb double precision not null,
  floor_live_lb double precision not null,
  roof_live_lb double precision not null,
  snow_lb double precision not null
);
create index point_load_wall on point_load (wall_id)";

const DOWN: &str = "drop table point_load";

#[async_trait::async_trait]
impl MigrationTrait for Migration {
    async fn up(&self, manager: &SchemaManager) -> Result<(), DbErr> {
        manager.get_connection().execute_unprepared(UP).await.map(drop)
    }

    async fn down(&self, manager: &SchemaManager) -> Result<(), DbErr> {
        manager.get_connection().execute_unprepared(DOWN).await.map(drop)
    }
}
