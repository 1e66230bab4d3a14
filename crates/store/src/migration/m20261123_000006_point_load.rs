//! Point loads on a wall.

super::sql::sql_migration! {
    "Point loads on a wall."
    up: "create table point_load (
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
create index point_load_wall on point_load (wall_id)",
    down: "drop table point_load",
}
