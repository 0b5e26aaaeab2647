-- A session has a name that can be shown, and what its browser said of itself, so that a coach knows which one to end
alter table sign_in_session
  add column id uuid not null default gen_random_uuid() constraint sign_in_session_id_once unique,
  add column browser text not null default '';
