-- Every row belongs to a household, directly or through its trip or kit.

create table household (
    id   uuid primary key,
    name varchar(80) not null
);

create table account (
    id           uuid primary key,
    household_id uuid not null references household,
    sign_in_name varchar(80) not null unique,
    password     varchar(200) not null
);

-- At most one row: whoever writes it made the first account.
create table first_account (
    only_row   int primary key check (only_row = 1),
    account_id uuid not null references account
);

create table trip (
    id            uuid primary key,
    household_id  uuid not null references household,
    version       bigint not null,
    name          varchar(80) not null,
    start_date    date not null,
    end_date      date not null,
    season        varchar(20) not null,
    hours_to_care int not null,
    stance        varchar(20) not null,
    mass_limit_mg bigint not null
);
create index trip_of_household on trip (household_id, start_date);

create table trip_leg (
    trip_id     uuid not null references trip on delete cascade,
    position    int not null,
    activity    varchar(20) not null,
    environment varchar(20) not null,
    half_days   int not null,
    primary key (trip_id, position)
);

create table trip_person (
    trip_id      uuid not null references trip on delete cascade,
    position     int not null,
    name         varchar(80) not null,
    alike        int not null,
    years        int not null,
    body_mass_mg bigint not null,
    training     varchar(20) not null,
    allergies    varchar(400) not null,
    conditions   varchar(400) not null,
    rescue       varchar(400) not null,
    primary key (trip_id, position)
);

create table mat (
    trip_id      uuid primary key references trip on delete cascade,
    household_id uuid not null references household,
    version      bigint not null,
    trip_version bigint not null
);

create table mat_line (
    trip_id   uuid not null references mat on delete cascade,
    supply_id varchar(60) not null,
    pieces    int not null,
    hold      varchar(10) not null,
    primary key (trip_id, supply_id)
);

create table kit (
    id           uuid primary key,
    household_id uuid not null references household,
    trip_id      uuid unique references trip on delete set null,
    version      bigint not null,
    name         varchar(80) not null,
    saved_at     timestamp not null
);
create index kit_of_household on kit (household_id, name);

create table kit_line (
    kit_id    uuid not null references kit on delete cascade,
    position  int not null,
    supply_id varchar(60) not null,
    pieces    int not null,
    primary key (kit_id, position)
);
