-- Who shared, took along, brought in, erased, let in and shut out: one line each, and never what it said
create table audit (
  id bigint generated always as identity primary key,
  done_at timestamptz not null default now(),
  coach_id uuid references coach on delete set null,
  what text not null,
  about uuid
);
create index audit_newest on audit (id desc);
