-- How a class went: in a word, in words, what was dangerous; and of each who came whether they struggled and what hurt
alter table class_attendee
  add column struggled boolean not null default false,
  add column hurt text not null default '' constraint class_hurt_short check (length(hurt) <= 200);
create table class_note (
  class_id uuid primary key references academy_class on delete cascade,
  went text constraint class_went_known check (went in ('as-planned', 'too-easy', 'too-hard', 'ran-out')),
  words text not null default '' constraint class_words_short check (length(words) <= 2000),
  hazards text not null default '' constraint class_hazards_short check (length(hazards) <= 1000),
  version integer not null default 1,
  changed_by uuid references coach on delete set null,
  changed_at timestamptz not null default now()
);
