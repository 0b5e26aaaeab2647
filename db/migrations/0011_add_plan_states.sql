-- A plan is asked for, worked out in the background, and then there: a row says how far it is
alter table class_plan
  alter column content drop not null,
  add column state text not null default 'ready' constraint class_plan_state_known check (state in ('waiting', 'working', 'ready', 'failed', 'overtaken')),
  add column problem jsonb,
  add column changed_at timestamptz not null default now(),
  add constraint class_plan_ready_has_content check (state <> 'ready' or content is not null);

-- Under which names a working process takes tasks from the queue: what it held when it died is taken over by others
alter table worker add column pools text[] not null default '{}';
