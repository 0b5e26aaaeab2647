-- Films that nobody needs are kept for thirty days like rounds and classes
alter table trash drop constraint trash_kind_known;
alter table trash add constraint trash_kind_known check (kind in ('round', 'class', 'film'));
