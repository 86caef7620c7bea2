-- Who carries what on an outing: named carriers, and what was given to one by hand.
create table carrier (
    id           uuid        not null primary key,
    household_id uuid        not null references household,
    trip_id      uuid        not null references trip on delete cascade,
    position     int         not null,
    name         text        not null,
    place        varchar(60) not null,
    group_no     int         not null,
    most_grams   int,
    whole        boolean     default false not null
);

create table carrier_given (
    carrier_id   uuid        not null references carrier on delete cascade,
    supply_id    varchar(80) not null,
    household_id uuid        not null references household,
    pieces       int         not null,
    primary key (carrier_id, supply_id)
);
