//! Foundations of a house along lines.

super::sql::sql_migration! {
    "Foundations of a house along lines."
    up: "create table foundation (
  job_id uuid not null references job (id) on delete cascade,
  id uuid not null,
  position integer not null,
  name text not null,
  axis text not null,
  offset_nm bigint not null,
  start_nm bigint not null,
  length_nm bigint not null,
  thickness_nm bigint not null,
  primary key (job_id, id)
)",
    down: "drop table foundation",
}
