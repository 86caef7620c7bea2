-- Pieces of one kind may lie in several compartments, and a module lies in one as a whole: its id stands where a supply's does.
-- pieces 0: all that lie in no other compartment.
alter table kit_laid add column pieces int default 0 not null;
alter table kit_laid drop primary key;
alter table kit_laid add primary key (kit_id, supply_id, part_id);
