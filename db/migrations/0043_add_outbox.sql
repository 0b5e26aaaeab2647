-- Messages to students, as files in the outbox folder; sent on only where a server for it is set
create table message (
  id uuid primary key,
  kind text not null constraint message_kind_known check (kind in ('review', 'homework', 'question')),
  person_id uuid not null references person on delete cascade,
  address text not null,
  subject text not null,
  file_name text not null unique,
  -- The same reason writes one message
  reason text not null constraint message_once unique,
  made_at timestamptz not null default now(),
  sent_at timestamptz,
  problem text
);
create index message_newest on message (made_at desc, id);
