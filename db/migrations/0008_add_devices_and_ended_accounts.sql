-- Browsers that a coach has signed in with: guessing from elsewhere does not slow them down. Only a hash of their token is kept.
create table known_device (
  token_hash bytea not null,
  coach_id uuid not null references coach on delete cascade,
  last_used_at timestamptz not null default now(),
  primary key (token_hash, coach_id)
);

-- Whoever has left signs in no more; what they marked and signed keeps their name
alter table coach add column ended_at timestamptz;

create index sign_in_attempt_by_name on sign_in_attempt (sign_in_name, attempted_at desc);
create index sign_in_attempt_by_address on sign_in_attempt (address, attempted_at desc);
