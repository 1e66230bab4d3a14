//! Every edit may carry a key that tells its repetition; making a job, putting it away and bringing it back stand in the log; the room
//! that a job's log takes is known without reading it; and the list of jobs is read page by page.

super::sql::sql_migration! {
    "Keys of edits, lives of jobs, room of the log."
    up: "alter table log_entry add column key uuid;
create unique index log_entry_key on log_entry (job_id, key) where key is not null;
alter table log_entry alter column command drop not null, alter column inverse drop not null;
alter table log_entry drop constraint log_entry_action_check, drop constraint log_entry_check, drop constraint log_entry_check1;
alter table log_entry
  add constraint log_entry_action_check
    check (action in ('do', 'undo', 'redo', 'create', 'copy', 'delete', 'restore')),
  add constraint log_entry_state_of_what_is_done check ((action = 'do') = (state is not null)),
  add constraint log_entry_steps_name_theirs check ((action in ('undo', 'redo')) = (of_version is not null)),
  add constraint log_entry_edits_keep_theirs
    check ((action in ('do', 'undo', 'redo')) = (command is not null and inverse is not null));
alter table job add column log_bytes bigint not null default 0;
update job set log_bytes = (select coalesce(sum(octet_length(command::text) + octet_length(inverse::text)), 0)
  from log_entry where log_entry.job_id = job.id);
create index job_listed on job (updated_at desc, id desc) where deleted_at is null",
    down: "drop index job_listed;
alter table job drop column log_bytes;
delete from log_entry where action in ('create', 'copy', 'delete', 'restore');
alter table log_entry drop constraint log_entry_action_check, drop constraint log_entry_state_of_what_is_done,
  drop constraint log_entry_steps_name_theirs, drop constraint log_entry_edits_keep_theirs;
alter table log_entry alter column command set not null, alter column inverse set not null;
alter table log_entry add check (action in ('do', 'undo', 'redo')), add check ((action = 'do') = (state is not null)),
  add check ((action = 'do') = (of_version is null));
drop index log_entry_key;
alter table log_entry drop column key",
}
