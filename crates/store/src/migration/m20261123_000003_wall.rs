//! Walls of a job.

super::sql::sql_migration! {
    "Walls of a job."
    up: "create table wall (
  id uuid primary key,
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  name text not null,
  length_nm bigint not null check (length_nm > 0),
  height_nm bigint not null check (height_nm > 0),
  stud_species text not null,
  stud_grade text not null,
  stud_depth text not null,
  spacing_nm bigint not null check (spacing_nm > 0),
  plate_species text not null,
  bearing boolean not null,
  wall_above_height_nm bigint,
  wall_above_dead_psf double precision
);
create index wall_job on wall (job_id)",
    down: "drop table wall",
}
