-- A walk through a kit, line by line, and what was found.
create table check_round (
    id           uuid primary key,
    household_id uuid not null references household,
    place_id     uuid not null references stock_place,
    rhythm       varchar(20) not null,
    started_at   timestamp not null,
    started_by   varchar(80) not null,
    finished_at  timestamp
);
create index check_round_of_household on check_round (household_id, place_id, finished_at);

create table check_line (
    round_id uuid not null references check_round on delete cascade,
    position int not null,
    lot_id   uuid not null references stock_lot,
    place_id uuid not null references stock_place,
    seen     int not null,
    answer   varchar(10),
    found    int,
    changed  boolean not null,
    primary key (round_id, position)
);
