-- What else about a trip changes the kit, and further limits. Sets are names of constants with spaces between.
alter table trip add column region varchar(400) default '' not null;
alter table trip add column passage varchar(100) default '' not null;
alter table trip add column dogs int default 0 not null;
alter table trip add column strangers_percent int default 0 not null;
alter table trip add column volume_limit_ul bigint;
alter table trip add column price_limit_hundredths bigint;
alter table trip add column kinds_limit int;
