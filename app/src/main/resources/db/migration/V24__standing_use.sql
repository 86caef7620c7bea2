-- What a kit that stays is for: no dates, but a usual week (its legs) and how long until somebody fills it up.
alter table trip add column refill_days integer;
alter table trip add column visiting_adults integer not null default 0;
alter table trip add column visiting_children integer not null default 0;
alter table trip add column visiting_training varchar(40);
alter table trip add constraint trip_refilled check (refill_days is null or refill_days between 7 and 400);
