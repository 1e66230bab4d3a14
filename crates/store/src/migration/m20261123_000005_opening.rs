//! Openings of a wall.

super::sql::sql_migration! {
    "Openings of a wall."
    up: "create table opening (
  id uuid primary key,
  wall_id uuid not null references wall (id) on delete cascade,
  position integer not null,
  kind text not null,
  unit_width_nm bigint not null check (unit_width_nm > 0),
  unit_height_nm bigint not null check (unit_height_nm > 0),
  rough_width_nm bigint,
  rough_height_nm bigint,
  center_nm bigint not null,
  sill_nm bigint not null,
  place text not null,
  underside text not null,
  header_made text,
  header_species text,
  header_grade text,
  header_thickness text,
  header_nominal_depth text,
  header_class text,
  header_ply_width_nm bigint,
  header_depth_nm bigint,
  header_plies smallint,
  jacks_left_count smallint,
  jacks_left_reason text,
  jacks_right_count smallint,
  jacks_right_reason text,
  kings_left_count smallint,
  kings_left_reason text,
  kings_right_count smallint,
  kings_right_reason text,
  check ((rough_width_nm is null) = (rough_height_nm is null)),
  check ((header_made is null) = (header_plies is null))
);
create index opening_wall on opening (wall_id)",
    down: "drop table opening",
}
