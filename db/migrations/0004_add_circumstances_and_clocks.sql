-- What a round was like, and how each athlete came to it
alter table round add column circumstances jsonb not null default '{}';
alter table round_athlete
  add column condition jsonb not null default '{}',
  -- A small picture that shows who this is: where it was taken in the footage, and its JPEG in base64
  add column still jsonb;

alter table person
  add column height_cm smallint constraint person_height_plausible check (height_cm between 60 and 240),
  add column competes_on date;

-- Belts and weights over time: yesterday's round keeps yesterday's belt
create table belt_step (
  person_id uuid not null references person on delete cascade,
  since_day date not null,
  belt text not null,
  stripes smallint not null constraint belt_step_stripes_bounded check (stripes between 0 and 6),
  primary key (person_id, since_day)
);
create table weighing (
  person_id uuid not null references person on delete cascade,
  since_day date not null,
  weight_kg real not null constraint weighing_plausible check (weight_kg between 12 and 320),
  source text not null constraint weighing_source_known check (source in ('measured', 'stated', 'estimated')),
  primary key (person_id, since_day)
);
-- What the rounds so far say about those days
insert into belt_step (person_id, since_day, belt, stripes)
  select distinct on (a.person_id, a.belt, a.stripes) a.person_id, r.held_on, a.belt, a.stripes
  from round_athlete a join round r on r.id = a.round_id order by a.person_id, a.belt, a.stripes, r.held_on
  on conflict do nothing;
insert into weighing (person_id, since_day, weight_kg, source)
  select distinct on (a.person_id, r.held_on) a.person_id, r.held_on, a.weight_kg, coalesce(a.weight_source, 'stated')
  from round_athlete a join round r on r.id = a.round_id where a.weight_kg is not null order by a.person_id, r.held_on
  on conflict do nothing;

-- A clock that is seen in the footage, tied to it at two or more moments
create table round_clock (
  id uuid primary key,
  round_id uuid not null references round on delete cascade,
  name text not null constraint round_clock_named check (length(trim(name)) between 1 and 40),
  counts text not null constraint round_clock_counts check (counts in ('up', 'down')),
  pauses boolean not null default false,
  ties jsonb not null default '[]',
  version integer not null default 1,
  created_at timestamptz not null default now()
);
create index round_clock_by_round on round_clock (round_id, created_at, id);

-- How long each coach was at a round: for the estimate of what fits into an evening
create table review_time (
  round_id uuid not null references round on delete cascade,
  coach_id uuid not null references coach on delete cascade,
  seconds real not null default 0 constraint review_time_positive check (seconds >= 0),
  last_on date not null default current_date,
  primary key (round_id, coach_id)
);
