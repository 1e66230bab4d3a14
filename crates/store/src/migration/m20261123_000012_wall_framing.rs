//! How a wall's plates, ends and crossing walls are framed: a document, because crossing walls are a list and the rest is mostly
//! left as usual.

super::sql::sql_migration! {
    "How a wall's plates, ends and crossing walls are framed."
    up: "alter table wall add column framing jsonb not null default '{}'",
    down: "alter table wall drop column framing",
}
