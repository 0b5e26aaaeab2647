-- What a coach keeps in mind about somebody, and who agreed, when, that they are filmed and their footage shown
alter table person add column note text not null default '' constraint person_note_bounded check (length(note) <= 4000);
alter table person add column consent_by text constraint consent_by_bounded check (length(consent_by) between 1 and 120);
alter table person add column consent_on date;
alter table person add constraint consent_is_whole check ((consent_by is null) = (consent_on is null));
