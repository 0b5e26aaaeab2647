-- Accounts and sign-in
create table coach (
  id uuid primary key,
  sign_in_name text not null constraint coach_sign_in_name_lower check (sign_in_name = lower(sign_in_name)),
  display_name text not null,
  role text not null constraint coach_role_known check (role in ('head', 'assistant')),
  password_hash text not null,
  reaction_lead_seconds real not null default 0.3 constraint coach_reaction_lead_bounded check (reaction_lead_seconds between 0 and 3),
  weight_unit text not null default 'kg' constraint coach_weight_unit_known check (weight_unit in ('kg', 'lb')),
  created_at timestamptz not null default now(),
  constraint coach_sign_in_name_unique unique (sign_in_name)
);

create table sign_in_session (
  token_hash bytea primary key,
  coach_id uuid not null references coach on delete cascade,
  created_at timestamptz not null default now(),
  last_seen_at timestamptz not null default now(),
  expires_at timestamptz not null,
  revoked_at timestamptz
);
create index sign_in_session_coach on sign_in_session (coach_id);

create table sign_in_attempt (
  id bigint generated always as identity primary key,
  sign_in_name text not null,
  address text not null,
  succeeded boolean not null,
  attempted_at timestamptz not null default now()
);
create index sign_in_attempt_recent on sign_in_attempt (attempted_at desc);

-- The academy's own limits: one row
create table academy (
  id smallint primary key default 1 constraint academy_single check (id = 1),
  name text not null,
  live_weight_gap_ratio real not null default 0.2 constraint academy_weight_gap_bounded check (live_weight_gap_ratio between 0.02 and 2),
  minors_with_adults boolean not null default false
);

-- People on the mat: students, known partners, guests
create table person (
  id uuid primary key,
  name text not null constraint person_name_filled check (length(trim(name)) between 1 and 80),
  standing text not null constraint person_standing_known check (standing in ('student', 'partner', 'guest')),
  division text constraint person_division_known check (division in ('male', 'female')),
  born_on date,
  belt text not null,
  stripes smallint not null default 0 constraint person_stripes_bounded check (stripes between 0 and 6),
  weight_kg real constraint person_weight_plausible check (weight_kg between 12 and 320),
  injured_until date,
  injury_note text,
  version integer not null default 1,
  created_at timestamptz not null default now()
);
create index person_by_name on person (lower(name), id);

create table do_not_pair (
  one_id uuid not null references person on delete cascade,
  other_id uuid not null references person on delete cascade,
  primary key (one_id, other_id),
  constraint do_not_pair_ordered check (one_id < other_id)
);

-- Footage: files in the data folder
create table footage (
  id uuid primary key,
  original_name text not null,
  storage_name text not null unique,
  byte_length bigint not null constraint footage_not_empty check (byte_length > 0),
  sha256 bytea not null constraint footage_once unique,
  duration_seconds double precision not null constraint footage_lasts check (duration_seconds > 0),
  frame_rate_numerator integer not null,
  frame_rate_denominator integer not null,
  width integer not null,
  height integer not null,
  container text not null,
  video_codec text not null,
  audio_codec text,
  uploaded_by uuid references coach on delete set null,
  uploaded_at timestamptz not null default now()
);
create index footage_newest on footage (uploaded_at desc, id);

create table round (
  id uuid primary key,
  footage_id uuid references footage on delete restrict,
  held_on date not null,
  uniform text not null constraint round_uniform_known check (uniform in ('gi', 'no-gi')),
  rule_set text not null,
  planned_seconds integer not null constraint round_planned_bounded check (planned_seconds between 30 and 7200),
  occasion text not null constraint round_occasion_known check (occasion in ('sparring', 'positional', 'competition')),
  theme text not null default '',
  number_in_session smallint not null default 1 constraint round_number_bounded check (number_in_session between 1 and 60),
  start_seconds double precision not null constraint round_starts check (start_seconds >= 0),
  end_seconds double precision not null,
  version integer not null default 1,
  created_by uuid references coach on delete set null,
  created_at timestamptz not null default now(),
  constraint round_ends_after_start check (end_seconds > start_seconds)
);
create index round_newest on round (held_on desc, number_in_session desc, id);
create index round_by_footage on round (footage_id);

-- Both athletes as they were on that day
create table round_athlete (
  round_id uuid not null references round on delete cascade,
  slot text not null constraint round_athlete_slot_known check (slot in ('a', 'b')),
  person_id uuid not null references person on delete restrict,
  belt text not null,
  stripes smallint not null constraint round_athlete_stripes_bounded check (stripes between 0 and 6),
  weight_kg real constraint round_athlete_weight_plausible check (weight_kg between 12 and 320),
  weight_source text constraint round_athlete_weight_source_known check (weight_source in ('measured', 'stated', 'estimated')),
  told_apart_by text not null default '',
  primary key (round_id, slot),
  constraint round_athlete_once unique (round_id, person_id)
);
create index round_athlete_by_person on round_athlete (person_id, round_id);

create table mark (
  id uuid primary key,
  round_id uuid not null references round on delete cascade,
  kind text not null,
  at_seconds double precision not null,
  content jsonb not null,
  version integer not null default 1,
  change_id uuid not null,
  deleted_at timestamptz,
  changed_by uuid references coach on delete set null,
  changed_at timestamptz not null default now()
);
create index mark_by_round on mark (round_id, at_seconds, id);

create table mark_history (
  mark_id uuid not null references mark on delete cascade,
  version integer not null,
  content jsonb not null,
  deleted boolean not null,
  change_id uuid not null,
  changed_by uuid references coach on delete set null,
  changed_at timestamptz not null default now(),
  primary key (mark_id, version)
);

-- "class" is a reserved word in TypeScript and an ordinary one here
create table academy_class (
  id uuid primary key,
  title text not null constraint academy_class_titled check (length(trim(title)) between 1 and 80),
  starts_at timestamptz not null,
  minutes integer not null constraint academy_class_minutes_bounded check (minutes between 20 and 240),
  uniform text not null constraint academy_class_uniform_known check (uniform in ('gi', 'no-gi')),
  level text not null default 'all',
  pairs_on_mats integer not null constraint academy_class_pairs_bounded check (pairs_on_mats between 1 and 100),
  version integer not null default 1,
  created_at timestamptz not null default now()
);
create index academy_class_by_start on academy_class (starts_at, id);

create table class_attendee (
  class_id uuid not null references academy_class on delete cascade,
  person_id uuid not null references person on delete cascade,
  chance real not null default 0.8 constraint class_attendee_chance_bounded check (chance > 0 and chance <= 1),
  primary key (class_id, person_id)
);

create table class_plan (
  class_id uuid not null references academy_class on delete cascade,
  version integer not null,
  content jsonb not null,
  locks jsonb not null default '[]',
  made_by uuid references coach on delete set null,
  made_at timestamptz not null default now(),
  primary key (class_id, version)
);
