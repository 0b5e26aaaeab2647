-- What a coach sets a class to be about; empty where the plan decides
alter table academy_class
  add column theme_family text,
  add column theme_place text constraint academy_class_place_known check (theme_place in ('over', 'under', 'level')),
  add constraint academy_class_theme_whole check ((theme_family is null) = (theme_place is null));
-- Days without classes
create table holiday (
  day date primary key,
  title text not null default '' constraint holiday_title_short check (length(title) <= 80)
);
