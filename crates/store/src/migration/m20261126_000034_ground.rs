//! What holds for the ground under a house as a whole. Soil: IRC 2021 Table R401.4.1, from memory.

super::sql::sql_migration! {
    "What holds for the ground under a house as a whole."
    up: "alter table job
  add column slab boolean not null default false,
  add column soil_psf double precision not null default 1500,
  add column thick_slab_over_lb double precision not null default 3000",
    down: "alter table job drop column slab, drop column soil_psf, drop column thick_slab_over_lb",
}
