-- A password that somebody else made up opens for a week: until its owner has made one of their own
alter table coach add column password_until timestamptz;
