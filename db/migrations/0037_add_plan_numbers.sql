-- How the academy plans, where it differs from the usual: minutes, shares, days and weights of the planner, each a whole number by its name.
alter table academy add column plan_numbers jsonb;
