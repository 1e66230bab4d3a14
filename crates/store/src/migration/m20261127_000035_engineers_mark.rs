//! What engineers answer for in a house.

super::sql::sql_migration! {
    "What engineers answer for in a house."
    up: "create table engineers_mark (
  job_id uuid not null references job (id) on delete cascade,
  id uuid not null,
  level_id uuid not null,
  position integer not null,
  name text not null,
  reason text not null,
  x_nm bigint not null,
  y_nm bigint not null,
  primary key (job_id, id),
  foreign key (job_id, level_id) references level (job_id, id) deferrable initially deferred
)",
    down: "drop table engineers_mark",
}
