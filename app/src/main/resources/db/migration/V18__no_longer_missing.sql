-- What was found missing at a place and no longer belongs there; up to the movement that found it so.
create table stock_let_go (
    household_id uuid not null references household,
    place_id     uuid not null references stock_place,
    supply_id    varchar(60) not null,
    number       bigint not null,
    primary key (household_id, place_id, supply_id)
);
create index stock_movement_counted on stock_movement (household_id, kind, from_place);
