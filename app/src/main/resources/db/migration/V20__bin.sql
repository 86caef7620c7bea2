-- What was deleted waits in the bin for 30 days.
alter table trip add column deleted_at timestamp;
alter table kit add column deleted_at timestamp;
-- The trip a kit was for, while one of the two lies in the bin.
alter table kit add column binned_trip uuid;
alter table own_supply add column deleted_at timestamp;
alter table own_medicine add column deleted_at timestamp;
