-- What a review closes: one athlete of a round, somebody's days (an evening, a visit), or the whole academy's days. Each signing is a version of it
create table closing (
  id uuid primary key default gen_random_uuid(),
  kind text not null constraint closing_kind_known check (kind in ('round', 'days', 'academy')),
  round_id uuid references round on delete cascade,
  slot text constraint closing_slot_known check (slot in ('a', 'b')),
  person_id uuid references person on delete cascade,
  first_day date,
  last_day date,
  constraint closing_of_round check ((kind = 'round') = (round_id is not null and slot is not null)),
  constraint closing_of_person check ((kind = 'days') = (person_id is not null)),
  constraint closing_of_days check ((kind = 'round') = (first_day is null) and (first_day is null) = (last_day is null) and last_day >= first_day)
);
create unique index closing_once_of_round on closing (round_id, slot) where kind = 'round';
create unique index closing_once_of_days on closing (person_id, first_day, last_day) where kind = 'days';
create unique index closing_once_of_academy on closing (first_day, last_day) where kind = 'academy';

insert into closing (kind, round_id, slot) select distinct 'round', round_id, slot from signed_review;
alter table signed_review add column closing_id uuid references closing on delete cascade;
update signed_review s set closing_id = c.id from closing c where c.round_id = s.round_id and c.slot = s.slot;
alter table signed_review alter column closing_id set not null;
alter table signed_review drop constraint signed_review_version_once;
alter table signed_review drop column round_id;
alter table signed_review drop column slot;
alter table signed_review add constraint signed_review_version_once unique (closing_id, version);

-- Who a closing is for and when, whatever it closes; the athletes of a round are those of its card
create view closing_about as
  select c.id as closing_id, c.kind, a.person_id, r.held_on as last_day, r.held_on as first_day, r.number_in_session::integer as place, c.round_id, c.slot
  from closing c join round r on r.id = c.round_id join round_athlete a on a.round_id = c.round_id and a.slot = c.slot
  where c.kind = 'round'
  union all
  select c.id, c.kind, c.person_id, c.last_day, c.first_day, 1000, null, null from closing c where c.kind <> 'round';

-- The latest signing of each closing: what holds
create view latest_review as
  select distinct on (s.closing_id) s.id, s.closing_id, s.version, s.content, s.signed_by, s.signed_at
  from signed_review s order by s.closing_id, s.version desc;
