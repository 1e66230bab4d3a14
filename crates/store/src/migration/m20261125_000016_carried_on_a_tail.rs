//! What stands on the tail of a floor instead of on the wall itself.

super::sql::sql_migration! {
    "What stands on a tail."
    up: "alter table carried_item add column on_tail boolean not null default false",
    down: "alter table carried_item drop column on_tail",
}
