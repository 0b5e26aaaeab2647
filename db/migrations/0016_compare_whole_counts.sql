-- What students are compared with are whole counts: only a student's own rounds count for less with age
alter table person_error rename column weighted_count to count;
alter table person_error rename column weighted_exposure to exposure;
-- Whose line is of before is added up anew by the worker
update person_standing set as_of = 'epoch';
