-- Moments rendered as files: one for each recipe, however often it is asked for
create table clip (
  id uuid primary key,
  -- SHA-256 of the recipe as it is stored and of the renderer's version
  recipe_digest bytea not null constraint clip_once unique,
  recipe jsonb not null,
  state text not null default 'waiting' constraint clip_state_known check (state in ('waiting', 'working', 'ready', 'failed', 'cancelled')),
  progress real not null default 0 constraint clip_progress_bounded check (progress between 0 and 1),
  problem jsonb,
  storage_name text unique,
  cover_name text,
  byte_length bigint,
  seconds double precision,
  width integer,
  height integer,
  -- WebVTT, in the clip's own time; empty where they are in the picture
  captions text not null default '',
  asked_by uuid references coach on delete set null,
  asked_at timestamptz not null default now(),
  changed_at timestamptz not null default now(),
  -- When it was last asked for or looked at: what nobody looks at is made again when somebody does
  used_at timestamptz not null default now(),
  constraint clip_ready_has_file check (state <> 'ready' or (storage_name is not null and byte_length is not null and seconds is not null))
);
create index clip_open on clip (asked_at) where state in ('waiting', 'working');

-- Whose rounds a clip shows: consent is asked of everybody in it
create table clip_round (
  clip_id uuid not null references clip on delete cascade,
  round_id uuid not null references round on delete cascade,
  primary key (clip_id, round_id)
);
create index clip_round_by_round on clip_round (round_id);
