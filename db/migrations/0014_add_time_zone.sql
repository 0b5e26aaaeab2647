-- The academy's own time zone, by its name in the IANA database; the server's own where nobody said
alter table academy add column time_zone text;
