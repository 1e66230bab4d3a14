//! Whether snow and wind were said. Jobs began with figures that nobody said; where the log shows that somebody set another one,
//! it counts as said, else it was assumed and is confirmed once.

super::sql::sql_migration! {
    "Snow and wind that were said."
    up: "update job set settings = settings || jsonb_build_object(
  'snow_said', case when exists (select 1 from log_entry where job_id = job.id and state = 'done'
    and command->>'do' = 'change_settings'
    and (command->'settings'->'snow' is distinct from inverse->'settings'->'snow'
      or command->'settings'->'snow_basis' is distinct from inverse->'settings'->'snow_basis'))
    then 'said' else 'assumed_before' end,
  'wind_said', case when exists (select 1 from log_entry where job_id = job.id and state = 'done'
    and command->>'do' = 'change_settings' and command->'settings'->'wind' is distinct from inverse->'settings'->'wind')
    then 'said' else 'assumed_before' end)",
    down: "update job set settings = settings - 'snow_said' - 'wind_said'",
}
