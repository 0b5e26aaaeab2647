-- What nobody said is unknown, and not white, nor five minutes
alter table person alter column belt drop not null;
alter table round_athlete alter column belt drop not null;
alter table round alter column planned_seconds drop not null;
