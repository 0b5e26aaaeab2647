-- Questions that a coach keeps: every round that is reviewed answers them anew
create table coach_question (
  id uuid primary key,
  coach_id uuid not null references coach on delete cascade,
  text text not null constraint coach_question_text_bounded check (length(text) between 1 and 200),
  -- What the coach changed of how the words were read
  meant_id text constraint coach_question_meant_bounded check (length(meant_id) between 1 and 120),
  whose text constraint coach_question_whose_known check (whose in ('own', 'partner', 'either')),
  kept_at timestamptz not null default now()
);
create unique index coach_question_once on coach_question (coach_id, lower(text), coalesce(meant_id, ''), coalesce(whose, ''));
