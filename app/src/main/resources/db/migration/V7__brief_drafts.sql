-- A brief somebody is still typing; the trip's id, or the household's own for a trip that is not saved yet.
create table brief_draft (
    household_id   uuid not null references household,
    about          uuid not null,
    opened_version varchar(20) not null,
    saved_at       timestamp not null,
    form           varchar(200000) not null,
    primary key (household_id, about)
);
