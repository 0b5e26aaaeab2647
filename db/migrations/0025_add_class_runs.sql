-- The coming classes planned together: a run is asked for, worked out in the background, and then each of its classes has a plan
create table class_run (
  id uuid primary key,
  state text not null default 'waiting' constraint class_run_state_known check (state in ('waiting', 'working', 'ready', 'failed', 'overtaken')),
  content jsonb,
  problem jsonb,
  asked_by uuid references coach on delete set null,
  asked_at timestamptz not null default now(),
  changed_at timestamptz not null default now(),
  constraint class_run_ready_has_content check (state <> 'ready' or content is not null)
);
create index class_run_newest on class_run (asked_at desc, id);
