//! What was said of the order in which walls are opened: events of devices, each once, outside the job's version.

super::sql::sql_migration! {
    "Marks on the steps of opening a wall."
    up: "create table order_mark (
  job_id uuid not null references job (id) on delete cascade,
  device uuid not null,
  sequence bigint not null check (0 <= sequence),
  number bigint generated always as identity,
  wall uuid not null,
  said_by text not null check (char_length(said_by) between 1 and 80),
  said_at timestamptz not null,
  mark jsonb not null,
  at timestamptz not null,
  primary key (job_id, device, sequence)
);
create index order_mark_in_order on order_mark (job_id, wall, number)",
    down: "drop table order_mark",
}
