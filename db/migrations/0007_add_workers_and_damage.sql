-- Processes that do the background work say again and again that they live; who has been silent for a while is dead.
-- A lock would go with its connection, and every restart of the database would look like a death.
create table worker (
  number integer primary key,
  seen_at timestamptz not null default now()
);

-- What was found wrong in a film while it was looked through: null for nothing, and for films that were not looked through yet
alter table footage add column damage jsonb;
