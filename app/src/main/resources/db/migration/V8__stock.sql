-- What a household owns. Movements are only ever added; what lies where (stock_balance) follows from them.
create table stock_place (
    id           uuid primary key,
    household_id uuid not null references household,
    name         varchar(80) not null,
    kind         varchar(10) not null,
    inside       uuid references stock_place,
    kit_id       uuid references kit on delete set null,
    made_on      date not null,
    position     int not null,
    unique (household_id, name)
);

-- A lot is written once and never changed; what is opened becomes a lot of its own.
create table stock_lot (
    id               uuid primary key,
    household_id     uuid not null references household,
    supply_id        varchar(60) not null,
    product          varchar(120) not null,
    article          varchar(14) not null,
    lot_code         varchar(40) not null,
    serial           varchar(40) not null,
    printed_until    date,
    month_only       boolean not null,
    received_on      date not null,
    opened_on        date,
    decanted_on      date,
    price_hundredths bigint,
    most_celsius     int,
    condition        varchar(200) not null
);
create index stock_lot_of_household on stock_lot (household_id, supply_id, id);

create table stock_movement (
    id           uuid primary key,
    household_id uuid not null references household,
    number       bigint not null,
    kind         varchar(10) not null,
    lot_id       uuid not null references stock_lot,
    into_lot     uuid references stock_lot,
    from_place   uuid references stock_place,
    to_place     uuid references stock_place,
    pieces       int not null check (pieces > 0),
    made_at      timestamp not null,
    made_by      varchar(80) not null,
    why          varchar(200) not null,
    trip_id      uuid references trip on delete set null,
    undoes       bigint,
    unique (household_id, number),
    unique (household_id, undoes)
);
create index stock_movement_of_lot on stock_movement (lot_id, number);
create index stock_movement_into_lot on stock_movement (into_lot);
create index stock_movement_of_trip on stock_movement (trip_id);

create table stock_balance (
    lot_id       uuid not null references stock_lot,
    place_id     uuid not null references stock_place,
    household_id uuid not null references household,
    pieces       int not null check (pieces >= 0),
    primary key (lot_id, place_id)
);
-- Only holdings with pieces are kept, so this reads what is there now and nothing that is gone.
create index stock_balance_of_household on stock_balance (household_id, place_id);

-- Counts a household's movements; whoever writes one holds this row until it is written.
create table stock_head (
    household_id uuid primary key references household,
    number       bigint not null,
    margin_days  int default 14 not null,
    grace_days   int default 0 not null
);

-- What an article number stood for the last time.
create table stock_product (
    household_id     uuid not null references household,
    article          varchar(14) not null,
    supply_id        varchar(60) not null,
    product          varchar(120) not null,
    pieces           int not null,
    price_hundredths bigint,
    primary key (household_id, article)
);

-- What the household read about a model: superseded or recalled from a day on.
create table stock_withdrawal (
    id           uuid primary key,
    household_id uuid not null references household,
    supply_id    varchar(60) not null,
    product      varchar(120) not null,
    lot_code     varchar(40) not null,
    from_day     date not null,
    note         varchar(200) not null
);
create index stock_withdrawal_of_household on stock_withdrawal (household_id);
