//! What headers of a job can be made of.

super::sql::sql_migration! {
    "What headers of a job can be made of."
    up: "create table stock_item (
  id uuid primary key,
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  made text not null,
  species text,
  grade text,
  thickness text,
  nominal_depth text,
  class text,
  ply_width_nm bigint,
  depth_nm bigint,
  price_cents_per_foot double precision not null,
  check (made = 'sawn' and species is not null and grade is not null and thickness is not null and nominal_depth is not null
    or made = 'engineered' and class is not null and ply_width_nm > 0 and depth_nm > 0)
);
create index stock_item_job on stock_item (job_id)",
    down: "drop table stock_item",
}
