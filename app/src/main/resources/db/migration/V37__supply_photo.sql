-- What a thing looks like, so that whoever fetches it knows it.
create table supply_photo (
    household_id uuid             not null references household,
    supply_id    varchar(80)      not null,
    jpeg         varchar(1000000) not null,
    primary key (household_id, supply_id)
);
