-- What an academy teaches, in its order: units of a belt, each of some entries of the library
create table unit (
  id uuid primary key,
  title text not null constraint unit_titled check (length(trim(title)) between 1 and 120),
  belt text not null constraint unit_belt_known check (belt in ('white', 'blue', 'purple', 'brown', 'black')),
  place integer not null,
  concept_ids text[] not null constraint unit_entries_few check (cardinality(concept_ids) between 1 and 30),
  version integer not null default 1
);
create index unit_by_place on unit (belt, place, id);
