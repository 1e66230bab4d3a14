//! What the papers of a job are headed with; empty where nobody said it.

super::sql::sql_migration! {
    "What the papers of a job are headed with."
    up: "alter table job
  add column address text not null default '',
  add column permit text not null default '',
  add column adopted_code text not null default '',
  add column code_edition text not null default '',
  add column answers_for_it text not null default ''",
    down: "alter table job
  drop column address, drop column permit, drop column adopted_code, drop column code_edition, drop column answers_for_it",
}
