-- What packs cost, as the household's price list says, and what is already ticked off while shopping.
create table price_offer (
    id               uuid primary key,
    household_id     uuid not null references household,
    supply_id        varchar(60) not null,
    name             varchar(120) not null,
    pieces           int not null,
    price_hundredths bigint not null,
    unique (household_id, supply_id, name)
);

create table shopping_tick (
    household_id uuid not null references household,
    supply_id    varchar(60) not null,
    ticked_at    timestamp not null,
    primary key (household_id, supply_id)
);

-- How much is used where, over years, without reading the whole ledger.
create index stock_movement_used on stock_movement (household_id, kind, made_at, from_place, lot_id, pieces);
