-- What became of a class: who came (null: nobody said) and what was really drilled
alter table class_attendee add column came boolean;
create table class_drilled (
  class_id uuid not null references academy_class on delete cascade,
  drill_id text not null,
  minutes integer not null constraint class_drilled_minutes_bounded check (minutes between 1 and 240),
  primary key (class_id, drill_id)
);
create index class_attendee_by_person on class_attendee (person_id);
