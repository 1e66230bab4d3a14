//! What was ticked off at the saw: events of devices, each once, outside the job's version.

super::sql::sql_migration! {
    "Ticks of what was cut."
    up: "create table cut_tick (
  job_id uuid not null references job (id) on delete cascade,
  device uuid not null,
  sequence bigint not null check (0 <= sequence),
  number bigint generated always as identity,
  piece text not null check (char_length(piece) between 1 and 200),
  wood text not null check (char_length(wood) between 1 and 120),
  treated boolean not null,
  length bigint not null check (0 < length),
  bevel_drop bigint,
  bevel_over bigint,
  taken_back boolean not null,
  at timestamptz not null,
  primary key (job_id, device, sequence),
  check ((bevel_drop is null) = (bevel_over is null))
);
create index cut_tick_in_order on cut_tick (job_id, number)",
    down: "drop table cut_tick",
}
