-- What happened to errors after lessons on them, worked out in the background from who came, what was drilled, and the rounds before and after
create table lesson_effect (
  drill_id text not null,
  error_id text not null,
  content jsonb not null,
  primary key (drill_id, error_id)
);
-- How much of an error a full dose of a drill removes, as this academy's lessons let one think
create table drill_kappa (
  drill_id text primary key,
  kappa real not null,
  catalogue_kappa real not null,
  people integer not null
);

-- Asked for by whatever changes it; what is asked for within a quarter of a minute is done once.
create function ask_for_effects() returns void language plpgsql as $$
begin
  perform graphile_worker.add_job('lesson-effects', '{}'::json, job_key => 'lesson-effects', job_key_mode => 'preserve_run_at',
    run_at => now() + interval '15 seconds', max_attempts => 6, priority => 30);
end $$;
