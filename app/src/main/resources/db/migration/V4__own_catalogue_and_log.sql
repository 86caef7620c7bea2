-- What a household changes in the reference data, and what it logged; both move its forecasts.
create table own_supply (
    household_id uuid not null references household,
    supply_id    varchar(60) not null,
    text         varchar(4000) not null,
    primary key (household_id, supply_id)
);

create table own_rate (
    household_id uuid not null references household,
    problem_id   varchar(60) not null,
    per_thousand double precision not null,
    strength     double precision not null,
    primary key (household_id, problem_id)
);

create table log_entry (
    id           uuid primary key,
    household_id uuid not null references household,
    trip_id      uuid not null references trip on delete cascade,
    happened_on  date not null,
    problem_id   varchar(60) not null,
    times        int not null,
    note         varchar(200) not null
);
create index log_entry_of_trip on log_entry (trip_id, happened_on);
create index log_entry_of_household on log_entry (household_id);

-- A trip is here when its log is complete and the household learns from it.
create table logged_trip (
    trip_id      uuid primary key references trip on delete cascade,
    household_id uuid not null references household
);
create index logged_trip_of_household on logged_trip (household_id);
