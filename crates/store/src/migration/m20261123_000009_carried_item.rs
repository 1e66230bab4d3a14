//! What lands on a wall: any number of things, each along the whole wall or a part of it. What each needs to say differs by
//! its kind, so that is a document.

super::sql::sql_migration! {
    "What lands on a wall."
    up: "create table carried_item (
  wall_id uuid not null references wall (id) on delete cascade,
  position integer not null,
  from_nm bigint,
  to_nm bigint,
  what jsonb not null,
  primary key (wall_id, position),
  check ((from_nm is null) = (to_nm is null) and (from_nm is null or from_nm < to_nm))
);
insert into carried_item (wall_id, position, what) select wall_id, 0, jsonb_build_object('kind', 'roof', 'framing', framing,
  'building_width', building_width_nm, 'overhang', overhang_nm, 'rise_in_twelve', rise_in_twelve,
  'roof_dead', roof_dead_psf, 'ceiling_dead', ceiling_dead_psf, 'attic_live', attic_live_psf) from roof_on_wall;
insert into carried_item (wall_id, position, what) select wall_id, 1, jsonb_build_object('kind', 'floor',
  'span_one_side', span_one_side_nm, 'span_other_side', span_other_side_nm, 'floor_dead', dead_psf, 'floor_live', live_psf)
  from floor_on_wall;
insert into carried_item (wall_id, position, what) select id, 2, jsonb_build_object('kind', 'wall_above',
  'wall_above_height', wall_above_height_nm, 'wall_above_dead', wall_above_dead_psf)
  from wall where wall_above_height_nm is not null and wall_above_dead_psf is not null;
drop table roof_on_wall;
drop table floor_on_wall;
alter table wall drop column wall_above_height_nm, drop column wall_above_dead_psf",
    down: "create table roof_on_wall (
  wall_id uuid primary key references wall (id) on delete cascade, framing text not null,
  building_width_nm bigint not null, overhang_nm bigint not null, rise_in_twelve double precision not null,
  roof_dead_psf double precision not null, ceiling_dead_psf double precision not null, attic_live_psf double precision not null);
create table floor_on_wall (
  wall_id uuid primary key references wall (id) on delete cascade, span_one_side_nm bigint not null,
  span_other_side_nm bigint not null, dead_psf double precision not null, live_psf double precision not null);
alter table wall add column wall_above_height_nm bigint, add column wall_above_dead_psf double precision;
drop table carried_item",
}
