//! What an opening was when it was framed: a document, because it is read and written whole and never searched.

super::sql::sql_migration! {
    "What an opening was when it was framed."
    up: "alter table opening add column framed_as jsonb",
    down: "alter table opening drop column framed_as",
}
