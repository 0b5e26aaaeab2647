-- What a round gave, with the gaps of belt and weight: from many of them an academy learns what those are worth
alter table round_figure add column belt_gap real;
alter table round_figure add column weight_gap real;
alter table round_figure add column result real constraint round_figure_result_bounded check (result between 0 and 1);
create table academy_edge (
  single boolean primary key default true constraint academy_edge_is_one check (single),
  per_belt double precision not null,
  per_tenth double precision not null,
  rounds integer not null
);
