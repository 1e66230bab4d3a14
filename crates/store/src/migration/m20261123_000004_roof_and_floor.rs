//! The roof and the floor that land on a wall.

super::sql::sql_migration! {
    "The roof and the floor that land on a wall."
    up: "create table roof_on_wall (
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
)",
    down: "drop table floor_on_wall; drop table roof_on_wall",
}
