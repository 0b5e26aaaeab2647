-- Evidence put together as one file: what was counted of a round, with a clip of each entry
create table packet (
  id uuid primary key,
  round_id uuid not null references round on delete cascade,
  content jsonb not null,
  made_by uuid references coach on delete set null,
  made_at timestamptz not null default now()
);
create index packet_of_round on packet (round_id, made_at desc);
