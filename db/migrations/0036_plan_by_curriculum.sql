-- What decides the theme of a class that nobody set: the errors of those who come, or the next unit of the curriculum
alter table academy add column plan_first text not null default 'errors' constraint academy_plan_first_known check (plan_first in ('errors', 'curriculum'));
