-- A file on its way in: sent by a coach in pieces, or laid into the camera's inbox
create table arrival (
  id uuid primary key,
  source text not null constraint arrival_source_known check (source in ('upload', 'camera')),
  original_name text not null,
  byte_length bigint not null constraint arrival_has_length check (byte_length >= 0),
  -- Digest of the first and last mebibyte and the length: recognises a file before all of it is sent
  sample_digest bytea,
  state text not null default 'arriving' constraint arrival_state_known check (state in ('arriving', 'waiting', 'checking', 'taken', 'refused')),
  progress real not null default 0 constraint arrival_progress_bounded check (progress between 0 and 1),
  problem jsonb,
  -- As in footage_work
  taken_by integer,
  footage_id uuid,
  already boolean not null default false,
  recorded_at timestamptz,
  coach_id uuid references coach on delete set null,
  created_at timestamptz not null default now(),
  changed_at timestamptz not null default now()
);
create index arrival_newest on arrival (created_at desc, id);

alter table footage
  add column recorded_at timestamptz,
  add column sample_digest bytea,
  -- What decides whether browsers can show and step the original; null for files that came before this was measured
  add column picture jsonb,
  -- The copy for looking: null until it is made, and for originals that need none
  add column proxy jsonb,
  -- Small pictures in one image, and how they lie in it
  add column filmstrip jsonb;
create index footage_by_sample on footage (sample_digest);

alter table arrival add constraint arrival_footage foreign key (footage_id) references footage on delete set null;

-- What is heard and seen over the file's length, for cutting rounds out of it
create table footage_signal (
  footage_id uuid primary key references footage on delete cascade,
  loudness_per_second real not null,
  loudness bytea not null,
  motion_per_second real not null,
  motion bytea not null,
  bursts jsonb not null
);

-- Work in the background on one file, as the coach sees it; the queue itself belongs to its package
create table footage_work (
  footage_id uuid not null references footage on delete cascade,
  kind text not null constraint footage_work_kind_known check (kind in ('look', 'proxy')),
  state text not null default 'waiting' constraint footage_work_state_known check (state in ('waiting', 'running', 'done', 'failed', 'cancelled')),
  progress real not null default 0 constraint footage_work_progress_bounded check (progress between 0 and 1),
  attempts smallint not null default 0,
  problem jsonb,
  -- The lock that the process at work holds: when nobody holds it any more, the process is dead
  taken_by integer,
  started_at timestamptz,
  changed_at timestamptz not null default now(),
  primary key (footage_id, kind)
);
