//! Floors, ceilings and roofs of a house.

super::sql::sql_migration! {
    "Floors, ceilings and roofs of a house."
    up: "create table field (
  job_id uuid not null references job (id) on delete cascade,
  id uuid not null,
  level_id uuid not null,
  position integer not null,
  name text not null,
  left_nm bigint not null,
  near_nm bigint not null,
  right_nm bigint not null,
  far_nm bigint not null,
  span text not null,
  what jsonb not null,
  primary key (job_id, id),
  foreign key (job_id, level_id) references level (job_id, id) deferrable initially deferred
)",
    down: "drop table field",
}
