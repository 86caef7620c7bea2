-- What is noted on the trail: to whom, when, where, what was used, and what must be told later.
alter table log_entry add column happened_at timestamp;
alter table log_entry add column who varchar(80) default '' not null;
alter table log_entry add column at_place varchar(120) default '' not null;
alter table log_entry add column tourniquet_at timestamp;
alter table log_entry add column body_place varchar(80) default '' not null;
alter table log_entry add column specimen boolean default false not null;
alter table log_entry add column burn_percent int;

create table log_use (
    entry_id  uuid not null references log_entry on delete cascade,
    supply_id varchar(60) not null,
    pieces    int not null check (pieces > 0),
    primary key (entry_id, supply_id)
);
