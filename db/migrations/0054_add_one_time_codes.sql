-- A second proof at the door, for accounts that want one: codes of an authenticator (RFC 6238), and ten recovery codes that each open once
create table one_time_codes (
  coach_id uuid primary key references coach on delete cascade,
  secret bytea not null,
  -- Set once a code proved that the authenticator has the secret; asked for at the door from then on.
  confirmed_at timestamptz,
  -- The time step of the last code that was taken: none opens twice.
  last_step bigint not null default 0
);
create table recovery_code (
  coach_id uuid not null references coach on delete cascade,
  code_hash bytea not null,
  used_at timestamptz,
  primary key (coach_id, code_hash)
);
-- Whoever has shown the right password and is asked for a code
create table half_sign_in (
  token_hash bytea primary key,
  coach_id uuid not null references coach on delete cascade,
  expires_at timestamptz not null
);
