-- What a household changes in the odds for one trip only.
alter table trip add column stove boolean default true not null;

create table trip_factor (
    trip_id    uuid not null references trip on delete cascade,
    problem_id varchar(60) not null,
    factor     varchar(80) not null,
    amount     double precision not null,
    primary key (trip_id, problem_id, factor)
);
