-- What everybody of a belt says about each error, added up: who is compared with others takes their own part out, instead of adding up everybody.
alter table person_standing add column belt text not null default '';
create table group_error (
  error_id text not null,
  -- Empty for a belt that nobody stated
  belt text not null,
  people integer not null,
  events double precision not null,
  exposure double precision not null,
  squares double precision not null,
  event_squares double precision not null,
  judged double precision not null,
  punished double precision not null,
  primary key (error_id, belt)
);

-- Adds somebody's sums to those of the belt under which they stand (sign 1), or takes them out again (sign -1). One transaction after the other: two that
-- each need rows that the other holds would wait for ever.
create function add_to_group(who uuid, sign integer) returns void language plpgsql as $$
begin
  perform pg_advisory_xact_lock(hashtext('group_error'));
  insert into group_error as g (error_id, belt, people, events, exposure, squares, event_squares, judged, punished)
  select e.error_id, s.belt, sign * (e.exposure > 0)::int,
    sign * case when e.exposure > 0 then e.count else 0 end,
    sign * greatest(e.exposure, 0), sign * e.exposure * e.exposure,
    sign * case when e.exposure > 0 then e.count * e.count / e.exposure else 0 end,
    sign * e.judged_by_higher, sign * e.punished_by_higher
  from person_error e join person_standing s on s.person_id = e.person_id where e.person_id = who order by e.error_id
  on conflict (error_id, belt) do update set people = g.people + excluded.people, events = g.events + excluded.events,
    exposure = g.exposure + excluded.exposure, squares = g.squares + excluded.squares, event_squares = g.event_squares + excluded.event_squares,
    judged = g.judged + excluded.judged, punished = g.punished + excluded.punished;
end $$;

update person_standing s set belt = coalesce(p.belt, '') from person p where p.id = s.person_id;
select add_to_group(person_id, 1) from (select person_id from person_standing order by person_id) everybody;

create function person_leaves_group() returns trigger language plpgsql as $$
begin
  perform add_to_group(old.id, -1);
  return old;
end $$;
create trigger person_goes before delete on person for each row execute function person_leaves_group();

-- Rounds that enter no rate are few: they are found without looking at all rounds
create index round_apart on round (held_on desc) where circumstances ->> 'audience' = 'for-the-camera' or circumstances ->> 'intensity' = 'flow';
