-- What was done about somebody's errors follows from when classes were, who came and what was drilled: whatever changes one of them asks for their sums, also
-- a class that is moved to another day, deleted, brought back or taken in from elsewhere.
create function attendee_asks_for_people() returns trigger language plpgsql as $$
begin
  perform ask_for_people(array(select distinct person_id from changed where came is not null order by 1));
  return null;
end $$;
create trigger attendee_added after insert on class_attendee referencing new table as changed for each statement execute function attendee_asks_for_people();
create trigger attendee_changed after update on class_attendee referencing new table as changed for each statement execute function attendee_asks_for_people();
create trigger attendee_gone after delete on class_attendee referencing old table as changed for each statement execute function attendee_asks_for_people();
create function drilled_asks_for_people() returns trigger language plpgsql as $$
begin
  perform ask_for_people(array(
    select distinct a.person_id from class_attendee a join changed c on c.class_id = a.class_id where a.came is not null order by 1));
  return null;
end $$;
create trigger drilled_added after insert on class_drilled referencing new table as changed for each statement execute function drilled_asks_for_people();
create trigger drilled_changed after update on class_drilled referencing new table as changed for each statement execute function drilled_asks_for_people();
create trigger drilled_gone after delete on class_drilled referencing old table as changed for each statement execute function drilled_asks_for_people();
create function class_asks_for_people() returns trigger language plpgsql as $$
begin
  perform ask_for_people(array(
    select distinct a.person_id from class_attendee a join new_classes n on n.id = a.class_id join old_classes o on o.id = n.id
    where a.came is not null and n.starts_at is distinct from o.starts_at order by 1));
  return null;
end $$;
create trigger class_moved after update on academy_class referencing new table as new_classes old table as old_classes
  for each statement execute function class_asks_for_people();
