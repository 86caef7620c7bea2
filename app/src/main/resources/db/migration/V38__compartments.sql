-- The compartments of a kit or module, and which of its things lies in which.
create table kit_part (
    id           uuid        not null primary key,
    household_id uuid        not null references household,
    kit_id       uuid        not null references stock_place,
    position     int         not null,
    name         varchar(60) not null,
    millilitres  int         not null,
    steps        varchar(200) not null,
    measured     int,
    outside      boolean     not null,
    waterproof   boolean     not null,
    closes       boolean     not null
);

create table kit_laid (
    household_id uuid        not null references household,
    kit_id       uuid        not null references stock_place,
    supply_id    varchar(80) not null,
    part_id      uuid        not null references kit_part,
    pinned       boolean     not null,
    primary key (kit_id, supply_id)
);
