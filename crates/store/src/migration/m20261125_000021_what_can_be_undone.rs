//! What can be undone or done again is found without going through all of a job's history.

super::sql::sql_migration! {
    "What can be undone."
    up: "create index log_entry_state on log_entry (job_id, state, version) where state in ('done', 'undone')",
    down: "drop index log_entry_state",
}
