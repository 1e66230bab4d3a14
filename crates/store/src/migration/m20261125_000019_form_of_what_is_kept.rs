//! In which form the documents of a job and the commands of its log are kept. What was kept before the forms had numbers is of
//! form 1.

super::sql::sql_migration! {
    "Form of what is kept."
    up: "alter table job add column form smallint not null default 1;
alter table log_entry add column form smallint not null default 1",
    down: "alter table job drop column form;
alter table log_entry drop column form",
}
