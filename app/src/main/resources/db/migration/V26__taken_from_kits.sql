-- The code printed on a kit, by which anybody who stands before it says what they took; and what they said, each once.
create table kit_code (
    kit_id       uuid primary key,
    household_id uuid not null references household on delete cascade,
    secret_hash  varchar(64) not null unique,
    made_at      timestamp not null
);
create table taken (
    id           uuid primary key,
    household_id uuid not null references household on delete cascade,
    kit_id       uuid not null,
    place_id     uuid not null,
    supply_id    varchar(60) not null,
    pieces       int not null,
    who          varchar(1000) not null,
    problem_id   varchar(60) not null,
    taken_at     timestamp not null
);
create index taken_of_kit on taken (household_id, kit_id, taken_at);
