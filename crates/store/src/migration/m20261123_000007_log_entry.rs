//! Every edit of a job: undo, redo, history, and who decided what.

super::sql::sql_migration! {
    "Every edit of a job: undo, redo, history, and who decided what."
    up: "create table log_entry (
  id bigint generated always as identity primary key,
  job_id uuid not null references job (id) on delete cascade,
  version bigint not null,
  action text not null check (action in ('do', 'undo', 'redo')),
  state text check (state in ('done', 'undone', 'superseded')),
  of_version bigint,
  command jsonb not null,
  inverse jsonb not null,
  summary text not null,
  author text not null,
  written_at timestamptz not null default now(),
  unique (job_id, version),
  check ((action = 'do') = (state is not null)),
  check ((action = 'do') = (of_version is null))
)",
    down: "drop table log_entry",
}
