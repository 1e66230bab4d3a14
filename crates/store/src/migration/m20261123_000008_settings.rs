//! A job's settings and its jurisdiction's header table, each kept as one document: they are read and written whole,
//! their lists have no fixed length, and nothing is ever looked up by a part of them.

super::sql::sql_migration! {
    "A job's settings and its jurisdiction's header table as documents."
    up: "alter table job add column settings jsonb, add column code_table jsonb;
update job set settings = jsonb_build_object('snow_basis', snow_basis, 'snow', snow_psf, 'roof_live', roof_live_psf,
  'live_deflection_limit', live_deflection_limit, 'total_deflection_limit', total_deflection_limit,
  'king_table', king_table, 'shop_doubles_jacks_from', shop_doubles_jacks_from_nm);
alter table job alter column settings set not null, drop column snow_basis, drop column snow_psf, drop column roof_live_psf,
  drop column live_deflection_limit, drop column total_deflection_limit, drop column king_table,
  drop column shop_doubles_jacks_from_nm",
    down: "alter table job add column snow_basis text, add column snow_psf double precision, add column roof_live_psf double precision,
  add column live_deflection_limit double precision, add column total_deflection_limit double precision,
  add column king_table text, add column shop_doubles_jacks_from_nm bigint;
update job set snow_basis = settings->>'snow_basis', snow_psf = (settings->>'snow')::double precision,
  roof_live_psf = (settings->>'roof_live')::double precision,
  live_deflection_limit = (settings->>'live_deflection_limit')::double precision,
  total_deflection_limit = (settings->>'total_deflection_limit')::double precision, king_table = settings->>'king_table',
  shop_doubles_jacks_from_nm = (settings->>'shop_doubles_jacks_from')::bigint;
alter table job alter column snow_basis set not null, alter column snow_psf set not null,
  alter column roof_live_psf set not null, alter column live_deflection_limit set not null,
  alter column total_deflection_limit set not null, alter column king_table set not null,
  drop column settings, drop column code_table",
}
