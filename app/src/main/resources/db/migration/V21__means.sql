-- How a kit travels, what is at hand on the way, and how much is enough; null where it follows from the rest of the brief.
alter table trip add column carriage varchar(40);
alter table trip add column reach varchar(200);
alter table trip add column thrift varchar(20) default 'USUAL' not null;
alter table trip add column comfort boolean default false not null;
