-- Every try to back up: what Settings tells of it. The backups themselves are folders that need no database to be read.
create table backup_try (
  id uuid primary key,
  started_at timestamptz not null default now(),
  beat_at timestamptz not null default now(),
  ended_at timestamptz,
  copied_bytes bigint not null default 0,
  total_bytes bigint not null default 0,
  name text,
  bytes bigint,
  files integer,
  problem text constraint backup_try_problem_known check (problem in ('disk-full', 'not-reachable', 'not-readable', 'broken-off')),
  constraint backup_try_ended_one_way check (ended_at is null or (name is null) <> (problem is null))
);
create index backup_try_newest on backup_try (started_at desc, id);
