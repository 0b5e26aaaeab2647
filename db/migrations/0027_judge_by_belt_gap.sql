-- Who punishes an error, by how the partner's belt stands to one's own: what errors that cost nothing yet may cost one belt up
create table person_verdict (
  person_id uuid not null references person on delete cascade,
  error_id text not null,
  partner text not null check (partner in ('lower', 'same', 'one-up', 'more-up')),
  judged real not null,
  punished real not null,
  primary key (person_id, error_id, partner)
);
create table group_verdict (
  error_id text not null,
  -- Empty for a belt that nobody stated
  belt text not null,
  partner text not null,
  judged double precision not null,
  punished double precision not null,
  primary key (error_id, belt, partner)
);
alter table person_error drop column judged_by_higher, drop column punished_by_higher;
alter table group_error drop column judged, drop column punished;

create or replace function add_to_group(who uuid, sign integer) returns void language plpgsql as $$
begin
  perform pg_advisory_xact_lock(hashtext('group_error'));
  insert into group_error as g (error_id, belt, people, events, exposure, squares, event_squares, damaged, damage)
  select e.error_id, s.belt, sign * (e.exposure > 0)::int,
    sign * case when e.exposure > 0 then e.count else 0 end,
    sign * greatest(e.exposure, 0), sign * e.exposure * e.exposure,
    sign * case when e.exposure > 0 then e.count * e.count / e.exposure else 0 end,
    sign * e.damaged, sign * e.damage
  from person_error e join person_standing s on s.person_id = e.person_id where e.person_id = who order by e.error_id
  on conflict (error_id, belt) do update set people = g.people + excluded.people, events = g.events + excluded.events,
    exposure = g.exposure + excluded.exposure, squares = g.squares + excluded.squares, event_squares = g.event_squares + excluded.event_squares,
    damaged = g.damaged + excluded.damaged, damage = g.damage + excluded.damage;
  insert into group_verdict as g (error_id, belt, partner, judged, punished)
  select v.error_id, s.belt, v.partner, sign * v.judged, sign * v.punished
  from person_verdict v join person_standing s on s.person_id = v.person_id where v.person_id = who order by v.error_id, v.partner
  on conflict (error_id, belt, partner) do update set judged = g.judged + excluded.judged, punished = g.punished + excluded.punished;
end $$;

-- Everybody is added up anew, as on a new day.
update person_standing set as_of = 'epoch';
