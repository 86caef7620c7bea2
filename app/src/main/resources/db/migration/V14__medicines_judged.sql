-- Below two years the months of an age matter; a mass has a day.
alter table trip_person add column months int default 0 not null;
alter table trip_person add column weighed_on date;
update trip_person p set weighed_on =
    (select case when t.start_date < current_date then t.start_date else current_date end from trip t where t.id = p.trip_id);

-- Who of the household it is, so that a name that is changed or erased is that person's and nobody else's.
alter table trip_person add column person_id uuid;
alter table log_entry add column person_id uuid;

-- Where the clock on the wall stood when something was noted; empty for what was noted before that was kept.
alter table log_entry add column zone varchar(60) default '' not null;

-- A product of one's own: what its strength is said for, whether it releases slowly, what kinds of thing an ingredient is
-- that does not ship, and why it is right although it looked like a slip.
alter table own_medicine add column strength_in varchar(12) default '1' not null;
alter table own_medicine add column slow boolean default false not null;
alter table own_medicine add column classes varchar(400) default '' not null;
alter table own_medicine add column confirmed varchar(300) default '' not null;

-- Whom to ask when one too many was given.
alter table medicine_rules add column poison_advice varchar(120) default '' not null;
