-- A clock that is set anew for each turn of an overtime: its readings may jump between ties.
alter table round_clock add column restarts boolean not null default false;
