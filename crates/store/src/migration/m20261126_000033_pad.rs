//! Pads of concrete under a house.

super::sql::sql_migration! {
    "Pads of concrete under a house."
    up: "create table pad (
  job_id uuid not null references job (id) on delete cascade,
  id uuid not null,
  position integer not null,
  name text not null,
  x_nm bigint not null,
  y_nm bigint not null,
  size_nm bigint not null,
  primary key (job_id, id)
)",
    down: "drop table pad",
}
