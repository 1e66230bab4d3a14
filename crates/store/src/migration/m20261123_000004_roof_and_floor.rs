//! The roof and the floor that land on a wall.

use sea_orm_migration::prelude::*;

/// The roof and the floor that land on a wall.
#[derive(DeriveMigrationName)]
pub struct Migration;

const UP: &str = "create table roof_on_wall (
  wall_id uuid primary key references wall (id) on delete cascade,
  framing text not null,
  building_width_nm bigint not null,
  overhang_nm bigint not null,
  rise_in_twelve double precision not null,
  roof_dead_psf double precision not null,
  ceiling_dead_psf double precision not null,
  attic_live_psf double precision not null
);
create table floor_on_wall (
  wall_id uuid primary key references wall (id) on delete cascade,
  span_one_side_nm bigint not null,
  span_other_side_nm bigint not null,
  dead_psf double precision not null,
  live_psf double precision not null
)";

const DOWN: &str = "drop table floor_on_wall; drop table roof_on_wall";

#[async_trait::async_trait]
impl MigrationTrait for Migration {
    async fn up(&self, manager: &SchemaManager) -> Result<(), DbErr> {
        manager.get_connection().execute_unprepared(UP).await.map(drop)
    }

    async fn down(&self, manager: &SchemaManager) -> Result<(), DbErr> {
        manager.get_connection().execute_unprepared(DOWN).await.map(drop)
    }
}
