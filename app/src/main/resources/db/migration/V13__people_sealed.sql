-- What is written about people is sealed with a key that lies outside the database; sealed text is longer than plain.
alter table trip_person alter column name set data type varchar(1000);
alter table trip_person alter column allergies set data type varchar(2000);
alter table trip_person alter column conditions set data type varchar(2000);
alter table trip_person alter column rescue set data type varchar(2000);
alter table log_entry alter column who set data type varchar(1000);
alter table log_entry alter column note set data type varchar(1000);
alter table log_entry alter column at_place set data type varchar(1000);
alter table log_entry alter column body_place set data type varchar(1000);
alter table brief_draft alter column form set data type varchar(400000);

-- One known word, sealed: a key that does not open it is the wrong key.
create table seal_proof (
    id     int primary key,
    sealed varchar(200) not null
);

create table person (
    id           uuid primary key,
    household_id uuid not null references household,
    version      bigint not null,
    profile      varchar(200000) not null
);
create index person_of_household on person (household_id);

-- Who looked at what of a person, and when.
create table person_view (
    id           uuid primary key,
    household_id uuid not null references household,
    person_id    uuid not null references person on delete cascade,
    seen_by      varchar(80) not null,
    what         varchar(40) not null,
    seen_at      timestamp not null
);
create index person_view_of_person on person_view (person_id, seen_at);

-- A dose that was taken: the moment in UTC, everything else sealed.
create table dose_taken (
    id           uuid primary key,
    household_id uuid not null references household,
    person_id    uuid not null references person on delete cascade,
    taken_at     timestamp not null,
    log_entry    uuid,
    dose         varchar(8000) not null
);
create index dose_taken_of_person on dose_taken (person_id, taken_at);
create index dose_taken_of_note on dose_taken (log_entry);

-- A household's own products and what their packs say.
create table own_medicine (
    id           uuid primary key,
    household_id uuid not null references household,
    name         varchar(120) not null,
    ingredient   varchar(60) not null,
    form         varchar(20) not null,
    strength_ug  bigint not null,
    also_holds   varchar(400) not null,
    step         varchar(12) not null,
    supply_id    varchar(60),
    per_piece    varchar(12) not null,
    prescribed   boolean not null,
    bands        varchar(4000) not null
);
create index own_medicine_of_household on own_medicine (household_id);

create table medicine_rules (
    household_id uuid primary key references household,
    tradition    varchar(20) not null,
    reserve_days int
);

-- What a household wrote down of a country's rules, with where it read them.
create table country_note (
    id           uuid primary key,
    household_id uuid not null references household,
    country      varchar(80) not null,
    note         varchar(500) not null,
    source       varchar(200) not null,
    read_on      date not null
);
create index country_note_of_household on country_note (household_id);
