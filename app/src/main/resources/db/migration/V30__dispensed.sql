-- What a clinician of the household handed to somebody, with what its label says.
create table dispensed (
    id           uuid primary key,
    household_id uuid not null references household on delete cascade,
    number       int not null,
    person_id    uuid,
    who          varchar(1000) not null,
    product      varchar(160) not null,
    quantity     varchar(80) not null,
    directions   varchar(4000) not null,
    lots         varchar(400) not null,
    good_until   date,
    given_by     varchar(1000) not null,
    given_at     timestamp not null,
    unique (household_id, number)
);
