-- How the academy builds its classes, where it differs from the usual: minutes of warm-up, rounds and close, bounds of a lesson, how many
alter table academy add column class_shape jsonb;
