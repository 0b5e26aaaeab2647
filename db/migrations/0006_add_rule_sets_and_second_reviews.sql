-- Rule sets of the academy's own, made as copies of the ones that come with the product
create table house_rule_set (
  id uuid primary key,
  name text not null constraint house_rule_set_named check (length(trim(name)) between 1 and 80),
  content jsonb not null,
  version integer not null default 1,
  changed_by uuid references coach on delete set null,
  changed_at timestamptz not null default now(),
  constraint house_rule_set_name_once unique (name)
);

-- A review of the same round by another coach who does not see the first one until theirs is done
create table second_review (
  id uuid primary key,
  round_id uuid not null references round on delete cascade,
  coach_id uuid not null references coach on delete cascade,
  begun_at timestamptz not null default now(),
  done_at timestamptz,
  -- Differences that were talked over and left as they are
  settled jsonb not null default '[]',
  constraint second_review_once unique (round_id, coach_id)
);

-- Marks of such a review lie apart, so that nothing which reads the marks of rounds can meet them
create table second_mark (
  id uuid primary key,
  second_review_id uuid not null references second_review on delete cascade,
  kind text not null,
  at_seconds double precision not null,
  content jsonb not null,
  version integer not null default 1,
  change_id uuid not null,
  deleted_at timestamptz,
  changed_by uuid references coach on delete set null,
  changed_at timestamptz not null default now()
);
create index second_mark_by_review on second_mark (second_review_id, at_seconds, id);

create table second_mark_history (
  mark_id uuid not null references second_mark on delete cascade,
  version integer not null,
  content jsonb not null,
  deleted boolean not null,
  change_id uuid not null,
  changed_by uuid references coach on delete set null,
  changed_at timestamptz not null default now(),
  primary key (mark_id, version)
);
