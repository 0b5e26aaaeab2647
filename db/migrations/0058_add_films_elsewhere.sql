-- Films that lie in a store elsewhere as well, or only there: by the name of their file. Those that nobody looked at for longest leave this disk first.
create table film_elsewhere (
  storage_name text primary key,
  byte_length bigint not null,
  put_at timestamptz not null default now(),
  used_at timestamptz not null default now()
);
