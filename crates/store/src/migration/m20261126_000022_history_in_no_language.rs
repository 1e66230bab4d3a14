//! What an edit did is kept as a message with its figures, to be said in each reader's language; older entries keep their words.

super::sql::sql_migration! {
    "History in no language."
    up: "alter table log_entry alter column summary type jsonb using \
         jsonb_build_object('id', 'verbatim', 'args', jsonb_build_object('text', jsonb_build_object('text', summary)))",
    down: "alter table log_entry alter column summary type text using coalesce(summary #>> '{args,text,text}', summary ->> 'id')",
}
