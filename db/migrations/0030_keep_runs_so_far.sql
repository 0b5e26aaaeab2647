-- The best run that is found so far, while more is looked for
alter table class_run add column so_far jsonb;
