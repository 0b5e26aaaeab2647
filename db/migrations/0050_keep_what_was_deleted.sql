-- What was deleted, row by row, for thirty days: it can be brought back as it was
create table trash (
  id uuid primary key,
  kind text not null constraint trash_kind_known check (kind in ('round', 'class')),
  title text not null,
  deleted_at timestamptz not null default now(),
  deleted_by uuid references coach on delete set null
);
create index trash_newest on trash (deleted_at desc, id);
create table trash_row (
  trash_id uuid not null references trash on delete cascade,
  place bigint not null,
  table_name text not null,
  row jsonb not null,
  primary key (trash_id, table_name, place)
);
