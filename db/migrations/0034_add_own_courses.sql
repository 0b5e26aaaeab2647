-- How the academy runs a drill of its own, where it differs from the standard one that it is a kind of
alter table own_word add column course jsonb;
