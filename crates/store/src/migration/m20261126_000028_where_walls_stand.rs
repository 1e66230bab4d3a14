//! Where walls stand in a house; nowhere where they were described by themselves. A storey and its walls go in either order.

super::sql::sql_migration! {
    "Where walls stand in a house."
    up: "alter table wall
  add column level_id uuid,
  add column axis text,
  add column offset_nm bigint,
  add column start_nm bigint,
  add column turned boolean,
  add constraint wall_place_whole check (num_nulls(level_id, axis, offset_nm, start_nm, turned) in (0, 5)),
  add foreign key (job_id, level_id) references level (job_id, id) deferrable initially deferred",
    down: "alter table wall
  drop column level_id, drop column axis, drop column offset_nm, drop column start_nm, drop column turned",
}
