-- Reels that somebody put together and named
create table reel (
  id uuid primary key,
  name text not null constraint reel_named check (length(trim(name)) between 1 and 120),
  content jsonb not null,
  version integer not null default 1,
  made_by uuid references coach on delete set null,
  made_at timestamptz not null default now(),
  changed_by uuid references coach on delete set null,
  changed_at timestamptz not null default now()
);
create index reel_newest on reel (changed_at desc, id);
