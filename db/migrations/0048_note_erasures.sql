-- That somebody was made nameless: when, by whom and how much, and not who it was.
create table erasure (
  id uuid primary key,
  done_at timestamptz not null default now(),
  done_by uuid references coach on delete set null,
  counts jsonb not null,
  films text not null constraint erasure_films_known check (films in ('kept', 'blurred')),
  films_left integer not null default 0,
  -- Until when a backup may still hold what was erased
  held_until date
);
create index erasure_newest on erasure (done_at desc, id);
