-- A way for a student to their own signed reviews, without an account. Only a hash of its token is kept.
create table share_link (
  id uuid primary key,
  -- One closing, or the student's own page with all that is shared
  kind text not null constraint share_link_kind_known check (kind in ('review', 'student')),
  person_id uuid not null references person on delete cascade,
  closing_id uuid references closing on delete cascade,
  token_hash bytea not null constraint share_link_token_once unique,
  made_by uuid references coach on delete set null,
  made_at timestamptz not null default now(),
  expires_at timestamptz not null,
  revoked_at timestamptz,
  -- Opened by somebody who did something on it, not by a program that only fetched it
  opened_count integer not null default 0,
  last_opened_at timestamptz,
  constraint share_link_leads_somewhere check ((kind = 'review') = (closing_id is not null))
);
create index share_link_of_closing on share_link (closing_id);
create index share_link_of_person on share_link (person_id);

-- The clips of one signed version: of what was good, and of each point by its place
create table review_clip (
  review_id uuid not null references signed_review on delete cascade,
  place text not null constraint review_clip_place_known check (place in ('good', '0', '1', '2')),
  clip_id uuid not null references clip on delete cascade,
  primary key (review_id, place)
);
create index review_clip_by_clip on review_clip (clip_id);

-- What students said: to a question, how it felt, whether homework is done. Said anew, it replaces what was said to the same version and not taken yet.
create table student_answer (
  id uuid primary key,
  review_id uuid not null references signed_review on delete cascade,
  person_id uuid not null references person on delete cascade,
  kind text not null constraint student_answer_kind_known check (kind in ('question', 'feeling', 'homework')),
  place smallint not null constraint student_answer_place_bounded check (place between 0 and 19),
  -- What was asked, as they read it
  asked text not null constraint student_answer_asked_bounded check (length(asked) <= 700),
  said text not null default '' constraint student_answer_said_bounded check (length(said) <= 2000),
  -- Which of the answers to choose from, from 0
  choice smallint constraint student_answer_choice_bounded check (choice between 0 and 9),
  is_done boolean,
  said_at timestamptz not null default now(),
  taken_at timestamptz,
  taken_by uuid references coach on delete set null,
  constraint student_answer_once unique (review_id, kind, place)
);
create index student_answer_waiting on student_answer (said_at) where taken_at is null;
create index student_answer_of_person on student_answer (person_id, said_at desc);

-- Whether students may have a page of their own
alter table academy add column student_pages boolean not null default false;
