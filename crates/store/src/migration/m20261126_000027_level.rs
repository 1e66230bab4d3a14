//! Storeys of a house.

super::sql::sql_migration! {
    "Storeys of a house."
    up: "create table level (
  job_id uuid not null references job (id) on delete cascade,
  id uuid not null,
  position integer not null,
  name text not null,
  height_nm bigint not null,
  primary key (job_id, id)
)",
    down: "drop table level",
}
