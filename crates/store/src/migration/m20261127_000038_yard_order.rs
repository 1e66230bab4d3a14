//! What was ordered of a yard: kept before it is sent, so that it is never sent as another.

super::sql::sql_migration! {
    "Orders."
    up: "create table yard_order (
  job_id uuid not null references job (id) on delete cascade,
  key uuid not null,
  delivery text not null check (char_length(delivery) between 1 and 80),
  lines jsonb not null,
  state text not null check (state in ('sent', 'taken', 'refused')),
  number text check (char_length(number) between 1 and 80),
  given jsonb,
  cost_cents bigint check (0 <= cost_cents),
  at timestamptz not null,
  primary key (job_id, key),
  check ((state = 'taken') = (number is not null)),
  check ((state = 'taken') = (given is not null)),
  check ((state = 'taken') = (cost_cents is not null))
);
create index yard_order_in_order on yard_order (job_id, at)",
    down: "drop table yard_order",
}
