-- Blocks that the coach puts into a class: announcements, a technique, whatever the lessons are not
alter table academy_class add column own_blocks jsonb not null default '[]';
