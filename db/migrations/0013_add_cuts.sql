-- The cuts of a file that are not rounds yet: begun on one machine, they are there on another
create table footage_cut (
  footage_id uuid primary key references footage on delete cascade,
  cuts jsonb not null,
  shape smallint not null default 1,
  version integer not null default 1,
  changed_by uuid references coach on delete set null,
  changed_at timestamptz not null default now()
);
