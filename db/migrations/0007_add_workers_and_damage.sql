-- Processes that do the background work say again and again that they live; who has been silent for a while is dead.
-- A lock would go with its connection, and every restart of the database would look like a death.
create table worker (
  number integer primary key,
  seen_at timestamptz not null default now()
);

-- How many processes ended while they were at it: that is nobody's failed try, but work that ends one after the other must stop some time
alter table footage_work add column deaths smallint not null default 0;

-- What was found wrong in a film while it was looked through: null for nothing, and for films that were not looked through yet
alter table footage add column damage jsonb;
