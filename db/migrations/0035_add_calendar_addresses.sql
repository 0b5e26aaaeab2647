-- The address under which a coach's calendar program reads the classes without signing in: one for each coach, of which only a hash is kept
create table calendar_address (
  coach_id uuid primary key references coach on delete cascade,
  token_hash bytea not null unique,
  made_at timestamptz not null default now(),
  last_read_at timestamptz
);
