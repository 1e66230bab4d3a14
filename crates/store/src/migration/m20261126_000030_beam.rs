//! Beams of a house.

super::sql::sql_migration! {
    "Beams of a house."
    up: "create table beam (
  job_id uuid not null references job (id) on delete cascade,
  id uuid not null,
  level_id uuid not null,
  position integer not null,
  name text not null,
  axis text not null,
  offset_nm bigint not null,
  start_nm bigint not null,
  length_nm bigint not null,
  thickness_nm bigint not null,
  weight_plf double precision not null,
  joints text not null,
  primary key (job_id, id),
  foreign key (job_id, level_id) references level (job_id, id) deferrable initially deferred
)",
    down: "drop table beam",
}
