-- A package that was brought in, with what every row was before: one step takes all of it back.
create table import_run (
  id uuid primary key,
  title text not null,
  state text not null default 'compared' constraint import_run_state_known check (state in ('compared', 'working', 'done', 'undone', 'failed')),
  -- How many rows of each table are new, newer, the same, in conflict, not readable
  counts jsonb not null,
  problem text,
  brought_by uuid references coach on delete set null,
  compared_at timestamptz not null default now(),
  changed_at timestamptz not null default now()
);
create index import_run_newest on import_run (compared_at desc, id);
create table import_row (
  import_id uuid not null references import_run on delete cascade,
  place integer not null,
  table_name text not null,
  row jsonb not null,
  before jsonb,
  primary key (import_id, place)
);
-- Packages of everything that somebody asked for: a file until it is a week old
create table export_run (
  id uuid primary key,
  state text not null default 'waiting' constraint export_run_state_known check (state in ('waiting', 'working', 'ready', 'failed')),
  films boolean not null,
  byte_length bigint,
  problem text,
  asked_by uuid references coach on delete set null,
  asked_at timestamptz not null default now(),
  changed_at timestamptz not null default now()
);
create index export_run_newest on export_run (asked_at desc, id);
