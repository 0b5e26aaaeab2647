-- What rounds say, worked out once for each change and read by every page. Nothing here is a source: all of it can be made again from the marks.

-- One row a round that was worked out, also where nobody has marked anything
create table round_figured (
  round_id uuid primary key references round on delete cascade,
  figures_version integer not null,
  mark_count integer not null,
  last_marked_at timestamptz,
  -- How it went on after each mark, for guessing the next call; and which position followed which
  lesson jsonb not null,
  transitions jsonb not null,
  figured_at timestamptz not null default now()
);
create index round_figured_by_version on round_figured (figures_version);

-- What a round says about one of its athletes; absent where it says nothing (no marks, or no sparring)
create table round_figure (
  round_id uuid not null references round on delete cascade,
  slot text not null constraint round_figure_slot_known check (slot in ('a', 'b')),
  person_id uuid not null references person on delete cascade,
  held_on date not null,
  number_in_session smallint not null,
  content jsonb not null,
  primary key (round_id, slot)
);
create index round_figure_by_person on round_figure (person_id, held_on);

-- How often each entry of the vocabulary was marked, by round and in all
create table concept_use (
  round_id uuid not null references round on delete cascade,
  concept_id text not null,
  uses integer not null,
  primary key (round_id, concept_id)
);
create table concept_use_total (
  concept_id text primary key,
  uses bigint not null
);

-- Sums of one person's rounds in the window, for comparing others with them
create table person_error (
  person_id uuid not null references person on delete cascade,
  error_id text not null,
  weighted_count double precision not null,
  weighted_exposure double precision not null,
  judged_by_higher real not null,
  punished_by_higher real not null,
  primary key (person_id, error_id)
);
create index person_error_by_error on person_error (error_id);

-- The line of a person in the list of students
create table person_standing (
  person_id uuid primary key references person on delete cascade,
  as_of date not null,
  rounds integer not null,
  last_held_on date,
  top jsonb
);

create function add_concept_uses() returns trigger language plpgsql as $$
begin
  insert into concept_use_total as t (concept_id, uses)
    select concept_id, sum(uses) from changed group by concept_id order by concept_id
    on conflict (concept_id) do update set uses = t.uses + excluded.uses;
  return null;
end $$;
create function take_concept_uses() returns trigger language plpgsql as $$
begin
  insert into concept_use_total as t (concept_id, uses)
    select concept_id, -sum(uses) from changed group by concept_id order by concept_id
    on conflict (concept_id) do update set uses = t.uses + excluded.uses;
  return null;
end $$;
create trigger concept_use_added after insert on concept_use referencing new table as changed
  for each statement execute function add_concept_uses();
create trigger concept_use_taken after delete on concept_use referencing old table as changed
  for each statement execute function take_concept_uses();

-- Whatever changes what a round says asks for its figures in the same transaction: no writer can forget it. One task a round, however often it is asked for.
-- What a new reading of the rules asks for waits behind what coaches change (a higher number waits longer), in the order in which it is asked for.
create function ask_for_figures(round_ids uuid[], patience integer default 0) returns void language plpgsql as $$
begin
  perform graphile_worker.add_job('figure-round', json_build_object('roundId', id), job_key => 'figure-round:' || id, max_attempts => 6, priority => patience)
    from unnest(round_ids) with ordinality as asked (id, place) order by place;
end $$;
create function mark_asks_for_figures() returns trigger language plpgsql as $$
begin
  perform ask_for_figures(array(select distinct round_id from changed order by 1));
  return null;
end $$;
create trigger mark_added after insert on mark referencing new table as changed for each statement execute function mark_asks_for_figures();
create trigger mark_changed after update on mark referencing new table as changed for each statement execute function mark_asks_for_figures();
create function round_asks_for_figures() returns trigger language plpgsql as $$
begin
  perform ask_for_figures(array(select distinct id from changed order by 1));
  return null;
end $$;
create trigger round_added after insert on round referencing new table as changed for each statement execute function round_asks_for_figures();
create trigger round_changed after update on round referencing new table as changed for each statement execute function round_asks_for_figures();
create trigger athlete_added after insert on round_athlete referencing new table as changed for each statement execute function mark_asks_for_figures();
create trigger athlete_changed after update on round_athlete referencing new table as changed for each statement execute function mark_asks_for_figures();

-- People whose rounds say something else than before have other sums, and so have those whose belt changed. They wait behind all rounds: who has many
-- rounds to be worked out is added up once.
create function ask_for_people(person_ids uuid[]) returns void language plpgsql as $$
begin
  perform graphile_worker.add_job('figure-person', json_build_object('personId', id), job_key => 'figure-person:' || id, max_attempts => 6, priority => 20)
    from unnest(person_ids) as id order by id;
end $$;
create function figure_asks_for_people() returns trigger language plpgsql as $$
begin
  perform ask_for_people(array(select distinct person_id from changed order by 1));
  return null;
end $$;
create trigger round_figure_added after insert on round_figure referencing new table as changed for each statement execute function figure_asks_for_people();
create trigger round_figure_gone after delete on round_figure referencing old table as changed for each statement execute function figure_asks_for_people();
create function belt_asks_for_people() returns trigger language plpgsql as $$
begin
  perform ask_for_people(array(select n.id from new_people n join old_people o on o.id = n.id where n.belt is distinct from o.belt));
  return null;
end $$;
create trigger person_changed after update on person referencing new table as new_people old table as old_people
  for each statement execute function belt_asks_for_people();

-- A merge lets marks count as another entry's
create function merge_asks_for_figures() returns trigger language plpgsql as $$
begin
  perform ask_for_figures(array(
    select distinct m.round_id from mark m join new_words n on n.id = m.concept_id join old_words o on o.id = n.id
    where m.deleted_at is null and n.merged_into_id is distinct from o.merged_into_id));
  return null;
end $$;
create trigger own_word_merged after update on own_word referencing new table as new_words old table as old_words
  for each statement execute function merge_asks_for_figures();

-- Remarks are searched by any part of their words
create extension if not exists pg_trgm;
create index mark_by_note on mark using gin (lower(content ->> 'note') gin_trgm_ops) where deleted_at is null and content ->> 'note' is not null;

-- Lists of rounds go on behind their last row: the whole order is one index
drop index round_newest;
create index round_newest on round (held_on desc, number_in_session desc, id desc);
