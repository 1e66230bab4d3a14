//! Posts of a house.

super::sql::sql_migration! {
    "Posts of a house."
    up: "create table house_post (
  job_id uuid not null references job (id) on delete cascade,
  id uuid not null,
  level_id uuid not null,
  position integer not null,
  name text not null,
  x_nm bigint not null,
  y_nm bigint not null,
  weight_lb double precision not null,
  primary key (job_id, id),
  foreign key (job_id, level_id) references level (job_id, id) deferrable initially deferred
)",
    down: "drop table house_post",
}
