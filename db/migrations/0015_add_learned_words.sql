-- What a coach meant by words that were read as something else; said a second time, they become an academy's own words for it
create table call_correction (
  words text not null constraint call_correction_filled check (length(words) between 1 and 60),
  concept_id text not null,
  times integer not null default 1,
  last_at timestamptz not null default now(),
  primary key (words, concept_id)
);
alter table house_alias add column learned boolean not null default false;

-- How certain cards of spoken commentaries are, as this academy's decisions taught it; one row, absent until the first
create table speech_weights (
  id smallint primary key default 1 constraint speech_weights_one_row check (id = 1),
  weights double precision[] not null,
  decided integer not null default 0
);

-- What was said over the footage of a round, recorded in Review: a sound track beside it
create table talk (
  id uuid primary key,
  round_id uuid not null references round on delete cascade,
  storage_name text not null,
  byte_length bigint not null constraint talk_has_length check (byte_length > 0),
  seconds double precision not null constraint talk_lasts check (seconds > 0),
  -- What the footage did meanwhile
  track jsonb not null,
  created_by uuid references coach on delete set null,
  created_at timestamptz not null default now()
);
create index talk_by_round on talk (round_id, created_at, id);
