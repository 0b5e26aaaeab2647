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
