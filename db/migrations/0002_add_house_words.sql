-- The academy's own words: always a kind of a standard entry, whose id stands before the "~"
create table own_word (
  id text primary key constraint own_word_is_a_kind check (id like '%~%'),
  name text not null constraint own_word_named check (length(trim(name)) between 1 and 60),
  words text not null default '',
  merged_into_id text constraint own_word_not_into_itself check (merged_into_id <> id),
  version integer not null default 1,
  created_by uuid references coach on delete set null,
  created_at timestamptz not null default now()
);

create table house_name (
  concept_id text primary key,
  name text not null constraint house_name_filled check (length(trim(name)) between 1 and 60)
);

create table house_alias (
  concept_id text not null,
  alias text not null constraint house_alias_filled check (length(trim(alias)) between 1 and 60),
  primary key (concept_id, alias)
);

create table hidden_concept (
  concept_id text primary key
);

create table school_choice (
  school_id text primary key,
  option_key text not null
);

-- Pieces of own footage that show how it is done
create table reference_clip (
  id uuid primary key,
  concept_id text not null,
  footage_id uuid not null references footage on delete restrict,
  start_seconds double precision not null constraint reference_clip_starts check (start_seconds >= 0),
  end_seconds double precision not null,
  speed real not null default 1 constraint reference_clip_speed_bounded check (speed between 0.1 and 2),
  caption text not null default '',
  drawing jsonb not null default '[]',
  created_by uuid references coach on delete set null,
  created_at timestamptz not null default now(),
  constraint reference_clip_ends_after_start check (end_seconds > start_seconds)
);
create index reference_clip_by_concept on reference_clip (concept_id, created_at, id);

-- What a mark names, so that one entry's marks are found without reading every round
alter table mark add column concept_id text generated always as (
  coalesce(content ->> 'positionId', content ->> 'gripId', content ->> 'techniqueId', content ->> 'errorId', content ->> 'strengthId')
) stored;
create index mark_by_concept on mark (concept_id, round_id) where deleted_at is null;
