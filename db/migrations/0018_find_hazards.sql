-- The safety log reads hazards alone: few among all marks
create index mark_hazard on mark (round_id) where kind = 'hazard' and deleted_at is null;
