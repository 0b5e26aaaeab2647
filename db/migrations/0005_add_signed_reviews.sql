-- What a coach signed about one athlete of a round; each signing is a version of its own, and the earlier ones stay readable
create table signed_review (
  id uuid primary key,
  round_id uuid not null references round on delete cascade,
  slot text not null constraint signed_review_slot_known check (slot in ('a', 'b')),
  version integer not null constraint signed_review_version_positive check (version > 0),
  content jsonb not null,
  signed_by uuid references coach on delete set null,
  signed_at timestamptz not null default now(),
  constraint signed_review_version_once unique (round_id, slot, version)
);
