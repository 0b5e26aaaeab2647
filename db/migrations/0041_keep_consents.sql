-- Who agreed to what, when, for how long: one line for each time that somebody said so, none is overwritten
create table consent (
  id uuid primary key,
  person_id uuid not null references person on delete cascade,
  -- To be filmed; that their footage is shown to others than their coaches; that they are named there
  purpose text not null constraint consent_purpose_known check (purpose in ('film', 'show', 'name')),
  given_by text not null constraint consent_given_by_filled check (length(trim(given_by)) between 1 and 120),
  by_guardian boolean not null default false,
  given_on date not null,
  until_day date,
  withdrawn_on date,
  note text not null default '' constraint consent_note_bounded check (length(note) <= 500),
  recorded_by uuid references coach on delete set null,
  recorded_at timestamptz not null default now(),
  constraint consent_lasts check (until_day is null or until_day >= given_on),
  constraint consent_withdrawn_after check (withdrawn_on is null or withdrawn_on >= given_on)
);
create index consent_of_person on consent (person_id, given_on desc);

-- What stood on the card until now covered both. Of somebody who was a minor then, it was a guardian's unless they said it themselves.
insert into consent (id, person_id, purpose, given_by, by_guardian, given_on)
select gen_random_uuid(), p.id, one.purpose, p.consent_by,
  coalesce(p.born_on > p.consent_on - interval '18 years', p.belt like 'child-%' or p.belt like 'grey%' or p.belt like 'yellow%' or p.belt like 'orange%' or p.belt like 'green%', false)
    and lower(trim(p.consent_by)) not in ('themselves', 'themself', 'herself', 'himself', 'self', 'they'),
  p.consent_on
from person p cross join (values ('film'), ('show')) as one (purpose) where p.consent_by is not null;
alter table person drop constraint consent_is_whole;
alter table person drop column consent_by;
alter table person drop column consent_on;

-- Where messages to them go; empty for nowhere
alter table person add column email text not null default '' constraint person_email_bounded check (length(email) <= 254);
