-- How full a device was found at a round, in percent.
alter table check_line add column charge int;
