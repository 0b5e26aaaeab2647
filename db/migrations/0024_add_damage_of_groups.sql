-- What an error cost others where it was linked with what came of it: the price of one that has no price of its own yet
alter table person_error add column damaged double precision not null default 0, add column damage double precision not null default 0;
alter table group_error add column damaged double precision not null default 0, add column damage double precision not null default 0;

create or replace function add_to_group(who uuid, sign integer) returns void language plpgsql as $$
begin
  perform pg_advisory_xact_lock(hashtext('group_error'));
  insert into group_error as g (error_id, belt, people, events, exposure, squares, event_squares, judged, punished, damaged, damage)
  select e.error_id, s.belt, sign * (e.exposure > 0)::int,
    sign * case when e.exposure > 0 then e.count else 0 end,
    sign * greatest(e.exposure, 0), sign * e.exposure * e.exposure,
    sign * case when e.exposure > 0 then e.count * e.count / e.exposure else 0 end,
    sign * e.judged_by_higher, sign * e.punished_by_higher, sign * e.damaged, sign * e.damage
  from person_error e join person_standing s on s.person_id = e.person_id where e.person_id = who order by e.error_id
  on conflict (error_id, belt) do update set people = g.people + excluded.people, events = g.events + excluded.events,
    exposure = g.exposure + excluded.exposure, squares = g.squares + excluded.squares, event_squares = g.event_squares + excluded.event_squares,
    judged = g.judged + excluded.judged, punished = g.punished + excluded.punished,
    damaged = g.damaged + excluded.damaged, damage = g.damage + excluded.damage;
end $$;
