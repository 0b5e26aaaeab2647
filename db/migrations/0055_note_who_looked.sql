-- Who looked at what and who changed it: one line a day for each person and thing, and never what it said
create table touched (
  day date not null default current_date,
  coach_id uuid not null references coach on delete cascade,
  did text not null constraint touched_did_known check (did in ('saw', 'changed')),
  kind text not null constraint touched_kind_known check (kind in ('student', 'round', 'film', 'class', 'rule-set', 'academy')),
  about uuid not null,
  times integer not null default 1,
  last_at timestamptz not null default now(),
  primary key (day, coach_id, did, kind, about)
);
create index touched_newest on touched (last_at desc, about);
create index touched_about on touched (about, last_at desc);
