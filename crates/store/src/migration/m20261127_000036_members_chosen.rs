//! What goes in as a beam or a post of a house where somebody chose it.

super::sql::sql_migration! {
    "Beams and posts that somebody chose."
    up: "alter table beam add column chosen jsonb;
alter table house_post add column chosen jsonb",
    down: "alter table beam drop column chosen;
alter table house_post drop column chosen",
}
