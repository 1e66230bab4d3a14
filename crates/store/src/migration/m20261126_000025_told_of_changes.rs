//! Whoever listens is told of every new version of a job, when it is committed: `job version` on the channel `sturvek_job`.

super::sql::sql_migration! {
    "Told of changes."
    up: "create function tell_of_job() returns trigger language plpgsql as $$
begin
  perform pg_notify('sturvek_job', new.id::text || ' ' || new.version::text);
  return null;
end $$;
create trigger told_of_job after insert or update of version, deleted_at on job
  for each row execute function tell_of_job()",
    down: "drop trigger told_of_job on job;
drop function tell_of_job()",
}
