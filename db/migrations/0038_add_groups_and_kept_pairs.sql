-- Two groups side by side in a class, each with a coach of its own: how many coaches there are, and who and what was in which group (0: all of the class).
alter table academy_class add column coaches smallint not null default 1 constraint academy_class_coaches_known check (coaches in (1, 2));
alter table class_attendee add column group_number smallint not null default 0 constraint class_attendee_group_known check (group_number in (0, 1, 2));
alter table class_drilled add column group_number smallint not null default 0 constraint class_drilled_group_known check (group_number in (0, 1, 2));
alter table class_clock add column group_number smallint not null default 0 constraint class_clock_group_known check (group_number in (0, 1, 2));
alter table class_clock drop constraint class_clock_pkey;
alter table class_clock add primary key (class_id, group_number);
-- What the coach decided about a class beside its lessons: who works together, and whether its plan stays as it is when the weeks are planned.
alter table academy_class add column kept_pairs jsonb not null default '[]';
alter table academy_class add column is_kept boolean not null default false;
