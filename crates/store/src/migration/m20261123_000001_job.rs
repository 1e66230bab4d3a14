//! A job and its settings.

super::sql::sql_migration! {
    "A job and its settings."
    up: "create table job (
  id uuid primary key,
  name text not null check (length(name) between 1 and 80),
  version bigint not null default 0,
  snow_basis text not null,
  snow_psf double precision not null,
  roof_live_psf double precision not null,
  live_deflection_limit double precision not null,
  total_deflection_limit double precision not null,
  king_table text not null,
  shop_doubles_jacks_from_nm bigint,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  deleted_at timestamptz
)",
    down: "drop table job",
}
