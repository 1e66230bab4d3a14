//! How much of a job is settled, as it was counted last: at which version, and in which form of the computation.

super::sql::sql_migration! {
    "What is settled."
    up: "alter table job add column counted_version bigint, add column counted_as integer,
  add column openings integer, add column unresolved integer",
    down: "alter table job drop column counted_version, drop column counted_as, drop column openings, drop column unresolved",
}
