-- Where a class stands on the mat: every device that shows it shows the same
create table class_clock (
  class_id uuid primary key references academy_class on delete cascade,
  clock jsonb not null,
  version integer not null default 1,
  changed_by uuid references coach on delete set null,
  changed_at timestamptz not null default now()
);
